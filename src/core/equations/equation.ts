import { closureOf, type Run, type Values } from './closures';
import { COMPILED } from './compiled.generated';
import { keyOf } from './key';
import { wordsFor, type ListOf, type SymbolOf, type Words } from './symbol';
import type { Working, WorkingSymbol } from './working';

/** An equation in one of its forms: most have one; some are shorter where a part has none of what a term is for. */
export type Forms<V> = string | { readonly of: Readonly<Record<string, string>>; readonly form: (c: V) => string };

/** All that is said of an equation, once: its value, its working, its draws and the model's document are made of this. */
export interface EquationOf<V, C extends V, S extends string> {
  /** Name of the figure it gives, as symbols open it. */
  readonly figure: string;
  /** Its number in the model: “5.2”, “T9”. */
  readonly number: string;
  /** What else is said of the equation beside its number. */
  readonly remark?: Words<C>;
  readonly title: Words<C>;
  readonly unit: Words<C>;
  readonly expression: Forms<V>;
  readonly symbols: Readonly<Record<S, SymbolOf<C>>>;
  readonly lists?: Readonly<Record<string, ListOf<V, C>>>;
  /** Symbols shown in every form, though the expression may do without them. */
  readonly beside?: readonly NoInfer<S>[];
  readonly note?: (c: C) => string | null;
  /** What its symbols stand for: a new record at every call. */
  readonly values: (c: V) => Record<S, number>;
  readonly plainly?: { readonly title?: string; readonly unit?: string };
}

/** An equation with the values of one case in it, of which some may be put in anew before it is worked out again. */
export interface Readied<S extends string> {
  readonly values: Record<S, number>;
  readonly value: () => number;
}

/** An equation: worked out for a case, or shown with its working. */
export interface Equation<V, C extends V = V, S extends string = string> {
  readonly figure: string;
  readonly number: string;
  /** Every form of it, for the model's document. */
  readonly forms: readonly string[];
  readonly definition: EquationOf<V, C, string>;
  /** What it comes to. */
  readonly value: (c: V) => number;
  /** The equation readied for one case, to be worked out many times. */
  readonly ready: (c: V) => Readied<S>;
  /** How its value comes about. */
  readonly working: (c: C) => Working;
}

/** Says how symbols of a room find their tables. */
export interface Room<C> {
  /** Puts the lane, family and alloy of a case into a path. */
  readonly path: (c: C, path: string) => string;
  /** Name of the model: “Cost model”. */
  readonly model: string;
}

const runs = new Map<string, Run>();
const NOTHING: Run = () => 0;

/**
 * An expression as a function: compiled before the build where it was known then, else closures.
 *
 * @example
 * runOf('a * b')({ a: 2, b: 3 }, {}) // 6
 */
export function runOf(expression: string): Run {
  const known = runs.get(expression);
  if (known !== undefined) return known;
  const run = COMPILED[keyOf(expression)] ?? closureOf(expression);
  runs.set(expression, run);
  return run;
}

const NAME = /[A-Za-z_]\w*/g;
const LIST = /\b(sum|least|most)\((\w+)\)/g;

/**
 * Readies the equations of a room. @returns a function that makes an equation of its definition
 *
 * @example
 * equationsOf({ model: 'Cost model', path: (_, text) => text })()({ figure: 'twice', number: '0', title: 'Twice', unit: 'USD', expression: '2 * a', symbols: {}, values: ({ a }) => ({ a }) }).value({ a: 3 }) // 6
 */
export function equationsOf<Base>(room: Room<Base>) {
  return <V, C extends V & Base = V & Base>() =>
    <S extends string>(definition: EquationOf<V, C, S>): Equation<V, C, S> => {
      const { expression } = definition;
      const values = withLists(definition);
      const forms = typeof expression === 'string' ? [expression] : Object.values(expression.of);
      const formOf = (c: V): string =>
        typeof expression === 'string' ? expression : (expression.of[expression.form(c)] ?? forms[0] ?? '');
      const runs = new Map<string, Run>();
      const runFor = (c: V): Run => {
        const form = typeof expression === 'string' ? '' : expression.form(c);
        const known = runs.get(form);
        if (known !== undefined) return known;
        const run = formOf(c) === '0' ? NOTHING : runOf(formOf(c));
        runs.set(form, run);
        return run;
      };
      let plain: Run | null = null;
      const value =
        typeof expression === 'string'
          ? (c: V): number => (plain ??= runOf(expression))(values(c))
          : (c: V): number => {
              const run = runFor(c);
              // A form that is nothing asks for no values.
              return run === NOTHING ? 0 : run(values(c));
            };
      return {
        figure: definition.figure,
        number: definition.number,
        forms,
        definition,
        value,
        ready: (c) => {
          const run = runFor(c);
          const own: Record<S, number> = definition.values(c);
          return { values: own, value: () => run(own) };
        },
        working: (c) => workingOf(room, definition, formOf(c), value(c), c),
      };
    };
}

/** The values of an equation's symbols together with those of its lists, where it has any. */
function withLists<V, C extends V>({ values, lists }: EquationOf<V, C, string>): (c: V) => Values {
  if (lists === undefined) return values;
  const all = Object.entries(lists);
  return (c) => ({ ...values(c), ...Object.fromEntries(all.map(([name, list]) => [name, list.values(c)])) });
}

function workingOf<Base, V, C extends V & Base>(
  room: Room<Base>,
  definition: EquationOf<V, C, string>,
  form: string,
  value: number,
  c: C,
): Working {
  const values: Values = definition.values(c);
  const names = new Set(form.match(NAME));
  const symbols: WorkingSymbol[] = [];
  const listed = new Map<string, readonly WorkingSymbol[]>();
  for (const [name, list] of Object.entries(definition.lists ?? {}))
    if (names.has(name)) listed.set(name, list.each(c));
  for (const list of listed.values()) symbols.push(...list);
  for (const [name, symbol] of Object.entries(definition.symbols)) {
    if (!names.has(name) && definition.beside?.includes(name) !== true) continue;
    const path = symbol.path === undefined ? null : room.path(c, wordsFor(symbol.path, c)) || null;
    const table = path === null ? undefined : symbol.table?.(c, path);
    const number = values[name];
    const absent = symbol.table !== undefined && table === undefined;
    symbols.push({
      symbol: name,
      meaning: wordsFor(symbol.meaning, c),
      value: typeof number === 'number' ? number : NaN,
      unit: table?.unit ?? wordsFor(symbol.unit, c),
      source: typeof symbol.source === 'function' ? symbol.source(c) : symbol.source,
      basis: table?.basis ?? null,
      range: table?.range ?? null,
      path,
      opens: (typeof symbol.opens === 'function' ? symbol.opens(c) : symbol.opens) ?? null,
      opensLane: null,
      note: symbol.note?.(c) ?? table?.note ?? (absent ? 'not used on this route' : null),
    });
  }
  return {
    figure: definition.figure,
    title: wordsFor(definition.title, c),
    equation: `${room.model} ${definition.number}${definition.remark === undefined ? '' : `: ${wordsFor(definition.remark, c)}`}`,
    expression: printed(form, listed),
    value,
    unit: wordsFor(definition.unit, c),
    symbols,
    note: definition.note?.(c) ?? null,
  };
}

/** A form with every value of its lists by name. */
function printed(form: string, listed: ReadonlyMap<string, readonly WorkingSymbol[]>): string {
  return form.replace(LIST, (whole, op: string, name: string) => {
    const names = (listed.get(name) ?? []).map((s) => s.symbol);
    if (op === 'least') return `min(${names.join(', ')})`;
    if (names.length < 2) return names[0] ?? '0';
    if (op === 'most') return `max(${names.join(', ')})`;
    return whole === form ? names.join(' + ') : `(${names.join(' + ')})`;
  });
}
