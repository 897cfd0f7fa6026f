import { likely } from '../figures';
import type { RateSet } from '../rates';

type OperationRates = RateSet['operations'];

/** Machining allowance of a ground face, mm (the equations fix it). */
export const GRIND_STOCK_MM = 0.3;
/** Allowance a reamer takes, mm. */
export const REAM_STOCK_MM = 0.15;

/** What an operation takes away at one place; lengths mm, areas mm². */
export type Taken =
  /** A skin of the machining allowance, or of a grinder; null for the area not given. */
  | { readonly how: 'faced' | 'ground'; readonly area_mm2: number | null }
  /** A skin of the allowance of a round. */
  | { readonly how: 'turned'; readonly area_mm2: number }
  | { readonly how: 'reamed' | 'bored' | 'tapped' | 'whole'; readonly d_mm: number; readonly depth_mm: number }
  /** A hole from solid, to the core of its thread where it has one. */
  | { readonly how: 'drilled'; readonly d_mm: number; readonly depth_mm: number; readonly threaded: boolean };

/**
 * Metal one operation takes away at one place, mm³ (equations 3.1 to 3.3).
 * @param stock machining allowance of the lane, mm
 */
export function takenStock(taken: Taken, stock: number, op: OperationRates): number {
  const round = (d: number): number => (Math.PI / 4) * d * d;
  switch (taken.how) {
    case 'faced':
      return (taken.area_mm2 ?? likely(op.defaultArea_cm2) * 100) * stock;
    case 'ground':
      return (taken.area_mm2 ?? likely(op.defaultArea_cm2) * 100) * GRIND_STOCK_MM;
    case 'turned':
      return taken.area_mm2 * stock;
    case 'reamed':
      return Math.PI * taken.d_mm * taken.depth_mm * REAM_STOCK_MM;
    case 'bored':
      return Math.PI * taken.d_mm * taken.depth_mm * stock * likely(op.boreStockShare);
    case 'tapped':
      return ((round(taken.d_mm) - round(likely(op.tapMinor) * taken.d_mm)) * taken.depth_mm) / 2;
    case 'drilled':
      return round(taken.threaded ? likely(op.tapMinor) * taken.d_mm : taken.d_mm) * taken.depth_mm;
    case 'whole':
      return round(taken.d_mm) * taken.depth_mm;
  }
}
