import { describe, expect, test } from 'vitest';
import { bracket } from '../../testing/demo-briefs';
import { recompute } from '../../testing/recompute';
import { prepareStudy } from '../../study';
import { methodOf } from '..';
import { reviewOf } from '.';

const study = prepareStudy(
  bracket({
    geometry: {
      ...{ volume_cm3: 60, area_cm2: 260, box_mm: [90, 60, 40], wallMin_mm: 6, sectionMax_mm: 14, projected_cm2: 45 },
      ...{ undercuts: 2, passages: 1, coredHoles: 3, draftAllowed: true },
    },
  }),
);
const of = (laneId: string) => reviewOf(study, methodOf(study, laneId, 500), 500);

describe('the questions to a tool made elsewhere', () => {
  test('are those of its kind, dearest first, filled from the part, each with a cost that opens', () => {
    for (const { lane, costs } of study.lanes) {
      if (costs.length === 0) continue;
      const review = of(lane.id);
      if (lane.id.endsWith('/printed')) {
        expect(review, lane.id).toBeNull();
        continue;
      }
      const { questions = [], figures = [] } = review ?? {};
      expect(questions.length, lane.id).toBeGreaterThan(2);
      const money = questions.map((x) => x.cost_USD);
      expect(money).toEqual(money.toSorted((a, b) => b - a));
      for (const x of questions) {
        const working = figures.find((f) => f.id === x.cost)?.working;
        expect(working === undefined ? NaN : recompute(working), `${lane.id} ${x.id}`).toBeCloseTo(x.cost_USD, 9);
        expect(x.cost_USD).toBeGreaterThan(0);
      }
    }
  });

  test('say what this part asks for', () => {
    const die = of('gravity-die/hand')?.questions ?? [];
    const here = (id: string): string | undefined => die.find((x) => x.id === id)?.here;
    expect(here('loose')).toBe('2 undercuts: 2 pieces or slides.');
    expect(here('pulls')).toContain('3 cored holes and 1 passages');
    // Steel of 90 mm from 20 to 320 °C: 90 · 300 · 12 millionths.
    expect(here('guides')).toContain('grows by 0.32 mm');
    expect(die.some((x) => x.id === 'rubber')).toBe(false);
    expect(of('flask-investment/rubber-mould')?.questions.some((x) => x.id === 'rubber')).toBe(true);
  });
});
