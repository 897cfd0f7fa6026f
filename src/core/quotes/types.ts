/** What a price is of: a piece, a hundred pieces, or the mass of metal delivered. */
export const PRICE_UNITS = ['each', 'hundred', 'kg', 'lb'] as const;
export type PriceUnit = (typeof PRICE_UNITS)[number];

/** How the buyer comes by the tool. */
export const TOOL_MODES = ['separate', 'amortised', 'foundry-pays', 'none'] as const;
export type ToolMode = (typeof TOOL_MODES)[number];

/** What the life of a tool is counted in. */
export const LIFE_UNITS = ['moulds', 'shots', 'spins', 'good parts'] as const;
export type LifeUnit = (typeof LIFE_UNITS)[number];

/** What a lead time is counted in. */
export const LEAD_UNITS = ['working days', 'calendar days', 'weeks'] as const;
export type LeadUnit = (typeof LEAD_UNITS)[number];

/** What a capacity is counted by. */
export const CAPACITY_PERIODS = ['day', 'week', 'month'] as const;
export type CapacityPeriod = (typeof CAPACITY_PERIODS)[number];

/** Whether a piece of work is in the price, left out, or offered beside it. */
export const SCOPE_STATES = ['included', 'excluded', 'extra'] as const;
export type ScopeState = (typeof SCOPE_STATES)[number];

/** A price from so many pieces of a lot on, by the unit of the quote. */
export interface PriceBreak {
  readonly from: number;
  readonly price: number;
}

/** What a quote says of the tool. Money in the currency of the quote. */
export interface QuotedTool {
  readonly mode: ToolMode;
  readonly first: number;
  readonly replacement: number;
  /** Upkeep and storage of a year. */
  readonly upkeepYear?: number | undefined;
  readonly ownedBy: 'buyer' | 'foundry';
  readonly life?: { readonly v: number; readonly unit: LifeUnit } | undefined;
  /** Pieces of a shot or spin. */
  readonly cavities?: number | undefined;
  /** Share of the pieces of a shot or spin that are good. */
  readonly goodShare?: number | undefined;
  /** Pieces of a mould. */
  readonly perTool?: number | undefined;
  /** Of an amortised tool: over how many pieces, and how much of each price is for it. */
  readonly over?: number | undefined;
  readonly inPriceEach?: number | undefined;
  /** Whether the price falls once the tool is paid off. */
  readonly dropsAfter?: boolean | undefined;
  /** Whether what is not yet paid off falls due at the end. */
  readonly balanceDue?: boolean | undefined;
  /** Of a tool that the foundry pays: the least to be taken, and what is due where it is not. */
  readonly minTake?: number | undefined;
  readonly penalty?: number | undefined;
}

/** A clause by which the price follows a metal. */
export interface MetalClause {
  readonly metal: string;
  /** Share of the price that follows it, 0–1. */
  readonly share: number;
  readonly baseValue: number;
  readonly todayValue: number;
  /** Month or day of today's value. */
  readonly date: string;
}

/** One line of scope. */
export interface QuotedScope {
  readonly line: string;
  readonly status: ScopeState;
  /** Of what is offered beside the price: a piece, in the currency of the quote. */
  readonly price?: number | undefined;
}

/** A tolerance offered in place of the drawing's; total width in mm. */
export interface QuotedException {
  /** Id of a feature of the brief. */
  readonly feature: string;
  readonly offers_mm: number;
}

/** An offer in place of the one that was asked. */
export interface CounterOffer {
  readonly alloy: string | null;
  readonly price: number | null;
  readonly unit: PriceUnit | null;
  readonly toolFirst: number | null;
  readonly currency: string;
  readonly why: string;
}

/** A time as it was quoted, and from when to when where that was said. */
export interface QuotedTime {
  readonly v: number;
  readonly unit: LeadUnit;
  readonly low?: number | undefined;
  readonly high?: number | undefined;
}

/** A quote as it was received. Money in its own currency. */
export interface Quote {
  readonly id: string;
  readonly foundryId: string;
  readonly route: string;
  readonly variant: string;
  /** ISO date it was given. */
  readonly date: string;
  readonly validDays: number;
  readonly unit: PriceUnit;
  /** Mass of a piece that a price by mass is reckoned with, kg. */
  readonly quotedMass_kg?: number | undefined;
  readonly currency: string;
  /** By lot, the least first. */
  readonly priceBreaks: readonly PriceBreak[];
  readonly minOrder: number;
  readonly lotCharge: number;
  readonly tooling: QuotedTool;
  readonly clause?: MetalClause | undefined;
  /** Id of an alloy, or null where none is named. */
  readonly alloy: string | null;
  readonly scope: readonly QuotedScope[];
  readonly exceptions: readonly QuotedException[];
  readonly lead: { readonly first: QuotedTime; readonly lot: QuotedTime } | null;
  readonly capacity: { readonly v: number; readonly per: CapacityPeriod } | null;
  /** Share of the pieces delivered that the buyer finds bad and pays for all the same. */
  readonly incomingBad: number;
  readonly decline: { readonly reason: string; readonly counter: CounterOffer | null } | null;
  /** The most pieces of the programme it would make; null where it says none. */
  readonly maxPieces: number | null;
  readonly remarks: string;
  /** Route that the foundry would choose itself, in its words. */
  readonly recommends?: string | undefined;
}

/** What a study asks of every quote alike. */
export interface Asked {
  /** Good pieces over the programme, and a year; null where nothing is said of a year. */
  readonly need: number;
  readonly perYear: number | null;
  /** Pieces of a lot. */
  readonly lot: number;
  readonly alloy: string | null;
  /** Features with a tolerance: total width in mm, and whether they may be machined. */
  readonly features: readonly {
    readonly id: string;
    readonly name: string;
    readonly tol_mm: number;
    readonly mayMachine: boolean;
  }[];
}

/** What quotes are compared by: the day, the currency, the calendar. */
export interface QuoteSetting {
  /** ISO date of the comparison. */
  readonly asOf: string;
  readonly currency: string;
  /** Money of the study in one of each currency, and the day of the rate. */
  readonly rates: Readonly<Record<string, { readonly rate: number; readonly date: string }>>;
  readonly calendarPerWorkday: number;
  readonly workdaysPerWeek: number;
  readonly workdaysPerMonth: number;
}

/** A piece of work that a quote leaves out, at what the study takes for it; a piece, in the currency of the study. */
export interface ScopeFill {
  readonly line: string;
  readonly price: number;
  readonly basis: string;
}

/** What is to be looked at in a quote. */
export type QuoteFlag =
  | 'declined'
  | 'expired'
  | 'currency'
  | 'unit-hundred'
  | 'unit-kg'
  | 'unit-lb'
  | 'order-over-lot'
  | 'alloy-swapped'
  | 'exceptions'
  | 'metal-clause'
  | 'tool-amortised'
  | 'tool-owned-by-foundry'
  | 'least-quantity-not-met'
  | 'fewer-than-needed'
  | 'life-in-shots';
