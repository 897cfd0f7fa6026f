import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { StudyWorkings } from '../phased-plans';
import { boardAt } from '../comparison/board';
import { prepareStudy, type Study } from '../study';
import { lifetimeQuantity } from '../brief';
import { briefOf } from '../testing/demo-briefs';
import { plainDraw } from '../testing/plain-loop';
import { trunnionBrief } from '../testing/trunnion-cap';
import { cheapest } from '../formula-book/uncertainty';
import { simulationModel, DrawStore, Program, Runner, Sampling } from '.';

const studies = [trunnionBrief(), ...QUILLMERE_PARTS.map(briefOf)].map((brief) => prepareStudy(brief));
const costed = (study: Study, q: number): string[] => {
  const board = boardAt(study, q);
  return [
    ...board.lanes.filter((l) => l.money !== null).map((l) => l.id),
    ...board.baselines.filter((b) => b.barred === null).map((b) => b.id),
  ];
};
const near = (got: number, want: number, where: string): void =>
  expect(Math.abs(got - want), `${where}: ${got} for ${want}`).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(want)));

describe.each(studies.map((s) => [s.brief.title, s] as const))('%s', (_, study) => {
  const life = lifetimeQuantity(study.brief) ?? 1000;

  test('at likely figures the program comes to what the board says', () => {
    for (const q of [1, 20, 37, life, 100_003]) {
      const board = boardAt(study, q);
      const model = simulationModel(new StudyWorkings(study, q), costed(study, q));
      const outputs = model.lanes.flatMap((l) => [l.total, l.first, l.last]);
      const results = outputs.map(() => new Float64Array(1));
      new Runner(model.program, outputs).run(
        model.inputs.map((i) => Float64Array.of(i.range[1])),
        results,
        0,
        1,
      );
      model.lanes.forEach(({ id }, i) => {
        const lane = board.lanes.find((l) => l.id === id);
        const base = board.baselines.find((b) => b.id === id);
        near(results[3 * i]![0]!, lane?.money?.total ?? base?.total ?? NaN, `${id} total at ${q}`);
        near(
          results[3 * i + 1]![0]!,
          lane?.dates?.firstArticle_d ?? base?.firstArticle_d ?? NaN,
          `${id} first at ${q}`,
        );
        near(results[3 * i + 2]![0]!, lane?.dates?.lastPart_d ?? base?.lastPart_d ?? NaN, `${id} last at ${q}`);
      });
      expect(model.lanes.length).toBeGreaterThan(4);
    }
  });

  test('every draw is what a plain loop over the whole chain comes to', () => {
    let compared = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(3, 60, life, 5 * life), (seed, q) => {
        const ids = costed(study, q);
        const model = simulationModel(new StudyWorkings(study, q), ids);
        const sampling = new Sampling(model, new DrawStore(seed, 'pert', 600), {
          race: ids,
          due_d: null,
          q,
          against: null,
        });
        sampling.run(600);
        const inputs = sampling.inputs(600);
        const rows = new Map<string, Float64Array[]>();
        for (const { id } of model.lanes)
          rows.set(
            id,
            sampling.figures(id)!.map((list) => list),
          );
        for (const draw of [0, 599]) {
          const values = inputs.map((list) => list[draw]!);
          const plain = plainDraw(study, q, model.inputs, values);
          for (const [id, [total, first, last]] of rows) {
            const want = plain.get(id)!;
            const where = `${id} draw ${draw} of seed ${seed} at ${q}`;
            near(total![draw]!, want.total, `${where}, total`);
            near(first![draw]!, want.first, `${where}, first`);
            near(last![draw]!, want.last, `${where}, last`);
            compared++;
          }
        }
      }),
      { seed: 5, numRuns: 3 },
    );
    expect(compared).toBeGreaterThan(20);
  });
});

describe('what the draws say', () => {
  const study = studies[4]!;
  const q = 5000;
  const ids = costed(study, q);
  const sampled = (seed: number, draws = 2000): Sampling => {
    const s = new Sampling(simulationModel(new StudyWorkings(study, q), ids), new DrawStore(seed, 'pert', draws), {
      race: ids,
      due_d: 90,
      q,
      against: [ids[0]!, ids[1]!],
    });
    s.run(draws);
    return s;
  };
  test('is the same to the digit for the same seed, made at once or in parts, with more lanes or fewer', () => {
    const whole = sampled(3);
    const parts = new Sampling(simulationModel(new StudyWorkings(study, q), ids), new DrawStore(3, 'pert', 2000), {
      race: ids,
      due_d: 90,
      q,
      against: [ids[0]!, ids[1]!],
    });
    for (const to of [100, 700, 1300, 2000]) parts.run(to);
    expect(parts.summary()).toEqual(whole.summary());
    const fewer = new Sampling(
      simulationModel(new StudyWorkings(study, q), ids.slice(0, 2)),
      new DrawStore(3, 'pert', 2000),
      {
        race: ids,
        due_d: 90,
        q,
        against: null,
      },
    );
    fewer.run(2000);
    expect(fewer.totals(ids[0]!)).toEqual(whole.totals(ids[0]!));
    expect(sampled(4).summary()).not.toEqual(whole.summary());
  });
  test('shares add up to one, agree with the formula of the book, and bands rise', () => {
    const s = sampled(8);
    const summary = s.summary();
    const shares = summary.lanes.map((l) => l.cheapest!.share);
    expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    const exact = cheapest({ totals: Object.fromEntries(ids.map((id) => [id, [...s.totals(id)!]])) });
    for (const l of summary.lanes) {
      expect(l.cheapest).toEqual({ share: exact.share[l.id], low: exact.low[l.id], high: exact.high[l.id] });
      for (const b of [l.total, l.allIn, l.first, l.last]) {
        expect(b.p10).toBeLessThanOrEqual(b.p50);
        expect(b.p50).toBeLessThanOrEqual(b.p90);
      }
    }
    expect(summary.difference!.bars.reduce((a, b) => a + b, 0)).toBe(2000);
    expect(summary.difference!.holds.share).toBeGreaterThanOrEqual(0);
  });
  test('an uncertain quantity moves the totals and shares its draws over all lanes', () => {
    const model = simulationModel(new StudyWorkings(study, q), ids, [3000, 5000, 9000]);
    const s = new Sampling(model, new DrawStore(3, 'pert', 500), { race: ids, due_d: null, q, against: null });
    s.run(500);
    const held = sampled(3, 500);
    expect(model.quantity).not.toBeNull();
    expect(s.summary().lanes[0]!.total.p90).toBeGreaterThan(held.summary().lanes[0]!.total.p90);
  });
});

test('the share of being cheapest agrees with a case that can be summed by hand', () => {
  // Two figures, even over 0 to 1 as triangles can be made to be by their sum: x against 0.3 with P(x < 0.3) known.
  const program = new Program();
  const x = program.input(0);
  const half = program.fixed(12);
  const store = new DrawStore(1, 'triangle', 20_000);
  const list = store.of('x', [10, 12, 20], 20_000);
  const results = [new Float64Array(20_000), new Float64Array(20_000)];
  new Runner(program, [x, half]).run([list], results, 0, 20_000);
  const { share, low, high } = cheapest({
    totals: { drawn: [...results[0]!], fixed: [...results[1]!] },
    confidence: 0.999,
  });
  // A triangle over 10, 12, 20 lies below its likely figure in (12 − 10)/(20 − 10) of the draws.
  expect(low['drawn']!).toBeLessThan(0.2);
  expect(high['drawn']!).toBeGreaterThan(0.2);
  expect(share['drawn']! + share['fixed']!).toBe(1);
});
