import type { Alloy } from '../alloys';
import { DEFECTS } from './defects.data';
import type { Defect } from './types';

const WORDS = DEFECTS.map((defect) => ({
  defect,
  text: [defect.name, ...defect.alsoCalled, defect.looks, defect.where, ...defect.causes.map((c) => c.cause)]
    .join(' ')
    .toLowerCase(),
}));

/**
 * Defects that a route shows with an alloy, and that hold every word searched for; those that the alloy shows most stand
 * first.
 *
 * @param routeId of the route table; null for any
 * @param alloy null for any
 * @param search words of a name, a look, a place or a cause; empty for all
 * @example
 * findDefects('spin', null, 'no such word') // []
 */
export function findDefects(
  routeId: string | null,
  alloy: Pick<Alloy, 'id' | 'family' | 'team'> | null,
  search: string,
): readonly Defect[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const prone = ({ alloysMostProne }: Defect): boolean =>
    alloy !== null && (alloysMostProne.includes(alloy.id) || alloysMostProne.includes(alloy.team?.from ?? alloy.id));
  const list = WORDS.filter(
    ({ defect, text }) =>
      (routeId === null || defect.routes.includes(routeId)) &&
      (alloy === null || defect.families === 'all' || defect.families.includes(alloy.family)) &&
      words.every((word) => text.includes(word)),
  ).map(({ defect }) => defect);
  return [...list.filter(prone), ...list.filter((defect) => !prone(defect))];
}
