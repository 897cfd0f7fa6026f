import type { Alloy } from '@/core/catalogue/alloys';
import type { SearchOption } from '../kit';

/** Fetches the alloys of the table to choose from. */
export const loadAlloys = async (): Promise<readonly SearchOption[]> => (await import('./alloy-options')).ALLOY_SEARCH;

/** The alloys of the team's own to choose from. */
export const ownOptions = (list: readonly Alloy[]): readonly SearchOption[] =>
  list.map((a) => ({
    value: a.id,
    label: a.name,
    group: 'The team’s own',
    also: `${a.family} ${a.designations.join(' ')}`,
  }));
