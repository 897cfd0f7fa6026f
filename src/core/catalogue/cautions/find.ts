import type { Alloy } from '../alloys';
import { CAUTIONS } from './data/cautions.data';
import type { Caution, CautionCondition, Severity } from './types';

/** Who decides, wherever a caution is shown. */
export const WHO_DECIDES =
  'General practice only. Local law, permits, the supplier’s data sheet and a licensed or competent person decide what is allowed and how; where they differ from this page, they win.';

const GRAVITY: readonly Severity[] = ['life', 'injury', 'health'];

/**
 * The cautions that come with a route and a metal, gravest first. Empty for routes that pour nothing.
 * @param alloy null gives those that come with the route whatever the metal
 * @param so what is so of the part, or is not known to be otherwise; null narrows nothing
 * @example
 * cautionsFor('gravity-die', alloy).length > 0 // true
 */
export function cautionsFor(
  routeId: string,
  alloy: Alloy | null,
  so: ReadonlySet<CautionCondition> | null = null,
): Caution[] {
  return CAUTIONS.filter(
    (c) => c.applies.routes.includes(routeId) && concerns(c, alloy) && (so === null || whyNot(c, routeId, so) === null),
  ).sort((a, b) => GRAVITY.indexOf(a.severity) - GRAVITY.indexOf(b.severity));
}

/**
 * Cautions of a route and a metal that the part does not bring on, each with why it would.
 *
 * @param so what is so of the part, or is not known to be otherwise
 * @example
 * cautionsLeftOut('gravity-die', alloy, new Set()).some((left) => left.caution.id === 'c-xray') // true
 */
export function cautionsLeftOut(
  routeId: string,
  alloy: Alloy | null,
  so: ReadonlySet<CautionCondition>,
): { readonly caution: Caution; readonly why: string }[] {
  return cautionsFor(routeId, alloy).flatMap((caution) => {
    const why = whyNot(caution, routeId, so);
    return why === null ? [] : [{ caution, why }];
  });
}

/** Why a caution does not come with a part on a route; null where it does. */
function whyNot({ applies }: Caution, routeId: string, so: ReadonlySet<CautionCondition>): string | null {
  const narrowed = applies.when?.find(({ routes }) => routes.includes(routeId));
  return narrowed === undefined || narrowed.anyOf.some((one) => so.has(one)) ? null : narrowed.why;
}

function concerns({ applies }: Caution, alloy: Alloy | null): boolean {
  const { families, alloys, alloyHazards } = applies;
  if (alloy === null) return families === 'all' && alloys === 'all';
  if (alloys === 'all') return families === 'all' || families.includes(alloy.family);
  return alloys.includes(alloy.id) || alloy.hazards.some((h) => alloyHazards.includes(h));
}
