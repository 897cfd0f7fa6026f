import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { ALONE, deliveriesOf, PLAN, planAt, singleAt, STEPS, StudyWorkings } from '../phased-plans';
import { daysWithHolidays } from '../schedule';
import { SHIPPED_RATES } from '../rates';
import { plain } from '../explanation';
import { briefOf } from '../testing/demo-briefs';
import { bestPlanOf, ORDER, type Planned } from '../testing/demo-plans';
import { plainDraw } from '../testing/plain-loop';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import {
  atOnce,
  briefFlipExplanation,
  simulationModel,
  DrawStore,
  planBriefFlips,
  planFlips,
  Runner,
  samplingOf,
  type BriefFlip,
} from '.';

const planned = (title: string): Planned => {
  const found = bestPlanOf(briefOf(QUILLMERE_PARTS.find((p) => briefOf(p).title.startsWith(title))));
  if (found === null) throw new Error(title);
  return found;
};
const near = (got: number, want: number, where = ''): void =>
  expect(Math.abs(got - want), `${where}: ${got} for ${want}`).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(want)));
const workingsOf = ({ study, q, drawn, deliveries }: Planned): StudyWorkings =>
  new StudyWorkings(study, q, drawn.open, deliveries);

// One with a route alone beside it, one whose first tool leaves something, one that no route alone can match.
const gear = planned('Gear head');
const leaves = QUILLMERE_PARTS.map((p) => bestPlanOf(briefOf(p))).find((p) => p?.plan.reuse != null) ?? gear;
const cases = [
  ['gear head', gear],
  ['a plan whose first tool leaves something', leaves],
  ['hand controller', planned('Hand controller')],
] as const;

describe.each(cases)('draws of a plan: %s', (_, one) => {
  const workings = workingsOf(one);
  const ids = [PLAN, ...(one.single === null ? [] : [ALONE]), one.drawn.choice.then];
  const model = simulationModel(workings, ids);

  test('at likely figures come to the plan as it was worked out', () => {
    const outputs = model.lanes.flatMap((l) => [l.total, l.first, l.last]);
    const results = outputs.map(() => new Float64Array(1));
    const likely = model.inputs.map((i) => Float64Array.of(i.range[1]));
    new Runner(model.program, outputs).run(likely, results, 0, 1);
    near(results[0]![0]!, one.plan.total, 'total');
    near(results[1]![0]!, one.plan.firstArticle_d, 'first');
    near(results[2]![0]!, one.plan.lastPart_d, 'last');
    if (one.single !== null) near(results[3]![0]!, one.single.total, 'alone');
  });

  test('are, draw by draw, the sums of both steps that a plain loop comes to', () => {
    const board = boardAt(one.study, one.q, ORDER);
    const store = new DrawStore(11, 'pert', 600);
    const sampling = samplingOf(one.study, board, ORDER, store, { demand: false, against: null, plan: one.drawn });
    sampling.run(600);
    const inputs = sampling.inputs(600);
    const share = sampling.model.inputs.findIndex((i) => i.path === 'reuse.share');
    const [total, first] = sampling.figures(PLAN)!;
    for (const draw of [0, 7, 599]) {
      const values = inputs.map((list) => list[draw]!);
      const known = sampling.model.inputs.map((input, k) => ({ input, k })).filter(({ k }) => k !== share);
      const [a, b] = STEPS.map((id) => {
        const { study, q, laneId } = workings.place(id);
        const drawn = plainDraw(
          study,
          q,
          known.map((x) => x.input),
          known.map((x) => values[x.k]!),
        );
        return { ...drawn.get(laneId)!, laneId };
      });
      const left =
        share < 0
          ? 0
          : values[share]! *
            firstToolOf(
              one,
              known.map((x) => [x.input.key, values[x.k]!]),
            );
      near(total[draw]!, a!.total + b!.total - left, `draw ${draw}, total`);
      near(first[draw]!, Math.min(a!.first, b!.first), `draw ${draw}, first`);
    }
  });
});

/** First tool of the second step with figures set, by the program of that step alone. */
function firstToolOf(one: Planned, set: readonly (readonly [string, number])[]): number {
  const values = new Map(set);
  const workings = workingsOf(one);
  const { study, q, laneId } = workings.place(STEPS[1]);
  const tool = new StudyWorkings(study, q).working(laneId, 'tooling.firstTool');
  const visit = (figure: string): number => {
    const w = new StudyWorkings(study, q).working(laneId, figure);
    const names = w.symbols.map((s) => s.symbol);
    const of = w.symbols.map((s) => {
      const key = s.source === 'route' ? `routes["${laneId}"].${s.path}` : (s.path ?? '');
      const drawn = s.range === null ? undefined : values.get(key);
      return drawn ?? (s.opens === null ? s.value : visit(s.opens));
    });
    // eslint-disable-next-line @typescript-eslint/no-implied-eval -- works the expression out anew with other figures
    const run = new Function(
      ...names,
      `const { max, min, floor, ceil } = Math; const on = (x) => (x > 0 ? 1 : 0); return ${w.expression};`,
    ) as (...args: number[]) => number;
    return run(...of);
  };
  return visit(tool.figure);
}

describe('what the draws say of a plan', () => {
  const board = boardAt(gear.study, gear.q, ORDER);
  const summary = (plan = gear.drawn, demand = false, draws = 1500) => {
    const store = new DrawStore(3, 'pert', draws);
    const s = samplingOf(gear.study, board, ORDER, store, { demand, against: null, plan });
    s.run(draws);
    return s.summary();
  };
  const of = (s: ReturnType<typeof summary>, id: string) => s.lanes.find((l) => l.id === id)!;
  const told = summary();

  test('it is set against the route alone that delivers as soon, and takes no win from the routes', () => {
    expect(told.difference?.first).toBe(PLAN);
    expect(told.difference?.second).toBe(ALONE);
    const plain = samplingOf(gear.study, board, ORDER, new DrawStore(3, 'pert', 1500), {
      demand: false,
      against: null,
    });
    plain.run(1500);
    const shares = (s: ReturnType<typeof summary>) =>
      s.lanes.flatMap((l) => (l.cheapest === null || l.id === PLAN ? [] : [[l.id, l.cheapest.share]]));
    expect(shares(told)).toEqual(shares(plain.summary()));
    expect(of(told, ALONE).cheapest).toBeNull();
  });
  test('deliveries: surely met when asked late, never when asked on the first day, in between as asked', () => {
    const asked = (days: number) => ({
      ...gear.drawn,
      deliveries: gear.deliveries.map((d) => ({ ...d, day_d: d.day_d + days })),
    });
    const share = (days: number): number => of(summary(asked(days)), PLAN).delivers?.share ?? NaN;
    const shares = [-400, -10, 0, 10, 4000].map(share);
    expect(shares[0]).toBe(0);
    expect(shares.at(-1)).toBe(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(of(told, ALONE).delivers!.share).toBeLessThan(of(told, PLAN).delivers!.share);
    expect(of(told, gear.drawn.choice.then).delivers).toBeNull();
  });
  test('an uncertain quantity is shared out: the first step keeps its pieces, the second takes what is left', () => {
    const wide = of(summary(gear.drawn, true), PLAN);
    const held = of(told, PLAN);
    expect(wide.total.p90 - wide.total.p10).toBeGreaterThan(1.5 * (held.total.p90 - held.total.p10));
    expect(wide.delivers).toBeNull();
  });
});

describe('what would overturn a plan', () => {
  const board = boardAt(gear.study, gear.q, ORDER);

  test('each figure found, put in, makes plan and route alone cost the same', () => {
    const { flips, inputs } = atOnce(planFlips(gear.study, board, gear.drawn));
    const model = simulationModel(workingsOf(gear), [PLAN, ALONE]);
    expect(flips.length).toBeGreaterThan(0);
    for (const flip of flips) {
      expect(flip.against).toBe(gear.single?.steps[0]?.laneId);
      for (const x of flip.at) {
        const results = [new Float64Array(2), new Float64Array(2)];
        const around = inputs.map((i) =>
          i.key === flip.key ? Float64Array.of(x - 1e-5 * Math.abs(x), x + 1e-5 * Math.abs(x)) : fill(i.range[1]),
        );
        new Runner(
          model.program,
          model.lanes.map((l) => l.total),
        ).run(around, results, 0, 2);
        const d = [0, 1].map((k) => Math.sign(results[1]![k]! - results[0]![k]!));
        expect(d[0], `${flip.key} at ${x}`).not.toBe(d[1]);
      }
    }
  });

  const flips = atOnce(planBriefFlips(gear.study, gear.q, ORDER, gear.drawn));
  const kind = (k: BriefFlip['kind']): BriefFlip => flips.find((f) => f.kind === k)!;
  const { choice, deliveries } = gear.drawn;
  const alone = gear.single!.steps[0]!.laneId;

  test('the quantity: a piece less and the other is ahead', () => {
    const ahead = (q: number): boolean => {
      const asked = deliveriesOf(gear.study, q, ORDER);
      return planAt(gear.study, q, choice, asked).total <= singleAt(gear.study, q, alone, asked, true).total;
    };
    const { at } = kind('quantity');
    expect(at.length).toBeGreaterThan(0);
    for (const q of at) expect(ahead(q)).not.toBe(ahead(q - 1));
  });
  test('the switch: ahead and no later at both ends, not one piece further', () => {
    const late = (n: number): number =>
      planAt(gear.study, gear.q, { ...choice, pieces: n }, deliveries).deliveries.filter((d) => d.late_d > 0).length;
    const holds = (n: number): boolean =>
      planAt(gear.study, gear.q, { ...choice, pieces: n }, deliveries).total <= gear.single!.total &&
      late(n) <= late(choice.pieces);
    const [low = NaN, high = NaN] = kind('switch').at;
    expect([holds(low), holds(high)]).toEqual([true, true]);
    if (low > 1) expect(holds(low - 1)).toBe(false);
    expect(holds(high + 1)).toBe(false);
  });
  test('the price of both tools: at it plan and route alone cost the same', () => {
    const { now, at } = kind('tooling');
    near(gear.plan.total + at[0]! - now, gear.single!.total);
    near(now, workingsOf(gear).working(PLAN, 'tooling').value);
  });
  test('in words: how long it stays ahead', () => {
    expect(
      flips.map((f) =>
        plain(briefFlipExplanation(f, PLAN, 'ahead', workingsOf(gear)))
          .split(' ')
          .slice(0, 2)
          .join(' '),
      ),
    ).toEqual(['Stays ahead', 'Stays ahead', 'Stays ahead,', 'No delivery']);
  });
  test('where no route alone delivers as soon, no price is told, but the switch is', () => {
    const one = planned('Hand controller');
    expect(one.single).toBeNull();
    const found = atOnce(planBriefFlips(one.study, one.q, ORDER, one.drawn));
    expect(found.map((f) => f.kind)).toContain('switch');
    expect(found.map((f) => f.kind)).not.toContain('tooling');
    expect(planFlips(one.study, boardAt(one.study, one.q, ORDER), one.drawn).next()).toEqual({
      done: true,
      value: { inputs: [], flips: [] },
    });
  });
});

test('days are drawn without holidays, and told with them', () => {
  const rates = { ...SHIPPED_RATES, calendar: { ...SHIPPED_RATES.calendar, holidays: ['2027-01-06', '2027-01-07'] } };
  const brief = { ...gear.study.brief, quantity: { ...gear.study.brief.quantity, orderDate: ORDER } };
  const first = (of: typeof rates) => {
    const one = bestPlanOf(brief, of)!;
    const board = boardAt(one.study, one.q, ORDER);
    const s = samplingOf(one.study, board, ORDER, new DrawStore(3, 'pert', 500), { demand: false, against: null });
    s.run(500);
    const own = s.summary().lanes.find((l) => l.id === board.leader)!;
    return { study: one.study, likely: board.lanes.find((l) => l.id === board.leader)!.dates!, own };
  };
  const [free, shut] = [first(SHIPPED_RATES as typeof rates), first(rates)];
  const add = (days: number): number => daysWithHolidays(ORDER, days, shut.study.rates.calendar);
  for (const p of ['p10', 'p50', 'p90'] as const) {
    near(shut.own.first[p], add(free.own.first[p]));
    near(shut.own.last[p], add(free.own.last[p]));
  }
  expect(shut.own.first.p50 - free.own.first.p50).toBeCloseTo(
    shut.likely.firstArticle_d - free.likely.firstArticle_d,
    6,
  );
});

const fill = (x: number): Float64Array<ArrayBuffer> => Float64Array.of(x, x);
