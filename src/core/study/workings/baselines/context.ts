import { rateAt } from '../../../rates';
import type { Study } from '../../types';
import type { Baseline } from '../../../cost';
import type { PartFacts } from '../../../part';
import { chosen, computed, fromAlloy, fromBrief, fromRate, type Working, type WorkingSymbol } from '../../../equations';

/** What the workings of a baseline draw on. */
export interface BaselineContext {
  readonly study: Study;
  readonly facts: PartFacts;
  readonly b: Baseline;
  readonly q: number;
  /** Pieces an order. */
  readonly lot: number;
}

/** A working but for the name of its figure. */
export type Built = Omit<Working, 'figure'>;

/** Makes the working of one figure. */
export type Builder = (c: BaselineContext) => Built;

/** Where each baseline is written down. */
export const EQUATION = {
  machined: 'Cost model 9.1 to 9.4',
  stamped: 'Cost model 9.5',
  fabricated: 'Cost model 9.6',
  split: 'Cost model 8 for the cast piece, 9 for the other, 9.6 for the joining',
} as const;

/** Code of the study's currency. */
export const money = (c: BaselineContext): string => c.study.rates.currency.code;

/** The study's currency against the dollar. */
export const fx = (c: BaselineContext): WorkingSymbol =>
  fromRate(
    'fx',
    'study currency per USD',
    { v: c.study.rates.currency.perUnit, unit: `${money(c)}/USD`, basis: 'assumed' },
    'currency.perUnit',
  );

/** A rate of every lane. */
export const global = (c: BaselineContext, symbol: string, meaning: string, key: keyof Study['rates']['global']) =>
  fromRate(symbol, meaning, c.study.rates.global[key], `global.${key}`);

/** A rate of the baseline alone. */
export const own = (c: BaselineContext, symbol: string, meaning: string, key: string, unit = ''): WorkingSymbol => {
  const path = `baselines.${c.b.id}.${key}`;
  return fromRate(symbol, meaning, rateAt(c.study.rates, path), path, unit);
};

/** A time among the baseline's own rates. */
export const ownTime = (c: BaselineContext, symbol: string, meaning: string, key: string): WorkingSymbol => {
  const path = `baselines.${c.b.id}.time.${key}`;
  return fromRate(symbol, meaning, rateAt(c.study.rates, path), path);
};

/** What the baseline was worked out with under a name; NaN where it has none. */
export const at = (c: BaselineContext, key: string): number => c.b.symbols[key] ?? NaN;

/** Pieces of the whole programme. */
export const qty = (c: BaselineContext): WorkingSymbol => chosen('q', 'pieces in the whole programme', c.q, 'pieces');

/** Pieces an order: the programme where nothing is said of lots or years. */
const lotSym = (c: BaselineContext): WorkingSymbol => {
  const { lot, perYear } = c.facts.brief.quantity;
  return lot === null && perYear === null
    ? { ...qty(c), symbol: 'lot', meaning: 'pieces an order: the whole programme' }
    : fromBrief('lot', 'pieces an order', c.lot, 'pieces', 'quantity.lot');
};

/** Price of the metal: of the alloy, or of the rate set. */
export const price = (c: BaselineContext): WorkingSymbol => {
  const { alloy } = c.facts;
  const [low, likely, high] = alloy.price_USD_kg;
  const listed = c.study.rates.metals?.[alloy.id];
  return listed === undefined
    ? fromAlloy('p', 'price of ingot', likely, 'USD/kg', `alloys.${alloy.id}.price_USD_kg`, alloy.basis['price'], [
        low,
        high,
      ])
    : fromRate('p', 'price of ingot', listed, `metals.${alloy.id}`);
};

/** Energy to cut the alloy. */
export const cutting = (c: BaselineContext): WorkingSymbol => {
  const { alloy } = c.facts;
  const [low, u, high] = alloy.specificCuttingEnergy_J_mm3;
  const path = `alloys.${alloy.id}.specificCuttingEnergy_J_mm3`;
  return fromAlloy('u', 'energy to cut it', u, 'J/mm³', path, alloy.basis['machining'], [low, high]);
};

/** Machinability of the alloy. */
export const machinability = (c: BaselineContext): WorkingSymbol => {
  const { alloy } = c.facts;
  return fromAlloy(
    'mach',
    'machinability',
    alloy.machinability,
    'brass = 100',
    `alloys.${alloy.id}.machinability`,
    alloy.basis['machining'],
  );
};

/** A need of the brief as 1 or 0. */
export const asked = (
  c: BaselineContext,
  symbol: string,
  meaning: string,
  key: 'pressureTight' | 'heatTreated' | 'xray',
) => fromBrief(symbol, `${meaning} (1) or not (0)`, c.facts.brief.needs[key] === true ? 1 : 0, '–', `needs.${key}`);

/** A rate of the alloy's family. */
export const family = (c: BaselineContext, symbol: string, meaning: string, key: 'kStock' | 'kChip' | 'kHT') =>
  fromRate(
    symbol,
    meaning,
    c.study.rates.families[c.facts.ratesFamily]?.[key],
    `families.${c.facts.ratesFamily}.${key}`,
  );

/** A worked-out symbol that opens its own working. */
export const open = (
  c: BaselineContext,
  symbol: string,
  meaning: string,
  value: number,
  unit: string,
  figure: string,
) => ({
  ...computed(symbol, meaning, value, unit, figure),
  opensLane: c.b.id,
});

/** Price factor. */
export const factorSym = (c: BaselineContext): WorkingSymbol =>
  open(c, 'K', 'price factor: overhead and margin', at(c, 'K'), '–', 'K');

/** Mark-up on tools. */
export const mk = (c: BaselineContext): WorkingSymbol => global(c, 'mk', 'mark-up on tools and fixtures', 'mk');

/** Finished mass. */
export const mass = (c: BaselineContext): WorkingSymbol =>
  computed('m', 'finished mass, volume times density', c.facts.m, 'kg');

/** Every further symbol a baseline was worked out with. */
export const rest = (c: BaselineContext, but: readonly string[]): WorkingSymbol[] =>
  Object.entries(c.b.symbols)
    .filter(([k]) => !but.includes(k))
    .map(([k, v]) => computed(k, k.replaceAll('_', ', '), v, '–'));

/** The pieces whose day is asked for. */
export const pieces = (N: number): WorkingSymbol => chosen('N', 'pieces wanted', N, 'pieces');

/** The total of what is made lot after lot: its tools, a set-up a lot and every piece. */
export const inLots = (c: BaselineContext, tools: string, piece: string): Built => ({
  title: `${c.b.name}: total`,
  equation: EQUATION[c.b.id],
  expression: 'tools + fx * K * (ceil(q / lot) * setUp + q * piece)',
  value: c.b.total(c.q),
  unit: money(c),
  symbols: [
    open(c, 'tools', tools, c.b.tooling(c.q), money(c), 'tooling'),
    fx(c),
    factorSym(c),
    qty(c),
    lotSym(c),
    open(c, 'setUp', 'set-up of a lot', at(c, 'setUp'), 'USD', 'setUp'),
    open(c, 'piece', piece, at(c, 'piece'), 'USD', 'piece'),
  ],
  note: null,
});
