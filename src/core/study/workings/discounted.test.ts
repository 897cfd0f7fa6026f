import { expect, test } from 'vitest';
import { boardAt } from '../../comparison/board';
import { prepareStudy } from '..';
import { StudyWorkings } from '../../phased-plans';
import { simulationModel, DrawStore, Sampling } from '../../simulation';
import { SHIPPED_RATES } from '../../rates';
import { bracket } from '../../testing/demo-briefs';
import { plainDraw } from '../../testing/plain-loop';
import { recompute } from '../../testing/recompute';
import { workingOf } from '.';

const at = (rate: number) => ({
  ...SHIPPED_RATES,
  global: { ...SHIPPED_RATES.global, rDisc: { ...SHIPPED_RATES.global.rDisc, v: rate } },
});
const study = prepareStudy(bracket(), 'published', at(0.08));
const lanes = (q: number) => boardAt(study, q).lanes.filter((l) => l.money !== null);

test('a total discounted by the years of its lots is a sum that opens, down to the lots of each year', () => {
  for (const q of [1, 90, 250, 2000, 2130, 30_000])
    for (const lane of lanes(q)) {
      const total = workingOf(study, lane.id, q, 'total');
      expect(total.value).toBe(lane.money?.total);
      expect(Math.abs(recompute(total) - total.value), `${lane.id} at ${q}`).toBeLessThan(1e-9 * total.value);
      for (const which of ['dNew', 'dFull', 'dRest'] as const) {
        const w = workingOf(study, lane.id, q, which);
        expect(recompute(w)).toBeCloseTo(w.value, 12);
        expect(w.value).toBe(total.symbols.find((s) => s.symbol === which)?.value);
        expect(w.value > 0 && w.value <= 1).toBe(true);
        const lots = w.symbols.find((s) => s.symbol === 'lots')?.value ?? 0;
        const told = w.symbols.filter((s) => /^n\d+$/.test(s.symbol)).reduce((sum, s) => sum + s.value, 0);
        expect(told).toBe(lots);
      }
    }
});

test('what is far off is worth less: five years at 400 a year', () => {
  const [lane] = lanes(2000);
  const plain = boardAt(prepareStudy(bracket(), 'published', at(0)), 2000);
  const undiscounted = plain.lanes.find((l) => l.id === lane?.id)?.money?.total ?? NaN;
  expect(lane!.money!.total).toBeLessThan(undiscounted);
  expect(lane!.money!.total).toBeGreaterThan(undiscounted * 1.08 ** -5);
});

test('it is drawn like any other, the worth of lots held as the likely figures have it', () => {
  const q = 2000;
  const ids = lanes(q).map((l) => l.id);
  const model = simulationModel(new StudyWorkings(study, q), ids);
  const sampling = new Sampling(model, new DrawStore(4, 'pert', 300), { race: ids, due_d: null, q, against: null });
  sampling.run(300);
  const inputs = sampling.inputs(300);
  for (const draw of [0, 150, 299]) {
    const plain = plainDraw(
      study,
      q,
      model.inputs,
      inputs.map((list) => list[draw]!),
    );
    for (const id of ids) {
      const [got, want] = [sampling.totals(id)![draw]!, plain.get(id)!.total];
      // Only what a lot with new scrap costs more is held at the years of the likely new lots.
      expect(Math.abs(got / want - 1), `${id}, draw ${draw}`).toBeLessThan(0.001);
    }
  }
});
