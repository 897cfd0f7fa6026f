import { keyed, nth } from '../../base/lookup';
import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Least of the largest regrets (formula dec.regret): what each choice costs more than the best one in each state.
 * @param input.costs money by choice, one for each state, all in one currency
 * @returns the largest regret of each choice, and all choices that share the least of them
 * @throws {CoreError} E_EMPTY, E_LENGTH for unequal lists
 * @example
 * regret({ costs: { a: [10, 50], b: [30, 30] } }).maxRegret // { a: 20, b: 20 }
 */
export function regret(input: { costs: Readonly<Record<string, readonly number[]>> }): {
  maxRegret: Record<string, number>;
  choice: string[];
} {
  const all = Object.entries(input.costs);
  const states = all[0]?.[1].length ?? 0;
  if (all.length === 0 || states === 0) return refuse('E_EMPTY', 'costs', '{}', 'at least one choice with a state');
  for (const [id, list] of all) {
    if (list.length !== states) refuse('E_LENGTH', `costs.${id}`, list.length, `${states} states`);
    list.forEach((x, i) => finite(`costs.${id}[${i}]`, x));
  }
  const least = Array.from({ length: states }, (_, s) => Math.min(...all.map(([, list]) => nth(list, s))));
  const maxRegret = Object.fromEntries(
    all.map(([id, list]) => [id, Math.max(...list.map((x, s) => x - nth(least, s)))]),
  );
  const best = Math.min(...Object.values(maxRegret));
  const choice = Object.keys(maxRegret).filter((id) => keyed(maxRegret, id) <= best + 1e-12 * Math.abs(best));
  return { maxRegret, choice };
}
