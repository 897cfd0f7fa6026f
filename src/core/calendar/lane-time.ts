import type { LaneModel, LayoutPlan } from '../cost';
import { likely } from '../figures';
import type { StepRates, Touch } from '../rates';

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

/** One step that a lane goes through, with what its time is made of. */
export interface StepOnFloor {
  readonly step: StepRates;
  /** Minutes at work, a piece or a pour as the step says. */
  readonly touch_min: number;
  /** Persons at it; pieces it is done for in the first pour. */
  readonly persons: number;
  readonly pieces: number;
  /** A cycle of the die: the machine's time, not the hands'. */
  readonly cycled: boolean;
  /** Hours at work for the first pour. */
  readonly elapsed_h: number;
  /** Hours waiting, with its repeats. */
  readonly wait_h: number;
  readonly repeats: number;
  /** Whether it is handed on to the next. */
  readonly hands: boolean;
}

/** The steps of a lane that this part goes through, in order (equations T2, T3). */
export function stepsOf(model: LaneModel, plan: LayoutPlan): StepOnFloor[] {
  const { v, facts, rates } = model;
  const minutes = touchMinutes(model, plan);
  const coats = Math.max(1, likely(v.shot.coats));
  const htWait = likely(rates.families[facts.ratesFamily]?.htWait);
  return v.time.steps
    .filter((step) => !skipped(step, model))
    .map((step) => {
      const cycled = step.touch === 'cycleTouch';
      const touch_min = step.touch === null ? 0 : minutes[step.touch];
      const persons = step.crew === null ? 1 : (v.time.resources[step.crew]?.n ?? 1);
      const pieces = step.per === 'piece' ? plan.n : 1;
      const repeats = step.repeat === 'coats' ? coats : 1;
      return {
        step,
        touch_min,
        persons,
        pieces,
        cycled,
        elapsed_h: cycled ? plan.cycle_s / 3600 : (touch_min * pieces) / 60 / persons,
        wait_h: waitHours(step, htWait) * repeats,
        repeats,
        hands: step.crew !== null && !cycled,
      };
    });
}

/**
 * The time model for one lane and layout (equations T1 to T11); touch minutes are those the money pays for.
 */
export function laneTime(model: LaneModel, plan: LayoutPlan): LaneTime {
  const { v, rates } = model;
  const time = v.time;
  const W = likely(rates.calendar.calendarPerWorkday);
  const handover = likely(rates.calendar.handover);
  const shift = rates.calendar.shift_h;
  const h = shift * time.shifts * likely(time.avail);
  const share = likely(time.share);
  const good = plan.castingsPerPour;
  const steps: StepTime[] = [];
  const loads = new Map<string, number>();
  const add = (id: string, hours: number): void => void loads.set(id, (loads.get(id) ?? 0) + hours);

  for (const { step, touch_min: touch, elapsed_h: elapsed, wait_h, hands } of stepsOf(model, plan)) {
    const units = step.per === 'piece' ? 1 : good;
    const handed = hands ? handover : 0;
    steps.push({
      id: step.id,
      name: step.name,
      touch_h: elapsed,
      wait_h,
      handover_d: handed,
      days: W * (elapsed / h + handed) + wait_h / 24,
      crew: step.crew,
      station: step.station ?? null,
      overlaps: step.overlaps,
    });
    if (step.crew !== null && touch > 0) add(step.crew, touch / 60 / units);
    if (step.station !== undefined && step.holds !== undefined && step.holds !== 'none') {
      const held = step.holds === 'both' ? plan.cycle_s / 3600 : wait_h;
      if (held > 0) add(step.station, held / (units * (step.batch ?? 1)));
    }
  }

  const resources: ResourceLoad[] = [...loads].map(([id, load_h]) => {
    const r = time.resources[id];
    const hours = r?.clock === 'clock' ? 24 : h;
    return { id, load_h, startsPerDay: ((r?.n ?? 1) * share * hours) / load_h };
  });
  resources.push(
    { id: 'capPours', load_h: null, startsPerDay: likely(time.capPours) * time.shifts * share * good },
    { id: 'capKg', load_h: null, startsPerDay: (likely(time.capKg) * time.shifts * share) / (model.part.mc / model.Y) },
  );
  const tightest = resources.reduce((p, n) => (n.startsPerDay < p.startsPerDay ? n : p));
  const pass = steps.reduce((s, x) => s + x.days, 0);
  const tool = time.tool;
  const lead =
    likely(tool.queue) + plan.Ht / likely(tool.cap) + likely(tool.buy) + likely(tool.loops) * likely(tool.loopDays);
  return {
    steps,
    hoursPerDay: h,
    pass_d: pass,
    toolLead_wd: lead,
    firstArticle_d: W * (lead + likely(time.queue) + likely(v.lot.hFO) / shift) + pass,
    approve_d: W * likely(time.approve),
    goodPerDay: tightest.startsPerDay / model.settled.nB,
    bottleneck: tightest.id,
    resources,
    samples: Math.max(1, Math.floor(good / model.settled.nB + 1e-9)),
    calendarPerWorkday: W,
  };
}

/**
 * Day by which N good pieces exist (T11), calendar days from the order.
 * @param programme pieces of the whole programme: 20 or fewer wait for no approval
 */
export function dayOf(time: LaneTime, N: number, programme: number): number {
  if (N <= time.samples) return time.firstArticle_d;
  const run = (time.calendarPerWorkday * (N - time.samples)) / time.goodPerDay;
  return time.firstArticle_d + run + (programme <= NO_APPROVAL_UP_TO ? 0 : time.approve_d + time.pass_d);
}

function skipped(step: StepRates, model: LaneModel): boolean {
  if (step.when === 'heatTreated' && model.facts.brief.needs.heatTreated !== true) return true;
  if (step.touch === 'machine' && model.part.nSet === 0) return true;
  return step.touch === 'core' && model.cores === 0;
}

function waitHours(step: StepRates, htWait: number): number {
  if (step.wait_h === undefined || step.wait_h === 'cycle.dwell') return 0;
  return step.wait_h === 'family.htWait' ? htWait : likely(step.wait_h);
}

/** Minutes of each touch, per piece or pour as the step says. */
export function touchMinutes(model: LaneModel, plan: LayoutPlan): Readonly<Record<Touch, number>> {
  const { v, facts, part, rates } = model;
  const s = v.shot;
  const g = rates.global;
  const assembles = v.time.steps.some((step) => step.touch === 'assemble');
  const fFet = likely(rates.families[facts.ratesFamily]?.fFet);
  return {
    core: model.cores * likely(s.tC) * facts.D,
    mould: likely(s.t0) + likely(s.tV) * plan.Vm + (assembles ? 0 : likely(s.tN) * plan.n),
    inject: plan.nt > 0 ? likely(s.tInj) / plan.nt : 0,
    assemble: likely(s.tN),
    dip: likely(s.tR) * likely(s.coats),
    shellcare: likely(s.t0),
    pour: likely(s.tp0) + likely(s.tpM) * plan.M,
    cycleTouch: (likely(v.cycle?.crew) * plan.cycle_s) / 60,
    knock: likely(v.finish.tKO),
    finish: (likely(v.finish.tCut) + likely(v.finish.tF) * facts.a) * fFet + likely(v.finish.tStr),
    machine: part.tMach_min,
    inspect: likely(g.lookMin) * facts.D + likely(g.sampleShare) * facts.nD * likely(g.GeoMin),
  };
}
