import type { Basis, Figure } from '../base/figures';
import type { Alloy } from '../catalogue/alloys';
import type { Lane } from '../catalogue/routes';
import type { Foundry } from '../foundries';
import type { OwnValues } from '../process-values';

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
/** How the mould takes heat: a coated metal die, a pressure die, a rubber disc. */
export type Film = 'gravity' | 'pressure' | 'rubber';
export type FamilyRates = Figures<
  'fFet' | 'eMelt' | 'aMelt' | 'kRet' | 'kHT' | 'htWait' | 'pInj' | 'kStock' | 'kChip'
> & {
  /** Freezing and cooling to ejection, s/mm of thickest section, by how the mould takes heat. */
  readonly dwell?: SomeFigures<Film>;
};
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

/** How a piece of today's assembly is made. */
export type PieceKind = 'cut' | 'turned' | 'stamped' | 'bought';
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
    readonly time: Figures<'queue' | 'material' | 'avail'> & {
      readonly shiftH: number;
      readonly capacity: Figures<'shiftsMax' | 'machinesMax'>;
    };
    /** Alloys that a wheel or a spark must cut. */
    readonly ground: Figures<'machBelow' | 'hardness_HRC' | 'timeFactor'> & { readonly families: readonly string[] };
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
    | 'maxProgThickness'
    | 'maxProgWidth'
    | 'progHours'
    | 'progStation'
    | 'tProg'
    | 'progSU'
    | 'kTumble'
    | 'kPack'
    | 'handFrom'
    | 'pressAvail'
  > & {
    /** Families sold as strip or sheet. */
    readonly families: readonly string[];
    readonly capacity: Figures<'pressesMax' | 'shiftsMax' | 'shiftH'>;
  };
  readonly fabricated: Figures<'kMat' | 'align' | 'stocking' | 'jig' | 'rent'> & {
    /** A piece of an assembly by the way it is made. */
    readonly c0ByKind: Figures<PieceKind>;
    readonly joint: Figures<JointKind>;
    readonly hardware: Figures<JointKind>;
    readonly alignSize: Figures<'min' | 'max'>;
    readonly time: Figures<'lead'> & { readonly capacity: Figures<'peopleMax' | 'shiftH' | 'avail'> };
  };
}

export interface CalendarRates {
  readonly shift_h: number;
  readonly workdaysPerWeek: number;
  readonly calendarPerWorkday: Figure;
  readonly handover: Figure;
  readonly workDaysYear: Figure;
  /** A tool of more hours than this is shared among more hands, and by which power. */
  readonly bigTool_h: Figure;
  readonly bigToolExp: Figure;
  /** Days on which the shop is shut beside its weekends, ISO dates in order; none where not said. */
  readonly holidays?: readonly string[];
}

/** Heat and arms of whoever pours by hand. */
export type HandPourRates = Figures<'tRef_C' | 'xHeat' | 'maxGain' | 'mRef_kg' | 'xMass'>;
/** Cooling before knock-out by family: hours, and hours a mm of thickest section. */
export type CoolingRates = Readonly<Record<'shell' | 'flask', Readonly<Record<string, Figures<'base_h' | 'perMm_h'>>>>>;
export interface DryingRates {
  readonly plaster: Figures<'h50' | 'exponent' | 'wallFloor_mm'>;
}
/** What pouring a family under conditions adds, by “route|family”. */
export type ConditionRates = Readonly<
  Record<string, Figures<'kLot' | 'kPour' | 'queue'> & SomeFigures<'waitFactor' | 'waitMin_h'>>
>;
export type CoatingId =
  'paint' | 'powder' | 'conversion' | 'anodise' | 'plating' | 'zincDip' | 'impregnation' | 'passivate';
export interface CoatingRow extends Figures<'kLot' | 'days'>, SomeFigures<'kP' | 'kA' | 'perKg'> {
  readonly name: string;
  readonly families: 'all' | readonly string[];
  readonly barred?: readonly string[];
  /** Steps of tightness it adds, to 4 at most. */
  readonly tightPlus?: number;
  readonly note?: string;
}
export type CoatingRates = Readonly<Record<CoatingId, CoatingRow>>;
export type HazardId = 'beryllium' | 'lead' | 'cobalt' | 'titanium-fire' | 'chromate';
export interface ContainmentRow extends Figures<'kLot' | 'days'>, SomeFigures<'kKg' | 'kA'> {
  /** Whether the shop must show a licence. */
  readonly licence: boolean;
  readonly note?: string;
}
export type ContainmentRates = Readonly<Record<HazardId, ContainmentRow>>;
export interface CoreMakerRates {
  readonly bought: Figures<'kBuy' | 'days'>;
}
export type GrainRates = Readonly<
  Record<'fine' | 'directional', Figures<'scrapFactor' | 'kPour' | 'coolFactor'> & SomeFigures<'days'>>
>;
/** Damage of one casting in place of an assembly, and bolted ends. */
export interface OneForManyRates extends Figures<'pDamage' | 'hoursOut' | 'mendShare' | 'cMend'> {
  readonly end: Figures<'price' | 'join_min' | 'face_USD' | 'hardware' | 'share'>;
}
/** What bought parts come in. */
export type StockForm = 'bar' | 'plate' | 'tube';
/** By what a list of bought parts is screened. */
export interface ScreenListRates extends Figures<'perPiece' | 'keepMach' | 'tool0' | 'toolPerKg' | 'years'> {
  readonly stockFactor: Figures<StockForm>;
  /** By family; none for metals that are not screened. */
  readonly castPerKg: Readonly<Record<string, Figure>>;
}
export type ToolAtHandRates = Figures<'fitUp' | 'borrowFee' | 'storage' | 'storageVol' | 'familyInsert'>;

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
  readonly wait_h?: Figure | 'family.htWait' | 'cycle.dwell' | 'cooling.shell' | 'cooling.flask' | 'drying.plaster';
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
  /** Pours a shift hang on heat and ladle. */
  readonly handPoured?: boolean;
  readonly capKg: Figure;
  readonly resources: Readonly<Record<string, ResourceRates>>;
  readonly steps: readonly StepRates[];
}

export type ToolingKey =
  'h0' | 'hE' | 'hN' | 'hA' | 'hHole' | 'hCore' | 'hU' | 'r' | 'm0' | 'mV' | 'nTry' | 'cTry' | 'fRep' | 'mu';
export type ShotKey =
  't0' | 'tV' | 'tN' | 'tR' | 'coats' | 'tInj' | 'k0' | 'kV' | 'kN' | 'kA' | 'tC' | 'kC' | 'tp0' | 'tpM';
export type CycleKey = 'tc0' | 'tcN' | 'tcF' | 'kShut' | 'tU' | 'crew' | 'rm0' | 'rmF';
export type FinishKey = 'tKO' | 'tCut' | 'tF' | 'kB' | 'tStr';

/** Another way to make a tool: factors on its hours, material and life, and days more. */
export interface ToolOption extends Figures<'hoursFactor' | 'materialFactor' | 'lifeFactor' | 'days'> {
  readonly name: string;
  /** Casting grades wider. */
  readonly ctPlus: number;
  readonly note?: string;
}

/** Money and time of one variant. A coefficient that is not listed is 0. */
export interface VariantRates {
  readonly rate: Readonly<Record<'tool' | 'shot' | 'core' | 'finish', keyof GlobalRates>>;
  readonly mould: 'flask' | 'shell' | 'die';
  readonly tooling: SomeFigures<ToolingKey>;
  readonly shot: SomeFigures<ShotKey>;
  readonly cycle?: SomeFigures<CycleKey> & { readonly film: Film };
  /** Other ways to make the same tool, by id. */
  readonly toolOptions?: Readonly<Record<string, ToolOption>>;
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
  readonly handPour: HandPourRates;
  readonly cooling: CoolingRates;
  readonly drying: DryingRates;
  readonly conditions: ConditionRates;
  readonly coatings: CoatingRates;
  readonly containment: ContainmentRates;
  readonly coreMaker: CoreMakerRates;
  readonly grain: GrainRates;
  readonly toolAtHand: ToolAtHandRates;
  readonly oneForMany: OneForManyRates;
  /** Absent in the first tables of a study, which screens no list. */
  readonly screenList?: ScreenListRates;
  /** Alloys of the team's own, which a study may be of beside those of the table. */
  readonly alloys?: readonly Alloy[];
  /** What each lane can do, where that is not the book's: by a set of process values, or by a foundry. */
  readonly lanes?: readonly Lane[];
  /** The set of process values that the lanes are by; absent for the book's. */
  readonly process?: {
    readonly id: string;
    readonly name: string;
    readonly version: number;
    readonly own: OwnValues;
  };
  /** The foundry that lanes and rates are of; absent where no one is asked. */
  readonly foundry?: Foundry;
  /** The same rates at no foundry: what ways without a casting cost, and what all foundries are told against. */
  readonly atNone?: RateSet;
  /** Of a kept record: the foundries that were asked. */
  readonly asked?: { readonly judged: 'one' | 'all'; readonly list: readonly Foundry[] };
  /** Foundries of which each lane takes the one that does it best. */
  readonly among?: readonly RateSet[];
  /** Price of ingot, USD/kg, by alloy id. An alloy that is not listed keeps the price of the alloy table. */
  readonly metals?: Readonly<Record<string, Figure>>;
}
