import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { boardAt } from '../board';
import { prepareStudy } from '../../study';
import { lifetimeQuantity } from '../../brief';
import { planTotal, checkPlan, type Plan } from '../../formula-book/money/plan';
import { briefOf } from '../../testing/demo-briefs';
import { CoreError } from '../../base/errors';
import { firstOf, FIRST_WEIGHTS, rankingsAt, weightTurns } from '.';
import {
  lexicographic,
  pareto,
  rankReversal,
  regret,
  twoStage,
  weighted,
  type Option,
} from '../../formula-book/ranking';

const money = fc.integer({ min: 0, max: 8000 }).map((x) => x / 4);
const plan: fc.Arbitrary<Plan> = fc.record({
  toolFirst: money,
  toolReplace: money,
  toolLife: fc.option(fc.integer({ min: 3, max: 60 }), { nil: null }),
  perPart: fc.integer({ min: 0, max: 200 }).map((x) => x / 4),
  lotSetup: money.map((x) => x / 20),
  lotSize: fc.option(fc.integer({ min: 2, max: 40 }), { nil: null }),
});

describe('two plans in turn', () => {
  test('are the best of every split tried one by one, the smallest of equals', () => {
    let solved = 0;
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 130 }),
        plan,
        plan,
        fc.record({ a: fc.integer({ min: 0, max: 40 }), b: fc.integer({ min: 0, max: 60 }) }),
        fc.record({ a: fc.integer({ min: 1, max: 9 }), b: fc.integer({ min: 1, max: 12 }) }),
        fc.array(
          fc.record({ day_d: fc.integer({ min: 5, max: 120 }), share: fc.double({ min: 0, max: 1, noNaN: true }) }),
          {
            minLength: 1,
            maxLength: 3,
          },
        ),
        (quantity, a, b, start, daily, deliveries) => {
          const due = deliveries.map(({ day_d, share }) => ({ day_d, parts: Math.round(share * quantity) }));
          const made = (side: 'a' | 'b', day: number): number =>
            Math.floor(daily[side] * Math.max(0, day - start[side]));
          const splits = Array.from({ length: quantity + 1 }, (_, n) => n).filter((n) =>
            due.every(
              ({ day_d, parts }) => Math.min(n, made('a', day_d)) + Math.min(quantity - n, made('b', day_d)) >= parts,
            ),
          );
          const asked = {
            quantity,
            a,
            b,
            aStart_d: start.a,
            aPerDay: daily.a,
            bStart_d: start.b,
            bPerDay: daily.b,
            due,
          };
          if (splits.length === 0) {
            expect(() => twoStage(asked)).toThrow(CoreError);
            return;
          }
          solved++;
          const [pa, pb] = [checkPlan('a', a), checkPlan('b', b)];
          const cost = (n: number): number => planTotal(pa, n) + planTotal(pb, quantity - n);
          const least = Math.min(...splits.map(cost));
          const got = twoStage(asked);
          expect(got.cost).toBeCloseTo(least, 6);
          expect(got.n).toBe(splits.find((n) => cost(n) <= least + 1e-9 * least));
          expect([got.feasibleFrom, got.feasibleTo]).toEqual([splits[0], splits.at(-1)]);
        },
      ),
      { seed: 3, numRuns: 400 },
    );
    expect(solved).toBeGreaterThan(100);
  });
});

const option: fc.Arbitrary<Option[]> = fc
  .uniqueArray(fc.string({ minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 6 })
  .chain((ids) =>
    fc
      .tuple(
        ...ids.map(() => fc.record({ cost: fc.integer({ min: 1, max: 30 }), weeks: fc.integer({ min: 1, max: 20 }) })),
      )
      .map((scores) => ids.map((id, i) => ({ id, scores: scores[i]! }))),
  );
const criteria = [
  { key: 'cost', better: 'low', weight: 3 },
  { key: 'weeks', better: 'low', weight: 2 },
] as const;

describe('ranking methods agree with what they say', () => {
  test('what is first by weight or by order of wishes is beaten by nothing', () => {
    fc.assert(
      fc.property(option, (options) => {
        const { set } = pareto({ options, criteria });
        const { order, scores } = weighted({ options, criteria });
        const best = order.filter((id) => scores[id]! >= scores[order[0]!]! - 1e-12);
        expect(best.some((id) => set.includes(id))).toBe(true);
        for (const id of lexicographic({ options, criteria }).chosen) expect(set).toContain(id);
        expect(set.length).toBeGreaterThan(0);
      }),
    );
  });
  test('a reversal is real: without the loser another is first', () => {
    fc.assert(
      fc.property(option, (options) => {
        const { winner, reversals } = rankReversal({ options, criteria });
        for (const r of reversals) {
          const { scores } = weighted({ options: options.filter((o) => o.id !== r.dropped), criteria });
          expect(r.dropped).not.toBe(winner);
          expect(scores[r.newWinner]!).toBeGreaterThan(scores[winner]!);
        }
      }),
    );
  });
  test('least regret is never above that of another choice', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(money, money, money), { minLength: 1, maxLength: 5 }), (rows) => {
        const costs = Object.fromEntries(rows.map((row, i) => [`r${i}`, row]));
        const { maxRegret, choice } = regret({ costs });
        for (const id of choice)
          for (const r of Object.values(maxRegret)) expect(maxRegret[id]!).toBeLessThanOrEqual(r + 1e-9);
      }),
    );
  });
});

describe.each(QUILLMERE_PARTS.map((p) => [p.title, p] as const))('%s by five ranking methods', (_, part) => {
  const study = prepareStudy(briefOf(part));
  const q = lifetimeQuantity(study.brief)!;
  const board = boardAt(study, q);
  const rankings = rankingsAt(study, board, FIRST_WEIGHTS)!;
  test('least cost is the board’s leader; each first is a route that is left', () => {
    expect(firstOf(rankings, 'cost')).toBe(board.leader);
    const ids = rankings.options.map((o) => o.id);
    for (const first of Object.values(rankings.first)) for (const id of first) expect(ids).toContain(id);
    const soonest = firstOf(rankings, 'soonest');
    const days = (id: string | null): number => board.lanes.find((l) => l.id === id)!.dates!.firstArticle_d;
    for (const id of ids) expect(days(soonest)).toBeLessThanOrEqual(days(id));
    for (const id of Object.keys(rankings.beatenBy)) expect(rankings.pareto).not.toContain(id);
    expect(rankings.pareto.length + Object.keys(rankings.beatenBy).length).toBe(ids.length);
  });
  test('at a weight that is said to turn the order it turns, just before it does not', () => {
    const winner = rankings.order[0];
    for (const turn of weightTurns(rankings, FIRST_WEIGHTS)) {
      const at = (w: number): string => rankingsAt(study, board, { ...FIRST_WEIGHTS, [turn.key]: w })!.order[0]!;
      expect(at(turn.at)).toBe(turn.to);
      expect(turn.to).not.toBe(winner);
      expect(at(turn.at + (FIRST_WEIGHTS[turn.key] - turn.at) * 1e-4)).toBe(winner);
    }
  });
});
