import type { LengthUnit } from './length-units';

/** Facets as a file gives them: nothing is welded, dropped or turned yet. */
export interface RawMesh {
  /** Corner coordinates, three a corner, in the file's own unit. */
  readonly positions: Float64Array;
  /** Three corners a facet. */
  readonly triangles: Uint32Array;
  /** Unit the file names; null where it names none and must be asked. */
  readonly unit: LengthUnit | null;
  /** What was odd and read all the same, in words. */
  readonly warnings: readonly string[];
}

/** Told how far reading has come, 0 to 1; may throw to stop it. */
export type Progress = (share: number) => void;

/**
 * Nobody listens.
 *
 * @example
 * NO_PROGRESS(0.5) // undefined
 */
export const NO_PROGRESS: Progress = () => undefined;
