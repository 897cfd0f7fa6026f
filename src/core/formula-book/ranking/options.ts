import { filled, finite, notNegative, oneOf } from '../../base/checks';
import { refuse } from '../../base/errors';

/** A thing to choose, with a score for each criterion, in the criterion's own unit. */
export interface Option {
  readonly id: string;
  readonly scores: Readonly<Record<string, number>>;
}

/** What options are judged by. */
export interface Criterion {
  readonly key: string;
  readonly better: 'low' | 'high';
  readonly weight?: number;
  /** Within so much of the best an option still counts as best; for the order of wishes. */
  readonly tolerance?: number;
}

/** Options and criteria, checked: E_EMPTY, E_KEY for an id given twice or a word unknown, E_NO_VALUE for a missing score. */
export function checked(
  options: readonly Option[] | undefined,
  criteria: readonly Criterion[] | undefined,
): { readonly options: readonly Option[]; readonly criteria: readonly Criterion[] } {
  const list = filled('options', options);
  const by = filled('criteria', criteria);
  const seen = new Set<string>();
  for (const { id } of list) {
    if (seen.has(id)) refuse('E_KEY', 'options.id', id, 'each id once');
    seen.add(id);
  }
  for (const { key, better, weight, tolerance } of by) {
    oneOf(`criteria.${key}.better`, better, ['low', 'high']);
    if (weight !== undefined) notNegative(`criteria.${key}.weight`, weight);
    if (tolerance !== undefined) notNegative(`criteria.${key}.tolerance`, tolerance);
    for (const o of list) {
      const score = o.scores[key];
      if (score === undefined || score === null) refuse('E_NOT_A_NUMBER', `options.${o.id}.scores.${key}`, score);
      finite(`options.${o.id}.scores.${key}`, score);
    }
  }
  return { options: list, criteria: by };
}

/** A checked score. */
export const scoreOf = (option: Option, criterion: Criterion): number => option.scores[criterion.key] ?? NaN;

/** A score turned so that less is better. */
export const costOf = (option: Option, criterion: Criterion): number =>
  criterion.better === 'low' ? scoreOf(option, criterion) : -scoreOf(option, criterion);
