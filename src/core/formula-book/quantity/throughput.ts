import { filled, finite } from '../../base/checks';
import { refuse } from '../../base/errors';

/** Powers of unit words: kg/h/caster is kg 1, h −1, caster −1. */
export type UnitPowers = ReadonlyMap<string, number>;

/**
 * Exponent of each unit word in a unit such as kg/h/caster; 1 and the empty unit are dimensionless.
 *
 * @example
 * [...unitPowers('unit', 'kg/h')] // [['kg', 1], ['h', -1]]
 */
export function unitPowers(field: string, unit: unknown): Map<string, number> {
  if (typeof unit !== 'string' || unit.trim() === '') return refuse('E_UNIT', field, unit, 'words joined by * and /');
  const out = new Map<string, number>();
  let sign = 1;
  for (const token of unit.split(/([*/])/).map((t) => t.trim())) {
    if (token === '*') sign = 1;
    else if (token === '/') sign = -1;
    else if (/^[\p{L}µ%°][\p{L}\d_-]*$/u.test(token)) out.set(token, (out.get(token) ?? 0) + sign);
    else if (token !== '1') refuse('E_UNIT', field, unit, 'words joined by * and /');
  }
  return out;
}

/**
 * Product of rates with their units carried (formula qty.throughput). No conversion is done: min never cancels h.
 *
 * @param input.factors value and unit of each factor
 * @param input.want unit the product must have
 * @returns the product, in the wanted unit
 * @throws {CoreError} E_UNIT when a unit is missing, odd, or the product's is not the wanted one
 * @example
 * throughput({ factors: [{ value: 9, unit: 'kg/h/caster' }, { value: 10, unit: 'piece/kg' }, { value: 4, unit: 'caster' }, { value: 6.5, unit: 'h/day' }], want: 'piece/day' }).value
 * // 2340
 */
export function throughput(input: { factors: readonly { value: number; unit: string }[]; want: string }): {
  value: number;
} {
  const total = new Map<string, number>();
  let value = 1;
  filled('factors', input.factors).forEach((factor, i) => {
    value *= finite(`factors[${i}].value`, factor.value);
  });
  input.factors.forEach((factor, i) => {
    for (const [word, power] of unitPowers(`factors[${i}].unit`, factor.unit))
      total.set(word, (total.get(word) ?? 0) + power);
  });
  for (const [word, power] of unitPowers('want', input.want)) total.set(word, (total.get(word) ?? 0) - power);
  const left = [...total].filter(([, power]) => power !== 0);
  if (left.length > 0) {
    const words = left.map(([word, power]) => (power === 1 ? word : `${word}^${power}`)).join(' ');
    refuse('E_UNIT', 'want', input.want, `a unit in which nothing is left over (left: ${words})`);
  }
  return { value };
}
