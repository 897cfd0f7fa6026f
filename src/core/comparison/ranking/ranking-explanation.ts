import { plainMoney, weeks, type Board } from '../board';
import { shortName } from '../../catalogue/routes';
import { figure, explain, type Explanation } from '../../explanation';
import { differenceTo } from '../../study/workings';
import type { RankingMethod } from './rankings';

/** What a school goes by, in words. */
export const RANKING_WORDS: Readonly<Record<RankingMethod, string>> = {
  cost: 'least total cost',
  soonest: 'soonest good parts',
  spare: 'widest margin',
  regret: 'least regret over the range of demand',
  weighted: 'team weights',
};

/**
 * What comes first by the ranking method that leads a study, beside the cheapest. Its figures open.
 * @param school other than least cost, of which the verdict tells
 * @param led the lane it puts first
 * @param currency code of the study's currency
 * @example
 * rankingExplanation(board, 'cost', board.leader, 'USD').length > 0 // true
 */
export function rankingExplanation(board: Board, school: RankingMethod, led: string, currency: string): Explanation {
  const by = `By ${RANKING_WORDS[school]}, the method of this study,`;
  if (led === board.leader) return explain`${by} it comes first too.`;
  const lane = board.lanes.find((l) => l.id === led);
  const cheapest = board.lanes.find((l) => l.id === board.leader);
  let explanation = explain`${by} ${shortName(led)} comes first`;
  if (lane?.money == null) return explain`${explanation}.`;
  explanation = explain`${explanation}: ${figure(plainMoney(lane.money.allIn, currency), led, 'allIn')} per part`;
  if (cheapest?.money != null) {
    const more = plainMoney(lane.money.allIn - cheapest.money.allIn, currency);
    explanation = explain`${explanation}, ${figure(more, led, differenceTo('allIn', cheapest.id))} more than the cheapest`;
  }
  return lane.dates === null
    ? explain`${explanation}.`
    : explain`${explanation}; first good parts in ${figure(weeks(lane.dates.firstArticle_d), led, 'firstArticle')}.`;
}
