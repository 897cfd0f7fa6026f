import { likely } from '../../base/figures';
import type { LaneInputs, LaneModel, LayoutPlan, OfInputs } from '../types';
import {
  a,
  brief,
  capability,
  D,
  equation,
  figure,
  hourly,
  kRet,
  l,
  lambda,
  mayLose,
  mc,
  mu,
  n,
  nL,
  nU,
  ofFamily,
  p,
  rate,
  variant,
  Y,
} from './symbols';

const nX = figure('undercuts over the usual most', 'undercuts');
const extraMin = capability('undercut.extraMin', 'minutes a casting for each of them', 'min', ({ lane }) => ({
  basis: lane.capability.undercut.extraMin?.basis ?? 'assumed',
  v: lane.capability.undercut.extraMin?.v,
}));

type Of<K extends keyof LayoutPlan> = { readonly model: LaneInputs; readonly plan: Pick<LayoutPlan, 'n' | K> };

/** Volume of the flask, or nothing where no flask is filled. */
export const MOULD_VOLUME = equation<Of<never>>()({
  figure: 'Vm',
  number: '4.4',
  title: 'Mould volume',
  unit: 'dm³',
  expression: {
    of: { flask: 'n * ((L + gap) * (W + gap) * run) * (H + 2 * cover) / 1000000', none: '0' },
    form: ({ model }) => (model.v.mould === 'flask' ? 'flask' : 'none'),
  },
  symbols: {
    n,
    L: brief('geometry.box_mm', 'length', 'mm'),
    W: brief('geometry.box_mm', 'width', 'mm'),
    H: brief('geometry.box_mm', 'height along the draw', 'mm'),
    gap: figure('room between castings', 'mm'),
    run: figure('room for the runner', '×'),
    cover: figure('sand above and below', 'mm'),
  },
  note: ({ model }) => (model.v.mould === 'flask' ? null : 'No flask is filled on this route.'),
  values: ({ model: { facts, lane }, plan }) => {
    const { layout } = lane.capability;
    return {
      n: plan.n,
      L: facts.L,
      W: facts.W,
      H: facts.H,
      gap: layout.gap_mm,
      run: layout.runFactor,
      cover: layout.cover_mm,
    };
  },
});

/** Metal poured at once. */
export const POURED_MASS = equation<Of<never>>()({
  figure: 'M',
  number: '4.4',
  title: 'Metal poured at once',
  unit: 'kg',
  expression: 'n * mc / Y',
  symbols: { n, mc, Y },
  values: ({ model, plan }) => ({ n: plan.n, mc: model.part.mc, Y: model.Y }),
});

/** Places of a full pour that are usually lost. */
export const LOST_PLACES = equation<Of<never>>()({
  figure: 'nL',
  number: '4.6',
  title: 'Usual lost places of a pour',
  unit: 'places',
  expression: {
    of: { lost: 'min(n - 1, floor(share * n + 0.5))', none: '0' },
    form: ({ model: { lane }, plan }) => {
      const { v, from_n } = lane.capability.positionsLost;
      return plan.n < from_n || v[2] === 0 ? 'none' : 'lost';
    },
  },
  symbols: {
    n,
    share: capability(
      'positionsLost',
      'share of places that fill badly or not at all',
      'share',
      ({ lane }) => lane.capability.positionsLost,
    ),
  },
  note: ({ model: { lane } }) =>
    `${lane.capability.positionsLost.where.replace(/^./, (x) => x.toUpperCase())}. Their metal comes back as returns; from ${lane.capability.positionsLost.from_n} places on.`,
  values: ({ model: { lane }, plan }) => ({ n: plan.n, share: lane.capability.positionsLost.v[1] }),
});

/** Share of moulds lost before any metal is in them. */
export const MOULD_LOSS = equation<OfInputs>()({
  figure: 'mu',
  number: '6.6',
  title: 'Moulds lost before pouring',
  unit: 'share',
  expression: {
    of: { some: 'loss', more: 'loss + extraLoss * nX', none: '0' },
    form: (c) => (!losesMoulds(c.model) ? 'none' : c.model.nX > 0 ? 'more' : 'some'),
  },
  symbols: {
    loss: capability('mouldLoss', 'share of moulds lost', 'share', ({ lane }) => lane.capability.mouldLoss),
    extraLoss: capability('undercut.extraLoss', 'share for each undercut over the usual most', 'share', ({ lane }) => ({
      basis: lane.capability.undercut.basis,
    })),
    nX,
  },
  note: ({ model }) =>
    losesMoulds(model)
      ? 'No metal is lost with them: the mould, its cores and patterns are.'
      : 'A die or disc is not lost.',
  values: ({ model }) => ({
    loss: model.lane.capability.mouldLoss.v[1],
    extraLoss: model.extraLoss,
    nX: model.nX,
  }),
});
/**
 * Whether moulds of a lane are made anew for every pour, and some of them fail.
 *
 * @example
 * losesMoulds(model) === (model.v.mould !== 'die') // true
 */
export const losesMoulds = ({ v, lane }: Pick<LaneInputs, 'v' | 'lane'>): boolean =>
  v.mould !== 'die' && lane.capability.mouldLoss.v[2] > 0;

/** Force that holds all positions shut. */
export const CLAMP = equation<Of<never>>()({
  figure: 'clampOfPour',
  number: '4.2',
  title: 'Clamp of all positions',
  unit: 'MN',
  expression: {
    of: { clamped: 'n * F1', none: '0' },
    form: ({ model }) => (isClamped(model) ? 'clamped' : 'none'),
  },
  symbols: { n, F1: figure('clamp of one cavity', 'MN', 'clamp') },
  note: ({ model }) => (isClamped(model) ? null : 'No machine holds this mould shut.'),
  values: ({ model: { screening }, plan }) => ({ n: plan.n, F1: screening.F1_MN ?? 0 }),
});
const isClamped = ({ lane }: LaneInputs): boolean => lane.capability.layout.maxClamp_MN !== undefined;

/** Making one mould: labour by volume, position, coat and injection, and material. */
export const MOULD = equation<Of<'nt' | 'Vm'>>()({
  figure: 'mould',
  number: '6.1',
  title: 'Making one mould',
  unit: 'USD',
  expression: {
    of: {
      usual:
        'R * (t0 + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)',
      usualOver:
        'R * (t0 + extraMin * nX * n + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)',
      more: 'R * (t0 + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + kCond + kGrain + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)',
      moreOver:
        'R * (t0 + extraMin * nX * n + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + kCond + kGrain + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)',
    },
    // Of a die the minutes of undercuts are seconds of its cycle.
    form: ({ model: { condition, grain, nX: over, v } }) =>
      `${condition === null && grain === null ? 'usual' : 'more'}${over > 0 && v.cycle === undefined ? 'Over' : ''}`,
  },
  symbols: {
    R: hourly('shot', 'who moulds'),
    extraMin,
    nX,
    kCond: {
      ...rate('conditions["{condition}"].kPour', 'poured under conditions', 'USD'),
      table: (c, path) => (c.model.condition === null ? undefined : rate('', '').table?.(c, path)),
    },
    kGrain: {
      ...rate('grain.{grain}.kPour', 'for the grain asked for', 'USD'),
      table: (c, path) => (c.model.grain === null ? undefined : rate('', '').table?.(c, path)),
    },
    t0: variant('shot.t0', 'minutes per pour', 'min'),
    tV: variant('shot.tV', 'minutes by mould volume', 'min/dm³'),
    Vm: figure('mould volume', 'dm³', 'Vm'),
    tN: variant('shot.tN', 'minutes a position', 'min'),
    n,
    tR: variant('shot.tR', 'minutes a coat', 'min'),
    coats: variant('shot.coats', 'coats', 'coats'),
    tInj: variant('shot.tInj', 'minutes an injection', 'min'),
    inj: figure('injections per pour, n/nt', 'injections'),
    k0: variant('shot.k0', 'money per pour', 'USD'),
    kV: variant('shot.kV', 'money by mould volume', 'USD/dm³'),
    kN: variant('shot.kN', 'money a position', 'USD'),
    kA: variant('shot.kA', 'money by surface', 'USD/dm²'),
    a,
  },
  values: ({ model: { v, R, facts, extraMin: minutes, nX: over, condition, grain }, plan }) => {
    const s = v.shot;
    return {
      R: R.shot,
      extraMin: minutes,
      nX: over,
      kCond: likely(condition?.kPour),
      kGrain: likely(grain?.kPour),
      t0: likely(s.t0),
      tV: likely(s.tV),
      Vm: plan.Vm,
      tN: likely(s.tN),
      n: plan.n,
      tR: likely(s.tR),
      coats: likely(s.coats),
      tInj: likely(s.tInj),
      inj: plan.nt > 0 ? plan.n / plan.nt : 0,
      k0: likely(s.k0),
      kV: likely(s.kV),
      kN: likely(s.kN),
      kA: likely(s.kA),
      a: facts.a,
    };
  },
});

/** Cores of one pour. */
export const CORES = equation<Of<never>>()({
  figure: 'coring',
  number: '6.2',
  title: 'Cores of one pour',
  unit: 'USD',
  expression: {
    of: { made: 'n * nC * (tC * D * R / 60 + kC * D * D)', bought: 'n * nC * (tC * D * R / 60 + kC * D * D) * kBuy' },
    form: ({ model }) => (model.kBuy === 1 ? 'made' : 'bought'),
  },
  symbols: {
    n,
    kBuy: rate('coreMaker.bought.kBuy', 'bought against made'),
    nC: figure('cores a casting', 'cores'),
    tC: variant('shot.tC', 'minutes a core, by size', 'min/dm'),
    D,
    R: hourly('core', 'who makes cores'),
    kC: variant('shot.kC', 'material of a core, by size', 'USD/dm²'),
  },
  values: ({ model: { v, R, facts, cores, kBuy }, plan }) => ({
    n: plan.n,
    kBuy,
    nC: cores,
    tC: likely(v.shot.tC),
    D: facts.D,
    R: R.core,
    kC: likely(v.shot.kC),
  }),
});

/** Printed patterns of one pour. */
export const PRINTS = equation<Of<never>>()({
  figure: 'prints',
  number: '6.3',
  title: 'Printed patterns of one pour',
  unit: 'USD',
  expression: 'n * (p0 + pV * V)',
  symbols: {
    n,
    p0: variant('print.p0', 'a pattern', 'USD'),
    pV: variant('print.pV', 'a pattern, by volume', 'USD/cm³'),
    V: brief('geometry.volume_cm3', 'volume', 'cm³'),
  },
  values: ({ model: { v, facts }, plan }) => ({
    n: plan.n,
    p0: likely(v.print?.p0),
    pV: likely(v.print?.pV),
    V: facts.V,
  }),
});

/** Time of one die cycle; nothing where no die is cycled. */
export const CYCLE = equation<Of<'F_MN'>>()({
  figure: 'cycle',
  number: '6.4',
  title: 'Die cycle',
  unit: 's',
  expression: {
    of: {
      cycled: 'tc0 + tcN * n + tcF * F + kShut * delta * t + tU * nU * n',
      over: 'tc0 + tcN * n + tcF * F + kShut * delta * t + tU * nU * n + 60 * extraMin * nX * n',
      none: '0',
    },
    form: ({ model }) => (model.v.cycle === undefined ? 'none' : model.nX > 0 ? 'over' : 'cycled'),
  },
  symbols: {
    tc0: variant('cycle.tc0', 'seconds per pour', 's'),
    tcN: variant('cycle.tcN', 'seconds a position', 's'),
    n,
    tcF: variant('cycle.tcF', 'seconds by clamp', 's/MN'),
    F: figure('clamp of all positions', 'MN', 'clampOfPour'),
    kShut: variant('cycle.kShut', 'how much longer the die stays shut than the section asks', '×'),
    delta: {
      ...ofFamily('', 'freezing and cooling to ejection by section'),
      unit: 's/mm',
      path: ({ model }) => `families.${model.facts.ratesFamily}.dwell.${model.v.cycle?.film ?? 'gravity'}`,
      plainly: { path: 'families.{family}.dwell' },
    },
    t: brief('geometry.sectionMax_mm', 'thickest section', 'mm'),
    tU: variant('cycle.tU', 'seconds an undercut', 's'),
    nU,
    extraMin,
    nX,
  },
  note: ({ model }) => (model.v.cycle === undefined ? 'No die is cycled on this route.' : null),
  values: ({ model: { v, facts, dwell, extraMin: minutes, nX: over }, plan }) => {
    const y = v.cycle;
    return {
      tc0: likely(y?.tc0),
      tcN: likely(y?.tcN),
      n: plan.n,
      tcF: likely(y?.tcF),
      F: plan.F_MN,
      kShut: likely(y?.kShut),
      delta: dwell,
      t: facts.t ?? 0,
      tU: likely(y?.tU),
      nU: facts.nU,
      extraMin: minutes,
      nX: over,
    };
  },
});

/** One die cycle with its machine and men. */
export const DIE_CYCLE = equation<Of<'F_MN' | 'cycle_s'>>()({
  figure: 'dieCycle',
  number: '6.4',
  title: 'One die cycle, with its men and machine',
  unit: 'USD',
  expression: '(rm0 + rmF * F + crew * R) * cycle / 3600',
  symbols: {
    rm0: variant('cycle.rm0', 'machine', 'USD/h'),
    rmF: variant('cycle.rmF', 'machine by clamp', 'USD/h per MN'),
    F: figure('clamp of all positions', 'MN', 'clampOfPour'),
    crew: variant('cycle.crew', 'persons a machine', 'persons'),
    R: hourly('shot', 'operator'),
    cycle: figure('die cycle', 's', 'cycle'),
  },
  values: ({ model: { v, R }, plan }) => ({
    rm0: likely(v.cycle?.rm0),
    rmF: likely(v.cycle?.rmF),
    F: plan.F_MN,
    crew: likely(v.cycle?.crew),
    R: R.shot,
    cycle: plan.cycle_s,
  }),
});

/** Pouring one mould by hand or ladle. */
export const POURING = equation<Of<never>>()({
  figure: 'pouring',
  number: '6.4',
  title: 'Pouring one mould',
  unit: 'USD',
  expression: 'R * (tp0 + tpM * (n * mc / Y)) / 60',
  symbols: {
    R: hourly('shot', 'who pours'),
    tp0: variant('shot.tp0', 'minutes per pour', 'min'),
    tpM: variant('shot.tpM', 'minutes by mass', 'min/kg'),
    n,
    mc,
    Y,
  },
  values: ({ model: { v, R, part, Y: share }, plan }) => ({
    R: R.shot,
    tp0: likely(v.shot.tp0),
    tpM: likely(v.shot.tpM),
    n: plan.n,
    mc: part.mc,
    Y: share,
  }),
});

/** Knocking out one pour. */
export const KNOCK_OUT = equation<OfInputs>()({
  figure: 'knockOut',
  number: '6.5',
  title: 'Knocking out one pour',
  unit: 'USD',
  expression: 'R * tKO / 60',
  symbols: { R: hourly('finish', 'fettler'), tKO: variant('finish.tKO', 'knocking out', 'min') },
  values: ({ model: { v, R } }) => ({ R: R.finish, tKO: likely(v.finish.tKO) }),
});

/** One pour: its mould, cores, patterns, pouring or die cycle, and knocking out. */
export const POUR = equation<Of<'mould' | 'coring' | 'prints' | 'pouring' | 'knockOut' | 'cycle_s'>>()({
  figure: 'cPour',
  number: '6.1 to 6.6',
  title: 'One pour',
  unit: 'USD',
  expression: {
    of: {
      kept: 'mould + cores + prints + pouring + knockOut',
      lost: '(mould + cores + prints) / (1 - mu) + pouring + knockOut',
    },
    form: ({ model }) => (losesMoulds(model) ? 'lost' : 'kept'),
  },
  symbols: {
    mu,
    mould: figure('making the mould', 'USD', 'mould'),
    cores: figure('cores', 'USD', 'coring'),
    prints: figure('printed patterns', 'USD', 'prints'),
    pouring: {
      ...figure('pouring', 'USD'),
      meaning: ({ plan }) => (plan.cycle_s > 0 ? 'the die cycle, with its men' : 'pouring'),
      opens: ({ plan }) => (plan.cycle_s > 0 ? 'dieCycle' : 'pouring'),
      plainly: { meaning: 'pouring, or the die cycle with its men' },
    },
    knockOut: figure('knocking out', 'USD', 'knockOut'),
  },
  values: ({ model, plan }) => ({
    mu: model.mouldLoss,
    mould: plan.mould,
    cores: plan.coring,
    prints: plan.prints,
    pouring: plan.pouring,
    knockOut: plan.knockOut,
  }),
});

/** Castings that come out of a pour, lost places and misruns taken off. */
export const CASTINGS_A_POUR = equation<Of<'nL'>>()({
  figure: 'castingsPerPour',
  number: '8',
  title: 'Castings per pour, lost places and misruns taken off',
  unit: 'castings',
  expression: {
    of: { all: 'n * (1 - lambda)', some: '(n - nL) * (1 - lambda)' },
    form: ({ model, plan }) => (mayLose(model, plan.n) ? 'some' : 'all'),
  },
  symbols: { n, nL, lambda },
  values: ({ model, plan }) => ({ n: plan.n, nL: plan.nL, lambda: model.lambda }),
});

/** Melting a kilogram. */
export const MELTING = equation<OfInputs>()({
  figure: 'cMelt',
  number: '8.1',
  remark: 'aMelt + eMelt·pE',
  title: 'Melting a kilogram',
  unit: 'USD/kg',
  expression: 'aMelt + eMelt * pE',
  symbols: {
    aMelt: ofFamily('aMelt', 'lining, flux, gas, melter'),
    eMelt: ofFamily('eMelt', 'energy'),
    pE: rate('global.pE', 'price of energy'),
  },
  values: ({ model: { family, rates } }) => ({
    aMelt: likely(family.aMelt),
    eMelt: likely(family.eMelt),
    pE: likely(rates.global.pE),
  }),
});

/** What every further pour adds: itself, and the metal melted for it less what comes back. */
export const PER_POUR = equation<{ model: LaneModel; plan: Pick<LayoutPlan, 'M' | 'pour'> }>()({
  figure: 'perPour',
  number: '8.1',
  title: 'One pour, its metal less what comes back',
  unit: 'USD',
  expression: {
    of: {
      usual: 'cPour + M * (p * (1 + l - kRet) + cMelt)',
      held: 'cPour + M * (p * (1 + l - kRet) + cMelt + heldKg)',
    },
    form: ({ model }) => (model.heldKg > 0 ? 'held' : 'usual'),
  },
  symbols: {
    cPour: figure('one pour', 'USD', 'cPour'),
    M: figure('metal poured at once', 'kg', 'M'),
    p,
    l,
    kRet,
    cMelt: figure('melting', 'USD/kg', 'cMelt'),
    heldKg: figure('containment', 'USD/kg', 'heldKg'),
  },
  values: ({ model, plan }) => ({
    heldKg: model.heldKg,
    cPour: plan.pour,
    M: plan.M,
    p: model.price,
    l: model.meltLoss,
    kRet: model.kRet,
    cMelt: model.melting,
  }),
});
