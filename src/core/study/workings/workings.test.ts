import { describe, expect, test } from 'vitest';
import { boardAt } from '../../comparison/board';
import { prepareStudy } from '..';
import { StudyWorkings } from '../../phased-plans';
import { lifetimeQuantity } from '../../brief';
import { briefOf } from '../../testing/demo-briefs';
import { ASKING_BRIEFS } from '../../testing/asking-briefs';
import { trunnionBrief } from '../../testing/trunnion-cap';
import { recompute } from '../../testing/recompute';
import type { Working } from '../../equations';
import { contextOf, FIGURES, figureOfRule, isFigure, spareWorking, workingIn, workingOf } from '.';
import { dayOfThe } from '../../schedule';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';

const briefs = [trunnionBrief(), ...QUILLMERE_PARTS.map(briefOf), ...ASKING_BRIEFS];
const asking = new Set(ASKING_BRIEFS);

/** A working asked for again is the one that was there. */
function once(make: (key: string) => Working): (key: string) => Working {
  const kept = new Map<string, Working>();
  return (key) => {
    const was = kept.get(key) ?? make(key);
    kept.set(key, was);
    return was;
  };
}

describe.each(briefs.map((b) => [b.title, b] as const))('%s', (_, brief) => {
  const study = prepareStudy(brief);
  const quantities = asking.has(brief) ? [37] : [1, 37, lifetimeQuantity(brief) ?? 1000, 100_000];

  test('every working of every costed lane gives its figure when its symbols are put in', () => {
    let checked = 0;
    for (const q of quantities) {
      for (const lane of boardAt(study, q).lanes.filter((l) => l.money !== null)) {
        const context = contextOf(study, lane.id, q);
        for (const figure of FIGURES.filter((f) => f !== 'yearWorkdays' || brief.quantity.perYear !== null)) {
          // A year's pieces are asked of a brief that tells them.
          if (figure === 'yearWorkdays' && brief.quantity.perYear === null) continue;
          const w = workingIn(context, figure);
          const again = recompute(w);
          if (figure === 'dieCycle' && w.value === 0) continue;
          expect(Math.abs(again - w.value), `${lane.id} ${figure} at ${q}: ${w.expression}`).toBeLessThanOrEqual(
            1e-9 * Math.max(1, Math.abs(w.value)),
          );
          checked++;
        }
      }
    }
    expect(checked).toBeGreaterThan(50);
  });

  test('every figure reached by opening symbol after symbol comes out as its symbol said', () => {
    let opened = 0;
    for (const q of asking.has(brief) ? [2003] : [1, 37, lifetimeQuantity(brief) ?? 1000, 41_003]) {
      for (const lane of boardAt(study, q).lanes.filter((l) => l.money !== null)) {
        const context = contextOf(study, lane.id, q);
        const open = once((figure) => workingIn(context, figure));
        const seen = new Set<string>();
        const left = [
          'total',
          'lastPart',
          'firstArticle',
          'unit',
          dayOfThe(1),
          dayOfThe(Math.ceil(q / 3)),
          dayOfThe(q),
        ];
        for (let figure = left.pop(); figure !== undefined; figure = left.pop()) {
          if (seen.has(figure)) continue;
          seen.add(figure);
          const w = open(figure);
          const again = recompute(w);
          const where = `${lane.id} ${figure} at ${q}: ${w.expression}`;
          expect(Math.abs(again - w.value), where).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(w.value)));
          for (const s of w.symbols) {
            if (s.opens === null) continue;
            const deeper = open(s.opens);
            expect(Math.abs(deeper.value - s.value), `${where}: ${s.symbol} opens ${s.opens}`).toBeLessThanOrEqual(
              1e-9 * Math.max(1, Math.abs(s.value)),
            );
            left.push(s.opens);
            opened++;
          }
        }
      }
    }
    expect(opened).toBeGreaterThan(200);
  });

  test('every figure of a baseline, opened down to its rates, comes out as its symbol said', () => {
    for (const q of [1, 37, 5003]) {
      const open = once((key) => {
        const [lane = '', figure = ''] = key.split(' ');
        return workingOf(study, lane, q, figure);
      });
      for (const b of study.baselines.filter((x) => x.id !== 'split')) {
        const left = ['total', 'unit', 'allIn', 'firstArticle', 'lastPart', dayOfThe(Math.ceil(q / 3))];
        const seen = new Set<string>();
        for (let figure = left.pop(); figure !== undefined; figure = left.pop()) {
          if (seen.has(figure)) continue;
          seen.add(figure);
          const w = open(`${b.id} ${figure}`);
          const where = `${b.id} ${figure} at ${q}: ${w.expression}`;
          expect(Math.abs(recompute(w) - w.value), where).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(w.value)));
          for (const s of w.symbols) {
            if (s.opens === null) continue;
            const deeper = open(`${s.opensLane ?? b.id} ${s.opens}`).value;
            expect(Math.abs(deeper - s.value), `${where}: ${s.symbol}`).toBeLessThanOrEqual(
              1e-9 * Math.max(1, Math.abs(s.value)),
            );
            left.push(s.opens);
          }
        }
        if (b.id === 'machined') expect(seen.size).toBeGreaterThan(12);
      }
    }
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
        expect(workingOf(study, lane.id, q, dayOfThe(q)).value).toBe(lane.dates.lastPart_d);
        expect(workingOf(study, lane.id, q, dayOfThe(1)).value).toBe(lane.dates.firstArticle_d);
      }
    }
  });

  test('every symbol has a unit and a source, and what opens a further working has one', () => {
    const lane = boardAt(study, 37).lanes.find((l) => l.money !== null);
    if (!lane) throw new Error('no costed lane');
    for (const figure of FIGURES.filter((f) => f !== 'yearWorkdays' || brief.quantity.perYear !== null)) {
      for (const s of workingOf(study, lane.id, 37, figure).symbols) {
        expect(s.unit, `${figure} ${s.symbol}`).not.toBe('');
        if (s.source !== 'computed' && s.source !== 'choice') expect(s.path, `${figure} ${s.symbol}`).toBeTruthy();
        if (s.opens !== null) expect(isFigure(s.opens), s.opens).toBe(true);
      }
    }
  });
});

test('an unknown lane or figure is refused', () => {
  const study = prepareStudy(trunnionBrief());
  expect(() => workingOf(study, 'no-such/lane', 10, 'unit')).toThrow(/E_KEY/);
  expect(() => workingOf(study, 'gravity-die/hand', 10, 'no-such')).toThrow(/E_KEY/);
  expect(() => workingOf(study, 'spin/organic-rubber', 10, 'unit')).toThrow(/E_NO_VALUE/);
  for (const lane of ['gravity-die/hand', 'machined'])
    for (const pieces of [0, 11]) expect(() => workingOf(study, lane, 10, dayOfThe(pieces))).toThrow(/E_RANGE/);
});

test('a figure of the part or of a rule opens on a lane without money too, down to the brief and the rates', () => {
  const study = prepareStudy(trunnionBrief());
  const lane = study.lanes.find((l) => l.model === null && l.part !== null);
  expect(lane).toBeDefined();
  const of = new StudyWorkings(study, 10);
  const seen = new Set<string>();
  const left = ['mass', 'mc', 'kappa', 'sizes', 'sectionRatio', 'machining'];
  for (let figure = left.pop(); figure !== undefined; figure = left.pop()) {
    if (seen.has(figure)) continue;
    seen.add(figure);
    const w = of.working(lane!.lane.id, figure);
    expect(workingOf(study, lane!.lane.id, 10, figure)).toEqual(w);
    expect(Math.abs(recompute(w) - w.value), figure).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(w.value)));
    for (const s of w.symbols) if (s.opens !== null) left.push(s.opens);
  }
  expect(seen.size).toBeGreaterThan(12);
});

test('the width of a size opens by either school, and the clamp of a pour down to one cavity', () => {
  for (const school of ['published', 'shop'] as const) {
    const study = prepareStudy(trunnionBrief(), school);
    const w = workingOf(study, 'gravity-die/hand', 10, 'width.0');
    expect(recompute(w)).toBeCloseTo(w.value, 12);
    expect(w.expression.startsWith('min(')).toBe(school === 'shop');
  }
  const study = prepareStudy(briefs.find((b) => b.title.startsWith('Hand controller'))!);
  const of = new StudyWorkings(study, 500);
  const pour = of.working('pressure-die/cold', 'clampOfPour');
  expect(pour.symbols.map((s) => s.opens)).toContain('clamp');
  expect(of.working('pressure-die/cold', 'clamp').value).toBe(pour.symbols.find((s) => s.opens === 'clamp')?.value);
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
    ['published', 'ct + (parting + shift)'],
    ['shop', 'min(ct, base + perMm * max(0, nominal - upTo)) + (parting + shift)'],
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
          // The tight grade is the limit of what may not be cut; everything else is given by the working's value.
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

test('days in hand are what lies between the day asked and the day begun on which the pieces exist', () => {
  for (const [day, asked, spare] of [
    [40, 41, 1],
    [40.2, 41, 0],
    [40.2, 30, -11],
  ] as const) {
    const w = spareWorking({ name: 'first lot', pieces: 300 }, day, asked);
    expect([w.value, recompute(w)]).toEqual([spare, spare]);
    expect(w.symbols.map((s) => s.opens)).toEqual([null, dayOfThe(300)]);
  }
});
