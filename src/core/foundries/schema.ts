import { z } from 'zod';
import { plainDateSchema } from '../base/plain-date-schema';
import { CAPABILITY_FAMILIES, findLane } from '../catalogue/routes';
import type { FoundryProfile } from './types';

const basis = z.enum(['claimed', 'measured', 'assumed']);
const said = <T extends z.ZodType>(v: T) =>
  z.strictObject({ v, basis, date: plainDateSchema, note: z.string().max(400).optional() }).optional();

const above = (most: number) => z.number().positive().max(most);
const share = z.number().min(0).max(0.95);
const ordered = (band: readonly number[]): boolean =>
  (band[0] ?? 0) <= (band[1] ?? 0) && (band[1] ?? 0) <= (band[2] ?? 0);
const band = (figure: z.ZodNumber) =>
  z.union([figure, z.tuple([figure, figure, figure]).refine(ordered, 'low ≤ likely ≤ high is wanted')]);
const sides = z
  .tuple([above(20_000), above(20_000), above(20_000)])
  .refine(([a, b, c]) => a >= b && b >= c, 'sides from the longest to the shortest are wanted');
const width = z.strictObject({
  totalBase_mm: above(100),
  upTo_mm: above(10_000),
  perMm: z.number().min(0).max(1),
  maxNominal_mm: above(20_000).optional(),
});
const steps = (figure: z.ZodNumber) => ({ usual: figure, exceptional: figure.optional(), most: figure });
const rising = ({
  usual,
  exceptional,
  most,
}: {
  usual: number;
  exceptional?: number | undefined;
  most: number;
}): boolean => usual <= (exceptional ?? usual) && (exceptional ?? usual) <= most;
const kg = above(200_000);
const mm = above(5000);

const lineSchema = z
  .strictObject({
    route: z.string(),
    variant: z.string(),
    volumePerYear: said(
      z
        .strictObject({ least: z.number().min(0).max(1e8), most: above(1e9) })
        .refine(({ least, most }) => least <= most, 'least ≤ most is wanted'),
    ),
    mass_kg: said(
      z
        .strictObject({ least: z.number().min(0).max(200_000).optional(), ...steps(kg) })
        .refine(rising, 'usual ≤ exceptional ≤ most is wanted'),
    ),
    size_mm: said(z.strictObject({ usual: sides, exceptional: sides.optional(), most: sides })),
    wall_mm: said(
      z.partialRecord(
        z.enum(CAPABILITY_FAMILIES),
        z
          .strictObject({ usual: mm, exceptional: mm, least: mm.optional() })
          .refine(({ usual, exceptional, least }) => (least ?? exceptional) <= exceptional && exceptional <= usual, {
            message: 'least ≤ exceptional ≤ usual is wanted',
          }),
      ),
    ),
    sectionMax_mm: said(mm),
    holeMin_mm: said(mm),
    holeTol_mm: said(above(100)),
    tolCritical: said(width),
    tolOther: said(width),
    acrossPartingAdd_mm: said(z.number().min(0).max(100)),
    finish: said(z.strictObject({ Ra_um: above(500) })),
    undercuts: said(
      z.strictObject({
        ways: z.array(z.string().min(1).max(120)).max(20),
        most: z.number().int().min(0).max(500).optional(),
      }),
    ),
    positions: said(
      z
        .strictObject({ usual: z.number().int().min(1).max(5000), reliable: z.number().int().min(1).max(5000) })
        .refine(({ usual, reliable }) => reliable <= usual, 'reliable ≤ usual is wanted'),
    ),
    poursPerShift: said(above(100_000)),
    scrap: said(z.strictObject({ new: band(share), settled: band(share) })),
    warmUpPours: said(band(z.number().min(0).max(1000))),
    toolLife: said(band(above(1e8))),
    yield: said(band(above(1))),
  })
  .refine(({ route, variant }) => findLane(`${route}/${variant}`) !== undefined, {
    message: 'a variant of the nine routes is wanted',
    path: ['variant'],
  });

const word = z.string().min(1).max(120);

/** A profile as it is sent and stored. */
export const PROFILE_SCHEMA = z.strictObject({
  lines: z
    .array(lineSchema)
    .max(40)
    .refine((lines) => new Set(lines.map((l) => `${l.route}/${l.variant}`)).size === lines.length, {
      message: 'each variant once is wanted',
    }),
  alloys: said(
    z.strictObject({
      poured: z.array(word).max(200),
      refused: z.array(z.strictObject({ what: word, why: z.string().max(400) })).max(100),
      offeredInstead: z.array(z.strictObject({ asked: word, offered: word, why: z.string().max(400) })).max(100),
    }),
  ),
  machines: said(
    z
      .array(
        z.strictObject({
          kind: word,
          n: z.number().int().min(1).max(1000),
          clamp_MN: above(200).optional(),
          detail: z.string().max(200).optional(),
        }),
      )
      .max(100),
  ),
  casters: said(z.number().int().min(0).max(10_000)),
  shifts: said(
    z
      .strictObject({
        n: z.number().int().min(1).max(3),
        hours: above(12),
        daysPerWeek: z.number().int().min(1).max(7),
      })
      .refine(({ n, hours }) => n * hours <= 24, 'shifts that fit a day of 24 hours are wanted'),
  ),
  toolroom: said(z.strictObject({ own: z.boolean(), changeDays: z.number().min(0).max(500) })),
  cores: said(z.strictObject({ maker: z.enum(['house', 'bought']) })),
  queue_workingDays: said(band(z.number().min(0).max(1000))),
  leadFirstArticle_d: said(
    z.tuple([z.number().min(0), z.number().min(0), z.number().min(0)]).refine(ordered, 'low ≤ likely ≤ high is wanted'),
  ),
  leadLot_d: said(
    z.tuple([z.number().min(0), z.number().min(0), z.number().min(0)]).refine(ordered, 'low ≤ likely ≤ high is wanted'),
  ),
  inHouse: said(
    z.strictObject({
      heatTreatment: z.boolean(),
      xray: z.boolean(),
      trim: z.boolean(),
      paint: z.boolean(),
      leakTest: z.boolean(),
    }),
  ),
  licences: said(z.array(word).max(40)),
});

/** What is wrong with a profile: where, what was given, what would be accepted. */
export interface ProfileIssue {
  readonly path: string;
  readonly value: unknown;
  readonly message: string;
}

/**
 * Reads a profile from unknown data; everything wrong is named with its path, the value and what would be accepted.
 *
 * @param raw anything: JSON of a request, a file or a row
 * @example
 * parseFoundryProfile({ lines: [] }).ok // true
 */
export function parseFoundryProfile(
  raw: unknown,
):
  | { readonly ok: true; readonly profile: FoundryProfile }
  | { readonly ok: false; readonly issues: readonly ProfileIssue[] } {
  const read = PROFILE_SCHEMA.safeParse(raw);
  if (read.success) return { ok: true, profile: read.data };
  return {
    ok: false,
    issues: read.error.issues.slice(0, 100).map((issue) => ({
      path: issue.path.map(String).join('.'),
      value: issue.path.reduce<unknown>(
        (at, key) => (typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined),
        raw,
      ),
      message: issue.message,
    })),
  };
}
