import { nth } from '../base/lookup';
import { refuse } from '../base/errors';

/** A worked expression as a tree. */
export type Expr =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'list'; readonly op: ListOp; readonly name: string }
  | { readonly kind: 'call'; readonly op: Op | CurveOp; readonly args: readonly Expr[] };

/** What may stand between values: the four kinds of sum, and the functions of the workings. */
export type Op = '+' | '-' | '*' | '/' | 'min' | 'max' | 'ceil' | 'floor' | 'on' | 'pow';

/** Functions of the formula book that no draw is made of. */
export type CurveOp = 'sqrt' | 'exp' | 'ln' | 'tan';
const CURVES: readonly string[] = ['sqrt', 'exp', 'ln', 'tan'] satisfies readonly CurveOp[];

/**
 * Whether draws can be made of an operation.
 *
 * @example
 * isDrawn('exp') // false
 */
export const isDrawn = (op: Op | CurveOp): op is Op => !CURVES.includes(op);

/** What may be made of a list of values: their sum, the least or the most of them. Only definitions have lists; a working tells each of its values. */
export type ListOp = 'sum' | 'least' | 'most';

const FUNCTIONS: Readonly<Record<string, Op | CurveOp>> = {
  min: 'min',
  max: 'max',
  ceil: 'ceil',
  floor: 'floor',
  on: 'on',
  pow: 'pow',
  sqrt: 'sqrt',
  exp: 'exp',
  ln: 'ln',
  tan: 'tan',
};
const TOKEN = /\s*(?:(\d+(?:\.\d*)?(?:e[+-]?\d+)?)|([A-Za-z_]\w*)|([-+*/(),]))/gy;

/**
 * Reads an expression of an equation: + − * / ( ), names, numbers, min, max, ceil, floor, on, pow, sqrt, exp, ln and tan (of
 * radians); sum, least and most of a list.
 * @throws {CoreError} E_KEY for a word or sign that is none of these
 * @example
 * parseExpression('a + b').kind // 'call'
 */
export function parseExpression(text: string): Expr {
  const tokens: string[] = [];
  TOKEN.lastIndex = 0;
  const trimmed = text.trim();
  while (TOKEN.lastIndex < trimmed.length) {
    const at = TOKEN.lastIndex;
    const match = TOKEN.exec(trimmed);
    if (match === null)
      return refuse('E_KEY', 'expression', trimmed.slice(at, at + 20), 'a number, a name or one of + - * / ( )');
    tokens.push(match[1] ?? match[2] ?? match[3] ?? '');
  }
  let next = 0;
  const fail = (): never => refuse('E_KEY', 'expression', text, 'a sum that closes its brackets');
  const eat = (token: string): void => {
    if (tokens[next++] !== token) fail();
  };
  const value = (): Expr => {
    const token = tokens[next++];
    if (token === undefined) return fail();
    if (token === '(') {
      const inner = sum();
      eat(')');
      return inner;
    }
    if (token === '-') return { kind: 'call', op: '-', args: [{ kind: 'number', value: 0 }, value()] };
    if (/^\d/.test(token)) return { kind: 'number', value: Number(token) };
    if ((token === 'sum' || token === 'least' || token === 'most') && tokens[next] === '(') {
      next++;
      const name = tokens[next++] ?? '';
      if (!/^[A-Za-z_]/.test(name)) return fail();
      eat(')');
      return { kind: 'list', op: token, name };
    }
    const op = FUNCTIONS[token];
    if (op !== undefined && tokens[next] === '(') {
      next++;
      const args = [sum()];
      while (tokens[next] === ',') {
        next++;
        args.push(sum());
      }
      eat(')');
      return args.length === 1 && (op === 'min' || op === 'max') ? nth(args, 0) : { kind: 'call', op, args };
    }
    return /^[A-Za-z_]/.test(token) ? { kind: 'name', name: token } : fail();
  };
  const chain = (inner: () => Expr, ops: readonly string[]): Expr => {
    let left = inner();
    while (ops.includes(tokens[next] ?? '')) {
      const op = tokens[next++] as Op;
      left = { kind: 'call', op, args: [left, inner()] };
    }
    return left;
  };
  const product = (): Expr => chain(value, ['*', '/']);
  const sum = (): Expr => chain(product, ['+', '-']);
  const whole = sum();
  return next === tokens.length ? whole : fail();
}
