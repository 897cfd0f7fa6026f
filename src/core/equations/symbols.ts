import type { SymbolOf } from './symbol';

/**
 * A value of the brief.
 *
 * @example
 * brief('geometry.volume_cm3', 'volume', 'cm³').source // 'brief'
 */
export const brief = (path: string, meaning: string, unit: string): SymbolOf<unknown> => ({
  meaning,
  unit,
  source: 'brief',
  path,
});
/**
 * A figure worked out elsewhere; `opens` names the one that tells how.
 *
 * @example
 * figure('tooling', 'USD', 'tooling').opens // 'tooling'
 */
export const figure = (meaning: string, unit: string, opens?: string): SymbolOf<unknown> => ({
  meaning,
  unit,
  source: 'computed',
  ...(opens === undefined ? {} : { opens }),
});
/**
 * A choice: made by working all out, or by the hand on the rail.
 *
 * @example
 * choice('pieces', 'pieces').source // 'choice'
 */
export const choice = (meaning: string, unit: string): SymbolOf<unknown> => ({ meaning, unit, source: 'choice' });
