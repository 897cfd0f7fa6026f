import { LADLE_LIMIT, PREHEAT, preheatGate, workAndRest, type PreheatItem } from '../formula-book/safety';
import { CoreError } from '../base/errors';
import { routeOf, type MethodSubject } from './subject';

/** What must be dry and warm before the pour, by route. */
const GATES: Readonly<Record<string, PreheatItem>> = {
  'green-sand': 'green-sand',
  'bonded-sand': 'bonded-sand',
  plaster: 'plaster',
  'shell-investment': 'shell-investment',
  'flask-investment': 'flask-investment',
  'gravity-die': 'metal-die',
  'permanent-mould': 'metal-die',
  'pressure-die': 'metal-die',
};
/** Routes poured by hand ladle. */
const BY_LADLE: readonly string[] = ['green-sand', 'bonded-sand', 'plaster', 'shell-investment', 'gravity-die', 'spin'];

/** Dry and warm, carried safely: screens that never release a job. */
export function putSafety({ sheet, lane, alloy }: MethodSubject): void {
  const route = routeOf(lane);
  const item = GATES[route];
  if (item !== undefined) {
    const { least_C, moisture } = PREHEAT[item];
    sheet.give('preheatLeast', 'safety', 'mould at the pour, at least', '°C', least_C, 'handbook', 'rule');
    sheet.give('moisture', 'safety', 'moisture of the mould', '1', moisture, 'handbook', 'rule');
    const gate = preheatGate({ item, temp_C: sheet.at('mouldTemp'), moisture: sheet.at('moisture') });
    const cold = sheet.at('mouldTemp') < sheet.at('preheatLeast');
    // A fired block is poured cooler for light metals: it is dry once it was fired.
    const fired = item === 'flask-investment' || item === 'shell-investment';
    sheet.say(
      ...(['preheat', 'safety', gate.ok ? 'fits' : fired ? 'look' : 'refused'] as const),
      gate.ok
        ? 'The mould is dry and warm enough.'
        : fired && cold
          ? `The mould is poured at ${sheet.at('mouldTemp')} °C: it must have been fired through above ${least_C} °C and kept dry since.`
          : `The mould at ${sheet.at('mouldTemp')} °C with ${(100 * sheet.at('moisture')).toFixed(1)} % of moisture is not safe to pour: ${sheet.at('preheatLeast')} °C and ${(100 * moisture).toFixed(1)} % are the limits.`,
      [],
      'Dry and warm it through, for half an hour or more where it is heavy; prove it by weighing.',
    );
  }
  if (BY_LADLE.includes(route)) {
    sheet.give('carriers', 'safety', 'people who carry the ladle', '1', 1, 'layout');
    sheet.give('perPerson', 'safety', 'load of one', 'kg', 20, 'handbook', 'rule');
    sheet.give('ladle', 'safety', 'ladle', 'kg', [3, 5, 9], 'handbook', 'assumed');
    sheet.put('ladleMetal', 'safety', LADLE_LIMIT, { carriers: 'carriers', limit: 'perPerson', tare: 'ladle' });
    const ladles = Math.ceil(sheet.at('poured') / Math.max(0.1, sheet.at('ladleMetal')) - 1e-9);
    const heavy = ladles > 1;
    sheet.say(
      ...(['ladle', 'safety', heavy ? 'look' : 'fits'] as const),
      heavy
        ? `A pour of ${sheet.at('poured').toFixed(1)} kg is more than ${sheet.at('carriers')} may carry at once (${sheet.at('ladleMetal')} kg).`
        : 'The pour may be carried by hand: level floor, short way, both hands.',
      ['ladleMetal', 'poured'],
      'Two people, a monorail, a bogie or a crane ladle; a mould is not filled from two ladles in turn.',
    );
  }
  putRest(sheet);
  if (alloy.hazards.includes('magnesium-fire') || alloy.family === 'magnesium') putCover(sheet);
  if (alloy.hazards.includes('magnesium-fire') || alloy.family === 'magnesium')
    sheet.say(
      'magnesium',
      'safety',
      'look',
      'Magnesium burns: cover gas or flux over the melt and in the mould, no water anywhere near, dry tools, a bed of dry sand at hand.',
      [],
      'The foundry shows its cover, its fire plan and its people’s training.',
    );
}

/** Minutes of work in an hour before the furnace, in its heat. */
function putRest(sheet: MethodSubject['sheet']): void {
  sheet.give('wbgtWork', 'safety', 'heat index at the pour', '°C', [22, 27, 33], 'handbook', 'assumed');
  sheet.give('wbgtRest', 'safety', 'heat index where people rest', '°C', [18, 22, 26], 'handbook', 'assumed');
  sheet.give('workRate', 'safety', 'rate of work at the pour', 'W', [250, 350, 420], 'handbook', 'rule');
  try {
    const rest = workAndRest({
      ...{ wbgtWork_C: sheet.at('wbgtWork'), wbgtRest_C: sheet.at('wbgtRest'), workRate_W: sheet.at('workRate') },
    });
    sheet.found(
      ...(['workMinutes', 'safety', 'Work in an hour', 'min', rest.work_min_per_h] as const),
      'Formula book safe.work-rest: the largest share at which the hour’s mean is within its limit',
      ['wbgtWork', 'wbgtRest', 'workRate'],
    );
    const none = rest.work_min_per_h <= 0;
    const less = rest.work_min_per_h < 45;
    sheet.say(
      ...(['work-rest', 'safety', none ? 'refused' : less ? 'look' : 'fits'] as const),
      none
        ? 'It is too hot to work here at all, even with rest.'
        : `In this heat ${rest.work_min_per_h.toFixed(0)} minutes of an hour may be worked.`,
      ['workMinutes'],
      'A cooler hour, air, shields, a second crew; aprons and coats add 1 to 11 K first.',
    );
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    sheet.say('work-rest', 'safety', 'look', `Work and rest: ${error.message}.`, [], 'Other values of heat or work.');
  }
}

/** What lies over molten magnesium: without it nothing is melted. */
function putCover(sheet: MethodSubject['sheet']): void {
  const cover = sheet.choose(
    ...(['cover', 'safety', 'cover of the melt'] as const),
    ...([
      [
        [1, 'cover gas'],
        [2, 'flux'],
        [0, 'none'],
      ],
      1,
      'handbook',
    ] as const),
  );
  if (cover === 0)
    sheet.say(
      ...(['cover', 'safety', 'refused'] as const),
      'Magnesium without cover gas or flux takes fire in the furnace.',
      [],
      'Cover gas or flux over the melt, in the ladle and in the mould, before anything is melted.',
    );
}
