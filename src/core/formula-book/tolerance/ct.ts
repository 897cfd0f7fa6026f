import { oneOf, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { CT_TOTAL_MM, CT_UPPER_MM } from './casting-grades.data';

/**
 * Casting tolerance of a raw dimension (formula tol.ct).
 *
 * @param input.nominal_mm raw casting dimension, machining allowance included, 0 < nominal ≤ 10 000 mm
 * @param input.grade casting tolerance grade, whole, 1 to 16
 * @param input.wall a wall takes the grade one step coarser (default false)
 * @param input.onEmpty an empty cell is refused (default) or filled from the nearest larger size, else the nearest smaller
 * @returns total width and its half in mm, the grade used, and whether the cell was filled
 * @throws {CoreError} E_RANGE beyond size or grade, E_NO_VALUE for an empty cell
 * @see ISO 8062, table of casting tolerances; a bound belongs to the lower range
 * @example
 * castingTolerance({ nominal_mm: 8, grade: 10, wall: true }).total_mm // 2.8
 */
export function castingTolerance(input: {
  nominal_mm: number;
  grade: number;
  wall?: boolean;
  onEmpty?: 'refuse' | 'nearest';
}): { total_mm: number; half_mm: number; gradeUsed: number; filled: boolean } {
  const nominal = positive('nominal_mm', input.nominal_mm);
  const grade = wholeNumber('grade', input.grade);
  const onEmpty = oneOf('onEmpty', input.onEmpty ?? 'refuse', ['refuse', 'nearest']);
  const gradeUsed = grade + (input.wall === true ? 1 : 0);
  if (grade < 1 || gradeUsed > 16) refuse('E_RANGE', 'grade', grade, 'CT1 to CT16, a wall to CT15');
  const row = CT_UPPER_MM.findIndex((upTo) => nominal <= upTo);
  if (row < 0) refuse('E_RANGE', 'nominal_mm', nominal, 'up to 10 000 mm');
  const exact = CT_TOTAL_MM[row]?.[gradeUsed - 1] ?? null;
  const total = exact ?? (onEmpty === 'nearest' ? nearestCell(row, gradeUsed) : null);
  if (total === null) return refuse('E_NO_VALUE', 'nominal_mm', nominal, `a size for which CT${gradeUsed} has a value`);
  return { total_mm: total, half_mm: total / 2, gradeUsed, filled: exact === null };
}

function nearestCell(row: number, grade: number): number | null {
  for (let r = row + 1; r < CT_TOTAL_MM.length; r++) {
    const v = CT_TOTAL_MM[r]?.[grade - 1];
    if (v != null) return v;
  }
  for (let r = row - 1; r >= 0; r--) {
    const v = CT_TOTAL_MM[r]?.[grade - 1];
    if (v != null) return v;
  }
  return null;
}

/**
 * The coarsest grade whose tolerance still fits a drawing's demand (formula tol.grade-for).
 *
 * @param input.nominal_mm raw dimension in mm, up to 10 000
 * @param input.total_mm total tolerance wanted, mm
 * @returns grade 1 to 16 and its total width in mm
 * @throws {CoreError} E_RANGE beyond the table, E_NO_SOLUTION when finer than the finest grade
 * @see ISO 8062
 * @example
 * gradeFor({ nominal_mm: 75, total_mm: 1 }).grade // 6
 */
export function gradeFor(input: { nominal_mm: number; total_mm: number }): { grade: number; total_mm: number } {
  const nominal = positive('nominal_mm', input.nominal_mm);
  const total = positive('total_mm', input.total_mm);
  const row = CT_UPPER_MM.findIndex((upTo) => nominal <= upTo);
  if (row < 0) refuse('E_RANGE', 'nominal_mm', nominal, 'up to 10 000 mm');
  const cells = CT_TOTAL_MM[row] ?? [];
  for (let grade = cells.length; grade >= 1; grade--) {
    const width = cells[grade - 1];
    if (width != null && width <= total) return { grade, total_mm: width };
  }
  return refuse('E_NO_SOLUTION', 'total_mm', total, 'a width the finest grade can hold');
}
