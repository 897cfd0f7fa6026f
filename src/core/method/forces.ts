import { G } from '../formula-book';
import { CLAMP_NEED, COPE_LIFT, HEAD_PRESSURE, SPIN_CLAMP, SPIN_PRESSURE, flaskClamps } from '../formula-book/forces';
import { SHELL_HOOP, vulcanisingTime } from '../formula-book/mould-making';
import { RIM_SPEED } from '../formula-book/safety';
import type { MethodSubject } from './subject';

/** Lift on the cope of a flask, and the clamps that hold it: a set-up that does not hold is refused. */
export function putFlask({ sheet, facts, lane, plan }: MethodSubject): void {
  const { gap_mm } = lane.capability.layout;
  const cells = Math.ceil(Math.sqrt(plan.n));
  sheet.give(
    'flaskLength',
    'forces',
    'flask, along',
    'mm',
    Math.ceil((cells * (facts.L + gap_mm) + 80) / 10) * 10,
    'layout',
    'assumed',
  );
  sheet.give(
    'flaskWidth',
    'forces',
    'flask, across',
    'mm',
    Math.ceil((Math.ceil(plan.n / cells) * (facts.W + gap_mm) + 80) / 10) * 10,
    'layout',
    'assumed',
  );
  sheet.give('copeHeight', 'forces', 'cope', 'mm', sheet.at('sprue'), 'layout', 'assumed');
  const cope = (sheet.at('flaskLength') * sheet.at('flaskWidth') * sheet.at('copeHeight') * sheet.at('rhoMould')) / 1e9;
  sheet.give('copeMass', 'forces', 'cope with its sand', 'kg', Math.round(cope), 'layout', 'assumed');
  sheet.give(
    'runnersShadow',
    'forces',
    'runners and feeders over the castings, seen along the draw',
    '1',
    [0.1, 0.2, 0.4],
    'handbook',
    'assumed',
  );
  sheet.work(
    'liftedFaces',
    'forces',
    'Faces of the cope times their head',
    'cm²·mm',
    'positions * shadowUp * (1 + runnersShadow) * sprue',
  );
  sheet.put('lift', 'forces', COPE_LIFT, { rho: 'rhoLiquid', g: G, Ah: 'liftedFaces' });
  sheet.give('liftSafety', 'forces', 'safety against lift', '1', [1.3, 1.5, 2], 'handbook', 'rule');
  sheet.put('clampNeed', 'forces', CLAMP_NEED, { safety: 'liftSafety', lift: 'lift', g: G, cope: 'copeMass' });
  sheet.give('clampCapacity', 'forces', 'load of a clamp', 'N', 1500, 'handbook', 'assumed');
  const c = flaskClamps({
    ...{ lift_N: sheet.at('lift'), copeMass_kg: sheet.at('copeMass'), safety: sheet.at('liftSafety') },
    ...{ capacity_N: sheet.at('clampCapacity'), length_mm: sheet.at('flaskLength'), width_mm: sheet.at('flaskWidth') },
  });
  const of = ['clampNeed', 'clampCapacity', 'flaskLength', 'flaskWidth'];
  sheet.found(
    'clampsNeeded',
    'forces',
    'Clamps needed',
    '1',
    c.clamps,
    'Formula book force.flask-clamps: by force and by 400 mm of joint, an even number',
    of,
  );
  sheet.give('clamps', 'forces', 'clamps round the flask', '1', c.clamps, 'layout');
  const few = sheet.at('clamps') < c.clamps;
  sheet.say(
    ...(['clamps', 'forces', few ? 'refused' : 'fits'] as const),
    few
      ? `${sheet.at('clamps')} ${sheet.at('clamps') === 1 ? 'clamp does' : 'clamps do'} not hold the cope: ${c.clamps} are needed against ${sheet.at('clampNeed').toFixed(0)} N.`
      : c.clamps === 0
        ? 'The cope’s own mass holds it down.'
        : `${c.clamps} clamps hold the cope, ${c.load_N.toFixed(0)} N each.`,
    ['clampNeed', 'clampsNeeded'],
    'More clamps, or weights on the cope; never pour with fewer.',
  );
}

/** The shell against the metal that stands in it. */
export function putShellStrength({ sheet, facts }: MethodSubject): void {
  sheet.give('shellHead', 'forces', 'metal above the lowest place', 'mm', 300, 'layout', 'assumed');
  sheet.give(
    'shellRound',
    'forces',
    'inside radius of the largest round',
    'mm',
    Math.max(facts.L, facts.W) / 2,
    'brief',
    'assumed',
  );
  sheet.put('shellPressure', 'forces', HEAD_PRESSURE, { rho: 'rhoLiquid', g: G, h: 'shellHead' });
  sheet.put('shellStress', 'forces', SHELL_HOOP, { p: 'shellPressure', r: 'shellRound', s: 'shellThickness' });
  sheet.give('shellStrength', 'forces', 'strength of the shell, fired and hot', 'MPa', [2, 4, 8], 'handbook', 'rule');
  const weak = 3 * sheet.at('shellStress') > sheet.at('shellStrength');
  sheet.say(
    ...(['shell', 'forces', weak ? 'refused' : 'fits'] as const),
    weak
      ? `The shell is stressed with ${sheet.at('shellStress').toFixed(2)} MPa and holds ${sheet.at('shellStrength')} MPa: less than three times it.`
      : 'The shell holds three times the pressure of the metal.',
    ['shellStress', 'shellPressure'],
    'More back-up coats, a band of wire, sand packed round it, or a lower tree.',
  );
}

/** Pressure, clamp, rim speed and cure of a spinning disc. */
export function putDisc({ sheet, facts }: MethodSubject): void {
  sheet.give('rpm', 'forces', 'speed of the disc', 'rpm', [350, 500, 800], 'handbook', 'assumed');
  sheet.give('discRadius', 'forces', 'radius of the disc', 'mm', 190, 'route', 'assumed');
  sheet.give(
    'discDepth',
    'forces',
    'thickness of the disc',
    'mm',
    Math.max(25, Math.round(sheet.at('height') + 24)),
    'layout',
    'assumed',
  );
  const wide = Math.max(facts.L, facts.W);
  const side = 1.1 * wide + 3;
  const ring = (sheet.at('positions') * side) / (2 * Math.PI);
  const most = sheet.at('discRadius') - side / 2 - 8;
  sheet.give(
    ...(['cavityRadius', 'forces', 'radius at which the cavities lie', 'mm'] as const),
    ...([Math.max(Math.min(120, most), Math.min(ring, most), 20), 'layout', 'assumed'] as const),
  );
  sheet.give('sprueRadius', 'forces', 'radius of the sprue well', 'mm', 15, 'handbook', 'assumed');
  const room = sheet.at('discRadius') - sheet.at('sprueRadius');
  if (wide > room)
    sheet.say(
      ...(['disc-room', 'forces', 'refused'] as const),
      `A casting of ${wide.toFixed(0)} mm does not fit between the well and the rim, ${room.toFixed(0)} mm.`,
      [],
      'A larger disc, or another route.',
    );
  sheet.work('turning', 'forces', 'Angular speed', 'rad/s', '2 * 3.141592653589793 * rpm / 60');
  sheet.put('discPressure', 'forces', SPIN_PRESSURE, {
    rho: 'rhoLiquid',
    omega: 'turning',
    r: 'cavityRadius',
    r0: 'sprueRadius',
  });
  sheet.give('metalShare', 'forces', 'share of the disc that is metal', '1', [0.2, 0.35, 0.6], 'handbook', 'assumed');
  sheet.put('discForce', 'forces', SPIN_CLAMP, {
    ...{ share: 'metalShare', PI: Math.PI, rho: 'rhoLiquid', omega: 'turning', R: 'discRadius', r0: 'sprueRadius' },
  });
  sheet.give('discClamp', 'forces', 'clamp of the machine', 'kN', [3, 6, 12], 'route', 'assumed');
  const weak = sheet.at('discClamp') < sheet.at('discForce');
  sheet.say(
    ...(['disc-clamp', 'forces', weak ? 'refused' : 'fits'] as const),
    weak
      ? `The disc is parted with ${sheet.at('discForce').toFixed(2)} kN and clamped with ${sheet.at('discClamp')} kN.`
      : 'The clamp holds the disc shut.',
    ['discForce'],
    'More air on the clamp, a slower disc, or fewer cavities.',
  );
  sheet.put('rim', 'safety', RIM_SPEED, { omega: 'turning', R: 'discRadius' });
  sheet.give('rimLimit', 'safety', 'rim speed allowed', 'm/s', [8, 10, 15], 'handbook', 'rule');
  const quick = sheet.at('rim') > sheet.at('rimLimit');
  sheet.say(
    ...(['rim', 'safety', quick ? 'refused' : 'fits'] as const),
    quick
      ? `The rim runs at ${sheet.at('rim').toFixed(1)} m/s; ${sheet.at('rimLimit')} m/s are allowed.`
      : 'The rim is below its speed; lid locked until the disc stands still, cracked or unbalanced discs are scrap.',
    ['rim'],
    'A slower disc, unless the machine’s plate allows more.',
  );
  sheet.give('blank', 'freezing', 'rubber blank', '°C', 25, 'handbook', 'assumed');
  sheet.give('platen', 'freezing', 'platens', '°C', [145, 155, 165], 'handbook', 'rule');
  sheet.give('cureAt', 'freezing', 'reference of the cure', '°C', 150, 'handbook', 'assumed');
  sheet.give('cureTime', 'freezing', 'cure of a thin sheet there', 'min', [8, 12, 20], 'handbook', 'assumed');
  const cure = vulcanisingTime({
    ...{ thickness_mm: sheet.at('discDepth'), kMould_W_mK: sheet.at('kMould'), rhoMould_kg_m3: sheet.at('rhoMould') },
    ...{
      cMould_J_kgK: sheet.at('cMould'),
      tStart_C: sheet.at('blank'),
      tPlaten_C: sheet.at('platen'),
      tRef_C: sheet.at('cureAt'),
      refTime_min: sheet.at('cureTime'),
    },
  });
  sheet.found(
    'cure',
    'freezing',
    'Cure of the rubber',
    'min',
    cure.time_min,
    'Formula book mould.vulcanise: heated through from both faces',
    ['discDepth', 'platen', 'blank', 'cureAt', 'cureTime', 'kMould', 'rhoMould', 'cMould'],
  );
}
