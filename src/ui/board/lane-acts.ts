import type { DrawnFigure } from '@/core/simulation';

/** What the differences on the lanes are shown against. */
export interface Against {
  readonly laneId: string;
  readonly allIn: number;
  readonly tooling: number;
  readonly firstArticle_d: number;
}

/** What a lane answers to; each keeps its identity while the rail moves. */
export interface LaneActs {
  /** Opens the working of a figure, or the reasons where there is no figure. */
  readonly onOpen: (laneId: string, figure: string | null) => void;
  /** Opens how uncertain a figure is. */
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
  readonly onPin: (laneId: string) => void;
  readonly onExpand: (routeId: string) => void;
}
