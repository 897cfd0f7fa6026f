import {
  finite,
  inOrder,
  LIMIT_GUARD,
  notNegative,
  positive,
  positives,
  shareOf,
  within,
  wholeNumber,
} from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

export const HEAT_TO_DIE = /* @__PURE__ */ formula({
  id: 'sol.warm-up',
  out: 'heat_kJ',
  title: 'Heat to the die at each pour',
  unit: 'kJ',
  expression: 'share * m * (c * dT + L + cSolid * (Tf - Te)) / 1000',
  symbols: {
    share: ['share of the heat that goes into the die', '1'],
    m: ['metal of a pour', 'kg'],
    c: ['specific heat of the melt', 'J/kgK'],
    dT: ['superheat', 'K'],
    L: ['heat of freezing', 'J/kg'],
    cSolid: ['specific heat of the casting', 'J/kgK'],
    Tf: ['freezing temperature', '°C'],
    Te: ['casting when it leaves, its mean', '°C'],
  },
});

export const STEADY_DIE = /* @__PURE__ */ formula({
  id: 'sol.warm-up',
  out: 'steady_C',
  title: 'Die before a pour, once it has settled',
  unit: '°C',
  expression: 'sink + pulse * r / (1 - r)',
  symbols: {
    sink: ['what the die falls towards', '°C'],
    pulse: ['rise of a pour', 'K'],
    r: ['share of a rise that is left after a cycle', '1'],
  },
});

export const LEFT_OF_RISE = /* @__PURE__ */ formula({
  id: 'sol.warm-up',
  out: 'left',
  title: 'Share of a rise that is left after a cycle',
  unit: '1',
  expression: 'exp(0 - (loss + water) * t / (m * c))',
  symbols: {
    loss: ['heat lost to the air', 'W/K'],
    water: ['heat lost to the water', 'W/K'],
    t: ['cycle, pour to pour', 's'],
    m: ['die', 'kg'],
    c: ['specific heat of the die', 'J/kgK'],
  },
});

/** Pours looked at for a limit that is only just reached: beyond it, it is not reached. */
const MOST_POURS = 100_000;

/** The least count of pours from `from` on at which the die stands past a limit; null where it never does. */
function pourPast(start: number, steady: number, r: number, isPast: (T: number) => boolean): number | null {
  if (isPast(start)) return 0;
  if (!isPast(steady)) {
    // It only nears where it settles: what is not past there is past nowhere on the way.
    return null;
  }
  let [low, high] = [0, 1];
  const at = (n: number): number => steady + (start - steady) * r ** n;
  while (!isPast(at(high)) && high < MOST_POURS) high *= 2;
  if (!isPast(at(high))) return null;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (isPast(at(middle))) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * Temperature of a die over its first pours (formula sol.warm-up): how many are scrap before it works, and when water must go
 * on. One temperature for the die, its mean; steady rhythm.
 *
 * @param input shot_kg all metal in the die; heatShare into it, 1 where not said; the metal’s specific heats, superheat, heat of
 *   freezing, freezing temperature and mean at ejection; the die’s mass, specific heat and start; ambient; cycle_s; loss_W_K to
 *   air, water_W_K (0) to water of tWater_C (ambient); spray_kJ (0) of each cycle; the window it works in; cycles to look at
 * @returns heat of a pour, kJ; the die before and after a pour once settled, °C; pours until the window’s foot, and until past its
 *   head, null where never; where it settles; and before the pour that follows `cycles`
 * @throws {CoreError} E_ORDER for ejection above freezing, a die as hot as freezing or a window upside down; E_RANGE for a
 *   share outside 0..1 or cycles that are not whole; E_NO_SOLUTION for spray that takes all heat, or no loss at all
 * @example
 * dieWarmUp({ shot_kg: 1.6, heatShare: 0.9, cLiquid_J_kgK: 1140, superheat_K: 90, latent_J_kg: 430000, cSolid_J_kgK: 1020, tFreeze_C: 585, tEject_C: 480, die_kg: 60, cDie_J_kgK: 500, tStart_C: 220, tAmbient_C: 20, cycle_s: 170, loss_W_K: 16, windowLow_C: 280, windowHigh_C: 380, cycles: 5 }).warmUpPours
 * // 8
 */
export function dieWarmUp(input: {
  readonly shot_kg: number;
  readonly heatShare?: number;
  readonly cLiquid_J_kgK: number;
  readonly superheat_K: number;
  readonly latent_J_kg: number;
  readonly cSolid_J_kgK: number;
  readonly tFreeze_C: number;
  readonly tEject_C: number;
  readonly die_kg: number;
  readonly cDie_J_kgK: number;
  readonly tStart_C: number;
  readonly tAmbient_C: number;
  readonly cycle_s: number;
  readonly loss_W_K: number;
  readonly water_W_K?: number;
  readonly tWater_C?: number;
  readonly spray_kJ?: number;
  readonly windowLow_C: number;
  readonly windowHigh_C: number;
  readonly cycles?: number;
}): {
  heat_kJ: number;
  steady_C: number;
  peak_C: number;
  warmUpPours: number | null;
  waterFrom: number | null;
  settles: 'below' | 'within' | 'above';
  after_C?: number;
} {
  const metal = ['shot_kg', 'cLiquid_J_kgK', 'latent_J_kg', 'cSolid_J_kgK'] as const;
  const v = positives(input, ...metal, 'die_kg', 'cDie_J_kgK', 'cycle_s');
  const dT = notNegative('superheat_K', input.superheat_K);
  const loss = notNegative('loss_W_K', input.loss_W_K);
  const water = notNegative('water_W_K', input.water_W_K ?? 0);
  const spray = notNegative('spray_kJ', input.spray_kJ ?? 0);
  const share = shareOf('heatShare', input.heatShare ?? 1);
  const cycles = input.cycles === undefined ? null : wholeNumber('cycles', input.cycles);
  const [Tf, Te] = [finite('tFreeze_C', input.tFreeze_C), finite('tEject_C', input.tEject_C)];
  const [T0, Ta] = [finite('tStart_C', input.tStart_C), finite('tAmbient_C', input.tAmbient_C)];
  const Tw = finite('tWater_C', input.tWater_C ?? Ta);
  const [low, high] = [finite('windowLow_C', input.windowLow_C), finite('windowHigh_C', input.windowHigh_C)];
  inOrder(Te <= Tf, 'tEject_C', Te, `at most the freezing temperature, ${Tf} °C`);
  inOrder(T0 < Tf, 'tStart_C', T0, `below the freezing temperature, ${Tf} °C`);
  inOrder(low <= high, 'windowLow_C', low, `at most the window’s head, ${high} °C`);
  const heat_kJ = HEAT_TO_DIE.of({
    ...{ share, m: v.shot_kg, c: v.cLiquid_J_kgK, dT, L: v.latent_J_kg, cSolid: v.cSolid_J_kgK, Tf, Te },
  });
  if (heat_kJ - spray <= 0) refuse('E_NO_SOLUTION', 'spray_kJ', spray, `less than the ${heat_kJ} kJ of a pour`);
  const U = loss + water;
  if (U === 0) refuse('E_NO_SOLUTION', 'loss_W_K', loss, 'a loss to air or water');
  const r = LEFT_OF_RISE.of({ loss, water, t: v.cycle_s, m: v.die_kg, c: v.cDie_J_kgK });
  const pulse = ((heat_kJ - spray) * 1000) / (v.die_kg * v.cDie_J_kgK);
  const steady_C = STEADY_DIE.of({ sink: (loss * Ta + water * Tw) / U, pulse, r });
  return {
    ...{ heat_kJ, steady_C, peak_C: steady_C + pulse },
    warmUpPours: pourPast(T0, steady_C, r, (T) => T >= low - LIMIT_GUARD),
    waterFrom: pourPast(T0, steady_C, r, (T) => T > high + LIMIT_GUARD),
    settles: steady_C < low - LIMIT_GUARD ? 'below' : steady_C > high + LIMIT_GUARD ? 'above' : 'within',
    ...(cycles === null ? {} : { after_C: steady_C + (T0 - steady_C) * r ** cycles }),
  };
}

const BALANCE = {
  Q: ['heat of a pour', 'kJ'],
  spray: ['heat that spray takes', 'kJ'],
  t: ['cycle, pour to pour', 's'],
  loss: ['heat lost to the air', 'W/K'],
  Ta: ['ambient', '°C'],
  Tw: ['die wanted', '°C'],
} as const;

export const DIE_SURPLUS = /* @__PURE__ */ formula({
  id: 'sol.die-steady',
  out: 'surplus_kW',
  title: 'Heat left over at the wanted temperature',
  unit: 'kW',
  expression: '(Q - spray) / t - loss * (Tw - Ta) / 1000',
  symbols: BALANCE,
});

export const DIE_WATER = /* @__PURE__ */ formula({
  id: 'sol.die-steady',
  out: 'water_kg_s',
  title: 'Water that holds the die',
  unit: 'kg/s',
  expression: 'max(0, surplus) * 1000 / (c * rise)',
  symbols: {
    surplus: ['heat left over at the wanted temperature', 'kW'],
    c: ['specific heat of water', 'J/kgK'],
    rise: ['rise of the water', 'K'],
  },
});

export const DRY_CYCLE = /* @__PURE__ */ formula({
  id: 'sol.die-steady',
  out: 'dryCycle_s',
  title: 'Cycle that needs no water',
  unit: 's',
  expression: '(Q - spray) * 1000 / (loss * (Tw - Ta))',
  symbols: BALANCE,
});

const MOST_RISE_K = 60;
const WATER_RISE_K = 15;
const WATER_J_KGK = 4186;

/**
 * Heat balance of a running die (formula sol.die-steady): what temperature a rhythm gives, the water for a wanted one, the
 * rhythm that needs none. Means over a cycle and over the die; hot spots need a channel of their own.
 *
 * @param input heat_kJ of a pour, spray_kJ (0), cycle_s, loss_W_K to air, tAmbient_C, tWanted_C, waterRise_K (15),
 *   cWater_J_kgK (4186)
 * @returns the die without water, °C; heat left over, kW; water, kg/s; the dry cycle, s; whether water is needed
 * @throws {CoreError} E_ORDER for a wanted temperature not above ambient, E_RANGE for a rise above 60 K, E_NO_SOLUTION for spray
 *   above the heat
 * @example
 * dieBalance({ heat_kJ: 921, cycle_s: 120, loss_W_K: 16, tAmbient_C: 20, tWanted_C: 340 }).verdict // 'water'
 */
export function dieBalance(input: {
  readonly heat_kJ: number;
  readonly spray_kJ?: number;
  readonly cycle_s: number;
  readonly loss_W_K: number;
  readonly tAmbient_C: number;
  readonly tWanted_C: number;
  readonly waterRise_K?: number;
  readonly cWater_J_kgK?: number;
}): {
  steady_C: number;
  surplus_kW: number;
  water_kg_s: number;
  dryCycle_s: number;
  verdict: 'water' | 'even' | 'cold';
} {
  const v = positives(input, 'heat_kJ', 'cycle_s', 'loss_W_K');
  const spray = notNegative('spray_kJ', input.spray_kJ ?? 0);
  const Ta = finite('tAmbient_C', input.tAmbient_C);
  const Tw = finite('tWanted_C', input.tWanted_C);
  const rise = within('waterRise_K', positive('waterRise_K', input.waterRise_K ?? WATER_RISE_K), 0, MOST_RISE_K);
  const c = positive('cWater_J_kgK', input.cWater_J_kgK ?? WATER_J_KGK);
  inOrder(Tw > Ta, 'tWanted_C', Tw, `above the ambient ${Ta} °C`);
  if (spray > v.heat_kJ) refuse('E_NO_SOLUTION', 'spray_kJ', spray, `at most the ${v.heat_kJ} kJ of a pour`);
  const balance = { Q: v.heat_kJ, spray, t: v.cycle_s, loss: v.loss_W_K, Ta, Tw };
  const surplus_kW = DIE_SURPLUS.of(balance);
  return {
    steady_C: Ta + ((v.heat_kJ - spray) * 1000) / (v.cycle_s * v.loss_W_K),
    ...{ surplus_kW, water_kg_s: DIE_WATER.of({ surplus: surplus_kW, c, rise }), dryCycle_s: DRY_CYCLE.of(balance) },
    verdict: Math.abs(surplus_kW) <= LIMIT_GUARD ? 'even' : surplus_kW > 0 ? 'water' : 'cold',
  };
}
