import { plainMoney, weeks, type Board } from '../board';
import { shortName } from '../../catalogue/routes';
import { figure, tell, type Telling } from '../../explanation';
import { differenceTo } from '../../study/workings';
import type { ChoiceSchool } from './schools';

/** What a school goes by, in words. */
export const SCHOOL_WORDS: Readonly<Record<ChoiceSchool, string>> = {
  cost: 'least programme cost',
  soonest: 'soonest good parts',
  spare: 'most room to spare',
  regret: 'least regret over the demand',
  weighted: 'the team’s weights',
};

/**
 * What comes first by the school that leads a study, beside the cheapest. Its figures open.
 * @param school other than least cost, of which the verdict tells
 * @param led the lane it puts first
 * @param currency code of the study's currency
 */
export function ledTold(board: Board, school: ChoiceSchool, led: string, currency: string): Telling {
  const by = `By ${SCHOOL_WORDS[school]}, which leads this study,`;
  if (led === board.leader) return tell`${by} it comes first too.`;
  const lane = board.lanes.find((l) => l.id === led);
  const cheapest = board.lanes.find((l) => l.id === board.leader);
  let told = tell`${by} ${shortName(led)} comes first`;
  if (lane?.money == null) return tell`${told}.`;
  told = tell`${told}: ${figure(plainMoney(lane.money.allIn, currency), led, 'allIn')} a part`;
  if (cheapest?.money != null) {
    const more = plainMoney(lane.money.allIn - cheapest.money.allIn, currency);
    told = tell`${told}, ${figure(more, led, differenceTo('allIn', cheapest.id))} more than the cheapest`;
  }
  return lane.dates === null
    ? tell`${told}.`
    : tell`${told}; first good parts in ${figure(weeks(lane.dates.firstArticle_d), led, 'firstArticle')}.`;
}
