import type { SearchOption } from '../kit';

/** Fetches the alloys to choose from. */
export const loadAlloys = async (): Promise<readonly SearchOption[]> => (await import('./alloy-options')).ALLOY_SEARCH;
