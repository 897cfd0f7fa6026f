import type { CheckedMesh } from './check';

/** What was done to a broken surface to close it. Every figure taken after it is of a repaired surface. */
export type Repair = 'holes-filled' | 'bodies-parted';

/** A broken surface made whole. */
export interface RepairedMesh {
  readonly repair: Repair;
  /** Holes filled, or bodies it came apart into. */
  readonly pieces: number;
  /** Surface added, mm². */
  readonly filled_mm2: number;
  readonly checked: CheckedMesh;
}
