import { finite, notNegative, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Metal bought against metal kept (formula money.buy-to-fly).
 *
 * @param input.stock_kg metal as bought, saw cut and clamping ends included; input.finished_kg metal kept
 * @param input.price_per_kg paid for stock, input.chipPrice_per_kg returned for chips
 * @returns ratio bought to kept, chips in kg, net money for material
 * @throws {CoreError} E_ORDER when more is kept than bought
 * @example
 * buyToFly({ stock_kg: 4.8, finished_kg: 0.9, price_per_kg: 6.5, chipPrice_per_kg: 1.1 }).ratio // 5.333333333
 */
export function buyToFly(input: {
  stock_kg: number;
  finished_kg: number;
  price_per_kg: number;
  chipPrice_per_kg: number;
}): {
  ratio: number;
  chips_kg: number;
  netMaterial: number;
} {
  const stock = positive('stock_kg', input.stock_kg);
  const finished = positive('finished_kg', input.finished_kg);
  const price = notNegative('price_per_kg', input.price_per_kg);
  const chip = notNegative('chipPrice_per_kg', input.chipPrice_per_kg);
  if (finished > stock) refuse('E_ORDER', 'finished_kg', finished, `not above the ${stock} kg bought`);
  return {
    ratio: stock / finished,
    chips_kg: stock - finished,
    netMaterial: stock * price - (stock - finished) * chip,
  };
}

/**
 * Machining time from the removal rate (formula money.machining-time).
 *
 * @param input.removed_cm3 metal removed, input.mrr_cm3_min removal rate
 * @param input.finishArea_cm2 with finishRate_cm2_min: finishing pass; holes with perHole_s; setups (default 1) with perSetup_min
 * @param input.kc_MPa specific cutting force and efficiency (0..1, default 1): give the power too
 * @returns time in minutes; power in kW when kc is given
 * @throws {CoreError} E_SIGN for a zero rate
 * @example
 * machiningTime({ removed_cm3: 1440, mrr_cm3_min: 180, finishArea_cm2: 420, finishRate_cm2_min: 60, holes: 12, perHole_s: 20, setups: 2, perSetup_min: 4, kc_MPa: 700, efficiency: 0.8 }).time_min
 * // 27
 */
export function machiningTime(input: {
  removed_cm3: number;
  mrr_cm3_min: number;
  finishArea_cm2?: number;
  finishRate_cm2_min?: number;
  holes?: number;
  perHole_s?: number;
  setups?: number;
  perSetup_min?: number;
  kc_MPa?: number;
  efficiency?: number;
}): { time_min: number; power_kW?: number } {
  const removed = notNegative('removed_cm3', input.removed_cm3);
  const mrr = positive('mrr_cm3_min', input.mrr_cm3_min);
  const finishing =
    input.finishArea_cm2 === undefined
      ? 0
      : notNegative('finishArea_cm2', input.finishArea_cm2) / positive('finishRate_cm2_min', input.finishRate_cm2_min);
  const holes =
    (wholeNumber('holes', notNegative('holes', input.holes ?? 0)) * notNegative('perHole_s', input.perHole_s ?? 0)) /
    60;
  const setups =
    wholeNumber('setups', notNegative('setups', input.setups ?? 1)) *
    notNegative('perSetup_min', input.perSetup_min ?? 0);
  const time_min = removed / mrr + finishing + holes + setups;
  if (input.kc_MPa === undefined) return { time_min };
  const efficiency = finite('efficiency', input.efficiency ?? 1);
  if (!(efficiency > 0 && efficiency <= 1)) refuse('E_RANGE', 'efficiency', efficiency, 'above 0 up to 1');
  return { time_min, power_kW: (positive('kc_MPa', input.kc_MPa) * mrr) / 60_000 / efficiency };
}
