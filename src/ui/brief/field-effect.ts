import type { FieldEffect } from '@/core/comparison/next-fields';

/** Least and most of what a field may do. */
export interface Span {
  readonly routes: readonly [number, number];
  /** Cheapest total cost per part; null where no casting is left with any value. */
  readonly cost: readonly [number, number] | null;
  /** Whether the ends are those of 80 % of the values: of many, the outermost say little. */
  readonly ofMost: boolean;
}

/** More values than this are told by their middle. */
const MANY = 10;
const OUTER = 0.1;

const sorted = (xs: readonly number[]): readonly number[] => xs.toSorted((a, b) => a - b);
function ends(xs: readonly number[], outer: number): readonly [number, number] {
  const all = sorted(xs);
  const off = Math.floor(outer * all.length);
  return [all[off] ?? NaN, all[all.length - 1 - off] ?? NaN];
}

/** What a field may do: routes that stay, and the cheapest total cost per part. */
export function spanOf({ trials }: FieldEffect): Span {
  const ofMost = trials.length > MANY;
  const outer = ofMost ? OUTER : 0;
  const costs = trials.flatMap((t) => t.allIn ?? []);
  return {
    routes: ends(
      trials.map((t) => t.routes),
      outer,
    ),
    cost: costs.length === 0 ? null : ends(costs, outer),
    ofMost,
  };
}

/** How much the cost may move by a field, as a share of the least; 0 where it does not. */
export const moves = (effect: FieldEffect): number => {
  const { cost } = spanOf(effect);
  return cost === null ? 0 : cost[1] / cost[0] - 1;
};
