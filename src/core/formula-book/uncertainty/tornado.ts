import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';
import type { Triple } from '../../base/figures';
import { risingRange } from './range';

/** What one input alone does to a result: the result at its low and at its high, the rest at likely. */
export interface Swing {
  readonly name: string;
  readonly atLow: number;
  readonly atHigh: number;
  readonly swing: number;
}

/**
 * Swings by falling size, then by name.
 *
 * @example
 * [{ name: 'a', swing: 1 }, { name: 'b', swing: 3 }].sort(bySwing)[0].name // 'b'
 */
export const bySwing = (a: Swing, b: Swing): number => b.swing - a.swing || (a.name < b.name ? -1 : 1);

/**
 * One input at a time from low to high (formula unc.tornado), of a sum of products.
 * @param input.vars ranges by name; input.terms coef times the product of the named vars
 * @returns the result with all at likely, and the swing of each input by falling size, then name
 * @throws {CoreError} E_ORDER for a range that does not rise, E_KEY for a term that names an unknown input
 * @example
 * tornado({ vars: { metal: [2.4, 2.8, 3.6], mass: [0.9, 1, 1.05], hours: [0.15, 0.2, 0.35], rate: [38, 42, 48] }, terms: [{ coef: 1, vars: ['metal', 'mass'] }, { coef: 1, vars: ['hours', 'rate'] }, { coef: 1.5, vars: [] }] }).base
 * // 12.7
 */
export function tornado(input: {
  vars: Readonly<Record<string, Triple>>;
  terms: readonly { readonly coef: number; readonly vars: readonly string[] }[];
}): { base: number; bars: Swing[] } {
  const ranges = Object.entries(input.vars).map(([name, v]) => [name, risingRange(`vars.${name}`, v)] as const);
  const known = new Map(ranges);
  for (const term of input.terms) {
    finite('coef', term.coef);
    for (const name of term.vars)
      if (!known.has(name)) refuse('E_KEY', 'terms.vars', name, [...known.keys()].join(' | '));
  }
  const run = (moved: string | null, side: 0 | 2): number =>
    input.terms.reduce(
      (sum, { coef, vars }) =>
        sum + vars.reduce((product, name) => product * (known.get(name)?.[name === moved ? side : 1] ?? NaN), coef),
      0,
    );
  const bars = ranges.map(([name]): Swing => {
    const [atLow, atHigh] = [run(name, 0), run(name, 2)];
    return { name, atLow, atHigh, swing: Math.abs(atHigh - atLow) };
  });
  return { base: run(null, 0), bars: bars.sort(bySwing) };
}
