import { checked, costOf, type Criterion, type Option } from './options';

/**
 * What no other option beats on everything (formula dec.pareto): an option drops out where another is nowhere worse and
 * somewhere better. Twins both stay; weights are ignored.
 * @returns ids in the order given
 * @throws {CoreError} E_EMPTY, E_KEY, E_NOT_A_NUMBER for a missing score
 */
export function pareto(input: { options: readonly Option[]; criteria: readonly Criterion[] }): { set: string[] } {
  const { options, criteria } = checked(input.options, input.criteria);
  const beats = (a: Option, b: Option): boolean =>
    criteria.every((c) => costOf(a, c) <= costOf(b, c)) && criteria.some((c) => costOf(a, c) < costOf(b, c));
  return { set: options.filter((o) => !options.some((other) => beats(other, o))).map((o) => o.id) };
}
