import { ALLOYS, ALLOY_FAMILIES } from '@/core/catalogue/alloys';

/** The alloys to choose from, under the names of their families. */
export const ALLOY_OPTIONS = ALLOY_FAMILIES.map(
  (family) => [family.name, ALLOYS.filter((a) => a.family === family.id).map((a) => [a.id, a.name] as const)] as const,
).filter(([, list]) => list.length > 0);
