import { finite, LIMIT_GUARD, positive, positives, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { G } from '../constants';
import { formula } from '../formula';

const LAMINAR_BELOW = 2000;
const SKIN_UP_TO = 20_000;

export const REYNOLDS = /* @__PURE__ */ formula({
  id: 'gate.reynolds',
  out: 'reynolds',
  title: 'Reynolds number of the runner',
  unit: '1',
  expression: 'rho * v * D / 1000 / mu',
  symbols: {
    rho: ['density of the melt', 'kg/m³'],
    v: ['speed', 'm/s'],
    D: ['hydraulic diameter', 'mm'],
    mu: ['viscosity', 'Pa·s'],
  },
});

/** How metal flows in a runner: quietly, with an unbroken skin, or with a broken one that draws it in. */
export type FlowRegime = 'laminar' | 'turbulent-smooth-skin' | 'turbulent-broken-skin';

/**
 * Reynolds number of a full runner or sprue (formula gate.reynolds).
 *
 * @param input.rho_kg_m3, input.velocity_m_s, input.viscosity_Pa_s; input.diameter_mm, or width_mm and height_mm
 * @returns hydraulic diameter in mm, the number, and how the metal flows
 * @throws {CoreError} E_SIGN for figures of nothing
 * @example
 * runnerReynolds({ rho_kg_m3: 2400, velocity_m_s: 0.5, width_mm: 40, height_mm: 10, viscosity_Pa_s: 0.0012 }).reynolds // 16000
 */
export function runnerReynolds(input: {
  readonly rho_kg_m3: number;
  readonly velocity_m_s: number;
  readonly viscosity_Pa_s: number;
  readonly diameter_mm?: number;
  readonly width_mm?: number;
  readonly height_mm?: number;
}): { hydraulicDiameter_mm: number; reynolds: number; regime: FlowRegime } {
  const v = positives(input, 'rho_kg_m3', 'velocity_m_s', 'viscosity_Pa_s');
  let D: number;
  if (input.diameter_mm === undefined) {
    const box = positives(input, 'width_mm', 'height_mm');
    D = (2 * box.width_mm * box.height_mm) / (box.width_mm + box.height_mm);
  } else D = positive('diameter_mm', input.diameter_mm);
  const Re = REYNOLDS.of({ rho: v.rho_kg_m3, v: v.velocity_m_s, D, mu: v.viscosity_Pa_s });
  return {
    ...{ hydraulicDiameter_mm: D, reynolds: Re },
    regime: Re < LAMINAR_BELOW ? 'laminar' : Re <= SKIN_UP_TO ? 'turbulent-smooth-skin' : 'turbulent-broken-skin',
  };
}

const MEMBERS = 3;

export const AREA_OF_RATIO = /* @__PURE__ */ formula({
  id: 'gate.ratio',
  out: 'area_mm2',
  title: 'Area by the ratio of sprue, runner and gate',
  unit: 'mm²',
  expression: 'choke * own / min(sprue, runner, gate) / count',
  symbols: {
    choke: ['choke, the smallest of the three', 'mm²'],
    own: ['its own member of the ratio', '1'],
    sprue: ['sprue', '1'],
    runner: ['runner', '1'],
    gate: ['gate', '1'],
    count: ['how many share it', '1'],
  },
});

/**
 * Areas of sprue, runners and gates from the choke (formula gate.ratio). Runner ends, filters and several gates on one runner
 * need stepping down.
 *
 * @param input.choke_mm2; input.ratio of sprue, runner and gate; input.runners and gates that share theirs
 * @returns sprue, each runner, all gates and each, mm²; pressurised where the gates are the smaller, unpressurised where larger
 * @throws {CoreError} E_LENGTH for a ratio that has not three members, E_RANGE for counts that are not whole
 * @example
 * gatingAreas({ choke_mm2: 218, ratio: [1, 2, 4], runners: 2, gates: 4 }).gateEach_mm2 // 218
 */
export function gatingAreas(input: {
  readonly choke_mm2: number;
  readonly ratio: readonly number[];
  readonly runners: number;
  readonly gates: number;
}): {
  sprue_mm2: number;
  runnerEach_mm2: number;
  gateTotal_mm2: number;
  gateEach_mm2: number;
  system: 'pressurised' | 'unpressurised' | 'balanced';
} {
  const choke = positive('choke_mm2', input.choke_mm2);
  if (!Array.isArray(input.ratio)) refuse('E_NOT_A_NUMBER', 'ratio', input.ratio, 'a list of three');
  const ratio = input.ratio.map((x, i) => positive(`ratio[${i}]`, x));
  const [sprue, runner, gate] = ratio;
  const runners = wholeNumber('runners', input.runners, 1);
  const gates = wholeNumber('gates', input.gates, 1);
  if (ratio.length !== MEMBERS || sprue === undefined || runner === undefined || gate === undefined)
    return refuse('E_LENGTH', 'ratio', JSON.stringify(input.ratio), 'three members: sprue, runner, gate');
  const area = (own: number, count: number): number => AREA_OF_RATIO.of({ choke, own, sprue, runner, gate, count });
  return {
    sprue_mm2: area(sprue, 1),
    runnerEach_mm2: area(runner, runners),
    gateTotal_mm2: area(gate, 1),
    gateEach_mm2: area(gate, gates),
    system: gate < sprue ? 'pressurised' : gate > sprue ? 'unpressurised' : 'balanced',
  };
}

const GATE_LIMIT = 0.5;

export const GATE_SPEED = /* @__PURE__ */ formula({
  id: 'gate.velocity',
  out: 'velocity_m_s',
  title: 'Speed at the gates',
  unit: 'm/s',
  expression: 'V / (t * A)',
  symbols: {
    V: ['volume through the gates', 'cm³'],
    t: ['fill time', 's'],
    A: ['gates', 'mm²'],
  },
});

/**
 * Whether metal enters quietly (formula gate.velocity): the mean speed over all gates running full.
 *
 * @param input.volume_cm3 through them; input.fillTime_s; input.gateArea_mm2; input.limit_m_s, 0.5 where not said
 * @returns speed in m/s; whether the limit holds; gates that would be needed, mm²
 * @throws {CoreError} E_SIGN for no time, area or limit
 * @example
 * gateVelocity({ volume_cm3: 1875, fillTime_s: 6, gateArea_mm2: 500 }).ok // false
 */
export function gateVelocity(input: {
  readonly volume_cm3: number;
  readonly fillTime_s: number;
  readonly gateArea_mm2: number;
  readonly limit_m_s?: number;
}): { velocity_m_s: number; ok: boolean; areaNeeded_mm2: number } {
  const v = positives(input, 'volume_cm3', 'fillTime_s', 'gateArea_mm2');
  const limit = positive('limit_m_s', input.limit_m_s ?? GATE_LIMIT);
  const velocity_m_s = GATE_SPEED.of({ V: v.volume_cm3, t: v.fillTime_s, A: v.gateArea_mm2 });
  return {
    ...{ velocity_m_s, ok: velocity_m_s <= limit + LIMIT_GUARD },
    areaNeeded_mm2: v.volume_cm3 / (v.fillTime_s * limit),
  };
}

export const CRITICAL_SPEED = /* @__PURE__ */ formula({
  id: 'gate.critical-velocity',
  out: 'velocity_m_s',
  title: 'Speed up to which a jet keeps its skin',
  unit: 'm/s',
  expression: '2 * sqrt(sqrt(gamma * g / rho))',
  symbols: {
    gamma: ['surface tension', 'N/m'],
    g: ['gravity', 'm/s²'],
    rho: ['density of the melt', 'kg/m³'],
  },
});

/**
 * Speed up to which a jet of metal keeps its skin (formula gate.critical-velocity): it can rise no higher than a puddle stands.
 *
 * @param input.surfaceTension_N_m, input.rho_kg_m3
 * @returns speed in m/s, and how high a puddle stands, mm
 * @throws {CoreError} E_SIGN for figures of nothing
 * @example
 * criticalVelocity({ surfaceTension_N_m: 0.9, rho_kg_m3: 2400 }).velocity_m_s // 0.492513321161
 */
export function criticalVelocity(input: { readonly surfaceTension_N_m: number; readonly rho_kg_m3: number }): {
  velocity_m_s: number;
  sessileHeight_mm: number;
} {
  const v = positives(input, 'surfaceTension_N_m', 'rho_kg_m3');
  const gamma = finite('surfaceTension_N_m', v.surfaceTension_N_m);
  return {
    velocity_m_s: CRITICAL_SPEED.of({ gamma, g: G, rho: v.rho_kg_m3 }),
    sessileHeight_mm: 2 * Math.sqrt(gamma / (v.rho_kg_m3 * G)) * 1000,
  };
}
