import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import { figure, lambda, n, rate, timeEquation, variant } from '../../cost/equations';
import type { SymbolOf } from '../../equations';
import { likely } from '../../base/figures';
import type { StepRates } from '../../rates';

/** What a step is worked out for. */
export interface OfStep {
  readonly model: LaneInputs;
  readonly plan: Pick<LayoutPlan, 'n' | 'cycle_s'>;
  readonly step: StepRates;
  /** Minutes at work, a piece or a pour as the step says. */
  readonly touch_min: number;
}
type StepContext = OfStep & OfInputs;

export const isCycled = ({ touch }: StepRates): boolean => touch === 'cycleTouch';
/** Whether a step is handed on to the next: what a machine does by itself is not. */
export const isHanded = (step: StepRates): boolean => step.crew !== null && !isCycled(step);

const cycle = figure('die cycle', 's', 'cycle');
const touch: SymbolOf<StepContext> = {
  ...figure('minutes at work', 'min'),
  opens: ({ step }) => (step.touch === null ? null : `touch.${step.touch}`),
};

/** Hours at work for the first pour. */
export const WORK = timeEquation<OfStep>()({
  figure: 'work.{step}',
  number: 'T2',
  title: ({ step }) => `Hours at work: ${step.name}`,
  unit: 'h',
  expression: {
    of: {
      cycled: 'cycle / 3600',
      pieces: 'touch * n / 60 / persons',
      pour: 'touch / 60 / persons',
      none: '0',
    },
    form: ({ step }) =>
      isCycled(step) ? 'cycled' : step.touch === null ? 'none' : step.per === 'piece' ? 'pieces' : 'pour',
  },
  symbols: { cycle, touch, n, persons: figure('persons at it', 'persons') },
  plainly: { title: 'Hours of a step at work' },
  values: ({ model: { v }, plan, step, touch_min }) => ({
    cycle: plan.cycle_s,
    touch: touch_min,
    n: plan.n,
    persons: step.crew === null ? 1 : (v.time.resources[step.crew]?.n ?? 1),
  }),
});

/** Hours a step waits, through the night, each of its coats anew. */
export const WAIT = timeEquation<OfStep>()({
  figure: 'wait.{step}',
  number: 'T3',
  title: ({ step }) => `Hours waiting: ${step.name}`,
  unit: 'h',
  expression: {
    of: { coats: 'wait * max(1, coats)', once: 'wait', none: '0' },
    form: ({ step }) =>
      step.wait_h === undefined || step.wait_h === 'cycle.dwell' ? 'none' : step.repeat === 'coats' ? 'coats' : 'once',
  },
  symbols: {
    wait: {
      ...rate('', ''),
      meaning: ({ step }) => (step.wait_h === 'family.htWait' ? 'heat treatment' : `waiting: ${step.name}`),
      path: ({ model, step }) =>
        step.wait_h === 'family.htWait'
          ? 'families.{family}.htWait'
          : `variants["{lane}"].time.steps[${model.v.time.steps.indexOf(step)}].wait_h`,
      plainly: {
        meaning: 'waiting, or the heat treatment of the family',
        path: 'variants["{lane}"].time.steps',
        unit: 'h',
      },
    },
    coats: variant('shot.coats', 'coats', 'coats'),
  },
  plainly: { title: 'Hours a step waits' },
  values: ({ model: { v, family }, step: { wait_h } }) => ({
    wait: wait_h === 'family.htWait' ? likely(family.htWait) : typeof wait_h === 'object' ? likely(wait_h) : 0,
    coats: likely(v.shot.coats),
  }),
});

type Passed = OfStep & { readonly work_h: number; readonly wait_h: number; readonly hours: number };

/** Calendar days of a step: at work on working days, and waiting through the night. */
export const STEP_DAYS = timeEquation<Passed>()({
  figure: 'step.{step}',
  number: 'T2 to T4',
  title: ({ step }) => step.name,
  unit: 'days',
  expression: {
    of: { handed: 'W * (work / h + handed) + wait / 24', kept: 'W * (work / h) + wait / 24' },
    form: ({ step }) => (isHanded(step) ? 'handed' : 'kept'),
  },
  symbols: {
    W: rate('calendar.calendarPerWorkday', 'calendar days a working day'),
    work: { ...figure('hours at work', 'h'), opens: ({ step }) => `work.${step.id}` },
    h: figure('hours of work in a day', 'h', 'hours'),
    handed: rate('calendar.handover', 'handing on'),
    wait: { ...figure('hours waiting', 'h'), opens: ({ step }) => `wait.${step.id}` },
  },
  plainly: { title: 'Days of a step' },
  values: ({ model: { rates }, work_h, wait_h, hours }) => ({
    W: likely(rates.calendar.calendarPerWorkday),
    work: work_h,
    h: hours,
    handed: likely(rates.calendar.handover),
    wait: wait_h,
  }),
});

/** Hours of a crew that a step takes a casting started. */
export const CREW_HOURS = timeEquation<OfStep>()({
  figure: 'crewed.{step}',
  number: 'T6',
  title: ({ step }) => `Hours a casting takes its crew: ${step.name}`,
  unit: 'h',
  expression: {
    of: { piece: 'touch / 60', pour: 'touch / 60 / (n * (1 - lambda))' },
    form: ({ step }) => (step.per === 'piece' ? 'piece' : 'pour'),
  },
  symbols: { touch, n, lambda },
  plainly: { title: 'Hours a casting takes the crew of a step' },
  values: ({ model, plan, touch_min }) => ({ touch: touch_min, n: plan.n, lambda: model.lambda }),
});

/** Hours of a station that a step holds a casting started. */
export const STATION_HOURS = timeEquation<OfStep & { readonly wait_h: number }>()({
  figure: 'held.{step}',
  number: 'T6',
  title: ({ step }) => `Hours a casting holds its station: ${step.name}`,
  unit: 'h',
  expression: {
    of: {
      cycledPiece: 'cycle / 3600 / batch',
      cycled: 'cycle / 3600 / (n * (1 - lambda) * batch)',
      waitingPiece: 'wait / batch',
      waiting: 'wait / (n * (1 - lambda) * batch)',
    },
    form: ({ step }) => `${step.holds === 'both' ? 'cycled' : 'waiting'}${step.per === 'piece' ? 'Piece' : ''}`,
  },
  symbols: {
    cycle,
    wait: { ...figure('hours waiting', 'h'), opens: ({ step }) => `wait.${step.id}` },
    n,
    lambda,
    batch: figure('taken together', 'pours or pieces'),
  },
  plainly: { title: 'Hours a casting holds the station of a step' },
  values: ({ model, plan, step, wait_h }) => ({
    cycle: plan.cycle_s,
    wait: wait_h,
    n: plan.n,
    lambda: model.lambda,
    batch: step.batch ?? 1,
  }),
});
