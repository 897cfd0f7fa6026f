import type { LanePart, PartFacts } from '../part';
import type { RateSet } from '../rates';
import type { Capability, Lane } from '../catalogue/routes';
import type { Fit } from '../catalogue/alloys';
import { CLAMP_OF_ONE, POURED_FOR_ONE } from './equations';
import { below, finding, notKnown } from './finding';
import { screenWidths } from './as-cast';
import { alloyFit, screenMetal } from './metal';
import { screenFoundry, withSource } from './foundry';
import { screenShape } from './shape';
import { stepped, type Ceiling } from './ceilings';
import { worse, type Finding, type Status } from './types';

/** What the rules say of one lane. */
export interface Screening {
  readonly fit: Fit;
  readonly findings: readonly Finding[];
  readonly status: Status;
  /** Whether the fit, or any rule, is work of a few shops only. */
  readonly special: boolean;
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
 * Holds every screening rule against one lane (equations 2.0 to 2.2), and what the foundry asked says of the part.
 *
 * @param nobody that no foundry of those asked runs the lane
 * @example
 * screenLane(facts, entry.lane, part, rates).status === entry.screening?.status // true
 */
export function screenLane(facts: PartFacts, lane: Lane, part: LanePart, rates: RateSet, nobody = false): Screening {
  const F1 = clampPerPosition(facts, lane, rates);
  const findings = [
    ...screenFoundry(facts, lane, rates, nobody),
    ...screenMetal(facts, lane, rates),
    ...screenShape(facts, lane.capability),
    ...screenWidths(facts, lane.capability, part),
    ...screenPour(facts, lane, part, F1),
  ].map((found) => withSource(found, lane, facts.family));
  return {
    fit: alloyFit(facts, lane),
    findings,
    status: findings.reduce<Status>((s, f) => worse(s, f.status), 'fits'),
    special: findings.some((f) => f.status === 'special'),
    nStrain: findings.filter((f) => f.strains).length,
    F1_MN: F1,
  };
}

/** Metal of a pour in three steps; of a route that tells only the first, in the ratio of its masses. */
function pourCeiling({ layout, mass_kg }: Capability): Ceiling {
  const usual = layout.massLimit_kg;
  return {
    usual,
    exceptional: layout.massLimitExceptional_kg ?? (usual * mass_kg.exceptional) / mass_kg.max,
    specialist: layout.massLimitSpecialist_kg ?? (usual * mass_kg.specialist) / mass_kg.max,
  };
}

function screenPour(facts: PartFacts, lane: Lane, part: LanePart, F1: number | null): Finding[] {
  const out: Finding[] = [];
  const { layout, mass_kg } = lane.capability;
  const Y = lane.capability.yield[facts.family]?.[1];
  if (Y !== undefined) {
    const poured = POURED_FOR_ONE.value({ part, Y });
    const { status, limit, strains } = stepped(poured, pourCeiling(lane.capability));
    out.push(
      finding({
        rule: 'pour-mass',
        column: 'shape',
        status,
        unit: 'kg',
        value: poured,
        limit,
        ...below(poured, limit),
        strains,
        who: status === 'special' ? (mass_kg.who ?? null) : null,
        fields: ['geometry.volume_cm3', 'alloy'],
        reason: {
          blocked: 'One casting with its gates and feeders is more metal than any pour of this kind holds.',
          special: 'One casting with its gates and feeders is more metal than a pour of ordinary shops holds.',
          tight: 'One casting with its gates and feeders is more metal than a usual pour holds.',
          fits: 'One pour holds the casting with its gates and feeders.',
        }[status],
        fixes: status === 'fits' ? [] : ['Core out heavy sections', 'Move to a sand route'],
      }),
    );
  }
  const max = layout.maxClamp_MN;
  if (max !== undefined) {
    if (F1 === null) out.push(notKnown('dr-clamp', 'shape', 'MN', 'geometry.projected_cm2', 'The projected area'));
    else {
      const { status, limit, strains } = stepped(F1, {
        usual: max,
        exceptional: layout.clampExceptional_MN ?? max,
        specialist: layout.clampSpecialist_MN ?? max,
      });
      out.push(
        finding({
          rule: 'dr-clamp',
          column: 'shape',
          status,
          unit: 'MN',
          value: F1,
          limit,
          ...below(F1, limit),
          strains,
          who: status === 'special' ? (layout.clampWho ?? null) : null,
          fields: ['geometry.projected_cm2'],
          reason: {
            blocked: 'One cavity already opens the largest machine there is.',
            special: 'One cavity opens the machines of ordinary shops.',
            tight: 'One cavity wants one of the largest machines.',
            fits: 'The machine holds one cavity shut.',
          }[status],
        }),
      );
    }
  }
  return out;
}
