import { finite, LIMIT_GUARD, notNegative, oneOf, positive } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

const AMBIENT_KPA = 101.325;
const MOST_KPA = 1500;

/** Limits of a quick dewax. Basis: rule. */
const AUTOCLAVE = { pressure_kPa: 600, rise_s: 7, margin_K: 60, release_s: 90 } as const;
const FLASH = { furnace_C: 900, load_s: 15 } as const;

export const STEAM_HEAT = /* @__PURE__ */ formula({
  id: 'safe.dewax',
  out: 'heat_C',
  title: 'Temperature of saturated steam',
  unit: '°C',
  expression: '1810.94 / (8.14019 - ln(p * 760 / 101.325) / ln(10)) - 244.485',
  symbols: { p: ['steam, absolute', 'kPa'] },
});

/** The first limit that is not kept. */
export type DewaxFault = 'none' | 'pressure' | 'rise' | 'margin' | 'release' | 'furnace' | 'load';

/**
 * Whether a shell is dewaxed quickly enough (formula safe.dewax): slow heat swells the wax before its skin melts, and splits the shell.
 * Rules of the place for pressure vessels and wax vapour decide.
 *
 * @param input.method autoclave: pressure_kPa above ambient, rise_s, release_s, ambient_kPa (101.325); flash: tFurnace_C, load_s from the
 *   door’s opening; waxMelt_C
 * @returns steam or furnace, °C; what it is above the wax, K; the first limit that is not kept; whether all are
 * @throws {CoreError} E_KEY for another method, E_RANGE for steam above 1500 kPa
 * @example
 * dewaxGate({ method: 'autoclave', pressure_kPa: 620, rise_s: 9, release_s: 120, waxMelt_C: 68 }).fault // 'rise'
 */
export function dewaxGate(input: {
  readonly method: string;
  readonly pressure_kPa?: number;
  readonly rise_s?: number;
  readonly release_s?: number;
  readonly ambient_kPa?: number;
  readonly tFurnace_C?: number;
  readonly load_s?: number;
  readonly waxMelt_C: number;
}): { heat_C: number; margin_K: number; fault: DewaxFault; ok: boolean } {
  const wax = finite('waxMelt_C', input.waxMelt_C);
  const method = oneOf('method', input.method, ['autoclave', 'flash'] as const);
  const told = (heat_C: number, fault: DewaxFault) => ({ heat_C, margin_K: heat_C - wax, fault, ok: fault === 'none' });
  if (method === 'flash') {
    const furnace = finite('tFurnace_C', input.tFurnace_C);
    const load = notNegative('load_s', input.load_s);
    return told(
      furnace,
      furnace < FLASH.furnace_C - LIMIT_GUARD ? 'furnace' : load > FLASH.load_s + LIMIT_GUARD ? 'load' : 'none',
    );
  }
  const pressure = positive('pressure_kPa', input.pressure_kPa);
  const rise = notNegative('rise_s', input.rise_s);
  const release = notNegative('release_s', input.release_s);
  const ambient = positive('ambient_kPa', input.ambient_kPa ?? AMBIENT_KPA);
  if (pressure > MOST_KPA) refuse('E_RANGE', 'pressure_kPa', pressure, `up to ${MOST_KPA} kPa`);
  const heat = STEAM_HEAT.of({ p: pressure + ambient });
  const fault: DewaxFault =
    pressure < AUTOCLAVE.pressure_kPa - LIMIT_GUARD
      ? 'pressure'
      : rise > AUTOCLAVE.rise_s + LIMIT_GUARD
        ? 'rise'
        : heat - wax < AUTOCLAVE.margin_K - LIMIT_GUARD
          ? 'margin'
          : release < AUTOCLAVE.release_s - LIMIT_GUARD
            ? 'release'
            : 'none';
  return told(heat, fault);
}
