import {
  filled,
  finite,
  inOrder,
  LIMIT_GUARD,
  notNegative,
  positive,
  positives,
  shareOf,
  within,
} from '../../base/checks';
import { refuse } from '../../base/errors';
import { G, RAD } from '../constants';
import { formula } from '../formula';

/** How likely a place is not to fill: by how much of the way that metal can run it takes. */
export type RunRisk = 'low' | 'raised' | 'misrun';
const LOW_UP_TO = 0.5;

const riskOf = (ratio: number): RunRisk =>
  ratio <= LOW_UP_TO + LIMIT_GUARD ? 'low' : ratio <= 1 + LIMIT_GUARD ? 'raised' : 'misrun';

/** Metal and mould of a run. */
interface Run {
  readonly rho_kg_m3: number;
  readonly latent_J_kg: number;
  /** Share of the heat of freezing that is gone when it stops: 0.2 to 0.35 long range, 0.5 to 1 pure or eutectic. */
  readonly stopFraction: number;
  readonly cLiquid_J_kgK: number;
  readonly superheat_K: number;
  readonly h_W_m2K: number;
  readonly tFreeze_C: number;
  readonly tMould_C: number;
}

export const RUN_LENGTH = /* @__PURE__ */ formula({
  id: 'gate.flow-length',
  out: 'length_mm',
  title: 'How far metal runs in a wall',
  unit: 'mm',
  expression: 'v * rho * w / 2 * (f * L + c * dT) / (h * (Tf - T0))',
  symbols: {
    v: ['speed', 'm/s'],
    rho: ['density of the melt', 'kg/m³'],
    w: ['wall', 'mm'],
    f: ['share of the heat of freezing gone when it stops', '1'],
    L: ['heat of freezing', 'J/kg'],
    c: ['specific heat of the melt', 'J/kgK'],
    dT: ['superheat', 'K'],
    h: ['film between metal and mould', 'W/m²K'],
    Tf: ['freezing temperature', '°C'],
    T0: ['mould', '°C'],
  },
});

function runOf(input: Run): Record<'rho' | 'f' | 'L' | 'c' | 'dT' | 'h' | 'Tf' | 'T0', number> {
  const v = positives(input, 'rho_kg_m3', 'latent_J_kg', 'cLiquid_J_kgK', 'h_W_m2K');
  const dT = notNegative('superheat_K', input.superheat_K);
  const f = shareOf('stopFraction', input.stopFraction);
  const Tf = finite('tFreeze_C', input.tFreeze_C);
  const T0 = finite('tMould_C', input.tMould_C);
  inOrder(T0 < Tf, 'tMould_C', T0, `below the freezing temperature, ${Tf} °C`);
  return { rho: v.rho_kg_m3, f, L: v.latent_J_kg, c: v.cLiquid_J_kgK, dT, h: v.h_W_m2K, Tf, T0 };
}

/**
 * How far metal runs in a thin wall, and whether it fills a path (formula gate.flow-length): the film decides, one front.
 *
 * @param input metal and mould; velocity_m_s, wall_mm, path_mm
 * @returns length in mm; flow time in s; path over length; risk: low to 0.5, raised to 1, misrun above
 * @throws {CoreError} E_ORDER for a mould that is not colder than freezing, E_RANGE for a share outside 0..1
 * @example
 * flowLength({ velocity_m_s: 0.5, wall_mm: 4, rho_kg_m3: 2400, latent_J_kg: 390000, stopFraction: 0.3, cLiquid_J_kgK: 1080, superheat_K: 80, h_W_m2K: 1000, tFreeze_C: 600, tMould_C: 25, path_mm: 260 }).risk
 * // 'low'
 */
export function flowLength(
  input: Run & { readonly velocity_m_s: number; readonly wall_mm: number; readonly path_mm: number },
): { length_mm: number; flowTime_s: number; ratio: number; risk: RunRisk } {
  const own = positives(input, 'velocity_m_s', 'wall_mm');
  const path = notNegative('path_mm', input.path_mm);
  const run = runOf(input);
  const length_mm = RUN_LENGTH.of({ ...run, v: own.velocity_m_s, w: own.wall_mm });
  const ratio = path / length_mm;
  return { length_mm, flowTime_s: length_mm / own.velocity_m_s / 1000, ratio, risk: riskOf(ratio) };
}

/** A place of a tree, plate or disc. */
export interface ReachPosition {
  /** Along the runner to its gate. */
  readonly path_mm: number;
  /** From the gate to its farthest point. */
  readonly inCavity_mm: number;
  readonly wall_mm: number;
  /** In the cavity; the runner’s where not said. */
  readonly velocity_m_s?: number;
}

export const REACH_RATIO = /* @__PURE__ */ formula({
  id: 'gate.reach',
  out: 'ratio',
  title: 'Share of the way that metal can run',
  unit: '1',
  expression: 'path / inRunner + inCavity / inWall',
  symbols: {
    path: ['along the runner to the gate', 'mm'],
    inRunner: ['how far metal runs in the runner', 'mm'],
    inCavity: ['from the gate to the farthest point', 'mm'],
    inWall: ['how far metal runs in the wall', 'mm'],
  },
});

/**
 * Which places of a tree, plate or disc lie too far (formula gate.reach): heat spent along the runner and in the cavity adds
 * up. First metal to each place; a runner warmed by metal passing to others is kinder.
 *
 * @param input metal and mould; runnerVelocity_m_s; runnerWall_mm, twice the runner’s modulus; positions in their order
 * @returns for each place its ratio, superheat left at the gate in K, and risk; the first that misruns, from 1, or null; how many
 *   fill; superheat in K at which all would
 * @throws {CoreError} E_ORDER for a mould that is not colder than freezing, E_RANGE for a share outside 0..1, E_EMPTY without a
 *   place, E_NO_SOLUTION for metal without heat
 * @example
 * reachOfPositions({ rho_kg_m3: 6600, latent_J_kg: 110000, stopFraction: 0.3, cLiquid_J_kgK: 500, superheat_K: 20, h_W_m2K: 2000, tFreeze_C: 385, tMould_C: 90, runnerVelocity_m_s: 0.8, runnerWall_mm: 4, positions: [{ path_mm: 240, inCavity_mm: 60, wall_mm: 1, velocity_m_s: 0.3 }] }).firstMisrun
 * // 1
 */
export function reachOfPositions(
  input: Run & {
    readonly runnerVelocity_m_s: number;
    readonly runnerWall_mm: number;
    readonly positions: readonly ReachPosition[];
  },
): {
  ratio: number[];
  superheatLeft_K: number[];
  risk: RunRisk[];
  firstMisrun: number | null;
  good: number;
  superheatNeeded_K: number;
} {
  const own = positives(input, 'runnerVelocity_m_s', 'runnerWall_mm');
  const places = filled('positions', input.positions).map((p, i) => ({
    path: notNegative(`positions[${i}].path_mm`, p.path_mm),
    inCavity: notNegative(`positions[${i}].inCavity_mm`, p.inCavity_mm),
    w: positive(`positions[${i}].wall_mm`, p.wall_mm),
    v: positive(`positions[${i}].velocity_m_s`, p.velocity_m_s ?? own.runnerVelocity_m_s),
  }));
  const run = runOf(input);
  const heat = run.f * run.L + run.c * run.dT;
  if (heat <= 0) refuse('E_NO_SOLUTION', 'superheat_K', run.dT, 'metal with some heat to give before it stops');
  const inRunner = RUN_LENGTH.of({ ...run, v: own.runnerVelocity_m_s, w: own.runnerWall_mm });
  const ratio = places.map(({ path, inCavity, w, v }) =>
    REACH_RATIO.of({ path, inRunner, inCavity, inWall: RUN_LENGTH.of({ ...run, v, w }) }),
  );
  const risk = ratio.map(riskOf);
  const first = risk.indexOf('misrun');
  return {
    ...{ ratio, risk },
    superheatLeft_K: places.map(({ path }) => Math.max(0, run.dT - ((path / inRunner) * heat) / run.c)),
    firstMisrun: first === -1 ? null : first + 1,
    good: risk.filter((r) => r !== 'misrun').length,
    superheatNeeded_K: Math.max(0, (Math.max(...ratio) * heat - run.f * run.L) / run.c),
  };
}

const HALF_TURN = 180;

export const CAPILLARY_HEAD = /* @__PURE__ */ formula({
  id: 'gate.capillary-head',
  out: 'head_mm',
  title: 'Head that pushes metal into a thin wall',
  unit: 'mm',
  expression: 'max(0, 0 - 2 * gamma * cos / (rho * g * w / 1000) * 1000)',
  symbols: {
    gamma: ['surface tension', 'N/m'],
    cos: ['cosine of the angle of contact', '1'],
    rho: ['density of the melt', 'kg/m³'],
    g: ['gravity', 'm/s²'],
    w: ['wall', 'mm'],
  },
});

/**
 * Head of metal that it takes to enter a thin wall or a sharp edge (formula gate.capillary-head); a round hole takes twice.
 *
 * @param input.surfaceTension_N_m; input.contactAngle_deg; input.rho_kg_m3; input.wall_mm
 * @returns head in mm, not below 0
 * @throws {CoreError} E_RANGE for an angle outside 0..180
 * @example
 * capillaryHead({ surfaceTension_N_m: 0.9, contactAngle_deg: 160, rho_kg_m3: 2400, wall_mm: 2 }).head_mm // 35.9332425237
 */
export function capillaryHead(input: {
  readonly surfaceTension_N_m: number;
  readonly contactAngle_deg: number;
  readonly rho_kg_m3: number;
  readonly wall_mm: number;
}): { head_mm: number } {
  const v = positives(input, 'surfaceTension_N_m', 'rho_kg_m3', 'wall_mm');
  const angle = within('contactAngle_deg', input.contactAngle_deg, 0, HALF_TURN);
  return {
    head_mm: CAPILLARY_HEAD.of({
      ...{ gamma: v.surfaceTension_N_m, cos: Math.cos(angle * RAD), rho: v.rho_kg_m3, g: G, w: v.wall_mm },
    }),
  };
}
