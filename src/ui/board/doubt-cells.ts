import { percent, rough, type Band, type DrawnFigure, type LaneDoubt } from '@/core/doubt';
import { perPart, weeks, whole } from '../format';
import type { DoubtScales } from './lane-row';
import type { WhiskerScale } from '../doubt/whisker';

/** What a cell shows of the draws, under its figure. */
export interface DoubtCell {
  readonly band?: Band | undefined;
  readonly scale: WhiskerScale | null;
  readonly bandWords: string;
  readonly sure?: string | undefined;
  /** What of the lane it is of. */
  readonly drawn: DrawnFigure;
}

/** The draws of the money of a part. */
export function allInDoubt(doubt: LaneDoubt | null, scales: DoubtScales | null, currency: string): DoubtCell {
  return {
    drawn: 'allIn',
    band: doubt?.allIn,
    scale: scales?.allIn ?? null,
    bandWords:
      doubt === null
        ? ''
        : `In eight draws of ten ${perPart(doubt.allIn.p10)} to ${perPart(doubt.allIn.p90)} ${currency} a part, half of them under ${perPart(doubt.allIn.p50)}`,
    sure: doubt?.cheapest == null ? undefined : `cheapest in ${percent(doubt.cheapest.share)} %`,
  };
}

/** The draws of the day of the first article. */
export function firstDoubt(doubt: LaneDoubt | null, scales: DoubtScales | null): DoubtCell {
  return {
    drawn: 'first',
    band: doubt?.first,
    scale: scales?.first ?? null,
    bandWords:
      doubt === null
        ? ''
        : `In eight draws of ten ${weeks(doubt.first.p10)} to ${weeks(doubt.first.p90)} weeks, half of them under ${weeks(doubt.first.p50)}`,
    sure: doubt?.inTime == null ? undefined : `in time in ${percent(doubt.inTime.share)} %`,
  };
}

/** The draws of the money of the whole programme, of which the tools are a part. */
export function totalDoubt(doubt: LaneDoubt | null, scales: DoubtScales | null, currency: string): DoubtCell {
  return {
    drawn: 'total',
    band: doubt?.total,
    scale: scales?.total ?? null,
    bandWords:
      doubt === null
        ? ''
        : `The whole programme: in eight draws of ten ${whole(doubt.total.p10)} to ${whole(doubt.total.p90)} ${currency}, half of them under ${whole(doubt.total.p50)}`,
    sure: doubt === null ? undefined : `total ${thousands(doubt.total, currency)}`,
  };
}

/** The outer ends of a band, short enough for a cell: "514 to 622 k USD". */
export function thousands({ p10, p90 }: Band, currency: string): string {
  const [per, letter] = p10 >= 1e7 ? [1e6, 'M '] : p10 >= 1e4 ? [1e3, 'k '] : [1, ''];
  return `${rough(p10 / per)} to ${rough(p90 / per)} ${letter}${currency}`;
}
