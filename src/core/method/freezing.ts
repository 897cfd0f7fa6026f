import {
  B_CONSTANT,
  DIE_SURPLUS,
  DIE_WATER,
  DRY_CYCLE,
  EJECTION_TIME,
  FREEZING_TIME,
  HEAT_TO_DIE,
  KNOCK_OUT_C,
  LEFT_OF_RISE,
  SHAKE_OUT_TIME,
  SHELL_TIME,
  STEADY_DIE,
  dieWarmUp,
  freezingBehindFilm,
  shellFreezing,
} from '../formula-book/solidification';
import { CoreError } from '../base/errors';
import { DIES_NEEDED } from '../formula-book/quantity';
import { CHART_CYCLE } from '../formula-book/flow';
import { DIE_HEAT, FIRED_SHARE, MOULD_C, MOULD_HEAT, type DieHeat } from './data/moulds.data';
import { putCoat } from './coat';
import { putHeavyTimes } from './heavy';
import { kindOf } from './kind';
import type { MethodSubject } from './subject';

/** Square metres of a die's faces for its volume to two thirds, m²; and steel. Basis: assumed. */
const DIE_SKIN = 14;
const STEEL_KG_M3 = 7750;
const AIR_C = 25;

/** A die’s heat for a family; what is not listed is read across from aluminium. */
function dieHeatOf(subject: MethodSubject): DieHeat {
  const table = DIE_HEAT[kindOf(subject) === 'pressureDie' ? 'pressure' : 'gravity'];
  return (table[subject.alloy.family] ?? table['aluminium']) as DieHeat;
}

/** The mould: what it is made of, how warm it is at the pour, how metal touches it. */
export function putMould(subject: MethodSubject): void {
  const { sheet } = subject;
  const kind = kindOf(subject);
  const heat = MOULD_HEAT[kind];
  sheet.give('kMould', 'freezing', 'conductivity of the mould', 'W/mK', heat.k, 'handbook', 'handbook');
  sheet.give('rhoMould', 'freezing', 'density of the mould', 'kg/m³', heat.rho, 'handbook', 'handbook');
  sheet.give('cMould', 'freezing', 'specific heat of the mould', 'J/kgK', heat.c, 'handbook', 'handbook');
  const die = kind === 'die' || kind === 'pressureDie' ? dieHeatOf(subject) : null;
  sheet.give(
    'film',
    'freezing',
    'film between metal and mould',
    'W/m²K',
    die === null ? heat.h : [0.65 * die.h, die.h, 1.6 * die.h],
    'handbook',
    'handbook',
  );
  if (die !== null) putCoat(subject, die.h);
  const freeze = sheet.at('freeze');
  const fired = kind === 'shell' || kind === 'block' ? FIRED_SHARE[kind] : null;
  const usual =
    die !== null
      ? ([0.75 * die.die_C, die.die_C, 1.25 * die.die_C] as const)
      : fired !== null
        ? ([fired[0] * freeze, fired[1] * freeze, fired[2] * freeze] as const)
        : MOULD_C[kind as 'sand' | 'plaster' | 'rubber'];
  sheet.give(
    'mouldTemp',
    'freezing',
    die === null ? 'mould at the pour' : 'die at the pour',
    '°C',
    [Math.round(usual[0]), Math.round(usual[1]), Math.round(usual[2])],
    'handbook',
    'assumed',
  );
  if (sheet.at('mouldTemp') >= freeze)
    sheet.say(
      ...(['mould-hot', 'freezing', 'refused'] as const),
      `A mould at ${sheet.at('mouldTemp')} °C does not freeze metal that freezes at ${freeze} °C.`,
      [],
      'A cooler mould. Is it in °F?',
    );
}

/** Freezing and knock-out in moulds that are thick: sand, plaster, block, rubber; and shells, by the same half-space. */
export function putThickMould(subject: MethodSubject): void {
  const { sheet, alloy } = subject;
  sheet.put('B', 'freezing', B_CONSTANT, {
    ...{ PI: Math.PI, rho: 'rhoLiquid', Leff: 'latentEff', Tf: 'freeze', T0: 'mouldTemp' },
    ...{ k: 'kMould', rhoMould: 'rhoMould', cMould: 'cMould' },
  });
  const times = (id: string, modulus: string, title: string): number =>
    sheet.put(id, 'freezing', FREEZING_TIME, { B: 'B', M: modulus, n: 2 }, 'square', title);
  times('freezeMean', 'modulusMean', 'Freezing time of the whole casting, mould alone');
  times('freezeHeavy', 'modulusHeavy', 'Freezing time of the heaviest place, mould alone');
  const film = freezingBehindFilm({
    ...{ rhoMetal_kg_m3: sheet.at('rhoLiquid'), latentEff_J_kg: sheet.at('latentEff'), tFreeze_C: sheet.at('freeze') },
    ...{ tMould_C: sheet.at('mouldTemp'), kMould_W_mK: sheet.at('kMould'), rhoMould_kg_m3: sheet.at('rhoMould') },
    ...{ cMould_J_kgK: sheet.at('cMould'), h_W_m2K: sheet.at('film'), modulus_mm: sheet.at('modulusHeavy') },
  });
  sheet.found(
    ...(['freeze_s', 'freezing', 'Freezing time of the heaviest place, with the film', 's', film.time_s] as const),
    'Formula book sol.mould-general: looked for until the mould has taken up the heat of freezing',
    ['modulusHeavy', 'film', 'latentEff', 'mouldTemp', 'freeze', 'kMould', 'rhoMould', 'cMould', 'rhoLiquid'],
  );
  const knock = (KNOCK_OUT_C as Readonly<Record<string, number>>)[alloy.family] ?? 300;
  sheet.give('knockOut', 'freezing', 'casting when the mould is opened', '°C', knock, 'handbook', 'rule');
  putHeavyTimes(subject, 'mould');
  putOpening(subject);
}

/** Freezing in a thin shell that hands its heat on to the air; a shell that takes most of it itself counts as a thick mould. */
export function putShell({ sheet }: MethodSubject): void {
  sheet.give('airFilm', 'freezing', 'film between the shell and the air', 'W/m²K', [8, 15, 30], 'handbook', 'rule');
  sheet.give(
    'emissivity',
    'freezing',
    'emissivity of the shell among its neighbours',
    '1',
    [0.4, 0.6, 0.85],
    'handbook',
    'assumed',
  );
  try {
    const { tOuter_C, flux_W_m2, soakShare } = shellFreezing({
      ...{
        rhoMetal_kg_m3: sheet.at('rhoLiquid'),
        latentEff_J_kg: sheet.at('latentEff'),
        tFreeze_C: sheet.at('freeze'),
      },
      ...{
        modulus_mm: sheet.at('modulusHeavy'),
        shell_mm: sheet.at('shellThickness'),
        kShell_W_mK: sheet.at('kMould'),
      },
      ...{ rhoShell_kg_m3: sheet.at('rhoMould'), cShell_J_kgK: sheet.at('cMould'), tShell_C: sheet.at('mouldTemp') },
      ...{ tAmbient_C: AIR_C, hAir_W_m2K: sheet.at('airFilm'), emissivity: sheet.at('emissivity') },
    });
    const of = ['shellThickness', 'kMould', 'freeze', 'airFilm', 'emissivity'];
    const how = 'Formula book sol.shell: looked for until as much heat leaves the shell as comes through it';
    sheet.found('shellOuter', 'freezing', 'Outer face of the shell', '°C', tOuter_C, how, of);
    sheet.found('shellFlux', 'freezing', 'Heat that leaves the shell', 'W/m²', flux_W_m2, how, of);
    const soak = soakShare * sheet.at('rhoLiquid') * sheet.at('latentEff') * (sheet.at('modulusHeavy') / 1000);
    sheet.found(
      'shellSoak',
      'freezing',
      'Heat that the shell itself takes',
      'J/m²',
      soak,
      'from the mould’s heat to the mean of its faces',
      [...['shellOuter', 'mouldTemp', 'rhoMould', 'cMould', 'shellThickness']],
    );
    sheet.put(
      ...(['freezeShell', 'freezing', SHELL_TIME] as const),
      { rho: 'rhoLiquid', Leff: 'latentEff', M: 'modulusHeavy', soak: 'shellSoak', q: 'shellFlux' },
      ...([undefined, 'Freezing time of the heaviest place in the shell'] as const),
    );
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    sheet.say(
      'shell-soaks',
      'freezing',
      'look',
      'The shell is cold or thick enough to take most of the heat itself: it freezes as a thick mould does.',
      ['freeze_s'],
      'A hotter or thinner shell, where thin walls must fill.',
    );
  }
}

/** When the mould is opened: a thick one keeps its heat, a shell or flask stands in the air. */
function putOpening(subject: MethodSubject): void {
  const { sheet } = subject;
  const kind = kindOf(subject);
  const inAir = kind === 'shell' || kind === 'block';
  if (inAir) {
    sheet.give('air', 'freezing', 'air round the mould', '°C', AIR_C, 'handbook', 'assumed');
    sheet.give(
      'coolFilm',
      'freezing',
      'film between casting, mould and air',
      'W/m²K',
      [12, 25, 45],
      'handbook',
      'rule',
    );
  }
  const sink = inAir ? 'air' : 'mouldTemp';
  const theta = (sheet.at('knockOut') - sheet.at(sink)) / (sheet.at('freeze') - sheet.at(sink));
  if (!(theta > 0 && theta < 1)) {
    sheet.say(
      'knock-order',
      'freezing',
      'look',
      `A casting is opened between the ${sheet.at(sink)} °C round it and freezing at ${sheet.at('freeze')} °C, not at ${sheet.at('knockOut')} °C.`,
      [],
      'Type the temperature at which it is really opened.',
    );
    return;
  }
  sheet.work(
    ...(['theta', 'freezing', 'Share of the way down from freezing that is left when it is opened', '1'] as const),
    `(knockOut - ${sink}) / (freeze - ${sink})`,
  );
  sheet.put(
    ...(['shakeOut', 'freezing', SHAKE_OUT_TIME] as const),
    {
      ...{ tf: 'freeze_s', PI: Math.PI, theta: 'theta', cSolid: 'cSolid', Tf: 'freeze', T0: sink },
      ...{ Leff: 'latentEff', K: 0, M: 'modulusHeavy', rho: 'rhoSolid', h: inAir ? 'coolFilm' : 1 },
    },
    inAir ? 'film' : 'half-space',
  );
}

/** Dwell, the heat of the die, its warm-up, its water, and one person at several of them. */
export function putDie(subject: MethodSubject): void {
  const { sheet, plan, facts, model } = subject;
  const die = dieHeatOf(subject);
  sheet.give(
    'eject',
    'freezing',
    'casting at ejection',
    '°C',
    [0.85 * die.eject_C, die.eject_C, 1.1 * die.eject_C],
    'handbook',
    'handbook',
  );
  sheet.give('dwellModulus', 'freezing', 'half the thickest section', 'mm', sheet.at('section') / 2, 'brief');
  if (sheet.at('eject') <= sheet.at('mouldTemp') || sheet.at('eject') > sheet.at('freeze')) {
    sheet.say(
      'eject-order',
      'freezing',
      'refused',
      `A casting is ejected between the die’s ${sheet.at('mouldTemp')} °C and freezing at ${sheet.at('freeze')} °C, not at ${sheet.at('eject')} °C.`,
      [],
      'Another temperature of the die or at ejection.',
    );
    return;
  }
  sheet.put('dwell', 'freezing', EJECTION_TIME, {
    ...{
      rho: 'rhoLiquid',
      M: 'dwellModulus',
      h: 'film',
      L: 'latent',
      c: 'cLiquid',
      Tp: 'pour',
      Tf: 'freeze',
      Td: 'mouldTemp',
    },
    ...{ cSolid: 'cSolid', Te: 'eject' },
  });
  putHeavyTimes(subject, 'film');
  sheet.give(
    'handling',
    'freezing',
    'hands on a die in a cycle: ladle, open, eject, coat',
    's',
    Math.max(15, plan.cycle_s - sheet.at('dwell')),
    'route',
    'assumed',
  );
  sheet.give('walk', 'freezing', 'walk to the next die', 's', [0, 5, 15], 'handbook', 'assumed');
  sheet.give('dies', 'freezing', 'dies that one person tends', '1', 1, 'layout');
  sheet.put('cycle', 'freezing', CHART_CYCLE, { h: 'handling', m: 'dwell', w: 'walk', k: 'dies' });
  putOperator(subject);
  sheet.give(
    'dieMass',
    'freezing',
    'die',
    'kg',
    Math.round(12 + 28 * facts.B * plan.n + 6 * facts.m * plan.n),
    'layout',
    'assumed',
  );
  sheet.give(
    'heatShare',
    'freezing',
    'share of the heat that goes into the die',
    '1',
    [0.75, 0.9, 1],
    'handbook',
    'rule',
  );
  sheet.put('dieHeat', 'freezing', HEAT_TO_DIE, {
    ...{
      share: 'heatShare',
      m: 'poured',
      c: 'cLiquid',
      dT: 'superheat',
      L: 'latent',
      cSolid: 'cSolid',
      Tf: 'freeze',
      Te: 'eject',
    },
  });
  // Faces and backs of both halves, open for a part of the cycle: what a die of its mass shows to the air.
  const skin = DIE_SKIN * (sheet.at('dieMass') / STEEL_KG_M3) ** (2 / 3);
  sheet.give(
    ...(['dieLoss', 'freezing', 'heat that the die loses to the air', 'W/K'] as const),
    ...([[18 * skin, 30 * skin, 45 * skin], 'handbook', 'rule'] as const),
  );
  sheet.give('water', 'freezing', 'heat that the die loses to water', 'W/K', 0, 'layout');
  sheet.give('dieAir', 'freezing', 'air round the die', '°C', 20, 'handbook', 'assumed');
  sheet.give('waterRise', 'freezing', 'rise of the water in the die', 'K', [5, 15, 25], 'handbook', 'rule');
  sheet.give('cWater', 'freezing', 'specific heat of water', 'J/kgK', 4186, 'handbook', 'handbook');
  sheet.give(
    'preheated',
    'freezing',
    'die before the first pour',
    '°C',
    Math.round(0.55 * sheet.at('mouldTemp')),
    'handbook',
    'assumed',
  );
  sheet.put('leftOfRise', 'freezing', LEFT_OF_RISE, {
    loss: 'dieLoss',
    water: 'water',
    t: 'cycle',
    m: 'dieMass',
    c: 'cMould',
  });
  sheet.work('pulse', 'freezing', 'Rise of the die at a pour', 'K', '1000 * dieHeat / (dieMass * cMould)');
  sheet.put('steadyDie', 'freezing', STEADY_DIE, { sink: 'dieAir', pulse: 'pulse', r: 'leftOfRise' });
  const warm = dieWarmUp({
    ...{ shot_kg: sheet.at('poured'), heatShare: sheet.at('heatShare'), cLiquid_J_kgK: sheet.at('cLiquid') },
    ...{ superheat_K: sheet.at('superheat'), latent_J_kg: sheet.at('latent'), cSolid_J_kgK: sheet.at('cSolid') },
    ...{ tFreeze_C: sheet.at('freeze'), tEject_C: sheet.at('eject'), die_kg: sheet.at('dieMass') },
    ...{ cDie_J_kgK: sheet.at('cMould'), tStart_C: sheet.at('preheated') },
    ...{
      tAmbient_C: sheet.at('dieAir'),
      cycle_s: sheet.at('cycle'),
      loss_W_K: sheet.at('dieLoss'),
      water_W_K: sheet.at('water'),
    },
    ...{ windowLow_C: 0.9 * sheet.at('mouldTemp'), windowHigh_C: 1.15 * sheet.at('mouldTemp') },
  });
  const wanted = ['dieHeat', 'dieMass', 'dieLoss', 'cycle', 'mouldTemp', 'preheated', 'dieAir'];
  if (warm.warmUpPours === null)
    sheet.say(
      'die-cold',
      'freezing',
      'look',
      `At this rhythm the die settles at ${warm.steady_C.toFixed(0)} °C and never warms to the ${sheet.at('mouldTemp')} °C it should have.`,
      ['steadyDie'],
      'A quicker rhythm, a gas burner, or a lighter die.',
    );
  else {
    sheet.found(
      'warmUpPours',
      'freezing',
      'Pours until the die works',
      '1',
      warm.warmUpPours,
      'Formula book sol.warm-up: pours until nine tenths of the working temperature',
      wanted,
    );
    sheet.say(
      'warm-up',
      'freezing',
      'fits',
      `The first ${warm.warmUpPours} pours of a die preheated to ${sheet.at('preheated')} °C are scrap; the model counts ${model.warmUp}.`,
      ['warmUpPours'],
    );
  }
  const balance = { Q: 'dieHeat', spray: 0, t: 'cycle', loss: 'dieLoss', Ta: 'dieAir', Tw: 'mouldTemp' };
  sheet.put('dieSurplus', 'freezing', DIE_SURPLUS, balance);
  sheet.put('waterFlow', 'freezing', DIE_WATER, { surplus: 'dieSurplus', c: 'cWater', rise: 'waterRise' });
  sheet.put('dryCycle', 'freezing', DRY_CYCLE, balance);
  if (sheet.at('waterFlow') > 1e-6)
    sheet.say(
      'die-water',
      'freezing',
      'look',
      `The die takes up more heat than it loses: ${(60 * sheet.at('waterFlow')).toFixed(2)} L of water a minute hold it, or ${sheet.at('dryCycle').toFixed(0)} s between pours.`,
      ['dieSurplus', 'waterFlow'],
      'Water in the die, dry faces, an open return; or a slower rhythm.',
    );
}

const SHIFT_H = 7.5;

/** One person at several dies: who waits for whom, how many are best, and how many the year’s pieces want. */
function putOperator({ sheet, facts }: MethodSubject): void {
  const busy = 'dies * (handling + walk)';
  sheet.work('personWaits', 'freezing', 'Wait of the person in a cycle', 's', `max(0, cycle - ${busy})`);
  sheet.work('dieWaits', 'freezing', 'Wait of a die in a cycle', 's', 'max(0, cycle - handling - dwell)');
  sheet.work(
    'evenDies',
    'freezing',
    'Dies at which neither waits',
    '1',
    '(handling + dwell) / max(0.001, handling + walk)',
  );
  const [person, die, even] = [sheet.at('personWaits'), sheet.at('dieWaits'), sheet.at('evenDies')];
  const { perYear } = facts.brief.quantity;
  sheet.give('dieShift', 'freezing', 'hours of a shift at the dies', 'h', SHIFT_H, 'handbook', 'assumed');
  sheet.give('workDays', 'freezing', 'days of work in a year', '1', 230, 'handbook', 'rule');
  sheet.give('uptime', 'freezing', 'share of the time that dies run', '1', [0.7, 0.85, 0.95], 'handbook', 'rule');
  sheet.give('wantedYear', 'layout', 'good pieces wanted a year', '1', perYear ?? 0, 'brief');
  sheet.work('cyclesDay', 'freezing', 'Cycles of a day', '1', 'wantedYear / max(1, workDays) / max(1, positions)');
  sheet.put('diesNeeded', 'freezing', DIES_NEEDED, {
    ...{ N: 'cyclesDay', a: 'handling', u: 'dwell', shifts: 1, hours: 'dieShift', uptime: 'uptime' },
  });
  sheet.say(
    ...(['operator', 'freezing', person > die && even >= sheet.at('dies') + 1 ? 'look' : 'fits'] as const),
    person > 0
      ? `The person waits ${person.toFixed(0)} s of every ${sheet.at('cycle').toFixed(0)} s for the die; ${even.toFixed(1)} dies keep both busy.`
      : `Dies wait ${die.toFixed(0)} s of every ${sheet.at('cycle').toFixed(0)} s for the person; ${even.toFixed(1)} dies keep both busy.`,
    ['personWaits', 'dieWaits', 'evenDies'],
    'One die more to a person, as far as heat and rest allow.',
  );
}
