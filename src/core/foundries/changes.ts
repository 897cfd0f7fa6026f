import type { FoundryLine, FoundryProfile } from './types';

/** One value of a profile that differs. */
export interface ProfileChange {
  /** `shifts`, or `green-sand/bench.scrap`. */
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

const laneOf = ({ route, variant }: FoundryLine): string => `${route}/${variant}`;

/** Every value of a profile by its path. */
function valuesOf(profile: FoundryProfile): Map<string, unknown> {
  const { lines, ...shop } = profile;
  const out = new Map<string, unknown>(Object.entries(shop).filter(([, said]) => said !== undefined));
  for (const line of lines) {
    const { route: _route, variant: _variant, ...said } = line;
    out.set(laneOf(line), 'run');
    for (const [key, value] of Object.entries(said)) if (value !== undefined) out.set(`${laneOf(line)}.${key}`, value);
  }
  return out;
}

/**
 * Values that differ between two profiles, in the order they are read; null stands for what is not said.
 *
 * @param was, became two profiles
 * @example
 * profileChanges({ lines: [] }, { lines: [] }) // []
 */
export function profileChanges(was: FoundryProfile, became: FoundryProfile): ProfileChange[] {
  const [before, after] = [valuesOf(was), valuesOf(became)];
  return [...new Set([...after.keys(), ...before.keys()])].flatMap((path) => {
    const [from, to] = [before.get(path) ?? null, after.get(path) ?? null];
    return JSON.stringify(from) === JSON.stringify(to) ? [] : [{ path, was: from, became: to }];
  });
}
