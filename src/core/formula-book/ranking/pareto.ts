import { checked, costOf, type Criterion, type Option } from './options';

/**
 * What no other option beats on everything (formula dec.pareto): an option drops out where another is nowhere worse and
 * somewhere better. Twins both stay; weights are ignored.
 * @returns ids in the order given
 * @throws {CoreError} E_EMPTY, E_KEY, E_NOT_A_NUMBER for a missing score
 * @example
 * pareto({ options: [{ id: 'a', scores: { cost: 12, weeks: 10, tol: 0.6 } }, { id: 'b', scores: { cost: 15, weeks: 5, tol: 0.5 } }, { id: 'c', scores: { cost: 15, weeks: 5, tol: 0.5 } }, { id: 'd', scores: { cost: 18, weeks: 7, tol: 0.9 } }], criteria: [{ key: 'cost', weight: 4, better: 'low' }, { key: 'weeks', weight: 4, better: 'low' }, { key: 'tol', weight: 2, better: 'low' }] }).set
 * // ['a', 'b', 'c']
 */
export function pareto(input: { options: readonly Option[]; criteria: readonly Criterion[] }): { set: string[] } {
  const { options, criteria } = checked(input.options, input.criteria);
  const beats = (a: Option, b: Option): boolean =>
    criteria.every((c) => costOf(a, c) <= costOf(b, c)) && criteria.some((c) => costOf(a, c) < costOf(b, c));
  return { set: options.filter((o) => !options.some((other) => beats(other, o))).map((o) => o.id) };
}
