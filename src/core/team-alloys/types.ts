import type { Alloy, Fit } from '../catalogue/alloys';
import type { Triple } from '../base/figures';

/** What a team says of an alloy of its own; what it leaves out is as in the alloy it was copied from. */
export interface AlloyFacts {
  readonly family?: string | undefined;
  readonly designations?: readonly string[] | undefined;
  readonly uses?: string | undefined;
  readonly density_kg_m3?: number | undefined;
  readonly densityLiquid_kg_m3?: number | undefined;
  readonly solidus_C?: number | undefined;
  readonly liquidus_C?: number | undefined;
  readonly latentHeat_kJ_kg?: number | undefined;
  readonly cpSolid_kJ_kgK?: number | undefined;
  readonly cpLiquid_kJ_kgK?: number | undefined;
  readonly conductivity_W_mK?: number | undefined;
  readonly patternShrink_pct?: Triple | undefined;
  readonly dieShrink_pct?: Triple | undefined;
  readonly solidificationShrink_pct?: Triple | undefined;
  readonly fluidity?: number | undefined;
  readonly hotTearing?: number | undefined;
  readonly pressureTightness?: number | undefined;
  readonly price_USD_kg?: Triple | undefined;
  readonly meltLoss_pct?: Triple | undefined;
  readonly machinability?: number | undefined;
  readonly specificCuttingEnergy_J_mm3?: Triple | undefined;
  readonly serviceMax_C?: number | undefined;
  readonly weldability?: number | undefined;
  readonly leadFree?: boolean | undefined;
  readonly leadMax_pct?: number | undefined;
  readonly hazards?: readonly string[] | undefined;
  /** Where it may be poured, at what heat of the metal, °C, and why or why not. */
  readonly routes?:
    | Readonly<
        Record<
          string,
          { readonly fit: Fit; readonly why: string; readonly pour_C?: readonly [number, number] | undefined }
        >
      >
    | undefined;
  /** Strength by how it was cast and treated; in place of all of those of the alloy it was copied from. */
  readonly conditions?:
    | readonly {
        readonly name: string;
        readonly yield_MPa: number | null;
        readonly uts_MPa: number | null;
        readonly elongation_pct: number | null;
        readonly routes: readonly string[];
      }[]
    | undefined;
}

/** An alloy of a team's own. */
export interface TeamAlloy {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  /** Id of the alloy of the book it was copied from. */
  readonly from: string;
  readonly facts: AlloyFacts;
  /** What it was read from: a data sheet, a certificate, a trial. */
  readonly source: string;
  /** ISO date of that. */
  readonly date: string | null;
}

/** What a metal cost on a day: USD/kg. */
export interface AlloyPrice {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** ISO date. */
  readonly date: string;
  readonly source: string;
}

/** Alloys and prices of a team's own, as they travel with its rates. */
export interface TeamAlloys {
  /** The same for the same alloys and prices. */
  readonly key: string;
  readonly list: readonly Alloy[];
  /** Latest price by alloy, of the book's and of its own. */
  readonly prices: Readonly<Record<string, AlloyPrice>>;
}
