import { describe, expect, test } from 'vitest';
import type { DoubtAnswer, DoubtDepth } from '@/workers/doubt.protocol';
import { heardDoubt, NOT_DRAWN } from './doubt-state';

const sampled = (draws: number, done: boolean): DoubtAnswer => ({
  id: 1,
  kind: 'sampled',
  summary: { draws, lanes: [], difference: null },
  done,
  ms: 10,
});
const depth: DoubtAnswer = { id: 1, kind: 'depth', depth: { leader: 'a' } as DoubtDepth, ms: 20 };

describe('what is known of the draws', () => {
  test('grows with each answer of one quantity, and keeps its depth while they come in', () => {
    const first = heardDoubt(NOT_DRAWN, 500, sampled(300, false));
    expect(first).toMatchObject({ q: 500, done: false, depth: null, summary: { draws: 300 } });
    const deep = heardDoubt(heardDoubt(first, 500, sampled(900, true)), 500, depth);
    expect(deep).toMatchObject({ done: true, depth: { leader: 'a' } });
    expect(heardDoubt(deep, 500, sampled(300, false)).depth).not.toBeNull();
  });
  test('another quantity has no depth yet: what would turn the last one is not told of this one', () => {
    const deep = heardDoubt(heardDoubt(NOT_DRAWN, 500, sampled(900, true)), 500, depth);
    expect(heardDoubt(deep, 501, sampled(300, false))).toMatchObject({ q: 501, depth: null });
  });
  test('nothing to draw and a failure take away what stood there', () => {
    const some = heardDoubt(NOT_DRAWN, 500, sampled(900, true));
    expect(heardDoubt(some, 500, { id: 1, kind: 'nothing' })).toMatchObject({
      summary: null,
      nothing: true,
    });
    expect(heardDoubt(some, 500, { id: 1, kind: 'refused', issue: null, message: 'x' })).toMatchObject({
      summary: null,
      error: 'x',
    });
  });
});
