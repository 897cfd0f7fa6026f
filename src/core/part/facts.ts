import type { Alloy } from '../alloys';
import type { Brief } from '../brief';
import { capabilityFamily, ratesFamily, type RateSet } from '../rates';
import type { CapabilityFamily } from '../routes';
import { COMPLEXITY, DIFFICULTY, ENVELOPE, MASS, PLAN, SURFACE_INDEX } from './equations/shape';

/** Cost model section 1: the part in the symbols of the equations, for one alloy. */
export interface PartFacts {
  readonly brief: Brief;
  readonly alloy: Alloy;
  /** Column of the capability tables. */
  readonly family: CapabilityFamily;
  /** Row of the family rates. */
  readonly ratesFamily: string;
  /** V, volume, cm³. */
  readonly V: number;
  /** Whole surface, dm² (a). */
  readonly a: number;
  readonly L: number;
  readonly W: number;
  readonly H: number;
  /** Plan, dm² (E). */
  readonly E: number;
  /** Envelope, dm³ (B). */
  readonly B: number;
  /** Mean size, dm (D). */
  readonly D: number;
  /** Surface index (S): 1 for a cube, 7 for a thin shell. */
  readonly S: number;
  /** Complexity (c), 1 to 5. */
  readonly c: number;
  /** κ = 0.5 + 0.25 c. */
  readonly kappa: number;
  /** ρ, kg/cm³. */
  readonly rho: number;
  /** Finished mass (m), kg. */
  readonly m: number;
  /** Counts; an unknown count is taken as none here and shown as not known by the screening. */
  readonly nU: number;
  readonly nP: number;
  readonly nH: number;
  readonly nD: number;
  /** Thickest section (t), mm; null when not known. */
  readonly t: number | null;
  /** Thinnest wall (w), mm; null when not known. */
  readonly w: number | null;
  /** Projected area along the draw (Aₚ), cm²; null when not known. */
  readonly Ap: number | null;
}

/** Why a part cannot be costed: the brief fields that are missing. */
export interface MissingFacts {
  readonly missing: readonly string[];
}

/**
 * The part facts of a brief in one alloy (equations 1.1 to 1.5).
 *
 * @returns the facts, or the brief paths without which no money or time can be computed
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
