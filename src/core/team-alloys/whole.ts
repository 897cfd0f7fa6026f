import type { Alloy } from '../catalogue/alloys';
import { ALLOY_FIELDS } from './fields.data';
import type { AlloyFacts, TeamAlloy } from './types';

/** Freezing ranges up to which the book calls it short and medium, K. */
const SHORT_K = 47;
const MEDIUM_K = 110;

/** An alloy whose melting was typed freezes short, medium or long by its range. */
const freezingOf = (range: number): string => (range <= SHORT_K ? 'short' : range <= MEDIUM_K ? 'medium' : 'long');

const GROUPS: ReadonlyMap<string, string> = new Map(ALLOY_FIELDS.map(({ key, basis }) => [key, basis]));

/**
 * A team's alloy with everything an alloy of the book has: what the team says, and the rest as in the alloy copied.
 *
 * @param own of the team
 * @param base the alloy of the book it was copied from
 * @returns an alloy of which each group that the team typed is the shop's own
 * @example
 * wholeAlloy({ id: 'own-1', name: 'Ours', version: 1, from: alloy.id, facts: {}, source: '', date: null }, alloy).name // 'Ours'
 */
export function wholeAlloy(own: TeamAlloy, base: Alloy): Alloy {
  const { routes, conditions, ...plain } = own.facts;
  const said = Object.fromEntries(Object.entries(plain).filter(([, v]) => v !== undefined)) as Partial<Alloy>;
  const solidus = own.facts.solidus_C ?? base.solidus_C;
  const liquidus = own.facts.liquidus_C ?? base.liquidus_C;
  const melting = own.facts.solidus_C !== undefined || own.facts.liquidus_C !== undefined;
  const groups = Object.keys(own.facts).flatMap((key) =>
    own.facts[key as keyof AlloyFacts] === undefined ? [] : (GROUPS.get(key) ?? key),
  );
  const whole: Alloy = {
    ...base,
    ...said,
    id: own.id,
    name: own.name,
    ...(melting ? { freezingRange_C: liquidus - solidus, freezing: freezingOf(liquidus - solidus) } : {}),
    ...(routes === undefined
      ? {}
      : {
          routes: {
            ...base.routes,
            ...Object.fromEntries(Object.entries(routes).map(([id, { fit, why }]) => [id, { fit, why }])),
          },
          pour_C: {
            ...base.pour_C,
            ...Object.fromEntries(
              Object.entries(routes).flatMap(([id, { pour_C: pour }]) => (pour === undefined ? [] : [[id, pour]])),
            ),
          },
        }),
    ...(conditions === undefined
      ? {}
      : { conditions: conditions.map((c) => ({ ...c, kind: 'typical', basis: 'shop' as const })) }),
    nearAlternatives: [{ id: base.id, need: 'near', reason: 'the alloy it was copied from' }, ...base.nearAlternatives],
    near: [
      {
        id: base.id,
        name: base.name,
        reason: 'the alloy it was copied from',
        pouredBy: Object.entries(base.routes).flatMap(([id, { fit }]) => (fit === 'no' ? [] : [id])),
      },
      ...(base.near ?? []),
    ],
    basis: { ...base.basis, ...Object.fromEntries(groups.map((group) => [group, 'shop'])) },
    team: {
      from: base.id,
      fromName: base.name,
      version: own.version,
      source: own.source,
      date: own.date,
      own: Object.keys(own.facts).filter((key) => own.facts[key as keyof AlloyFacts] !== undefined),
    },
  };
  return own.facts.price_USD_kg === undefined ? whole : withoutNote(whole);
}

/** A note on the price of the book does not speak of a price typed. */
function withoutNote(alloy: Alloy): Alloy {
  const { priceNote: _of, ...rest } = alloy;
  return rest;
}
