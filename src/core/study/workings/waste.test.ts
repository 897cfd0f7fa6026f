import { describe, expect, test } from 'vitest';
import { bestLayout, prepareStudy } from '..';
import { boardAt } from '../../comparison/board';
import { ProgrammeCost } from '../../cost';
import { bracket } from '../../testing/demo-briefs';
import { WASTE_FIGURES } from '../../cost/equations';
import { workingOf } from '.';

const study = prepareStudy(bracket());
const LANE = 'gravity-die/hand';
const entry = study.lanes.find((e) => e.lane.id === LANE) as (typeof study.lanes)[number];
const waste = (q: number, name: string): number => workingOf(study, LANE, q, `waste.${name}`).value;

/** The total with something changed in the lane's model. */
function totalWith(q: number, change: object): number {
  const cost = bestLayout(entry, q)?.cost;
  if (cost === undefined) throw new Error('no layout');
  return new ProgrammeCost({ ...cost.model, ...change }, cost.plan, cost.lot, cost.perYear).total(q);
}

describe('what is lost on the way', () => {
  const q = 2000;
  const total = bestLayout(entry, q)?.total ?? NaN;
  test('learning is what the programme would save if every lot were settled', () => {
    const settled = totalWith(q, { learnPieces: 0 });
    expect(waste(q, 'learning')).toBeCloseTo((total - settled) / q, 9);
    expect(waste(q, 'learning')).toBeGreaterThan(0);
  });
  test('first pours are what the lots would save without a warm-up, tools apart', () => {
    const cost = bestLayout(entry, q)?.cost;
    const { model, plan } = cost ?? {};
    if (model === undefined || plan === undefined) throw new Error('no layout');
    expect(waste(q, 'warmUp')).toBeCloseTo((model.K * model.warmUp * plan.perPour) / 100, 9);
  });
  test('none of them is negative on any lane at any quantity, and wear is a length', () => {
    for (const n of [1, 80, 3000, 200_000])
      for (const lane of boardAt(study, n).lanes) {
        if (lane.money === null) continue;
        for (const figure of WASTE_FIGURES) {
          const w = workingOf(study, lane.id, n, figure);
          expect(w.value, `${lane.id} ${figure} at ${n}`).toBeGreaterThanOrEqual(-1e-9);
          expect(w.unit).toBe(figure === 'waste.wear' ? 'mm' : 'USD/part');
        }
      }
  });
  test('a worn set grows by a whole life, one that lasts by the shots it makes', () => {
    const growth = entry.lane.capability.wear.growth_mm_per_1000;
    const life = entry.model?.life ?? NaN;
    const shots = boardAt(study, 500).lanes.find((l) => l.id === LANE)?.money?.shots ?? NaN;
    expect(waste(500, 'wear')).toBeCloseTo((growth * shots) / 1000, 12);
    expect(waste(400_000, 'wear')).toBeCloseTo((growth * life) / 1000, 12);
    expect(waste(500, 'replacement')).toBe(0);
    expect(waste(400_000, 'replacement')).toBeGreaterThan(0);
  });
});

test('the verdict of the other policy is the verdict a study of that policy gives', () => {
  const features = [30, 90, 200].flatMap((nominal_mm) =>
    [0.1, 0.5, 0.8, 1.2, 2.5].map((tol_mm, i) => ({
      id: `${nominal_mm}-${i}`,
      nominal_mm,
      tol_mm,
      mayMachine: i % 2 === 0,
      acrossParting: i === 3,
    })),
  );
  const brief = bracket({ features });
  const [published, shop] = [prepareStudy(brief, 'published'), prepareStudy(brief, 'shop')];
  let parted = 0;
  published.lanes.forEach((lane, i) => {
    lane.part?.features.forEach((call, k) => {
      const other = shop.lanes[i]?.part?.features[k];
      if (call.verdict === 'not-known') return;
      expect(call.otherVerdict).toBe(other?.verdict);
      expect(other?.otherVerdict).toBe(call.verdict);
      if (call.otherVerdict !== call.verdict) parted++;
    });
  });
  expect(parted).toBeGreaterThan(10);
});
