import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { StudyWorkings } from '../phased-plans';
import { prepareStudy } from '../study';
import { ASKING_BRIEFS } from '../testing/asking-briefs';
import { plainDraw } from '../testing/plain-loop';
import { simulationModel } from './model';
import { Runner } from './program';

/** The same place between low, likely and high for every input, from 0 at low to 2 at high. */
const at = ([low, likely, high]: readonly [number, number, number], place: number): number =>
  place <= 1 ? low + place * (likely - low) : likely + (place - 1) * (high - likely);

describe.each(ASKING_BRIEFS.map((b) => [b.title, b] as const))('%s', (_, brief) => {
  const study = prepareStudy(brief);
  test('sampled low, likely or high, the program comes to what the whole chain comes to', () => {
    let compared = 0;
    for (const q of [12, 2003]) {
      const board = boardAt(study, q);
      const ids = [
        ...board.lanes.filter((l) => l.money !== null).map((l) => l.id),
        ...board.baselines.filter((b) => b.id !== 'split').map((b) => b.id),
      ];
      const model = simulationModel(new StudyWorkings(study, q), ids);
      const outputs = model.lanes.flatMap((l) => [l.total, l.first, l.last]);
      const runner = new Runner(model.program, outputs);
      for (const place of [0.3, 1, 1.7]) {
        // Some figures low where others are high, so that one cannot stand for another.
        const values = model.inputs.map((i, k) => at(i.range, k % 2 === 0 ? place : 2 - place));
        const results = outputs.map(() => new Float64Array(1));
        runner.run(
          values.map((v) => Float64Array.of(v)),
          results,
          0,
          1,
        );
        const plain = plainDraw(study, q, model.inputs, values);
        model.lanes.forEach(({ id }, i) => {
          const want = plain.get(id);
          if (want === undefined) throw new Error(`${id} is not in the plain chain`);
          [want.total, want.first, want.last].forEach((figure, k) => {
            const got = results[3 * i + k]?.[0] ?? NaN;
            expect(Math.abs(got - figure), `${id} ${k} at ${q}, place ${place}: ${got} for ${figure}`).toBeLessThan(
              1e-9 * Math.max(1, Math.abs(figure)),
            );
            compared++;
          });
        });
      }
    }
    expect(compared).toBeGreaterThan(20);
  });
});
