import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { dayOnCurve } from '../testing/day-on-curve';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { prepareStudy } from '../study';
import { neededPieces } from '../brief';
import { bracket, briefOf } from '../testing/demo-briefs';
import { dayOf, deliveryCurve, laneTime, laneTimeline } from '.';

const runs = [bracket(), ...QUILLMERE_PARTS.map(briefOf)]
  .map((brief) => prepareStudy(brief))
  .flatMap((s) =>
    s.lanes.flatMap((e) =>
      e.costs.map((c) => ({ name: `${s.brief.title} ${e.lane.id}`, model: c.model, plan: c.plan })),
    ),
  )
  .map((r) => ({ ...r, time: laneTime(r.model, r.plan) }));
const anyRun = fc.constantFrom(...runs);
const anyCount = fc.integer({ min: 1, max: 100_000 });

describe('the timeline of a lane', () => {
  test('has no gaps, and ends on the day of the last part', () => {
    fc.assert(
      fc.property(anyRun, anyCount, ({ name, model, plan, time }, n) => {
        const line = laneTimeline(model, plan, time, n);
        let at = 0;
        for (const s of line.stretches) {
          expect(s.from_d, name).toBeCloseTo(at, 9);
          expect(s.days, name).toBeGreaterThan(0);
          at += s.days;
        }
        expect(at, name).toBeCloseTo(dayOf(time, n, n), 6);
        expect(line.firstArticle_d, name).toBeCloseTo(time.firstArticle_d, 6);
        expect(new Set(line.stretches.map((s) => s.id)).size).toBe(line.stretches.length);
      }),
      { numRuns: 300 },
    );
  });

  test('a short programme is neither approved nor passed twice', () => {
    const { model, plan, time } = runs[0] as (typeof runs)[number];
    const ids = (n: number): string[] => laneTimeline(model, plan, time, n).stretches.map((s) => s.id);
    expect(ids(20).some((id) => id.startsWith('run.'))).toBe(false);
    expect(ids(21)).toContain('approve');
    expect(ids(time.samples)).not.toContain('run');
  });
});

describe('the delivery curve', () => {
  test('never falls, and gives each piece the day the time model gives it', () => {
    fc.assert(
      fc.property(anyRun, anyCount, fc.double({ min: 0, max: 1, noNaN: true }), ({ name, time }, n, part) => {
        const curve = deliveryCurve(time, n);
        for (let i = 1; i < curve.length; i++) {
          expect(curve[i]?.day).toBeGreaterThanOrEqual(curve[i - 1]?.day ?? 0);
          expect(curve[i]?.pieces).toBeGreaterThanOrEqual(curve[i - 1]?.pieces ?? 0);
        }
        const piece = Math.max(1, Math.round(part * n));
        expect(dayOnCurve(curve, piece), name).toBeCloseTo(dayOf(time, piece, n), 6);
      }),
      { numRuns: 300 },
    );
  });

  test('ends at the wanted pieces; more are never there', () => {
    const { time } = runs[0] as (typeof runs)[number];
    expect(deliveryCurve(time, 400).at(-1)?.pieces).toBe(400);
    expect(dayOnCurve(deliveryCurve(time, 400), 401)).toBeNull();
  });
});

test('needed pieces are told with their dates, fewest first, and only where the brief says them', () => {
  expect(neededPieces(briefOf({ title: 'Nothing yet' }))).toEqual([]);
  const brief = bracket({
    quantity: {
      perYear: 400,
      years: 5,
      lot: 100,
      prototypes: 3,
      prototypeDate: '2027-02-01',
      firstDelivery: '2027-04-01',
    },
  });
  expect(neededPieces(brief).map((n) => [n.id, n.pieces, n.by])).toEqual([
    ['prototypes', 3, '2027-02-01'],
    ['first-delivery', 100, '2027-04-01'],
    ['year', 400, null],
    ['life', 2000, null],
  ]);
});
