import { finite, positive } from '../../base/checks';
import { refuse } from '../../base/errors';
import { GAS, ZERO_C_K } from '../constants';
import { formula } from '../formula';

const BOILS_C = 100;
const AMBIENT_KPA = 101.325;

export const STEAM = /* @__PURE__ */ formula({
  id: 'safe.steam',
  out: 'volume_L',
  title: 'Steam of trapped water',
  unit: 'L',
  expression: 'm / 18.015 * R * T / p',
  symbols: {
    m: ['water', 'g'],
    R: ['gas constant', 'J/mol·K'],
    T: ['temperature', 'K'],
    p: ['pressure', 'kPa'],
  },
});

/**
 * Steam that trapped water makes under metal (formula safe.steam): why moisture kills. The violence comes of the rate.
 *
 * @param input.water_g; input.temp_C; input.pressure_kPa (101.325)
 * @returns litres, and how often the water’s own volume
 * @throws {CoreError} E_RANGE below 100 °C
 * @example
 * steamVolume({ water_g: 1, temp_C: 700 }).volume_L // 4.43264645019
 */
export function steamVolume(input: {
  readonly water_g: number;
  readonly temp_C: number;
  readonly pressure_kPa?: number;
}): {
  volume_L: number;
  ratio: number;
} {
  const m = positive('water_g', input.water_g);
  const temp = finite('temp_C', input.temp_C);
  const p = positive('pressure_kPa', input.pressure_kPa ?? AMBIENT_KPA);
  if (temp < BOILS_C) refuse('E_RANGE', 'temp_C', temp, `at least ${BOILS_C} °C`);
  const volume_L = STEAM.of({ m, R: GAS, T: temp + ZERO_C_K, p });
  return { volume_L, ratio: (volume_L * 1000) / m };
}
