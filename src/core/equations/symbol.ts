import type { Basis } from '../base/figures';
import type { Source, WorkingSymbol } from './working';

/** Words that are always the same, or hang on what an equation is worked out for. */
export type Words<C> = string | ((c: C) => string);

/** What a value of a table says of itself beside its likely value. */
export interface TableValue {
  readonly basis: Basis | null;
  /** Low and high, or null for a certain one. */
  readonly range: readonly [number, number] | null;
  readonly unit?: string | undefined;
  readonly note?: string | null;
}

/**
 * What a symbol of an equation stands for. Its value is given beside, by the equation; everything else is said here.
 * Where words hang on the case, `plainly` says them for the model's document.
 */
export interface SymbolOf<C> {
  readonly meaning: Words<C>;
  readonly unit: Words<C>;
  readonly source: Source | ((c: C) => Source);
  /** Brief path, rate key, alloy field or capability key; `{lane}`, `{family}` and `{alloy}` stand for those of the case. */
  readonly path?: Words<C>;
  /** Figure whose working explains it. */
  readonly opens?: string | ((c: C) => string | null);
  readonly note?: (c: C) => string | null;
  /** What its table says of it. */
  readonly table?: (c: C, path: string) => TableValue | undefined;
  readonly plainly?: { readonly meaning?: string; readonly unit?: string; readonly path?: string };
}

/** Several symbols of one kind, as many as the case has: the seconds of each operation, the days of each step. */
export interface ListOf<V, C extends V> {
  readonly values: (c: V) => readonly number[];
  /** What each is called and stands for, in the order of the list. */
  readonly each: (c: C) => readonly WorkingSymbol[];
  readonly meaning: string;
  readonly unit: string;
  /** How they are written in the model's document: s₁, s₂ … */
  readonly written: string;
}

/**
 * Words of a symbol for a case: the same for all, or made of the case.
 *
 * @example
 * wordsFor(({ lane }) => `shots of ${lane}`, { lane: 'spin' }) // 'shots of spin'
 */
export const wordsFor = <C>(words: Words<C>, c: C): string => (typeof words === 'string' ? words : words(c));
