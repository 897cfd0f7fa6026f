import { likely } from '../base/figures';
import { refuse } from '../base/errors';
import { brief, choice, equationsOf, figure, type SymbolOf, type TableValue } from '../equations';
import { ofAlloy, rate, rho } from '../part/equations';
import { tableValue } from '../rates';
import type { OfBaseline } from './types';

const path = ({ facts }: OfBaseline, text: string): string =>
  text.replace('{family}', facts.ratesFamily).replace('{alloy}', facts.alloy.id);

/** Equations of what a baseline has several of. */
export const equationsFor = equationsOf<OfBaseline>({ model: 'Cost model', path });
/** Equations of a baseline's money. */
export const equation = equationsFor<OfBaseline>();
/** Equations of a baseline's time. */
export const timeEquation = equationsOf<OfBaseline>({ model: 'Time model', path })<OfBaseline>();

/** A figure worked out before. @throws {CoreError} E_KEY for one that was not */
export const known = ({ of }: OfBaseline, name: string): number =>
  of[name] ?? refuse('E_KEY', 'figure', name, Object.keys(of).join(' | '));

/** A coefficient of the alloy's family. */
export const ofFamily = (key: 'kStock' | 'kChip' | 'kHT', meaning: string): SymbolOf<OfBaseline> =>
  rate(`families.{family}.${key}`, meaning);

const code = ({ rates }: OfBaseline): string => rates.currency.code;
const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
/** Title of a figure that several baselines have, with the name of the one. */
export const titled = (words: string) => ({
  title: ({ name }: OfBaseline): string => `${name}: ${words}`,
  plainly: { title: capital(words) },
});
/** Title and unit of a figure in the study's currency. */
export const priced = (words: string) => ({
  ...titled(words),
  unit: code,
  plainly: { title: capital(words), unit: 'currency' },
});
/** Title and unit of a figure in the study's currency a part. */
export const pricedAPart = (words: string) => ({
  ...titled(words),
  unit: (c: OfBaseline): string => `${code(c)}/part`,
  plainly: { title: capital(words), unit: 'currency/part' },
});
/** A figure in the study's currency. */
export const money = (meaning: string, opens: string): SymbolOf<OfBaseline> => ({
  ...figure(meaning, '', opens),
  unit: code,
  plainly: { unit: 'currency' },
});
/** A figure in the study's currency a part. */
export const moneyAPart = (meaning: string, opens: string): SymbolOf<OfBaseline> => ({
  ...figure(meaning, '', opens),
  unit: (c) => `${code(c)}/part`,
  plainly: { unit: 'currency/part' },
});

export const fx: SymbolOf<OfBaseline> = {
  meaning: 'study currency per USD',
  unit: (c) => `${code(c)}/USD`,
  source: 'rate',
  path: 'currency.perUnit',
  table: (c) => ({ basis: 'assumed', range: null, unit: `${code(c)}/USD` }),
  plainly: { unit: 'currency/USD' },
};
export const K = figure('price factor: overhead and margin', '–', 'K');
export const mk = rate('global.mk', 'mark-up on tools and fixtures');
export const q = choice('pieces in the whole programme', 'pieces');
export const N = choice('pieces wanted', 'pieces');
/** Pieces an order: the programme where nothing is said of lots or years. */
export const lot: SymbolOf<OfBaseline> = {
  meaning: (c) => (isOneOrder(c) ? 'pieces an order: the whole programme' : 'pieces an order'),
  unit: 'pieces',
  source: (c) => (isOneOrder(c) ? 'choice' : 'brief'),
  path: (c) => (isOneOrder(c) ? '' : 'quantity.lot'),
  plainly: { meaning: 'pieces an order', path: 'quantity.lot' },
};
const isOneOrder = ({ facts }: OfBaseline): boolean => {
  const { lot: said, perYear } = facts.brief.quantity;
  return said === null && perYear === null;
};
export const m = figure('finished mass', 'kg', 'mass');
export const kappa = figure('difficulty of the shape', '–', 'kappa');
export const L = brief('geometry.box_mm', 'length', 'mm');
export const W = brief('geometry.box_mm', 'width', 'mm');
export const H = brief('geometry.box_mm', 'height along the draw', 'mm');

/** Price of ingot: of the rate set where it lists the alloy, else of the alloy table. */
export const p: SymbolOf<OfBaseline> = {
  meaning: 'price of ingot',
  unit: 'USD/kg',
  source: (c) => (listed(c) === undefined ? 'alloy' : 'rate'),
  path: (c) => (listed(c) === undefined ? 'alloys.{alloy}.price_USD_kg' : 'metals.{alloy}'),
  table: (c) => {
    const { price_USD_kg, basis } = c.facts.alloy;
    return (
      tableValue(listed(c)) ?? {
        basis: (basis['price'] ?? null) as TableValue['basis'],
        range: [price_USD_kg[0], price_USD_kg[2]],
      }
    );
  },
  plainly: { path: 'metals.{alloy}' },
};
const listed = ({ rates, facts }: OfBaseline) => rates.metals?.[facts.alloy.id];

export const machinability = ofAlloy('machinability', 'machinability', 'brass = 100', 'machining');
/** Energy to cut the alloy. */
export const u = ofAlloy('specificCuttingEnergy_J_mm3', 'energy to cut it', 'J/mm³', 'machining', (alloy) => [
  alloy.specificCuttingEnergy_J_mm3[0],
  alloy.specificCuttingEnergy_J_mm3[2],
]);
/** 1 for what a need of the brief asks for, else 0. */
export const asked = (need: string, meaning: string): SymbolOf<unknown> =>
  brief(`needs.${need}`, `${meaning} (1) or not (0)`, '–');

/** Calendar days a working day. */
export const perWorkday = rate('calendar.calendarPerWorkday', 'calendar days a working day');
export const workday = ({ rates }: OfBaseline): number => likely(rates.calendar.calendarPerWorkday);

export { brief, figure, rate, rho };
