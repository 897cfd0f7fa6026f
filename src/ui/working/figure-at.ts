import type { Working } from '@/core/equations';
import type { DrawnPlan } from '@/core/simulation';
import type { Study } from '@/core/study';

/** A figure of a lane or baseline; `q` where it is shown at another quantity than the one on the rail. */
export interface FigureAt {
  readonly laneId: string;
  readonly figure: string;
  readonly q?: number | undefined;
  /** Its working where that is at hand already: of what was drawn or weighed. */
  readonly working?: Working | undefined;
}

/** A study and a quantity other than those on the screen, for figures of a signed record or of a what-if. */
export interface StudyAt {
  readonly study: Study;
  readonly q: number;
  /** Whose figures they are, as words after the quantity: "as signed"; empty for those of the screen. */
  readonly words: string;
  /** The plan in two steps whose figures may be asked for. */
  readonly plan?: DrawnPlan | null;
}
