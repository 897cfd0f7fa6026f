import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { dayOnCurve } from '../testing/day-on-curve';
import { survives } from '../study';
import { briefOf } from '../testing/demo-briefs';
import { bestPlanOf, type Planned } from '../testing/demo-plans';
import { recompute } from '../testing/recompute';
import { dayOfThe } from '../schedule';
import { differenceTo } from '../study/workings';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { ALONE, dayOfPlan, lateBy, madeBy, openPlan, PLAN, planAt, StudyWorkings } from '.';

/** The best plan of every demo part that has one, beside the best route alone. */
const planned: [string, Planned][] = QUILLMERE_PARTS.flatMap((part): [string, Planned][] => {
  const brief = briefOf(part);
  const found = bestPlanOf(brief);
  return found === null ? [] : [[brief.title, found]];
});

const near = (a: number, b: number): void =>
  expect(Math.abs(a - b)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(b)));

test('several demo parts have a plan, one of which leaves a tool', () => {
  expect(planned.length).toBeGreaterThanOrEqual(4);
});

describe.each(planned)('the figures of the plan of the %s', (_, { study, q, deliveries, plan, single }) => {
  const book = new StudyWorkings(study, q, openPlan(plan, single), deliveries);
  const of = (figure: string): number => book.working(PLAN, figure).value;

  test('come out as the plan was worked out', () => {
    near(of('total'), plan.total);
    near(of('allIn'), plan.allIn);
    near(of('firstArticle'), plan.firstArticle_d);
    near(of('lastPart'), plan.lastPart_d);
    if (plan.reuse !== null) near(of('reused'), plan.reused);
    if (single !== null) near(of(differenceTo('total', ALONE)), plan.total - single.total);
  });
  test('say of each day asked how many parts there are: enough just where it is met', () => {
    for (const [k, { late_d, due }] of plan.deliveries.entries())
      if (due.day_d === due.asked_d) expect(of(madeBy(k)) >= due.pieces, due.name).toBe(late_d === 0);
  });
  test('say by which day any number of pieces exists, as the plan delivers them', () => {
    for (const pieces of [1, plan.steps[0]!.pieces, plan.steps[0]!.pieces + 1, Math.ceil(q / 2), q]) {
      const day = dayOfPlan(study, plan, pieces)!;
      near(of(dayOfThe(pieces)), day);
      expect(Math.abs(day - (dayOnCurve(plan.curve, pieces) ?? NaN)), `${pieces}`).toBeLessThan(1);
    }
    expect(dayOfPlan(study, plan, q + 1)).toBeNull();
    expect(() => of(dayOfThe(q + 1))).toThrow(/E_RANGE/);
    for (const { due, day_d } of plan.deliveries) near(of(dayOfThe(due.pieces)), day_d);
  });
  test('say how long the second tool may wait', () => {
    if (plan.waits_d > 0 && plan.waits_d < 3650) near(of('waits'), plan.waits_d);
  });
  test('give themselves again when their symbols are put in, however deep they are opened', () => {
    const seen = new Set<string>();
    const late = plan.deliveries.map((_, k) => lateBy(k));
    const asked = plan.waits_d > 0 && plan.waits_d < 3650 ? [madeBy(0), 'waits'] : [];
    const left: [string, string][] = [
      'total',
      'allIn',
      'tooling',
      'firstArticle',
      'lastPart',
      dayOfThe(Math.ceil(q / 2)),
      ...late,
      ...asked,
    ].map((f) => [PLAN, f]);
    for (let at = left.pop(); at !== undefined; at = left.pop()) {
      const name = at.join(' ');
      if (seen.has(name)) continue;
      seen.add(name);
      const w = book.working(...at);
      near(recompute(w), w.value);
      for (const s of w.symbols) {
        if (s.opens === null) continue;
        const deeper: [string, string] = [s.opensLane ?? at[0], s.opens];
        near(book.working(...deeper).value, s.value);
        left.push(deeper);
      }
    }
    expect(seen.size).toBeGreaterThan(100);
  });
});

test('what is no figure of a plan, and a step where there is no plan, is refused by name', () => {
  const [, { study, q, plan }] = planned[0]!;
  const book = new StudyWorkings(study, q, openPlan(plan, null));
  expect(() => book.working(PLAN, 'no-such')).toThrow(/E_KEY/);
  expect(() => book.working(PLAN, madeBy(3))).toThrow(/E_KEY/);
  expect(() => book.working(ALONE, 'total')).toThrow(/E_KEY/);
  expect(() => new StudyWorkings(study, q).working(PLAN, 'total')).toThrow(/E_KEY/);
  expect(() => new StudyWorkings(study, q).working('plan.1', 'total')).toThrow(/E_KEY/);
});

test('the figures of any plan, at any switch, are those it is worked out with', () => {
  const [, { study, q, deliveries }] = planned[0]!;
  const lanes = study.lanes.filter(survives).map((e) => e.lane.id);
  fc.assert(
    fc.property(
      fc.constantFrom(...lanes),
      fc.constantFrom(...lanes),
      fc.integer({ min: 1, max: q - 1 }),
      fc.integer({ min: -60, max: 200 }),
      (first, then, pieces, late) => {
        fc.pre(first !== then);
        const asked = deliveries.map((d) => ({ ...d, day_d: d.day_d + late, asked_d: d.asked_d + late }));
        const plan = planAt(study, q, { first, then, pieces }, asked);
        const book = new StudyWorkings(study, q, openPlan(plan, null), asked);
        const of = (figure: string): number => book.working(PLAN, figure).value;
        near(of('total'), plan.total);
        near(of('firstArticle'), plan.firstArticle_d);
        near(of('lastPart'), plan.lastPart_d);
        if (plan.waits_d > 0 && plan.waits_d < 3650) near(of('waits'), plan.waits_d);
        for (const [k, { late_d, due }] of plan.deliveries.entries())
          expect(of(madeBy(k)) >= due.pieces, `${due.name} of ${first} then ${then}`).toBe(late_d === 0);
      },
    ),
    { numRuns: 40, seed: 9 },
  );
});
