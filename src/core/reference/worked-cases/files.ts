import type { VectorCase } from './vectors';

/**
 * Paths of the part files that cases name.
 *
 * @example
 * filesOfCases([]) // []
 */
export const filesOfCases = (cases: readonly VectorCase[]): string[] => [
  ...new Set(cases.map((c) => c.inputs['mesh']).filter((path) => typeof path === 'string')),
];
