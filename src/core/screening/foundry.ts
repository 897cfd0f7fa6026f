import { hazardsOf, coatsOf, type PartFacts } from '../part';
import type { RateSet } from '../rates';
import { shortName, type Lane } from '../catalogue/routes';
import type { Foundry, Said } from '../foundries';
import type { ValueSource } from '../base/figures';
import { finding } from './finding';
import type { Finding } from './types';

/** A foundry may be asked for so many times less, or more, than it wants a year, before it is sure to decline. */
const ASK_WITHIN = 2;

/** Iron in the words of a foundry: both kinds. */
const WORDS: Readonly<Record<string, readonly string[]>> = { iron: ['grey-iron', 'ductile-iron'] };

/** Whose value it is. */
const sourceOf = (foundry: Foundry, { basis: known, date, note = '' }: Said<unknown>): ValueSource => ({
  who: foundry.name,
  known,
  source: note,
  date,
});

/**
 * What a foundry itself says to a part: whether it runs the route, pours the alloy, wants the yearly pieces, has the
 * licences, and what it sends out. Nothing where no foundry is asked.
 *
 * @param nobody that no foundry on the list runs the lane
 */
export function screenFoundry(facts: PartFacts, lane: Lane, rates: RateSet, nobody: boolean): Finding[] {
  const { foundry } = rates;
  if (nobody)
    return [
      finding({
        rule: 'foundry-runs',
        column: 'shape',
        status: 'blocked',
        unit: 'word',
        value: 'no',
        limit: 'run',
        fields: [],
        reason: 'No foundry on the list runs this route.',
        fixes: ['Find a foundry that runs it, or judge by the book'],
      }),
    ];
  if (foundry === undefined) return [];
  const line = foundry.profile.lines.find((l) => `${l.route}/${l.variant}` === lane.id);
  if (line === undefined) {
    const runs = foundry.profile.lines.map((l) => shortName(`${l.route}/${l.variant}`)).join('; ');
    return [
      finding({
        rule: 'foundry-runs',
        column: 'shape',
        status: 'blocked',
        unit: 'word',
        value: 'no',
        limit: 'run',
        fields: [],
        reason: `${foundry.name} does not run this route.`,
        fixes: [runs === '' ? 'Enter what the foundry runs' : `It runs ${runs}`],
      }),
    ];
  }
  return [
    ...alloyAt(facts, foundry),
    ...volumeAt(facts, foundry, line.volumePerYear),
    ...licencesAt(facts, lane, rates, foundry),
    ...houseAt(facts, foundry),
    ...coresAt(facts, foundry),
  ];
}

function alloyAt({ alloy, family }: PartFacts, foundry: Foundry): Finding[] {
  const said = foundry.profile.alloys;
  if (said === undefined) return [];
  const { poured, refused, offeredInstead } = said.v;
  const is = (what: string): boolean =>
    what === alloy.id ||
    what === alloy.team?.from ||
    what === alloy.family ||
    what === family ||
    (WORDS[what]?.includes(family) ?? false);
  const no = refused.find(({ what }) => is(what));
  const other = offeredInstead.find(({ asked }) => asked === alloy.id || asked === alloy.team?.from);
  // A name such as al-a356 begins with what its family's names begin with.
  const stem = `${(alloy.team?.from ?? alloy.id).split('-')[0] ?? ''}-`;
  const near = poured.some((id) => is(id) || id.startsWith(stem));
  const status = no !== undefined ? 'blocked' : poured.some(is) ? 'fits' : near ? 'tight' : 'blocked';
  return [
    finding({
      rule: 'foundry-alloy',
      column: 'alloy',
      status,
      unit: 'word',
      value: alloy.name,
      limit: 'poured',
      fields: ['alloy'],
      source: sourceOf(foundry, said),
      reason:
        no !== undefined
          ? `${foundry.name} does not pour it: ${no.why}.`
          : {
              fits: `${foundry.name} pours it.`,
              tight: `${foundry.name} pours its family, but does not list it.`,
              blocked: `${foundry.name} does not pour this metal.`,
            }[status],
      fixes:
        other !== undefined
          ? [`It offers ${other.offered} instead: ${other.why}`]
          : status === 'tight'
            ? ['Ask whether it pours this alloy']
            : status === 'blocked'
              ? [`It pours ${poured.slice(0, 4).join(', ')}`]
              : [],
    }),
  ];
}

function volumeAt(
  { brief }: PartFacts,
  foundry: Foundry,
  said: Said<{ least: number; most: number }> | undefined,
): Finding[] {
  const pieces = brief.quantity.perYear;
  if (said === undefined || pieces === null) return [];
  const { least, most } = said.v;
  const under = pieces < least;
  const limit = under ? least : most;
  const status =
    pieces < least / ASK_WITHIN || pieces > most * ASK_WITHIN ? 'blocked' : under || pieces > most ? 'tight' : 'fits';
  return [
    finding({
      rule: 'foundry-volume',
      column: 'quantity',
      status,
      unit: 'pieces',
      value: pieces,
      limit,
      margin: under ? pieces - least : most - pieces,
      fields: ['quantity.perYear'],
      source: sourceOf(foundry, said),
      reason:
        status === 'fits'
          ? `${foundry.name} wants a part of so many a year.`
          : under
            ? `${foundry.name} wants more of a part a year${status === 'tight' ? ': ask whether it would still take it' : ''}.`
            : `${foundry.name} makes fewer of a part a year${status === 'tight' ? ': ask whether it would still take it' : ''}.`,
      fixes:
        status === 'fits'
          ? []
          : [under ? 'Order a year at once, or several parts together' : 'Share the part among two foundries'],
    }),
  ];
}

/** What a foundry must be licensed for: what is contained under licence, and a metal poured under conditions. */
function licencesAt(facts: PartFacts, lane: Lane, rates: RateSet, foundry: Foundry): Finding[] {
  const said = foundry.profile.licences;
  if (said === undefined) return [];
  const { family, alloy, brief } = facts;
  const asked: string[] = hazardsOf(alloy, brief, rates.containment).filter((id) => rates.containment[id].licence);
  if (lane.capability.conditions?.[family] !== undefined) asked.push(family);
  return asked.map((what) => {
    const has = said.v.includes(what);
    return finding({
      rule: 'foundry-licence',
      column: 'alloy',
      status: has ? 'fits' : 'blocked',
      unit: 'word',
      value: what.replaceAll('-', ' '),
      limit: 'licence',
      fields: ['alloy'],
      source: sourceOf(foundry, said),
      reason: has
        ? `${foundry.name} has the licence for ${what.replaceAll('-', ' ')}.`
        : `${foundry.name} shows no licence for ${what.replaceAll('-', ' ')}.`,
      fixes: has ? [] : ['Ask for the licence in writing'],
    });
  });
}

/** What the part needs and the foundry sends out. */
function houseAt({ brief }: PartFacts, foundry: Foundry): Finding[] {
  const said = foundry.profile.inHouse;
  if (said === undefined) return [];
  const { needs } = brief;
  const out = [
    needs.heatTreated === true && !said.v.heatTreatment ? ['needs.heatTreated', 'heat treatment'] : null,
    needs.xray === true && !said.v.xray ? ['needs.xray', 'X-ray'] : null,
    needs.pressureTight === true && !said.v.leakTest ? ['needs.pressureTight', 'the leak test'] : null,
    coatsOf(brief).includes('paint') && !said.v.paint ? ['needs.coated', 'painting'] : null,
  ].filter((row) => row !== null);
  if (out.length === 0) return [];
  return [
    finding({
      rule: 'foundry-house',
      column: 'leadTime',
      status: 'tight',
      unit: 'word',
      value: out.map(([, what]) => what).join(', '),
      limit: 'in the house',
      fields: out.map(([field]) => field ?? ''),
      source: sourceOf(foundry, said),
      reason: `${foundry.name} sends ${out.map(([, what]) => what).join(' and ')} out: add the way there and back.`,
      fixes: ['Ask who does it, and how long it takes'],
    }),
  ];
}

/** Cores that a foundry buys: their price and days are counted. */
function coresAt({ brief }: PartFacts, foundry: Foundry): Finding[] {
  const said = foundry.profile.cores;
  const { passages, undercuts } = brief.geometry;
  if (said?.v.maker !== 'bought' || (passages ?? 0) + (undercuts ?? 0) === 0) return [];
  return [
    finding({
      rule: 'foundry-house',
      column: 'leadTime',
      status: 'tight',
      unit: 'word',
      value: 'cores',
      limit: 'in the house',
      fields: ['cores.maker'],
      source: sourceOf(foundry, said),
      reason: `${foundry.name} buys its cores: their price and days are counted.`,
      fixes: ['Ask who makes them, and for how long they are kept'],
    }),
  ];
}

/** Where the limit of a rule stands in a capability: `{family}` is the metal of the part. */
const LIMIT_OF: Readonly<Record<string, readonly string[]>> = {
  'dr-mass-max': ['mass_kg', 'mass_kg.max', 'mass_kg.exceptional', 'mass_kg.specialist', 'mass_kg.maxBy'],
  'dr-mass-min': ['mass_kg', 'mass_kg.min'],
  'dr-size-max': ['size_mm', 'size_mm.max', 'size_mm.exceptional', 'size_mm.specialist'],
  'size-min': ['size_mm.min'],
  'dr-wall-min': ['wallMin.{family}', 'wallSpecialist.{family}'],
  'dr-section-max': ['sectionMax', 'sectionMax.{family}', 'sectionFactor'],
  'dr-section-ratio': ['sectionRatioMax'],
  'dr-draft': ['draft_deg'],
  'dr-undercut': ['undercut'],
  'dr-passages': ['passages'],
  'dr-hole-min': ['hole.minDia'],
  'dr-hole-depth': ['hole.depthRatioThrough', 'hole.depthRatioBlind'],
  'dr-ra': ['Ra_um', 'Ra_um.{family}'],
  'dr-ct': ['foundryClaim', 'hole.tol_mm', 'ct.{family}', 'shopClaim', 'specialistClaim.{family}'],
  'dr-across-parting': ['foundryClaim', 'partingExtra', 'ct.{family}', 'shopClaim', 'specialistClaim.{family}'],
  'dr-alloy-route': ['families.{family}'],
  'dr-clamp': ['layout.maxClamp_MN', 'layout.clampExceptional_MN', 'layout.clampSpecialist_MN'],
  'pour-mass': ['layout.massLimit_kg', 'layout.massLimitExceptional_kg', 'layout.massLimitSpecialist_kg', 'yield'],
  'dr-pressure-tight': ['pressureTight'],
  'dr-heat-treat': ['heatTreat'],
  'dr-weld': ['weld'],
  'dr-insert': ['inserts'],
  'dr-cast-thread': ['castThread'],
  grain: ['grain'],
  'open-face': ['openFace'],
};

/** A path of a lane's sources that is, or lies inside, a path of a rule. */
const within = (path: string, of: string): boolean =>
  path === of || path.startsWith(`${of}.`) || path.startsWith(`${of}[`);

/**
 * A finding with whose limit decides, where that is not the book's. A limit that was given with a range is told with it;
 * a part that is inside by the likely limit, and outside by an end of its range, is near the limit.
 *
 * @param lane with the sources of its values
 * @param family of the part's metal
 */
export function withSource(found: Finding, lane: Lane, family: string): Finding {
  if (lane.sources === undefined || found.source !== undefined) return found;
  const of = LIMIT_OF[found.rule]?.map((path) => path.replace('{family}', family)) ?? [];
  const sources = Object.entries(lane.sources).flatMap(([path, source]) =>
    of.some((one) => within(path, one)) ? [source] : [],
  );
  // Of several the one whose figure is the limit decides; any other range is not the one that was compared.
  const source = sources.find(({ range }) => range !== undefined && range[1] === found.limit) ?? sources[0];
  if (source === undefined) return found;
  const { range, ...said } = source;
  if (range?.[1] !== found.limit) return { ...found, source: said };
  return {
    ...found,
    source,
    status: found.status === 'fits' && isInRange(found.value, source) ? 'tight' : found.status,
  };
}

/**
 * Whether a part's figure lies in the range of the limit it is held against, so that the range leaves open what holds.
 *
 * @param value of the part, in the unit of the limit
 * @example
 * isInRange(4.5, { range: [3, 4, 6] }) // true
 */
export const isInRange = (value: number | string | null, { range }: Pick<ValueSource, 'range'>): boolean =>
  typeof value === 'number' && range !== undefined && value >= range[0] && value <= range[2] && range[0] < range[2];
