import { LANES, ROUTES, type Capability, type Lane } from '../catalogue/routes';
import { BOOK_PROCESS } from './book';
import { sourcesOf } from './changes';
import type { OwnValues, ProcessTable } from './types';

/**
 * Every lane by a table of process values: the route's keys, replaced key by key by the variant's, as the book does.
 *
 * @param table process values
 * @param own which of them are own, and who says so
 * @param who name of the set that they stand in
 * @returns the book's own lanes where the table is the book's
 * @example
 * lanesOf({ spin: {} }, {}, '').length // 19
 */
export function lanesOf(table: ProcessTable, own: OwnValues, who: string): readonly Lane[] {
  if (table === BOOK_PROCESS) return LANES;
  return ROUTES.flatMap((route) =>
    route.variants.map((variant): Lane => {
      const id = `${route.id}/${variant.id}`;
      const sources = sourcesOf(id, table[id] ?? {}, own, who);
      return {
        id,
        route,
        variant,
        capability: { ...table[route.id], ...table[id] } as Capability,
        ...(sources === undefined ? {} : { sources }),
      };
    }),
  );
}
