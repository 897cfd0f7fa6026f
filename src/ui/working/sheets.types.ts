import type { FigureAt, StudyAt } from './figure-at';

/** Opens what stands behind a figure or a verdict; both keep their identity while the rail moves. */
export interface Sheets {
  readonly openWorking: (at: FigureAt, studyAt?: StudyAt) => void;
  readonly openReasons: (laneId: string) => void;
}

/** A figure whose working is open. */
export interface OpenWorking {
  /** The figure looked at, last, and those it was reached through. */
  readonly trail: readonly FigureAt[];
  readonly studyAt: StudyAt | undefined;
}
