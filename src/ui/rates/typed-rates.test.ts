import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt, leaderAt, ribbon } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { ownRates, rateEntries, refusedFigure, SHIPPED_RATES, type OwnFigure } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { readFigure, unitIn } from '../fields/numbers';
import { figureWords } from './rate-words';
import { readTyped, textsOf } from './use-draft';

const ENTRIES = rateEntries(SHIPPED_RATES);
const shape = bracket().geometry;
/** A plain bracket, a heavy one with undercuts, a small one of zinc by the hundred thousand. */
const BRIEFS = [
  bracket(),
  bracket({
    geometry: { ...shape, volume_cm3: 2400, area_cm2: 5600, box_mm: [540, 170, 110], undercuts: 2, passages: 1 },
  }),
  bracket({
    alloy: 'zn-za8',
    geometry: { ...shape, volume_cm3: 9, area_cm2: 80 },
    quantity: { perYear: 90_000, years: 4 },
  }),
];

/** What a hand may type into a box: figures in every spelling, and what is none. */
const typed = fc.oneof(
  fc.double({ min: 0, max: 1e7, noNaN: true }).map(String),
  fc.nat(100_000).map((n) => n.toLocaleString('en-GB').replaceAll(',', ' ')),
  fc.tuple(fc.nat(999), fc.nat(99)).map(([a, b]) => `${a},${b}`),
  fc.constantFrom(
    '',
    '-',
    '−3',
    '1e',
    '1e9',
    '0',
    '00,5',
    '.5',
    '5.',
    '1.2.3',
    'abc',
    '12 h',
    '0x1f',
    '∞',
    'NaN',
    ' 7 ',
  ),
  fc.string({ maxLength: 8 }),
);
const entry = fc.nat(ENTRIES.length - 1).map((i) => ENTRIES[i]!);

describe('a rate set edited key by key', () => {
  test('after every key the board can be worked out, or the box says what is wrong with it', () => {
    let accepted = 0;
    let refused = 0;
    fc.assert(
      fc.property(
        entry,
        fc.nat(2),
        typed,
        fc.nat(BRIEFS.length - 1),
        fc.integer({ min: 1, max: 20_000 }),
        (e, box, text, b, q) => {
          const before = textsOf(e.value, e.unit, 'si');
          const at = Math.min(box, before.length - 1);
          for (let n = 0; n <= text.length; n++) {
            const boxes = before.map((t, i) => (i === at ? text.slice(0, n) : t));
            const numbers = boxes.map((t) => readFigure(t, null, 'si'));
            const value = typeof e.value === 'number' ? numbers[0] : numbers;
            const refusal = refusedFigure(e, value);
            if (refusal !== null) {
              refused++;
              expect(refusal.length).toBeGreaterThan(5);
              continue;
            }
            accepted++;
            const rates = ownRates(SHIPPED_RATES, 'typed', 'Typed', {
              figures: { [e.path]: value as OwnFigure },
              holidays: [],
            });
            expect(figureWords(value as OwnFigure)).not.toMatch(/NaN|undefined/);
            const study = prepareStudy(BRIEFS[b]!, 'published', rates);
            const board = boardAt(study, q);
            for (const lane of board.lanes)
              if (lane.money !== null) {
                expect(Number.isFinite(lane.money.total), `${e.path} “${text.slice(0, n)}”: ${lane.id}`).toBe(true);
                expect(lane.money.total).toBeGreaterThanOrEqual(0);
              }
          }
        },
      ),
      { numRuns: 120 },
    );
    expect(accepted).toBeGreaterThan(50);
    expect(refused).toBeGreaterThan(50);
  });

  test.each(['si', 'inch'] as const)('what is shown of a shipped figure in %s reads back as that figure', (units) => {
    for (const e of ENTRIES) {
      const boxes = textsOf(e.value, e.unit, units);
      const value = readTyped(e, { units, boxes });
      expect(value, e.path).toEqual(e.value);
      expect(refusedFigure(e, value), e.path).toBeNull();
    }
  });

  test('a figure typed in inches and pounds is stored in the unit of its table', () => {
    const inches = ENTRIES.filter((e) => unitIn(e.unit, 'inch') !== e.unit);
    expect(inches.length).toBeGreaterThan(50);
    for (const e of inches) {
      if ([e.value].flat().every((x) => x === 0)) continue;
      const boxes = textsOf(e.value, e.unit, 'inch').map((text) => String(2 * Number(text)));
      const value = readTyped(e, { units: 'inch', boxes }) as OwnFigure;
      expect(textsOf(value, e.unit, 'inch').map(Number), e.path).toEqual(
        boxes.map((text) => Number(Number(text).toPrecision(6))),
      );
      expect(textsOf(value, e.unit, 'si')).not.toEqual(boxes);
    }
  });

  test('several rates changed at once: every quantity of the ribbon still has its leader or none', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(entry, fc.double({ min: 0.2, max: 5, noNaN: true })), { minLength: 1, maxLength: 12 }),
        fc.nat(BRIEFS.length - 1),
        (changes, b) => {
          const figures: Record<string, OwnFigure> = {};
          for (const [e, times] of changes) {
            const value = typeof e.value === 'number' ? e.value * times : (e.value.map((x) => x * times) as never);
            if (refusedFigure(e, value) === null) figures[e.path] = value;
          }
          const study = prepareStudy(
            BRIEFS[b]!,
            'published',
            ownRates(SHIPPED_RATES, 'typed', 'Typed', { figures, holidays: [] }),
          );
          const ids = new Set(study.lanes.map((l) => l.lane.id));
          for (const { q, laneId } of ribbon(study, 40)) {
            expect(leaderAt(study, q)).toBe(laneId);
            if (laneId !== null) expect(ids).toContain(laneId);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});
