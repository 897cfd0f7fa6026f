import { memo } from 'react';
import type { Band } from '@/core/simulation';

/** Scale that all whiskers of a column share: from its least to its most, by ratio or by difference. */
export interface WhiskerScale {
  readonly from: number;
  readonly to: number;
  readonly log: boolean;
}

/** Scale of some bands, a little wider than they are; null for none. */
export function scaleOf(bands: readonly Band[], log: boolean): WhiskerScale | null {
  if (bands.length === 0) return null;
  const from = Math.min(...bands.map((b) => b.p10));
  const to = Math.max(...bands.map((b) => b.p90));
  return to > from && (!log || from > 0) ? { from, to, log } : null;
}

/** Place of a value on a scale, per cent; what lies beyond an end stands at the end. */
export function placeOn(x: number, { from, to, log }: WhiskerScale): number {
  const f = log ? Math.log : (y: number) => y;
  return Math.min(100, Math.max(0, (100 * (f(x) - f(from))) / (f(to) - f(from))));
}

/** From what one draw in ten comes under to what one in ten exceeds, with half of them marked; on the column's scale. */
export const Whisker = memo(function Whisker({
  band,
  scale,
  words,
}: {
  readonly band: Band;
  readonly scale: WhiskerScale;
  readonly words: string;
}) {
  const [low, mid, high] = [band.p10, band.p50, band.p90].map((x) => placeOn(x, scale)) as [number, number, number];
  return (
    <span className="whisker" role="img" aria-label={words} title={words}>
      <i style={{ left: `${low}%`, width: `${Math.max(0.8, high - low)}%` }} />
      <b style={{ left: `${mid}%` }} />
    </span>
  );
});
