import { likely, type Figure } from '../../base/figures';
import { fromRate, type ListOf, type WorkingSymbol } from '../../equations';
import type { LaneInputs, OfInputs } from '../types';
import { a, equation, mc } from './symbols';

/**
 * A key of a table as paths of the rate set write it.
 *
 * @example
 * rateKey('titanium-fire') // '["titanium-fire"]'
 */
export const rateKey = (name: string): string => (/^[A-Za-z_]\w*$/.test(name) ? `.${name}` : `["${name}"]`);

/** Whether a lane has any coat, containment or condition that costs. */
export const isCoatedOrHeld = ({ coats, hazards, condition }: LaneInputs): boolean =>
  coats.length > 0 || hazards.length > 0 || condition !== null;

/** One coefficient of a list: its figure, its words and where it stands. */
interface One {
  readonly id: string;
  readonly meaning: string;
  readonly figure: Figure | undefined;
  readonly path: string;
}
type Rows = (c: OfInputs) => readonly One[];

const shown =
  (symbol: string, rows: Rows) =>
  (c: OfInputs): WorkingSymbol[] =>
    rows(c).flatMap(({ id, meaning, figure, path }) =>
      figure === undefined ? [] : [fromRate(`${symbol}_${id.replace(/\W/g, '_')}`, meaning, figure, path)],
    );
const listOf = (symbol: string, meaning: string, unit: string, rows: Rows): ListOf<OfInputs, OfInputs> => ({
  meaning,
  unit,
  written: `${symbol}1 + ${symbol}2 + …`,
  values: (c) => rows(c).flatMap(({ figure }) => (figure === undefined ? [] : [likely(figure)])),
  each: shown(symbol, rows),
});

/** A coefficient of every coat asked for. */
const ofCoats =
  (key: 'kP' | 'kA' | 'perKg' | 'kLot', words: string): Rows =>
  ({ model }) =>
    model.coats.map((id) => {
      const row = model.rates.coatings[id];
      return { id, meaning: `${row.name}: ${words}`, figure: row[key], path: `coatings${rateKey(id)}.${key}` };
    });
/** A coefficient of everything that must be contained. */
const ofHazards =
  (key: 'kLot' | 'kKg' | 'kA', words: string): Rows =>
  ({ model }) =>
    model.hazards.map((id) => ({
      id,
      meaning: `${id.replaceAll('-', ' ')}: ${words}`,
      figure: model.rates.containment[id][key],
      path: `containment${rateKey(id)}.${key}`,
    }));

/** Coats of a good piece. */
export const COAT_PIECE = equation<OfInputs>()({
  figure: 'coatPiece',
  number: '7.4',
  title: 'Coats of a piece',
  unit: 'USD',
  expression: 'sum(kP) + sum(kA) * a + sum(perKg) * mc',
  lists: {
    kP: listOf('kP', 'hanging, masking and packing for each coat', 'USD', ofCoats('kP', 'hanging, masking, packing')),
    kA: listOf('kA', 'each coat by surface', 'USD/dm²', (c) => [
      ...ofCoats('kA', 'by surface')(c),
      ...ofHazards('kA', 'bath, by surface')(c),
    ]),
    perKg: listOf('perKg', 'each coat by mass', 'USD/kg', ofCoats('perKg', 'by mass')),
  },
  symbols: { a, mc },
  values: ({ model: { facts, part } }) => ({ a: facts.a, mc: part.mc }),
});

/** Coats of a lot. */
export const COAT_LOT = equation<OfInputs>()({
  figure: 'coatLot',
  number: '7.4',
  title: 'Coats of a lot',
  unit: 'USD',
  expression: 'sum(kLot)',
  lists: { kLot: listOf('kLot', 'each coat of a lot', 'USD', ofCoats('kLot', 'a lot')) },
  symbols: {},
  values: () => ({}),
});

/** What containing a metal or a bath, and pouring under conditions, add to a lot. */
export const HELD_LOT = equation<OfInputs>()({
  figure: 'heldLot',
  number: '7.4',
  title: 'Containment and conditions of a lot',
  unit: 'USD',
  expression: 'sum(kLot)',
  lists: {
    kLot: listOf('kLot', 'each containment, and the conditions, of a lot', 'USD', (c) => {
      const { condition, lane, facts } = c.model;
      const held = ofHazards('kLot', 'a lot')(c);
      if (condition === null) return held;
      const at = `${lane.route.id}|${facts.family}`;
      const words = `${facts.family.replaceAll('-', ' ')} poured under conditions: a lot`;
      return [...held, { id: 'conditions', meaning: words, figure: condition.kLot, path: `conditions["${at}"].kLot` }];
    }),
  },
  symbols: {},
  values: () => ({}),
});

/** What containing a metal adds to every kilogram melted. */
export const HELD_KG = equation<OfInputs>()({
  figure: 'heldKg',
  number: '7.4',
  title: 'Containment a kilogram melted',
  unit: 'USD/kg',
  expression: 'sum(kKg)',
  lists: { kKg: listOf('kKg', 'each containment by mass melted', 'USD/kg', ofHazards('kKg', 'by mass melted')) },
  symbols: {},
  values: () => ({}),
});
