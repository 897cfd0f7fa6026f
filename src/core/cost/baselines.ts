import { ceilGuarded } from '../base/checks';
import { likely } from '../base/figures';
import { judgeHole, type HoleLimits, type PartFacts } from '../part';
import type { JointKind, OperationKind, RateSet } from '../rates';

export type BaselineId = 'machined' | 'stamped' | 'fabricated' | 'split';

/** A way without a casting: its money as a function of quantity, and its dates. Money in the study's currency. */
export interface Baseline {
  readonly id: BaselineId;
  readonly name: string;
  /** Why it cannot be done, or null. */
  readonly barred: string | null;
  /** The fix for a barred baseline, or what makes it dear. */
  readonly fix: string | null;
  /** Tooling part of T(q). */
  tooling(q: number): number;
  /** Price of a piece of the usual lot. */
  unit(q: number): number;
  /** T(q). */
  total(q: number): number;
  /** Lines of the unit price; they add up to it. */
  lines(q: number): Readonly<Record<string, number>>;
  /**
   * Calendar days from the order to N pieces.
   * @param programme pieces in all, where the way to them hangs on it; default N
   */
  dayOf(N: number, programme?: number): number;
  /** Symbols behind the figures, for the workings. */
  readonly symbols: Readonly<Record<string, number>>;
}

/** Bars of the machined baseline (section 9): more passages or more kilograms than this. */
const MACHINED_MAX_PASSAGES = 2;
const MACHINED_MAX_KG = 60;

/**
 * Machined from solid (equations 9.1 to 9.4, T13).
 * Round parts start from a cylinder, all others from a block.
 *
 * @example
 * machinedBaseline(facts, rates, () => 100).id // 'machined'
 */
export function machinedBaseline(facts: PartFacts, rates: RateSet, lotOf: (q: number) => number): Baseline {
  const { brief, alloy } = facts;
  const b = rates.baselines.machined;
  const op = rates.operations;
  const g = rates.global;
  const fam = rates.families[facts.ratesFamily];
  const allow = likely(b.allow);
  const round = brief.geometry.form === 'round';
  const stock_cm3 = round
    ? ((Math.PI / 4) * (Math.max(facts.L, facts.W) + 2 * allow) ** 2 * (facts.H + 2 * allow)) / 1000
    : ((facts.L + 2 * allow) * (facts.W + 2 * allow) * (facts.H + 2 * allow)) / 1000;
  const u = alloy.specificCuttingEnergy_J_mm3[1];
  const removal = Math.min(
    (60 * likely(b.Pspindle) * likely(b.eta)) / (1000 * u),
    likely(op.aMrr) * alloy.machinability,
  );
  const thin = facts.w !== null && facts.w < 2.5 ? likely(b.thin) : 1;
  const finishing = ((facts.a * 100) / (likely(op.aFin) * alloy.machinability)) * facts.kappa * thin;
  const nSet = ceilGuarded(likely(b.setup0) + likely(b.perUndercut) * facts.nU + 2 * facts.nP);
  const detail_s = detailSeconds(facts, rates, u);
  const cutting_min = ((stock_cm3 - facts.V) / removal + finishing) * likely(b.airCut) + detail_s / 60;
  const minutes = cutting_min + nSet * likely(b.tLoad);
  const wear = likely(op.wear0) + likely(op.aWear) / alloy.machinability;
  const Rmc = likely(g.Rmc);
  const Rinsp = likely(g.Rinsp);
  const price = alloy.price_USD_kg[1];
  const stock_kg = stock_cm3 * facts.rho;
  const inspection =
    (likely(g.lookMin) * facts.D * Rinsp) / 60 +
    (brief.needs.pressureTight === true ? likely(g.Ptest) : 0) +
    (brief.needs.xray ? likely(g.Xray) : 0) +
    (likely(g.sampleShare) * facts.nD * likely(g.GeoMin) * Rinsp) / 60;
  const raw = {
    metal: stock_kg * price * likely(fam?.kStock) - (stock_kg - facts.m) * price * likely(fam?.kChip),
    machining: (cutting_min / 60) * Rmc * (1 + wear) + ((nSet * likely(b.tLoad)) / 60) * Rmc,
    finishing: (likely(b.tHandle) / 60) * likely(g.Rlab),
    heatTreatment: brief.needs.heatTreated === true ? likely(fam?.kHT) * facts.m : 0,
    inspection,
  };
  const sum = Object.values(raw).reduce((x, y) => x + y, 0);
  const piece = sum / (1 - likely(b.scrap));
  const K = (1 + likely(g.oh)) * (1 + likely(g.mg));
  const setUp = nSet * likely(b.hSetup) * Rmc;
  const hProg = likely(b.hProg0) + likely(b.hProgC) * (facts.c - 1);
  const W = likely(rates.calendar.calendarPerWorkday);
  const money = rates.currency.perUnit;
  const tooling = (q: number): number =>
    money * (1 + likely(g.mk)) * (hProg * likely(g.Rprog) + nSet * Math.min(likely(b.cFix), q * likely(b.cSoft)));
  const lotShare = (q: number): number => setUp / Math.min(lotOf(q), q);
  const time = b.time;
  const tooMany = facts.nP > MACHINED_MAX_PASSAGES;
  const barred = tooMany
    ? `${facts.nP} inner passages cannot be reached by a cutter (at most ${MACHINED_MAX_PASSAGES}).`
    : facts.m > MACHINED_MAX_KG
      ? `${facts.m.toFixed(1)} kg is more than is cut from one billet (at most ${MACHINED_MAX_KG} kg).`
      : null;
  return {
    id: 'machined',
    name: 'Machined from solid',
    barred,
    fix: barred === null ? null : 'Split the part, or cast it',
    tooling,
    unit: (q) => money * K * (lotShare(q) + piece),
    total: (q) => tooling(q) + money * K * (ceilGuarded(q / lotOf(q)) * setUp + q * piece),
    lines: (q) => ({
      setUp: money * K * lotShare(q),
      ...Object.fromEntries(Object.entries(raw).map(([k, x]) => [k, money * K * x])),
      scrapAndRework: money * K * (piece - sum),
    }),
    dayOf: (N) =>
      W *
      (likely(time.queue) +
        likely(time.material) +
        (hProg + nSet * likely(b.hSetup) + (N * minutes) / 60) / (time.shiftH * likely(time.avail) * time.machines)),
    symbols: {
      stock_cm3,
      stock_kg,
      removal,
      finishing,
      detail_s,
      cutting_min,
      minutes,
      nSet,
      wear,
      piece,
      setUp,
      hProg,
      K,
      price,
      buyToFly: stock_cm3 / facts.V,
    },
  };
}

/** Seconds of one kind of detail cut from solid, on `count` places. */
export interface SolidDetail {
  readonly count: number;
  readonly kinds: readonly OperationKind[];
  /** Hole drilled on the way; null for a feature. */
  readonly drilled: { readonly d_mm: number; readonly depth_mm: number; readonly threaded: boolean } | null;
}

/**
 * Features and holes of a part cut from solid (equation 9.2): the time to reach each, and the metal of drilled holes.
 *
 * @example
 * solidDetails({ ...facts, brief: { ...brief, holes: [{ dia_mm: 8, depth_mm: 20, count: 4, thread: false, through: true }] } }, rates)[0].count
 * // 4
 */
export function solidDetails(facts: PartFacts, rates: RateSet): SolidDetail[] {
  const tapMinor = likely(rates.operations.tapMinor);
  return [
    ...facts.brief.features.map((f): SolidDetail => ({
      count: f.count ?? 1,
      kinds: [f.kind === 'dim' ? 'face' : f.kind],
      drilled: null,
    })),
    ...facts.brief.holes.map((h): SolidDetail => {
      const { operations } = judgeHole(h, SOLID, 'aluminium', tapMinor);
      const drilled = operations.includes('drill')
        ? { d_mm: h.dia_mm, depth_mm: h.depth_mm, threaded: h.thread }
        : null;
      return { count: h.count, kinds: operations, drilled };
    }),
  ];
}

function detailSeconds(facts: PartFacts, rates: RateSet, u: number): number {
  const { kinds, tapMinor } = rates.operations;
  return solidDetails(facts, rates).reduce((sum, { count, kinds: through, drilled }) => {
    const t0 = through.reduce((s, kind) => s + likely(kinds[kind].t0), 0);
    if (drilled === null) return sum + count * t0;
    const core = drilled.threaded ? likely(tapMinor) * drilled.d_mm : drilled.d_mm;
    const metal = (Math.PI / 4) * core ** 2 * drilled.depth_mm;
    return sum + count * (t0 + (metal * u) / likely(kinds.drill.P));
  }, 0);
}

/** A "capability" that cores nothing: every hole is drilled from solid. */
const SOLID: HoleLimits = {
  hole: { minDia: { any: Infinity }, depthRatioThrough: 0, depthRatioBlind: 0 },
  ct: { basis: 'rule' },
};

const STAMPED_FAMILIES = new Set(['aluminium', 'copper', 'steel', 'stainless']);

/**
 * Stamped, for flat parts (equation 9.5, T13).
 *
 * @example
 * stampedBaseline(facts, rates, () => 100).id // 'stamped'
 */
export function stampedBaseline(facts: PartFacts, rates: RateSet, lotOf: (q: number) => number): Baseline {
  const b = rates.baselines.stamped;
  const g = rates.global;
  const fam = rates.families[facts.ratesFamily];
  const { w, t } = facts;
  const forms = facts.brief.bends ?? (w !== null && facts.H > 2 * w ? 3 : 0);
  const hours =
    likely(b.h0) +
    (likely(b.hP) * 2 * (facts.L + facts.W)) / 100 +
    likely(b.hHole) * facts.nH +
    likely(b.hForm) * forms;
  const tool = hours * likely(g.Rtool) + likely(b.m0);
  const K = (1 + likely(g.oh)) * (1 + likely(g.mg));
  const raw = {
    metal: facts.m * likely(b.skeleton) * facts.alloy.price_USD_kg[1] * likely(fam?.kStock),
    pours: (((1 + forms) * likely(b.tStroke)) / 3600) * likely(b.Rpress),
    finishing: (likely(b.tDeburr) / 60) * likely(g.Rlab),
  };
  const piece = Object.values(raw).reduce((x, y) => x + y, 0);
  const setUp = likely(b.hSU) * likely(b.Rpress);
  const money = rates.currency.perUnit;
  const tooling = (): number => money * (1 + likely(g.mk)) * tool;
  const share = (q: number): number => setUp / Math.min(lotOf(q), q);
  const W = likely(rates.calendar.calendarPerWorkday);
  const barred = !STAMPED_FAMILIES.has(facts.ratesFamily)
    ? 'This metal is not stamped from strip.'
    : facts.nP > 0
      ? 'A part with inner passages is not flat.'
      : w === null || t === null
        ? 'Wall or section is not given.'
        : w > likely(b.maxThickness)
          ? `A ${w} mm wall is thicker than strip (at most ${likely(b.maxThickness)} mm).`
          : t / w > likely(b.maxRatio)
            ? `Sections from ${w} to ${t} mm do not come from one strip (ratio at most ${likely(b.maxRatio)}).`
            : null;
  return {
    id: 'stamped',
    name: 'Stamped from strip',
    barred,
    fix:
      barred === null
        ? null
        : STAMPED_FAMILIES.has(facts.ratesFamily)
          ? 'One thin wall throughout, folded from strip, would open it'
          : 'Steel, stainless, aluminium or copper strip would open it',
    tooling,
    unit: (q) => money * K * (share(q) + piece),
    total: (q) => tooling() + money * K * (ceilGuarded(q / lotOf(q)) * setUp + q * piece),
    lines: (q) => ({
      setUp: money * K * share(q),
      ...Object.fromEntries(Object.entries(raw).map(([k, x]) => [k, money * K * x])),
    }),
    dayOf: (N) => W * (likely(b.buy) + hours / likely(b.capDay) + 3 + N / 4000),
    symbols: { forms, hours, tool, piece, setUp, K },
  };
}

/**
 * Hands and hardware of joining pieces, before overhead: minutes and USD an assembly (equation 9.6).
 *
 * @example
 * joiningOf({ bolt: 0 }, 1, rates).minutes // 0
 */
export function joiningOf(
  joints: Readonly<Partial<Record<JointKind, number | undefined>>>,
  parts: number,
  rates: RateSet,
): { readonly minutes: number; readonly joining: number; readonly hardware: number; readonly stocking: number } {
  const b = rates.baselines.fabricated;
  const kinds = Object.entries(joints) as [JointKind, number | undefined][];
  const minutes = kinds.reduce((s, [k, n]) => s + (n ?? 0) * likely(b.joint[k]), 0) + likely(b.align) * (parts - 1);
  return {
    minutes,
    joining: (minutes / 60) * likely(rates.global.Rlab),
    hardware: kinds.reduce((s, [k, n]) => s + (n ?? 0) * likely(b.hardware[k]), 0),
    stocking: likely(b.stocking) * parts,
  };
}

/**
 * Today's assembly of several pieces (equation 9.6, T13); the brief's own figure where it gives one.
 *
 * @example
 * fabricatedBaseline(facts, rates)?.id ?? null // null
 */
export function fabricatedBaseline(facts: PartFacts, rates: RateSet): Baseline | null {
  const { today } = facts.brief;
  if (today.how !== 'fabricated' && (today.parts ?? 1) < 2) return null;
  const b = rates.baselines.fabricated;
  const g = rates.global;
  const parts = today.parts ?? 1;
  const { minutes: joining_min, joining, hardware, stocking } = joiningOf(today.joints, parts, rates);
  const K = (1 + likely(g.oh)) * (1 + likely(g.mg));
  const raw = {
    pieces: today.partCost_USD ?? parts * likely(b.c0),
    metal: facts.m * facts.alloy.price_USD_kg[1] * likely(b.kMat),
    joining,
    hardware,
    stocking,
  };
  const computed = K * Object.values(raw).reduce((x, y) => x + y, 0);
  const money = rates.currency.perUnit;
  const { perYear } = facts.brief.quantity;
  const floor = perYear === null ? 0 : ((today.floor_m2 ?? 0) * likely(b.rent)) / perYear;
  const returns = ((today.returns_pct ?? 0) / 100) * (today.repair_USD ?? 0);
  const besides = {
    ...(floor > 0 ? { floor: money * floor } : {}),
    ...(returns > 0 ? { returns: money * returns } : {}),
  };
  const unit = money * ((today.cost_USD ?? computed) + floor + returns);
  const jig = money * likely(b.jig) * (1 + likely(g.mk));
  const W = likely(rates.calendar.calendarPerWorkday);
  return {
    id: 'fabricated',
    name: 'Today’s assembly',
    barred: null,
    fix: null,
    tooling: () => jig,
    unit: () => unit,
    total: (q) => jig + q * unit,
    lines: () =>
      today.cost_USD !== null
        ? { asPaidToday: money * today.cost_USD, ...besides }
        : { ...Object.fromEntries(Object.entries(raw).map(([k, x]) => [k, money * K * x])), ...besides },
    dayOf: (N) => W * (likely(b.time.lead) + (N * joining_min) / 60 / 8),
    symbols: { parts, joining_min, computed, K },
  };
}
