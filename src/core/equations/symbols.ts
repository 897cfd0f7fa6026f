import type { SymbolOf } from './symbol';

/** A value of the brief. */
export const brief = (path: string, meaning: string, unit: string): SymbolOf<unknown> => ({
  meaning,
  unit,
  source: 'brief',
  path,
});
/** A figure worked out elsewhere; `opens` names the one that tells how. */
export const figure = (meaning: string, unit: string, opens?: string): SymbolOf<unknown> => ({
  meaning,
  unit,
  source: 'computed',
  ...(opens === undefined ? {} : { opens }),
});
/** A choice: made by working all out, or by the hand on the rail. */
export const choice = (meaning: string, unit: string): SymbolOf<unknown> => ({ meaning, unit, source: 'choice' });
