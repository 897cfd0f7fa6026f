import type { Alloy } from '@/core/catalogue/alloys';
import type { SearchOption } from '../kit';

/** Names of the alloys of the table, once they were fetched. */
const NAMES = new Map<string, string>();

/** Fetches the alloys of the table to choose from. */
export const loadAlloys = async (): Promise<readonly SearchOption[]> => {
  const { ALLOY_SEARCH } = await import('./alloy-options');
  for (const { value, label } of ALLOY_SEARCH) NAMES.set(value, label);
  return ALLOY_SEARCH;
};

/** What an alloy of the table is called, where they were fetched. */
export const loadedName = (id: string): string | undefined => NAMES.get(id);

/** The alloys of the team's own to choose from. */
export const ownOptions = (list: readonly Alloy[]): readonly SearchOption[] =>
  list.map((a) => ({
    value: a.id,
    label: a.name,
    group: 'The team’s own',
    also: `${a.family} ${a.designations.join(' ')}`,
  }));
