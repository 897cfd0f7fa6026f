import type { Brief, Feature, Hole } from '../brief';
import type { Capability, CapabilityFamily, WidthClaim } from '../catalogue/routes';
import { castingTolerance, CORE_SHIFT_MM, partingAddition } from '../formula-book/tolerance';
import { HELD_WIDTH } from './equations/widths';

/** Which tolerance a casting is believed to hold: published grades, what a good shop claims, or what one that does little else claims. */
export type TolerancePolicy = 'published' | 'shop' | 'specialist';

export type FeatureVerdict = 'as-cast' | 'machine' | 'cast-sorted' | 'not-held' | 'not-known';

/** What becomes of one toleranced dimension on one lane. Widths are total, in mm. */
export interface FeatureCall {
  readonly feature: Feature;
  readonly verdict: FeatureVerdict;
  /** Width held as cast by the tolerance policy chosen, parting addition and core shift included; null when the lane has no grade for the alloy. */
  readonly cast_mm: number | null;
  /** Width at the tight grade, for sorting. */
  readonly tight_mm: number | null;
  /** Width by the other tolerance policy, to show where the verdict would differ. */
  readonly otherPolicy_mm: number | null;
  /** Casting grade [tight, usual] used. */
  /** Verdict by the other tolerance policy; null where that is not known. */
  readonly otherVerdict: FeatureVerdict | null;
  readonly grades: readonly [number, number] | null;
  readonly parting_mm: number;
  /** Added by the shift of a core where one end of the size is made by one. */
  readonly coreShift_mm: number;
  readonly because: 'size' | 'surface' | 'asked' | 'none';
}

/** What becomes of a hole pattern: cored or drilled, then perhaps tapped, bored or reamed. */
export interface HoleCall {
  readonly hole: Hole;
  readonly cored: boolean;
  readonly coreDia_mm: number;
  readonly minDia_mm: number;
  readonly depthRatio: number;
  readonly depthRatioMax: number;
  /** Second operations in order, done on each of the holes. */
  readonly operations: readonly ('drill' | 'tap' | 'bore' | 'ream')[];
  /** Width held as cast for a toleranced, cored hole. */
  readonly cast_mm: number | null;
}

/** A toleranced hole under this width is reamed when drilled (mm). */
export const REAM_UNDER_MM = 0.15;

function castWidth(nominal: number, grade: number): number {
  return castingTolerance({ nominal_mm: nominal, grade, onEmpty: 'nearest' }).total_mm;
}

function partingWidth(brief: Brief, capability: Capability): number | null {
  const area = brief.geometry.projected_cm2;
  if (area === null) return null;
  return partingAddition(area, capability.partingExtra.rows) ?? capability.partingExtra.rows.at(-1)?.add_mm ?? 0;
}

/** A claim of a width held as cast, and where it stands in the capability of a lane. */
export interface ClaimOf {
  readonly claim: WidthClaim;
  /** `shopClaim`, `specialistClaim.copper`, or `foundryClaim.other`. */
  readonly path: string;
  /** Stands in place of the published grade, be it closer or wider: what one foundry says or showed. */
  readonly own?: true;
}

const claimed_mm = (nominal_mm: number, { totalBase_mm, perMm, upTo_mm }: WidthClaim): number =>
  totalBase_mm + perMm * Math.max(0, nominal_mm - upTo_mm);

/**
 * The closest claim that a tolerance policy believes of a dimension, or the foundry's own where a lane is judged by one;
 * null for the published grades, for a critical dimension, and beyond the largest that is claimed.
 *
 * @example
 * claimOf(50, true, entry.lane.capability, facts.family, 'specialist') // null
 */
export function claimOf(
  nominal_mm: number,
  critical: boolean,
  capability: Capability,
  family: CapabilityFamily,
  school: TolerancePolicy,
): ClaimOf | null {
  const asked = critical ? 'critical' : 'other';
  const ofFoundry = capability.foundryClaim?.[asked];
  if (ofFoundry !== undefined && nominal_mm <= ofFoundry.maxNominal_mm)
    return { claim: ofFoundry, path: `foundryClaim.${asked}`, own: true };
  if (school === 'published' || critical) return null;
  const own = school === 'specialist' ? capability.specialistClaim?.[family] : undefined;
  const all: ClaimOf[] = [{ claim: capability.shopClaim, path: 'shopClaim' }];
  if (own !== undefined) all.push({ claim: own, path: `specialistClaim.${family}` });
  return all
    .filter(({ claim }) => nominal_mm <= claim.maxNominal_mm)
    .reduce<ClaimOf | null>(
      (best, one) =>
        best === null || claimed_mm(nominal_mm, one.claim) < claimed_mm(nominal_mm, best.claim) ? one : best,
      null,
    );
}

/** What becomes of a dimension of which so much is held as cast. */
function verdictAt(
  feature: Feature,
  cast: number,
  tight: number,
  skinHeld: boolean,
): Pick<FeatureCall, 'verdict' | 'because'> {
  const sizeHeld = feature.tol_mm >= cast;
  const because = feature.mustMachine ? 'asked' : !sizeHeld ? 'size' : !skinHeld ? 'surface' : 'none';
  if (because === 'none') return { verdict: 'as-cast', because };
  if (feature.mayMachine || feature.mustMachine) return { verdict: 'machine', because };
  return { verdict: skinHeld && feature.tol_mm >= tight ? 'cast-sorted' : 'not-held', because };
}

/**
 * Cost model section 3 for one feature: width held as cast (published grade, or the narrower of grade and shop claim),
 * and whether the feature is left as cast, cut, sorted or lost.
 *
 * @example
 * judgeFeature({ id: 'f1', name: 'bore', kind: 'dim', nominal_mm: 40, tol_mm: 4, acrossParting: false, acrossCore: false, mayMachine: true, mustMachine: false, critical: false }, brief, entry.lane.capability, facts.family, 'published').verdict
 * // 'as-cast'
 */
export function judgeFeature(
  feature: Feature,
  brief: Brief,
  capability: Capability,
  family: CapabilityFamily,
  school: TolerancePolicy,
): FeatureCall {
  const ct = capability.ct[family];
  const parting = feature.acrossParting ? partingWidth(brief, capability) : 0;
  const coreShift = feature.acrossCore ? (CORE_SHIFT_MM[capability.passages.mode] ?? 0) : 0;
  if (ct === undefined || parting === null) {
    const verdict = feature.mustMachine && feature.mayMachine ? 'machine' : 'not-known';
    return {
      feature,
      verdict,
      cast_mm: null,
      tight_mm: null,
      otherPolicy_mm: null,
      otherVerdict: null,
      grades: null,
      parting_mm: parting ?? 0,
      coreShift_mm: coreShift,
      because: feature.mustMachine ? 'asked' : 'none',
    };
  }
  const { nominal_mm } = feature;
  const held = (grade: number, claim: ClaimOf | null): number =>
    HELD_WIDTH.value({
      nominal_mm,
      ct_mm: castWidth(nominal_mm, grade),
      claim,
      parting_mm: parting,
      shift_mm: coreShift,
    });
  const published = held(ct[1], null);
  const believed = (policy: TolerancePolicy): number =>
    held(ct[1], claimOf(nominal_mm, feature.critical === true, capability, family, policy));
  const cast = believed(school);
  const tight = held(ct[0], null);
  const low = capability.Ra_um[family]?.[0];
  const other = school === 'published' ? believed('shop') : published;
  const skinHeld = feature.Ra_um === undefined || low === undefined || feature.Ra_um >= low;
  const { verdict, because } = verdictAt(feature, cast, tight, skinHeld);
  return {
    feature,
    verdict,
    cast_mm: cast,
    tight_mm: tight,
    otherPolicy_mm: other,
    otherVerdict: verdictAt(feature, other, tight, skinHeld).verdict,
    grades: [ct[0], ct[1]],
    parting_mm: parting,
    coreShift_mm: coreShift,
    because,
  };
}

/**
 * The least hole that a lane can core in a metal, mm; a specialist’s is smaller where he says so.
 *
 * @example
 * leastCore({ hole: { minDia: { any: 8 }, depthRatioThrough: 4, depthRatioBlind: 2 }, ct: { basis: 'rule' } }, 'copper', 'published')
 * // 8
 */
export function leastCore({ hole }: HoleLimits, family: CapabilityFamily, school: TolerancePolicy): number {
  const usual = hole.minDia[family] ?? hole.minDia.any ?? Infinity;
  const special = hole.minDiaSpecialist?.[family] ?? hole.minDiaSpecialist?.any;
  return school === 'specialist' && special !== undefined ? Math.min(usual, special) : usual;
}

/** What a lane can core: least diameters, depth ratios, and the grades it holds. */
export interface HoleLimits {
  readonly hole: Pick<
    Capability['hole'],
    'minDia' | 'minDiaSpecialist' | 'depthRatioThrough' | 'depthRatioBlind' | 'tol_mm'
  >;
  readonly ct: Capability['ct'];
}

/**
 * Cost model section 3 for one hole pattern: cored where the lane can, else drilled; threads tapped; close ones bored or reamed.
 *
 * @example
 * judgeHole({ dia_mm: 1, depth_mm: 20, count: 2, thread: false, through: true }, entry.lane.capability, facts.family, 0.85).cored
 * // false
 */
export function judgeHole(
  hole: Hole,
  capability: HoleLimits,
  family: CapabilityFamily,
  tapMinor: number,
  school: TolerancePolicy = 'published',
): HoleCall {
  const coreDia = hole.thread ? tapMinor * hole.dia_mm : hole.dia_mm;
  const minDia = leastCore(capability, family, school);
  const ratioMax = hole.through ? capability.hole.depthRatioThrough : capability.hole.depthRatioBlind;
  const ratio = hole.depth_mm / coreDia;
  const cored = coreDia >= minDia && ratio <= ratioMax;
  const ct = capability.ct[family];
  const cast = cored && ct ? (capability.hole.tol_mm ?? castWidth(hole.dia_mm, ct[1])) : null;
  const operations: ('drill' | 'tap' | 'bore' | 'ream')[] = [];
  if (!cored) operations.push('drill');
  if (hole.thread) operations.push('tap');
  else if (hole.tol_mm !== undefined) {
    if (cored) {
      if (cast === null || hole.tol_mm < cast) operations.push('bore');
    } else if (hole.tol_mm < REAM_UNDER_MM) operations.push('ream');
  }
  return {
    hole,
    cored,
    coreDia_mm: coreDia,
    minDia_mm: minDia,
    depthRatio: ratio,
    depthRatioMax: ratioMax,
    operations,
    cast_mm: cast,
  };
}
