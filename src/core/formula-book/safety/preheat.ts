import { finite, LIMIT_GUARD, oneOf, shareOf } from '../../base/checks';
import { PREHEAT } from './preheat.data';

/** What can be asked about. */
export type PreheatItem = keyof typeof PREHEAT;
export const PREHEAT_ITEMS = Object.keys(PREHEAT) as readonly PreheatItem[];

/**
 * Whether a mould, tool or charge is dry and warm enough (formula safe.preheat): a gate before the pour. Through-heated besides: half an hour
 * or more for heavy tools. Rusty, painted or hollow charge is refused whatever its temperature; magnesium: no water, no plaster, no wet sand.
 *
 * @param input.item; input.temp_C; input.moisture share of mass (0)
 * @returns whether it may go on; least temperature, °C; most moisture; what is over, K
 * @throws {CoreError} E_KEY for an unknown item, E_RANGE for moisture outside 0..1
 * @example
 * preheatGate({ item: 'green-sand', temp_C: 25, moisture: 0.05 }).ok // false
 */
export function preheatGate(input: { readonly item: string; readonly temp_C: number; readonly moisture?: number }): {
  ok: boolean;
  least_C: number;
  mostMoisture: number;
  margin_K: number;
} {
  const temp = finite('temp_C', input.temp_C);
  const { least_C, moisture: most } = PREHEAT[oneOf('item', input.item, PREHEAT_ITEMS)];
  const moisture = shareOf('moisture', input.moisture ?? 0);
  return {
    ok: temp >= least_C - LIMIT_GUARD && moisture <= most + LIMIT_GUARD,
    ...{ least_C, mostMoisture: most, margin_K: temp - least_C },
  };
}
