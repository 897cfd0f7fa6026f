import {
  APPROVAL,
  AWAY,
  DAY_OF,
  FIRST_ARTICLE,
  FIRST_ARTICLE_SHUT,
  GOOD_A_CALENDAR_DAY,
  TOOL_LEAD,
  YEAR_WORKDAYS,
} from './days';
import { GOOD_A_DAY, HAND_POUR, HOURS, LOAD, PASS, SAMPLES, STARTS_A_DAY } from './floor';
import { CREW_HOURS, STATION_HOURS, STEP_DAYS, WAIT, WORK } from './steps';
import { TOUCHES } from './touches';

/** Every equation of a lane's time, in the order of the model's sections. */
export const TIME_EQUATIONS = [
  HOURS,
  ...Object.values(TOUCHES),
  ...[WORK, WAIT, STEP_DAYS, AWAY, PASS],
  ...[CREW_HOURS, STATION_HOURS, LOAD, HAND_POUR, STARTS_A_DAY, GOOD_A_DAY, SAMPLES],
  ...[TOOL_LEAD, FIRST_ARTICLE, FIRST_ARTICLE_SHUT, APPROVAL, DAY_OF, GOOD_A_CALENDAR_DAY, YEAR_WORKDAYS],
] as const;
