import type { FieldEffect } from '@/core/comparison/next-fields';

const ends = (xs: readonly number[]): readonly [number, number] => [Math.min(...xs), Math.max(...xs)];

/** Least and most of what a field may do: routes that stay, and the cheapest total cost per part. */
export function spanOf({ trials }: FieldEffect): {
  readonly routes: readonly [number, number];
  readonly cost: readonly [number, number] | null;
} {
  const costs = trials.flatMap((t) => t.allIn ?? []);
  return { routes: ends(trials.map((t) => t.routes)), cost: costs.length === 0 ? null : ends(costs) };
}

/** How much the cost may move by a field, as a share of the least; 0 where it does not. */
export const moves = (effect: FieldEffect): number => {
  const { cost } = spanOf(effect);
  return cost === null ? 0 : cost[1] / cost[0] - 1;
};
