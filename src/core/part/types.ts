import type { Alloy } from '../catalogue/alloys';
import type { Brief } from '../brief';
import type { CapabilityFamily } from '../catalogue/routes';

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
