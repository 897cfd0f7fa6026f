import type { MethodGiven } from './types';
import { routeOf, type MethodSubject } from './subject';

/** Times sixty, within this factor, is minutes for seconds or hours for minutes. */
const SIXTY = 60;
const NEAR = 1.7;
const TIMES: readonly string[] = ['s', 'min', 'h'];
const WORDS: Readonly<Record<string, readonly [larger: string, smaller: string]>> = {
  s: ['milliseconds', 'minutes'],
  min: ['seconds', 'hours'],
  h: ['minutes', 'days'],
};
const F_PER_C = 1.8;
const F_AT_0 = 32;
/** Routes whose castings begin as wax or a pattern of one alloy’s shrinkage. */
const CODED: readonly string[] = ['shell-investment', 'flask-investment'];
/** A tool of another size than was worked out, as a share, that is looked at; and how near a forgotten stage is told. */
const OFF = 0.002;
const SAME = 0.0012;

/** Slips of the hand and of the shop that a method must catch. */
export function putFlaws(subject: MethodSubject): void {
  const { sheet, alloy, lane } = subject;
  for (const given of sheet.givens.values()) if (given.from === 'own') slip(subject, given);
  toolsMade(subject);
  const code = sheet.choose(
    ...(['alloyCode', 'safety', 'alloy code on every wax, pattern or tray'] as const),
    ...([
      [
        [1, 'yes'],
        [0, 'no'],
      ],
      1,
      'handbook',
    ] as const),
  );
  if (code === 0)
    sheet.say(
      ...(['alloy-code', 'safety', CODED.includes(routeOf(lane)) ? 'refused' : 'look'] as const),
      `Nothing says that these are for ${alloy.name}: shrinkage and metal of another alloy would pass unseen.`,
      [],
      `Mark every wax, pattern and tray with the alloy’s code, ${alloy.id.toUpperCase()}.`,
    );
  const water = sheet.choose(
    ...(['waterNear', 'safety', 'water, damp floor or drinks within 3 m of the pour'] as const),
    ...([
      [
        [0, 'none'],
        [1, 'there is'],
      ],
      0,
      'handbook',
    ] as const),
  );
  if (water === 1)
    sheet.say(
      ...(['water', 'safety', 'refused'] as const),
      'Water near the pour: a litre under metal becomes 1,600 litres of steam at once.',
      [],
      'Dry the floor, move hoses, drinks and damp sand away; no pour before.',
    );
  if (sheet.has('vents')) {
    sheet.give(
      ...(['ventsCut', 'gating', 'vents that are cut', 'mm²', Math.ceil(sheet.at('vents')), 'layout'] as const),
    );
    const short = sheet.at('ventsCut') < 0.999 * sheet.at('vents');
    if (short)
      sheet.say(
        ...(['vents', 'gating', sheet.at('ventsCut') <= 0 ? 'refused' : 'look'] as const),
        sheet.at('ventsCut') <= 0
          ? 'There is no way out for the gas: it stays in the metal or blows it back.'
          : `Vents of ${sheet.at('ventsCut')} mm² are cut; ${sheet.at('vents').toFixed(0)} mm² let the gas out in time.`,
        ['vents', 'gasFlow'],
        'Vents at the high places and at the end of the fill, or a slower fill.',
      );
  }
}

/** °F typed as °C, minutes typed as hours. */
function slip({ sheet }: MethodSubject, { id, group, meaning, unit, value, usual, range }: MethodGiven): void {
  const times = usual > 0 && value > 0 ? Math.max(value / usual, usual / value) : 0;
  if (TIMES.includes(unit) && times > SIXTY / NEAR && times < SIXTY * NEAR) {
    const [larger, smaller] = WORDS[unit] ?? ['', ''];
    sheet.say(
      ...([`slip.${id}`, group, 'look'] as const),
      `${meaning}: ${value} ${unit} is some sixty times ${value > usual ? 'more' : 'less'} than the usual ${Number(usual.toPrecision(3))} ${unit}.`,
      [],
      `Is it in ${value > usual ? larger : smaller}?`.replace('milliseconds', 'another unit'),
    );
  }
  if (unit !== '°C' || id === 'pour') return;
  const [low, high] = range ?? [usual, usual];
  const asC = (value - F_AT_0) / F_PER_C;
  if ((value < low || value > high) && asC >= 0.9 * low && asC <= 1.1 * high)
    sheet.say(
      ...([`slip.${id}`, group, 'look'] as const),
      `${meaning}: ${value} °C is far from the usual ${usual} °C, and would be ${asC.toFixed(0)} °C if it were meant in °F.`,
      [],
      'Type it in the units of the screen.',
    );
}

/** Tools measured as they were made, against the sizes that every stage of shrink asks for. */
function toolsMade({ sheet }: MethodSubject): void {
  const stages = [...sheet.givens.values()].filter(
    (g) => g.group === 'sizes' && g.id.startsWith('shrink') && g.id !== 'shrinkHeld',
  );
  sheet.sizes.forEach((size, i) => {
    const id = `size${i + 1}.made`;
    const made = sheet.give(id, 'sizes', `${size.name}, tool as made`, 'mm', Number(size.tool_mm.toFixed(3)), 'layout');
    const off = made / size.tool_mm - 1;
    if (Math.abs(off) <= OFF) return;
    const factor = size.tool_mm / size.raw_mm;
    const lacks = stages.find((s) => Math.abs(made / size.raw_mm / (factor / (1 + s.value)) - 1) <= SAME);
    const bare = Math.abs(made / size.raw_mm - 1) <= SAME;
    sheet.say(
      ...([`made.${i + 1}`, 'sizes', lacks !== undefined || bare ? 'refused' : 'look'] as const),
      bare
        ? `${size.name}: the tool as made is the size of the casting, no shrinkage was added.`
        : lacks !== undefined
          ? `${size.name}: the tool as made lacks one stage, the ${lacks.meaning}.`
          : `${size.name}: the tool as made is ${(100 * Math.abs(off)).toFixed(2)} % ${off > 0 ? 'larger' : 'smaller'} than every stage of shrink asks for.`,
      [size.toolFigure],
      `It should be ${size.tool_mm.toFixed(2)} mm.`,
    );
  });
}
