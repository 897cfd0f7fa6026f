import type { Working } from '@/core/equations';
import { drawnWorking, FIGURE_DRAWN, type DrawnFigure, type DrawnHow, type LaneSpread } from '@/core/simulation';
import type { Study } from '@/core/study';
import { workingOf } from '@/core/study/workings';

/** The working of what the draws say of a figure of a lane at q pieces. */
export function drawnWorkingOf(study: Study, lane: LaneSpread, q: number, drawn: DrawnFigure, how: DrawnHow): Working {
  const { value, unit } = workingOf(study, lane.id, q, FIGURE_DRAWN[drawn]);
  return drawnWorking(drawn, lane, value, unit, how);
}
