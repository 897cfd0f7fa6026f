import type { Working } from './working';

/** A working in its place: of which lane, with what it opens worked out before it. */
export interface PlacedWorking {
  readonly laneId: string;
  readonly working: Working;
}

/**
 * The name of a working among others of one tree.
 *
 * @example
 * placeOf('gravity-die/hand', 'allIn') // 'gravity-die/hand allIn'
 */
export const placeOf = (laneId: string, figure: string): string => `${laneId} ${figure}`;

/**
 * The workings of some figures, and of all that these open, each once: what a working opens comes before it.
 * @param make the working of a figure of a lane, baseline or step; what it throws is thrown on
 * @example
 * workingTree((lane, figure) => workings.working(lane, figure), [[board.leader, 'allIn']]).at(-1)?.working.figure
 * // 'allIn'
 */
export function workingTree(
  make: (laneId: string, figure: string) => Working,
  roots: readonly (readonly [laneId: string, figure: string])[],
): PlacedWorking[] {
  const done = new Map<string, PlacedWorking>();
  const under = new Set<string>();
  const visit = (lane: string, figure: string): void => {
    const place = placeOf(lane, figure);
    if (done.has(place) || under.has(place)) return;
    under.add(place);
    const working = make(lane, figure);
    for (const s of working.symbols) if (s.opens !== null) visit(s.opensLane ?? lane, s.opens);
    done.set(place, { laneId: lane, working });
  };
  for (const [laneId, figure] of roots) visit(laneId, figure);
  return [...done.values()];
}
