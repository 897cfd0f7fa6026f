import { ceilGuarded } from '../base/checks';
import { refuse } from '../base/errors';
import { power } from '../base/power';
import { parseExpression, type Expr, type ListOp } from './expression';

/** What the symbols of an equation stand for: one number each, or a list of numbers. */
export type Values = Readonly<Record<string, number | readonly number[]>>;
/** An equation as a function of its symbols. */
export type Run = (values: Values) => number;

/** 1 where x is above 0, else 0. */
export const on = (x: number): number => (x > 0 ? 1 : 0);

/** The sum of a list, from its first to its last; 0 of an empty one. */
export function sum(list: readonly number[]): number {
  let all = 0;
  for (const x of list) all += x;
  return all;
}

/** The least of a list; Infinity of an empty one. */
export function least(list: readonly number[]): number {
  let low = Infinity;
  for (const x of list) if (x < low) low = x;
  return low;
}

/** The most of a list; 0 of an empty one. */
export function most(list: readonly number[]): number {
  let high = 0;
  for (const x of list) if (x > high) high = x;
  return high;
}

/**
 * An expression as a function of its symbols, without compiling it: slower, and always there.
 *
 * @example
 * closureOf('a * b')({ a: 2, b: 3 }, {}) // 6
 */
export function closureOf(expression: string): Run {
  return of(parseExpression(expression));
}

function of(e: Expr): Run {
  if (e.kind === 'number') return () => e.value;
  if (e.kind === 'name') {
    const { name } = e;
    return (v) => {
      const value = v[name];
      return typeof value === 'number' ? value : refuse('E_KEY', 'symbol', name, 'a symbol that stands for a number');
    };
  }
  if (e.kind === 'list') return ofList(e.op, e.name);
  const [a, b = a] = e.args.map(of);
  if (a === undefined || b === undefined) return refuse('E_LENGTH', 'expression', e.op, 'at least one argument');
  switch (e.op) {
    case '+':
      return (v) => a(v) + b(v);
    case '-':
      return (v) => a(v) - b(v);
    case '*':
      return (v) => a(v) * b(v);
    case '/':
      return (v) => a(v) / b(v);
    case 'min':
    case 'max': {
      const all = e.args.map(of);
      const pick = e.op === 'min' ? Math.min : Math.max;
      return (v) => pick(...all.map((run) => run(v)));
    }
    case 'ceil':
      return (v) => ceilGuarded(a(v));
    case 'floor':
      return (v) => Math.floor(a(v));
    case 'on':
      return (v) => on(a(v));
    case 'pow':
      return (v) => power(a(v), b(v));
    case 'sqrt':
      return (v) => Math.sqrt(a(v));
    case 'exp':
      return (v) => Math.exp(a(v));
    case 'ln':
      return (v) => Math.log(a(v));
    case 'tan':
      return (v) => Math.tan(a(v));
  }
}

function ofList(op: ListOp, name: string): Run {
  const fold = { sum, least, most }[op];
  return (v) => {
    const list = v[name];
    return Array.isArray(list) ? fold(list as readonly number[]) : refuse('E_KEY', 'symbol', name, 'a list of numbers');
  };
}
