import type { LanePart, PartFacts } from '../part';
import type { RateSet } from '../rates';
import type { Lane } from '../catalogue/routes';
import type { Fit } from '../catalogue/alloys';
import { CLAMP_OF_ONE, POURED_FOR_ONE } from './equations';
import { below, finding, notKnown } from './finding';
import { screenWidths } from './as-cast';
import { alloyFit, screenMetal } from './metal';
import { screenShape } from './shape';
import { worse, type Finding, type Status } from './types';

/** What the rules say of one lane. */
export interface Screening {
  readonly fit: Fit;
  readonly findings: readonly Finding[];
  readonly status: Status;
  /** Rules between usual and impossible (nStrain, equation 2.2). */
  readonly nStrain: number;
  /** Clamp a position (F₁), MN; 0 where no machine closes the mould, null when it cannot be known. */
  readonly F1_MN: number | null;
}

/**
 * Clamp of one position, MN (equation 4.2), margins included.
 * @returns 0 for lanes without a clamping machine; null when the projected area is not known
 * @example
 * clampPerPosition(facts, entry.lane, rates) // 0
 */
export function clampPerPosition(facts: PartFacts, lane: Lane, rates: RateSet): number | null {
  if (lane.capability.layout.maxClamp_MN === undefined) return 0;
  return facts.Ap === null ? null : CLAMP_OF_ONE.value({ facts, lane, rates });
}

/**
 * Holds every screening rule against one lane (equations 2.0 to 2.2).
 *
 * @example
 * screenLane(facts, entry.lane, part, rates).status === entry.screening?.status // true
 */
export function screenLane(facts: PartFacts, lane: Lane, part: LanePart, rates: RateSet): Screening {
  const F1 = clampPerPosition(facts, lane, rates);
  const findings = [
    ...screenMetal(facts, lane),
    ...screenShape(facts, lane.capability),
    ...screenWidths(facts, lane.capability, part),
    ...screenPour(facts, lane, part, F1),
  ];
  return {
    fit: alloyFit(facts, lane),
    findings,
    status: findings.reduce<Status>((s, f) => worse(s, f.status), 'fits'),
    nStrain: findings.filter((f) => f.strains).length,
    F1_MN: F1,
  };
}

function screenPour(facts: PartFacts, lane: Lane, part: LanePart, F1: number | null): Finding[] {
  const out: Finding[] = [];
  const { layout } = lane.capability;
  const Y = lane.capability.yield[facts.family]?.[1];
  if (Y !== undefined) {
    const poured = POURED_FOR_ONE.value({ part, Y });
    const over = poured > layout.massLimit_kg;
    out.push(
      finding({
        rule: 'pour-mass',
        column: 'shape',
        status: over ? 'blocked' : 'fits',
        unit: 'kg',
        value: poured,
        limit: layout.massLimit_kg,
        ...below(poured, layout.massLimit_kg),
        fields: ['geometry.volume_cm3', 'alloy'],
        reason: over
          ? 'One casting with its gates and feeders is more metal than one pour here holds.'
          : 'One pour holds the casting with its gates and feeders.',
        fixes: over ? ['Core out heavy sections', 'Move to a sand route'] : [],
      }),
    );
  }
  const max = layout.maxClamp_MN;
  if (max !== undefined) {
    if (F1 === null) out.push(notKnown('dr-clamp', 'shape', 'MN', 'geometry.projected_cm2', 'The projected area'));
    else {
      const over = F1 > max;
      out.push(
        finding({
          rule: 'dr-clamp',
          column: 'shape',
          status: over ? 'blocked' : 'fits',
          unit: 'MN',
          value: F1,
          limit: max,
          ...below(F1, max),
          fields: ['geometry.projected_cm2'],
          reason: over ? 'One cavity already opens the largest machine.' : 'The machine holds one cavity shut.',
        }),
      );
    }
  }
  return out;
}
