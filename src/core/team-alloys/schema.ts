import { z } from 'zod';
import { plainDateSchema } from '../base/plain-date-schema';
import { ALLOY_FAMILIES, HAZARDS, type Alloy } from '../catalogue/alloys';
import { ROUTES } from '../catalogue/routes';
import type { AlloyFacts } from './types';

const number = (least: number, most: number) => z.number().min(least).max(most).optional();
const above = (most: number) => z.number().positive().max(most).optional();
const triple = (least: number, most: number) =>
  z
    .tuple([z.number().min(least).max(most), z.number().min(least).max(most), z.number().min(least).max(most)])
    .refine(([low, likely, high]) => low <= likely && likely <= high, 'low ≤ likely ≤ high is wanted')
    .optional();
const grade = number(1, 5);
const strength = z.number().min(0).max(5000).nullable();
const words = (most: number) => z.string().trim().max(most);
const ids = (list: readonly { readonly id: string }[]): string => list.map(({ id }) => id).join(', ');
const oneOf = (list: readonly { readonly id: string }[]) =>
  z.string().refine((id) => list.some((x) => x.id === id), `one of ${ids(list)} is wanted`);

/** Facts of an alloy as they are sent and stored. */
export const ALLOY_FACTS_SCHEMA = z.strictObject({
  family: oneOf(ALLOY_FAMILIES).optional(),
  designations: z.array(words(120).min(1)).max(20).optional(),
  uses: words(400).optional(),
  density_kg_m3: number(500, 25_000),
  densityLiquid_kg_m3: number(500, 25_000),
  solidus_C: number(30, 3500),
  liquidus_C: number(30, 3500),
  latentHeat_kJ_kg: above(2000),
  cpSolid_kJ_kgK: above(10),
  cpLiquid_kJ_kgK: above(10),
  conductivity_W_mK: above(500),
  patternShrink_pct: triple(-2, 10),
  dieShrink_pct: triple(-2, 10),
  solidificationShrink_pct: triple(-5, 15),
  fluidity: grade,
  hotTearing: grade,
  pressureTightness: grade,
  price_USD_kg: triple(0.01, 1e6),
  meltLoss_pct: triple(0, 50),
  machinability: number(1, 500),
  specificCuttingEnergy_J_mm3: triple(0.01, 50),
  serviceMax_C: number(-100, 3000),
  weldability: grade,
  leadFree: z.boolean().optional(),
  leadMax_pct: number(0, 100),
  hazards: z.array(oneOf(HAZARDS)).max(20).optional(),
  routes: z
    .record(
      oneOf(ROUTES),
      z.strictObject({
        fit: z.enum(['usual', 'possible', 'special', 'no']),
        why: words(400),
        pour_C: z
          .tuple([z.number().min(30).max(3500), z.number().min(30).max(3500)])
          .refine(([low, high]) => low <= high, 'low ≤ high is wanted')
          .optional(),
      }),
    )
    .optional(),
  conditions: z
    .array(
      z.strictObject({
        name: words(120).min(1),
        yield_MPa: strength,
        uts_MPa: strength,
        elongation_pct: z.number().min(0).max(100).nullable(),
        routes: z.array(oneOf(ROUTES)).max(20),
      }),
    )
    .min(1, 'at least one condition is wanted')
    .max(20)
    .optional(),
});

/** What a team says of an alloy, with its name and where that was read. */
export const TEAM_ALLOY_SCHEMA = z.strictObject({
  name: words(80).min(1, 'a name of at least one letter is wanted'),
  from: z.string(),
  facts: ALLOY_FACTS_SCHEMA,
  source: words(400).default(''),
  date: plainDateSchema.nullable().default(null),
});

/** A price as it is sent. */
export const ALLOY_PRICE_SCHEMA = z
  .strictObject({
    low: z.number().positive().max(1e6),
    likely: z.number().positive().max(1e6),
    high: z.number().positive().max(1e6),
    date: plainDateSchema,
    source: words(400).min(1, 'where the price was read is wanted'),
  })
  .refine(({ low, likely, high }) => low <= likely && likely <= high, {
    message: 'low ≤ likely ≤ high is wanted',
    path: ['likely'],
  });

/** What is wrong with the facts of an alloy: where, what was given, what would be accepted. */
export interface AlloyIssue {
  readonly path: string;
  readonly value: unknown;
  readonly message: string;
}

/**
 * Reads the facts of an alloy from unknown data, and sees whether they fit each other and those that are copied.
 *
 * @param raw anything: JSON of a request or a row
 * @param base the alloy they were copied from
 * @returns the facts, or every issue
 * @example
 * parseAlloyFacts({ density_kg_m3: -1 }, alloy).ok // false
 */
export function parseAlloyFacts(
  raw: unknown,
  base: Alloy,
): { readonly ok: true; readonly facts: AlloyFacts } | { readonly ok: false; readonly issues: readonly AlloyIssue[] } {
  const read = ALLOY_FACTS_SCHEMA.safeParse(raw);
  if (!read.success)
    return {
      ok: false,
      issues: read.error.issues.slice(0, 100).map((issue) => ({
        path: issue.path.map(String).join('.'),
        value: issue.path.reduce<unknown>(
          (at, key) => (typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined),
          raw,
        ),
        message: wanted(issue),
      })),
    };
  const issues = contradictions(read.data, base);
  return issues.length > 0 ? { ok: false, issues } : { ok: true, facts: read.data };
}

/** What would be accepted, in words that name no type of the code. */
function wanted(issue: z.core.$ZodIssue): string {
  if (issue.code === 'invalid_type')
    return issue.expected === 'tuple' ? 'three figures are wanted: low / likely / high' : 'a number is wanted';
  if (issue.code === 'too_small' && issue.origin === 'number')
    return `${issue.inclusive ? 'at least' : 'more than'} ${issue.minimum} is wanted`;
  if (issue.code === 'too_big' && issue.origin === 'number') return `at most ${issue.maximum} is wanted`;
  return issue.message;
}

function contradictions(facts: AlloyFacts, base: Alloy): AlloyIssue[] {
  const solidus = facts.solidus_C ?? base.solidus_C;
  const liquidus = facts.liquidus_C ?? base.liquidus_C;
  const out: AlloyIssue[] = [];
  const key = facts.solidus_C === undefined ? 'liquidus_C' : 'solidus_C';
  if (solidus > liquidus)
    out.push({ path: key, value: facts[key], message: `a solidus of at most the liquidus, ${liquidus} °C, is wanted` });
  for (const [route, { fit, pour_C: pour }] of Object.entries(facts.routes ?? {})) {
    const heat = pour ?? base.pour_C[route];
    const path = `routes.${route}.pour_C`;
    if (fit === 'no') continue;
    if (heat === undefined) out.push({ path, value: null, message: 'the heat it is poured at, low / high, is wanted' });
    else if (heat[1] < liquidus)
      out.push({ path, value: heat.join(' / '), message: `a heat above the liquidus, ${liquidus} °C, is wanted` });
  }
  return out;
}
