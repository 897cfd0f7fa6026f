import {
  AREA_OF_RATIO,
  CHARGE,
  CHOKE_AREA,
  FILL_LEAST,
  FILL_MOST,
  FILL_TIME,
  GAS_FLOW,
  GATE_SPEED,
  HEAD,
  IRON_JUMP_KG,
  POURED,
  REYNOLDS,
  SPRUE_TOP,
  VENT_AREA,
  YIELD,
} from '../formula-book/gating';
import { FILTER_AREA } from '../formula-book/feeding';
import { INTERFACE_TIME } from '../formula-book/solidification';
import { G, ZERO_C_K } from '../formula-book';
import { KG_PER_POUND } from '../base/units';
import {
  FILL_RULE,
  FILTER_CAPACITY,
  FILTER_SPEED,
  GATE_LIMIT,
  GATE_RATIO,
  VENT_SPEED,
  WALL_MASS_S,
} from './data/gating.data';
import { ofFamily, type MethodSubject } from './subject';

/** Reynolds number above which the skin of the metal breaks. Basis: rule. */
const BROKEN_SKIN = 20_000;

/** Sand, or die, above a casting at least; basin above that. Basis: rule. */
const LEAST_COVER_MM = 40;

/** Runner, sprue and gates over the castings they fill, by volume. Basis: assumed. */
const RUNNER_SHARE = [0.15, 0.25, 0.45] as const;
/** The same of a tree whose runner is counted by itself. Basis: assumed. */
const CUP_SHARE = [0.03, 0.06, 0.12] as const;
const CUBE_ROOT: Readonly<Record<string, number>> = { 'copper-bottom': 1.8 };
const LIGHT: readonly string[] = ['aluminium', 'magnesium'];

/** Metal of a pour, with what feeds it. */
export function putPoured({ sheet, plan, alloy }: MethodSubject): void {
  if (!sheet.has('positions')) sheet.give('positions', 'layout', 'castings of a pour', '1', plan.n, 'layout');
  sheet.give(
    'runnerShare',
    'gating',
    sheet.has('runnerOwn') ? 'cup and gates over the castings' : 'sprue, runners and gates over the castings',
    '1',
    sheet.has('runnerOwn') ? CUP_SHARE : RUNNER_SHARE,
    'handbook',
    'assumed',
  );
  const feeders = !sheet.has('feederVolume')
    ? '0'
    : sheet.has('feeders')
      ? 'positions * feeders * feederVolume'
      : 'positions * feederVolume';
  sheet.work('feedersVolume', 'gating', 'Volume of all feeders', 'cm³', feeders);
  sheet.work(
    'runnersVolume',
    'gating',
    'Volume of sprue, runners and gates',
    'cm³',
    sheet.has('runnerOwn') ? 'runnerOwn + positions * volume * runnerShare' : 'positions * volume * runnerShare',
  );
  const volumes = { n: 'positions', part: 'volume', feeders: 'feedersVolume', runners: 'runnersVolume' };
  sheet.put('poured', 'gating', POURED, { rho: 'rhoLiquid', ...volumes });
  sheet.put('yield', 'gating', YIELD, volumes);
  sheet.give(
    'meltLoss',
    'gating',
    'share lost in melting',
    '1',
    (alloy.meltLoss_pct[1] ?? 0) / 100,
    'alloy',
    'handbook',
  );
  sheet.give('spill', 'gating', 'share spilled or pigged', '1', [0.01, 0.02, 0.05], 'handbook', 'assumed');
  sheet.put('charge', 'gating', CHARGE, { poured: 'poured', spill: 'spill', meltLoss: 'meltLoss' });
}

/** How fast a mould filled by gravity is filled, and through what. */
export function putGating(subject: MethodSubject, mould: 'sand' | 'die'): void {
  const { sheet, alloy } = subject;
  const family = alloy.family;
  const rule = FILL_RULE[family] ?? 'wall-mass';
  const m = sheet.at('poured');
  const multiple =
    rule === 'wall-mass'
      ? WALL_MASS_S
      : rule === 'ductile-iron'
        ? sheet.at('section') < 10
          ? 2.08
          : sheet.at('section') <= 25
            ? 2.67
            : 2.97
        : (CUBE_ROOT[rule] ?? 1);
  sheet.give('fillMultiple', 'gating', 'multiple of the fill rule', 's', multiple, 'handbook', 'rule');
  const form =
    rule === 'grey-iron'
      ? m < IRON_JUMP_KG
        ? 'grey-iron light'
        : 'grey-iron heavy'
      : rule in CUBE_ROOT
        ? 'cube root'
        : rule;
  const mass = rule === 'steel' ? m / KG_PER_POUND : 'poured';
  sheet.put('fillByRule', 'gating', FILL_TIME, { K: 'fillMultiple', T: 'section', m: mass }, form);
  const limits = ofFamily(GATE_LIMIT, family);
  sheet.give('gateLimit', 'gating', 'speed allowed at the gates', 'm/s', limits, 'handbook', 'handbook');
  sheet.give('wallModulus', 'gating', 'modulus of the thinnest wall', 'mm', sheet.at('wall') / 2, 'brief');
  sheet.put(
    'thinFreeze',
    'gating',
    INTERFACE_TIME,
    {
      ...{ rho: 'rhoLiquid', M: 'wallModulus', h: 'film', L: 'latent', c: 'cLiquid' },
      ...{ Tp: 'pour', Tf: 'freeze', Td: 'mouldTemp' },
    },
    'lumped',
    'Freezing time of the thinnest wall by the film alone',
  );
  sheet.give(
    'fillShare',
    'gating',
    'share of it that the fill may take',
    '1',
    [0.25, 0.4, 0.5],
    'handbook',
    'handbook',
  );
  sheet.put('fillMost', 'gating', FILL_MOST, { share: 'fillShare', t: 'thinFreeze' });
  sheet.give(
    'fillTime',
    'gating',
    'fill time',
    's',
    Math.min(sheet.at('fillByRule'), Math.max(sheet.at('fillMost'), 0.5)),
    'layout',
  );
  if (sheet.at('fillTime') > sheet.at('fillMost') * (1 + 1e-9))
    sheet.say(
      ...(['fill-slow', 'gating', 'look'] as const),
      `Filled in ${sheet.at('fillTime').toFixed(1)} s, the thinnest wall may freeze: ${sheet.at('fillMost').toFixed(1)} s are left for it.`,
      ['fillMost'],
      'Hotter metal or mould, more gate, a thicker wall, or a route under pressure.',
    );
  putHead(subject);
  sheet.give('discharge', 'gating', 'discharge of the gating', '1', [0.65, 0.8, 0.9], 'handbook', 'handbook');
  sheet.put('choke', 'gating', CHOKE_AREA, {
    m: 'poured',
    rho: 'rhoLiquid',
    t: 'fillTime',
    C: 'discharge',
    g: G,
    H: 'head',
  });
  putAreas(subject);
  const through = (sheet.at('poured') / sheet.at('rhoLiquid')) * 1e6;
  sheet.work('throughGates', 'gating', 'Volume through the gates', 'cm³', 'poured / rhoLiquid * 1000000');
  sheet.put('gateSpeed', 'gating', GATE_SPEED, { V: 'throughGates', t: 'fillTime', A: 'gatesArea' });
  sheet.put('fillLeast', 'gating', FILL_LEAST, { V: 'throughGates', A: 'gatesArea', v: 'gateLimit' });
  const quick = sheet.at('gateSpeed') > sheet.at('gateLimit') * (1 + 1e-9);
  sheet.say(
    ...(['gate-speed', 'gating', quick ? 'look' : 'fits'] as const),
    quick
      ? `Metal enters at ${sheet.at('gateSpeed').toFixed(2)} m/s; ${sheet.at('gateLimit')} m/s is allowed before its skin breaks.`
      : 'Metal enters quietly.',
    ['gateSpeed'],
    `Gates of ${(through / (sheet.at('fillTime') * sheet.at('gateLimit'))).toFixed(0)} mm² in all, or a slower fill.`,
  );
  putReynolds(subject);
  putFilter(subject);
  putVents(subject, mould);
}

/** How metal flows in the runner: its number, and whether its skin holds. */
function putReynolds({ sheet }: MethodSubject): void {
  sheet.give('viscosity', 'gating', 'viscosity of the melt', 'Pa·s', [0.001, 0.0015, 0.006], 'handbook', 'handbook');
  sheet.work(
    'runnerFlow',
    'gating',
    'Speed in the runner',
    'm/s',
    'throughGates / fillTime / max(0.000001, runnersArea)',
  );
  sheet.work('runnerAcross', 'gating', 'Side of a square runner', 'mm', 'sqrt(max(0, runnersArea))');
  sheet.put('reynolds', 'gating', REYNOLDS, { rho: 'rhoLiquid', v: 'runnerFlow', D: 'runnerAcross', mu: 'viscosity' });
  const broken = sheet.at('reynolds') > BROKEN_SKIN;
  sheet.say(
    ...(['reynolds', 'gating', broken ? 'look' : 'fits'] as const),
    broken
      ? `In the runner the metal’s skin breaks (Reynolds number ${sheet.at('reynolds').toFixed(0)}): it draws oxide in.`
      : 'The metal’s skin holds in the runner.',
    ['reynolds', 'runnerFlow'],
    'A wider runner, two of them, a filter, or a slower fill.',
  );
}

function putHead({ sheet, lane }: MethodSubject): void {
  const cover = Math.max(LEAST_COVER_MM, lane.capability.layout.cover_mm);
  sheet.give(
    'above',
    'gating',
    'part of the casting above the gate',
    'mm',
    Math.max(0, sheet.at('height') - sheet.at('joint')),
    'layout',
  );
  sheet.give(
    'sprue',
    'gating',
    'sprue: level poured at, above the gate',
    'mm',
    sheet.at('above') + cover + 40,
    'layout',
    'assumed',
  );
  sheet.put('head', 'gating', HEAD, { h: 'sprue', p: 'above', c: 'height' }, 'exact');
}

function putAreas({ sheet, alloy }: MethodSubject): void {
  const [sprue, runner, gate] = ofFamily(GATE_RATIO, alloy.family);
  sheet.give('ratioSprue', 'gating', 'ratio: sprue', '1', sprue, 'handbook', 'handbook');
  sheet.give('ratioRunner', 'gating', 'ratio: runners', '1', runner, 'handbook', 'handbook');
  sheet.give('ratioGate', 'gating', 'ratio: gates', '1', gate, 'handbook', 'handbook');
  sheet.give('gates', 'gating', 'gates of a casting', '1', 1, 'layout', 'assumed');
  const ratio = { choke: 'choke', sprue: 'ratioSprue', runner: 'ratioRunner', gate: 'ratioGate' };
  sheet.put(
    'sprueFoot',
    'gating',
    AREA_OF_RATIO,
    { ...ratio, own: 'ratioSprue', count: 1 },
    undefined,
    'Foot of the sprue',
  );
  sheet.put(
    'runnersArea',
    'gating',
    AREA_OF_RATIO,
    { ...ratio, own: 'ratioRunner', count: 1 },
    undefined,
    'All runners',
  );
  sheet.put('gatesArea', 'gating', AREA_OF_RATIO, { ...ratio, own: 'ratioGate', count: 1 }, undefined, 'All gates');
  sheet.work('gatesCount', 'gating', 'Gates of a pour', '1', 'positions * gates');
  sheet.put(
    'gateEach',
    'gating',
    AREA_OF_RATIO,
    { ...ratio, own: 'ratioGate', count: 'gatesCount' },
    undefined,
    'One gate',
  );
  sheet.give('basin', 'gating', 'level in the basin above the sprue’s top', 'mm', 40, 'layout', 'assumed');
  sheet.put('sprueTop', 'gating', SPRUE_TOP, { choke: 'sprueFoot', H: 'sprue', b: 'basin' });
}

function putFilter({ sheet, alloy }: MethodSubject): void {
  sheet.give(
    'filterCapacity',
    'gating',
    'metal a square centimetre of filter passes',
    'kg/cm²',
    ofFamily(FILTER_CAPACITY, alloy.family),
    'handbook',
    'rule',
  );
  sheet.give(
    'filterSpeed',
    'gating',
    'speed before the filter',
    'm/s',
    LIGHT.includes(alloy.family) ? FILTER_SPEED.light : FILTER_SPEED.other,
    'handbook',
    'rule',
  );
  sheet.give('filterMultiple', 'gating', 'filter over the choke, at least', '1', 4, 'handbook', 'rule');
  sheet.put('filter', 'gating', FILTER_AREA, {
    ...{ m: 'poured', capacity: 'filterCapacity', rho: 'rhoLiquid', t: 'fillTime', v: 'filterSpeed' },
    ...{ multiple: 'filterMultiple', choke: 'choke' },
  });
}

function putVents({ sheet }: MethodSubject, mould: 'sand' | 'die'): void {
  sheet.give('ventSpeed', 'gating', 'speed of gas in the vents', 'm/s', VENT_SPEED[mould], 'handbook', 'rule');
  sheet.give('ventGas', 'gating', 'gas at the vent', '°C', Math.max(sheet.at('mouldTemp'), 300), 'handbook', 'assumed');
  sheet.give(
    'extraGas',
    'gating',
    'gas of binder and coat, at the vent',
    'cm³',
    mould === 'sand' ? sheet.at('throughGates') : 0,
    'handbook',
    'assumed',
  );
  sheet.put('gasFlow', 'gating', GAS_FLOW, {
    ...{ V: 'throughGates', Tg: sheet.at('ventGas') + ZERO_C_K, Tc: sheet.at('mouldTemp') + ZERO_C_K },
    ...{ extra: 'extraGas', t: 'fillTime' },
  });
  sheet.put('vents', 'gating', VENT_AREA, { flow: 'gasFlow', w: 'ventSpeed' });
}
