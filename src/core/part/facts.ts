import type { MissingFacts, PartFacts } from './types';
import type { Alloy } from '../catalogue/alloys';
import type { Brief } from '../brief';
import { capabilityFamily, ratesFamily, type RateSet } from '../rates';
import type { CapabilityFamily } from '../catalogue/routes';
import { COMPLEXITY, DIFFICULTY, ENVELOPE, MASS, PLAN, SURFACE_INDEX } from './equations/shape';

/**
 * The part facts of a brief in one alloy (equations 1.1 to 1.5).
 *
 * @returns the facts, or the brief paths without which no money or time can be computed
 * @example
 * partFacts({ ...brief, geometry: { ...brief.geometry, volume_cm3: null } }, alloy, rates).missing
 * // ['geometry.volume_cm3']
 */
export function partFacts(brief: Brief, alloy: Alloy | null, rates: RateSet): PartFacts | MissingFacts {
  const g = brief.geometry;
  const missing: string[] = [];
  if (alloy === null) missing.push('alloy');
  if (g.volume_cm3 === null) missing.push('geometry.volume_cm3');
  if (g.area_cm2 === null) missing.push('geometry.area_cm2');
  if (g.box_mm === null) missing.push('geometry.box_mm');
  if (alloy === null || g.volume_cm3 === null || g.area_cm2 === null || g.box_mm === null) return { missing };
  const [L, W, H] = g.box_mm;
  const V = g.volume_cm3;
  const rho = alloy.density_kg_m3 * 1e-6;
  const nU = g.undercuts ?? 0;
  const nP = g.passages ?? 0;
  const nH = g.coredHoles ?? 0;
  const nD = brief.features.length + brief.holes.filter((h) => h.tol_mm !== undefined).length;
  const a = g.area_cm2 / 100;
  const S = SURFACE_INDEX.value({ facts: { V, a } });
  const c = COMPLEXITY.value({ facts: { S, nH, nP, nU, nD, brief }, rates });
  return {
    brief,
    alloy,
    family: capabilityFamily(alloy.family) as CapabilityFamily,
    ratesFamily: ratesFamily(alloy.family),
    V,
    a,
    L,
    W,
    H,
    E: PLAN.value({ facts: { L, W } }),
    B: ENVELOPE.value({ facts: { L, W, H } }),
    D: Math.cbrt(L * W * H) / 100,
    S,
    c,
    kappa: DIFFICULTY.value({ facts: { c } }),
    rho,
    m: MASS.value({ facts: { V, rho } }),
    nU,
    nP,
    nH,
    nD,
    t: g.sectionMax_mm,
    w: g.wallMin_mm,
    Ap: g.projected_cm2,
  };
}
