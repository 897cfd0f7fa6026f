import { oneOf, positive } from '../../base/checks';

/** Inscribed circle of sharp junctions of equal walls, as a multiple of the wall. Source: Heuvers. */
const RATIO = { L: (2 * Math.SQRT2) / (1 + Math.SQRT2), T: 1.25, X: Math.SQRT2 } as const;

/**
 * Circle inscribed where equal walls meet at right angles with sharp corners: a screen for hot spots, no simulation.
 * @param inputs.type L, T or X; others are refused as E_KEY
 * @param inputs.wall_mm wall, mm, above 0
 * @returns diameter of the circle, mm, and its ratio to the wall
 * @example
 * junction({ type: 'T', wall_mm: 10 }).diameter_mm // 12.5
 */
export function junction(inputs: { readonly type: string; readonly wall_mm: number }): {
  readonly diameter_mm: number;
  readonly ratio: number;
} {
  const type = oneOf('type', inputs.type, ['L', 'T', 'X'] as const);
  const wall = positive('wall_mm', inputs.wall_mm);
  return { diameter_mm: RATIO[type] * wall, ratio: RATIO[type] };
}
