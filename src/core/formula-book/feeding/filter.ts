import { ceilGuarded, finite, notNegative, positive, positives } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

const CHOKE_MULTIPLE = 4;
const LEAF_MM = 5;

export const FILTER_AREA = /* @__PURE__ */ formula({
  id: 'feed.filter-area',
  out: 'area_cm2',
  title: 'Filter area',
  unit: 'cm²',
  expression: 'max(m / capacity, m / (rho * t * v) * 10000, multiple * choke / 100)',
  symbols: {
    m: ['metal poured', 'kg'],
    capacity: ['metal that a square centimetre passes before it blocks', 'kg/cm²'],
    rho: ['density of the melt', 'kg/m³'],
    t: ['fill time', 's'],
    v: ['speed before the filter', 'm/s'],
    multiple: ['how often the choke', '1'],
    choke: ['choke', 'mm²'],
  },
});

/**
 * How large a filter must be (formula feed.filter-area). With one, take the lower discharge for the choke.
 *
 * @param input.poured_kg, input.rho_kg_m3, input.fillTime_s; input.capacity_kg_cm2 before it blocks; input.approach_m_s before it;
 *   input.choke_mm2 (none) with chokeMultiple (4); input.filterArea_cm2, free, of one; input.leaf_mm (5) held in the seat
 * @returns area by capacity, by flow and by the choke (null without), the largest, cm²; which it is; the side of a square one, mm;
 *   how many of the given
 * @throws {CoreError} E_SIGN for figures of nothing, E_RANGE for a multiple below 1
 * @example
 * filterArea({ poured_kg: 9, rho_kg_m3: 2400, fillTime_s: 7, capacity_kg_cm2: 0.8, approach_m_s: 0.1, choke_mm2: 220, filterArea_cm2: 42 }).count
 * // 2
 */
export function filterArea(input: {
  readonly poured_kg: number;
  readonly rho_kg_m3: number;
  readonly fillTime_s: number;
  readonly capacity_kg_cm2: number;
  readonly approach_m_s: number;
  readonly choke_mm2?: number;
  readonly chokeMultiple?: number;
  readonly filterArea_cm2?: number;
  readonly leaf_mm?: number;
}): {
  byCapacity_cm2: number;
  byFlow_cm2: number;
  byChoke_cm2: number | null;
  area_cm2: number;
  limit: 'capacity' | 'flow' | 'choke';
  side_mm: number;
  count?: number;
} {
  const v = positives(input, 'poured_kg', 'rho_kg_m3', 'fillTime_s', 'capacity_kg_cm2', 'approach_m_s');
  const choke = input.choke_mm2 === undefined ? null : positive('choke_mm2', input.choke_mm2);
  const multiple = finite('chokeMultiple', input.chokeMultiple ?? CHOKE_MULTIPLE);
  if (multiple < 1) refuse('E_RANGE', 'chokeMultiple', multiple, 'at least 1');
  const one = input.filterArea_cm2 === undefined ? null : positive('filterArea_cm2', input.filterArea_cm2);
  const leaf = notNegative('leaf_mm', input.leaf_mm ?? LEAF_MM);
  const area_cm2 = FILTER_AREA.of({
    ...{ m: v.poured_kg, capacity: v.capacity_kg_cm2, rho: v.rho_kg_m3, t: v.fillTime_s, v: v.approach_m_s },
    ...{ multiple, choke: choke ?? 0 },
  });
  const byCapacity_cm2 = v.poured_kg / v.capacity_kg_cm2;
  const byFlow_cm2 = (v.poured_kg / (v.rho_kg_m3 * v.fillTime_s * v.approach_m_s)) * 1e4;
  const byChoke_cm2 = choke === null ? null : (multiple * choke) / 100;
  return {
    ...{ byCapacity_cm2, byFlow_cm2, byChoke_cm2, area_cm2 },
    limit: byCapacity_cm2 >= area_cm2 ? 'capacity' : byFlow_cm2 >= area_cm2 ? 'flow' : 'choke',
    side_mm: 10 * Math.sqrt(area_cm2) + 2 * leaf,
    ...(one === null ? {} : { count: Math.max(1, ceilGuarded(area_cm2 / one)) }),
  };
}
