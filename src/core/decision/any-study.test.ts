import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt, crossings, leaderAt, RAIL_MAX, verdictSentence, winnerRuns } from '../comparison/board';
import { prepareStudy } from '../study';
import { deliveriesOf, planAt, StudyWorkings, workedOut, leastStep } from '../phased-plans';
import { lifetimeQuantity } from '../brief';
import { carryingFigures, laneCase, suggestedActions } from '.';
import { simulationModel, DrawStore, raceOf, Runner, samplingOf } from '../simulation';
import { anyBrief } from '../testing/any-brief';
import { searched } from '../testing/demo-plans';
import { plainDraw } from '../testing/plain-loop';
import { recompute } from '../testing/recompute';
import { FIGURES } from '../study/workings';

const ORDER = '2026-11-28';
const RUNS = { numRuns: 12 };

/** Any part of which some route survives, at the quantity of its life. */
const survivor = anyBrief
  .map((brief) => {
    const study = prepareStudy(brief);
    const q = Math.min(RAIL_MAX, lifetimeQuantity(brief) ?? 777);
    return { study, q, board: boardAt(study, q, brief.quantity.orderDate ?? ORDER) };
  })
  .filter(({ board }) => board.leader !== null);

/** Numbers that are none, and words with such in them, anywhere in a result. */
function nones(x: unknown, path: string, seen = new Set<unknown>()): string[] {
  if (typeof x === 'number') return Number.isFinite(x) ? [] : [`${path} = ${x}`];
  if (typeof x === 'string') return /NaN|undefined|Infinity|\[object|\bnull\b/.test(x) ? [`${path} = ${x}`] : [];
  if (x === null || typeof x !== 'object' || seen.has(x) || ArrayBuffer.isView(x)) return [];
  seen.add(x);
  return Object.entries(x).flatMap(([key, value]) => nones(value, `${path}.${key}`, seen));
}

describe('of any part', () => {
  test('every figure of the board is a number at one piece, at its life and at a million, whatever is not known', () => {
    fc.assert(
      fc.property(anyBrief, fc.constantFrom('published', 'shop'), (brief, school) => {
        const study = prepareStudy(brief, school);
        for (const q of [1, Math.min(RAIL_MAX, lifetimeQuantity(brief) ?? 777), RAIL_MAX])
          expect(nones(boardAt(study, q, brief.quantity.orderDate ?? ORDER), `board at ${q}`)).toEqual([]);
      }),
      RUNS,
    );
  });

  test('the lines of a part add up to what it costs, and every working to its figure', () => {
    fc.assert(
      fc.property(survivor, ({ study, q, board }) => {
        const workings = new StudyWorkings(study, q);
        for (const { id, money } of board.lanes) {
          if (money === null) continue;
          const sum = Object.values(money.lines).reduce((a, b) => a + b, 0);
          expect(sum / money.unit, id).toBeCloseTo(1, 9);
          for (const figure of FIGURES) {
            if (figure === 'yearWorkdays' && study.brief.quantity.perYear === null) continue;
            const w = workings.working(id, figure);
            expect(nones(w, `${id} ${figure}`)).toEqual([]);
            expect(Math.abs(recompute(w) - w.value), `${id} ${figure}`).toBeLessThanOrEqual(
              1e-8 * Math.max(1, Math.abs(w.value)),
            );
          }
        }
      }),
      RUNS,
    );
  });

  test('the ribbon names at every quantity the lane that costs least there', () => {
    fc.assert(
      fc.property(survivor, fc.array(fc.integer({ min: 1, max: RAIL_MAX }), { minLength: 20 }), ({ study }, at) => {
        const runs = winnerRuns(study);
        expect(runs[0]?.from).toBe(1);
        expect(runs.at(-1)?.to).toBe(RAIL_MAX);
        for (const q of at)
          expect(runs.find((r) => r.from <= q && q <= r.to)?.laneId, `at ${q}`).toBe(leaderAt(study, q));
      }),
      RUNS,
    );
  });

  test('what is said for and against it, and what is to be done, holds no word that is none', () => {
    fc.assert(
      fc.property(survivor, ({ study, q, board }) => {
        expect(nones(verdictSentence(board, crossings(study), 'USD'), 'verdict')).toEqual([]);
        for (const lane of board.lanes) {
          const argued = laneCase(study, board, lane.id);
          const said = [argued?.for, argued?.against, carryingFigures(study, board, lane)];
          expect(nones([...said, suggestedActions(study, lane, ORDER)], `${lane.id} at ${q}`)).toEqual([]);
        }
      }),
      RUNS,
    );
  });

  test('a draw is what the whole chain gives with the drawn figures put into rates, alloy and routes', () => {
    fc.assert(
      fc.property(survivor, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), ({ study, q, board }, u) => {
        const ids = [...raceOf(board), ...board.baselines.filter((b) => b.barred === null).map((b) => b.id)];
        const model = simulationModel(new StudyWorkings(study, q), ids);
        const values = model.inputs.map(({ range: [low, , high] }) => low + (u.next().value ?? 0) * (high - low));
        const outputs = model.lanes.flatMap((l) => [l.total, l.first, l.last]);
        const results = outputs.map(() => new Float64Array(1));
        const inputs = values.map((v) => Float64Array.of(v));
        new Runner(model.program, outputs).run(inputs, results, 0, 1);
        const plain = plainDraw(study, q, model.inputs, values);
        model.lanes.forEach(({ id }, i) => {
          const { total, first, last } = plain.get(id) ?? { total: NaN, first: NaN, last: NaN };
          [total, first, last].forEach((one, k) =>
            expect((results[3 * i + k]?.[0] ?? NaN) / one, `${id}, ${['total', 'first', 'last'][k]}`).toBeCloseTo(1, 8),
          );
        });
      }),
      RUNS,
    );
  });

  test('the bands of the simulations are in order and their shares between none and all', () => {
    fc.assert(
      fc.property(survivor, fc.boolean(), ({ study, board }, demand) => {
        const drawn = samplingOf(study, board, ORDER, new DrawStore(1), { demand, against: null });
        drawn.run(500);
        const summary = drawn.summary();
        expect(nones(summary, 'summary')).toEqual([]);
        let cheapest = 0;
        for (const lane of summary.lanes) {
          for (const band of [lane.total, lane.allIn, lane.first, lane.last]) {
            expect(band.p10).toBeLessThanOrEqual(band.p50);
            expect(band.p50).toBeLessThanOrEqual(band.p90);
          }
          cheapest += lane.cheapest?.share ?? 0;
        }
        expect(cheapest).toBeCloseTo(1, 9);
      }),
      RUNS,
    );
  });

  test('no two-step plan that delivers as soon costs less than the best that was found', () => {
    const tries = fc.array(fc.tuple(fc.nat(), fc.nat(), fc.double({ min: 0, max: 1, noNaN: true })), { minLength: 12 });
    fc.assert(
      fc.property(survivor, tries, ({ study, q, board }, other) => {
        const { plans, deliveries } = searched(
          study,
          q,
          deliveriesOf(study, q, study.brief.quantity.orderDate ?? ORDER),
          1,
        );
        const [best] = plans;
        if (best === undefined) return;
        const { total } = workedOut(study, q, best, deliveries);
        const able = board.lanes.filter((l) => l.money !== null && l.status !== 'blocked' && !l.passedOver);
        for (const [a, b, share] of other) {
          const first = able[a % able.length]?.id ?? '';
          const then = able[b % able.length]?.id ?? '';
          const least = leastStep(study.brief, q, deliveries);
          const pieces = Math.max(least, Math.min(q - least, Math.round(q ** share)));
          if (first === then) continue;
          const plan = planAt(study, q, { first, then, pieces }, deliveries);
          if (plan.deliveries.some((d) => d.day_d > d.due.day_d + 0.01)) continue;
          expect(plan.total, `${pieces} on ${first}, then ${then}`).toBeGreaterThanOrEqual(total * (1 - 1e-8));
        }
      }),
      RUNS,
    );
  });
});
