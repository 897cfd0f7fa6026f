import type { Study } from '../board/study';
import { contextOf, type Context } from './context';
import type { Working } from './types';
import { isFigure, workingIn, workingOf } from './working';

/** A working in its place: of which lane, with what it opens worked out before it. */
export interface PlacedWorking {
  readonly laneId: string;
  readonly working: Working;
}

/** The name of a working among others of one tree. */
export const placeOf = (laneId: string, figure: string): string => `${laneId} ${figure}`;

/**
 * The workings of some figures of a lane, and of all that these open, each once: what a working opens comes before it.
 * @throws {CoreError} E_KEY for an unknown lane or figure, E_NO_VALUE for a lane without money
 */
export function workingTree(study: Study, laneId: string, q: number, figures: readonly string[]): PlacedWorking[] {
  const done = new Map<string, PlacedWorking>();
  const under = new Set<string>();
  const contexts = new Map<string, Context>();
  const make = (lane: string, figure: string): Working => {
    if (!isFigure(figure) || study.baselines.some((b) => b.id === lane)) return workingOf(study, lane, q, figure);
    let context = contexts.get(lane);
    if (context === undefined) contexts.set(lane, (context = contextOf(study, lane, q)));
    return workingIn(context, figure);
  };
  const visit = (lane: string, figure: string): void => {
    const place = placeOf(lane, figure);
    if (done.has(place) || under.has(place)) return;
    under.add(place);
    const working = make(lane, figure);
    for (const s of working.symbols) if (s.opens !== null) visit(s.opensLane ?? lane, s.opens);
    done.set(place, { laneId: lane, working });
  };
  for (const figure of figures) visit(laneId, figure);
  return [...done.values()];
}
