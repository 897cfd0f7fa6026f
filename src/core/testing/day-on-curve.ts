import type { Delivered } from '../schedule';

/**
 * Day by which so many pieces exist on a delivery curve; null when the curve never gets there.
 * @param pieces good pieces, above 0
 */
export function dayOnCurve(curve: readonly Delivered[], pieces: number): number | null {
  for (let i = 1; i < curve.length; i++) {
    const [a, b] = [curve[i - 1] as Delivered, curve[i] as Delivered];
    if (b.pieces >= pieces)
      return a.pieces === b.pieces ? a.day : a.day + ((b.day - a.day) * (pieces - a.pieces)) / (b.pieces - a.pieces);
  }
  return null;
}
