import type { Basis, Triple } from '../../base/figures';

export type Fit = 'usual' | 'possible' | 'special' | 'no';

export interface AlloyCondition {
  readonly name: string;
  readonly yield_MPa: number | null;
  readonly uts_MPa: number | null;
  readonly elongation_pct: number | null;
  readonly hardness?: { readonly scale: string; readonly value: number } | null;
  readonly kind: string;
  readonly routes: readonly string[];
  readonly basis: Basis;
  readonly note?: string;
}

/** One alloy. Units are in the names; bracketed triples are low, likely, high. */
export interface Alloy {
  readonly id: string;
  readonly name: string;
  readonly designations: readonly string[];
  readonly family: string;
  readonly uses: string;
  /** Solid, 20 °C. */
  readonly density_kg_m3: number;
  /** Liquid at usual pour heat. */
  readonly densityLiquid_kg_m3: number;
  readonly solidus_C: number;
  readonly liquidus_C: number;
  readonly freezingRange_C: number;
  readonly freezing: string;
  readonly freezingNote?: string;
  /** Metal heat at the mould, [low, high], per route. */
  readonly pour_C: Readonly<Record<string, readonly [number, number]>>;
  readonly latentHeat_kJ_kg: number;
  readonly cpSolid_kJ_kgK: number;
  readonly cpLiquid_kJ_kgK: number;
  readonly conductivity_W_mK: number;
  readonly patternShrink_pct: Triple;
  readonly dieShrink_pct: Triple | null;
  readonly solidificationShrink_pct: Triple;
  /** 1 sluggish to 5 runs thin. */
  readonly fluidity: number;
  /** 1 hardly tears to 5 tears worst. */
  readonly hotTearing: number;
  /** 1 leaky to 5 tight. */
  readonly pressureTightness: number;
  readonly dieSoldering: number | null;
  readonly price_USD_kg: Triple;
  readonly priceNote?: string;
  readonly meltLoss_pct: Triple;
  /** Relative to free-cutting brass = 100. */
  readonly machinability: number;
  /** How it is cut, where that is out of the ordinary; how its strip is formed. */
  readonly machiningNote?: string;
  readonly formingNote?: string;
  readonly specificCuttingEnergy_J_mm3: Triple;
  readonly conditions: readonly AlloyCondition[];
  /** 1 bad to 5 best by environment, bare metal. */
  readonly corrosion: Readonly<Record<'indoor' | 'outdoor' | 'marine' | 'hot', number>> & { readonly why: string };
  readonly serviceMax_C: number;
  readonly weldability: number;
  readonly weldNote: string;
  readonly leadFree: boolean;
  readonly leadFreeToOrder: boolean;
  readonly leadMax_pct: number;
  readonly leadNote?: string;
  readonly hazards: readonly string[];
  readonly routes: Readonly<Record<string, { readonly fit: Fit; readonly why: string }>>;
  readonly nearAlternatives: readonly { readonly id: string; readonly need: string; readonly reason: string }[];
  /** The same by name, with the routes that pour each: put in as the table is put together. */
  readonly near?: readonly {
    readonly id: string;
    readonly name: string;
    readonly reason: string;
    readonly pouredBy: readonly string[];
  }[];
  readonly dieAttack: string;
  readonly remelt: string;
  readonly basis: Readonly<Record<string, string>>;
  /** Of an alloy of a team's own: what it was copied from, and which of its values the team typed. */
  readonly team?: {
    readonly from: string;
    readonly fromName: string;
    readonly version: number;
    readonly source: string;
    readonly date: string | null;
    readonly own: readonly string[];
    /** Put away: not offered any more, kept for what was made of it. */
    readonly archived?: true;
  };
}

export interface Hazard {
  readonly id: string;
  readonly title: string;
  readonly hurts: string;
  readonly precautions: string;
  readonly line: string;
}

export interface AlloyFamily {
  readonly id: string;
  readonly useFamily: string;
  readonly name: string;
  readonly patternShrinkBand_pct: readonly [number, number] | null;
  readonly dieShrinkBand_pct: readonly [number, number] | null;
  readonly densityBand_kg_m3: readonly [number, number];
  readonly note: string;
}
