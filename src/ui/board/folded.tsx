'use client';
import { INK } from '../theme/ink';
import { Box, Span } from '@chakra-ui/react';
import { FigureButton, TextButton } from '../kit';
import type { LaneSpread } from '@/core/simulation';
import { allInSpread, firstArticleSpread, totalSpread } from './spread-cells';
import { memo } from 'react';
import {
  BOARD_COLUMNS,
  columnTitle,
  type BoardColumn,
  type BoardBaseline,
  type BoardLane,
} from '@/core/comparison/board';
import { laneWords, shortName } from '@/core/catalogue/routes';
import { figureOfRule, differenceTo } from '@/core/study/workings';
import { perPart, signed, weeks, whole } from '../format';
import { Mark } from '../marks/mark';
import { Emblem } from '../marks/emblem';
import { findingFigures, sentence } from './finding-words';
import { useUnits } from '../preferences';
import { FigureCell } from './figure-cell';
import type { Against, LaneActs } from './lane-row';
import type { WhiskerScales } from './whisker-scales';

interface FoldedProps {
  readonly lane: BoardLane;
  readonly onOpen: LaneActs['onOpen'];
  readonly sub?: boolean;
  readonly others?: number;
  readonly expanded?: boolean;
  readonly onExpand: LaneActs['onExpand'];
}

/** A lane that is ruled out, in one line: why, and what would open it. */
export const FoldedLane = memo(function FoldedLane({
  lane,
  onOpen,
  sub = false,
  others = 0,
  expanded = false,
  onExpand,
}: FoldedProps) {
  const [units] = useUnits();
  const first =
    lane.findings.find((f) => f.status === 'blocked') ?? lane.findings.find((f) => f.status === 'not-known');
  const bars = lane.findings.filter((f) => f.status === 'blocked').length;
  return (
    <div
      className="folded"
      role="row"
      data-lane={lane.id}
      data-glide={sub ? undefined : lane.routeId}
      style={sub ? { background: INK.shade, paddingLeft: 24 } : undefined}
    >
      <div
        role="gridcell"
        tabIndex={-1}
        data-column="route"
        className="cell"
        aria-colspan={BOARD_COLUMNS.length}
        style={{ display: 'flex', gap: 8, flexWrap: 'wrap', alignItems: 'baseline' }}
      >
        <Mark status={lane.status === 'blocked' ? 'blocked' : 'not-known'} />
        <TextButton tabIndex={-1} size="sm" onClick={() => onOpen(lane.id, null)}>
          <span className="lane-name">{sub ? laneWords(lane.id).variant : laneWords(lane.id).route}</span>
          {!sub && (
            <Span color="fg.muted" textStyle="label">
              {' '}
              {laneWords(lane.id).variant}
            </Span>
          )}
        </TextButton>
        <span className="why">
          {first === undefined
            ? lane.uncosted
            : sentence(`${first.subject ? `${first.subject}: ` : ''}${first.reason}`)}
          {first !== undefined && findingFigures(first, units) !== '' && (
            <>
              {' '}
              <FigureButton
                tabIndex={-1}
                textStyle="narrow"
                onClick={() => onOpen(lane.id, figureOfRule(first.rule, first.fields))}
              >
                {findingFigures(first, units)}
              </FigureButton>
              .
            </>
          )}
        </span>
        {first?.fixes[0] !== undefined && <span>→ {first.fixes[0]}.</span>}
        {bars > 1 && (
          <TextButton tabIndex={-1} size="xs" color="fg.muted" onClick={() => onOpen(lane.id, null)}>
            {bars - 1} more {bars === 2 ? 'reason' : 'reasons'}
          </TextButton>
        )}
        {!sub && others > 0 && (
          <TextButton
            tabIndex={-1}
            size="xs"
            color="fg.muted"
            aria-expanded={expanded}
            onClick={() => onExpand(lane.routeId)}
          >
            {expanded ? 'fold' : `+ ${others} more`}
          </TextButton>
        )}
      </div>
    </div>
  );
}, sameFolded);

/** A folded lane says nothing that hangs on the quantity: it is drawn again only when its findings change. */
function sameFolded(a: FoldedProps, b: FoldedProps): boolean {
  return (
    a.lane.id === b.lane.id &&
    a.lane.findings === b.lane.findings &&
    a.lane.uncosted === b.lane.uncosted &&
    a.sub === b.sub &&
    a.others === b.others &&
    a.expanded === b.expanded
  );
}

/** A way without a casting, in one line beneath the lanes. */
export function BaselineLine({
  baseline,
  against,
  currency,
  spread,
  scales,
  onOpen,
  onSpread,
}: {
  readonly baseline: BoardBaseline;
  readonly against: Against | null;
  readonly currency: string;
  readonly spread: LaneSpread | null;
  readonly scales: WhiskerScales | null;
} & Pick<LaneActs, 'onOpen' | 'onSpread'>) {
  const name = shortName(baseline.id);
  if (baseline.barred !== null) {
    return (
      <div className="folded" role="row">
        <div
          role="gridcell"
          className="cell"
          aria-colspan={BOARD_COLUMNS.length}
          tabIndex={-1}
          data-column="route"
          style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}
        >
          <Mark status="blocked" />
          <span className="lane-name">{capital(name)}</span>
          <span className="why">{baseline.barred}</span>
          {baseline.fix !== null && <span>→ {baseline.fix}.</span>}
        </div>
      </div>
    );
  }
  const own = { laneId: baseline.id, onOpen, onSpread };
  return (
    <div className="lane lane-grid" role="row" data-lane={baseline.id}>
      <div className="cell key" role="gridcell" tabIndex={-1} data-column="route">
        <span style={{ width: 15 }} />
        <div>
          <div className="lane-name">{capital(name)}</div>
          <Emblem laneId={baseline.id} />
        </div>
      </div>
      <PlainCell column="quantity" text="any" />
      <FigureCell
        {...own}
        column="tooling"
        text={whole(baseline.tooling)}
        unit={currency}
        figure="tooling"
        label={`${name}, tooling`}
        {...totalSpread(spread, scales, currency)}
      />
      <FigureCell
        {...own}
        column="perPart"
        text={perPart(baseline.allIn)}
        unit={currency}
        figure="allIn"
        label={`${name}, all in a part`}
        diff={against === null ? undefined : signed(baseline.allIn - against.allIn, 2)}
        diffFigure={against === null ? undefined : differenceTo('allIn', against.laneId)}
        {...allInSpread(spread, scales, currency)}
      />
      <FigureCell
        {...own}
        column="leadTime"
        text={weeks(baseline.firstArticle_d)}
        unit="weeks"
        figure="firstArticle"
        label={`${name}, first article`}
        before="all "
        secondText={weeks(baseline.lastPart_d)}
        second="lastPart"
        secondLabel={`${name}, last part`}
        after=" wk"
        {...firstArticleSpread(spread, scales)}
      />
      <PlainCell column="alloy" text={baseline.id === 'split' ? 'cast and wrought' : 'wrought kin'} />
      <PlainCell column="tolerance" text={baseline.id === 'machined' ? 'all cut' : 'as today'} />
      <div role="gridcell" className="cell" tabIndex={-1} data-column="pin" />
    </div>
  );
}

const capital = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

/** A cell of words, with nothing to open. */
function PlainCell({ column, text }: { readonly column: BoardColumn; readonly text: string }) {
  return (
    <Box className="cell num" color="fg.muted" role="gridcell" tabIndex={-1} data-column={column}>
      <span className="cap">{columnTitle(column)}</span>
      {text}
    </Box>
  );
}
