import type { Alloy } from './types';

/** Another alloy that may do in an alloy's place, with what is asked of it and where it can be poured. */
export interface NearAlloy {
  readonly id: string;
  readonly name: string;
  readonly reason: string;
}

/**
 * The nearest alternative whose fit for a route is not "no", with the reason given for it.
 *
 * @param alloy of the table
 * @param routeId of the route table
 * @returns undefined where none of its alternatives is poured there
 * @example
 * nearestPourable(alloy, 'no such route') // undefined
 */
export function nearestPourable(alloy: Alloy, routeId: string): NearAlloy | undefined {
  const near = alloy.near?.find((n) => n.pouredBy.includes(routeId));
  return near === undefined ? undefined : { id: near.id, name: near.name, reason: near.reason };
}

/**
 * A table of alloys in which each knows its alternatives by name and by the routes that pour them.
 *
 * @param table alloys that name their alternatives by id
 * @returns the same alloys with `near`
 * @example
 * withNear([alloy])[0].near // []
 */
export function withNear(table: readonly Alloy[]): readonly Alloy[] {
  const byId = new Map(table.map((a) => [a.id, a]));
  return table.map((alloy) => ({
    ...alloy,
    near: alloy.nearAlternatives.flatMap(({ id, reason }) => {
      const other = byId.get(id);
      if (other === undefined) return [];
      const pouredBy = Object.entries(other.routes).flatMap(([route, { fit }]) => (fit === 'no' ? [] : [route]));
      return [{ id, name: other.name, reason, pouredBy }];
    }),
  }));
}
