import { likely, type Figure } from '../../base/figures';
import { choice, equationsOf, type SymbolOf } from '../../equations';
import type { Alloy } from '../../catalogue/alloys';
import { refuse } from '../../base/errors';
import { tableValue, type RateSet, type ScreenListRates } from '../../rates';
import type { BoughtPart } from './types';

/** From which end of their bands coefficients are taken: such that the saving is least, likely or greatest. */
export type End = 'least' | 'likely' | 'greatest';

/** A part of the list, with its alloy, and which end of the bands is taken. */
export interface OfScreen {
  readonly part: BoughtPart;
  readonly alloy: Alloy;
  readonly rates: RateSet;
  readonly end: End;
}

/** What a list is screened by. @throws {CoreError} E_KEY for rates that have it not */
export const listRates = ({ screenList }: RateSet): ScreenListRates =>
  screenList ?? refuse('E_KEY', 'rates', 'screenList', 'a whole rate set');

/** Wall of a tube of which nothing is said, mm. */
const TUBE_WALL_MM = 10;

const place = { least: 0, likely: 1, greatest: 2 } as const;
const other = { least: 'greatest', likely: 'likely', greatest: 'least' } as const;
const at = (figure: Figure | undefined, end: End): number =>
  figure === undefined ? 0 : typeof figure.v === 'number' ? figure.v : figure.v[place[end]];
/** What makes a casting look worse where it is high. */
const against = (figure: Figure | undefined, { end }: OfScreen): number => at(figure, other[end]);
/** What makes a casting look better where it is high: stock that is not bought any more. */
const inFavour = (figure: Figure | undefined, { end }: OfScreen): number => at(figure, end);

const equation = equationsOf<OfScreen>({
  model: 'Cost model',
  path: ({ alloy, part }, text) =>
    text.replace('{family}', alloy.family).replace('{form}', part.form).replace('{alloy}', alloy.id),
})<OfScreen>();

const money = { unit: ({ rates }: OfScreen): string => rates.currency.code, plainly: { unit: 'currency' } };
type OwnKey = 'perPiece' | 'keepMach' | 'tool0' | 'toolPerKg' | 'years';
const plainUnit = (unit: string) => (unit === '' ? {} : { plainly: { unit } });
const fromTable = (
  path: string,
  meaning: string,
  of: (c: OfScreen) => Figure | undefined,
  unit = '',
): SymbolOf<OfScreen> => ({
  ...{ meaning, unit: '', source: 'rate', path },
  ...plainUnit(unit),
  table: (c) => tableValue(of(c)),
});
const own = (key: OwnKey, meaning: string): SymbolOf<OfScreen> =>
  fromTable(`screenList.${key}`, meaning, ({ rates }) => listRates(rates)[key]);
const opened = (meaning: string, unit: string, opens: string): SymbolOf<OfScreen> => ({
  meaning,
  unit,
  source: 'computed',
  opens,
});
const openedMoney = (meaning: string, opens: string): SymbolOf<OfScreen> => ({
  ...opened(meaning, '', opens),
  ...money,
});
const fx: SymbolOf<OfScreen> = {
  meaning: 'study currency per USD',
  unit: ({ rates }) => `${rates.currency.code}/USD`,
  source: 'rate',
  path: 'currency.perUnit',
  plainly: { unit: 'currency/USD' },
};
const told = (meaning: string, unit: string): SymbolOf<OfScreen> => ({
  ...choice(meaning, unit),
  note: () => 'from the list of bought parts',
});
const rho: SymbolOf<OfScreen> = {
  meaning: 'density',
  unit: 'kg/m³',
  source: 'alloy',
  path: 'alloys.{alloy}.density_kg_m3',
};

/** Round where it is turned from a bar as wide as high. */
const shapeOf = ({ form, stock_mm: [x, y], way }: BoughtPart): 'box' | 'round' | 'tube' =>
  form === 'tube' ? 'tube' : form === 'bar' && x === y && way === 'turned' ? 'round' : 'box';

export const STOCK = equation({
  figure: 'screen.stock',
  number: '13.1',
  title: 'Stock bought for one piece',
  unit: 'kg',
  expression: {
    of: {
      box: 'max(finished, x * y * z * rho / 1000000000)',
      round: 'max(finished, PI / 4 * x * x * z * rho / 1000000000)',
      tube: 'max(finished, PI / 4 * (x * x - (x - 2 * w) * (x - 2 * w)) * z * rho / 1000000000)',
    },
    form: ({ part }) => shapeOf(part),
  },
  symbols: {
    finished: told('finished mass', 'kg'),
    x: told('length or diameter', 'mm'),
    y: told('width', 'mm'),
    z: told('height, or length of a round', 'mm'),
    w: told('wall of a tube', 'mm'),
    rho,
    PI: { meaning: 'π', unit: '–', source: 'choice' },
  },
  values: ({ part, alloy }) => ({
    finished: part.finished_kg,
    x: part.stock_mm[0],
    y: part.stock_mm[1],
    z: part.stock_mm[2],
    w: TUBE_WALL_MM,
    rho: alloy.density_kg_m3,
    PI: Math.PI,
  }),
});

export const KEPT = equation({
  figure: 'screen.boughtToKept',
  number: '13.1',
  title: 'Bought for each kilogram kept',
  unit: 'ratio',
  expression: 'stock / finished',
  symbols: { stock: opened('stock bought for one piece', 'kg', 'stock'), finished: told('finished mass', 'kg') },
  values: (c) => ({ stock: STOCK.value(c), finished: c.part.finished_kg }),
});

export const STOCK_MONEY = equation({
  figure: 'screen.stockMoney',
  number: '13.2',
  title: 'What the stock costs',
  ...money,
  expression: 'fx * stock * p * factor',
  symbols: {
    fx,
    stock: opened('stock bought for one piece', 'kg', 'stock'),
    p: {
      meaning: 'price of ingot',
      unit: 'USD/kg',
      source: 'rate',
      path: 'metals.{alloy}',
      table: ({ rates, alloy }) => tableValue(rates.metals?.[alloy.id]),
    },
    factor: fromTable(
      'screenList.stockFactor.{form}',
      'stock against ingot',
      ({ rates, part }) => listRates(rates).stockFactor[part.form],
      '× ingot price per kg of stock',
    ),
  },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    stock: STOCK.value(c),
    p: inFavour({ v: c.alloy.price_USD_kg, basis: 'assumed' }, c),
    factor: inFavour(listRates(c.rates).stockFactor[c.part.form], c),
  }),
});

export const WORK = equation({
  figure: 'screen.work',
  number: '13.2',
  title: 'Work in today’s cost',
  ...money,
  expression: 'max(0, fx * today - stockMoney)',
  symbols: {
    fx,
    today: told('what one costs today', 'USD'),
    stockMoney: openedMoney('what the stock costs', 'stockMoney'),
  },
  values: (c) => ({ fx: c.rates.currency.perUnit, today: c.part.today_USD, stockMoney: STOCK_MONEY.value(c) }),
});

export const GUESS = equation({
  figure: 'screen.guess',
  number: '13.3',
  title: 'Guess of a casting',
  ...money,
  expression: 'fx * (finished * castPerKg + perPiece) + keepMach * work',
  symbols: {
    fx,
    finished: told('finished mass', 'kg'),
    castPerKg: fromTable(
      'screenList.castPerKg.{family}',
      'a casting, by mass',
      ({ rates, alloy }) => listRates(rates).castPerKg[alloy.family],
      'USD/kg of part',
    ),
    perPiece: own('perPiece', 'a casting, whatever its mass'),
    keepMach: own('keepMach', 'work above stock that stays'),
    work: openedMoney('work in today’s cost', 'work'),
  },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    finished: c.part.finished_kg,
    castPerKg: against(listRates(c.rates).castPerKg[c.alloy.family], c),
    perPiece: against(listRates(c.rates).perPiece, c),
    keepMach: against(listRates(c.rates).keepMach, c),
    work: WORK.value(c),
  }),
});

export const TOOL = equation({
  figure: 'screen.tool',
  number: '13.4',
  title: 'Guess of its tool',
  ...money,
  expression: 'fx * (tool0 + toolPerKg * pow(finished, 0.5))',
  symbols: {
    fx,
    tool0: own('tool0', 'tool of a guessed casting'),
    toolPerKg: own('toolPerKg', 'and by mass'),
    finished: told('finished mass', 'kg'),
  },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    tool0: against(listRates(c.rates).tool0, c),
    toolPerKg: against(listRates(c.rates).toolPerKg, c),
    finished: c.part.finished_kg,
  }),
});

export const SAVING = equation({
  figure: 'screen.saving',
  number: '13.5',
  title: 'Saved a year',
  unit: ({ rates }) => `${rates.currency.code} a year`,
  plainly: { unit: 'currency a year' },
  expression: 'perYear * (fx * today - guess) - tool / years',
  symbols: {
    perYear: told('pieces a year', 'pieces'),
    fx,
    today: told('what one costs today', 'USD'),
    guess: openedMoney('guess of a casting', 'guess'),
    tool: openedMoney('guess of its tool', 'tool'),
    years: own('years', 'years the tool is shared over'),
  },
  values: (c) => ({
    perYear: c.part.perYear,
    fx: c.rates.currency.perUnit,
    today: c.part.today_USD,
    guess: GUESS.value(c),
    tool: TOOL.value(c),
    years: likely(listRates(c.rates).years),
  }),
});

/** Every equation of the screen of a list, in the order of the model's sections. */
export const SCREEN_EQUATIONS = [STOCK, KEPT, STOCK_MONEY, WORK, GUESS, TOOL, SAVING] as const;
