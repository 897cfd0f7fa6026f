import { describe, expect, test } from 'vitest';
import { boardAt, prepareStudy } from '../board';
import { lifetimeQuantity } from '../brief';
import { briefOf } from '../testing/demo-briefs';
import { trunnionBrief } from '../testing/trunnion-cap';
import { FIGURES, figureOfRule, workingOf, type Working } from '.';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';

/** Puts the symbols' values into the expression and works it out, as a reader with a calculator would. */
function recompute(w: Working): number {
  const names = w.symbols.map((s) => s.symbol);
  const head = 'const { max, min, ceil: up } = Math; const ceil = (x) => up(x - 1e-9 * Math.max(1, Math.abs(x)));';
  // eslint-disable-next-line @typescript-eslint/no-implied-eval -- the expression is the thing under test
  const run = new Function(...names, `${head} return ${w.expression};`) as (...values: number[]) => number;
  return run(...w.symbols.map((s) => s.value));
}

const briefs = [trunnionBrief(), ...QUILLMERE_PARTS.map(briefOf)];

describe.each(briefs.map((b) => [b.title, b] as const))('%s', (_, brief) => {
  const study = prepareStudy(brief);
  const quantities = [1, 37, lifetimeQuantity(brief) ?? 1000, 100_000];

  test('every working of every costed lane gives its figure when its symbols are put in', () => {
    let checked = 0;
    for (const q of quantities) {
      for (const lane of boardAt(study, q).lanes.filter((l) => l.money !== null)) {
        for (const figure of FIGURES) {
          const w = workingOf(study, lane.id, q, figure);
          const again = recompute(w);
          if (figure === 'dieCycle' && w.value === 0) continue;
          expect(Math.abs(again - w.value), `${lane.id} ${figure} at ${q}: ${w.expression}`).toBeLessThanOrEqual(
            1e-9 * Math.max(1, Math.abs(w.value)),
          );
          checked++;
        }
      }
    }
    expect(checked).toBeGreaterThan(200);
  });

  test('the figures on the board are the figures of the workings', () => {
    for (const q of quantities) {
      for (const lane of boardAt(study, q).lanes) {
        if (lane.money === null || lane.dates === null) continue;
        expect(workingOf(study, lane.id, q, 'allIn').value).toBe(lane.money.allIn);
        expect(workingOf(study, lane.id, q, 'unit').value).toBe(lane.money.unit);
        expect(workingOf(study, lane.id, q, 'tooling').value).toBe(lane.money.tooling);
        expect(workingOf(study, lane.id, q, 'firstArticle').value).toBe(lane.dates.firstArticle_d);
        expect(workingOf(study, lane.id, q, 'lastPart').value).toBe(lane.dates.lastPart_d);
      }
    }
  });

  test('every symbol has a unit and a source, and what opens a further working has one', () => {
    const lane = boardAt(study, 37).lanes.find((l) => l.money !== null);
    if (!lane) throw new Error('no costed lane');
    for (const figure of FIGURES) {
      for (const s of workingOf(study, lane.id, 37, figure).symbols) {
        expect(s.unit, `${figure} ${s.symbol}`).not.toBe('');
        if (s.source !== 'computed' && s.source !== 'choice') expect(s.path, `${figure} ${s.symbol}`).toBeTruthy();
        if (s.opens !== null) expect(FIGURES).toContain(s.opens);
      }
    }
  });
});

test('an unknown lane or figure is refused', () => {
  const study = prepareStudy(trunnionBrief());
  expect(() => workingOf(study, 'no-such/lane', 10, 'unit')).toThrow(/E_KEY/);
  expect(() => workingOf(study, 'gravity-die/hand', 10, 'no-such')).toThrow(/E_KEY/);
  expect(() => workingOf(study, 'spin/organic-rubber', 10, 'unit')).toThrow(/E_NO_VALUE/);
});

test('baselines show their working too', () => {
  const study = prepareStudy(trunnionBrief());
  for (const figure of ['allIn', 'total', 'tooling', 'unit', 'firstArticle', 'lastPart']) {
    const w = workingOf(study, 'machined', 400, figure);
    expect(recompute(w)).toBeCloseTo(w.value, 9);
  }
});

describe('figures that rules compare', () => {
  test.each([
    ['published', 'ct + parting + shift'],
    ['shop', 'min(ct, base + perMm * max(0, nominal - upTo)) + parting + shift'],
  ] as const)('widths, masses, ratios and clamps give their figure (%s)', (school, expression) => {
    for (const brief of briefs) {
      const study = prepareStudy(brief, school);
      for (const entry of study.lanes) {
        for (const f of entry.screening?.findings ?? []) {
          const figure = figureOfRule(f.rule, f.fields);
          if (figure === null || typeof f.value !== 'number' || typeof f.limit !== 'number' || f.status === 'not-known')
            continue;
          const w = workingOf(study, entry.lane.id, 1, figure);
          expect(recompute(w)).toBeCloseTo(w.value, 9);
          // The tight grade is the limit of what may not be cut; everything else is told by the working's value.
          if (figure.startsWith('width.')) {
            if (f.status !== 'blocked') expect(w.value).toBe(f.limit);
          } else expect(w.value).toBeCloseTo(f.value, 9);
        }
      }
    }
    const study = prepareStudy(trunnionBrief(), school);
    expect(workingOf(study, 'gravity-die/hand', 1, 'width.2').expression).toBe(expression);
  });

  test('a feature that is not there has no width', () => {
    expect(() => workingOf(prepareStudy(trunnionBrief()), 'gravity-die/hand', 1, 'width.9')).toThrow(/E_NO_VALUE/);
  });
});
