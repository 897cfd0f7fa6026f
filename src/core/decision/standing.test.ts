import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '../study';
import { deliveriesOf, searchPlans, StudyWorkings } from '../phased-plans';
import { SHIPPED_RATES, type RateSet } from '../rates';
import { toldNumber } from '../testing/told';
import { bracket, briefOf, BRACKET } from '../testing/demo-briefs';
import { drawnOf, standingOf, type Signed, type Standing } from '.';

const ORDER = '2027-01-04';
const brief = bracket();
const leader = boardAt(prepareStudy(brief), 2000).leader ?? '';
const signed = (more: Partial<Signed> = {}): Signed => ({
  brief,
  rates: SHIPPED_RATES,
  school: 'published',
  laneId: leader,
  quantity: 2000,
  orderDate: ORDER,
  plan: null,
  weights: null,
  ...more,
});

/** The shipped rates with every tool of a lane so many times as dear. */
function dearerTools(laneId: string, times: number): RateSet {
  const variants = structuredClone(SHIPPED_RATES.variants) as Record<string, { tooling: Record<string, unknown> }>;
  const tooling = variants[laneId]?.tooling ?? {};
  const rec = tooling as Record<string, { v: [number, number, number] } | undefined>;
  for (const key of ['h0', 'hE', 'hA', 'hN', 'm0', 'mV', 'cTry']) {
    const figure = rec[key];
    if (figure !== undefined) figure.v = figure.v.map((x) => x * times) as [number, number, number];
  }
  return { ...SHIPPED_RATES, variants: variants as unknown as RateSet['variants'] };
}

/** The shipped rates with a lane so long in coming that it comes late. */
function slower(laneId: string): RateSet {
  const variants = structuredClone(SHIPPED_RATES.variants) as unknown as Record<
    string,
    { time: { tool: { queue: { v: [number, number, number] } } } }
  >;
  const queue = variants[laneId]?.time.tool.queue;
  if (queue !== undefined) queue.v = queue.v.map((x) => x * 20) as [number, number, number];
  return { ...SHIPPED_RATES, variants: variants as unknown as RateSet['variants'] };
}

/** Every figure of a standing against the working it opens. @returns how many there were */
function checked(one: Signed, rates: RateSet, { explanation, plans }: Standing): number {
  const figures = explanation.filter((p) => typeof p !== 'string');
  for (const f of figures) {
    const study = prepareStudy(one.brief, one.school, f.at === 'signed' ? one.rates : rates);
    const plan = plans === null ? null : drawnOf(plans[f.at ?? 'today']);
    const all = new StudyWorkings(study, one.quantity, plan?.open, plan?.deliveries);
    const w = f.working ?? all.working(f.laneId, f.figure ?? '');
    // What a working of its own is made of opens in turn, to the same figure.
    for (const { opens, value } of f.working?.symbols ?? [])
      if (opens !== null) expect(all.working(f.laneId, opens).value).toBeCloseTo(value, 9);
    const told = toldNumber(f.text);
    const slack = Math.max(0.51, told.slack);
    const value = Math.abs(f.text.includes('week') ? w.value / 7 : w.value);
    expect(Math.abs(told.value - value), `${f.text} for ${w.value} ${w.unit}`).toBeLessThanOrEqual(slack);
  }
  return figures.length;
}

describe('a signed choice looked at again', () => {
  test('stands while nothing has moved', () => {
    expect(standingOf(signed(), SHIPPED_RATES)).toEqual({
      state: 'stands',
      reason: 'Nothing that it rests on has moved.',
      explanation: ['Nothing that it rests on has moved.'],
      causes: [],
      plans: null,
    });
  });

  test('stands where it moved and its place holds, with the rates that did it', () => {
    const found = standingOf(signed(), dearerTools(leader, 1.01));
    expect(found.state).toBe('stands');
    expect(found.reason).toMatch(/when signed, .+ per part now; its place holds/);
    expect(found.causes.length).toBeGreaterThan(0);
    expect(found.causes[0]?.path).toContain(leader);
  });

  test('gets weaker before it is overturned, and says by what', () => {
    const states = [1, 1.01, 1.02, 1.03, 1.04, 1.06, 1.1, 14].map((times) =>
      standingOf(signed(), dearerTools(leader, times)),
    );
    const order = states.map((s) => ['stands', 'weaker', 'overturned'].indexOf(s.state));
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    expect(new Set(states.map((s) => s.state))).toEqual(new Set(['stands', 'weaker', 'overturned']));
    const fallen = states.find((s) => s.state === 'overturned');
    const dear = boardAt(prepareStudy(brief, 'published', dearerTools(leader, 14)), 2000);
    expect(fallen?.reason).toMatch(/now leads at [\d.]+ USD per part/);
    expect(dear.leader).not.toBe(leader);
    expect(states.find((s) => s.state === 'weaker')?.reason).toMatch(/shrank|more expensive/);
  });

  test('each price in it opens the working of its own study: the signed one, or today’s', () => {
    const looks: [Signed, RateSet][] = [1.02, 1.06, 14].map((times) => [signed(), dearerTools(leader, times)]);
    const soon = briefOf({ ...brief, quantity: { ...brief.quantity, orderDate: ORDER, firstDelivery: '2027-04-05' } });
    looks.push([signed({ brief: soon }), slower(leader)]);
    const states = looks.map(([one, rates]) => {
      const found = standingOf(one, rates);
      expect(checked(one, rates, found), found.reason).toBeGreaterThan(0);
      return found.state;
    });
    expect(new Set(states)).toContain('overturned');
    expect(new Set(states)).toContain('weaker');
  });

  test('a lane that was never first is not overturned by another, only weakened by its price', () => {
    const other = boardAt(prepareStudy(brief), 2000).second ?? '';
    expect(standingOf(signed({ laneId: other }), SHIPPED_RATES).state).toBe('stands');
    expect(standingOf(signed({ laneId: other }), dearerTools(other, 5)).state).toBe('weaker');
  });

  test('a lane that no rule lets through any more is overturned', () => {
    const barred = boardAt(prepareStudy(brief), 2000).lanes.find((l) => l.status === 'blocked');
    const found = standingOf(signed({ laneId: barred?.id ?? '' }), SHIPPED_RATES);
    expect(found.state).toBe('overturned');
    expect(found.reason).toMatch(/can no longer be made/);
  });

  test('led by another ranking method, it is that method’s first that counts', () => {
    const soon = briefOf({ ...brief, leads: 'soonest' });
    const board = boardAt(prepareStudy(soon), 2000, ORDER);
    const first = board.lanes
      .filter((l) => l.status !== 'blocked' && l.dates !== null)
      .sort((a, b) => (a.dates?.firstArticle_d ?? 0) - (b.dates?.firstArticle_d ?? 0))[0]?.id;
    expect(first).not.toBe(board.leader);
    expect(standingOf(signed({ brief: soon, laneId: first ?? '' }), SHIPPED_RATES).state).toBe('stands');
  });
});

describe('a signed two-step plan', () => {
  const planned = briefOf({
    ...BRACKET,
    quantity: {
      ...BRACKET.quantity,
      perYear: 4000,
      lot: 400,
      orderDate: ORDER,
      prototypes: 6,
      prototypeDate: '2027-01-29',
      firstDelivery: '2027-04-05',
    },
  });
  const study = prepareStudy(planned);
  const search = searchPlans(study, 20_000, deliveriesOf(study, 20_000, ORDER), 1);
  let step = search.next();
  while (!step.done) step = search.next();
  const [best] = step.value.plans;
  const plan = best === undefined ? null : { first: best.first, then: best.then, pieces: best.pieces };
  const of = (): Signed => signed({ brief: planned, laneId: plan?.then ?? '', quantity: 20_000, plan });

  test('stands as it was, and is weaker where it got more expensive', () => {
    expect(plan).not.toBeNull();
    expect(standingOf(of(), SHIPPED_RATES)).toMatchObject({ state: 'stands', causes: [] });
    const dear = standingOf(of(), dearerTools(plan?.then ?? '', 40));
    expect(['weaker', 'overturned']).toContain(dear.state);
    expect(dear.reason).toMatch(/when signed/);
    const dearer = dearerTools(plan?.then ?? '', 40);
    expect(checked(of(), dearer, dear)).toBeGreaterThanOrEqual(2);
    expect(dear.plans?.today.total).toBeGreaterThan(dear.plans?.signed.total ?? Infinity);
  });
});
