import { finite, inOrder, positive, positives, within } from '../../base/checks';
import { refuse } from '../../base/errors';

const DOUBLING_K = 10;
const DOUBLINGS = [5, 20] as const;
/** The rate is doubled by a step of heat only so far from the reference. */
const FROM_REFERENCE_K = 40;
/** Greatest step of time, as α·dt over the half thickness squared. */
const STEP = 0.002;
const S_PER_MIN = 60;
const MOST_STEPS = 5_000_000;
/** Terms of the series beyond which nothing is left at a Fourier number. */
const TERMS = 60;

/** How far the middle of a slab is from the heat of its faces, 1 at first, at α·t over the half thickness squared. */
export function middleLag(fourier: number): number {
  // Before any heat has come the series would need all its terms.
  if (fourier < 1e-3) return 1;
  let left = 0;
  for (let n = 0; n < TERMS; n++) {
    const k = 2 * n + 1;
    const term = Math.exp((-k * k * Math.PI * Math.PI * fourier) / 4) / k;
    left += n % 2 === 0 ? term : -term;
    if (term < 1e-15) break;
  }
  return (4 / Math.PI) * left;
}

/**
 * Cure of a rubber mould, heated from both faces (formula mould.vulcanise): until its middle has had the cure of the reference.
 * Bumping and cooling come on top; a face dose above 3 to 5 asks for a lower platen and a longer time.
 *
 * @param input.thickness_mm; rubber: kMould_W_mK, rhoMould_kg_m3, cMould_J_kgK; tStart_C, tPlaten_C; refTime_min of a thin sheet at tRef_C;
 *   doubling_K by which the rate doubles (10)
 * @returns minutes; as if it were hot through at once; the difference; its middle at the end, °C; cures that its faces have had
 * @throws {CoreError} E_ORDER for a platen not hotter than the blank, E_RANGE for a doubling outside 5 to 20 K or a platen over 40 K from
 *   the reference
 * @example
 * vulcanisingTime({ thickness_mm: 8, kMould_W_mK: 0.24, rhoMould_kg_m3: 1480, cMould_J_kgK: 1360, tStart_C: 22, tPlaten_C: 150, tRef_C: 150, refTime_min: 15 }).isothermal_min
 * // 15
 */
export function vulcanisingTime(input: {
  readonly thickness_mm: number;
  readonly kMould_W_mK: number;
  readonly rhoMould_kg_m3: number;
  readonly cMould_J_kgK: number;
  readonly tStart_C: number;
  readonly tPlaten_C: number;
  readonly tRef_C: number;
  readonly refTime_min: number;
  readonly doubling_K?: number;
}): { time_min: number; isothermal_min: number; lag_min: number; centre_C: number; faceDose: number } {
  const rubber = ['kMould_W_mK', 'rhoMould_kg_m3', 'cMould_J_kgK'] as const;
  const v = positives(input, 'thickness_mm', ...rubber, 'refTime_min');
  const T0 = finite('tStart_C', input.tStart_C);
  const Tp = finite('tPlaten_C', input.tPlaten_C);
  const Tr = finite('tRef_C', input.tRef_C);
  const doubling = within('doubling_K', positive('doubling_K', input.doubling_K ?? DOUBLING_K), ...DOUBLINGS);
  if (Math.abs(Tp - Tr) > FROM_REFERENCE_K)
    refuse('E_RANGE', 'tPlaten_C', Tp, `within ${FROM_REFERENCE_K} K of the reference at ${Tr} °C`);
  inOrder(Tp > T0, 'tPlaten_C', Tp, `above the blank’s ${T0} °C`);
  const half = v.thickness_mm / 2 / 1000;
  const alpha = v.kMould_W_mK / (v.rhoMould_kg_m3 * v.cMould_J_kgK);
  const fourierOf = (seconds: number): number => (alpha * seconds) / (half * half);
  const centreAt = (seconds: number): number => Tp - (Tp - T0) * middleLag(fourierOf(seconds));
  const rateAt = (T: number): number => 2 ** ((T - Tr) / doubling);
  const wanted = v.refTime_min * S_PER_MIN;
  const isothermal_s = wanted / rateAt(Tp);
  const step = Math.min((STEP * half * half) / alpha, isothermal_s / 100);
  let [time, dose, rate] = [0, 0, rateAt(T0)];
  for (let i = 0; i < MOST_STEPS; i++) {
    const next = rateAt(centreAt(time + step));
    const gained = ((rate + 4 * rateAt(centreAt(time + step / 2)) + next) / 6) * step;
    if (dose + gained >= wanted) {
      // The rest of a step: the rate hardly changes in it.
      time += (step * (wanted - dose)) / gained;
      break;
    }
    [time, dose, rate] = [time + step, dose + gained, next];
  }
  const isothermal_min = isothermal_s / S_PER_MIN;
  const time_min = time / S_PER_MIN;
  return {
    ...{ time_min, isothermal_min, lag_min: time_min - isothermal_min },
    ...{ centre_C: centreAt(time), faceDose: time_min / isothermal_min },
  };
}
