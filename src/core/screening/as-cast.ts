import {
  holeWords,
  REAM_UNDER_MM,
  roughnessAsked,
  type FeatureCall,
  type HoleCall,
  type LanePart,
  type PartFacts,
} from '../part';
import type { Capability } from '../catalogue/routes';
import { above, finding, notKnown } from './finding';
import type { Finding, Status } from './types';

/** Tolerances, holes and skin: what the lane holds as cast and what needs a second operation. */
export function screenWidths(facts: PartFacts, capability: Capability, part: LanePart): Finding[] {
  return [
    ...part.features.map((call, i) => feature(call, i)),
    ...part.holes.map((call, i) => hole(call, i)),
    skin(facts, capability),
  ];
}

const DONE = { drill: 'drilled', tap: 'tapped', bore: 'bored', ream: 'reamed' } as const;

const FEATURE_STATUS: Readonly<Record<FeatureCall['verdict'], Status>> = {
  'as-cast': 'fits',
  machine: 'second-operation',
  'cast-sorted': 'tight',
  'not-held': 'blocked',
  'not-known': 'not-known',
};

function feature(call: FeatureCall, i: number): Finding {
  const { feature: f, cast_mm: cast } = call;
  const words: Readonly<Record<FeatureCall['verdict'], string>> = {
    'as-cast': 'Held as cast.',
    machine:
      call.because === 'asked'
        ? 'The drawing asks for a second operation.'
        : call.because === 'surface'
          ? 'The skin asked for is finer than cast; it is cut.'
          : 'Closer than the casting holds; it is cut.',
    'cast-sorted': 'Only the tight end of the grade holds it: castings are sorted.',
    'not-held': 'Closer than the casting holds, and it may not be cut.',
    'not-known': 'No casting grade for this metal here, or the projected area is missing.',
  };
  // What may be sorted for is the closer of the tight grade and what the tolerance policy holds.
  const limit =
    call.verdict === 'not-held' && call.tight_mm !== null && cast !== null ? Math.min(call.tight_mm, cast) : cast;
  return finding({
    rule: f.acrossParting ? 'dr-across-parting' : 'dr-ct',
    column: 'tolerance',
    status: FEATURE_STATUS[call.verdict],
    subject: f.name || f.id,
    unit: 'mm',
    value: f.tol_mm,
    limit,
    ...(limit === null ? {} : above(f.tol_mm, limit)),
    fields: [`features.${i}.tol_mm`, `features.${i}.nominal_mm`],
    reason: words[call.verdict],
  });
}

function hole(call: HoleCall, i: number): Finding {
  const { hole: h } = call;
  const subject = holeWords(h, true);
  const tooSmall = call.coreDia_mm < call.minDia_mm;
  const asked = closer(call);
  const status: Status = call.operations.length > 0 ? 'second-operation' : 'fits';
  const reason = call.cored
    ? call.operations.length > 0
      ? `Cored, then ${call.operations.map((o) => DONE[o]).join(' and ')}.`
      : 'Cored as wanted.'
    : tooSmall
      ? 'Smaller than the least core: drilled from solid.'
      : 'Deeper than a core of that thickness bears: drilled from solid.';
  if (asked !== null)
    return finding({
      rule: 'dr-ct',
      column: 'tolerance',
      status,
      subject,
      unit: 'mm',
      value: asked.tol_mm,
      limit: asked.limit_mm,
      ...above(asked.tol_mm, asked.limit_mm),
      fields: [`holes.${i}.tol_mm`, `holes.${i}.dia_mm`],
      reason: `${reason.slice(0, -1)}: closer than ${call.cored ? 'the casting' : 'a drill'} holds.`,
    });
  return finding({
    rule: tooSmall || call.cored ? 'dr-hole-min' : 'dr-hole-depth',
    column: 'tolerance',
    status,
    subject,
    unit: tooSmall || call.cored ? 'mm' : 'ratio',
    value: tooSmall || call.cored ? call.coreDia_mm : call.depthRatio,
    limit: tooSmall || call.cored ? call.minDia_mm : call.depthRatioMax,
    ...(tooSmall || call.cored
      ? above(call.coreDia_mm, call.minDia_mm)
      : { margin: call.depthRatioMax - call.depthRatio, spare: null }),
    fields: [`holes.${i}.dia_mm`, `holes.${i}.depth_mm`],
    reason,
    fixes: call.cored || status === 'fits' ? [] : ['Open the hole, or drill it'],
  });
}

/** The tolerance of a hole that is bored or reamed for it, and the width that is held without; null for another. */
function closer({ hole: { tol_mm }, operations, cast_mm }: HoleCall): { tol_mm: number; limit_mm: number } | null {
  if (tol_mm === undefined) return null;
  if (operations.includes('ream')) return { tol_mm, limit_mm: REAM_UNDER_MM };
  return operations.includes('bore') && cast_mm !== null ? { tol_mm, limit_mm: cast_mm } : null;
}

function skin({ brief, family }: PartFacts, { Ra_um }: Capability): Finding {
  const asked = roughnessAsked(brief.surface);
  if (asked === null)
    return notKnown('dr-ra', 'tolerance', 'µm', 'surface.Ra_um', 'The roughness asked of the whole face');
  const row = Ra_um[family];
  if (row === undefined) {
    return finding({
      rule: 'dr-ra',
      column: 'tolerance',
      status: 'not-known',
      unit: 'µm',
      value: asked,
      fields: [],
      reason: 'No roughness figure for this metal in this route.',
      fixes: ['Ask for a sample'],
    });
  }
  const usual = Math.sqrt(row[0] * row[1]);
  const under = asked < row[0];
  const status: Status = under
    ? brief.surface.polishAllowed
      ? 'second-operation'
      : 'blocked'
    : asked < usual
      ? 'tight'
      : 'fits';
  const limit = under ? row[0] : usual;
  return finding({
    rule: 'dr-ra',
    column: 'tolerance',
    status,
    subject: 'skin',
    unit: 'µm',
    value: asked,
    limit,
    ...above(asked, limit),
    strains: status === 'tight',
    fields: [brief.surface.Ra_um === null ? 'surface.Rq_um' : 'surface.Ra_um'],
    reason: {
      blocked: 'The skin asked for is finer than the best of this route, and polishing is not allowed.',
      'second-operation': 'The skin asked for is reached by polishing.',
      tight: 'The skin asked for is at the fine end of the route.',
      fits: 'The skin comes as cast.',
      'not-known': '',
    }[status],
  });
}
