import type { Basis, Triple } from '../../base/figures';

/** The column of a capability table; `precious`, `cobalt` and `tool-steel` alloys read across by FAMILY_MAP. */
export type CapabilityFamily =
  | 'aluminium'
  | 'magnesium'
  | 'zinc'
  | 'copper'
  | 'tin'
  | 'lead'
  | 'grey-iron'
  | 'ductile-iron'
  | 'steel'
  | 'stainless'
  | 'nickel'
  | 'titanium';

export type Ability = 'yes' | 'limited' | 'no';

/** A table with one entry per alloy family, or one for `any`. */
export type ByFamily<T> = Partial<Record<CapabilityFamily | 'any', T>> & {
  readonly unit?: string;
  readonly order?: string;
  readonly basis: Basis;
  readonly note?: string;
};

interface Noted {
  readonly basis: Basis;
  readonly note?: string;
}

interface TripleFigure extends Noted {
  readonly v: Triple;
  readonly unit: string;
}

/** How positions are laid out in one pour, and what caps their number. */
export interface Layout extends Noted {
  readonly rule: string;
  readonly plate_mm: readonly [number, number];
  readonly gap_mm: number;
  readonly cover_mm: number;
  readonly runFactor: number;
  readonly nAllowed: readonly number[] | 'any';
  readonly nMax?: number;
  readonly nMaxWithSlides?: number;
  readonly massLimit_kg: number;
  readonly toolPerPosition: boolean;
  readonly toolCavities?: readonly number[];
  readonly clampOverflowFactor?: number;
  readonly clampMargin?: number;
  readonly maxClamp_MN?: number;
}

/** What a route or variant can do. Lengths mm, masses kg, areas cm², angles degrees, roughness µm. */
export interface Capability {
  readonly mass_kg: Noted & {
    readonly min: number;
    readonly max: number;
    readonly maxBy?: Partial<Record<CapabilityFamily, number>>;
  };
  /** Largest box, sides sorted long to short; smallest sensible size. */
  readonly size_mm: Noted & { readonly max: readonly [number, number, number]; readonly min: number };
  readonly families: Partial<Record<CapabilityFamily, { readonly ok: Ability; readonly why: string }>>;
  /** [exceptional, usual] thinnest wall. */
  readonly wallMin: ByFamily<readonly [number, number]>;
  readonly sectionMax: ByFamily<number>;
  readonly sectionRatioMax: Noted & { readonly v: number };
  readonly draft_deg: Noted & { readonly usual: number; readonly min: number; readonly inside: number };
  readonly hole: Noted & {
    readonly unit: string;
    readonly minDia: Partial<Record<CapabilityFamily | 'any', number>>;
    readonly depthRatioThrough: number;
    readonly depthRatioBlind: number;
  };
  readonly undercut: Noted & {
    readonly mode: string;
    readonly max: number;
    readonly toolCost: string;
    readonly pieceCost: string;
  };
  readonly passages: Noted & { readonly mode: string; readonly max: number };
  readonly inserts: Noted & { readonly possible: Ability };
  readonly castThread: Noted & { readonly possible: Ability };
  /** 1 never … 5 routinely. */
  readonly pressureTight: Noted & { readonly v: number };
  readonly heatTreat: Noted & { readonly ok: Ability };
  readonly weld: Noted & { readonly ok: Ability };
  /** [best, usual] roughness as cast. */
  readonly Ra_um: ByFamily<readonly [number, number]>;
  /** Casting tolerance grades [tight, usual, loose]. */
  readonly ct: ByFamily<Triple>;
  readonly partingExtra: Noted & {
    readonly unit: string;
    readonly rows: readonly { readonly upTo_cm2: number; readonly add_mm: number }[];
  };
  readonly shopClaim: Noted & {
    readonly totalBase_mm: number;
    readonly upTo_mm: number;
    readonly perMm: number;
    readonly maxNominal_mm: number;
    readonly formula: string;
  };
  readonly machiningStock_mm: TripleFigure;
  readonly life_shots: ByFamily<Triple>;
  readonly wear: {
    readonly growth_mm_per_1000: number;
    readonly sign: string;
    readonly shows: string;
    readonly basis: Basis;
  };
  readonly warmUpPours: TripleFigure;
  readonly yield: ByFamily<Triple>;
  readonly scrap: { readonly new: TripleFigure; readonly settled: TripleFigure; readonly learnPieces: TripleFigure };
  readonly layout: Layout;
  readonly misrunShare: TripleFigure;
  readonly quantityBand: Noted & {
    readonly wins: readonly [number, number];
    readonly plausible: readonly [number, number];
    readonly unit: string;
  };
}

export interface RouteVariant {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly capability: Partial<Capability>;
}

export interface Route {
  readonly id: string;
  readonly name: string;
  readonly mould: string;
  readonly summary: string;
  readonly capability: Partial<Capability>;
  readonly variants: readonly RouteVariant[];
  readonly environment: string;
  readonly room: string;
}
