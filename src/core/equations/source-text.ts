import type { Expr } from './expression';

const WEIGHT: Readonly<Record<string, number>> = { '+': 1, '-': 1, '*': 2, '/': 2 };
const CALLS: Readonly<Record<string, string>> = {
  min: 'Math.min',
  max: 'Math.max',
  ceil: 'ceilGuarded',
  floor: 'Math.floor',
  on: 'on',
  pow: 'power',
  sqrt: 'Math.sqrt',
  exp: 'Math.exp',
  ln: 'Math.log',
  tan: 'Math.tan',
};

/**
 * An expression as TypeScript over the record `v` of its symbols. It is worked out in the very order in which the
 * expression is read, so that it comes to the same to the last bit.
 *
 * @example
 * sourceOf({ kind: 'number', value: 2 }) // '2'
 */
export function sourceOf(e: Expr): string {
  switch (e.kind) {
    case 'number':
      return String(e.value);
    case 'name':
      return `v.${e.name}`;
    case 'list':
      return `${e.op}(v.${e.name})`;
    case 'call': {
      const call = CALLS[e.op];
      if (call !== undefined) return `${call}(${e.args.map(sourceOf).join(', ')})`;
      const weight = WEIGHT[e.op] ?? 0;
      const [a, b] = e.args;
      if (a === undefined || b === undefined) throw new Error(`${e.op} stands between two values`);
      const lighter = (x: Expr): number => (x.kind === 'call' ? (WEIGHT[x.op] ?? 9) : 9);
      const left = lighter(a) < weight ? `(${sourceOf(a)})` : sourceOf(a);
      const right = lighter(b) <= weight ? `(${sourceOf(b)})` : sourceOf(b);
      return `${left} ${e.op} ${right}`;
    }
  }
}
