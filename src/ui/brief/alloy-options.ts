import { ALLOYS, ALLOY_FAMILIES } from '@/core/catalogue/alloys';
import type { SearchOption } from '../kit';

/** The alloys to choose from, fetched when a list of them is asked for, each found by its name, its family and its designations. */
export const ALLOY_SEARCH: readonly SearchOption[] = ALLOY_FAMILIES.flatMap((family) =>
  ALLOYS.filter((a) => a.family === family.id).map((a) => ({
    value: a.id,
    label: a.name,
    group: family.name,
    also: a.designations.join(' '),
  })),
);
