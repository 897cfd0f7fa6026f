import { lotCost } from '../cost';
import { cur, fx, K, lambdaSym, lotQ, nSym, qty, warmUpSym, type Builder } from './common';
import { lotOf, type Context } from './context';
import { chosen, computed, fromRoute } from './symbols';

/** Figures of what is lost on the way to good pieces, in the order they are told. */
export const WASTE_FIGURES = [
  'waste.warmUp',
  'waste.misruns',
  'waste.scrap',
  'waste.learning',
  'waste.replacement',
  'waste.wear',
] as const;

/** A lot with every position of each pour coming out. */
const fullPours = (c: Context): number => lotCost(c.model, { ...c.plan, castingsPerPour: c.plan.n }, c.stages, c.Q);

/** The same lot with no scrap at any stage; positions that never fill are still lost. */
const noScrap = (c: Context): number => lotCost(c.model, c.plan, c.model.ideal, c.Q);

/** Workings of what new tools, first pours, lost positions, scrap and worn tools cost. They are parts of the lines, not more. */
export const WASTE: Readonly<Record<string, Builder>> = {
  'waste.warmUp': (c) => {
    return {
      title: 'First pours of each lot, thrown away',
      equation: 'Cost model 8: P + w pours',
      expression: 'K * w * perPour / Q * fx',
      value: (c.model.K * c.model.warmUp * c.plan.perPour * c.fx) / c.Q,
      unit: `${cur(c)}/part`,
      symbols: [
        K(c),
        warmUpSym(c),
        computed('perPour', 'one pour, its metal less what comes back', c.plan.perPour, 'USD'),
        lotQ(c),
        fx(c),
      ],
      note: 'Spread over the pieces of a usual lot; part of the lines of moulds, metal and melting.',
    };
  },
  'waste.misruns': (c) => {
    const [lot, full] = [lotOf(c, c.stages, c.Q), fullPours(c)];
    return {
      title: 'Positions of a pour that never fill',
      equation: 'Cost model 8: n · (1 − λ) castings a pour',
      expression: 'K * (lot - full) / Q * fx',
      value: (c.model.K * (lot - full) * c.fx) / c.Q,
      unit: `${cur(c)}/part`,
      symbols: [
        K(c),
        computed('lot', 'the lot as it will run', lot, 'USD', 'lot'),
        computed('full', `the lot if all ${c.plan.n} positions filled every time`, full, 'USD'),
        lambdaSym(c),
        nSym(c),
        lotQ(c),
        fx(c),
      ],
      note: 'The ends of a plate or tree run short first. Part of the line of scrap and rework.',
    };
  },
  'waste.scrap': (c) => {
    const [lot, clean] = [lotOf(c, c.stages, c.Q), noScrap(c)];
    return {
      title: 'Castings found bad, reworked or lost at the machine',
      equation: 'Cost model 7.3',
      expression: 'K * (lot - clean) / Q * fx',
      value: (c.model.K * (lot - clean) * c.fx) / c.Q,
      unit: `${cur(c)}/part`,
      symbols: [
        K(c),
        computed('lot', 'the lot as it will run', lot, 'USD', 'lot'),
        computed('clean', 'the lot if nothing that fills were bad', clean, 'USD'),
        computed('sc', 'share found bad after fettling', c.stages.sc, 'share', 'sc'),
        lotQ(c),
        fx(c),
      ],
      note: 'Part of the line of scrap and rework.',
    };
  },
  'waste.learning': (c) => {
    const { split } = c;
    const lots = split.freshFull > 0 ? lotOf(c, c.model.fresh, split.size) - lotOf(c, c.model.settled, split.size) : 0;
    const rest =
      split.rest > 0 && split.restIsFresh
        ? lotOf(c, c.model.fresh, split.rest) - lotOf(c, c.model.settled, split.rest)
        : 0;
    return {
      title: 'Learning: the first lots waste more than settled ones',
      equation: 'Cost model 8.2: lots begun before the learning pieces carry scrap as when new',
      expression: 'K * (kNew * lots + rest) / q * fx',
      value: (c.model.K * (split.freshFull * lots + rest) * c.fx) / c.q,
      unit: `${cur(c)}/part`,
      symbols: [
        K(c),
        computed('kNew', `full lots begun before ${c.model.learnPieces} pieces are made`, split.freshFull, 'lots'),
        computed('lots', 'what such a lot costs more than a settled one', lots, 'USD'),
        computed('rest', 'what the remainder costs more, where it is still learning', rest, 'USD'),
        qty(c),
        fx(c),
      ],
      note: 'Spread over the whole programme; part of its total.',
    };
  },
  'waste.replacement': (c) => ({
    title: 'Tools that wear out',
    equation: 'Cost model 5.3',
    expression: 'sets / q',
    value: c.money.toolingLines.replacementSets / c.q,
    unit: `${cur(c)}/part`,
    symbols: [
      computed('sets', 'replacement sets, mark-up included', c.money.toolingLines.replacementSets, cur(c), 'tooling'),
      qty(c),
    ],
    note: `${c.money.sets} ${c.money.sets === 1 ? 'set' : 'sets'} over the programme; part of tooling.`,
  }),
  'waste.wear': (c) => {
    const { wear } = c.entry.lane.capability;
    const { shots } = c.money;
    const each = c.money.sets > 0 ? c.model.life : shots;
    return {
      title: 'Growth of a cavity by the end of its tool',
      equation: 'Route: growth a thousand shots',
      expression: 'growth * shots / 1000',
      value: (wear.growth_mm_per_1000 * each) / 1000,
      unit: 'mm',
      symbols: [
        fromRoute(
          'growth',
          'growth of a size',
          wear.growth_mm_per_1000,
          'mm/1000 shots',
          'wear.growth_mm_per_1000',
          wear.basis,
        ),
        chosen(
          'shots',
          c.money.sets > 0 ? 'shots of one set, its whole life' : 'shots of the programme on one set',
          each,
          'shots',
        ),
      ],
      note: `${wear.sign.replace(/^./, (x) => x.toUpperCase())}. It shows as: ${wear.shows}. Hold it against the room of the tightest size left as cast.`,
    };
  },
};
