import { z } from 'zod';
import { plainDateSchema } from '../base/plain-date-schema';
import { COATINGS } from './coatings.data';
import { OPERATION_WORDS } from './operations.data';

/** A figure that may not be known yet. Missing and null mean the same: not known. */
/** Values of the method that a study may type over, on one route. */
const MOST_METHOD_VALUES = 200;

const known = (schema: z.ZodNumber) => schema.nullish().transform((v) => v ?? null);
const size = (max: number) => known(z.number().positive().max(max));
const count = (max: number) => known(z.number().int().min(0).max(max));
const date = plainDateSchema.nullish().transform((v) => v ?? null);
const text = (max: number) =>
  z
    .string()
    .max(max)
    .nullish()
    .transform((v) => v ?? '');
const flag = z
  .boolean()
  .nullish()
  .transform((v) => v ?? null);

/** One toleranced dimension. tol_mm is the whole width of the zone. */
export const featureSchema = z.strictObject({
  id: z.string().min(1).max(40),
  name: text(80),
  kind: z.enum(OPERATION_WORDS).default('dim'),
  nominal_mm: z.number().positive().max(10_000),
  tol_mm: z.number().positive().max(1000),
  acrossParting: z.boolean().default(false),
  mayMachine: z.boolean().default(true),
  mustMachine: z.boolean().default(false),
  /** One end of the size is made by a core: the core's shift enters its tolerance. */
  acrossCore: z.boolean().default(false),
  critical: z.boolean().default(false),
  area_cm2: z.number().positive().max(100_000).optional(),
  depth_mm: z.number().positive().max(10_000).optional(),
  count: z.number().int().min(1).max(500).optional(),
  Ra_um: z.number().positive().max(50).optional(),
});

/** A pattern of like holes. A threaded hole gives its thread diameter. */
export const holeSchema = z.strictObject({
  dia_mm: z.number().positive().max(2000),
  depth_mm: z.number().positive().max(10_000),
  count: z.number().int().min(1).max(1000).default(1),
  thread: z.boolean().default(false),
  through: z.boolean().default(true),
  tol_mm: z.number().positive().max(100).optional(),
});

const jointKind = z.enum(['weld', 'bolt', 'rivet', 'bond', 'press']);
/** Joints by kind; a kind given as undefined is one that was not said. */
const joints = z
  .partialRecord(jointKind, z.number().int().min(0).max(10_000).optional())
  .transform(
    (given) =>
      Object.fromEntries(Object.entries(given).filter(([, n]) => n !== undefined)) as Partial<
        Record<z.output<typeof jointKind>, number>
      >,
  );

const boxSides = z.tuple([
  z.number().positive().max(10_000),
  z.number().positive().max(10_000),
  z.number().positive().max(10_000),
]);

const atWork = z.number().int().min(1).max(1000).optional();
const shifts = z.number().int().min(1).max(4).optional();
const coating = z.enum(COATINGS);
/** A piece counted by the way it is made. */
const partKinds = z.strictObject({
  cut: z.number().int().min(0).max(10_000).optional(),
  turned: z.number().int().min(0).max(10_000).optional(),
  stamped: z.number().int().min(0).max(10_000).optional(),
  bought: z.number().int().min(0).max(10_000).optional(),
});

const whole = z.number().int().min(0).max(1e9);

/** What must be said beside a measured value, as figures. Lengths mm. */
const remarkSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('nested'), bodies: whole }),
  z.strictObject({
    kind: z.literal('thin'),
    wall_mm: z.number(),
    at_mm: z.tuple([z.number(), z.number(), z.number()]).readonly(),
    share: z.number(),
    rest_mm: z.number(),
  }),
  z.strictObject({ kind: z.literal('hollows'), hollows: whole, atLeast: z.boolean() }),
  z.strictObject({ kind: z.literal('most'), counted: whole, most: whole }),
  z.strictObject({
    kind: z.literal('cut'),
    what: z.enum(['draws tried', 'draws counted out', 'undercuts looked at for a slide', 'places measured']),
    done: whole,
    of: whole,
  }),
]);

/** The model a part was measured from, and what it said. Values as in `geometry`; null is what could not be trusted. */
export const modelSchema = z.strictObject({
  /** Id of the kept file. */
  file: z.string().min(1).max(60),
  name: z.string().min(1).max(200),
  unit: z.enum(['um', 'mm', 'cm', 'm', 'in', 'ft']),
  /** Unit direction the mould opens along, in the axes of the file. */
  draw: z.tuple([z.number(), z.number(), z.number()]),
  measured: z.strictObject({
    volume_cm3: size(1e6),
    area_cm2: size(1e6),
    box_mm: boxSides.nullish().transform((v) => v ?? null),
    wallMin_mm: size(1000),
    sectionMax_mm: size(2000),
    projected_cm2: size(1e6),
    undercuts: count(100),
    passages: count(100),
    coredHoles: count(1000),
  }),
  /** What was done to the surface to close it before it was measured; null where it was measured as it came. */
  repaired: z
    .enum(['holes-filled', 'bodies-parted'])
    .nullish()
    .transform((v) => v ?? null),
  /** Spacing of the places that walls and undercuts were looked for at, mm. */
  resolution_mm: size(1000),
  /** What must be said beside a measured value, by field: a thin feature, a count that is one of at least. Older builds stored words. */
  remarks: z.record(z.string().max(40), z.union([remarkSchema, z.string().max(400)])).default({}),
  /** Height above the foot, along the draw, at which it is widest, mm. Older builds kept none. */
  widest_mm: size(2000),
  /** The heaviest places, heaviest first: along the longer side, the shorter, up the draw, from the middle of the foot. Older builds kept none. */
  heavy: z
    .array(
      z.strictObject({
        at_mm: z.tuple([z.number(), z.number(), z.number()]).readonly(),
        diameter_mm: z.number().positive(),
        modulus_mm: z.number().positive(),
        isolated: z.boolean(),
      }),
    )
    .max(12)
    .readonly()
    .default([]),
  /** Why a measured value was typed over, by field. */
  notes: z.record(z.string().max(40), z.string().max(400)).default({}),
});

/**
 * The part brief: what is known of a metal part. Lengths mm, areas cm², volumes cm³, roughness µm, dates ISO.
 * Missing figures stay unknown (null) and are never guessed silently.
 */
export const briefSchema = z.strictObject({
  title: z.string().trim().min(1, 'a title of at least one letter').max(120),
  what: text(2000),
  alloy: z
    .string()
    .max(60)
    .nullish()
    .transform((v) => v ?? null),
  alloyMode: z.enum(['one', 'candidates', 'needs']).default('one'),
  candidates: z.array(z.string().max(60)).max(4).default([]),
  /** Needs of the metal in words, for whoever reads the brief. */
  alloyNeeds: z.array(z.string().max(60)).max(20).default([]),
  /** What the metal must at least bear and may at most weigh and cost; its other needs are among `needs`. */
  alloyLimits: z
    .strictObject({
      yieldMin_MPa: size(5000),
      elongationMin_pct: size(100),
      densityMax_kg_m3: size(25_000),
      priceMax_USD_kg: size(1e6),
    })
    .prefault({}),
  alloyWhy: text(600),
  geometry: z
    .strictObject({
      volume_cm3: size(1e6),
      area_cm2: size(1e6),
      box_mm: boxSides.nullish().transform((v) => v ?? null),
      wallMin_mm: size(1000),
      sectionMax_mm: size(2000),
      projected_cm2: size(1e6),
      undercuts: count(100),
      passages: count(100),
      coredHoles: count(1000),
      draftAllowed: z
        .union([z.boolean(), z.number().min(0).max(45)])
        .nullish()
        .transform((v) => v ?? null),
      form: z.enum(['prismatic', 'round', 'flat']).default('prismatic'),
      /** One plain flat face may lie open to the air. */
      flatFace: z.boolean().optional(),
    })
    .prefault({}),
  quantity: z
    .strictObject({
      perYear: known(z.number().int().min(1).max(10_000_000)),
      years: known(z.number().positive().max(50)),
      lot: known(z.number().int().min(1).max(10_000_000)),
      prototypes: count(100_000),
      prototypeDate: date,
      firstDelivery: date,
      orderDate: date,
      demand: z
        .tuple([z.number().min(0), z.number().min(0), z.number().min(0)])
        .refine(([low, likely, high]) => low <= likely && likely <= high, 'low ≤ likely ≤ high')
        .nullish()
        .transform((v) => v ?? null),
      variants: z.number().int().min(1).max(100).optional(),
      /** Machines, presses, people and shifts that a way without a casting has, where that is known. */
      capacity: z
        .strictObject({
          machined: z.strictObject({ machines: atWork, shifts: shifts }).optional(),
          stamped: z.strictObject({ presses: atWork, shifts: shifts }).optional(),
          fabricated: z.strictObject({ people: atWork }).optional(),
        })
        .optional(),
    })
    .prefault({}),
  features: z.array(featureSchema).max(200).default([]),
  holes: z.array(holeSchema).max(200).default([]),
  surface: z
    .strictObject({
      Ra_um: size(50),
      Rq_um: z.number().positive().max(60).optional(),
      cosmetic: flag,
      polishAllowed: z.boolean().default(false),
    })
    .prefault({}),
  needs: z
    .strictObject({
      environment: z
        .enum(['indoor', 'outdoor', 'marine', 'hot'])
        .nullish()
        .transform((v) => v ?? null),
      pressureTight: flag,
      leak_cm3_min: z.number().positive().optional(),
      testPressure_bar: z.number().positive().optional(),
      heatTreated: flag,
      heatTreatOptional: z.boolean().default(false),
      welded: flag,
      leadFree: flag,
      inserts: flag,
      castThread: flag,
      cosmeticFace: flag,
      nonMagnetic: z.boolean().optional(),
      coated: z.boolean().default(false),
      /** Coats asked for; coated without any named is painted. */
      coating: z
        .union([coating, z.array(coating).max(8)])
        .transform((given) => (Array.isArray(given) ? given : [given]))
        .optional(),
      /** A bath with hexavalent chromium is asked for. */
      chromate: z.boolean().optional(),
      gasTest: z.boolean().optional(),
      hardened: z.boolean().optional(),
      hardness_HRC: z.number().positive().max(72).optional(),
      /** How fast, and from where, the part must cool. */
      grain: z.enum(['normal', 'fine', 'directional']).optional(),
      xray: z.boolean().default(false),
    })
    .prefault({}),
  today: z
    .strictObject({
      how: text(60),
      parts: known(z.number().int().min(1).max(10_000)),
      joints: joints.prefault({}),
      cost_USD: size(1e7),
      partCost_USD: size(1e7),
      partKinds: partKinds.optional(),
      repairPerYear_USD: z.number().min(0).max(1e7).optional(),
      /** Floor its joining takes, and what comes back of it: shown as lines of today's way. */
      floor_m2: size(1e5),
      returns_pct: known(z.number().min(0).max(90)),
      repair_USD: size(1e7),
      note: text(600),
    })
    .prefault({}),
  /** What the drawing says or shows of its details; advice asks for it, no route is barred by it. */
  detail: z
    .strictObject({
      flowLength_mm: size(10_000),
      step_mm: size(1000),
      blend_mm: size(10_000),
      filletMin_mm: size(1000),
      jointCircle_mm: size(2000),
      rib_mm: size(1000),
      bossWall_mm: size(1000),
      pocketDepth_mm: size(10_000),
      pocketWidth_mm: size(10_000),
      partingSteps: count(100),
      relatedAcross: count(1000),
      coreVolume_cm3: size(1e6),
      printArea_cm2: size(1e6),
      passageMin_mm: size(2000),
      openings: count(100),
      datumTargets: count(100),
      stockLeft_mm: size(100),
      isolatedSections: count(100),
      feedDistance_mm: size(10_000),
      gateFaces: count(100),
      ejectorPlaces: count(1000),
      restrainedLength_mm: size(10_000),
      flatSpan_mm: size(10_000),
      letterStroke_mm: size(100),
      partingDetail_mm: size(100),
      head_mm: size(10_000),
      holdDown_kg: size(1e6),
      touches: z
        .enum(['stainless', 'steel', 'zinc-plated', 'brass', 'aluminium', 'isolated'])
        .nullish()
        .transform((v) => v ?? null),
    })
    .prefault({}),
  /** The part split in two: one piece cast, the other stamped or machined, joined. `other` null is no split. */
  split: z
    .strictObject({
      other: z
        .enum(['stamped', 'machined'])
        .nullish()
        .transform((v) => v ?? null),
      /** Share of the volume that the other piece takes, %. */
      share_pct: known(z.number().positive().max(95)),
      wall_mm: size(1000),
      undercutsOff: count(100),
      passagesOff: count(100),
      joints: joints.prefault({}),
    })
    .prefault({}),
  /** Choices that override the cheapest: positions and tool cavities of a lane, and the variant of a route. */
  overrides: z
    .strictObject({
      layouts: z
        .record(z.string().max(60), z.tuple([z.number().int().min(1).max(10_000), z.number().int().min(0).max(10_000)]))
        .default({}),
      variants: z.record(z.string().max(60), z.string().max(60)).default({}),
      /** Good places counted at a full pour of a lane, of so many. */
      lostPlaces: z
        .record(
          z.string().max(60),
          z
            .strictObject({ good: z.number().int().min(1).max(10_000), of: z.number().int().min(2).max(10_000) })
            .refine(({ good, of }) => good <= of, 'no more good places than there are is wanted'),
        )
        .optional(),
      /** Figures of the method that money and dates are worked out with in place of the book’s, by lane. */
      adopted: z
        .record(
          z.string().max(60),
          z.strictObject({
            date: z.iso.date(),
            /** Seconds in the die by millimetre of the thickest section. */
            dwell_s_mm: z.number().positive().max(1000).optional(),
            yield: z.number().min(0.02).max(0.99).optional(),
            warmUpPours: z.number().int().min(0).max(500).optional(),
            /** Places of a full pour that do not fill, as a share. */
            lostShare: z.number().min(0).max(0.95).optional(),
            cooling_h: z.number().min(0).max(500).optional(),
          }),
        )
        .optional(),
      /** Values of the method typed over the usual ones, by lane and by what they are of; in the units of the method sheet. */
      method: z
        .record(z.string().max(60), z.record(z.string().max(60), z.number().min(-1e9).max(1e9)))
        .refine((all) => Object.values(all).every((own) => Object.keys(own).length <= MOST_METHOD_VALUES), {
          message: `at most ${MOST_METHOD_VALUES} values of a route are wanted`,
        })
        .optional(),
    })
    .prefault({}),
  /** Ranking method whose first lane leads this study. */
  leads: z.enum(['cost', 'soonest', 'spare', 'regret', 'weighted']).default('cost'),
  /** A plan in two steps that was adopted: the first pieces on one lane, the rest on another. */
  plan: z
    .strictObject({
      first: z.string().min(1).max(60),
      then: z.string().min(1).max(60),
      pieces: z.number().int().min(1).max(1_000_000),
    })
    .nullish()
    .transform((v) => v ?? null),
  model: modelSchema.nullish().transform((v) => v ?? null),
  /** Who makes the cores. */
  cores: z.strictObject({ maker: z.enum(['caster', 'hand', 'bought']).optional() }).optional(),
  /** A tool that is there already. */
  tool: z
    .strictObject({
      variant: z.string().min(1).max(60),
      state: z.enum(['owned', 'borrowed', 'shared']),
      /** Shots it has left; its whole life where nothing is said. */
      lifeLeft: z.number().int().min(0).max(1e8).optional(),
      fitUp_USD: z.number().min(0).max(1e7).optional(),
      /** Share of a new tool that this part pays for. */
      share: z.number().min(0).max(1).optional(),
      storagePerYear_USD: z.number().min(0).max(1e7).optional(),
    })
    .optional(),
  /** Another way to make the tool of one lane. */
  toolOption: z.strictObject({ variant: z.string().min(1).max(60), id: z.string().min(1).max(40) }).optional(),
  bends: z.number().int().min(0).max(100).optional(),
  machiningSetups: z.number().int().min(0).max(50).optional(),
  /** Paths of fields that still hold a default nobody has confirmed. */
  assumed: z.array(z.string().max(80)).max(100).default([]),
});

export type Brief = z.output<typeof briefSchema>;
export type BriefInput = z.input<typeof briefSchema>;
export type Feature = Brief['features'][number];
export type Hole = Brief['holes'][number];
