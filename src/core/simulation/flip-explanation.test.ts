import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '../study';
import { PLAN, StudyWorkings } from '../phased-plans';
import { lifetimeQuantity } from '../brief';
import { SHIPPED_RATES } from '../rates';
import { plain, type Explanation, type ExplainedFigure } from '../explanation';
import { briefOf } from '../testing/demo-briefs';
import { bestPlanOf, ORDER, type Planned } from '../testing/demo-plans';
import { recompute } from '../testing/recompute';
import { differenceTo } from '../study/workings';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import {
  atOnce,
  briefFlips,
  briefFlipExplanation,
  flipExplanation,
  laneFlips,
  planBriefFlips,
  planFlips,
  stanceOf,
  type BriefFlip,
  type SimulationInput,
  type Flip,
} from '.';

const input: SimulationInput = {
  key: 'global.Rskill',
  words: 'who moulds',
  range: [32, 44, 62],
  unit: 'USD/h',
  source: 'rate',
  path: 'global.Rskill',
};
const flip = (more: Partial<Flip>): Flip => {
  const at = more.at ?? [71.23];
  return {
    key: 'global.Rskill',
    against: 'gravity-die/hand',
    at,
    totals: at.map(() => [900, 900] as const),
    kind: 'one',
    within: false,
    ...more,
  };
};
const briefs = QUILLMERE_PARTS.map(briefOf);
const gear = bestPlanOf(briefs.find((b) => b.title.startsWith('Gear head'))!)!;
const ofGear = new StudyWorkings(gear.study, gear.q, gear.drawn.open, gear.deliveries);
const LEAD = 'permanent-mould/tilt';
const told = (f: Flip, stance: 'first' | 'ahead' | 'behind'): string =>
  plain(flipExplanation(f, input, LEAD, SHIPPED_RATES, stance));
const toldOf = (f: BriefFlip, leads = LEAD, stance: 'first' | 'ahead' | 'behind' = 'first'): string =>
  plain(briefFlipExplanation(f, leads, stance, ofGear));

describe('flip points as sentences', () => {
  test('say which way, to what, and what follows', () => {
    expect(told(flip({}), 'first')).toMatch(
      /^Stays first until .* rises above 71.2 USD\/h \(likely 44 USD\/h\); then gravity die/,
    );
    expect(told(flip({ at: [12] }), 'ahead')).toMatch(/^Stays ahead .* falls below 12 USD\/h/);
    expect(told(flip({ at: [12, 90], kind: 'many' }), 'first')).toContain('12 USD/h, 90 USD/h');
  });
  test('several places each open their own', () => {
    const both = figures(flipExplanation(flip({ at: [12, 90], kind: 'many' }), input, LEAD, SHIPPED_RATES, 'first'));
    expect(both.map((f) => f.working?.value)).toEqual([12, 90]);
  });
  test('a plan that is behind comes ahead, where a leader stays first', () => {
    expect(told(flip({ at: [12] }), 'behind')).toMatch(/^Comes ahead of gravity die.* once .* falls below 12 USD\/h/);
    const tools = (at: number): BriefFlip => ({
      kind: 'tooling',
      key: 'tooling',
      words: 'the price of both tools',
      unit: 'USD',
      now: 900,
      against: 'gravity-die/hand',
      at: [at],
    });
    expect([stanceOf(PLAN, [tools(700)]), stanceOf(PLAN, [tools(1200)]), stanceOf('spin', [tools(700)])]).toEqual([
      'behind',
      'ahead',
      'first',
    ]);
    expect(toldOf(tools(700), PLAN, 'behind')).toContain('only where the price of both tools is under 700 USD');
    expect(toldOf(tools(-40), PLAN, 'behind')).toBe(
      'Even with tools for nothing it stays behind gravity die, ladled by hand',
    );
    const quantity = { ...tools(0), kind: 'quantity', now: 500 } as const;
    expect(toldOf({ ...quantity, at: [800] }, PLAN, 'behind')).toContain('from 800 pieces on');
    expect(toldOf({ ...quantity, at: [300] }, PLAN, 'behind')).toContain('below 300 pieces');
  });
  test('where the study has moved on and one of both is gone, its words still stand', () => {
    const room = atOnce(briefFlips(gear.study, gear.q)).find((f) => f.kind === 'tooling')!;
    const gone = briefFlipExplanation(
      { ...room, against: 'no-such/lane' },
      LEAD,
      'first',
      new StudyWorkings(gear.study, 10),
    );
    expect(plain(gone)).toContain('Stays first while the price of its tooling is under');
  });
  test('of the brief: none, one and several changes are told as such', () => {
    const of = (more: Partial<BriefFlip>): BriefFlip => ({
      kind: 'quantity',
      key: 'quantity',
      words: 'pieces over the life',
      unit: 'pieces',
      now: 18_000,
      against: 'gravity-die/hand',
      at: [4531],
      ...more,
    });
    expect(toldOf(of({}))).toContain('down to 4\u202f531 pieces');
    expect(toldOf(of({ at: [20_000] }))).toContain('up to 19\u202f999 pieces');
    expect(toldOf(of({ at: [] }))).toContain('At no quantity of the rail');
    expect(toldOf(of({ at: [10, 20] }))).toContain('change places at 10, 20 pieces');
    expect(toldOf(of({ kind: 'lead', at: [87.5], against: null }))).toContain('no other route is sooner');
    expect(toldOf(of({ kind: 'tolerance', against: null, unit: 'mm', now: 1.6, at: [1] }))).toContain(
      'then no route is left',
    );
  });
});

const figures = (t: Explanation): ExplainedFigure[] => t.filter((p) => typeof p !== 'string');

/** Every figure of a sentence against what it opens: the same number, worked out again from its symbols. */
function opened(t: Explanation, of: StudyWorkings): number {
  for (const f of figures(t)) {
    const at = f.q === undefined ? of : new StudyWorkings(of.study, f.q);
    const w = f.working ?? at.working(f.laneId, f.figure ?? '');
    expect(Math.abs(recompute(w) - w.value), w.title).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(w.value)));
    for (const s of w.symbols)
      if (s.opens !== null) expect(at.working(s.opensLane ?? f.laneId, s.opens).value, w.title).toBe(s.value);
    // A quantity at which lanes change places opens their difference there: its sign is looked at below.
    if (f.q !== undefined || f.text === 'tools for nothing') continue;
    const shown = f.text.includes('week') ? w.value / 7 : w.unit === 'share' ? 100 * w.value : w.value;
    const number = Number(/[-\d\u202f.\u2212]+/.exec(f.text)![0].replaceAll('\u202f', '').replace('\u2212', '-'));
    expect(Math.abs(number - shown), `${f.text}: ${w.value} ${w.unit}`).toBeLessThanOrEqual(
      Math.max(0.51, 0.006 * Math.abs(shown)),
    );
  }
  return figures(t).length;
}

describe.each(briefs.map((b) => [b.title, b] as const))('what would overturn the leader of the %s', (_, brief) => {
  const study = prepareStudy(brief);
  const q = lifetimeQuantity(brief) ?? 1000;
  const board = boardAt(study, q, ORDER);
  const leads = board.leader;
  if (leads === null) return void test('nothing leads', () => expect(atOnce(briefFlips(study, q))).toEqual([]));
  const ofBrief = atOnce(briefFlips(study, q));
  const of = new StudyWorkings(study, q);

  test('every sentence has a figure that opens, and comes to what is told', () => {
    for (const f of ofBrief) {
      const n = opened(briefFlipExplanation(f, leads, 'first', of), of);
      if (f.at.length > 0) expect(n, f.kind).toBeGreaterThan(0);
    }
    const { flips, inputs } = atOnce(laneFlips(study, board, leads));
    for (const f of flips)
      expect(
        opened(
          flipExplanation(
            f,
            inputs.find((i) => i.key === f.key)!,
            leads,
            study.rates,
            'first',
          ),
          of,
        ),
      ).toBe(f.at.length);
  });
  test('a quantity opens the difference of both: its sign is another on the other side', () => {
    for (const f of ofBrief.filter((x) => x.kind === 'quantity'))
      for (const x of f.at) {
        const d = (n: number) =>
          new StudyWorkings(study, n).working(leads, differenceTo('total', f.against ?? '')).value;
        expect(Math.sign(d(x)), `${x}`).not.toBe(Math.sign(d(x - 1)));
      }
  });
  test('a tolerance: within it the leader leads, beyond it the other does or it cannot be made', () => {
    for (const f of ofBrief.filter((x) => x.kind === 'tolerance')) {
      const [within, beyond] = f.looks![0]!;
      expect(within.own).not.toBeNull();
      if (within.other !== null) expect(within.own).toBeLessThanOrEqual(within.other);
      if (beyond!.own !== null && f.against !== null) expect(beyond!.other).toBeLessThanOrEqual(beyond!.own);
      if (beyond!.own === null) expect(beyond!.words).toBeTruthy();
      expect(beyond!.x).toBeLessThan(within.x);
    }
  });
});

const plans = briefs.flatMap((b): [string, Planned][] => {
  const found = bestPlanOf(b);
  return found === null ? [] : [[b.title, found]];
});
describe.each(plans)('what would overturn the plan of the %s', (_, one) => {
  const of = new StudyWorkings(one.study, one.q, one.drawn.open, one.deliveries);
  test('every sentence has a figure that opens, and comes to what is told', () => {
    const ofBrief = atOnce(planBriefFlips(one.study, one.q, ORDER, one.drawn));
    const stance = stanceOf(PLAN, ofBrief);
    for (const f of ofBrief) {
      const n = opened(briefFlipExplanation(f, PLAN, stance, of), of);
      if (f.at.length > 0) expect(n, f.kind).toBeGreaterThan(0);
    }
    const { flips, inputs } = atOnce(planFlips(one.study, boardAt(one.study, one.q, ORDER), one.drawn));
    for (const f of flips)
      opened(
        flipExplanation(
          f,
          inputs.find((i) => i.key === f.key)!,
          PLAN,
          one.study.rates,
          stance,
        ),
        of,
      );
  });
});
