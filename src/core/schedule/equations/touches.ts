import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import {
  a,
  brief,
  capability,
  D,
  figure,
  losesMoulds,
  mc,
  mu,
  n,
  nt,
  ofFamily,
  rate,
  timeEquation,
  variant,
  Y,
} from '../../cost/equations';
import type { SymbolOf } from '../../equations';
import { likely } from '../../base/figures';
import type { Touch } from '../../rates';

type Of = { readonly model: LaneInputs; readonly plan: Pick<LayoutPlan, 'n' | 'nt' | 'Vm' | 'cycle_s'> };

function touch<S extends string>(
  id: Touch,
  expression: string | { readonly of: Readonly<Record<string, string>>; readonly form: (c: Of) => string },
  symbols: Readonly<Record<S, SymbolOf<Of & OfInputs>>>,
  values: (c: Of) => Record<S, number>,
) {
  return timeEquation<Of>()({
    figure: `touch.${id}`,
    number: 'T2',
    remark: 'the minutes the money pays for',
    title: `Minutes at ${id}`,
    unit: 'min',
    expression,
    symbols,
    values,
  });
}

const t0 = variant('shot.t0', 'minutes per pour');
const tN = variant('shot.tN', 'minutes a position');
const coats = variant('shot.coats', 'coats');
const byLoss = ({ model }: Of): string => (losesMoulds(model) ? 'lost' : 'usual');
const assembles = ({ model }: Of): boolean => model.v.time.steps.some((step) => step.touch === 'assemble');

/** Minutes of each kind of work, a piece or a pour as its step says. */
export const TOUCHES = {
  core: touch(
    'core',
    { of: { usual: 'nC * tC * D', lost: 'nC * tC * D / (1 - mu)' }, form: byLoss },
    {
      mu,
      nC: figure('cores a casting', 'cores'),
      tC: variant('shot.tC', 'minutes a core, by size'),
      D,
    },
    ({ model: { cores, v, facts, mouldLoss } }) => ({ mu: mouldLoss, nC: cores, tC: likely(v.shot.tC), D: facts.D }),
  ),
  mould: touch(
    'mould',
    {
      of: {
        whole: 't0 + tV * Vm + tN * n',
        apart: 't0 + tV * Vm',
        wholeLost: '(t0 + tV * Vm + tN * n) / (1 - mu)',
        apartLost: '(t0 + tV * Vm) / (1 - mu)',
        wholeOver: '(t0 + tV * Vm + extraMin * nX * n + tN * n) / (1 - mu)',
        apartOver: '(t0 + tV * Vm + extraMin * nX * n) / (1 - mu)',
      },
      // Where moulds are put together in a step of their own, that step has the minutes by position.
      form: (c) => `${assembles(c) ? 'apart' : 'whole'}${c.model.nX > 0 ? 'Over' : losesMoulds(c.model) ? 'Lost' : ''}`,
    },
    {
      mu,
      extraMin: capability('undercut.extraMin', 'minutes a casting for each of them', 'min', ({ lane }) => ({
        basis: lane.capability.undercut.extraMin?.basis ?? 'assumed',
        v: lane.capability.undercut.extraMin?.v,
      })),
      nX: figure('undercuts over the usual most', 'undercuts'),
      t0,
      tV: variant('shot.tV', 'minutes by mould volume'),
      Vm: figure('mould volume', 'dm³', 'Vm'),
      tN,
      n,
    },
    ({ model: { v, mouldLoss, extraMin, nX }, plan }) => ({
      mu: mouldLoss,
      extraMin: v.cycle === undefined ? extraMin : 0,
      nX,
      t0: likely(v.shot.t0),
      tV: likely(v.shot.tV),
      Vm: plan.Vm,
      tN: likely(v.shot.tN),
      n: plan.n,
    }),
  ),
  inject: touch(
    'inject',
    { of: { injected: 'tInj / nt', none: '0' }, form: ({ plan }) => (plan.nt > 0 ? 'injected' : 'none') },
    { tInj: variant('shot.tInj', 'minutes an injection'), nt },
    ({ model: { v }, plan }) => ({ tInj: likely(v.shot.tInj), nt: plan.nt }),
  ),
  assemble: touch('assemble', 'tN', { tN }, ({ model: { v } }) => ({ tN: likely(v.shot.tN) })),
  dip: touch(
    'dip',
    { of: { usual: 'tR * coats', lost: 'tR * coats / (1 - mu)' }, form: byLoss },
    { mu, tR: variant('shot.tR', 'minutes a coat'), coats },
    ({ model: { v, mouldLoss } }) => ({ mu: mouldLoss, tR: likely(v.shot.tR), coats: likely(v.shot.coats) }),
  ),
  shellcare: touch(
    'shellcare',
    { of: { usual: 't0', lost: 't0 / (1 - mu)' }, form: byLoss },
    { mu, t0 },
    ({ model: { v, mouldLoss } }) => ({ mu: mouldLoss, t0: likely(v.shot.t0) }),
  ),
  pour: touch(
    'pour',
    'tp0 + tpM * (n * mc / Y)',
    { tp0: variant('shot.tp0', 'minutes per pour'), tpM: variant('shot.tpM', 'minutes by mass'), n, mc, Y },
    ({ model: { v, part, Y: share }, plan }) => ({
      tp0: likely(v.shot.tp0),
      tpM: likely(v.shot.tpM),
      n: plan.n,
      mc: part.mc,
      Y: share,
    }),
  ),
  cycleTouch: touch(
    'cycleTouch',
    'crew * cycle / 60',
    { crew: variant('cycle.crew', 'persons a machine', 'persons'), cycle: figure('die cycle', 's', 'cycle') },
    ({ model: { v }, plan }) => ({ crew: likely(v.cycle?.crew), cycle: plan.cycle_s }),
  ),
  knock: touch('knock', 'tKO', { tKO: variant('finish.tKO', 'knocking out', 'min') }, ({ model: { v } }) => ({
    tKO: likely(v.finish.tKO),
  })),
  finish: touch(
    'finish',
    '(tCut + tF * a) * fFet + tStr',
    {
      tCut: variant('finish.tCut', 'cutting off', 'min'),
      tF: variant('finish.tF', 'fettling by surface', 'min/dm²'),
      a,
      fFet: ofFamily('fFet', 'effort against aluminium'),
      tStr: variant('finish.tStr', 'straightening', 'min'),
    },
    ({ model: { v, facts, family } }) => ({
      tCut: likely(v.finish.tCut),
      tF: likely(v.finish.tF),
      a: facts.a,
      fFet: likely(family.fFet),
      tStr: likely(v.finish.tStr),
    }),
  ),
  machine: touch(
    'machine',
    'tMach',
    { tMach: figure('minutes at the machine', 'min', 'tMach') },
    ({ model: { part } }) => ({ tMach: part.tMach_min }),
  ),
  inspect: touch(
    'inspect',
    'lookMin * D + share * nD * GeoMin',
    {
      lookMin: rate('global.lookMin', 'looking over'),
      D,
      share: rate('global.sampleShare', 'pieces measured'),
      nD: brief('features', 'toleranced dimensions', 'dimensions'),
      GeoMin: rate('global.GeoMin', 'one dimension'),
    },
    ({ model: { facts, rates } }) => ({
      lookMin: likely(rates.global.lookMin),
      D: facts.D,
      share: likely(rates.global.sampleShare),
      nD: facts.nD,
      GeoMin: likely(rates.global.GeoMin),
    }),
  ),
} as const satisfies Readonly<Record<Touch, unknown>>;
