import { NO_PROGRESS, type Progress } from '../readers';

/** What a long search hears from whoever asked: it tells how far it is, and may be asked to end. */
export interface Work {
  readonly progress: Progress;
  /** True once an answer is wanted with what has been found; asked many times a second. */
  readonly over: () => boolean;
}

/** Nobody listens, and there is all the time in the world. */
export const UNHURRIED: Work = { progress: NO_PROGRESS, over: () => false };

/**
 * A part of a work: its progress runs from one share of the whole to another.
 *
 * @example
 * partOf({ progress: () => undefined, over: () => true }, 0, 0.5).over() // true
 */
export const partOf = (work: Work, from: number, to: number): Work => ({
  progress: (share) => work.progress(from + (to - from) * share),
  over: work.over,
});

/** A search that was cut short: what was looked at, of how many. Budgets are of the structure, not of the clock. */
export interface Cut {
  readonly what: 'draws tried' | 'draws counted out' | 'undercuts looked at for a slide' | 'places measured';
  readonly done: number;
  readonly of: number;
}
