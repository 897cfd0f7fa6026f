import type { OfLayout, OfLot, OfProgramme } from '../types';
import {
  equation,
  figure,
  kRet,
  l,
  lambda,
  mayLose,
  mc,
  mu,
  n,
  nL,
  nt,
  ofLot,
  p,
  Q,
  rate,
  variant,
  warmUp,
  Y,
} from './symbols';
import { isCoatedOrHeld } from './coats';
import { losesMoulds } from './pour';

type Poured = OfLayout & { readonly Q: number; readonly nB: number; readonly ideal: boolean };
type AtLot<V> = V & OfProgramme;

/** Castings made for a lot. */
export const CASTINGS = equation<Poured, AtLot<Poured>>()({
  figure: 'castings',
  number: '7.3 and 8',
  title: 'Castings made for a lot',
  unit: 'castings',
  expression: 'Q * nB',
  symbols: { Q, nB: ofLot('castings made a good piece', '–', 'stages') },
  values: ({ Q, nB }) => ({ Q, nB }),
});

/** Pours of a lot, with those that warm the mould. */
export const POURS = equation<Poured, AtLot<Poured>>()({
  figure: 'pours',
  number: '8',
  remark: 'P + w',
  title: 'Pours of a lot',
  unit: 'pours',
  expression: {
    of: {
      usual: 'ceil(Q * nB / (n * (1 - lambda))) + w',
      lost: 'ceil(Q * nB / ((n - nL) * (1 - lambda))) + w',
      ideal: 'ceil(Q / n) + w',
      idealLost: 'ceil(Q / (n - nL)) + w',
    },
    form: ({ model, plan, ideal }) =>
      mayLose(model, plan.n) ? (ideal ? 'idealLost' : 'lost') : ideal ? 'ideal' : 'usual',
  },
  symbols: { Q, nB: ofLot('castings made a good piece', '–', 'stages'), lambda, n, nL, w: warmUp },
  values: ({ model, plan, Q, nB }) => ({
    Q,
    nB,
    lambda: model.lambda,
    n: plan.n,
    nL: plan.nL,
    w: model.warmUp,
  }),
});

type Filled = OfLayout & { readonly filled: number };

/** Metal melted for a lot. */
export const MELTED = equation<Filled, AtLot<Filled>>()({
  figure: 'kg',
  number: '4.4 and 8',
  remark: '(P + w)·n·mc/Y',
  title: 'Metal melted for a lot',
  unit: 'kg',
  expression: 'Pw * (n * mc / Y)',
  symbols: { Pw: ofLot('pours, warm-up included', 'pours', 'pours'), n, mc, Y },
  values: ({ model, plan, filled }) => ({ Pw: filled, n: plan.n, mc: model.part.mc, Y: model.Y }),
});

type Run = OfLayout & { readonly filled: number };

/** What the tool makes at every pour, or at every injection. */
function shotForm({ model, plan }: Run): string {
  const lost = losesMoulds(model);
  if (model.lane.capability.layout.toolPerPosition) return lost ? 'moulded' : 'poured';
  return plan.nt === 0 ? 'none' : lost ? 'injected' : 'injectedAll';
}

/** Shots on the tool for a lot. */
export const SHOTS = equation<Run, AtLot<Run>>()({
  figure: 'shots',
  number: '5.9',
  title: 'Shots on the tool for a lot',
  unit: 'shots',
  expression: {
    of: {
      poured: 'Pw',
      moulded: 'Pw / (1 - mu)',
      injected: 'Pw * n / nt / (1 - mu)',
      injectedAll: 'Pw * n / nt',
      none: '0',
    },
    form: shotForm,
  },
  symbols: {
    Pw: ofLot('pours, warm-up included', 'pours', 'pours'),
    n,
    nt,
    mu,
  },
  note: ({ model, plan }) =>
    model.lane.capability.layout.toolPerPosition
      ? 'The tool makes a mould at every pour, also one that is lost.'
      : plan.nt > 0
        ? 'Every place carries a wax, also one that is lost.'
        : 'Nothing is cut, so nothing wears.',
  values: ({ model, plan, filled }) => ({ Pw: filled, n: plan.n, nt: plan.nt, mu: model.mouldLoss }),
});

/** Money of one lot of Q good pieces, before the price factor. */
export const LOT = equation<OfLot, OfProgramme>()({
  figure: 'lot',
  number: '8.1',
  title: (c) => `One lot of ${c.Q}`,
  unit: 'USD',
  expression: {
    of: {
      usual:
        'setUp + Pw * cPour + p * (kg * (1 + l) - kRet * (kg - Q * mc)) + kg * cMelt + NB * (fin + heat) + Q * nB * sc * omega * cRw + Q * nC * mach + Q * nD * look + max(share * Q, min(Q, 3)) * measure + shots * upkeep',
      more: 'setUp + Pw * cPour + p * (kg * (1 + l) - kRet * (kg - Q * mc)) + kg * cMelt + NB * (fin + heat) + Q * nB * sc * omega * cRw + Q * nC * mach + Q * nD * look + max(share * Q, min(Q, 3)) * measure + shots * upkeep + coatLot + Q * coat + heldLot + kg * heldKg',
    },
    form: ({ model }) => (isCoatedOrHeld(model) ? 'more' : 'usual'),
  },
  symbols: {
    coatLot: figure('coats of the lot', 'USD', 'coatLot'),
    coat: figure('coats of a piece', 'USD', 'coatPiece'),
    heldLot: figure('containment and conditions of the lot', 'USD', 'heldLot'),
    heldKg: figure('containment', 'USD/kg', 'heldKg'),
    setUp: figure('set-up of the lot', 'USD', 'setUp'),
    Pw: ofLot('pours, warm-up included', 'pours', 'pours'),
    cPour: figure('one pour', 'USD', 'cPour'),
    p,
    kg: ofLot('melted', 'kg', 'kg'),
    l,
    kRet,
    Q,
    mc,
    cMelt: figure('melting', 'USD/kg', 'cMelt'),
    NB: ofLot('castings made, Q·nB', 'castings', 'castings'),
    fin: figure('finishing a casting', 'USD', 'finish'),
    heat: figure('heat treatment a casting', 'USD', 'heat'),
    nB: ofLot('castings made a good piece', '–', 'stages'),
    sc: ofLot('share found bad after fettling', 'share', 'sc'),
    omega: variant('stage.omega', 'share of rejects saved'),
    cRw: variant('stage.cRw', 'one rework'),
    nC: figure('castings machined a good piece', '–', 'nC'),
    mach: figure('machining of a piece', 'USD', 'machining'),
    nD: figure('pieces inspected a good piece', '–', 'nD'),
    look: figure('inspecting a piece', 'USD', 'look'),
    share: rate('global.sampleShare', 'pieces measured'),
    measure: figure('measuring a sample piece', 'USD', 'measure'),
    shots: ofLot('shots on the tool', 'shots', 'shots'),
    upkeep: figure('upkeep a shot', 'USD', 'upkeep'),
  },
  plainly: { title: 'One lot' },
  values: ({ model: m, plan, stages, run, Q }) => ({
    coatLot: m.coatLot,
    coat: m.coatPiece,
    heldLot: m.heldLot,
    heldKg: m.heldKg,
    setUp: m.setUp,
    Pw: run.filled,
    cPour: plan.pour,
    p: m.price,
    kg: run.kg,
    l: m.meltLoss,
    kRet: m.kRet,
    Q,
    mc: m.part.mc,
    cMelt: m.melting,
    NB: run.castings,
    fin: m.finish,
    heat: m.heat,
    nB: stages.nB,
    sc: stages.sc,
    omega: m.omega,
    cRw: m.cRw,
    nC: stages.nC,
    mach: m.part.machining,
    nD: stages.nD,
    look: m.look,
    share: m.sampleShare,
    measure: m.measure,
    shots: run.shots,
    upkeep: plan.upkeep,
  }),
});
