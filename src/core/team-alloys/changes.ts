import type { TeamAlloy } from './types';

/** One value of an alloy that differs; null stands for what is as in the alloy copied. */
export interface AlloyChange {
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

/** Every value of an alloy by its path; a route stands for itself. */
function valuesOf({ name, source, date, facts: { routes, ...facts } }: TeamAlloy): Map<string, unknown> {
  return new Map<string, unknown>(
    [
      ['name', name],
      ['source', source],
      ['date', date],
      ...Object.entries(facts),
      ...Object.entries(routes ?? {}).map(([id, said]) => [`routes.${id}`, said]),
    ].filter(([, v]) => v !== undefined) as [string, unknown][],
  );
}

/**
 * Values that differ between two states of an alloy of a team's own.
 *
 * @param was, became two states
 * @example
 * alloyChanges(ownAlloy, ownAlloy) // []
 */
export function alloyChanges(was: TeamAlloy, became: TeamAlloy): AlloyChange[] {
  const [before, after] = [valuesOf(was), valuesOf(became)];
  return [...new Set([...after.keys(), ...before.keys()])].flatMap((path) => {
    const [from, to] = [before.get(path) ?? null, after.get(path) ?? null];
    return JSON.stringify(from) === JSON.stringify(to) ? [] : [{ path, was: from, became: to }];
  });
}
