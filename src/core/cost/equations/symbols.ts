import { brief, choice, equationsOf, figure, type SymbolOf, type TableValue } from '../../equations';
import type { Figure, ValueSource } from '../../base/figures';
import { rateAt, tableValue } from '../../rates';
import type { LaneInputs, OfInputs, OfLayout, OfProgramme } from '../types';

const path = ({ model }: OfInputs, text: string): string =>
  text
    .replace('{lane}', model.lane.id)
    .replace('{family}', model.facts.ratesFamily)
    .replace('{alloy}', model.facts.alloy.id)
    .replace('{condition}', `${model.lane.route.id}|${model.facts.family}`)
    .replace('{grain}', model.facts.brief.needs.grain ?? '');

/** Equations of a lane's money. */
export const equation = equationsOf<OfInputs>({ model: 'Cost model', path });
/**
 * Equations of a lane's time.
 *
 * @example
 * timeEquation()({ figure: 'twice', number: 'T0', title: 'Twice', unit: 'd', expression: '2 * a', symbols: { a: { ...rate('', 'days'), table: undefined } }, values: () => ({ a: 3 }) }).number // 'T0'
 */
export const timeEquation = equationsOf<OfInputs>({ model: 'Time model', path });

/**
 * A coefficient of the rate set by its path; `{lane}`, `{family}` and `{alloy}` are put in.
 *
 * @example
 * rate('global.handling', 'handling', 'USD').source // 'rate'
 */
export const rate = (path: string, meaning: string, unit = ''): SymbolOf<OfInputs> => ({
  meaning,
  unit,
  source: 'rate',
  path,
  table: ({ model }, at) => tableValue(rateAt(model.rates, at)),
});
/**
 * A coefficient of the lane's variant: 0 where the variant does not list it.
 *
 * @example
 * variant('handling', 'handling').source // 'rate'
 */
export const variant = (key: string, meaning: string, unit = ''): SymbolOf<OfInputs> =>
  rate(`variants["{lane}"].${key}`, meaning, unit);
/**
 * A coefficient of the alloy's family.
 *
 * @example
 * ofFamily('yield', 'yield').path // 'families.{family}.yield'
 */
export const ofFamily = (key: string, meaning: string): SymbolOf<OfInputs> => rate(`families.{family}.${key}`, meaning);

/** An hourly rate, whichever the variant names. */
export const hourly = (which: 'tool' | 'shot' | 'core' | 'finish', meaning: string): SymbolOf<OfInputs> => ({
  ...rate('', meaning),
  path: ({ model }) => `global.${model.v.rate[which]}`,
  plainly: { unit: 'USD/h', path: `the hourly rate a variant names for its ${which} work` },
});

/** Whose a value of the lane is, where it is not the book's: its own, that of its table, or that of the metal in it. */
const sourceAt = ({ lane: { sources }, facts }: LaneInputs, path: string): ValueSource | undefined =>
  sources?.[path] ?? sources?.[path.split('.')[0] ?? ''] ?? sources?.[`${path}.${facts.family}`];

const sourceNote = ({ who, known, source, date }: ValueSource): string =>
  [who, known, source, date ?? ''].filter(Boolean).join(', ');

/**
 * A capability of the route. @param read low, likely and high, or what there is of it
 *
 * @example
 * capability('yield', 'yield', 'share', ({ lane }) => lane.capability.misrunShare).source // 'route'
 */
export const capability = (
  path: string,
  meaning: string,
  unit: string,
  read: (model: LaneInputs) => { readonly basis: TableValue['basis']; readonly v?: readonly number[] | undefined },
): SymbolOf<OfInputs> => ({
  meaning,
  unit,
  source: 'route',
  path,
  table: ({ model }) => {
    const { basis, v } = read(model);
    const range = v === undefined || v.length < 3 ? null : ([v[0] ?? NaN, v[2] ?? NaN] as const);
    const source = sourceAt(model, path);
    return source === undefined ? { basis, range } : { basis: 'shop', range, note: sourceNote(source) };
  },
});

/** A property of the alloy. */
export const ofAlloy = (
  property: string,
  meaning: string,
  unit: string,
  read: (model: LaneInputs) => TableValue,
): SymbolOf<OfInputs> => ({
  meaning,
  unit,
  source: 'alloy',
  path: `alloys.{alloy}.${property}`,
  table: ({ model }) => read(model),
});

const currency = ({ model }: OfInputs): string => model.rates.currency.code;
/** Units in the study's currency. */
export const MONEY = { unit: currency, plainly: { unit: 'currency' } } as const;
export const MONEY_A_PART = {
  unit: (c: OfInputs): string => `${currency(c)}/part`,
  plainly: { unit: 'currency/part' },
} as const;
/** A figure in the study's currency. */
export const money = (meaning: string, opens?: string): SymbolOf<OfInputs> => ({
  ...figure(meaning, '', opens),
  ...MONEY,
});

/** Symbols of several equations. */
export const fx: SymbolOf<OfInputs> = {
  meaning: 'study currency per USD',
  unit: (c) => `${currency(c)}/USD`,
  source: 'rate',
  path: 'currency.perUnit',
  table: (c) => ({ basis: 'assumed', range: null, unit: `${currency(c)}/USD` }),
  plainly: { unit: 'currency/USD' },
};
export const K = figure('price factor: overhead, margin, unusual fit', '–', 'K');
export const mk = rate('global.mk', 'mark-up on tools, fixtures and gauges');
export const q = choice('pieces in the whole programme', 'pieces');
export const n = choice('positions per pour, chosen for the least total', 'positions');
export const nt = choice('cavities of the tool', 'cavities');
/** Whether places of a pour of n may usually be lost. */
export const mayLose = ({ lane }: Pick<LaneInputs, 'lane'>, positions: number): boolean =>
  positions >= lane.capability.positionsLost.from_n && lane.capability.positionsLost.v[2] > 0;
export const nL = figure('usual lost places', 'places', 'nL');
export const mu = figure('moulds lost before pouring', 'share', 'mu');
/** What is good of a pour, lost places and misruns taken off. */
export const out = figure('castings per pour, lost places and misruns taken off', 'castings', 'castingsPerPour');
export const mc = figure('cast mass, machining stock included', 'kg', 'mc');
export const C1 = figure('first tool', 'USD', 'C1');
export const D = figure('mean size, the cube root of L·W·H', 'dm');
export const a = brief('geometry.area_cm2', 'surface area', 'dm²');
export const nU = brief('geometry.undercuts', 'undercuts', 'undercuts');
export const nSet = (meaning = 'machining set-ups'): SymbolOf<unknown> => figure(meaning, 'set-ups', 'nSet');
export const lot = brief('quantity.lot', 'pieces of a full lot', 'pieces');

/** Pieces of the lot looked at. */
export const Q: SymbolOf<OfProgramme> = {
  meaning: ({ at }) =>
    at === '@rest'
      ? 'pieces left after the full lots'
      : at === ''
        ? 'pieces of the usual lot, at most the programme'
        : 'pieces of a full lot',
  unit: 'pieces',
  source: ({ at }) => (at === '@rest' ? 'computed' : 'brief'),
  path: ({ at }) => (at === '@rest' ? '' : 'quantity.lot'),
  opens: ({ at }) => (at === '@rest' ? 'rest' : null),
  plainly: { meaning: 'good pieces of the lot', path: 'quantity.lot' },
};
/** A figure of the lot looked at, whichever that is. */
export const ofLot = (meaning: string, unit: string, opens: string): SymbolOf<OfProgramme> => ({
  ...figure(meaning, unit),
  opens: ({ at }) => `${opens}${at}`,
});

export const Y = capability('yield', 'share of the pour that is casting', 'share', ({ lane, facts }) => ({
  basis: lane.capability.yield.basis,
  v: lane.capability.yield[facts.family],
}));
export const lambda = capability(
  'misrunShare',
  'share of positions that never fill',
  'share',
  ({ lane }) => lane.capability.misrunShare,
);
export const warmUp = capability(
  'warmUpPours',
  'pours before the mould is warm and true',
  'pours',
  ({ lane }) => lane.capability.warmUpPours,
);
export const learn = capability(
  'scrap.learnPieces',
  'pieces until scrap settles',
  'pieces',
  ({ lane }) => lane.capability.scrap.learnPieces,
);
export const life = capability('life_shots', 'shots before the first set is replaced', 'shots', ({ lane, facts }) => {
  const { life_shots } = lane.capability;
  return { basis: life_shots.basis, v: life_shots[facts.family] ?? life_shots.any };
});

/** Price of ingot: of the rate set where it lists the alloy, else of the alloy table. */
export const p: SymbolOf<OfInputs> = {
  meaning: 'price of ingot',
  unit: 'USD/kg',
  source: ({ model }) => (listed(model) === undefined ? 'alloy' : 'rate'),
  path: ({ model }) => (listed(model) === undefined ? 'alloys.{alloy}.price_USD_kg' : 'metals.{alloy}'),
  table: ({ model }) => {
    const { alloy } = model.facts;
    const own = tableValue(listed(model));
    if (own !== undefined) return own;
    return { basis: basisOf(alloy.basis['price']), range: [alloy.price_USD_kg[0], alloy.price_USD_kg[2]] };
  },
  plainly: { path: 'metals.{alloy}' },
};
const listed = (model: LaneInputs): Figure | undefined => model.rates.metals?.[model.facts.alloy.id];
const basisOf = (word: string | undefined): TableValue['basis'] => (word ?? null) as TableValue['basis'];

export const l = ofAlloy('meltLoss_pct', 'metal lost in melting', 'share', ({ facts: { alloy } }) => ({
  basis: basisOf(alloy.basis['meltLoss']),
  range: [alloy.meltLoss_pct[0] / 100, alloy.meltLoss_pct[2] / 100],
}));
export const kRet = ofFamily('kRet', 'worth of what comes back');
export const rho = ofAlloy('density_kg_m3', 'density', 'kg/cm³', ({ facts: { alloy } }) => ({
  basis: basisOf(alloy.basis['density']),
  range: null,
}));
export const machinability = ofAlloy('machinability', 'machinability', 'brass = 100', ({ facts: { alloy } }) => ({
  basis: basisOf(alloy.basis['machining']),
  range: null,
}));

/** 1 for what a need of the brief asks for, else 0. */
export const asked = (need: string, meaning: string): SymbolOf<unknown> =>
  brief(`needs.${need}`, `${meaning} (1) or not (0)`, '–');

export type { OfInputs, OfLayout };

export { brief, choice, figure };
