import { percent, rough, type Band, type DrawnFigure, type LaneSpread } from '@/core/simulation';
import { perPart, weeks, whole } from '../format';
import type { WhiskerScales } from './whisker-scales';
import type { WhiskerScale } from '../simulation/whisker';

/** What a cell shows of the draws, under its figure. */
export interface SpreadCell {
  readonly band?: Band | undefined;
  readonly scale: WhiskerScale | null;
  readonly bandWords: string;
  readonly sure?: string | undefined;
  /** What of the lane it is of. */
  readonly drawn: DrawnFigure;
}

/** A cell of one figure; empty words where nothing is drawn. */
function cell(
  drawn: DrawnFigure,
  spread: LaneSpread | null,
  scales: WhiskerScales | null,
  figureWords: (x: number) => string,
  unit: string,
  sure: (spread: LaneSpread) => string | undefined,
): SpreadCell {
  const band = spread?.[drawn];
  return {
    drawn,
    band,
    scale: scales?.[drawn] ?? null,
    bandWords:
      band === undefined
        ? ''
        : `In eight draws of ten ${figureWords(band.p10)} to ${figureWords(band.p90)} ${unit}, half of them under ${figureWords(band.p50)}`,
    sure: spread === null ? undefined : sure(spread),
  };
}

/** The draws of the money of a part. */
export const allInSpread = (spread: LaneSpread | null, scales: WhiskerScales | null, currency: string): SpreadCell =>
  cell('allIn', spread, scales, perPart, `${currency} a part`, ({ cheapest }) =>
    cheapest === null ? undefined : `cheapest in ${percent(cheapest.share)} %`,
  );

/** The draws of the day of the first article. */
export const firstArticleSpread = (spread: LaneSpread | null, scales: WhiskerScales | null): SpreadCell =>
  cell('first', spread, scales, weeks, 'weeks', ({ inTime }) =>
    inTime === null ? undefined : `in time in ${percent(inTime.share)} %`,
  );

/** The draws of the money of the whole programme, of which the tools are a part. */
export const totalSpread = (spread: LaneSpread | null, scales: WhiskerScales | null, currency: string): SpreadCell =>
  cell(
    'total',
    spread,
    scales,
    whole,
    `${currency} for the whole programme`,
    ({ total }) => `total ${thousands(total, currency)}`,
  );

/** The outer ends of a band, short enough for a cell: "514 to 622 k USD". */
export function thousands({ p10, p90 }: Band, currency: string): string {
  const [per, letter] = p10 >= 1e7 ? [1e6, 'M '] : p10 >= 1e4 ? [1e3, 'k '] : [1, ''];
  return `${rough(p10 / per)} to ${rough(p90 / per)} ${letter}${currency}`;
}
