import type { Study } from '../types';
import { refuse } from '../../base/errors';
import { shortName } from '../../catalogue/routes';
import { computed, fromBrief, type Working } from '../../equations';
import { COMPARED, TODAY, type Compared } from './difference-names';

const WORDS: Readonly<Record<Compared, string>> = {
  allIn: 'total cost per part',
  total: 'total of the programme',
  tooling: 'tooling',
  firstArticle: 'first article',
};

/**
 * The working of a difference.
 * @param value gives a figure of a lane or baseline at the quantity asked for
 * @throws {CoreError} E_KEY for a figure that is not compared, E_NO_VALUE when the brief says no cost of today
 * @example
 * differenceWorking(study, board.leader, 'diff.allIn.machined', (id, figure) => workings.working(id, figure)).expression // 'a - b'
 */
export function differenceWorking(
  study: Study,
  laneId: string,
  figure: string,
  value: (id: string, figure: string) => Working,
): Omit<Working, 'figure'> {
  if (figure === TODAY) {
    const today = study.brief.today.cost_USD;
    if (today === null) return refuse('E_NO_VALUE', 'today.cost_USD', null, 'what a part costs today');
    const mine = value(laneId, 'allIn');
    return {
      title: 'Under what a part costs today',
      equation: 'A difference',
      expression: 'today - a',
      value: today - mine.value,
      unit: mine.unit,
      symbols: [
        fromBrief('today', 'what a part costs today', today, mine.unit, 'today.cost_USD'),
        computed('a', `total cost per part, ${shortName(laneId)}`, mine.value, mine.unit, 'allIn'),
      ],
      note: `${share(today - mine.value, today)} of what it costs today.`,
    };
  }
  const [, name = '', other = ''] = /^diff\.([a-zA-Z]+)\.(.+)$/.exec(figure) ?? [];
  const what = COMPARED.find((c) => c === name);
  if (what === undefined) return refuse('E_KEY', 'figure', figure, COMPARED.map((c) => `diff.${c}.LANE`).join(' | '));
  const mine = value(laneId, what);
  const theirs = value(other, what);
  return {
    title: `Against ${shortName(other)}: ${WORDS[what]}`,
    equation: 'A difference',
    expression: 'a - b',
    value: mine.value - theirs.value,
    unit: mine.unit === 'days from the order' ? 'days' : mine.unit,
    symbols: [
      computed('a', `${WORDS[what]}, ${shortName(laneId)}`, mine.value, mine.unit, what),
      { ...computed('b', `${WORDS[what]}, ${shortName(other)}`, theirs.value, theirs.unit, what), opensLane: other },
    ],
    note:
      theirs.value > 0 && mine.value > 0
        ? `${share(mine.value - theirs.value, theirs.value)} of b, ${share(mine.value - theirs.value, mine.value)} of a.`
        : null,
  };
}

/** A share as "+12 %" with a real minus. */
function share(part: number, whole: number): string {
  const percent = Math.round((100 * part) / whole);
  return `${percent < 0 ? '\u2212' : '+'}${Math.abs(percent)} %`;
}
