'use client';
import { shortName } from '@/core/catalogue/routes';
import { BOARD_COLUMNS, columnTitle, type BoardBaseline, type BoardColumn } from '@/core/comparison/board';
import { percent, type LaneSpread } from '@/core/simulation';
import { differenceTo } from '@/core/study/workings';
import { perPart, signed, weeks, whole } from '../format';
import { Emblem } from '../marks/emblem';
import { Mark } from '../marks/mark';
import { along, type ColumnScales } from './column-scale';
import { FigureCell } from './figure-cell';
import type { Against, LaneActs } from './lane-acts';
import { rangeOf } from './range';

const capital = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

/** What tolerances mean where nothing is cast. */
const TOLERANCE_WORDS: Readonly<Record<string, string>> = { machined: 'all machined' };
const ALLOY_WORDS: Readonly<Record<string, string>> = { split: 'cast and wrought' };

/** A way without a casting, in one line beneath the lanes. */
export function BaselineRow({
  baseline,
  against,
  currency,
  spread,
  scales,
  leader,
  onOpen,
  onSpread,
}: {
  readonly baseline: BoardBaseline;
  readonly against: Against | null;
  readonly currency: string;
  readonly spread: LaneSpread | null;
  readonly scales: ColumnScales;
  /** Whether it is cheaper than every casting. */
  readonly leader: boolean;
} & Pick<LaneActs, 'onOpen' | 'onSpread'>) {
  const name = shortName(baseline.id);
  if (baseline.barred !== null) {
    return (
      <div role="row" data-folded="">
        <div role="gridcell" aria-colspan={BOARD_COLUMNS.length} tabIndex={-1} data-column="route">
          <Emblem laneId={baseline.id} size={20} toned={false} />
          <Mark status="blocked" />
          <span data-name="">{capital(name)}</span>
          <span data-why="">{baseline.barred}</span>
          {baseline.fix !== null && <span>→ {baseline.fix}.</span>}
        </div>
      </div>
    );
  }
  const own = { laneId: baseline.id, onOpen };
  return (
    <div role="row" data-grid="" data-open="" data-lane={baseline.id} data-leader={leader || undefined}>
      <div role="gridcell" tabIndex={-1} data-column="route">
        <Emblem laneId={baseline.id} size={30} />
        <div>
          <div data-name="">{capital(name)}</div>
          <div data-note="">{baseline.warning ?? 'without a casting'}</div>
        </div>
      </div>
      <WordsCell column="quantity" text="any" />
      <FigureCell
        {...own}
        column="tooling"
        text={whole(baseline.tooling)}
        unit={currency}
        figure="tooling"
        label={`${name}, tooling`}
        at={scales.tooling === null ? undefined : along(scales.tooling, baseline.tooling)}
        barWords={`Tooling ${whole(baseline.tooling)} ${currency}`}
        diff={against === null ? undefined : signed(baseline.tooling - against.tooling, 0)}
      />
      <FigureCell
        {...own}
        column="perPart"
        text={perPart(baseline.allIn)}
        unit={currency}
        figure="allIn"
        label={`${name}, total cost per part`}
        at={scales.perPart === null ? undefined : along(scales.perPart, baseline.allIn)}
        partAt={scales.perPart === null ? undefined : along(scales.perPart, baseline.unit)}
        {...rangeOf(scales.perPart, spread?.allIn)}
        barWords={`${perPart(baseline.unit)} ${currency} without tools`}
        diff={against === null ? undefined : signed(baseline.allIn - against.allIn, 2)}
        diffFigure={against === null ? undefined : differenceTo('allIn', against.laneId)}
        sure={spread?.cheapest == null ? undefined : `cheapest ${percent(spread.cheapest.share)} %`}
        drawn="allIn"
        onSpread={onSpread}
      />
      <FigureCell
        {...own}
        column="leadTime"
        text={weeks(baseline.firstArticle_d)}
        unit="weeks"
        figure="firstArticle"
        label={`${name}, first article`}
        at={scales.leadTime === null ? undefined : along(scales.leadTime, baseline.firstArticle_d)}
        {...rangeOf(scales.leadTime, spread?.first)}
        barWords={`Last part after ${weeks(baseline.lastPart_d)} weeks`}
        note={`last ${weeks(baseline.lastPart_d)} wk`}
      />
      <WordsCell column="alloy" text={ALLOY_WORDS[baseline.id] ?? 'wrought'} />
      <WordsCell column="tolerance" text={TOLERANCE_WORDS[baseline.id] ?? 'as today'} />
      <div role="gridcell" tabIndex={-1} data-column="pin" />
    </div>
  );
}

/** A cell of words, with nothing to open. */
function WordsCell({ column, text }: { readonly column: BoardColumn; readonly text: string }) {
  return (
    <div role="gridcell" tabIndex={-1} data-column={column} data-words="">
      <span data-cap="">{columnTitle(column)}</span>
      {text}
    </div>
  );
}
