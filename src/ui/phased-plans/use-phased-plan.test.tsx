// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { deliveriesOf, searchPlans } from '@/core/phased-plans';
import { prepareStudy } from '@/core/study';
import { workingOf } from '@/core/study/workings';
import { bracket } from '@/core/testing/demo-briefs';
import type { PlanAnswer, PlanFound } from '@/workers/phased-plan.protocol';
import { stepDelivery, stepStudy } from './step-study';
import { usePhasedPlan } from './use-phased-plan';
import { setUpPage } from '../testing/set-up';

const world = vi.hoisted(() => ({
  study: {},
  q: { q: 2400 },
  hear: null as ((answer: unknown) => void) | null,
  asked: [] as { q: number }[],
  stopped: 0,
}));
vi.mock('../study/study-context', () => ({ useStudy: () => world.study, useQuantity: () => world.q }));
vi.mock('@/workers/phased-plan.client', () => ({
  planWorker: {
    ask: (asked: { q: number }, hear: (answer: unknown) => void) => {
      world.asked.push(asked);
      world.hear = hear;
    },
    stop: () => world.stopped++,
  },
}));

const Q = 2400;
const brief = bracket({ quantity: { perYear: 1200, years: 2 } });
const study = prepareStudy(brief);
const deliveries = deliveriesOf(study, Q, '2027-01-04');
/** What the worker finds, found here. */
function search(): PlanFound {
  const steps = searchPlans(study, Q, deliveries);
  let step = steps.next();
  while (!step.done) step = steps.next();
  const { plans, single, cheapest } = step.value;
  return { q: Q, plans, single: single?.laneId ?? null, cheapest: cheapest?.laneId ?? null, deliveries };
}
const FOUND = search();

setUpPage();
beforeEach(() => {
  Object.assign(world, { hear: null, asked: [], stopped: 0, q: { q: Q } });
  world.study = { brief, school: 'published', rates: study.rates, orderDate: '2027-01-04', study };
});
const rest = () => act(() => vi.advanceTimersByTimeAsync(300));
const says = (answer: Partial<PlanAnswer>) => act(() => Promise.resolve(world.hear?.({ id: 1, ...answer })));

describe('plans in two steps', () => {
  test('are looked for once the hand rests, and told how far', async () => {
    const { result, rerender } = renderHook(() => usePhasedPlan());
    world.q = { q: Q + 1 };
    rerender();
    expect(world.asked).toEqual([]);
    await rest();
    expect(world.asked.map((a) => a.q)).toEqual([Q + 1]);
    expect(result.current.looking).toBe(0);
    await says({ kind: 'progress', share: 0.4 });
    expect(result.current.looking).toBe(0.4);
  });

  test('found, each is worked out: its steps make all pieces, and its money is theirs less what is reused', async () => {
    const { result } = renderHook(() => usePhasedPlan());
    await rest();
    await says({ kind: 'found', found: FOUND });
    const { looking, offered, q } = result.current;
    expect([looking, q]).toEqual([null, Q]);
    expect(offered).toHaveLength(FOUND.plans.length);
    for (const { choice, plan } of offered) {
      expect(plan.steps.map((s) => s.laneId)).toEqual([choice.first, choice.then]);
      expect(plan.steps.reduce((sum, s) => sum + s.pieces, 0)).toBe(Q);
      expect(plan.total).toBeCloseTo(
        plan.steps.reduce((sum, s) => sum + s.total, 0),
        6,
      );
    }
    expect(result.current.cheapest?.steps).toHaveLength(1);
    expect(result.current.adopted).toBeNull();
  });

  test('a refusal is told; another quantity asks anew and ends what was under way', async () => {
    const { result, rerender } = renderHook(() => usePhasedPlan());
    await rest();
    await says({ kind: 'refused', message: 'No two lanes survive.' } as never);
    expect(result.current).toMatchObject({ problem: 'No two lanes survive.', looking: null });
    world.q = { q: 50 };
    rerender();
    expect(world.stopped).toBe(1);
    await rest();
    expect(world.asked.map((a) => a.q)).toEqual([Q, 50]);
  });

  test('a plan the brief has adopted and no longer allows is left out', async () => {
    world.study = { ...world.study, brief: { ...brief, plan: { first: 'no/lane', then: 'none/other', pieces: 10 } } };
    const { result } = renderHook(() => usePhasedPlan());
    await rest();
    await says({ kind: 'found', found: FOUND });
    expect(result.current.adopted).toBeNull();
  });

  test('not wanted, nothing is looked for', async () => {
    const { result } = renderHook(() => usePhasedPlan(false));
    await rest();
    expect(world.asked).toEqual([]);
    expect(result.current.looking).toBeNull();
  });
});

test('a step opens workings of its own pieces, and stands on the calendar with its own dates', async () => {
  const { result } = renderHook(() => usePhasedPlan());
  await rest();
  await says({ kind: 'found', found: FOUND });
  const step = result.current.offered[0]?.plan.steps[0];
  if (step === undefined) throw new Error('no plan was found');
  const at = stepStudy(study, step, 'first step');
  expect(at.q).toBe(step.pieces);
  const total = workingOf(at.study, step.laneId, at.q, 'total').value;
  expect(total).toBeCloseTo(step.total, 6);
  const delivery = stepDelivery(study, step);
  expect(delivery.lastPart_d).toBe(step.lastPart_d);
  expect(delivery.timeline?.stretches.length).toBeGreaterThan(2);
  expect(boardAt(study, Q).lanes.some((l) => l.id === delivery.id)).toBe(true);
});
