import type { Known, Triple, ValueSource } from '../base/figures';
import type { Capability } from '../catalogue/routes';

/**
 * What routes and variants can do, by route id and by lane id: a route's own keys under its id, what a variant has of
 * its own under “route/variant”.
 */
export type ProcessTable = Readonly<Record<string, Partial<Capability>>>;

/**
 * One value: a number, low-likely-high, or a word or list of numbers as text. An own value of a figure that the book
 * gives without a range may be a number or low-likely-high: judged by its likely figure, told with its range.
 */
export type ProcessValue = number | Triple | string;

/** A value that a team has put in place of the book's. */
export interface OwnValue {
  readonly v: ProcessValue;
  readonly known: Known;
  readonly source: string;
  /** ISO date; null where not said. */
  readonly date: string | null;
}

/** Own values by path: `["gravity-die"].scrap.new`, `["gravity-die/hand"].wallMin.copper[0]`. */
export type OwnValues = Readonly<Record<string, OwnValue>>;

/** One value by which a route is judged, timed or yields. */
export interface ProcessEntry {
  readonly path: string;
  /** Route id, or lane id. */
  readonly part: string;
  /** What it belongs to within its part, in words; empty where the words say it all. */
  readonly of: string;
  readonly words: string;
  readonly value: ProcessValue;
  /** Low and high that a team has put around a single figure; absent where nobody has, and for a band. */
  readonly range?: readonly [number, number];
  readonly unit: string;
  /** Of the book, or `shop` for a team's own. */
  readonly basis: 'standard' | 'handbook' | 'rule' | 'assumed' | 'shop';
  readonly note: string;
  /** Words that may be chosen; absent for a figure. */
  readonly choices?: readonly string[];
  /** The book has no figure of it: its value says nothing but its shape. */
  readonly absent?: true;
}

/** Where a lane's values come from, by path in its capability. */
export type ValueSources = Readonly<Record<string, ValueSource>>;
