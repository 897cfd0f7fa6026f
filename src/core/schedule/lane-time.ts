import type { LaneModel, LayoutPlan } from '../cost';
import { likely } from '../base/figures';
import type { StepRates } from '../rates';
import { APPROVAL, AWAY, buysCores, DAY_OF, FIRST_ARTICLE, TOOL_LEAD } from './equations/days';
import {
  CAPS,
  GOOD_A_DAY,
  HOURS,
  LOAD,
  PASS,
  SAMPLES,
  STARTS_A_DAY,
  type Shop,
  type FloorContext,
} from './equations/floor';
import { CREW_HOURS, isHanded, STATION_HOURS, STEP_DAYS, WAIT, WORK } from './equations/steps';
import { TOUCHES } from './equations/touches';

/** One step of a lane on the floor, with the days it adds to the pass. */
export interface StepTime {
  readonly id: string;
  readonly name: string;
  /** Touch of the first pour, hours of elapsed work. */
  readonly touch_h: number;
  /** Waiting, hours, through the night. */
  readonly wait_h: number;
  /** Working days lost handing on. */
  readonly handover_d: number;
  /** Calendar days. */
  readonly days: number;
  readonly crew: string | null;
  readonly station: string | null;
  readonly overlaps: readonly string[];
}

/** How many castings a day one resource allows to be started. */
export interface ResourceLoad {
  readonly id: string;
  /** Hours per casting started; null for a cap. */
  readonly load_h: number | null;
  readonly startsPerDay: number;
}

/** The calendar of one lane at the layout its money chose. Days are calendar days from the order unless said. */
export interface LaneTime {
  readonly steps: readonly StepTime[];
  /** Hours a working day (h). */
  readonly hoursPerDay: number;
  /** Order on the floor to first good castings in the box. */
  readonly pass_d: number;
  /** Tool lead, working days. */
  readonly toolLead_wd: number;
  /** First article (D₁). */
  readonly firstArticle_d: number;
  readonly approve_d: number;
  /** Good pieces a working day, and what sets it. */
  readonly goodPerDay: number;
  readonly bottleneck: string;
  readonly resources: readonly ResourceLoad[];
  /** Good samples that come with the first article (k). */
  readonly samples: number;
  readonly calendarPerWorkday: number;
}

/** A programme of this many pieces or fewer waits for no approval (time model, T11). */
export const NO_APPROVAL_UP_TO = 20;

/** Id of the stretch a lot spends at coats and containment, which joins its pass. */
export const AWAY_STEP = 'away';

/** Rules of which a special one wants a shop with a furnace sized to its machine (T7b). */
const OF_MACHINE: ReadonlySet<string> = new Set(['dr-mass-max', 'dr-size-max', 'dr-clamp', 'pour-mass']);

/** One step that a lane goes through, with what its time is made of. */
export interface StepOnFloor {
  readonly step: StepRates;
  /** Minutes at work, a piece or a pour as the step says. */
  readonly touch_min: number;
  /** Hours at work for the first pour. */
  readonly work_h: number;
  /** Hours waiting, with its repeats. */
  readonly wait_h: number;
}

/**
 * The steps of a lane that this part goes through, in order (equations T2, T3).
 *
 * @example
 * stepsOf(model, cost.plan).length > 0 // true
 */
export function stepsOf(model: LaneModel, plan: LayoutPlan): StepOnFloor[] {
  const of = { model, plan };
  return model.v.time.steps
    .filter((step) => !skipped(step, model))
    .map((step) => coredBy(step, model))
    .map((step) => {
      const touch_min = step.touch === null ? 0 : TOUCHES[step.touch].value(of);
      const ofStep = { model, plan, step, touch_min };
      return { step, touch_min, work_h: WORK.value(ofStep), wait_h: WAIT.value(ofStep) };
    });
}

/** The step with whoever makes its cores: the caster himself where the brief says so (T3b). */
function coredBy(step: StepRates, { facts, v }: LaneModel): StepRates {
  if (step.touch !== 'core' || facts.brief.cores?.maker !== 'caster') return step;
  const own = v.mould === 'die' ? 'cycleTouch' : 'mould';
  const crew = v.time.steps.find((s) => s.touch === own)?.crew ?? step.crew;
  return { ...step, crew };
}

/** Hours that each step takes its crew and holds its station, a casting started (equation T6). */
export interface Use {
  readonly step: string;
  readonly shop: string;
  readonly by: 'crew' | 'station';
  readonly hours: number;
}

/** What the steps of a lane take of its crews and stations. */
export function usesOf(model: LaneModel, plan: LayoutPlan, steps: readonly StepOnFloor[]): Use[] {
  const out: Use[] = [];
  for (const { step, touch_min, wait_h } of steps) {
    const of = { model, plan, step, touch_min, wait_h };
    if (step.crew !== null && touch_min > 0)
      out.push({ step: step.id, shop: step.crew, by: 'crew', hours: CREW_HOURS.value(of) });
    if (step.station === undefined || step.holds === undefined || step.holds === 'none') continue;
    const held = step.holds === 'both' ? plan.cycle_s : wait_h;
    if (held > 0) out.push({ step: step.id, shop: step.station, by: 'station', hours: STATION_HOURS.value(of) });
  }
  return out;
}

/** Figures shown together, as a list of an equation takes them. */
const contextOf = (value: number): FloorContext => ({ symbol: '', meaning: '', opens: '', value });

/**
 * The time model for one lane and layout (equations T1 to T11); touch minutes are those the money pays for.
 *
 * @example
 * laneTime(model, cost.plan).firstArticle_d > 0 // true
 */
export function laneTime(model: LaneModel, plan: LayoutPlan): LaneTime {
  const { rates } = model;
  const hours = HOURS.value({ model });
  const handover = likely(rates.calendar.handover);
  const floor = stepsOf(model, plan);
  const steps = floor.map(({ step, touch_min, work_h, wait_h }): StepTime => {
    const days = STEP_DAYS.value({ model, plan, step, touch_min, work_h, wait_h, hours });
    return {
      id: step.id,
      name: step.name,
      touch_h: work_h,
      wait_h,
      handover_d: isHanded(step) ? handover : 0,
      days,
      crew: step.crew,
      station: step.station ?? null,
      overlaps: step.overlaps,
    };
  });
  const away_d = model.coats.length + model.hazards.length > 0 || model.grain !== null ? AWAY.value({ model }) : 0;
  if (away_d > 0)
    steps.push({
      id: AWAY_STEP,
      name: 'coating and containment',
      touch_h: 0,
      wait_h: 24 * away_d,
      handover_d: 0,
      days: away_d,
      crew: null,
      station: null,
      overlaps: [],
    });
  const uses = usesOf(model, plan, floor);
  const startsOf = (shop: Shop): ResourceLoad => ({
    ...shop,
    startsPerDay: STARTS_A_DAY.value({ model, plan, shop, hours }),
  });
  const resources = [
    ...Array.from(new Set(uses.map((u) => u.shop)), (id) =>
      startsOf({
        id,
        load_h: LOAD.value({ shopId: id, list: uses.filter((u) => u.shop === id).map((u) => contextOf(u.hours)) }),
      }),
    ),
    ...capsOf(model).map((id) => startsOf({ id, load_h: null })),
  ];
  const tightest = resources.reduce((p, n) => (n.startsPerDay < p.startsPerDay ? n : p));
  const { nB } = model.settled;
  const pass_d = PASS.value({ list: steps.map((s) => contextOf(s.days)) });
  const toolLead_wd = TOOL_LEAD.value({ model, plan });
  return {
    steps,
    hoursPerDay: hours,
    pass_d,
    toolLead_wd,
    firstArticle_d: FIRST_ARTICLE.value({ model, toolLead_wd, pass_d }),
    approve_d: APPROVAL.value({ model }),
    goodPerDay: GOOD_A_DAY.value({ list: resources.map((r) => contextOf(r.startsPerDay)), nB }),
    bottleneck: tightest.id,
    resources,
    samples: SAMPLES.value({ plan, nB }),
    calendarPerWorkday: likely(rates.calendar.calendarPerWorkday),
  };
}

/**
 * Day by which N good pieces exist (T11), calendar days from the order.
 * @param programme pieces of the whole programme: 20 or fewer wait for no approval
 * @example
 * dayOf(laneTime(model, cost.plan), 500, 500) >= dayOf(laneTime(model, cost.plan), 1, 500) // true
 */
export function dayOf(time: LaneTime, N: number, programme: number): number {
  // The samples come with the first article, whatever the run gives a day.
  if (N <= time.samples) return time.firstArticle_d;
  return DAY_OF.value({ time, N, free: programme <= NO_APPROVAL_UP_TO, shut_d: 0 });
}

/** The caps of a lane: where its size is special, the furnace is sized to the machine and caps nothing. */
const capsOf = ({ screening }: LaneModel): string[] =>
  Object.keys(CAPS).filter(
    (id) => id !== 'capKg' || !screening.findings.some((f) => f.status === 'special' && OF_MACHINE.has(f.rule)),
  );

function skipped(step: StepRates, model: LaneModel): boolean {
  if (step.when === 'heatTreated' && model.facts.brief.needs.heatTreated !== true) return true;
  if (step.touch === 'machine' && model.part.nSet === 0) return true;
  return step.touch === 'core' && (model.cores === 0 || buysCores(model));
}
