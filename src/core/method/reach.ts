import { REACH_RATIO, reachOfPositions, RUN_LENGTH } from '../formula-book/gating';
import { STOP_FRACTION } from './data/gating.data';
import { kindOf } from './kind';
import type { MethodSubject } from './subject';

const MOST_PLACES = 400;

const MM3_PER_CM3 = 1000;

/** The tree, plate or disc: how its places stand, and the runner that leads to them. */
export function putTree(subject: MethodSubject, runner: { readonly speed: number; readonly wall: number }): void {
  const { sheet, facts, lane, plan } = subject;
  const { gap_mm } = lane.capability.layout;
  sheet.give('positions', 'layout', 'castings of a pour', '1', plan.n, 'layout');
  sheet.give('runnerSpeed', 'gating', 'speed in the runner', 'm/s', runner.speed, 'handbook', 'assumed');
  sheet.give('runnerWall', 'gating', 'twice the modulus of the runner', 'mm', runner.wall, 'handbook', 'assumed');
  sheet.give(
    'perRow',
    'layout',
    'places of a row',
    '1',
    Math.max(1, Math.round(Math.sqrt(sheet.at('positions')))),
    'layout',
    'assumed',
  );
  sheet.give(
    'pitch',
    'layout',
    'from one row to the next',
    'mm',
    Math.min(facts.L, facts.W) + gap_mm,
    'layout',
    'assumed',
  );
  // A round bar’s modulus is a quarter of its diameter.
  sheet.work('runnerDiameter', 'gating', 'Runner, across', 'mm', '2 * runnerWall');
  const rows = kindOf(subject) === 'rubber' ? '1' : 'ceil(max(1, positions) / max(1, perRow))';
  sheet.work('rows', 'layout', 'Rows of places', '1', rows);
  sheet.work('runnerLength', 'gating', 'Runner, along', 'mm', 'rows * pitch');
  sheet.work(
    ...(['runnerOwn', 'gating', 'Volume of the runner itself', 'cm³'] as const),
    `0.7853981633974483 * runnerDiameter * runnerDiameter * runnerLength / ${MM3_PER_CM3}`,
  );
}

/** How far metal runs in the runner and in the thinnest wall, and which places of a tree, plate or disc lie too far. */
export function putReach(subject: MethodSubject): void {
  const { sheet, facts, alloy } = subject;
  sheet.give(
    'stopFraction',
    'gating',
    'share of the heat of freezing gone when flow stops',
    '1',
    STOP_FRACTION[alloy.freezing] ?? [0.3, 0.45, 0.6],
    'handbook',
    'handbook',
  );
  sheet.give(
    ...([
      'wallSpeed',
      'gating',
      'speed in the thinnest wall',
      'm/s',
      sheet.at('runnerSpeed') / 2,
      'handbook',
      'assumed',
    ] as const),
  );
  const run = {
    ...{ rho: 'rhoLiquid', f: 'stopFraction', L: 'latent', c: 'cLiquid', dT: 'superheat', h: 'film' },
    ...{ Tf: 'freeze', T0: 'mouldTemp' },
  };
  sheet.put(
    'runInRunner',
    'gating',
    RUN_LENGTH,
    { ...run, v: 'runnerSpeed', w: 'runnerWall' },
    undefined,
    'How far metal runs in the runner',
  );
  sheet.put(
    'runInWall',
    'gating',
    RUN_LENGTH,
    { ...run, v: 'wallSpeed', w: 'wall' },
    undefined,
    'How far metal runs in the thinnest wall',
  );
  const perRow = Math.max(1, Math.round(sheet.at('perRow')));
  const step = sheet.at('pitch');
  sheet.give(
    'inCavity',
    'gating',
    'from the gate to the farthest point of a casting',
    'mm',
    Math.max(facts.L, facts.W, facts.H) / 2,
    'brief',
    'assumed',
  );
  const n = Math.min(MOST_PLACES, Math.max(1, Math.round(sheet.at('positions'))));
  // A tree stands in rows round its sprue, a disc in rings: each row lies one step farther.
  const paths = Array.from(
    { length: n },
    (_, i) => step * (kindOf(subject) === 'rubber' ? 0.5 : Math.floor(i / perRow) + 0.5),
  );
  const found = reachOfPositions({
    ...{ rho_kg_m3: sheet.at('rhoLiquid'), latent_J_kg: sheet.at('latent'), stopFraction: sheet.at('stopFraction') },
    ...{ cLiquid_J_kgK: sheet.at('cLiquid'), superheat_K: sheet.at('superheat'), h_W_m2K: sheet.at('film') },
    ...{ tFreeze_C: sheet.at('freeze'), tMould_C: sheet.at('mouldTemp'), runnerVelocity_m_s: sheet.at('runnerSpeed') },
    runnerWall_mm: sheet.at('runnerWall'),
    positions: paths.map((path_mm) => ({
      ...{ path_mm, inCavity_mm: sheet.at('inCavity'), wall_mm: sheet.at('wall'), velocity_m_s: sheet.at('wallSpeed') },
    })),
  });
  sheet.places = paths.map((path_mm, i) => ({
    ...{ at: i + 1, path_mm, ratio: found.ratio[i] ?? NaN, risk: found.risk[i] ?? 'misrun' },
  }));
  const far = Math.max(...paths);
  sheet.give('farPath', 'gating', 'along the runner to the farthest gate', 'mm', far, 'layout');
  sheet.put(
    'reachFar',
    'gating',
    REACH_RATIO,
    { path: 'farPath', inRunner: 'runInRunner', inCavity: 'inCavity', inWall: 'runInWall' },
    undefined,
    'The farthest place: share of the way that metal can run',
  );
  sheet.found(
    'goodPlaces',
    'gating',
    'Places that fill',
    '1',
    found.good,
    'Formula book gate.reach: places whose way is within what metal can run',
    ['reachFar', 'positions'],
  );
  sheet.found(
    'superheatAll',
    'gating',
    'Superheat at which every place fills',
    'K',
    found.superheatNeeded_K,
    'Formula book gate.reach',
    ['reachFar', 'superheat'],
  );
  sheet.say(
    ...(['reach', 'gating', found.firstMisrun === null ? 'fits' : 'look'] as const),
    found.firstMisrun === null
      ? `All ${n} places fill.`
      : `${n - found.good} of ${n} places lie too far, the first of them place ${found.firstMisrun}: ${found.superheatNeeded_K.toFixed(0)} K of superheat would fill all, ${sheet.at('superheat').toFixed(0)} K are there.`,
    ['reachFar', 'goodPlaces', 'superheatAll'],
    'Hotter metal or mould, a thicker runner, fewer places, or a count of good places in the brief.',
  );
}
