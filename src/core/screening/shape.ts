import { draftDegrees } from '../brief';
import type { PartFacts } from '../part';
import type { Capability } from '../catalogue/routes';
import { SECTION_RATIO } from './equations';
import { above, below, finding, notKnown } from './finding';
import type { Finding } from './types';

/** Mass, size, wall, section, draft, undercuts and passages of the part against what the lane can shape. */
export function screenShape(facts: PartFacts, capability: Capability): Finding[] {
  return [
    ...mass(facts, capability),
    size(facts, capability),
    ...smallest(facts, capability),
    wall(facts, capability),
    ...section(facts, capability),
    draft(facts, capability),
    ...counts(facts, capability),
  ];
}

function mass({ m, family }: PartFacts, { mass_kg }: Capability): Finding[] {
  const max = mass_kg.maxBy?.[family] ?? mass_kg.max;
  const fields = ['geometry.volume_cm3', 'alloy'];
  return [
    finding({
      rule: 'dr-mass-max',
      column: 'shape',
      status: m > max ? 'blocked' : 'fits',
      unit: 'kg',
      value: m,
      limit: max,
      ...below(m, max),
      fields,
      reason: m > max ? 'The part is heavier than the route handles.' : 'The part is light enough for the route.',
    }),
    finding({
      rule: 'dr-mass-min',
      column: 'shape',
      status: m < mass_kg.min ? 'tight' : 'fits',
      unit: 'kg',
      value: m,
      limit: mass_kg.min,
      ...above(m, mass_kg.min),
      fields,
      reason:
        m < mass_kg.min ? 'The part is lighter than the route is used to.' : 'The part is heavy enough for the route.',
    }),
  ];
}

function size({ L, W, H }: PartFacts, { size_mm }: Capability): Finding {
  const sides = [L, W, H].sort((x, y) => y - x);
  const worst = sides
    .map((value, i) => ({ value, limit: size_mm.max[i] ?? 0, ...below(value, size_mm.max[i] ?? 0) }))
    .reduce((p, n) => (n.spare < p.spare ? n : p));
  const over = worst.margin < 0;
  return finding({
    rule: 'dr-size-max',
    column: 'shape',
    status: over ? 'blocked' : 'fits',
    unit: 'mm',
    ...worst,
    fields: ['geometry.box_mm'],
    reason: over
      ? 'A side of the part is longer than the largest mould takes.'
      : 'The part lies inside the largest mould.',
  });
}

/** Told only where it strains: the longest side under the smallest the route is used to. */
function smallest({ L, W, H }: PartFacts, { size_mm }: Capability): Finding[] {
  const longest = Math.max(L, W, H);
  if (longest >= size_mm.min) return [];
  return [
    finding({
      rule: 'size-min',
      column: 'shape',
      status: 'tight',
      unit: 'mm',
      value: longest,
      limit: size_mm.min,
      ...above(longest, size_mm.min),
      fields: ['geometry.box_mm'],
      reason: 'The part is smaller than the route is used to: it is lost in handling.',
      fixes: ['Cast several on one stem and part them', 'Move to spin or flask investment'],
    }),
  ];
}

function wall({ w, family }: PartFacts, { wallMin }: Capability): Finding {
  if (w === null) return notKnown('dr-wall-min', 'shape', 'mm', 'geometry.wallMin_mm', 'The thinnest wall');
  const row = wallMin[family];
  if (row === undefined) return noFigure('dr-wall-min', 'mm', w, 'thinnest wall');
  const [exceptional, usual] = row;
  const status = w < exceptional ? 'blocked' : w < usual ? 'tight' : 'fits';
  const limit = status === 'blocked' ? exceptional : usual;
  return finding({
    rule: 'dr-wall-min',
    column: 'shape',
    status,
    unit: 'mm',
    value: w,
    limit,
    ...above(w, limit),
    strains: status === 'tight',
    fields: ['geometry.wallMin_mm'],
    reason: {
      blocked: 'The wall is thinner than this route has ever filled in this metal.',
      tight: 'The wall can be filled, but thinner than usual: misruns and scrap rise.',
      fits: 'The wall fills as usual.',
    }[status],
  });
}

function section({ t, w, family }: PartFacts, { sectionMax, sectionRatioMax }: Capability): Finding[] {
  if (t === null) return [notKnown('dr-section-max', 'shape', 'mm', 'geometry.sectionMax_mm', 'The thickest section')];
  const out: Finding[] = [];
  const max = sectionMax[family];
  if (max === undefined) out.push(noFigure('dr-section-max', 'mm', t, 'thickest section'));
  else {
    const status = t > 1.5 * max ? 'blocked' : t > max ? 'tight' : 'fits';
    const limit = status === 'blocked' ? 1.5 * max : max;
    out.push(
      finding({
        rule: 'dr-section-max',
        column: 'shape',
        status,
        unit: 'mm',
        value: t,
        limit,
        ...below(t, limit),
        strains: status === 'tight',
        fields: ['geometry.sectionMax_mm'],
        reason: {
          blocked: 'The heaviest section is more than half again what this route can feed.',
          tight: 'The heaviest section is over the usual limit: chills, feeders and care.',
          fits: 'The heaviest section can be fed.',
        }[status],
      }),
    );
  }
  if (w === null) return out;
  const ratio = SECTION_RATIO.value({ t, w });
  const strained = ratio > sectionRatioMax.v;
  out.push(
    finding({
      rule: 'dr-section-ratio',
      column: 'shape',
      status: strained ? 'tight' : 'fits',
      unit: 'ratio',
      value: ratio,
      limit: sectionRatioMax.v,
      ...below(ratio, sectionRatioMax.v),
      strains: strained,
      fields: ['geometry.sectionMax_mm', 'geometry.wallMin_mm'],
      reason: strained
        ? 'Thick and thin lie further apart than the route likes: the thin side starves the thick one.'
        : 'Thick and thin are close enough to freeze together.',
    }),
  );
  return out;
}

function draft({ brief }: PartFacts, { draft_deg }: Capability): Finding {
  const allowed = brief.geometry.draftAllowed;
  if (allowed === null) return notKnown('dr-draft', 'shape', 'deg', 'geometry.draftAllowed', 'The draft allowed');
  const degrees = draftDegrees(allowed);
  if (degrees === null) {
    return finding({
      rule: 'dr-draft',
      column: 'shape',
      status: 'fits',
      unit: 'deg',
      value: 'as the route wants',
      limit: draft_deg.usual,
      fields: ['geometry.draftAllowed'],
      reason: 'Draft is allowed; the usual draft of the route is taken.',
    });
  }
  const status = degrees < draft_deg.min ? 'blocked' : degrees < draft_deg.usual ? 'tight' : 'fits';
  const limit = status === 'blocked' ? draft_deg.min : draft_deg.usual;
  return finding({
    rule: 'dr-draft',
    column: 'shape',
    status,
    unit: 'deg',
    value: degrees,
    limit,
    ...above(degrees, limit),
    strains: status === 'tight',
    fields: ['geometry.draftAllowed'],
    reason: {
      blocked: 'Less draft is allowed than the least at which the mould lets go.',
      tight: 'Less draft is allowed than usual: the pattern drags or the part sticks.',
      fits: 'The draft allowed is as much as the route wants.',
    }[status],
  });
}

function counts({ brief }: PartFacts, { undercut, passages }: Capability): Finding[] {
  const { undercuts: nU, passages: nP } = brief.geometry;
  const moving = /slide|moving-core|loose-piece/.test(undercut.mode);
  const out: Finding[] = [];
  if (nU === null) out.push(notKnown('dr-undercut', 'shape', 'count', 'geometry.undercuts', 'The number of undercuts'));
  else {
    const status = nU > undercut.max ? 'blocked' : nU > 0 && moving ? 'tight' : 'fits';
    out.push(
      finding({
        rule: 'dr-undercut',
        column: 'shape',
        status,
        unit: 'count',
        value: nU,
        limit: undercut.max,
        ...below(nU, undercut.max),
        fields: ['geometry.undercuts'],
        reason: {
          blocked: 'More undercuts than this mould can release.',
          tight: `Each undercut needs ${undercut.mode.replaceAll('-', ' ')}: money in the tool, time in the cycle.`,
          fits:
            nU === 0
              ? 'Nothing leans back past the draw.'
              : `Undercuts are released by ${undercut.mode.replaceAll('-', ' ')}.`,
        }[status],
      }),
    );
  }
  if (nP === null)
    out.push(notKnown('dr-passages', 'shape', 'count', 'geometry.passages', 'The number of internal passages'));
  else {
    const over = nP > passages.max;
    out.push(
      finding({
        rule: 'dr-passages',
        column: 'shape',
        status: over ? 'blocked' : 'fits',
        unit: 'count',
        value: nP,
        limit: passages.max,
        ...below(nP, passages.max),
        fields: ['geometry.passages'],
        reason: over
          ? 'More internal passages than this mould can core.'
          : 'The passages can be cored, or there are none.',
      }),
    );
  }
  return out;
}

function noFigure(rule: string, unit: 'mm', value: number, what: string): Finding {
  return finding({
    rule,
    column: 'shape',
    status: 'not-known',
    unit,
    value,
    fields: [],
    reason: `No figure for the ${what} of this metal in this route.`,
    fixes: ['Ask a shop that pours it'],
  });
}
