import { plasterDrying, SHELL_THICKNESS } from '../formula-book/mould-making';
import { dewaxGate } from '../formula-book/safety';
import { CoreError } from '../base/errors';
import type { MethodSubject } from './subject';

const WAX_MELTS_C = 68;

/** Coats of a shell: how many, how thick it gets, how long it dries, how the wax leaves it. */
export function putCoats({ sheet }: MethodSubject): void {
  const coat = (id: string, meaning: string, usual: readonly [number, number, number], unit = 'mm'): number =>
    sheet.give(id, 'freezing', meaning, unit, [...usual], 'handbook', 'rule');
  coat('primeCoats', 'prime coats', [1, 2, 2], '1');
  coat('primeCoat', 'a prime coat', [0.5, 0.8, 1]);
  coat('backCoats', 'back-up coats', [4, 5, 8], '1');
  coat('backCoat', 'a back-up coat', [0.8, 1.1, 1.5]);
  coat('sealCoats', 'seal coats', [0, 1, 1], '1');
  coat('sealCoat', 'a seal coat', [0.2, 0.4, 0.5]);
  sheet.put('shellThickness', 'freezing', SHELL_THICKNESS, {
    ...{ prime: 'primeCoats', primeCoat: 'primeCoat', backup: 'backCoats', backupCoat: 'backCoat' },
    ...{ seal: 'sealCoats', sealCoat: 'sealCoat' },
  });
  coat('coatDries', 'drying of a coat', [2, 4, 8], 'h');
  coat('lastDries', 'drying of the last coat', [12, 24, 48], 'h');
  coat('humidity', 'humidity of the drying room', [0.4, 0.5, 0.6], '1');
  sheet.work(
    ...(['shellDries', 'freezing', 'Drying of the whole shell', 'h'] as const),
    '(primeCoats + backCoats + sealCoats - 1) * coatDries + lastDries',
  );
  if (sheet.at('humidity') > 0.7)
    sheet.say(
      ...(['humid', 'freezing', 'look'] as const),
      `At ${(100 * sheet.at('humidity')).toFixed(0)} % of humidity coats dry slowly from outside in: the times above no longer hold.`,
      ['shellDries'],
      'Dry the air, move it, and prove each coat by weighing before the next.',
    );
  putDewax({ sheet }, 'autoclave');
  const parts = ['primeCoats', 'backCoats', 'sealCoats'].map((id) => sheet.at(id));
  if (!parts.every((x) => Number.isInteger(x) && x >= 0) || (parts[0] ?? 0) < 1)
    sheet.say(
      ...(['coats', 'freezing', 'refused'] as const),
      `Coats of ${parts.join(' + ')}: whole numbers are wanted, of the prime coat at least one.`,
      ['shellThickness'],
      'Whole numbers of coats.',
    );
}

/** How wax leaves a mould: quick enough not to split it. */
export function putDewax({ sheet }: Pick<MethodSubject, 'sheet'>, usual: 'autoclave' | 'flash'): void {
  const method = sheet.choose(
    ...(['dewax', 'freezing', 'dewax'] as const),
    ...([
      [
        [0, 'autoclave'],
        [1, 'flash furnace'],
      ],
      usual === 'autoclave' ? 0 : 1,
      'route',
    ] as const),
  );
  const value = (id: string, meaning: string, unit: string, x: number): number =>
    sheet.give(id, 'freezing', meaning, unit, x, 'handbook', 'rule');
  value('waxMelts', 'wax melts', '°C', WAX_MELTS_C);
  if (method === 0) {
    value('steam', 'steam above the air’s pressure', 'kPa', 650);
    value('steamRise', 'rise to full steam', 's', 5);
    value('steamRelease', 'release of the steam', 's', 100);
  } else {
    value('furnace', 'furnace as the door opens', '°C', 950);
    value('loading', 'door open to door shut', 's', 12);
  }
  const gate = dewaxGate(
    method === 0
      ? {
          ...{ method: 'autoclave', pressure_kPa: sheet.at('steam'), rise_s: sheet.at('steamRise') },
          ...{ release_s: sheet.at('steamRelease'), waxMelt_C: sheet.at('waxMelts') },
        }
      : {
          method: 'flash',
          tFurnace_C: sheet.at('furnace'),
          load_s: sheet.at('loading'),
          waxMelt_C: sheet.at('waxMelts'),
        },
  );
  sheet.found(
    ...([
      'dewaxHeat',
      'freezing',
      method === 0 ? 'Steam' : 'Furnace above the wax',
      method === 0 ? '°C' : 'K',
    ] as const),
    method === 0 ? gate.heat_C : gate.margin_K,
    'Formula book safe.dewax',
    method === 0 ? ['steam', 'steamRise', 'steamRelease', 'waxMelts'] : ['furnace', 'loading', 'waxMelts'],
  );
  const words = {
    ...{
      none: 'The wax leaves before it swells.',
      pressure: 'The steam is too weak',
      rise: 'The steam rises too slowly',
    },
    ...{ margin: 'The steam is too near the wax’s melting point', release: 'The steam is let off too quickly' },
    ...{ furnace: 'The furnace is too cold', load: 'The furnace is loaded too slowly' },
  } as const;
  sheet.say(
    ...(['dewax', 'freezing', gate.ok ? 'fits' : 'refused'] as const),
    gate.ok ? words.none : `${words[gate.fault]}: the wax swells before its skin melts, and splits the mould.`,
    ['dewaxHeat'],
    'Steam of 600 kPa within 7 s, let off over 90 s; or a furnace above 900 °C, loaded within 15 s.',
  );
}

/** Drying of a plaster mould; it is proved by weighing, never by the clock. */
export function putPlaster({ sheet, plan, facts, lane }: MethodSubject): void {
  const cover = Math.max(30, lane.capability.layout.cover_mm);
  const value = (id: string, meaning: string, unit: string, x: number | readonly [number, number, number]): number =>
    sheet.give(id, 'freezing', meaning, unit, typeof x === 'number' ? x : [...x], 'handbook', 'rule');
  value('plasterWall', 'thickest wall of the mould', 'mm', cover + 15);
  const box = plan.n * (facts.L + 2 * cover) * (facts.W + 2 * cover) * (facts.H + 2 * cover);
  sheet.give(
    ...(['plasterVolume', 'freezing', 'plaster of a mould', 'cm³'] as const),
    ...([Math.round(box / 1000 - plan.n * facts.V), 'layout', 'assumed'] as const),
  );
  value('powder', 'powder of a litre of plaster', 'kg', [0.6, 0.68, 0.8]);
  value('waterShare', 'water over powder', '1', [0.8, 1.1, 1.4]);
  value('oven', 'oven', '°C', [180, 220, 260]);
  value('ovenFilm', 'film of the oven', 'W/m²K', [15, 30, 50]);
  value('kDry', 'conductivity of dried plaster', 'W/mK', [0.25, 0.32, 0.4]);
  try {
    const dry = plasterDrying({
      ...{ wall_mm: sheet.at('plasterWall'), volume_cm3: sheet.at('plasterVolume') },
      powder_kg: (sheet.at('powder') * sheet.at('plasterVolume')) / 1000,
      mixWater_kg: (sheet.at('waterShare') * sheet.at('powder') * sheet.at('plasterVolume')) / 1000,
      ...{ goal: 'bound', tOven_C: sheet.at('oven'), h_W_m2K: sheet.at('ovenFilm'), kDry_W_mK: sheet.at('kDry') },
    });
    const of = ['plasterWall', 'plasterVolume', 'powder', 'waterShare', 'oven', 'ovenFilm', 'kDry'];
    const how = 'Formula book mould.plaster-dry: a wet front that moves inward';
    sheet.found('plasterWater', 'freezing', 'Water to drive off', 'kg', dry.removed_kg, how, of);
    sheet.found('plasterDries', 'freezing', 'Drying of the mould', 'h', dry.time_h, how, of);
    sheet.say(
      ...(['plaster-proof', 'freezing', 'fits'] as const),
      `Dried ${dry.time_h.toFixed(0)} h and ${dry.removed_kg.toFixed(2)} kg lighter; released only when three weighings an hour apart lose less than 0.5 %.`,
      ['plasterDries', 'plasterWater'],
    );
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    sheet.say('plaster-dry', 'freezing', 'refused', `Drying: ${error.message}.`, [], 'Other values of oven or mix.');
  }
}
