import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '../study';
import { StudyWorkings } from '../phased-plans';
import { briefOf } from '../testing/demo-briefs';
import { recompute } from '../testing/recompute';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import {
  atOnce,
  briefFlips,
  differenceDrawn,
  simulationModel,
  drawnWorking,
  DrawStore,
  flipWorking,
  laneFlips,
  moversOf,
  moverWorking,
  roomWorking,
  samplingOf,
} from '.';

const study = prepareStudy(briefOf(QUILLMERE_PARTS.find((p) => briefOf(p).title.startsWith('Gear head'))));
const q = 6000;
const board = boardAt(study, q, '2027-01-04');
const [leader, second] = [board.leader ?? '', board.second ?? ''];
const sampling = samplingOf(study, board, '2027-01-04', new DrawStore(5, 'pert', 400), {
  demand: false,
  against: [leader, second],
});
sampling.run(400);
const summary = sampling.summary();
const how = { draws: 400, seed: 5, spread: 'pert', demand: false } as const;
const own = summary.lanes.find((l) => l.id === leader)!;
const value = (w: { symbols: readonly { symbol: string; value: number }[] }, symbol: string): number =>
  w.symbols.find((s) => s.symbol === symbol)?.value ?? NaN;

describe('the workings of what was drawn', () => {
  test.each(['allIn', 'total', 'first'] as const)(
    '%s: the band, the likely figure that opens, the share counted',
    (of) => {
      const w = drawnWorking(of, own, 1, 'unit', how);
      expect(recompute(w)).toBe(own[of].p50);
      expect([value(w, 'P10'), value(w, 'P90')]).toEqual([own[of].p10, own[of].p90]);
      const opens = w.symbols.find((s) => s.symbol === 'likely')?.opens;
      expect(new StudyWorkings(study, q).working(leader, opens ?? '').value).toBeGreaterThan(0);
      const share = of === 'allIn' ? own.cheapest : of === 'first' ? own.inTime : null;
      if (share === null) expect(value(w, 'k')).toBeNaN();
      else expect(value(w, 'k') / value(w, 'n')).toBeCloseTo(share.share, 12);
      expect(w.note).toContain('seed 5');
    },
  );
  test('the difference: draws that the first wins, of all', () => {
    const w = differenceDrawn(summary.difference!, 'USD', how);
    const [a, b] = [sampling.totals(leader)!, sampling.totals(second)!];
    expect(value(w, 'k')).toBeCloseTo([...a].filter((x, i) => x < b[i]!).length, 6);
    expect(recompute(w)).toBeCloseTo(w.value, 12);
  });
  test('a flip point: both programmes cost the same there, within the last step', () => {
    const { flips, inputs } = atOnce(laneFlips(study, board, leader));
    expect(flips.length).toBeGreaterThan(2);
    for (const flip of flips) {
      const input = inputs.find((i) => i.key === flip.key)!;
      for (const [k, x] of flip.at.entries()) {
        const w = flipWorking(flip, input, leader, 'it', 'USD', k);
        expect([w.value, recompute(w)]).toEqual([x, x]);
        const jump = Math.abs(value(w, 'a') - value(w, 'b')) / value(w, 'a');
        expect(jump, flip.key).toBeLessThan(0.02);
      }
    }
  });
  test('a mover: the difference at both ends of its range, as the table tells it', () => {
    const model = simulationModel(new StudyWorkings(study, q), [leader, second]);
    for (const m of moversOf(model, leader, second, sampling).slice(0, 12)) {
      const input = model.inputs.find((i) => i.key === m.name)!;
      const w = moverWorking(m, input, leader, second, 'it', 'USD');
      expect(recompute(w)).toBeCloseTo(m.atHigh - m.atLow, 6);
      expect(value(w, 'bLow') - value(w, 'aLow')).toBeCloseTo(m.atLow, 6);
      expect(Math.abs(w.value)).toBeCloseTo(m.swing, 6);
    }
  });
  test('what tools and part may cost: at it both programmes are equal', () => {
    const of = new StudyWorkings(study, q);
    for (const flip of atOnce(briefFlips(study, q)).filter((f) => f.kind === 'tooling' || f.kind === 'part')) {
      const w = roomWorking(of, flip, leader, second);
      expect(w.value).toBeCloseTo(flip.at[0]!, 6);
      expect(recompute(w)).toBeCloseTo(w.value, 6);
      expect(value(w, 'now')).toBeCloseTo(flip.now, 6);
      for (const s of w.symbols)
        if (s.opens !== null) expect(of.working(s.opensLane ?? leader, s.opens).value).toBe(s.value);
    }
  });
});
