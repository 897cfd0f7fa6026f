import { equationsOf, type Equation, type Source } from '../equations';

/** What is said of a value beside it, by whoever works a formula out for a case of his own. */
export interface Said {
  readonly source?: Source;
  /** Figure whose working explains it. */
  readonly opens?: string | null;
  readonly note?: string | null;
}

/** The values of a formula’s symbols, in which of its forms it is wanted, and what is said of them. */
export interface FormulaCase<S extends string = string> {
  readonly v: Readonly<Record<S, number>>;
  readonly form?: string | undefined;
  readonly said?: Readonly<Partial<Record<S, Said>>> | undefined;
}

/** A formula of the book: worked out for values, or shown with its working. */
export interface Formula<S extends string> extends Equation<FormulaCase<S>> {
  /** What it comes to. @param form which of its forms, where it has several */
  readonly of: (values: Readonly<Record<S, number>>, form?: string) => number;
  readonly id: string;
  readonly symbols: readonly S[];
}

const book = equationsOf<FormulaCase>({ model: 'Formula book', path: (_, text) => text });

/**
 * A formula of the book, said once: its value and its working are made of this.
 *
 * @param definition.id of the formula; its output, title and unit; its expression, or one for each of its forms
 * @param definition.symbols meaning and unit of each
 * @example
 * formula({ id: 'x.twice', out: 'twice', title: 'Twice', unit: 'mm', expression: '2 * a', symbols: { a: ['length', 'mm'] } }).of({ a: 3 })
 * // 6
 */
export function formula<S extends string>(definition: {
  readonly id: string;
  readonly out: string;
  readonly title: string;
  readonly unit: string;
  readonly expression: string | Readonly<Record<string, string>>;
  readonly symbols: Readonly<Record<S, readonly [meaning: string, unit: string]>>;
}): Formula<S> {
  const { id, out, title, unit, expression } = definition;
  const names = Object.keys(definition.symbols) as S[];
  const equation = book<FormulaCase<S>>()({
    figure: `${id}.${out}`,
    number: id,
    title,
    unit,
    expression:
      typeof expression === 'string'
        ? expression
        : { of: expression, form: (c: FormulaCase<S>) => c.form ?? Object.keys(expression)[0] ?? '' },
    symbols: Object.fromEntries(
      names.map((name) => [
        name,
        {
          meaning: definition.symbols[name][0],
          unit: definition.symbols[name][1],
          source: (c: FormulaCase<S>) => c.said?.[name]?.source ?? 'choice',
          opens: (c: FormulaCase<S>) => c.said?.[name]?.opens ?? null,
          note: (c: FormulaCase<S>) => c.said?.[name]?.note ?? null,
        },
      ]),
    ) as never,
    values: ({ v }) => v,
  });
  return { ...equation, id, symbols: names, of: (v, form) => equation.value({ v, form }) };
}
