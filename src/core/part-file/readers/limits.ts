import { refuse } from '../../base/errors';

/** Largest file read, bytes. */
export const MAX_FILE_BYTES = 200 * 1024 * 1024;
/** Most facets read. */
export const MAX_TRIANGLES = 2_000_000;

/**
 * Refuses a count of facets beyond what is read.
 *
 * @example
 * allowedTriangles(12) // 12
 */
export function allowedTriangles(count: number): number {
  return count <= MAX_TRIANGLES
    ? count
    : refuse('E_TOO_LARGE', 'file', `${count} facets`, `at most ${MAX_TRIANGLES} facets`);
}
