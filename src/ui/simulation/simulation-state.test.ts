import { describe, expect, test } from 'vitest';
import type { SimulationAnswer, SimulationDepth } from '@/workers/simulation.protocol';
import { afterAnswer, NOT_DRAWN, sameDrawn, type Drawn } from './simulation-state';

const sampled = (draws: number, done: boolean): SimulationAnswer => ({
  id: 1,
  kind: 'sampled',
  summary: { draws, lanes: [], difference: null },
  done,
  ms: 10,
});
const depth: SimulationAnswer = { id: 1, kind: 'depth', depth: { leader: 'a' } as SimulationDepth, ms: 20 };

const of = (more: Partial<Drawn> = {}): Drawn => ({ ...SUBJECT, q: 500, ...more });
const SUBJECT = {
  brief: {} as Drawn['brief'],
  school: 'published',
  rates: {} as Drawn['rates'],
  orderDate: '2027-01-04',
  plan: null,
} as const;

describe('what is known of the simulations', () => {
  test('grows with each answer of one quantity, and keeps its depth while they come in', () => {
    const first = afterAnswer(NOT_DRAWN, of(), sampled(300, false));
    expect(first).toMatchObject({ q: 500, done: false, depth: null, summary: { draws: 300 } });
    const deep = afterAnswer(afterAnswer(first, of(), sampled(900, true)), of(), depth);
    expect(deep).toMatchObject({ done: true, depth: { leader: 'a' } });
    expect(afterAnswer(deep, of(), sampled(300, false)).depth).not.toBeNull();
  });
  test('another quantity has no depth yet: what would turn the last one is not told of this one', () => {
    const deep = afterAnswer(afterAnswer(NOT_DRAWN, of(), sampled(900, true)), of(), depth);
    expect(afterAnswer(deep, of({ q: 501 }), sampled(300, false))).toMatchObject({ q: 501, depth: null });
  });
  test('so it is with another brief, other rates or another plan at the same quantity', () => {
    const deep = afterAnswer(afterAnswer(NOT_DRAWN, of(), sampled(900, true)), of(), depth);
    const others: Partial<Drawn>[] = [
      { brief: {} as Drawn['brief'] },
      { rates: {} as Drawn['rates'] },
      { school: 'shop' },
      { orderDate: '2027-02-01' },
      { plan: {} as Drawn['plan'] },
    ];
    for (const other of others) {
      expect(afterAnswer(deep, of(other), sampled(300, false)).depth, Object.keys(other)[0]).toBeNull();
      expect(sameDrawn(deep.of, of(other))).toBe(false);
    }
    expect(sameDrawn(deep.of, of())).toBe(true);
    expect(sameDrawn(null, of())).toBe(false);
  });
  test('nothing to draw and a failure take away what stood there', () => {
    const some = afterAnswer(NOT_DRAWN, of(), sampled(900, true));
    expect(afterAnswer(some, of(), { id: 1, kind: 'nothing' })).toMatchObject({
      summary: null,
      nothing: true,
    });
    expect(afterAnswer(some, of(), { id: 1, kind: 'refused', issue: null, message: 'x' })).toMatchObject({
      summary: null,
      error: 'x',
    });
  });
});
