import type { OfProgramme } from '../types';
import {
  capability,
  choice,
  equation,
  figure,
  fx,
  K,
  lambda,
  money,
  MONEY_A_PART,
  n,
  ofLot,
  Q,
  q,
  warmUp,
} from './symbols';

type Case = OfProgramme & {
  /** The lot looked at as it will run; with every position of each pour coming out; with no scrap, but its misruns. USD. */
  readonly lotCost: number;
  readonly fullPours: number;
  readonly noScrap: number;
};

const asItRuns = figure('the lot as it will run', 'USD', 'lot');

/** What first pours, lost positions, scrap, learning and worn tools cost: parts of the lines, not more. */
export const WASTE = {
  warmUp: equation<Case>()({
    figure: 'waste.warmUp',
    number: '8',
    remark: 'P + w pours',
    title: 'First pours of each lot, thrown away',
    ...MONEY_A_PART,
    expression: 'K * w * perPour / Q * fx',
    symbols: { K, w: warmUp, perPour: figure('one pour, its metal less what comes back', 'USD', 'perPour'), Q, fx },
    note: () => 'Spread over the pieces of a usual lot; part of the lines of moulds, metal and melting.',
    values: ({ model, plan, Q, fx }) => ({ K: model.K, w: model.warmUp, perPour: plan.perPour, Q, fx }),
  }),
  misruns: equation<Case>()({
    figure: 'waste.misruns',
    number: '8',
    remark: 'n · (1 − λ) castings per pour',
    title: 'Positions of a pour that never fill',
    ...MONEY_A_PART,
    expression: 'K * (lot - full) / Q * fx',
    symbols: {
      K,
      lot: asItRuns,
      full: {
        ...figure('', 'USD'),
        meaning: ({ plan }) => `the lot if all ${plan.n} positions filled every time`,
        plainly: { meaning: 'the lot if all positions filled every time' },
      },
      lambda,
      n,
      Q,
      fx,
    },
    beside: ['lambda', 'n'],
    note: () => 'The ends of a plate or tree run short first. Part of the line of scrap and rework.',
    values: ({ model, plan, lotCost, fullPours, Q, fx }) => ({
      K: model.K,
      lot: lotCost,
      full: fullPours,
      lambda: model.lambda,
      n: plan.n,
      Q,
      fx,
    }),
  }),
  scrap: equation<Case>()({
    figure: 'waste.scrap',
    number: '7.3',
    title: 'Castings found bad, reworked or lost at the machine',
    ...MONEY_A_PART,
    expression: 'K * (lot - clean) / Q * fx',
    symbols: {
      K,
      lot: asItRuns,
      clean: figure('the lot if nothing that fills were bad', 'USD'),
      sc: ofLot('share found bad after fettling', 'share', 'sc'),
      Q,
      fx,
    },
    beside: ['sc'],
    note: () => 'Part of the line of scrap and rework.',
    values: ({ model, stages, lotCost, noScrap, Q, fx }) => ({
      K: model.K,
      lot: lotCost,
      clean: noScrap,
      sc: stages.sc,
      Q,
      fx,
    }),
  }),
  learning: equation<Case & { readonly learning: { readonly lots: number; readonly rest: number } }>()({
    figure: 'waste.learning',
    number: '8.2',
    remark: 'lots begun before the learning pieces carry scrap as when new',
    title: 'Learning: the first lots waste more than settled ones',
    ...MONEY_A_PART,
    expression: 'K * (kNew * lots + rest) / q * fx',
    symbols: {
      K,
      kNew: {
        ...figure('', 'lots', 'kNew'),
        meaning: ({ model }) => `full lots begun before ${model.learnPieces} pieces are made`,
        plainly: { meaning: 'full lots begun before scrap settles' },
      },
      lots: figure('what such a lot costs more than a settled one', 'USD'),
      rest: figure('what the remainder costs more, where it is still learning', 'USD'),
      q,
      fx,
    },
    note: () => 'Spread over the whole programme; part of its total.',
    values: ({ model, split, learning, q, fx }) => ({ K: model.K, kNew: split.freshFull, ...learning, q, fx }),
  }),
  replacement: equation<Case>()({
    figure: 'waste.replacement',
    number: '5.3',
    title: 'Tools that wear out',
    ...MONEY_A_PART,
    expression: 'sets / q',
    symbols: { sets: money('replacement sets, mark-up included', 'tooling.replacementSets'), q },
    note: ({ sets }) => `${sets} ${sets === 1 ? 'set' : 'sets'} over the programme; part of tooling.`,
    values: ({ tools, q }) => ({ sets: tools.replacementSets, q }),
  }),
  wear: equation<Case>()({
    figure: 'waste.wear',
    number: 'route',
    remark: 'growth a thousand shots',
    title: 'Growth of a cavity by the end of its tool',
    unit: 'mm',
    expression: 'growth * shots / 1000',
    symbols: {
      growth: capability('wear.growth_mm_per_1000', 'growth of a size', 'mm/1000 shots', ({ lane }) => ({
        basis: lane.capability.wear.basis,
      })),
      shots: {
        ...choice('', 'shots'),
        meaning: ({ sets }) => (sets > 0 ? 'shots of one set, its whole life' : 'shots of the programme on one set'),
        plainly: { meaning: 'shots of one set: its whole life, or the programme' },
      },
    },
    note: ({ model }) => {
      const { wear } = model.lane.capability;
      return `${wear.sign.replace(/^./, (x) => x.toUpperCase())}. It shows as: ${wear.shows}. Hold it against the room of the tightest size left as cast.`;
    },
    values: ({ model, sets, shots }) => ({
      growth: model.lane.capability.wear.growth_mm_per_1000,
      shots: sets > 0 ? model.life : shots,
    }),
  }),
} as const;

/** Figures of what is lost on the way to good pieces, in the order they are shown. */
export const WASTE_FIGURES = Object.values(WASTE).map((e) => e.figure);
