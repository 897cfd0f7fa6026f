import { LOCKING_FORCE, OPENING_AREA, SHOT_MASS, SLEEVE_FILL, FILL_PRESSURE } from '../formula-book/forces';
import { DIE_FILL_TIME, GAS_FLOW, GATE_SPEED, VENT_AREA } from '../formula-book/gating';
import { G, ZERO_C_K } from '../formula-book';
import { DIE_FILL, VENT_SPEED } from './data/gating.data';
import type { MethodSubject } from './subject';

const KN_PER_MN = 1000;

/** Fill, gate, shot and lock of a pressure die. */
export function putPressureDie({ sheet, alloy, lane }: MethodSubject): void {
  const of = (DIE_FILL[alloy.family] ?? DIE_FILL['aluminium']) as (typeof DIE_FILL)[string];
  const cold = lane.id === 'pressure-die/cold';
  sheet.give('fillConstant', 'gating', 'constant of metal and die steel', 's/mm', of.k, 'handbook', 'rule');
  sheet.give('atGate', 'gating', 'metal at the gate', '°C', sheet.at('pour') - 15, 'alloy', 'assumed');
  sheet.give('flowing', 'gating', 'least temperature at which it flows', '°C', sheet.at('freeze'), 'alloy', 'handbook');
  sheet.give(
    'solid',
    'gating',
    'solid allowed at the end of fill',
    '%',
    sheet.at('wall') < 1.5 ? 10 : 20,
    'handbook',
    'rule',
  );
  sheet.give('solidWorth', 'gating', 'what a per cent of solid is worth', 'K/%', of.Z, 'handbook', 'rule');
  sheet.put('dieFill', 'gating', DIE_FILL_TIME, {
    ...{ k: 'fillConstant', Ti: 'atGate', Tflow: 'flowing', S: 'solid', Z: 'solidWorth', Td: 'mouldTemp', w: 'wall' },
  });
  sheet.give('overflow', 'gating', 'overflows over a casting', '1', [0.05, 0.1, 0.2], 'handbook', 'assumed');
  const through = sheet.at('positions') * sheet.at('volume') * (1 + sheet.at('overflow'));
  sheet.work('throughGates', 'gating', 'Volume through the gates', 'cm³', 'positions * volume * (1 + overflow)');
  sheet.give('gateSpeedWanted', 'gating', 'speed wanted at the gate', 'm/s', of.gate_m_s, 'handbook', 'rule');
  sheet.give(
    'gatesArea',
    'gating',
    'gates in all',
    'mm²',
    Math.ceil(through / sheet.at('dieFill') / sheet.at('gateSpeedWanted')),
    'layout',
  );
  sheet.put('gateSpeed', 'gating', GATE_SPEED, { V: 'throughGates', t: 'dieFill', A: 'gatesArea' });
  const [slow, , quick] = of.gate_m_s;
  const off = sheet.at('gateSpeed') < slow * 0.999 || sheet.at('gateSpeed') > quick * 1.001;
  sheet.say(
    'die-gate',
    'gating',
    off ? 'look' : 'fits',
    off
      ? `Metal passes the gate at ${sheet.at('gateSpeed').toFixed(1)} m/s; ${slow} to ${quick} m/s fill well and spare the die.`
      : 'The speed at the gate is in its band.',
    ['gateSpeed'],
    'Another area of the gates, or another fill time.',
  );
  putShot(cold, sheet);
  sheet.give('pressure', 'forces', 'pressure on the metal', 'MPa', of.pressure_MPa, 'handbook', 'rule');
  sheet.give(
    'runnerShadow',
    'forces',
    'shadow of the runner over that of the castings',
    '1',
    [0.15, 0.25, 0.4],
    'handbook',
    'assumed',
  );
  sheet.put('openingArea', 'forces', OPENING_AREA, {
    ...{ n: 'positions', A: 'shadow', runner: 'runnerShadow', overflow: 'overflow', biscuit: cold ? 'plungerFace' : 0 },
  });
  sheet.give('lockSafety', 'forces', 'safety of the lock', '1', [1.1, 1.2, 1.3], 'handbook', 'rule');
  sheet.put('lock', 'forces', LOCKING_FORCE, { safety: 'lockSafety', p: 'pressure', A: 'openingArea', slides: 0 });
  const most = lane.capability.layout.maxClamp_MN;
  sheet.give(
    'machine',
    'forces',
    'lock of the machine',
    'kN',
    most === undefined ? Math.ceil(sheet.at('lock') / 500) * 500 : KN_PER_MN * most,
    'route',
    'assumed',
  );
  const weak = sheet.at('machine') < sheet.at('lock');
  sheet.say(
    ...(['lock', 'forces', weak ? 'refused' : 'fits'] as const),
    weak
      ? `The machine locks with ${sheet.at('machine').toFixed(0)} kN and the metal opens it with ${(sheet.at('lock') / sheet.at('lockSafety')).toFixed(0)} kN: ${sheet.at('lock').toFixed(0)} kN are needed.`
      : 'The machine holds the die shut.',
    ['lock'],
    'A larger machine, fewer cavities, less pressure, or the part turned so that it shows less.',
  );
  sheet.give('ventSpeed', 'gating', 'speed of gas in the vents', 'm/s', VENT_SPEED.die, 'handbook', 'rule');
  sheet.put('gasFlow', 'gating', GAS_FLOW, {
    ...{
      V: 'throughGates',
      Tg: sheet.at('mouldTemp') + ZERO_C_K,
      Tc: sheet.at('mouldTemp') + ZERO_C_K,
      extra: 0,
      t: 'dieFill',
    },
  });
  sheet.put('vents', 'gating', VENT_AREA, { flow: 'gasFlow', w: 'ventSpeed' });
}

function putShot(cold: boolean, sheet: MethodSubject['sheet']): void {
  if (!cold) return;
  sheet.give(
    'plunger',
    'forces',
    'plunger',
    'mm',
    Math.max(40, Math.round(Math.cbrt(sheet.at('throughGates') * 700) / 5) * 5),
    'route',
    'assumed',
  );
  sheet.work('plungerFace', 'forces', 'Face of the plunger', 'cm²', '0.7853981633974483 * plunger * plunger / 100');
  sheet.give('biscuit', 'forces', 'biscuit', 'mm', [15, 25, 40], 'handbook', 'rule');
  sheet.work('biscuitVolume', 'forces', 'Volume of the biscuit', 'cm³', 'plungerFace * biscuit / 10');
  sheet.give('stroke', 'forces', 'stroke of the plunger', 'mm', 350, 'route', 'assumed');
  const volumes = {
    n: 'positions',
    V: 'volume',
    overflow: 'overflow',
    runner: 'runnersVolume',
    biscuit: 'biscuitVolume',
  };
  sheet.put('shot', 'forces', SHOT_MASS, { rho: 'rhoLiquid', ...volumes });
  sheet.put('sleeveFill', 'forces', SLEEVE_FILL, { ...volumes, plunger: 'plungerFace', stroke: 'stroke' });
  const fill = sheet.at('sleeveFill');
  sheet.say(
    ...(['sleeve', 'forces', fill > 1 ? 'refused' : fill < 0.3 || fill > 0.7 ? 'look' : 'fits'] as const),
    fill > 1
      ? `The sleeve does not hold the shot: it would be ${(100 * fill).toFixed(0)} % full.`
      : `The sleeve is ${(100 * fill).toFixed(0)} % full; 30 to 70 % keep air out of the metal.`,
    ['sleeveFill'],
    'A larger plunger or a longer stroke where it is too full; a smaller plunger where it is too empty.',
  );
}

/** The pressure ramp of a low-pressure furnace, full and as its bath sinks. */
export function putLowPressure({ sheet }: MethodSubject): void {
  sheet.give('bathLift', 'forces', 'full bath to the gate', 'mm', [450, 600, 900], 'handbook', 'assumed');
  sheet.give('bathArea', 'forces', 'bath of the furnace', 'cm²', [3000, 5000, 9000], 'handbook', 'assumed');
  sheet.give('shots', 'forces', 'shots since it was topped up', '1', 20, 'handbook', 'assumed');
  sheet.work(
    'bathDrop',
    'forces',
    'How far the bath has sunk',
    'mm',
    'shots * poured / (rhoLiquid * bathArea) * 10000000',
  );
  const of = { rho: 'rhoLiquid', g: G, lift: 'bathLift', height: 'height' };
  sheet.put(
    'fillPressure',
    'forces',
    FILL_PRESSURE,
    { ...of, drop: 0 },
    undefined,
    'Pressure that fills the die, bath full',
  );
  sheet.put(
    'fillPressureLow',
    'forces',
    FILL_PRESSURE,
    { ...of, drop: 'bathDrop' },
    undefined,
    'Pressure that fills the die, bath sunk',
  );
}
