import { ALLOYS } from './data';
import type { Alloy } from './types';

const BY_ID = new Map(ALLOYS.map((a) => [a.id, a]));

/**
 * The alloy of that id, or undefined when the shop keeps none of that name.
 *
 * @param id of the alloy table
 * @returns undefined where there is none
 * @example
 * findAlloy('no such alloy') // undefined
 */
export function findAlloy(id: string | null | undefined): Alloy | undefined {
  return id == null ? undefined : BY_ID.get(id);
}
