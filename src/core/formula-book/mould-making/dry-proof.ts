import { finite, listOf, LIMIT_GUARD, notNegative, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/** A weighing of a mould while it dries. */
export interface Weighing {
  readonly time_h: number;
  readonly mass_kg: number;
}

const LEAST = 3;
const USUAL_LAST = 4;
const LIMIT = 0.005;
/** Time constants that are looked at, as multiples of the time the weighings span. */
const TAU_LEAST = 1e-3;
const TAU_MOST = 1e3;
const GRID = 400;
const GOLDEN = (Math.sqrt(5) - 1) / 2;
const ROUNDS = 200;

interface Fit {
  readonly D: number;
  readonly A: number;
  readonly tau: number;
  readonly off: number;
}

/** The line of mass on e^(−t/τ) that fits best, times counted from the first weighing. */
function fitAt(tau: number, list: readonly Weighing[]): Fit {
  const t0 = list[0]?.time_h ?? 0;
  const xs = list.map(({ time_h }) => Math.exp(-(time_h - t0) / tau));
  const n = list.length;
  const meanX = xs.reduce((a, b) => a + b, 0) / n;
  const meanM = list.reduce((a, { mass_kg }) => a + mass_kg, 0) / n;
  let [sxx, sxm] = [0, 0];
  list.forEach(({ mass_kg }, i) => {
    const dx = (xs[i] ?? 0) - meanX;
    sxx += dx * dx;
    sxm += dx * (mass_kg - meanM);
  });
  const A = sxx === 0 ? 0 : sxm / sxx;
  const D = meanM - A * meanX;
  const off = list.reduce((all, { mass_kg }, i) => all + (mass_kg - D - A * (xs[i] ?? 0)) ** 2, 0);
  return { D, A, tau, off };
}

/** Least squares over D, A and τ of m = D + A·e^(−t/τ); null where the loss does not slow. */
function fitDrying(list: readonly Weighing[]): Fit | null {
  const span = (list.at(-1)?.time_h ?? 0) - (list[0]?.time_h ?? 0);
  const logs = [Math.log(TAU_LEAST * span), Math.log(TAU_MOST * span)] as const;
  const at = (i: number): number => logs[0] + ((logs[1] - logs[0]) * i) / GRID;
  let best = 0;
  let least = Infinity;
  for (let i = 0; i <= GRID; i++) {
    const { off } = fitAt(Math.exp(at(i)), list);
    if (off < least) [least, best] = [off, i];
  }
  let [low, high] = [at(Math.max(0, best - 1)), at(Math.min(GRID, best + 1))];
  for (let i = 0; i < ROUNDS && high - low > 1e-14; i++) {
    const a = high - GOLDEN * (high - low);
    const b = low + GOLDEN * (high - low);
    if (fitAt(Math.exp(a), list).off < fitAt(Math.exp(b), list).off) high = b;
    else low = a;
  }
  const fit = fitAt(Math.exp((low + high) / 2), list);
  // At the end of what is looked at the loss is a straight line, or gone in a moment: it tells nothing of the end.
  return best === GRID || best === 0 || !(fit.A > 0) || !(fit.D > 0) ? null : fit;
}

/**
 * Whether a mould is dry, by weighing, and when to weigh again (formula mould.dry-proof). The falling-rate stage, oven unchanged,
 * same scale, weighed always hot or always cold.
 *
 * @param input.weighings by rising time; input.last how many are fitted, from the end (4, or all if fewer); input.limit water over dry
 *   mass (0.005); input.scale_kg division of the scale (0)
 * @returns dry mass, kg; time constant, h, null at constant weight; water left with one division, kg, and over the dry mass; hours left;
 *   whether dry; share of the mass lost an hour between the last two
 * @throws {CoreError} E_ORDER for times that do not rise; E_LENGTH for fewer than three or than `last`; E_RANGE for `last` under 3;
 *   E_NO_SOLUTION for a loss that does not slow, a mass that rises, or a limit finer than the scale
 * @example
 * dryProof({ weighings: [{ time_h: 20, mass_kg: 4.21 }, { time_h: 21, mass_kg: 4.2 }, { time_h: 22, mass_kg: 4.2 }], scale_kg: 0.01 }).dry
 * // true
 */
export function dryProof(input: {
  readonly weighings: readonly Weighing[];
  readonly last?: number;
  readonly limit?: number;
  readonly scale_kg?: number;
}): {
  dryMass_kg: number;
  tau_h: number | null;
  water_kg: number;
  moisture: number;
  left_h: number;
  dry: boolean;
  lastLoss_per_h: number;
} {
  const all = listOf('weighings', input.weighings).map((w, i) => ({
    time_h: finite(`weighings[${i}].time_h`, w.time_h),
    mass_kg: positive(`weighings[${i}].mass_kg`, w.mass_kg),
  }));
  const limit = positive('limit', input.limit ?? LIMIT);
  const scale = notNegative('scale_kg', input.scale_kg ?? 0);
  const last = wholeNumber('last', input.last ?? Math.max(LEAST, Math.min(USUAL_LAST, all.length)), LEAST);
  all.forEach((w, i) => {
    if (i > 0 && w.time_h <= (all[i - 1]?.time_h ?? 0))
      refuse('E_ORDER', `weighings[${i}].time_h`, w.time_h, 'later than the one before');
  });
  if (all.length < LEAST || all.length < last)
    return refuse('E_LENGTH', 'weighings', `${all.length} of them`, `at least ${Math.max(LEAST, last)}`);
  const list = all.slice(-last);
  const [before, end] = [list[list.length - 2], list[list.length - 1]];
  if (before === undefined || end === undefined) return refuse('E_LENGTH', 'weighings', all.length, 'at least 3');
  const lastLoss_per_h = (before.mass_kg - end.mass_kg) / end.mass_kg / (end.time_h - before.time_h);
  const lost = before.mass_kg - end.mass_kg;
  if (Math.abs(lost) <= LIMIT_GUARD) {
    const moisture = scale / end.mass_kg;
    const dry = moisture <= limit + LIMIT_GUARD;
    if (!dry) return refuse('E_NO_SOLUTION', 'scale_kg', scale, 'a finer scale: its division is above the limit');
    return {
      ...{ dryMass_kg: end.mass_kg, tau_h: null, water_kg: scale, moisture, left_h: 0, dry },
      lastLoss_per_h: 0,
    };
  }
  if (lost < 0) return refuse('E_NO_SOLUTION', 'weighings', end.mass_kg, 'a mass that falls: weigh later');
  const fit = fitDrying(list);
  if (fit === null) return refuse('E_NO_SOLUTION', 'weighings', `${last} of them`, 'a loss that slows: weigh later');
  const t = end.time_h - (list[0]?.time_h ?? 0);
  const water = fit.A * Math.exp(-t / fit.tau);
  const water_kg = water + scale;
  const moisture = water_kg / fit.D;
  const dry = moisture <= limit + LIMIT_GUARD;
  const allowed = limit * fit.D - scale;
  if (!dry && allowed <= 0) return refuse('E_NO_SOLUTION', 'scale_kg', scale, 'a finer scale, or a limit above it');
  return {
    ...{ dryMass_kg: fit.D, tau_h: fit.tau, water_kg, moisture, dry, lastLoss_per_h },
    left_h: dry ? 0 : fit.tau * Math.log(water / allowed),
  };
}
