import type { Brief, Feature, Hole } from '../../brief';
import type { Requirement } from './requirement';

/** A roughness every casting skin meets: the coarsest a brief can ask for. µm */
const ANY_SKIN_UM = 50;

/** A changed copy of one section of a brief. */
const within = <K extends 'geometry' | 'needs' | 'surface' | 'quantity'>(
  brief: Brief,
  section: K,
  change: Partial<Brief[K]>,
): Brief => ({ ...brief, [section]: { ...brief[section], ...change } });

/**
 * Every requirement a brief makes, in the order of the brief. A value that is not known, or a need answered with no,
 * asks for nothing and is not listed.
 *
 * @example
 * requirementsOf(brief).length > 0 // true
 */
export function requirementsOf(brief: Brief): Requirement[] {
  return [
    ...shapeAsked(brief),
    ...brief.features.map(featureAsked),
    ...brief.holes.map(holeAsked),
    ...surfaceAsked(brief),
    ...needsAsked(brief),
    ...dateAsked(brief),
  ];
}

function shapeAsked({ geometry: g }: Brief): Requirement[] {
  const out: Requirement[] = [];
  const counted = (key: 'undercuts' | 'passages', name: string, relaxed: string): void => {
    const n = g[key];
    if (n !== null && n > 0)
      out.push({
        id: `geometry.${key}`,
        name,
        asked: n,
        unit: 'pieces',
        relaxed,
        path: `geometry.${key}`,
        relax: (b) => within(b, 'geometry', { [key]: 0 }),
      });
  };
  if (g.wallMin_mm !== null && g.sectionMax_mm !== null && g.wallMin_mm < g.sectionMax_mm)
    out.push({
      id: 'geometry.wallMin_mm',
      name: 'Thinnest wall',
      asked: g.wallMin_mm,
      unit: 'mm',
      relaxed: 'no wall thinner than the thickest section; volume and mass left as they are',
      path: 'geometry.wallMin_mm',
      relax: (b) => within(b, 'geometry', { wallMin_mm: b.geometry.sectionMax_mm }),
    });
  counted('undercuts', 'Undercuts', 'nothing leans back past the draw');
  counted('passages', 'Inner passages', 'no hollow that a straight pull does not clear');
  if (g.draftAllowed === false || typeof g.draftAllowed === 'number')
    out.push({
      id: 'geometry.draftAllowed',
      name: 'Draft refused',
      asked: g.draftAllowed === false ? 'none allowed' : g.draftAllowed,
      unit: g.draftAllowed === false ? null : 'deg',
      relaxed: 'walls may lean as each route wants',
      path: 'geometry.draftAllowed',
      relax: (b) => within(b, 'geometry', { draftAllowed: true }),
    });
  return out;
}

const featureAsked = (feature: Feature, i: number): Requirement => ({
  id: `feature.${feature.id}`,
  name: feature.name === '' ? `Dimension ${i + 1}` : feature.name,
  asked: feature.tol_mm,
  unit: 'mm',
  relaxed: feature.mustMachine ? 'left as cast, with no tolerance of its own' : 'no tolerance of its own',
  path: 'features',
  relax: (b) => ({ ...b, features: b.features.filter((f) => f.id !== feature.id) }),
});

const holeAsked = (hole: Hole, i: number): Requirement => ({
  id: `hole.${i}`,
  name: `${hole.count > 1 ? `${hole.count} holes` : 'Hole'}${hole.thread ? ', threaded' : ''}, ${hole.dia_mm} mm`,
  asked: hole.dia_mm,
  unit: 'mm',
  relaxed: 'left solid',
  path: 'holes',
  // Cored holes count the detailed ones too, so that the count goes down with the pattern.
  relax: (b) => ({
    ...b,
    holes: b.holes.filter((h) => h !== hole),
    geometry: {
      ...b.geometry,
      coredHoles: b.geometry.coredHoles === null ? null : Math.max(0, b.geometry.coredHoles - hole.count),
    },
  }),
});

function surfaceAsked({ surface: s, needs }: Brief): Requirement[] {
  const out: Requirement[] = [];
  if (s.Ra_um !== null && s.Ra_um < ANY_SKIN_UM)
    out.push({
      id: 'surface.Ra_um',
      name: 'Roughness of the whole face',
      asked: s.Ra_um,
      unit: 'µm',
      relaxed: 'any skin a mould leaves',
      path: 'surface.Ra_um',
      relax: (b) => within(b, 'surface', { Ra_um: ANY_SKIN_UM }),
    });
  if (needs.cosmeticFace === true)
    out.push({
      id: 'needs.cosmeticFace',
      name: 'A face that is seen',
      asked: 'yes',
      unit: null,
      relaxed: 'no face that is seen',
      path: 'needs.cosmeticFace',
      relax: (b) => within(b, 'needs', { cosmeticFace: false }),
    });
  return out;
}

const NEEDS = [
  ['pressureTight', 'Must hold pressure', 'need not be tight, and is not tested'],
  ['heatTreated', 'Heat treated', 'as cast'],
  ['welded', 'Welded later', 'not welded'],
  ['leadFree', 'Free of lead', 'lead allowed'],
  ['inserts', 'Inserts cast in', 'inserts pressed in later, at a cost of their own'],
  ['castThread', 'Threads cast', 'threads cut'],
  ['xray', 'Each piece X-rayed', 'not X-rayed'],
] as const;

function needsAsked({ needs }: Brief): Requirement[] {
  const out = NEEDS.filter(([key]) => needs[key] === true).map(([key, name, relaxed]): Requirement => ({
    id: `needs.${key}`,
    name,
    asked: 'yes',
    unit: null,
    relaxed,
    path: `needs.${key}`,
    relax: (b) => within(b, 'needs', { [key]: false }),
  }));
  if (needs.environment !== null && needs.environment !== 'indoor')
    out.push({
      id: 'needs.environment',
      name: 'Environment',
      asked: needs.environment,
      unit: null,
      relaxed: 'indoors',
      path: 'needs.environment',
      relax: (b) => within(b, 'needs', { environment: 'indoor' }),
    });
  return out;
}

function dateAsked({ quantity }: Brief): Requirement[] {
  return quantity.firstDelivery === null
    ? []
    : [
        {
          id: 'quantity.firstDelivery',
          name: 'First delivery',
          asked: quantity.firstDelivery,
          unit: null,
          relaxed: 'no date',
          path: 'quantity.firstDelivery',
          relax: (b) => within(b, 'quantity', { firstDelivery: null }),
        },
      ];
}

/**
 * A brief with several of its requirements given up at once.
 * @param ids of the brief's own requirements; ids it does not have are passed over
 * @example
 * withoutAll(brief, []).title // 'Bracket'
 */
export const withoutAll = (brief: Brief, ids: readonly string[]): Brief =>
  requirementsOf(brief)
    .filter((r) => ids.includes(r.id))
    .reduce((b, r) => r.relax(b), brief);
