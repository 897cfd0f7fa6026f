import type { Figure } from '../base/figures';
import type { RateSet } from './types';

/** A figure of a rate set and where it stands. */
export interface Coefficient {
  /** As workings name it: `global.Rlab`, `variants["spin/silicone-rubber"].tooling.h0`. */
  readonly path: string;
  /** Low, likely and high; a bare number is a choice, not an uncertainty. */
  readonly value: Figure['v'];
  /** With its unit and basis; null for a bare number. */
  readonly figure: Figure | null;
}

type Node = Readonly<Record<string, unknown>>;

const isNode = (x: unknown): x is Node => typeof x === 'object' && x !== null && !Array.isArray(x);
const isFigure = (x: unknown): x is Figure => isNode(x) && 'v' in x;

/**
 * Names on the way to a coefficient: `variants["a/b"].time.steps[2].wait_h` → variants, a/b, time, steps, 2, wait_h.
 *
 * @param path such as variants["gravity-die/hand"].dies
 * @returns its names from the root on
 * @example
 * namesOf('variants["gravity-die/hand"].dies') // ['variants', 'gravity-die/hand', 'dies']
 */
export function namesOf(path: string): string[] {
  return [...path.matchAll(/\["([^"]+)"\]|\[(\d+)\]|([^.[\]]+)/g)].map((m) => m[1] ?? m[2] ?? m[3] ?? '');
}

const join = (path: string, name: string): string =>
  path === ''
    ? name
    : /^[A-Za-z_]\w*$/.test(name) || path === 'families' || path === 'metals'
      ? `${path}.${name}`
      : `${path}["${name}"]`;

/**
 * Every coefficient of a rate set, in the order it is read.
 *
 * @param rates a rate set
 * @returns every figure with its path
 * @example
 * coefficientsOf(rates)[0].path // 'currency.perUnit'
 */
export function coefficientsOf(rates: RateSet): Coefficient[] {
  const out: Coefficient[] = [];
  const walk = (node: unknown, path: string): void => {
    if (isFigure(node)) return void out.push({ path, value: node.v, figure: node });
    if (typeof node === 'number') return void out.push({ path, value: node, figure: null });
    if (Array.isArray(node)) return node.forEach((item, i) => walk(item, `${path}[${i}]`));
    if (isNode(node)) for (const [name, item] of Object.entries(node)) walk(item, join(path, name));
  };
  const { currency, calendar, global, complexity, metals, families, operations, baselines, variants } = rates;
  const { handPour, cooling, drying, conditions, coatings, containment, coreMaker, grain, toolAtHand } = rates;
  const { oneForMany, screenList } = rates;
  const shop = {
    handPour,
    cooling,
    drying,
    conditions,
    coatings,
    containment,
    coreMaker,
    grain,
    toolAtHand,
    oneForMany,
    screenList,
  };
  const whole = { currency, calendar, global, complexity, metals, families, operations, baselines };
  walk({ ...whole, ...shop, variants }, '');
  return out;
}
