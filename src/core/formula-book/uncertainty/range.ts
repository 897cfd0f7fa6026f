import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';
import type { Triple } from '../../base/figures';

/** A rising range, checked: E_NOT_A_NUMBER, E_LENGTH for other than three figures, E_ORDER where they do not rise. */
export function risingRange(field: string, value: unknown): Triple {
  if (!Array.isArray(value)) return refuse('E_NOT_A_NUMBER', field, value, 'low, likely and high');
  if (value.length !== 3) return refuse('E_LENGTH', field, value, 'low, likely and high');
  const [low, likely, high] = value.map((x, i) => finite(`${field}[${i}]`, x)) as [number, number, number];
  return low <= likely && likely <= high ? [low, likely, high] : refuse('E_ORDER', field, value, 'low ≤ likely ≤ high');
}

/** Numbers from 0 to 1, checked: E_NOT_A_NUMBER, E_EMPTY, E_RANGE. */
export function shares(field: string, value: unknown): readonly number[] {
  if (!Array.isArray(value)) return refuse('E_NOT_A_NUMBER', field, value, 'a list');
  if (value.length === 0) return refuse('E_EMPTY', field, '[]', 'at least one entry');
  return value.map((x, i) => {
    const u = finite(`${field}[${i}]`, x);
    return u >= 0 && u <= 1 ? u : refuse('E_RANGE', `${field}[${i}]`, u, '0 to 1');
  });
}
