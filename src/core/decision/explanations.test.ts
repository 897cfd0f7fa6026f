import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { boardAt, crossings, verdictSentence, verdictExplanation } from '../comparison/board';
import { prepareStudy } from '../study';
import { lifetimeQuantity } from '../brief';
import { plain, type ExplainedFigure } from '../explanation';
import { bracket, briefOf } from '../testing/demo-briefs';
import { toldNumber } from '../testing/told';
import { workingOf } from '../study/workings';
import { laneCase } from '.';

const figuresOf = (explanation: readonly (string | ExplainedFigure)[]): ExplainedFigure[] =>
  explanation.filter((piece) => typeof piece !== 'string');

const briefs = [
  ...QUILLMERE_PARTS.map(briefOf),
  bracket({ quantity: { perYear: 8000, years: 5, lot: 1000, demand: [10, 8000, 9000] }, today: { cost_USD: 900 } }),
];

describe.each(briefs.map((b) => [b.title, b] as const))('%s', (_, brief) => {
  const study = prepareStudy(brief);
  const all = crossings(study);
  const code = study.rates.currency.code;

  test('every money and time figure of verdict and case is the value of the working it opens', () => {
    let checked = 0;
    for (const q of [1, 60, lifetimeQuantity(brief) ?? 2000, 100_000]) {
      const board = boardAt(study, q, '2027-01-04');
      const cases = board.lanes.flatMap((lane) => laneCase(study, board, lane.id) ?? []);
      const sentences = [
        verdictExplanation(board, all, code),
        ...cases.flatMap((c) => [...c.for, ...c.against].map((a) => a.explanation)),
      ];
      for (const f of sentences.flatMap(figuresOf)) {
        if (f.figure === null) {
          expect(study.lanes.some((e) => e.lane.id === f.laneId)).toBe(true);
          continue;
        }
        const w = f.working ?? workingOf(study, f.laneId, f.q ?? q, f.figure);
        if (![code, 'week', 'day'].some((unit) => f.text.includes(unit))) continue;
        const { value, slack } = toldNumber(f.text);
        for (const { opens, value: inner } of f.working?.symbols ?? [])
          if (opens !== null) expect(workingOf(study, f.laneId, q, opens).value).toBeCloseTo(inner, 9);
        expect(
          Math.abs(value - (f.text.includes('week') ? w.value / 7 : w.value)),
          `${f.text} opens ${f.figure} of ${f.laneId} at ${f.q ?? q}`,
        ).toBeLessThanOrEqual(slack);
        checked++;
      }
    }
    expect(checked).toBeGreaterThan(20);
  });

  test('what is told and what is written are the same words', () => {
    for (const q of [1, 60, 100_000]) {
      const board = boardAt(study, q);
      expect(plain(verdictExplanation(board, all, code))).toBe(verdictSentence(board, all, code));
      for (const lane of board.lanes)
        for (const a of laneCase(study, board, lane.id)?.against ?? []) expect(plain(a.explanation)).toBe(a.text);
    }
  });

  test('where the verdict says that the lead ends, the two totals do change their order', () => {
    const board = boardAt(study, lifetimeQuantity(brief) ?? 2000);
    for (const f of figuresOf(verdictExplanation(board, all, code)).filter((x) => x.q !== undefined)) {
      const at = f.q ?? 0;
      expect(workingOf(study, f.laneId, at, f.figure ?? '').value).toBeLessThanOrEqual(0);
      expect(workingOf(study, f.laneId, at - 1, f.figure ?? '').value).toBeGreaterThan(0);
    }
  });
});

test('a difference says how much of the other it is, and refuses what is not compared', () => {
  const study = prepareStudy(bracket({ today: { cost_USD: 900 } }));
  const w = workingOf(study, 'green-sand/bench', 500, 'diff.allIn.machined');
  expect(w.value).toBeCloseTo(
    workingOf(study, 'green-sand/bench', 500, 'allIn').value - workingOf(study, 'machined', 500, 'allIn').value,
    9,
  );
  expect(w.note).toMatch(/^[+\u2212]\d+ % of b, [+\u2212]\d+ % of a\.$/);
  expect(w.symbols.map((s) => [s.opens, s.opensLane])).toEqual([
    ['allIn', null],
    ['allIn', 'machined'],
  ]);
  expect(workingOf(study, 'green-sand/bench', 500, 'underToday').symbols[0]?.path).toBe('today.cost_USD');
  expect(() => workingOf(study, 'green-sand/bench', 500, 'diff.mass.machined')).toThrow(/E_KEY/);
  expect(() => workingOf(study, 'green-sand/bench', 500, 'diff.allIn.no-such')).toThrow(/E_KEY/);
  expect(() => workingOf(prepareStudy(bracket()), 'green-sand/bench', 500, 'underToday')).toThrow(/E_NO_VALUE/);
});
