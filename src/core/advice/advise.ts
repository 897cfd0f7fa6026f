import { draftDegrees } from '../brief';
import { below, above, finding, type Finding, type FindingUnit, type RuleText, type Status } from '../screening';
import type { LanePart, PartFacts } from '../part';
import { kinOf, type Lane } from '../routes';
import { ADVICE_TEXTS } from './advice.data';
import {
  ADVICE_LIMITS as LIMIT,
  ALLOWANCE_GRADE,
  ALLOWANCE_MM,
  ALLOWANCE_UP_TO_MM,
  ANODIC_INDEX_V,
  CORE_KG_M3,
  FED_FAMILIES,
  GALVANIC_GAP_V,
  LETTER_STROKE_MM,
  PARTING_DETAIL_FACTOR,
  PASSAGE_MIN_MM,
  PRINT_BEARING_MPA,
  RUN_ADDS,
  RUN_OVER_WALL,
  TOUCHING,
  WASHING,
} from './limits.data';

const TEXTS: ReadonlyMap<string, RuleText> = new Map(ADVICE_TEXTS.map((t) => [t.id, t]));
const GRAVITY = 9.80665;

/** The words of a piece of advice, or undefined for a rule that bars. */
export const adviceText = (id: string): RuleText | undefined => TEXTS.get(id);

/** One comparison that advice makes; `value` null where the drawing has not been read for it. */
interface Point {
  readonly rule: string;
  readonly value: number | null;
  readonly limit: number;
  /** The part should stay at or below, or reach, the limit. */
  readonly side: 'at-most' | 'at-least';
  readonly unit: FindingUnit;
  readonly fields: readonly string[];
  readonly kept: string;
  readonly broken: string;
  readonly subject?: string;
  /** Verdict when broken; advice never bars a lane. */
  readonly gravest?: Status;
}

/** A value of nothing is told as a thing to look for on the drawing. */
function told(p: Point): Finding {
  const text = TEXTS.get(p.rule);
  const mends = text?.mends ?? [];
  if (p.value === null)
    return finding({
      rule: p.rule,
      column: 'shape',
      status: 'not-known',
      unit: p.unit,
      limit: p.limit,
      fields: p.fields,
      reason: text?.statement ?? '',
      mends: ['Read it off the drawing and give it in the brief'],
    });
  const room = p.side === 'at-most' ? below(p.value, p.limit) : above(p.value, p.limit);
  const broken = room.margin < -1e-9;
  return finding({
    rule: p.rule,
    column: 'shape',
    status: broken ? (p.gravest ?? 'tight') : 'fits',
    unit: p.unit,
    value: p.value,
    limit: p.limit,
    ...room,
    fields: p.fields,
    reason: broken ? p.broken : p.kept,
    mends: broken ? mends : [],
    ...(p.subject === undefined ? {} : { subject: p.subject }),
  });
}

const over = (a: number | null, b: number | null): number | null =>
  a === null || b === null || b === 0 ? null : a / b;
const detail = (...names: string[]): string[] => names.map((name) => `detail.${name}`);

/**
 * Advice of the trade for one lane: what the drawing should say or show. Advice bars nothing and costs nothing in the
 * sum; where the brief does not give a figure it is told as a thing to look for.
 *
 * @param facts the part in one alloy
 * @param part the part as the lane makes it
 * @returns one finding a rule that speaks of the route and the metal, in the order of the rules
 */
export function adviceFor(facts: PartFacts, lane: Lane, part: LanePart): Finding[] {
  const route = lane.route.id;
  return [
    ...walls(facts, lane),
    ...draw(facts, lane),
    ...cores(facts, route),
    ...drawing(facts, lane, part),
    ...metal(facts, route),
  ];
}

/** Thinnest usual wall over a run of metal, mm: the route's own, and more for every stretch beyond the first. */
function wallOverRun({ family }: PartFacts, { capability, route }: Lane, run_mm: number): number | null {
  const usual = capability.wallMin[family]?.[1];
  if (usual === undefined || run_mm <= RUN_ADDS.first_mm) return null;
  const each = kinOf(route.id) === 'sand' ? RUN_ADDS.sand_mm : RUN_ADDS.other_mm;
  return usual + each * Math.ceil((run_mm - RUN_ADDS.first_mm) / RUN_ADDS.each_mm);
}

function walls(facts: PartFacts, lane: Lane): Finding[] {
  const { w } = facts;
  const d = facts.brief.detail;
  const route = lane.route.id;
  const overRun = d.flowLength_mm === null ? null : wallOverRun(facts, lane, d.flowLength_mm);
  const rib = kinOf(route) === 'metal' ? LIMIT.ribOverWallMetal : LIMIT.ribOverWallSand;
  const wall = 'geometry.wallMin_mm';
  const [filletLow, filletHigh] = LIMIT.filletOverWall;
  const fillet = over(d.filletMin_mm, w);
  const lump = fillet !== null && fillet > filletHigh;
  const points: Point[] = [
    {
      rule: 'dr-wall-run',
      value: over(d.flowLength_mm, w),
      limit: RUN_OVER_WALL[route] ?? 0,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('flowLength_mm'), wall],
      kept: 'The metal reaches the end of the thin wall.',
      broken: 'The metal has further to run in the thin wall than it usually gets.',
    },
    ...(overRun === null
      ? []
      : [
          {
            rule: 'dr-wall-run',
            value: w,
            limit: overRun,
            side: 'at-least',
            unit: 'mm',
            subject: 'the usual wall over that run',
            fields: [...detail('flowLength_mm'), wall],
            kept: 'The wall is thick enough for so long a run.',
            broken: 'Over so long a run the usual wall is thicker.',
          } as const,
        ]),
    {
      rule: 'dr-even-walls',
      value: over(d.blend_mm, d.step_mm),
      limit: LIMIT.blendOverStep,
      side: 'at-least',
      unit: 'ratio',
      fields: detail('blend_mm', 'step_mm'),
      kept: 'The change of thickness is blended over.',
      broken: 'Thickness changes too suddenly: a hot spot and a notch together.',
    },
    {
      rule: 'dr-fillet',
      value: fillet,
      limit: lump ? filletHigh : filletLow,
      side: lump ? 'at-most' : 'at-least',
      unit: 'ratio',
      fields: [...detail('filletMin_mm'), wall],
      kept: 'Inside corners are rounded enough, and not so much that they make a lump.',
      broken: lump
        ? 'Inside corners are rounded so much that they make a lump.'
        : 'Inside corners are too sharp: they tear and crack.',
    },
    {
      rule: 'dr-junction',
      value: over(d.jointCircle_mm, w),
      limit: LIMIT.circleOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('jointCircle_mm'), wall],
      kept: 'Where walls meet no lump stays liquid.',
      broken: 'Where walls meet a lump stays liquid after its walls.',
    },
    {
      rule: 'dr-rib',
      value: over(d.rib_mm, w),
      limit: rib,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('rib_mm'), wall],
      kept: 'Ribs are thin enough beside their wall.',
      broken: 'Ribs are too thick beside their wall: they draw it in.',
    },
    {
      rule: 'dr-boss',
      value: over(d.bossWall_mm, w),
      limit: LIMIT.bossOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('bossWall_mm'), wall],
      kept: 'Bosses are no lumps.',
      broken: 'A boss is a lump beside its wall: the usual place of shrinkage.',
    },
    {
      rule: 'dr-restraint',
      value: over(d.restrainedLength_mm, w),
      limit: LIMIT.restraintOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('restrainedLength_mm'), wall],
      kept: 'The casting can shrink between what holds it.',
      broken: 'The casting is held too far apart to shrink: it tears or springs.',
    },
    {
      rule: 'dr-flat-face',
      value: over(d.flatSpan_mm, w),
      limit: LIMIT.spanOverWall,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('flatSpan_mm'), wall],
      kept: 'Flat faces are short enough to stay flat.',
      broken: 'A flat face is wide for its wall: it sinks, scabs or warps without ribs.',
    },
  ];
  return points.map(told);
}

function draw({ brief }: PartFacts, { route: { id: route }, capability }: Lane): Finding[] {
  const d = brief.detail;
  const out: Finding[] = [];
  const investment = route.endsWith('investment');
  if (!investment) {
    const { draftAllowed } = brief.geometry;
    const degrees = draftAllowed === null ? null : draftDegrees(draftAllowed);
    const leaning =
      draftAllowed === true || (degrees !== null && degrees >= LIMIT.deepDraftFactor * capability.draft_deg.usual);
    const pocket = over(d.pocketDepth_mm, d.pocketWidth_mm);
    out.push(
      leaning && pocket !== null
        ? finding({
            rule: 'dr-draft-deep',
            column: 'shape',
            status: 'fits',
            unit: 'ratio',
            value: pocket,
            fields: [...detail('pocketDepth_mm', 'pocketWidth_mm'), 'geometry.draftAllowed'],
            reason: 'Deep pockets may lean as much as they need.',
          })
        : told({
            rule: 'dr-draft-deep',
            value: pocket,
            limit: LIMIT.pocketDepthOverWidth,
            side: 'at-most',
            unit: 'ratio',
            fields: [...detail('pocketDepth_mm', 'pocketWidth_mm'), 'geometry.draftAllowed'],
            kept: 'Pockets are shallow enough to draw.',
            broken: 'A pocket is deep for its width and may not lean more: it tears at the draw.',
          }),
      told({
        rule: 'dr-parting-flat',
        value: d.partingSteps,
        limit: 0,
        side: 'at-most',
        unit: 'count',
        fields: detail('partingSteps'),
        kept: 'The parting is flat.',
        broken: 'The parting is stepped: dearer to make, and it flashes.',
      }),
      told({
        rule: 'dr-same-half',
        value: d.relatedAcross,
        limit: 0,
        side: 'at-most',
        unit: 'count',
        fields: detail('relatedAcross'),
        kept: 'Features that must agree lie in one half.',
        broken: 'Features that must agree lie in different halves: mismatch parts them.',
      }),
    );
  }
  if (route === 'permanent-mould' || route === 'pressure-die')
    out.push(
      told({
        rule: 'dr-ejector',
        value: d.ejectorPlaces,
        limit: LIMIT.ejectorPlaces,
        side: 'at-least',
        unit: 'count',
        fields: detail('ejectorPlaces'),
        kept: 'There is room for ejectors around the pull.',
        broken: 'Too few places for ejectors: the part bends as it is pushed out.',
      }),
    );
  return out;
}

function cores(facts: PartFacts, route: string): Finding[] {
  const { brief, alloy, nP } = facts;
  const d = brief.detail;
  const out: Finding[] = [];
  const bearing = PRINT_BEARING_MPA[route];
  if (bearing !== undefined && (nP > 0 || d.coreVolume_cm3 !== null)) {
    const lift_N =
      d.coreVolume_cm3 === null
        ? null
        : (Math.max(0, alloy.densityLiquid_kg_m3 - CORE_KG_M3) * GRAVITY * d.coreVolume_cm3) / 1e6;
    const held_N = d.printArea_cm2 === null ? null : d.printArea_cm2 * 100 * bearing;
    out.push(
      told({
        rule: 'dr-core-support',
        value: over(lift_N, held_N),
        limit: 1,
        side: 'at-most',
        unit: 'ratio',
        fields: detail('coreVolume_cm3', 'printArea_cm2'),
        kept: 'The prints hold the core against its lift.',
        broken: 'The core floats off its prints: the metal lifts it more than they bear.',
      }),
    );
  }
  const passageMin = PASSAGE_MIN_MM[route];
  if (passageMin !== undefined && nP > 0)
    out.push(
      told({
        rule: 'dr-passage-min',
        value: d.passageMin_mm,
        limit: passageMin,
        side: 'at-least',
        unit: 'mm',
        fields: detail('passageMin_mm'),
        kept: 'The narrowest passage takes a core that survives.',
        broken: 'The narrowest passage is narrower than a core that survives pouring and falls apart after it.',
      }),
      told({
        rule: 'dr-clean-out',
        value: d.openings,
        limit: LIMIT.openings,
        side: 'at-least',
        unit: 'count',
        fields: detail('openings'),
        kept: 'Each cored space can be seen into and cleaned.',
        broken: 'A cored space has too few openings: sand stays in it.',
      }),
    );
  return out;
}

/** Stock a face to be cut wants, mm: the route's usual, and by grade and size for parts beyond 250 mm. */
function stockWanted({ L, W, H }: PartFacts, { id, capability }: Lane): number {
  const usual = capability.machiningStock_mm.v[1];
  const largest = Math.max(L, W, H);
  const row = ALLOWANCE_MM[ALLOWANCE_GRADE[id] ?? ''];
  if (row === undefined || largest <= ALLOWANCE_UP_TO_MM[0]) return usual;
  const step = ALLOWANCE_UP_TO_MM.findIndex((bound) => largest <= bound);
  return Math.max(usual, row[step < 0 ? row.length - 1 : step] ?? 0);
}

function drawing(facts: PartFacts, lane: Lane, part: LanePart): Finding[] {
  const { id: route } = lane.route;
  const { capability } = lane;
  const { brief, family, t } = facts;
  const d = brief.detail;
  const out: Finding[] = part.holes.map((call, i) =>
    told({
      rule: 'dr-hole-depth',
      value: call.depthRatio,
      limit: call.depthRatioMax,
      side: 'at-most',
      unit: 'ratio',
      subject: `${call.hole.count} × ${call.hole.thread ? 'M' : 'Ø'}${call.hole.dia_mm}`,
      fields: [`holes.${i}.depth_mm`, `holes.${i}.dia_mm`],
      kept: 'A core of that depth stands.',
      broken: 'Deeper than a core of that thickness bears: it is drilled, or its last part is.',
    }),
  );
  const point = (p: Omit<Point, 'unit' | 'side'> & Partial<Pick<Point, 'unit' | 'side'>>): void =>
    void out.push(told({ unit: 'count', side: 'at-least', ...p }));
  point({
    rule: 'dr-datum',
    value: d.datumTargets,
    limit: LIMIT.datumTargets,
    fields: detail('datumTargets'),
    kept: 'The casting has its datum targets.',
    broken: 'The drawing names fewer than six datum targets (three, two and one).',
  });
  if (brief.features.some((f) => f.mustMachine))
    point({
      rule: 'dr-machining-allowance',
      value: d.stockLeft_mm,
      limit: stockWanted(facts, lane),
      unit: 'mm',
      fields: detail('stockLeft_mm'),
      kept: 'Faces to be cut carry enough stock.',
      broken: 'Faces to be cut carry less stock than this route needs to clean up.',
    });
  point({
    rule: 'dr-feed-access',
    value: d.isolatedSections,
    limit: 0,
    side: 'at-most',
    fields: detail('isolatedSections'),
    kept: 'Every heavy section can be fed.',
    broken: 'A heavy section has no face for a feeder: it shrinks inside.',
  });
  if (FED_FAMILIES.has(family) && !['flask-investment', 'pressure-die', 'spin'].includes(route))
    point({
      rule: 'dr-feed-distance',
      value: over(d.feedDistance_mm, t),
      limit: LIMIT.feedOverSection,
      side: 'at-most',
      unit: 'ratio',
      fields: [...detail('feedDistance_mm'), 'geometry.sectionMax_mm'],
      kept: 'A feeder reaches that far.',
      broken: 'Further from a feeder than it makes sound metal.',
    });
  point({
    rule: 'dr-gate-place',
    value: d.gateFaces,
    limit: LIMIT.gateFaces,
    fields: detail('gateFaces'),
    kept: 'A face is marked for the gate.',
    broken: 'No face is marked where a gate may be cut off and ground.',
  });
  const stroke = LETTER_STROKE_MM[route] ?? 0;
  if (WASHING.has(route))
    out.push({
      ...told({
        rule: 'parting-wash',
        value: d.partingDetail_mm,
        limit: PARTING_DETAIL_FACTOR * stroke,
        side: 'at-least',
        unit: 'mm',
        fields: detail('partingDetail_mm'),
        kept: 'Detail near the parting is coarse enough to stand.',
        broken: 'Detail near the parting washes out: the mould crumbles or flashes at its edge.',
      }),
      ...(d.partingDetail_mm === null
        ? { reason: 'Fine detail next to the parting washes out where the mould’s edge is weak.' }
        : {}),
      ...(d.partingDetail_mm !== null && d.partingDetail_mm < PARTING_DETAIL_FACTOR * stroke
        ? {
            mends: [
              'Move the detail away from the parting',
              'Turn the part so that it lies in the flat of one half',
              'Make it coarser',
            ],
          }
        : {}),
    });
  point({
    rule: 'dr-lettering',
    value: d.letterStroke_mm,
    limit: stroke,
    unit: 'mm',
    fields: detail('letterStroke_mm'),
    kept: 'Letters come out.',
    broken: 'Letters of that stroke do not come out in this mould.',
  });
  const skin = capability.Ra_um[family];
  if (brief.needs.cosmeticFace === true && skin !== undefined)
    point({
      rule: 'dr-cosmetic',
      value: brief.surface.Ra_um,
      limit: skin[1],
      unit: 'µm',
      fields: ['needs.cosmeticFace', 'surface.Ra_um'],
      kept: 'The face that is seen takes the usual skin of the route; agree it on a sample.',
      broken: 'The face that is seen is asked finer than the usual skin of the route; agree it on a sample.',
    });
  return out;
}

function metal(facts: PartFacts, route: string): Finding[] {
  const { brief, alloy, family, Ap } = facts;
  const d = brief.detail;
  const out: Finding[] = [];
  const index = ANODIC_INDEX_V[family];
  const place = brief.needs.environment;
  if (index !== undefined && place !== null) {
    const other = d.touches === null ? null : TOUCHING[d.touches].index_V;
    const isolated = d.touches !== null && other === null;
    const refused = family === 'magnesium' && d.touches === 'stainless' && place === 'marine';
    out.push(
      told({
        rule: 'dr-galvanic',
        value: isolated ? 0 : other === null ? null : Math.abs(index - other),
        limit: GALVANIC_GAP_V[place],
        side: 'at-most',
        unit: 'V',
        subject: d.touches === null ? '' : TOUCHING[d.touches].name,
        fields: [...detail('touches'), 'needs.environment', 'alloy'],
        kept: 'What touches the part does not eat it where it lives.',
        broken: refused
          ? 'Bare magnesium on stainless steel at sea is refused: isolate it or change one of them.'
          : 'What touches the part eats it where it lives, unless it is isolated.',
        gravest: refused ? 'blocked' : 'tight',
      }),
    );
  }
  if (kinOf(route) === 'sand' || route === 'plaster') {
    const lift_N =
      Ap === null || d.head_mm === null
        ? null
        : (alloy.densityLiquid_kg_m3 * GRAVITY * Ap * d.head_mm) / 1e7 +
          (Math.max(0, alloy.densityLiquid_kg_m3 - CORE_KG_M3) * GRAVITY * (d.coreVolume_cm3 ?? 0)) / 1e6;
    out.push(
      told({
        rule: 'dr-cope-lift',
        value: over(d.holdDown_kg === null ? null : d.holdDown_kg * GRAVITY, lift_N),
        limit: LIMIT.holdDownOverLift,
        side: 'at-least',
        unit: 'ratio',
        fields: [...detail('holdDown_kg', 'head_mm'), 'geometry.projected_cm2'],
        kept: 'Weight and clamps hold the mould shut over one piece.',
        broken: 'The metal lifts the mould: weights or clamps are missing.',
      }),
    );
  }
  const asked = [brief.needs.pressureTight, brief.needs.heatTreated, brief.needs.welded, brief.needs.leadFree].some(
    (x) => x === true,
  );
  if (asked || place === 'outdoor' || place === 'marine')
    out.push(
      finding({
        rule: 'scrap-charge',
        column: 'alloy',
        status: 'tight',
        unit: 'word',
        value: 'certified',
        limit: 'certified',
        fields: ['alloy', 'needs.environment'],
        reason: `Refuse scrap of unknown composition in the charge: it matters later here. ${alloy.remelt}`,
        mends: ['Buy certified ingot and own returns only', 'Ask for the melt’s analysis with each lot'],
      }),
    );
  return out;
}

/**
 * Advice on making one casting of today's several parts: what a casting costs against today's assembly, both all in.
 * @param allIn money of a casting, all in; @param today of today's assembly, in the same currency
 */
export function consolidationAdvice(allIn: number, today: number): Finding {
  return told({
    rule: 'dr-consolidate',
    value: over(allIn, today),
    limit: 1,
    side: 'at-most',
    unit: 'ratio',
    fields: ['today.parts', 'today.joints'],
    kept: 'One casting costs less than today’s assembly. But one damaged corner may scrap the whole.',
    broken: 'Today’s assembly costs less than the casting: merge in steps, or keep the wearing piece apart.',
  });
}
