import type { ValueSource } from '../../base/figures';
import { ROUTES } from './data';
import type { Capability, Route, RouteVariant } from './types';

/** One line of the choice: a variant of a route with the capability it inherits. */
export interface Lane {
  /** "route/variant". */
  readonly id: string;
  readonly route: Route;
  readonly variant: RouteVariant;
  readonly capability: Capability;
  /** Whose values stand in place of the book's, by path in the capability: `scrap.new`, `wallMin.copper`. */
  readonly sources?: Readonly<Record<string, ValueSource>>;
}

/**
 * Every variant with its capability: the route's keys, replaced key by key (shallow) by the variant's.
 * The order is that of the routes and of the variants in them.
 */
export const LANES: readonly Lane[] = ROUTES.flatMap((route) =>
  route.variants.map((variant) => ({
    id: `${route.id}/${variant.id}`,
    route,
    variant,
    capability: { ...route.capability, ...variant.capability } as Capability,
  })),
);

const BY_ID = new Map(LANES.map((lane) => [lane.id, lane]));

/**
 * The lane of an id such as "gravity-die/hand", or undefined.
 *
 * @param id "route/variant"
 * @returns undefined where there is none
 * @example
 * findLane('gravity-die/hand')?.route.id // 'gravity-die'
 */
export function findLane(id: string): Lane | undefined {
  return BY_ID.get(id);
}
