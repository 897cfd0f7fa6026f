import { nearestPourable, type Fit } from '../catalogue/alloys';
import { coatsOf, tightnessOf, type PartFacts } from '../part';
import type { RateSet } from '../rates';
import type { Ability, Lane } from '../catalogue/routes';
import { above, finding, notKnown } from './finding';
import type { Finding } from './types';

const GRADE: Readonly<Record<Fit | Ability, number>> = { usual: 0, yes: 0, possible: 1, limited: 1, special: 2, no: 3 };

/**
 * Fit of the alloy on a lane (equation 2.1): the worse of the alloy's own and the lane's family entry.
 *
 * @example
 * alloyFit(facts, entry.lane) // 'usual'
 */
export function alloyFit(facts: PartFacts, lane: Lane): Fit {
  const own = facts.alloy.routes[lane.route.id]?.fit ?? 'no';
  const family = lane.capability.families[facts.family]?.ok ?? 'no';
  const grade = Math.max(GRADE[own], GRADE[family]);
  return grade === 0 ? 'usual' : grade === 3 ? 'no' : own === 'special' ? 'special' : 'possible';
}

/** Alloy, environment, lead, tightness, heat treatment, welding, inserts and threads against the lane. */
export function screenMetal(facts: PartFacts, lane: Lane, rates: RateSet): Finding[] {
  return [
    fit(facts, lane),
    ...conditions(facts, lane),
    ...environment(facts),
    ...lead(facts),
    ...grain(facts, lane),
    ...coatings(facts, rates),
    ...needs(facts, lane, rates),
  ];
}

function fit(facts: PartFacts, lane: Lane): Finding {
  const { alloy, family } = facts;
  const own = alloy.routes[lane.route.id];
  const row = lane.capability.families[family];
  const verdict = alloyFit(facts, lane);
  const blocked = verdict === 'no';
  const near = blocked ? nearestPourable(alloy, lane.route.id) : undefined;
  const ownIsWorse = row === undefined || GRADE[own?.fit ?? 'no'] >= GRADE[row.ok];
  const why = (ownIsWorse ? own?.why : row.why) || own?.why || row?.why || '';
  return finding({
    rule: 'dr-alloy-route',
    column: 'alloy',
    status: blocked ? 'blocked' : verdict === 'usual' ? 'fits' : verdict === 'special' ? 'special' : 'tight',
    unit: 'word',
    value: verdict,
    limit: 'usual',
    strains: verdict === 'special',
    fields: ['alloy'],
    reason: why || (blocked ? 'This metal is not poured in this mould.' : 'Everyday work for the route.'),
    ...(blocked
      ? { fixes: [near ? `Take ${near.name}: ${near.reason}` : `This route pours ${pouredFamilies(lane)}`] }
      : {}),
  });
}

/** Metals a lane pours, usual ones first: "zinc, tin, lead". */
function pouredFamilies(lane: Lane): string {
  const of = (ok: Ability): string[] =>
    Object.entries(lane.capability.families).flatMap(([family, row]) =>
      row.ok === ok ? [family.replaceAll('-', ' ')] : [],
    );
  return [...of('yes'), ...of('limited')].slice(0, 4).join(', ');
}

function environment({ brief, alloy }: PartFacts): Finding[] {
  const place = brief.needs.environment;
  if (place === null) {
    return Math.min(alloy.corrosion.indoor, alloy.corrosion.outdoor, alloy.corrosion.marine) >= 3
      ? []
      : [notKnown('dr-environment', 'alloy', 'score', 'needs.environment', 'Where the part lives')];
  }
  const score = alloy.corrosion[place];
  const coated = coatsOf(brief).length > 0;
  const status = score <= 1 && !coated ? 'blocked' : score <= 3 && !coated ? 'tight' : 'fits';
  return [
    finding({
      rule: 'dr-environment',
      column: 'alloy',
      status,
      unit: 'score',
      value: score,
      limit: 3,
      ...above(score, 3),
      fields: ['needs.environment', 'alloy'],
      reason: `${place}: ${alloy.corrosion.why}`,
    }),
  ];
}

function lead({ brief, alloy }: PartFacts): Finding[] {
  const asked = brief.needs.leadFree;
  if (alloy.leadFree || asked === false) return [];
  if (asked === null)
    return [notKnown('lead-free', 'alloy', 'word', 'needs.leadFree', 'Whether the part must be free of lead')];
  return [
    finding({
      rule: 'lead-free',
      column: 'alloy',
      status: alloy.leadFreeToOrder ? 'tight' : 'blocked',
      unit: 'word',
      value: `${alloy.leadMax_pct} % lead`,
      limit: '0.25 % lead',
      fields: ['needs.leadFree', 'alloy'],
      reason: alloy.leadFreeToOrder
        ? 'Lead-free only to order, with a certificate.'
        : 'The alloy holds lead and the part must not.',
      fixes: alloy.leadFreeToOrder ? ['Order with a certificate of lead'] : ['Choose a lead-free alloy'],
    }),
  ];
}

/** A metal that is poured here only under conditions: what they are, and what the shop must show. */
function conditions({ family }: PartFacts, { capability }: Lane): Finding[] {
  const under = capability.conditions?.[family];
  if (under === undefined || capability.families[family]?.ok === 'no') return [];
  return [
    finding({
      rule: 'conditions',
      column: 'alloy',
      status: 'tight',
      unit: 'word',
      value: family.replaceAll('-', ' '),
      limit: 'under conditions',
      fields: ['alloy'],
      reason: `Poured only with ${under.conditions.join('; ')}.`,
      fixes: [`The shop must show: ${under.shopMustShow.join('; ')}`],
    }),
  ];
}

/** Families that can be frozen from one end. */
const DIRECTIONAL: ReadonlySet<string> = new Set(['nickel', 'cobalt']);

function grain({ brief, alloy }: PartFacts, { capability }: Lane): Finding[] {
  const asked = brief.needs.grain;
  if (asked === undefined || asked === 'normal') return [];
  const wrong = asked === 'directional' && !DIRECTIONAL.has(alloy.family);
  const can = wrong ? 'no' : capability.grain[asked];
  const status = ({ yes: 'fits', limited: 'tight', special: 'special', no: 'blocked' } as const)[can];
  return [
    finding({
      rule: 'grain',
      column: 'alloy',
      status,
      unit: 'word',
      value: asked,
      limit: can,
      strains: status === 'tight' || status === 'special',
      who: status === 'special' ? (capability.grain.note ?? null) : null,
      fields: ['needs.grain'],
      reason: wrong
        ? 'Only nickel and cobalt alloys are frozen from one end.'
        : {
            fits: `A ${asked} grain is usual here.`,
            tight: `A ${asked} grain is possible here, with more scrap.`,
            special: `A ${asked} grain is made by a handful of shops.`,
            blocked: `A ${asked} grain is not made in this mould.`,
          }[status],
    }),
  ];
}

function coatings({ brief, alloy, ratesFamily }: PartFacts, rates: RateSet): Finding[] {
  return coatsOf(brief).map((id) => {
    const { name, families, barred = [], note } = rates.coatings[id];
    const goes =
      (families === 'all' || families.includes(ratesFamily) || families.includes(alloy.family)) &&
      !barred.includes(ratesFamily);
    return finding({
      rule: 'coating',
      column: 'alloy',
      status: goes ? 'fits' : 'blocked',
      subject: name,
      unit: 'word',
      value: ratesFamily.replaceAll('-', ' '),
      limit: families === 'all' ? 'any metal' : families.join(', ').replaceAll('-', ' '),
      fields: [brief.needs.coating === undefined ? 'needs.coated' : 'needs.coating'],
      reason: goes ? (note ?? 'The coat goes on this metal.') : 'This coat does not go on this metal.',
      fixes: goes ? [] : ['Ask for another coat', 'Choose a metal it goes on'],
    });
  });
}

function needs(facts: PartFacts, lane: Lane, rates: RateSet): Finding[] {
  const { brief, alloy } = facts;
  const { capability } = lane;
  const out: Finding[] = [];
  const ability = (
    rule: string,
    field: string,
    asked: boolean | null,
    can: Ability,
    status: { limited: Finding['status']; no: Finding['status'] },
    words: { yes: string; limited: string; no: string; unknown: string },
    strains = false,
  ): void => {
    if (asked === false || (asked === null && can === 'yes')) return;
    if (asked === null) return void out.push(notKnown(rule, 'shape', 'word', field, words.unknown));
    out.push(
      finding({
        rule,
        column: 'shape',
        status: can === 'yes' ? 'fits' : status[can],
        unit: 'word',
        value: 'asked',
        limit: can,
        strains: strains && can === 'limited',
        fields: [field],
        reason: words[can],
      }),
    );
  };

  const score = tightnessOf(capability.pressureTight.v, brief, rates.coatings);
  const tightAsked = brief.needs.pressureTight;
  if (tightAsked === null && score <= 3)
    out.push(
      notKnown('dr-pressure-tight', 'shape', 'score', 'needs.pressureTight', 'Whether the part must hold pressure'),
    );
  if (tightAsked === true) {
    const status = score <= 2 ? 'blocked' : score === 3 ? 'tight' : 'fits';
    out.push(
      finding({
        rule: 'dr-pressure-tight',
        column: 'shape',
        status,
        unit: 'score',
        value: score,
        limit: 3,
        ...above(score, 3),
        strains: status === 'tight',
        fields: ['needs.pressureTight'],
        reason: {
          blocked: 'Castings of this route leak too often to promise tightness.',
          tight: 'Tight castings are possible here, with scrap and testing.',
          fits: 'Tight castings are usual here.',
        }[status],
      }),
    );
  }
  ability(
    'dr-heat-treat',
    'needs.heatTreated',
    brief.needs.heatTreated,
    capability.heatTreat.ok,
    {
      limited: brief.needs.heatTreatOptional ? 'tight' : 'blocked',
      no: brief.needs.heatTreatOptional ? 'tight' : 'blocked',
    },
    {
      yes: 'The castings can be heat treated.',
      limited: capability.heatTreat.note ?? 'Heat treatment is limited here.',
      no: capability.heatTreat.note ?? 'These castings cannot be heat treated.',
      unknown: 'Whether the part is heat treated',
    },
  );
  ability(
    'dr-weld',
    'needs.welded',
    brief.needs.welded,
    capability.weld.ok === 'yes' && alloy.weldability <= 2 ? 'limited' : capability.weld.ok,
    { limited: 'tight', no: 'blocked' },
    {
      yes: 'The castings weld.',
      limited:
        alloy.weldability <= 2 ? alloy.weldNote : (capability.weld.note ?? 'Gas in the casting spoils the weld.'),
      no: capability.weld.note ?? 'These castings cannot be welded.',
      unknown: 'Whether the part is welded',
    },
    true,
  );
  ability(
    'dr-insert',
    'needs.inserts',
    brief.needs.inserts,
    capability.inserts.possible,
    { limited: 'tight', no: 'blocked' },
    {
      yes: capability.inserts.note ?? 'Inserts can be cast in.',
      limited: capability.inserts.note ?? 'Only few kinds of insert survive.',
      no: capability.inserts.note ?? 'No insert survives this mould.',
      unknown: 'Whether inserts are cast in',
    },
  );
  ability(
    'dr-cast-thread',
    'needs.castThread',
    brief.needs.castThread,
    capability.castThread.possible,
    { limited: 'second-operation', no: 'second-operation' },
    {
      yes: 'Threads can be cast.',
      limited: capability.castThread.note || 'Coarse threads only; the rest are cut.',
      no: capability.castThread.note || 'Threads are cut, not cast.',
      unknown: 'Whether threads are cast',
    },
  );
  return out;
}
