import type { Vec } from '@/core/part-file/geometry';

/** A draw let go nearer than this to one that was tried is taken to be that one, degrees. */
const SNAP_DEG = 4;

/** The draw that was meant by hand: one of those tried where it is near, else as it was let go. */
export function meant(d: Vec, tried: readonly Vec[]): Vec {
  let best = d;
  let nearest = Math.cos((SNAP_DEG * Math.PI) / 180);
  for (const t of tried)
    for (const sign of [1, -1]) {
      const along = sign * (d[0] * t[0] + d[1] * t[1] + d[2] * t[2]);
      if (along <= nearest) continue;
      nearest = along;
      best = [sign * t[0] + 0, sign * t[1] + 0, sign * t[2] + 0];
    }
  return best;
}
