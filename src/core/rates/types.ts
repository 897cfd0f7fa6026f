import type { Basis, Figure } from '../base/figures';

type Figures<K extends string> = Readonly<Record<K, Figure>>;
type SomeFigures<K extends string> = Readonly<Partial<Record<K, Figure>>>;

export type GlobalRates = Figures<
  | 'Rlab'
  | 'Rskill'
  | 'Rpat'
  | 'Rtool'
  | 'Rmc'
  | 'Rprog'
  | 'Rinsp'
  | 'pE'
  | 'oh'
  | 'mg'
  | 'mk'
  | 'rDisc'
  | 'Xray'
  | 'Ptest'
  | 'GeoMin'
  | 'sampleShare'
  | 'lookMin'
  | 'kStrain'
  | 'kPoss'
  | 'kSpec'
  | 'gaugeUSD'
  | 'gaugeHand'
  | 'hold'
>;
export type ComplexityRates = Figures<'kS' | 'kH' | 'kP' | 'kU' | 'kD' | 'kC'>;
export type FamilyRates = Figures<
  'fFet' | 'eMelt' | 'aMelt' | 'kRet' | 'kHT' | 'htWait' | 'bF' | 'pInj' | 'kStock' | 'kChip'
>;
export type OperationKind = 'face' | 'bore' | 'ream' | 'drill' | 'tap' | 'turn' | 'grind';
export type OperationRates = Figures<
  | 'aMrr'
  | 'aFin'
  | 'wear0'
  | 'aWear'
  | 'grindEnergyFactor'
  | 'tLoad'
  | 'featuresPerSetup'
  | 'hSetup'
  | 'cFix'
  | 'cSoft'
  | 'hProg'
  | 'defaultArea_cm2'
  | 'tapMinor'
  | 'boreStockShare'
> & { readonly kinds: Readonly<Record<OperationKind, Figures<'t0' | 'P'>>> };

export type JointKind = 'weld' | 'bolt' | 'rivet' | 'bond' | 'press';
export interface BaselineRates {
  readonly machined: Figures<
    | 'allow'
    | 'eta'
    | 'Pspindle'
    | 'airCut'
    | 'thin'
    | 'setup0'
    | 'perUndercut'
    | 'tLoad'
    | 'hSetup'
    | 'hProg0'
    | 'hProgC'
    | 'cFix'
    | 'cSoft'
    | 'tHandle'
    | 'scrap'
  > & {
    readonly time: Figures<'queue' | 'material' | 'avail'> & { readonly shiftH: number; readonly machines: number };
  };
  readonly stamped: Figures<
    | 'maxThickness'
    | 'maxRatio'
    | 'h0'
    | 'hP'
    | 'hHole'
    | 'hForm'
    | 'm0'
    | 'skeleton'
    | 'tStroke'
    | 'Rpress'
    | 'hSU'
    | 'tDeburr'
    | 'capDay'
    | 'buy'
  >;
  readonly fabricated: Figures<'c0' | 'kMat' | 'align' | 'stocking' | 'jig' | 'rent'> & {
    readonly joint: Figures<JointKind>;
    readonly hardware: Figures<JointKind>;
    readonly time: Figures<'lead'>;
  };
}

export interface CalendarRates {
  readonly shift_h: number;
  readonly workdaysPerWeek: number;
  readonly calendarPerWorkday: Figure;
  readonly handover: Figure;
  /** Days on which the shop is shut beside its weekends, ISO dates in order; none where not said. */
  readonly holidays?: readonly string[];
}

export type FamilyMap = Readonly<Record<string, { readonly rates: string; readonly capability: string }>>;

export type Touch =
  | 'core'
  | 'mould'
  | 'inject'
  | 'assemble'
  | 'dip'
  | 'shellcare'
  | 'pour'
  | 'cycleTouch'
  | 'knock'
  | 'finish'
  | 'machine'
  | 'inspect';

/** One step of a variant on the floor. */
export interface StepRates {
  readonly id: string;
  readonly name: string;
  readonly per: 'pour' | 'piece' | 'lot';
  readonly touch: Touch | null;
  readonly crew: string | null;
  readonly wait_h?: Figure | 'family.htWait' | 'cycle.dwell';
  readonly repeat?: 'coats';
  readonly station?: string;
  readonly holds?: 'none' | 'wait' | 'both';
  readonly batch?: number;
  readonly when?: 'heatTreated';
  readonly overlaps: readonly string[];
  readonly note?: string;
}

export interface ResourceRates {
  readonly n: number;
  /** crew and shift work the shift; clock runs through the night. */
  readonly clock: 'crew' | 'shift' | 'clock';
  readonly unit: string;
  readonly basis: Basis;
}

export interface VariantTime {
  readonly tool: Figures<'queue' | 'cap' | 'buy' | 'loops' | 'loopDays'>;
  readonly queue: Figure;
  readonly approve: Figure;
  readonly shifts: number;
  readonly avail: Figure;
  readonly share: Figure;
  readonly capPours: Figure;
  readonly capKg: Figure;
  readonly resources: Readonly<Record<string, ResourceRates>>;
  readonly steps: readonly StepRates[];
}

export type ToolingKey =
  'h0' | 'hE' | 'hN' | 'hA' | 'hHole' | 'hCore' | 'hU' | 'r' | 'm0' | 'mV' | 'nTry' | 'cTry' | 'fRep' | 'mu';
export type ShotKey =
  't0' | 'tV' | 'tN' | 'tR' | 'coats' | 'tInj' | 'k0' | 'kV' | 'kN' | 'kA' | 'tC' | 'kC' | 'tp0' | 'tpM';
export type CycleKey = 'tc0' | 'tcN' | 'tcF' | 'beta' | 'tU' | 'crew' | 'rm0' | 'rmF';
export type FinishKey = 'tKO' | 'tCut' | 'tF' | 'kB' | 'tStr';

/** Money and time of one variant. A coefficient that is not listed is 0. */
export interface VariantRates {
  readonly rate: Readonly<Record<'tool' | 'shot' | 'core' | 'finish', keyof GlobalRates>>;
  readonly mould: 'flask' | 'shell' | 'die';
  readonly tooling: SomeFigures<ToolingKey>;
  readonly shot: SomeFigures<ShotKey>;
  readonly cycle?: SomeFigures<CycleKey>;
  readonly print?: Figures<'p0' | 'pV'>;
  readonly finish: SomeFigures<FinishKey>;
  readonly lot: Figures<'hSU' | 'hFO' | 'kLot'>;
  readonly stage: Figures<'omega' | 'cRw' | 'sMach' | 'sIns'>;
  readonly coreRule: {
    readonly perPassage: number;
    readonly perUndercut: number;
    readonly perHole: number;
    readonly basis: Basis;
  };
  readonly time: VariantTime;
}

/** A whole rate set: every money and time coefficient a study uses. Money in USD before `currency.perUnit`. */
export interface RateSet {
  readonly id: string;
  readonly name: string;
  readonly currency: { readonly code: string; readonly perUnit: number };
  readonly global: GlobalRates;
  readonly complexity: ComplexityRates;
  readonly families: Readonly<Record<string, FamilyRates>>;
  readonly operations: OperationRates;
  readonly baselines: BaselineRates;
  readonly calendar: CalendarRates;
  readonly variants: Readonly<Record<string, VariantRates>>;
  /** Price of ingot, USD/kg, by alloy id. An alloy that is not listed keeps the price of the alloy table. */
  readonly metals?: Readonly<Record<string, Figure>>;
}
