import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';
import type { Vec } from './mesh';

export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const plus = (a: Vec, b: Vec, times = 1): Vec => [a[0] + b[0] * times, a[1] + b[1] * times, a[2] + b[2] * times];
export const length = (a: Vec): number => Math.sqrt(dot(a, a));
export const scaled = (a: Vec, by: number): Vec => [a[0] * by, a[1] * by, a[2] * by];

/** A direction made of unit length; one of no length keeps none. */
export function unitOf(a: Vec): Vec {
  const l = length(a);
  return l > 0 ? scaled(a, 1 / l) : a;
}

/**
 * A direction given from outside, of unit length. Refuses E_NOT_A_NUMBER, E_LENGTH, and E_SIGN for no length.
 *
 * @example
 * direction('draw', [0, 0, 5]) // [0, 0, 1]
 */
export function direction(field: string, value: unknown): Vec {
  if (!Array.isArray(value)) return refuse('E_NOT_A_NUMBER', field, value, 'three numbers');
  if (value.length !== 3) return refuse('E_LENGTH', field, value, 'three numbers');
  const v: Vec = [finite(field, value[0]), finite(field, value[1]), finite(field, value[2])];
  const largest = Math.max(...v.map(Math.abs));
  return largest > 0 ? unitOf(scaled(v, 1 / largest)) : refuse('E_SIGN', field, value, 'a direction of some length');
}

/**
 * Two unit directions square to a unit direction and to each other, right-handed with it.
 *
 * @example
 * frameOf([0, 0, 1]).u.map((x) => Math.abs(x)) // [0, 1, 0]
 */
export function frameOf(d: Vec): { readonly u: Vec; readonly v: Vec } {
  const least = [0, 1, 2].reduce((p, n) => (Math.abs(d[n]!) < Math.abs(d[p]!) ? n : p), 0);
  const helper: Vec = [Number(least === 0), Number(least === 1), Number(least === 2)];
  const u = unitOf(cross(helper, d));
  return { u, v: cross(d, u) };
}

/**
 * The same line pointed so that its first component that is not zero is above zero.
 *
 * @example
 * pointed([-1, 0, 0]).map(Math.abs) // [1, 0, 0]
 */
export function pointed(d: Vec): Vec {
  const first = d.find((x) => Math.abs(x) > 1e-9) ?? 1;
  return first < 0 ? scaled(d, -1) : d;
}
