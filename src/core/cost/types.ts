import type { LanePart, PartFacts } from '../part';
import type { Brief } from '../brief';
import type { CoatingId, FamilyRates, HazardId, RateSet, ToolOption, VariantRates } from '../rates';
import type { Lane } from '../catalogue/routes';
import type { Screening } from '../screening';

/** Scrap stages per good piece (equation 7.3). */
export interface Stages {
  /** Scrap of castings (sc), strained rules included. */
  readonly sc: number;
  /** Castings made, machined and pieces inspected a good piece. */
  readonly nB: number;
  readonly nC: number;
  readonly nD: number;
}

/** What a lane's money is worked out from: the part, the lane, its rules and its rates. Letters are those of the cost model. */
export interface LaneInputs {
  readonly lane: Lane;
  readonly facts: PartFacts;
  readonly part: LanePart;
  readonly screening: Screening;
  readonly rates: RateSet;
  readonly v: VariantRates;
  /** Rates of the alloy's family. */
  readonly family: FamilyRates;
  /** Hourly rates the variant names, USD/h. */
  readonly R: { readonly tool: number; readonly shot: number; readonly core: number; readonly finish: number };
  /** Yield (Y), share of poured mass that is casting. */
  readonly Y: number;
  /** Misrun share (λ). */
  readonly lambda: number;
  /** Pours a lot before the mould is warm and true. */
  readonly warmUp: number;
  /** Likely life in shots. */
  readonly life: number;
  /** Pieces until scrap settles. */
  readonly learnPieces: number;
  /** 1 + mark-up on tools. */
  readonly toolFactor: number;
  /** Cores per casting (nC). */
  readonly cores: number;
  /** Share lost at machining; 0 where nothing is machined. */
  readonly sMach: number;
  /** Share lost at the leak test; 0 where none is asked for. */
  readonly leak: number;
  /** Price of ingot, USD/kg, share lost in melting, worth of what comes back as a share of the price. */
  readonly price: number;
  readonly meltLoss: number;
  readonly kRet: number;
  /** Share of rejects saved, and one rework, USD. */
  readonly omega: number;
  readonly cRw: number;
  readonly sampleShare: number;
  /** Freezing and cooling in the die by section, s/mm; 0 where no die is cycled. */
  readonly dwell: number;
  /** Undercuts over the usual most (nX), and what each adds: minutes a casting, share of moulds. */
  readonly nX: number;
  readonly extraMin: number;
  readonly extraLoss: number;
  /** Share of moulds lost before pouring (μ); 0 for dies and discs. */
  readonly mouldLoss: number;
  /** What a pour under conditions adds; null for a metal that is poured without any. */
  readonly condition: RateSet['conditions'][string] | null;
  /** What the grain asked for adds; null for a usual one. */
  readonly grain: RateSet['grain']['fine'] | null;
  readonly coats: readonly CoatingId[];
  readonly hazards: readonly HazardId[];
  /** Another way the tool is made; null for the usual one. */
  readonly option: ToolOption | null;
  /** The tool that is there already; null where one is made. */
  readonly atHand: Brief['tool'] | null;
  /** Factor on the money of cores; 1 for those made in the house. */
  readonly kBuy: number;
}

/** All of a lane's money that depends neither on the layout nor on the quantity. */
export interface LaneModel extends LaneInputs {
  /** Price factor (K, equation 2.4). */
  readonly K: number;
  readonly settled: Stages;
  readonly fresh: Stages;
  /** The same with all scrap at zero: for the line of scrap and rework. */
  readonly ideal: Stages;
  /** Money of one casting or piece, USD. */
  readonly finish: number;
  readonly heat: number;
  readonly look: number;
  readonly measure: number;
  /** Melting a kilogram, USD. */
  readonly melting: number;
  /** Set-up of one lot, USD. */
  readonly setUp: number;
  /** Coats, USD a piece and a lot; containment and conditions, USD a lot and a kilogram melted. */
  readonly coatPiece: number;
  readonly coatLot: number;
  readonly heldLot: number;
  readonly heldKg: number;
}

/** What a lane lacks to be costed: capability figures for the metal, or brief fields. */
export interface Uncosted {
  readonly uncosted: string;
}

/** One way to fill a mould: positions n, tool cavities nt, and what tool and pour then cost. */
export interface LayoutPlan {
  /** Positions in a pour (n). */
  readonly n: number;
  /** Cavities of the tool (nt); 0 where nothing is cut. */
  readonly nt: number;
  /** Usual lost places of a pour (n_L). */
  readonly nL: number;
  /** Tool hours (Hₜ). */
  readonly Ht: number;
  /** First tool (C₁), USD. */
  readonly C1: number;
  /** Poured mass (M), kg. */
  readonly M: number;
  /** Mould volume (Vm), dm³. */
  readonly Vm: number;
  /** Clamp of all positions (F), MN; 0 where no machine holds the mould shut. */
  readonly F_MN: number;
  /** Die cycle, s; 0 where no die is cycled. */
  readonly cycle_s: number;
  /** One pour (c_pour), USD, and its parts. */
  readonly pour: number;
  readonly mould: number;
  readonly coring: number;
  readonly prints: number;
  readonly pouring: number;
  readonly knockOut: number;
  /** Upkeep a shot, USD. */
  readonly upkeep: number;
  /** USD a pour: pour, and the metal melted for it less its return. */
  readonly perPour: number;
  /** Good castings a pour, lost places and misruns taken off: (n − n_L)(1 − λ). */
  readonly castingsPerPour: number;
}

/** Pours and shots one lot of Q good pieces takes. */
export interface LotRun {
  /** Castings made (N_B). */
  readonly castings: number;
  /** Pours with warm-up (P + w). */
  readonly filled: number;
  /** Metal melted, kg. */
  readonly kg: number;
  /** Shots on the tool: pours with warm-up, or wax injections where the tool has its own cavities. */
  readonly shots: number;
}

/** The lots of a programme: full ones with new and with settled scrap, and one remainder. */
export interface LotSplit {
  readonly size: number;
  readonly freshFull: number;
  readonly settledFull: number;
  readonly rest: number;
  readonly restIsFresh: boolean;
}

/** Tooling money over a programme (equations 5.3, 5.5, 8.2), mark-up included. */
export interface ToolingLines {
  readonly firstTool: number;
  readonly replacementSets: number;
  readonly fixtures: number;
  readonly gauges: number;
  /** Keeping a tool that was there already; 0 for a new one. */
  readonly storage: number;
}

export const LINE_IDS = [
  'setUp',
  'pours',
  'metal',
  'melting',
  'finishing',
  'heatTreatment',
  'machining',
  'inspection',
  'coat',
  'containment',
  'upkeep',
  'scrapAndRework',
] as const;
export type LineId = (typeof LINE_IDS)[number];

/** The usual lot of the part price, the same without any scrap, a full lot with scrap as when new or settled, or the remainder. */
export type LotPart = '' | '@ideal' | '@new' | '@set' | '@rest';

/** What equations of a lane are worked out for. */
export interface OfInputs {
  readonly model: LaneInputs;
}
export interface OfLane {
  readonly model: LaneModel;
}
/** Of one layout of a lane. */
export interface OfLayout extends OfLane {
  readonly plan: LayoutPlan;
}
/** Of one lot of Q good pieces, at some stages of scrap. */
export interface OfLot extends OfLayout {
  readonly stages: Stages;
  readonly Q: number;
  readonly run: LotRun;
}
/** Of a programme of q pieces in lots, as it is shown: looked at in one of its lots. */
export interface OfProgramme extends OfLot {
  readonly q: number;
  /** Pieces of a full lot. */
  readonly lot: number;
  readonly split: LotSplit;
  readonly at: LotPart;
  /** Whether the lot looked at carries scrap as when new. */
  readonly fresh: boolean;
  /** Study currency per USD. */
  readonly fx: number;
  readonly money: LaneMoney;
  /** Shots over the programme, replacement sets, and tooling in the study's currency. */
  readonly shots: number;
  readonly sets: number;
  readonly tools: ToolingLines;
  /** Money of the usual lot without any scrap, USD before the price factor. */
  readonly clean: number;
  readonly idealRun: LotRun;
  /** Shots of a full lot with new and with settled scrap, and of the remainder. */
  readonly shotsOf: Readonly<Record<'new' | 'set' | 'rest', number>>;
  /** Money of the same lots, USD before the price factor. */
  readonly lotOf: Readonly<Record<'new' | 'set' | 'rest', number>>;
}

/** Everything a lane's columns show of money at one quantity, in the study's currency. */
export interface LaneMoney {
  readonly plan: LayoutPlan;
  /** T(q). */
  readonly total: number;
  /** Tooling over the programme: first tools, replacements, fixtures, gauges. */
  readonly tooling: number;
  readonly toolingLines: ToolingLines;
  readonly sets: number;
  readonly shots: number;
  /** Price of a piece of the usual lot, tooling apart (equation 8.4). */
  readonly unit: number;
  /** The unit price line by line; the lines add up to it. */
  readonly lines: Readonly<Record<LineId, number>>;
  /** T(q)/q. */
  readonly allIn: number;
  readonly lot: number;
}
