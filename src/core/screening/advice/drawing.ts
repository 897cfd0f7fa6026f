import { holeWords, type LanePart, type PartFacts } from '../../part';
import type { Lane } from '../../catalogue/routes';
import type { Finding } from '..';
import {
  ADVICE_LIMITS as LIMIT,
  ALLOWANCE_GRADE,
  ALLOWANCE_MM,
  ALLOWANCE_UP_TO_MM,
  FED_FAMILIES,
  LETTER_STROKE_MM,
  PARTING_DETAIL_FACTOR,
  WASHING,
} from './limits.data';
import { detail, over, asFinding, type Point } from './point';

/** Stock a face to be cut wants, mm: the route's usual, and by grade and size for parts beyond 250 mm. */
function stockWanted({ L, W, H }: PartFacts, { id, capability }: Lane): number {
  const usual = capability.machiningStock_mm.v[1];
  const largest = Math.max(L, W, H);
  const row = ALLOWANCE_MM[ALLOWANCE_GRADE[id] ?? ''];
  if (row === undefined || largest <= ALLOWANCE_UP_TO_MM[0]) return usual;
  const step = ALLOWANCE_UP_TO_MM.findIndex((bound) => largest <= bound);
  return Math.max(usual, row[step < 0 ? row.length - 1 : step] ?? 0);
}

/** What the drawing should say: datums, stock, gates, relations. */
export function drawing(facts: PartFacts, lane: Lane, part: LanePart): Finding[] {
  const { id: route } = lane.route;
  const { capability } = lane;
  const { brief, family, t } = facts;
  const d = brief.detail;
  const out: Finding[] = part.holes.map((call, i) =>
    asFinding({
      rule: 'dr-hole-depth',
      value: call.depthRatio,
      limit: call.depthRatioMax,
      side: 'at-most',
      unit: 'ratio',
      subject: holeWords(call.hole, false),
      fields: [`holes.${i}.depth_mm`, `holes.${i}.dia_mm`],
      kept: 'A core of that depth stands.',
      broken: 'Deeper than a core of that thickness bears: it is drilled, or its last part is.',
    }),
  );
  const point = (p: Omit<Point, 'unit' | 'side'> & Partial<Pick<Point, 'unit' | 'side'>>): void =>
    void out.push(asFinding({ unit: 'count', side: 'at-least', ...p }));
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
      ...asFinding({
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
            fixes: [
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
