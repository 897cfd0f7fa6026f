import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { StudyWorkings } from '../phased-plans';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '../study';
import { lifetimeQuantity } from '../brief';
import { briefOf } from '../testing/demo-briefs';
import { plainDraw } from '../testing/plain-loop';
import { atOnce, bracketOf, briefFlips, simulationModel, flipsOf, moversOf } from '.';

/** Parts in light and heavy metal, few and many lanes. */
const LOOKED_AT = ['Filter drawer housing', 'Compass gimbal ring', 'Gear head body, sealed', 'Pier foot'];
const parts = QUILLMERE_PARTS.filter((p) => LOOKED_AT.some((title) => title === p.title))
  .map((p) => {
    const brief = briefOf(p);
    const study = prepareStudy(brief);
    const q = lifetimeQuantity(brief)!;
    const board = boardAt(study, q);
    return { title: brief.title, study, q, board };
  })
  .filter(({ board }) => board.second !== null);

describe.each(parts.map((p) => [p.title, p] as const))('%s', (_, { study, q, board }) => {
  const [leader, second] = [board.leader!, board.second!];
  const model = simulationModel(new StudyWorkings(study, q), [leader, second]);
  const likely = model.inputs.map((i) => i.range[1]);
  const gap = (k: number, value: number): number => {
    const plain = plainDraw(
      study,
      q,
      model.inputs,
      likely.map((v, i) => (i === k ? value : v)),
    );
    return plain.get(second)!.total - plain.get(leader)!.total;
  };
  test('at a flip point the plain chain has the two change places, and nowhere else over the range', () => {
    const flips = flipsOf(model, leader, [second]);
    const looked = flips.filter((_, i) => i % Math.ceil(flips.length / 6) === 0);
    for (const flip of looked) {
      const k = model.inputs.findIndex((i) => i.key === flip.key);
      const [low, high] = bracketOf(model.inputs[k]!);
      const near = 1e-4 * (high - low);
      for (const at of flip.at)
        expect(Math.sign(gap(k, at - near)), `${flip.key} at ${at}`).not.toBe(Math.sign(gap(k, at + near)));
      if (flip.kind === 'one') {
        expect(Math.sign(gap(k, low))).toBe(Math.sign(gap(k, flip.at[0]! - near)));
        expect(Math.sign(gap(k, high))).toBe(Math.sign(gap(k, flip.at[0]! + near)));
      }
    }
    const still = model.inputs.findIndex((i) => !flips.some((f) => f.key === i.key));
    if (still >= 0)
      for (const x of bracketOf(model.inputs[still]!))
        expect(gap(still, x), model.inputs[still]!.key).toBeGreaterThan(0);
  });
  test('what moves the difference most is what the plain chain moves most', () => {
    const movers = moversOf(model, leader, second, null);
    for (const m of [movers[0]!, movers[5]!]) {
      const k = model.inputs.findIndex((i) => i.key === m.name);
      expect(gap(k, model.inputs[k]!.range[0])).toBeCloseTo(m.atLow, 5);
      expect(gap(k, model.inputs[k]!.range[2])).toBeCloseTo(m.atHigh, 5);
    }
    for (let i = 1; i < movers.length; i++) expect(movers[i - 1]!.swing).toBeGreaterThanOrEqual(movers[i]!.swing);
  });
  test('the quantity, the quote and the tolerance at which it turns, turn it', () => {
    for (const flip of atOnce(briefFlips(study, q))) {
      if (flip.kind === 'quantity')
        for (const at of flip.at) {
          const money = (id: string, x: number): number =>
            boardAt(study, x).lanes.find((l) => l.id === id)!.money!.total;
          const ahead = (x: number): boolean => money(leader, x) <= money(second, x);
          expect(ahead(at)).not.toBe(ahead(at - 1));
        }
      if (flip.kind === 'tolerance') {
        const i = Number(/\d+/.exec(flip.key)![0]);
        const tighter = (tol: number) => ({
          ...study.brief,
          features: study.brief.features.map((f, k) => (k === i ? { ...f, tol_mm: tol } : f)),
        });
        expect(boardAt(prepareStudy(tighter(flip.at[0]!)), q).leader).toBe(flip.against);
        expect(boardAt(prepareStudy(tighter(flip.at[0]! * 1.001)), q).leader).toBe(leader);
      }
      if (flip.kind === 'tooling') expect(flip.at[0]).toBeGreaterThan(flip.now);
    }
  });
});
