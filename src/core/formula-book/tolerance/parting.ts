import { filled, notNegative, positive } from '../../base/checks';
import { refuse } from '../../base/errors';

export interface PartingRow {
  readonly upTo_cm2: number;
  readonly add_mm: number;
}

/**
 * What crossing the parting adds to a tolerance (formula tol.parting).
 *
 * @param input.base_mm width as if in one mould half, mm
 * @param input.projectedArea_cm2 projected area along the draw, cm²
 * @param input.rows the route's additions, rising in area
 * @returns addition and total in mm; the addition is one-sided, so the mean moves by half of it
 * @throws {CoreError} E_ORDER when the rows do not rise, E_RANGE for an area above the last row
 * @example
 * partingTolerance({ base_mm: 0.9, projectedArea_cm2: 80, rows: [{ upTo_cm2: 99999, add_mm: 0 }] }).addition_mm // 0
 */
export function partingTolerance(input: { base_mm: number; projectedArea_cm2: number; rows: readonly PartingRow[] }): {
  addition_mm: number;
  total_mm: number;
  meanShift_mm: number;
} {
  const base = notNegative('base_mm', input.base_mm);
  const area = positive('projectedArea_cm2', input.projectedArea_cm2);
  const rows = filled('rows', input.rows);
  rows.forEach((row, i) => {
    positive(`rows[${i}].upTo_cm2`, row.upTo_cm2);
    notNegative(`rows[${i}].add_mm`, row.add_mm);
    const before = rows[i - 1];
    if (before && !(row.upTo_cm2 > before.upTo_cm2))
      refuse('E_ORDER', `rows[${i}].upTo_cm2`, row.upTo_cm2, 'rows rising in area');
  });
  const addition = partingAddition(area, rows);
  if (addition === undefined) return refuse('E_RANGE', 'projectedArea_cm2', area, 'an area within the rows');
  return { addition_mm: addition, total_mm: base + addition, meanShift_mm: addition / 2 };
}

/**
 * The addition in mm of the first row whose bound is not below the area; undefined above the last row. Unchecked, for the plain path.
 *
 * @example
 * partingAddition(40, [{ upTo_cm2: 50, add_mm: 0.2 }]) // 0.2
 */
export function partingAddition(area_cm2: number, rows: readonly PartingRow[]): number | undefined {
  return rows.find((row) => area_cm2 <= row.upTo_cm2)?.add_mm;
}
