import { filled, finite, oneOf } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Present value of yearly flows (formula money.npv).
 *
 * @param input.rate discount rate per year as a fraction, above −1
 * @param input.flows money of year 0, 1, 2 …
 * @param input.timing flows at the year's end (default) or its middle, from year 1 on
 * @returns present value in the flows' currency
 * @throws {CoreError} E_RANGE for a rate of −1 or below, E_EMPTY without flows
 * @example
 * presentValue({ rate: 0.08, flows: [-10000, 4000, 4000, 4000], timing: 'mid' }).npv // 712.7910031
 */
export function presentValue(input: { rate: number; flows: readonly number[]; timing?: 'end' | 'mid' }): {
  npv: number;
} {
  const rate = finite('rate', input.rate);
  const timing = oneOf('timing', input.timing ?? 'end', ['end', 'mid']);
  if (!(rate > -1)) refuse('E_RANGE', 'rate', rate, 'above -1');
  const flows = filled('flows', input.flows);
  const lag = timing === 'mid' ? 0.5 : 0;
  return {
    npv: flows.reduce((sum, flow, k) => sum + finite(`flows[${k}]`, flow) / (1 + rate) ** (k === 0 ? 0 : k - lag), 0),
  };
}
