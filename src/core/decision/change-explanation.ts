import { computedFigure, type ExplainedFigure } from '../explanation';
import { computed } from '../equations';

const PERCENT = 100;

/**
 * How late the first article of a lane comes after the first delivery asked for, in whole days begun, with its working.
 * @param firstArticle_d days from the order; @param slack_d days it has to spare: below 0
 * @param at whose figure it is, where a sentence tells of two studies
 */
export function lateFirst(
  laneId: string,
  firstArticle_d: number,
  slack_d: number,
  at?: ExplainedFigure['at'],
): ExplainedFigure {
  const value = Math.ceil(-slack_d);
  const explanation = computedFigure(`${value} ${value === 1 ? 'day' : 'days'}`, laneId, {
    figure: 'firstArticle.late',
    title: 'How late the first article comes',
    equation: 'Days to the first article, less the days to the first delivery asked for, begun days counted whole',
    expression: 'ceil(D - d)',
    value,
    unit: 'days',
    symbols: [
      computed('D', 'first article', firstArticle_d, 'days from the order', 'firstArticle'),
      {
        ...computed('d', 'first delivery asked for', firstArticle_d + slack_d, 'days from the order'),
        source: 'brief',
      },
    ],
    note: null,
  });
  return at === undefined ? explanation : { ...explanation, at };
}

/** By how many percent a part has become dearer since it was signed, with its working. @param code of both moneys */
export function dearerBy(laneId: string, before: number, now: number, code: string): ExplainedFigure {
  const value = Math.round(PERCENT * (now / before - 1));
  return {
    ...computedFigure(`${value} %`, laneId, {
      figure: 'allIn.dearer',
      title: 'How much more expensive a part has become',
      equation: 'Total cost today over total cost when signed, less 1, in whole percent',
      expression: '100 * (now / before - 1)',
      value: PERCENT * (now / before - 1),
      unit: '%',
      symbols: [
        computed('now', 'total cost per part, at today’s rates', now, code, 'allIn'),
        computed('before', 'total cost per part, when it was signed', before, code),
      ],
      note: null,
    }),
    at: 'today',
  };
}
