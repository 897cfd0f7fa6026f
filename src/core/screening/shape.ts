import { draftDegrees } from '../brief';
import type { PartFacts } from '../part';
import type { Capability } from '../catalogue/routes';
import { SECTION_RATIO } from './equations';
import { above, below, finding, notKnown } from './finding';
import { ceilingOf, stepped } from './ceilings';
import { worse, type Finding, type Status } from './types';

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
    ...openFace(facts, capability),
  ];
}

function mass({ m, family }: PartFacts, { mass_kg }: Capability): Finding[] {
  const { status, limit, strains } = stepped(m, ceilingOf(mass_kg, mass_kg.maxBy?.[family]));
  const fields = ['geometry.volume_cm3', 'alloy'];
  return [
    finding({
      rule: 'dr-mass-max',
      column: 'shape',
      status,
      unit: 'kg',
      value: m,
      limit,
      ...below(m, limit),
      strains,
      who: whoCan(status, mass_kg.who),
      fields,
      reason: {
        blocked: 'The part is heavier than anybody pours this way.',
        special: 'The part is heavier than ordinary shops of the route pour.',
        tight: 'The part is heavier than is usual for the route: ordinary shops strain at it.',
        fits: 'The part is light enough for the route.',
      }[status],
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

function size({ L, W, H }: PartFacts, { size_mm, mass_kg }: Capability): Finding {
  const sides = [L, W, H].sort((x, y) => y - x);
  const worst = sides
    .map((value, i) => {
      const [usual = 0, exceptional = 0, specialist = 0] = [
        size_mm.max[i],
        size_mm.exceptional[i],
        size_mm.specialist[i],
      ];
      const step = stepped(value, { usual, exceptional, specialist });
      return { value, ...step, ...below(value, step.limit) };
    })
    .reduce((p, n) =>
      n.status !== p.status ? (worse(p.status, n.status) === n.status ? n : p) : n.spare < p.spare ? n : p,
    );
  return finding({
    rule: 'dr-size-max',
    column: 'shape',
    unit: 'mm',
    ...worst,
    who: whoCan(worst.status, mass_kg.who),
    fields: ['geometry.box_mm'],
    reason: {
      blocked: 'A side of the part is longer than the largest mould of anybody takes.',
      special: 'A side of the part is longer than the moulds of ordinary shops take.',
      tight: 'A side of the part is longer than is usual for the route: the largest boxes and machines.',
      fits: 'The part lies inside the usual mould.',
    }[worst.status],
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

function wall({ w, family }: PartFacts, { wallMin, wallSpecialist }: Capability): Finding {
  if (w === null) return notKnown('dr-wall-min', 'shape', 'mm', 'geometry.wallMin_mm', 'The thinnest wall');
  const row = wallMin[family];
  if (row === undefined) return noFigure('dr-wall-min', 'mm', w, 'thinnest wall');
  const [exceptional, usual] = row;
  const least = Math.min(exceptional, wallSpecialist?.[family] ?? exceptional);
  const status = w < least ? 'blocked' : w < exceptional ? 'special' : w < usual ? 'tight' : 'fits';
  const limit = { blocked: least, special: exceptional, tight: usual, fits: usual }[status];
  return finding({
    rule: 'dr-wall-min',
    column: 'shape',
    status,
    unit: 'mm',
    value: w,
    limit,
    ...above(w, limit),
    strains: status === 'tight' || status === 'special',
    who: whoCan(status, wallSpecialist?.who),
    fields: ['geometry.wallMin_mm'],
    reason: {
      special: 'The wall is thinner than ordinary shops of the route fill.',
      blocked: 'The wall is thinner than this route has ever filled in this metal.',
      tight: 'The wall can be filled, but thinner than usual: misruns and scrap rise.',
      fits: 'The wall fills as usual.',
    }[status],
  });
}

function section({ t, w, family }: PartFacts, { sectionMax, sectionFactor, sectionRatioMax }: Capability): Finding[] {
  if (t === null) return [notKnown('dr-section-max', 'shape', 'mm', 'geometry.sectionMax_mm', 'The thickest section')];
  const out: Finding[] = [];
  const max = sectionMax[family];
  if (max === undefined) out.push(noFigure('dr-section-max', 'mm', t, 'thickest section'));
  else {
    const { exceptional, specialist, who } = sectionFactor;
    const { status, limit, strains } = stepped(t, {
      usual: max,
      exceptional: exceptional * max,
      specialist: specialist * max,
    });
    out.push(
      finding({
        rule: 'dr-section-max',
        column: 'shape',
        status,
        unit: 'mm',
        value: t,
        limit,
        ...below(t, limit),
        strains,
        who: whoCan(status, who),
        fields: ['geometry.sectionMax_mm'],
        reason: {
          blocked: 'The heaviest section is more than anybody feeds on this route.',
          special: 'The heaviest section is more than ordinary shops of the route feed.',
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

function counts({ brief }: PartFacts, { undercut, passages, mass_kg }: Capability): Finding[] {
  const { undercuts: nU, passages: nP } = brief.geometry;
  const moving = /slide|moving-core|loose-piece/.test(undercut.mode);
  const ways = undercut.ways?.join(', ') ?? undercut.mode.replaceAll('-', ' ');
  const out: Finding[] = [];
  if (nU === null) out.push(notKnown('dr-undercut', 'shape', 'count', 'geometry.undercuts', 'The number of undercuts'));
  else {
    const step = stepped(nU, ceilingOf(undercut));
    const status = step.status === 'fits' && nU > 0 && moving ? 'tight' : step.status;
    out.push(
      finding({
        rule: 'dr-undercut',
        column: 'shape',
        status,
        unit: 'count',
        value: nU,
        limit: step.limit,
        ...below(nU, step.limit),
        strains: step.strains,
        who: whoCan(status, undercut.who ?? mass_kg.who),
        fields: ['geometry.undercuts'],
        reason: {
          blocked: 'More undercuts than this mould can release.',
          special: 'More undercuts than ordinary shops release; each one over the usual most costs minutes and moulds.',
          tight: step.strains
            ? 'More undercuts than is usual; each one over the usual most costs minutes and moulds.'
            : `Each undercut needs ${ways}: money in the tool, time in the cycle.`,
          fits: nU === 0 ? 'Nothing leans back past the draw.' : `Undercuts are released by ${ways}.`,
        }[status],
      }),
    );
  }
  if (nP === null)
    out.push(notKnown('dr-passages', 'shape', 'count', 'geometry.passages', 'The number of internal passages'));
  else {
    const { status, limit, strains } = stepped(nP, ceilingOf(passages));
    out.push(
      finding({
        rule: 'dr-passages',
        column: 'shape',
        status,
        unit: 'count',
        value: nP,
        limit,
        ...below(nP, limit),
        strains,
        who: whoCan(status, mass_kg.who),
        fields: ['geometry.passages'],
        reason: {
          blocked: 'More internal passages than this mould can core.',
          special: 'More internal passages than ordinary shops core in this mould.',
          tight: 'More internal passages than is usual in this mould.',
          fits: 'The passages can be cored, or there are none.',
        }[status],
      }),
    );
  }
  return out;
}

/** Who goes beyond ordinary shops, where that is asked for. */
const whoCan = (status: Status, who: string | undefined): string | null =>
  status === 'special' ? (who ?? null) : null;

/** A casting with one face open to the air: only where the brief says that one may be, and the part is plain. */
function openFace({ brief, S }: PartFacts, { openFace: open }: Capability): Finding[] {
  if (open === undefined) return [];
  const flat = brief.geometry.flatFace === true;
  const plain = S <= open.maxSurfaceIndex;
  return [
    finding({
      rule: 'open-face',
      column: 'shape',
      status: flat && plain ? 'tight' : 'blocked',
      unit: 'ratio',
      value: S,
      limit: open.maxSurfaceIndex,
      ...below(S, open.maxSurfaceIndex),
      fields: ['geometry.flatFace'],
      reason: !flat
        ? 'The brief does not say that one plain flat face may lie open to the air.'
        : plain
          ? `The open face sinks by ${open.sink_mm[0]} to ${open.sink_mm[2]} mm and skins over: say that it is machined, or hidden.`
          : 'The part has too much surface for its volume to be tipped out of an open block.',
    }),
  ];
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
