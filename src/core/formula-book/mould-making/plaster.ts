import { finite, inOrder, oneOf, positive, positives, shareOf, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

/** Water that setting takes up, kg for a kg of hemihydrate. */
const SET_UP = 0.1862;
/** From this oven on bound water leaves too. */
const BOUND_FROM_C = 170;
const FRONT_C = 100;
const HEAT_J_KG = 2_600_000;
const OVEN_SHARE = 0.5;

export const PLASTER_WATER = /* @__PURE__ */ formula({
  id: 'mould.plaster-dry',
  out: 'removed_kg',
  title: 'Water to drive off',
  unit: 'kg',
  expression: { free: 'mix - 0.1862 * gypsum * powder', bound: 'mix + 0.0621 * gypsum * powder' },
  symbols: {
    mix: ['water of the mix', 'kg'],
    gypsum: ['share of hemihydrate in the powder', '1'],
    powder: ['powder', 'kg'],
  },
});

export const PLASTER_WALL = /* @__PURE__ */ formula({
  id: 'mould.plaster-dry',
  out: 'wall_h',
  title: 'Drying by the wall',
  unit: 'h',
  expression: 'W / (V / 1000000) * H / (To - Tf) * (w / 1000 / sides / h + pow(w / 1000 / sides, 2) / (2 * k)) / 3600',
  symbols: {
    W: ['water to drive off', 'kg'],
    V: ['volume of the mould', 'cm³'],
    H: ['heat for a kg of water', 'J/kg'],
    To: ['oven', '°C'],
    Tf: ['front from which water leaves', '°C'],
    w: ['thickest wall', 'mm'],
    sides: ['sides that dry', '1'],
    h: ['film of the oven', 'W/m²K'],
    k: ['conductivity of dried plaster', 'W/mK'],
  },
});

export const PLASTER_OVEN = /* @__PURE__ */ formula({
  id: 'mould.plaster-dry',
  out: 'oven_h',
  title: 'Drying by the power of the oven',
  unit: 'h',
  expression: 'moulds * W * H / (share * P * 1000) / 3600',
  symbols: {
    moulds: ['moulds in the oven', '1'],
    W: ['water to drive off', 'kg'],
    H: ['heat for a kg of water', 'J/kg'],
    share: ['share of the power that reaches the water', '1'],
    P: ['power of the oven', 'kW'],
  },
});

/**
 * Hours that a plaster mould dries (formula mould.plaster-dry): a wet front moving inward behind dried plaster, or the power of
 * the oven. Never release a mould on this time alone: prove it by weighing.
 *
 * @param input.wall_mm thickest; sides that dry, 1 or 2 (the usual); volume_cm3; water_kg, or powder_kg, mixWater_kg, gypsumShare (1) and
 *   goal free (the usual) or bound; tOven_C, tFront_C (100); h_W_m2K, kDry_W_mK; heat_J_kg (2 600 000); moulds (1); ovenPower_kW with
 *   ovenShare (0.5)
 * @returns water driven off, kg; hours by the wall and by the oven (null without its power); the longer, and which it is
 * @throws {CoreError} E_ORDER for an oven not above the front, or bound water below 170 °C; E_NO_SOLUTION for mix water not above what
 *   setting takes up; E_RANGE for other sides
 * @example
 * plasterDrying({ wall_mm: 45, sides: 1, volume_cm3: 9000, powder_kg: 6, mixWater_kg: 6.6, goal: 'bound', tOven_C: 240, h_W_m2K: 30, kDry_W_mK: 0.32 }).removed_kg
 * // 6.9726
 */
export function plasterDrying(input: {
  readonly wall_mm: number;
  readonly sides?: number;
  readonly volume_cm3: number;
  readonly water_kg?: number;
  readonly powder_kg?: number;
  readonly mixWater_kg?: number;
  readonly gypsumShare?: number;
  readonly goal?: 'free' | 'bound';
  readonly tOven_C: number;
  readonly tFront_C?: number;
  readonly h_W_m2K: number;
  readonly kDry_W_mK: number;
  readonly heat_J_kg?: number;
  readonly moulds?: number;
  readonly ovenPower_kW?: number;
  readonly ovenShare?: number;
}): { removed_kg: number; wall_h: number; oven_h: number | null; time_h: number; limit: 'wall' | 'oven' } {
  const v = positives(input, 'wall_mm', 'volume_cm3', 'h_W_m2K', 'kDry_W_mK');
  const To = finite('tOven_C', input.tOven_C);
  const Tf = finite('tFront_C', input.tFront_C ?? FRONT_C);
  const goal = oneOf('goal', input.goal ?? 'free', ['free', 'bound'] as const);
  const H = positive('heat_J_kg', input.heat_J_kg ?? HEAT_J_KG);
  const P = input.ovenPower_kW === undefined ? null : positive('ovenPower_kW', input.ovenPower_kW);
  const share = shareOf('ovenShare', positive('ovenShare', input.ovenShare ?? OVEN_SHARE));
  const sides = finite('sides', input.sides ?? 2);
  if (sides !== 1 && sides !== 2) refuse('E_RANGE', 'sides', sides, '1 or 2');
  const moulds = wholeNumber('moulds', input.moulds ?? 1, 1);
  const mix = input.water_kg === undefined ? positives(input, 'powder_kg', 'mixWater_kg') : null;
  const gypsum = shareOf('gypsumShare', input.gypsumShare ?? 1);
  inOrder(To > Tf, 'tOven_C', To, `above the front’s ${Tf} °C`);
  if (mix !== null && goal === 'bound')
    inOrder(To >= BOUND_FROM_C, 'tOven_C', To, `${BOUND_FROM_C} °C for bound water`);
  if (mix !== null && goal === 'free' && mix.mixWater_kg <= SET_UP * gypsum * mix.powder_kg)
    refuse('E_NO_SOLUTION', 'mixWater_kg', mix.mixWater_kg, 'more water than setting takes up');
  const removed_kg =
    mix === null
      ? positive('water_kg', input.water_kg)
      : PLASTER_WATER.of({ mix: mix.mixWater_kg, gypsum, powder: mix.powder_kg }, goal);
  const wall_h = PLASTER_WALL.of({
    ...{ W: removed_kg, V: v.volume_cm3, H, To, Tf, w: v.wall_mm, sides, h: v.h_W_m2K, k: v.kDry_W_mK },
  });
  const oven_h = P === null ? null : PLASTER_OVEN.of({ moulds, W: removed_kg, H, share, P });
  const byOven = oven_h !== null && oven_h > wall_h;
  return { removed_kg, wall_h, oven_h, time_h: byOven ? oven_h : wall_h, limit: byOven ? 'oven' : 'wall' };
}
