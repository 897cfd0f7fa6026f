import type { LaneModel, LayoutPlan, OfInputs } from '../cost';
import type { Working } from '../equations';
import { refuse } from '../base/errors';
import type { Touch } from '../rates';
import { daysWithHolidays } from './closures';
import {
  APPROVAL,
  AWAY,
  DAY_OF,
  FIRST_ARTICLE,
  FIRST_ARTICLE_SHUT,
  GOOD_A_CALENDAR_DAY,
  TOOL_LEAD,
  YEAR_WORKDAYS,
} from './equations/days';
import { CAPS, GOOD_A_DAY, HAND_POUR, HOURS, LOAD, PASS, SAMPLES, STARTS_A_DAY } from './equations/floor';
import { CREW_HOURS, STATION_HOURS, STEP_DAYS, WAIT, WORK } from './equations/steps';
import { TOUCHES } from './equations/touches';
import { AWAY_STEP, dayOf, NO_APPROVAL_UP_TO, stepsOf, usesOf, type LaneTime } from './lane-time';

/** A lane's time at one layout and quantity, with all that any of its equations reads. */
export interface TimeCase extends OfInputs {
  readonly model: LaneModel;
  readonly plan: LayoutPlan;
  readonly time: LaneTime;
  /** Pieces of the programme. */
  readonly q: number;
}

/** Days that holidays of the rate set add to a stretch from the order. */
const shutDays = ({ model: { facts, rates } }: TimeCase, days: number): number =>
  daysWithHolidays(facts.brief.quantity.orderDate, days, rates.calendar) - days;

const firstArticle = (c: TimeCase): Working => {
  const { firstArticle_d, toolLead_wd, pass_d } = c.time;
  const shut_d = shutDays(c, firstArticle_d);
  if (shut_d > 0) return FIRST_ARTICLE_SHUT.working({ ...c, firstArticle_d, shut_d });
  return { ...FIRST_ARTICLE.working({ ...c, toolLead_wd, pass_d }), title: 'First article' };
};

/** The day by which so many good pieces exist, with its holidays. @param N whole, from 1 to the programme */
function dayWorking(c: TimeCase, N: number): Working {
  if (!(Number.isInteger(N) && N >= 1 && N <= c.q)) return refuse('E_RANGE', 'pieces', N, `whole, from 1 to ${c.q}`);
  const shut_d = shutDays(c, dayOf(c.time, N, c.q));
  return DAY_OF.working({ ...c, N, free: c.q <= NO_APPROVAL_UP_TO, shut_d });
}

const WORKINGS: Readonly<Record<string, (c: TimeCase) => Working>> = {
  firstArticle,
  firstArticleBare: (c) => FIRST_ARTICLE.working({ ...c, toolLead_wd: c.time.toolLead_wd, pass_d: c.time.pass_d }),
  toolLead: (c) => TOOL_LEAD.working(c),
  pass: (c) =>
    PASS.working({
      ...c,
      hours: c.time.hoursPerDay,
      list: c.time.steps.map((s, i) => ({
        symbol: `d${i + 1}`,
        meaning: `${s.name}: ${s.touch_h.toFixed(2)} h at work, ${s.wait_h.toFixed(1)} h waiting, ${s.handover_d} working days handed on`,
        value: s.days,
        opens: s.id === AWAY_STEP ? 'away' : `step.${s.id}`,
      })),
    }),
  lastPart: (c) => ({ ...dayWorking(c, c.q), title: `Day of the last of ${c.q} pieces` }),
  yearWorkdays: (c) => {
    const { perYear } = c.model.facts.brief.quantity;
    if (perYear === null) return refuse('E_NO_VALUE', 'quantity.perYear', null, 'pieces a year in the brief');
    return YEAR_WORKDAYS.working({ ...c, perYear, goodPerDay: c.time.goodPerDay });
  },
  goodPerCalendarDay: (c) => {
    const { goodPerDay, calendarPerWorkday } = c.time;
    return GOOD_A_CALENDAR_DAY.working({ ...c, goodPerDay, calendarPerWorkday });
  },
  goodPerDay: (c) =>
    GOOD_A_DAY.working({
      ...c,
      nB: c.model.settled.nB,
      bottleneck: c.time.bottleneck,
      list: c.time.resources.map((r) => ({
        symbol: `day_${r.id}`,
        meaning: CAPS[r.id] ?? `castings a day that ${r.id} allows`,
        value: r.startsPerDay,
        opens: `shop.${r.id}`,
      })),
    }),
  hours: (c) => HOURS.working(c),
  handPour: (c) => HAND_POUR.working(c),
  away: (c) => AWAY.working(c),
  approve: (c) => APPROVAL.working(c),
  samples: (c) => SAMPLES.working({ ...c, nB: c.model.settled.nB }),
};

function ofStep(c: TimeCase, id: string) {
  const steps = stepsOf(c.model, c.plan);
  const found = steps.find((s) => s.step.id === id);
  return found === undefined
    ? refuse('E_KEY', 'step', id, steps.map((s) => s.step.id).join(' | '))
    : { ...c, ...found, hours: c.time.hoursPerDay };
}

/** Figures of which a lane has several, named by their id after a point: a step, a touch, a shop, a day. */
const ONE_OF: Readonly<Record<string, (c: TimeCase, id: string) => Working>> = {
  step: (c, id) => STEP_DAYS.working(ofStep(c, id)),
  work: (c, id) => WORK.working(ofStep(c, id)),
  wait: (c, id) => WAIT.working(ofStep(c, id)),
  crewed: (c, id) => CREW_HOURS.working(ofStep(c, id)),
  held: (c, id) => STATION_HOURS.working(ofStep(c, id)),
  touch: (c, id) =>
    id in TOUCHES ? TOUCHES[id as Touch].working(c) : refuse('E_KEY', 'touch', id, Object.keys(TOUCHES).join(' | ')),
  shop: (c, id) => {
    const shop = c.time.resources.find((r) => r.id === id);
    if (shop === undefined) return refuse('E_KEY', 'shop', id, c.time.resources.map((r) => r.id).join(' | '));
    return STARTS_A_DAY.working({ ...c, shop, hours: c.time.hoursPerDay });
  },
  load: (c, id) => {
    const steps = stepsOf(c.model, c.plan);
    const list = usesOf(c.model, c.plan, steps)
      .filter((u) => u.shop === id)
      .map((u, i) => ({
        symbol: `t${i + 1}`,
        meaning: `${steps.find((s) => s.step.id === u.step)?.step.name ?? u.step}, ${u.by === 'crew' ? 'at work' : 'held'}`,
        value: u.hours,
        opens: `${u.by === 'crew' ? 'crewed' : 'held'}.${u.step}`,
      }));
    return LOAD.working({ ...c, shopId: id, list });
  },
  day: (c, pieces) => dayWorking(c, Number(pieces)),
};
const ONE_OF_FIGURE = /^([a-z]+)\.(.+)$/;

/** Figures of a lane's time that have a working, those of one of several left out. */
export const TIME_FIGURES: readonly string[] = Object.keys(WORKINGS);

/**
 * Whether a figure is one of a lane's time, by its name alone.
 *
 * @example
 * isTimeFigure('firstArticle') // true
 */
export const isTimeFigure = (figure: string): boolean =>
  figure in WORKINGS || (ONE_OF_FIGURE.exec(figure)?.[1] ?? '') in ONE_OF;

/**
 * The working of a figure of a lane's time; null for a figure that is none.
 *
 * @example
 * timeWorking(context, 'firstArticle').unit // 'days from the order'
 */
export function timeWorking(c: TimeCase, figure: string): Working | null {
  const whole = WORKINGS[figure];
  if (whole !== undefined) return { ...whole(c), figure };
  const [, kind = '', id = ''] = ONE_OF_FIGURE.exec(figure) ?? [];
  const one = ONE_OF[kind];
  return one === undefined ? null : { ...one(c, id), figure };
}

/**
 * Name of the day by which so many good pieces exist: of a lane, a baseline or a plan.
 *
 * @example
 * dayOfThe(500) // 'day.500'
 */
export const dayOfThe = (pieces: number): string => `day.${pieces}`;
