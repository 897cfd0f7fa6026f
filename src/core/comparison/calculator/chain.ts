import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';
import { unitPowers, type UnitPowers } from '../../formula-book/quantity';

/** One rate of a chain: a value with its unit, multiplied in or divided by. */
export interface Link {
  readonly name: string;
  readonly value: number;
  /** Words joined by * and /: kg/h/caster. 1 for a pure number. */
  readonly unit: string;
  readonly by: 'times' | 'over';
}

/** What a chain has come to after one link. */
export interface Running {
  readonly value: number;
  /** Unit words that are left: kg/h; 1 when all have cancelled. */
  readonly unit: string;
}

/** A chain worked out link by link, and whether it ends in the unit that is wanted. */
export interface ChainResult {
  readonly steps: readonly Running[];
  readonly value: number;
  readonly unit: string;
  /** Unit words that keep the product from being what is wanted; empty when it is. */
  readonly leftOver: string;
}

/**
 * A product of rates with the unit shown at every step, so that a rate left out shows as a unit that does not cancel.
 * No conversion is done: min never cancels h.
 *
 * @param links at least one
 * @param want unit the product should have
 * @throws {CoreError} E_NOT_A_NUMBER for a value, E_SIGN for a division by zero, E_UNIT for an odd unit; the field is "links[i]…"
 * @example
 * runChain([{ value: 480, unit: 'min/shift' }, { value: 2, unit: 'piece/min' }], 'piece/shift').value // 960
 */
export function runChain(links: readonly Link[], want: string): ChainResult {
  const powers = new Map<string, number>();
  let value = 1;
  const steps = links.map((link, i): Running => {
    const x = finite(`links[${i}].value`, link.value);
    if (link.by === 'over' && x === 0) refuse('E_SIGN', `links[${i}].value`, x, 'a number other than 0 to divide by');
    value = link.by === 'over' ? value / x : value * x;
    add(powers, unitPowers(`links[${i}].unit`, link.unit), link.by === 'over' ? -1 : 1);
    return { value, unit: written(powers) };
  });
  const off = new Map(powers);
  add(off, unitPowers('want', want), -1);
  const leftOver = written(off);
  return { steps, value, unit: written(powers), leftOver: leftOver === '1' ? '' : leftOver };
}

function add(to: Map<string, number>, powers: UnitPowers, sign: 1 | -1): void {
  for (const [word, power] of powers) {
    const sum = (to.get(word) ?? 0) + sign * power;
    if (sum === 0) to.delete(word);
    else to.set(word, sum);
  }
}

/** Powers written as words: piece/h, kg*m/s; 1 when there are none. */
function written(powers: UnitPowers): string {
  const over = [...powers].filter(([, n]) => n > 0).flatMap(([word, n]) => Array<string>(n).fill(word));
  const under = [...powers].filter(([, n]) => n < 0).flatMap(([word, n]) => Array<string>(-n).fill(word));
  return [over.length === 0 ? '1' : over.join('*'), ...under].join('/');
}
