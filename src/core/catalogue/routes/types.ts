import type { Basis, Triple } from '../../base/figures';

/** The column of a capability table; `precious`, `cobalt` and `tool-steel` alloys read across by FAMILY_MAP. */
export const CAPABILITY_FAMILIES = [
  'aluminium',
  'magnesium',
  'zinc',
  'copper',
  'tin',
  'lead',
  'grey-iron',
  'ductile-iron',
  'steel',
  'stainless',
  'nickel',
  'titanium',
] as const;
export type CapabilityFamily = (typeof CAPABILITY_FAMILIES)[number];

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

/** How fast, and from where, a part must cool. */
export type GrainNeed = 'normal' | 'fine' | 'directional';

/** A claim of a width held as cast, by nominal size; mm. */
export interface WidthClaim {
  readonly totalBase_mm: number;
  readonly upTo_mm: number;
  readonly perMm: number;
  readonly maxNominal_mm: number;
}

/** Under which conditions a family is poured. */
export interface PourConditions extends Noted {
  readonly fitAtBest?: string;
  /** Caution that is shown before any price. */
  readonly caution: string;
  readonly cautionFirst: boolean;
  readonly conditions: readonly string[];
  readonly shopMustShow: readonly string[];
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
  readonly massLimitExceptional_kg?: number;
  readonly massLimitSpecialist_kg?: number;
  readonly toolPerPosition: boolean;
  readonly toolCavities?: readonly number[];
  readonly clampOverflowFactor?: number;
  readonly clampMargin?: number;
  readonly maxClamp_MN?: number;
  readonly clampExceptional_MN?: number;
  readonly clampSpecialist_MN?: number;
  readonly clampWho?: string;
}

/** What a route or variant can do. Lengths mm, masses kg, areas cm², angles degrees, roughness µm. */
export interface Capability {
  readonly mass_kg: Noted & {
    readonly min: number;
    readonly max: number;
    readonly exceptional: number;
    readonly specialist: number;
    /** Shops that do more than ordinary ones, of all limits that name none of their own. */
    readonly who?: string;
    readonly maxBy?: Partial<Record<CapabilityFamily, number>>;
  };
  /** Largest box, sides sorted long to short; smallest sensible size. */
  readonly size_mm: Noted & {
    readonly max: readonly [number, number, number];
    readonly exceptional: readonly [number, number, number];
    readonly specialist: readonly [number, number, number];
    readonly min: number;
  };
  readonly families: Partial<Record<CapabilityFamily, { readonly ok: Ability; readonly why: string }>>;
  /** [exceptional, usual] thinnest wall. */
  readonly wallMin: ByFamily<readonly [number, number]>;
  /** Thinner still, by shops that are named; mm. */
  readonly wallSpecialist?: ByFamily<number> & { readonly who?: string };
  readonly sectionMax: ByFamily<number>;
  /** Thickest section over the usual one: a strain, and a special fit, up to these. */
  readonly sectionFactor: Noted & { readonly exceptional: number; readonly specialist: number; readonly who?: string };
  readonly sectionRatioMax: Noted & { readonly v: number };
  readonly draft_deg: Noted & { readonly usual: number; readonly min: number; readonly inside: number };
  readonly hole: Noted & {
    readonly unit: string;
    readonly minDia: Partial<Record<CapabilityFamily | 'any', number>>;
    /** Smaller still, in the hands of a specialist. */
    readonly minDiaSpecialist?: Partial<Record<CapabilityFamily | 'any', number>> & { readonly basis: Basis };
    readonly depthRatioThrough: number;
    readonly depthRatioBlind: number;
    /** What a foundry holds of a hole as cast, mm in total; absent where the casting grade stands. */
    readonly tol_mm?: number;
  };
  readonly undercut: Noted & {
    readonly mode: string;
    /** Ways that one foundry names, in its own words; absent where the book stands. */
    readonly ways?: readonly string[];
    readonly max: number;
    readonly exceptional: number;
    readonly specialist: number;
    /** Minutes a casting, and share of moulds lost, by each undercut over the usual most. */
    readonly extraMin?: TripleFigure;
    readonly extraLoss?: number;
    readonly who?: string;
    readonly toolCost: string;
    readonly pieceCost: string;
  };
  readonly passages: Noted & {
    readonly mode: string;
    readonly max: number;
    readonly exceptional: number;
    readonly specialist: number;
  };
  /** One flat face lies open to the air. */
  readonly openFace?: Noted & {
    readonly flat: boolean;
    readonly Ra_um: readonly [number, number];
    readonly sink_mm: Triple;
    readonly maxSurfaceIndex: number;
  };
  /** Families that are poured only under conditions, and what a shop must show. */
  readonly conditions?: Partial<Record<CapabilityFamily, PourConditions>>;
  /** Which grain can be asked for. */
  readonly grain: Noted & Readonly<Record<GrainNeed, Ability | 'special'>>;
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
  readonly shopClaim: Noted & WidthClaim & { readonly formula: string };
  /** What a shop that does little else claims, by family. */
  readonly specialistClaim?: Noted & { readonly unit: string } & Partial<Record<CapabilityFamily, WidthClaim>>;
  /** What one foundry holds, in place of grades and claims; absent where the book stands. */
  readonly foundryClaim?: { readonly critical?: WidthClaim; readonly other?: WidthClaim };
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
  /** Share of moulds lost before pouring. */
  readonly mouldLoss: TripleFigure;
  /** Usual lost places of a full pour, from so many on, as a share of them. */
  readonly positionsLost: TripleFigure & { readonly from_n: number; readonly where: string };
  /** Hardship of the work for the people at it, 1 light to 5 very heavy. */
  readonly effort: {
    readonly score: number;
    readonly heat: number;
    readonly lift: number;
    readonly dust: number;
    readonly repeat: number;
    readonly why: string;
    readonly basis: Basis;
  };
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
  readonly capability: Partial<Capability>;
  readonly variants: readonly RouteVariant[];
}
