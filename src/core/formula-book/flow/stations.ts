import { filled, finite, notNegative, positive, scrapShare, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Overlapping cycles through shared stations (formula cal.flow-line).
 *
 * @param input.stations time in hours and number of units (default 1), in order; input.items alike, whole, up to 1e6
 * @returns makespan in hours, long-run rate per hour, bottleneck (1 = first station; the first of equals)
 * @throws {CoreError} E_TOO_LARGE beyond 1e6 items
 * @example
 * flowLine({ stations: [{ time_h: 0.4 }, { time_h: 0.6 }], items: 25 }).makespan_h // 15.4
 */
export function flowLine(input: { stations: readonly { time_h: number; units?: number }[]; items: number }): {
  makespan_h: number;
  rate_per_h: number;
  bottleneck: number;
} {
  const stations = filled('stations', input.stations).map((s, i) => ({
    time: positive(`stations[${i}].time_h`, s.time_h),
    units: wholeNumber(`stations[${i}].units`, s.units ?? 1, 1),
  }));
  const items = wholeNumber('items', input.items, 1);
  if (items > 1e6) refuse('E_TOO_LARGE', 'items', items, 'up to 1 000 000');
  let ready = new Float64Array(items);
  for (const { time, units } of stations) {
    const done = new Float64Array(items);
    for (let k = 0; k < items; k++) done[k] = Math.max(ready[k] ?? 0, k >= units ? (done[k - units] ?? 0) : 0) + time;
    ready = done;
  }
  const rates = stations.map((s) => s.units / s.time);
  const rate = Math.min(...rates);
  return {
    makespan_h: ready[items - 1] ?? 0,
    rate_per_h: rate,
    bottleneck: rates.findIndex((r) => r <= rate * (1 + 1e-12)) + 1,
  };
}

/**
 * One operator, several dies (formula cal.overlap).
 *
 * @param input.attended_s seconds of attendance a cycle, input.unattended_s seconds alone, input.dies whole, at least 1
 * @returns rate per hour, share of the operator used, seconds between pours of one die, dies that saturate him, and the limit
 * @throws {CoreError} E_SIGN without attended time, E_RANGE below one die
 * @example
 * overlap({ attended_s: 60, unattended_s: 110, dies: 4 }).rate_per_h // 60
 */
export function overlap(input: { attended_s: number; unattended_s: number; dies: number }): {
  rate_per_h: number;
  operatorUse: number;
  dieCycle_s: number;
  diesToSaturate: number;
  limit: 'operator' | 'dies';
} {
  const a = positive('attended_s', input.attended_s);
  const u = notNegative('unattended_s', input.unattended_s);
  const k = wholeNumber('dies', input.dies, 1);
  const perSecond = Math.min(k / (a + u), 1 / a);
  const diesToSaturate = Math.ceil((a + u) / a - 1e-9);
  return {
    rate_per_h: perSecond * 3600,
    operatorUse: perSecond * a,
    dieCycle_s: k / perSecond,
    diesToSaturate,
    limit: k >= diesToSaturate ? 'operator' : 'dies',
  };
}

/**
 * Order of lots through two stations (formula cal.johnson).
 *
 * @param input.jobs id and times a, b on the first and second station
 * @returns the order of least makespan and the makespan in the times' unit
 * @throws {CoreError} E_SIGN for a negative time, E_KEY for an id given twice
 * @example
 * johnsonOrder({ jobs: [{ id: 'a', a: 3, b: 6 }, { id: 'b', a: 5, b: 2 }, { id: 'c', a: 1, b: 2 }, { id: 'd', a: 7, b: 5 }] }).order
 * // ['c', 'a', 'd', 'b']
 */
export function johnsonOrder(input: { jobs: readonly { id: string; a: number; b: number }[] }): {
  order: string[];
  makespan_h: number;
} {
  const jobs = filled('jobs', input.jobs);
  const seen = new Set<string>();
  jobs.forEach((job, i) => {
    notNegative(`jobs[${i}].a`, job.a);
    notNegative(`jobs[${i}].b`, job.b);
    if (seen.has(job.id)) refuse('E_KEY', `jobs[${i}].id`, job.id, 'an id used once');
    seen.add(job.id);
  });
  const first = jobs.filter((j) => j.a < j.b).sort((x, y) => x.a - y.a);
  const rest = jobs.filter((j) => !(j.a < j.b)).sort((x, y) => y.b - x.b);
  let endA = 0;
  let endB = 0;
  for (const job of [...first, ...rest]) {
    endA += job.a;
    endB = Math.max(endA, endB) + job.b;
  }
  return { order: [...first, ...rest].map((j) => j.id), makespan_h: endB };
}

/**
 * Day by which N good parts exist (formula cal.cumulative).
 *
 * @param input.rates from which day how many a day, days rising; input.scrap share lost; input.need good pieces
 * @returns the first day whose end sees the need met, and the good pieces by then
 * @throws {CoreError} E_ORDER when the days do not rise, E_NO_SOLUTION when it is never reached
 * @example
 * cumulativeDay({ rates: [{ fromDay: 15, perDay: 8 }, { fromDay: 25, perDay: 30 }], scrap: 0, need: 80 }).day // 24
 */
export function cumulativeDay(input: {
  rates: readonly { fromDay: number; perDay: number }[];
  scrap: number;
  need: number;
}): {
  day: number;
  goodByThen: number;
} {
  const rates = filled('rates', input.rates);
  rates.forEach((r, i) => {
    wholeNumber(`rates[${i}].fromDay`, r.fromDay);
    notNegative(`rates[${i}].perDay`, r.perDay);
  });
  const scrap = scrapShare('scrap', input.scrap);
  const need = finite('need', input.need);
  if (!(need > 0)) refuse('E_SIGN', 'need', need, 'above 0');
  rates.forEach((r, i) => {
    const before = rates[i - 1];
    if (before && !(r.fromDay > before.fromDay)) refuse('E_ORDER', `rates[${i}].fromDay`, r.fromDay, 'days rising');
  });
  let good = 0;
  for (const [i, r] of rates.entries()) {
    const next = rates[i + 1]?.fromDay ?? Infinity;
    const daily = r.perDay * (1 - scrap);
    const days = daily > 0 ? Math.max(1, Math.ceil((need - good) / daily - 1e-9)) : Infinity;
    if (r.fromDay + days <= next && Number.isFinite(days))
      return { day: r.fromDay + days - 1, goodByThen: good + daily * days };
    good += daily * (next - r.fromDay);
  }
  return refuse('E_NO_SOLUTION', 'need', need, 'a need that the rates reach');
}
