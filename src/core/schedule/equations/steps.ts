import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import { brief, figure, n, out, rate, rateKey, timeEquation, variant } from '../../cost/equations';
import type { SymbolOf } from '../../equations';
import { likely } from '../../base/figures';
import type { RateSet, StepRates } from '../../rates';

/** What a step is worked out for. */
export interface OfStep {
  readonly model: LaneInputs;
  readonly plan: Pick<LayoutPlan, 'n' | 'cycle_s' | 'castingsPerPour'>;
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

/** Row of cooling that a step of a lane waits by, by the alloy's own family where it has one; null for none. */
function coolingOf(
  { facts, rates }: LaneInputs,
  wait_h: StepRates['wait_h'],
): { readonly row: RateSet['cooling']['shell'][string]; readonly path: string } | null {
  if (wait_h !== 'cooling.shell' && wait_h !== 'cooling.flask') return null;
  const kind = wait_h === 'cooling.shell' ? 'shell' : 'flask';
  const rows = rates.cooling[kind];
  for (const family of [facts.alloy.family, facts.ratesFamily, facts.family]) {
    const row = rows[family];
    if (row !== undefined) return { row, path: `${wait_h}${rateKey(family)}` };
  }
  return null;
}
const ofCooling = (key: 'base_h' | 'perMm_h', meaning: string, unit: string): SymbolOf<StepContext> => ({
  ...rate('', meaning, unit),
  path: ({ model, step }) => `${coolingOf(model, step.wait_h)?.path ?? 'cooling.shell'}.${key}`,
  plainly: { path: `cooling.shell.{family}.${key}, cooling.flask.{family}.${key}` },
});

/** By what a step waits. */
function waitForm({ model, step }: OfStep): string {
  const { wait_h } = step;
  if (wait_h === undefined || wait_h === 'cycle.dwell') return 'none';
  if (wait_h === 'drying.plaster') return model.condition?.waitFactor === undefined ? 'drying' : 'dryingHeld';
  if (wait_h === 'cooling.flask' || wait_h === 'cooling.shell')
    return coolingOf(model, wait_h) === null
      ? 'none'
      : wait_h === 'cooling.shell' && model.grain !== null
        ? 'coolingGrain'
        : 'cooling';
  return step.repeat === 'coats' ? 'coats' : 'once';
}

/** Hours a step waits, through the night, each of its coats anew. */
export const WAIT = timeEquation<OfStep>()({
  figure: 'wait.{step}',
  number: 'T3',
  title: ({ step }) => `Hours waiting: ${step.name}`,
  unit: 'h',
  expression: {
    of: {
      coats: 'wait * max(1, coats)',
      once: 'wait',
      cooling: 'base + perMm * t',
      coolingGrain: '(base + perMm * t) * fCool',
      drying: 'h50 * pow(max(least, H / 2 + cover) / 50, exponent)',
      dryingHeld: 'max(waitMin, fWait * h50 * pow(max(least, H / 2 + cover) / 50, exponent))',
      none: '0',
    },
    form: waitForm,
  },
  symbols: {
    base: ofCooling('base_h', 'cooling whatever the section', 'h'),
    perMm: ofCooling('perMm_h', 'cooling by section', 'h/mm'),
    t: brief('geometry.sectionMax_mm', 'thickest section', 'mm'),
    fCool: rate('grain.{grain}.coolFactor', 'cooling for the grain asked for', '×'),
    h50: rate('drying.plaster.h50', 'drying a mould wall of 50 mm'),
    least: rate('drying.plaster.wallFloor_mm', 'least mould wall'),
    H: brief('geometry.box_mm', 'height along the draw', 'mm'),
    cover: figure('plaster above and below', 'mm'),
    exponent: rate('drying.plaster.exponent', 'how drying grows with the wall'),
    waitMin: rate('conditions["{condition}"].waitMin_h', 'least wait under the conditions', 'h'),
    fWait: rate('conditions["{condition}"].waitFactor', 'drying under the conditions', '×'),
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
  values: ({ model, step: { wait_h } }) => {
    const { v, family, facts, rates, lane, grain, condition } = model;
    const cooling = coolingOf(model, wait_h)?.row;
    const { plaster } = rates.drying;
    return {
      wait: wait_h === 'family.htWait' ? likely(family.htWait) : typeof wait_h === 'object' ? likely(wait_h) : 0,
      coats: likely(v.shot.coats),
      base: likely(cooling?.base_h),
      perMm: likely(cooling?.perMm_h),
      // A section that is not known is at least the wall, where that is.
      t: facts.t ?? facts.w ?? 0,
      fCool: likely(grain?.coolFactor),
      h50: likely(plaster.h50),
      least: likely(plaster.wallFloor_mm),
      H: facts.H,
      cover: lane.capability.layout.cover_mm,
      exponent: likely(plaster.exponent),
      waitMin: likely(condition?.waitMin_h),
      fWait: likely(condition?.waitFactor),
    };
  },
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
    of: { piece: 'touch / 60', pour: 'touch / 60 / out' },
    form: ({ step }) => (step.per === 'piece' ? 'piece' : 'pour'),
  },
  symbols: { touch, out },
  plainly: { title: 'Hours a casting takes the crew of a step' },
  values: ({ plan, touch_min }) => ({ touch: touch_min, out: plan.castingsPerPour }),
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
      cycled: 'cycle / 3600 / (out * batch)',
      waitingPiece: 'wait / batch',
      waiting: 'wait / (out * batch)',
    },
    form: ({ step }) => `${step.holds === 'both' ? 'cycled' : 'waiting'}${step.per === 'piece' ? 'Piece' : ''}`,
  },
  symbols: {
    cycle,
    wait: { ...figure('hours waiting', 'h'), opens: ({ step }) => `wait.${step.id}` },
    out,
    batch: figure('taken together', 'pours or pieces'),
  },
  plainly: { title: 'Hours a casting holds the station of a step' },
  values: ({ plan, step, wait_h }) => ({
    cycle: plan.cycle_s,
    wait: wait_h,
    out: plan.castingsPerPour,
    batch: step.batch ?? 1,
  }),
});
