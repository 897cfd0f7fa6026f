import type { Alloy } from '../alloys';
import { CAUTIONS } from './data/cautions.data';
import type { Caution, Severity } from './types';

/** Who decides, wherever a caution is shown. */
export const WHO_DECIDES =
  'General practice only. Local law, permits, the supplier’s data sheet and a licensed or competent person decide what is allowed and how; where they differ from this page, they win.';

const GRAVITY: readonly Severity[] = ['life', 'injury', 'health'];

/**
 * The cautions that come with a route and a metal, gravest first. Empty for routes that pour nothing.
 * @param alloy null gives those that come with the route whatever the metal
 * @example
 * cautionsFor('gravity-die', alloy).length > 0 // true
 */
export function cautionsFor(routeId: string, alloy: Alloy | null): Caution[] {
  return CAUTIONS.filter((c) => c.applies.routes.includes(routeId) && concerns(c, alloy)).sort(
    (a, b) => GRAVITY.indexOf(a.severity) - GRAVITY.indexOf(b.severity),
  );
}

function concerns({ applies }: Caution, alloy: Alloy | null): boolean {
  const { families, alloys, alloyHazards } = applies;
  if (alloy === null) return families === 'all' && alloys === 'all';
  if (alloys === 'all') return families === 'all' || families.includes(alloy.family);
  return alloys.includes(alloy.id) || alloy.hazards.some((h) => alloyHazards.includes(h));
}
