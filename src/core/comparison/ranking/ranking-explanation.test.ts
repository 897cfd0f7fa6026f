import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { boardAt } from '../board';
import { prepareStudy } from '../../study';
import { StudyWorkings } from '../../phased-plans';
import { lifetimeQuantity } from '../../brief';
import { plain } from '../../explanation';
import { briefOf } from '../../testing/demo-briefs';
import { RANKING_METHODS, FIRST_WEIGHTS, firstOf, rankingExplanation, rankingsAt } from '.';

describe.each(QUILLMERE_PARTS.map(briefOf).map((b) => [b.title, b] as const))('what leads the %s', (_, brief) => {
  const study = prepareStudy(brief);
  const q = lifetimeQuantity(brief) ?? 1000;
  const board = boardAt(study, q, '2027-01-04');
  const rankings = rankingsAt(study, board, FIRST_WEIGHTS);
  const of = new StudyWorkings(study, q);

  test.each(RANKING_METHODS.filter((s) => s !== 'cost'))('by %s, with figures that open', (school) => {
    const led = rankings === null ? null : firstOf(rankings, school);
    if (led === null) return void expect(board.leader).toBeNull();
    const explanation = rankingExplanation(board, school, led, 'USD');
    const figures = explanation.filter((p) => typeof p !== 'string');
    if (led === board.leader) {
      expect(plain(explanation)).toMatch(/, the method of this study, it comes first too\.$/);
      expect(figures).toEqual([]);
      return;
    }
    // A part, how much more than the cheapest, and the first good parts.
    expect(figures).toHaveLength(3);
    for (const f of figures) {
      const { value } = of.working(f.laneId, f.figure ?? '');
      const shown = Number(/[\d\u202f.]+/.exec(f.text)![0].replaceAll('\u202f', ''));
      expect(Math.abs(shown - (f.text.includes('week') ? value / 7 : value)), plain(explanation)).toBeLessThanOrEqual(
        0.51,
      );
    }
    expect(of.working(led, figures[1]!.figure ?? '').value).toBeGreaterThan(0);
  });
});
