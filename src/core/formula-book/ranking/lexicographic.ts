import { checked, costOf, type Criterion, type Option } from './options';

/**
 * First things first (formula dec.lexicographic): by each criterion in turn only what is within its tolerance of the
 * best still in stays.
 * @param input.options scores; input.criteria in order, each with a tolerance in its own unit, default 0
 * @returns what stays, and the criterion that left one alone; null where several stay
 * @throws {CoreError} E_EMPTY, E_KEY, E_NOT_A_NUMBER for a missing score, E_SIGN for a tolerance below 0
 * @example
 * lexicographic({ options: [{ id: 'gravity-die', scores: { cost: 14.2, weeks: 9, scrap: 0.05 } }, { id: 'green-sand', scores: { cost: 19.5, weeks: 4, scrap: 0.08 } }, { id: 'pressure-die', scores: { cost: 11.9, weeks: 18, scrap: 0.03 } }], criteria: [{ key: 'cost', better: 'low', tolerance: 2.5 }, { key: 'weeks', better: 'low' }] }).chosen
 * // ['gravity-die']
 */
export function lexicographic(input: { options: readonly Option[]; criteria: readonly Criterion[] }): {
  chosen: string[];
  decidedBy: string | null;
} {
  const { options, criteria } = checked(input.options, input.criteria);
  let left = options;
  for (const c of criteria) {
    const best = Math.min(...left.map((o) => costOf(o, c)));
    left = left.filter((o) => costOf(o, c) <= best + (c.tolerance ?? 0) + 1e-12 * Math.abs(best));
    if (left.length === 1) return { chosen: left.map((o) => o.id), decidedBy: c.key };
  }
  return { chosen: left.map((o) => o.id), decidedBy: null };
}
