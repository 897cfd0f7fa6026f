'use client';
import { memo } from 'react';
import type { BoardBaseline, BoardLane } from '@/core/board';
import { laneWords, shortName } from '@/core/routes';
import { perPart, signed, weeks, whole } from '../format';
import { Mark } from '../marks/mark';
import { Tone } from '../marks/tone';
import { findingFigures, sentence } from './finding-words';
import { useUnits } from '../preferences';
import type { Against } from './lane-row';

interface FoldedProps {
  readonly lane: BoardLane;
  readonly onReasons: (laneId: string) => void;
  readonly sub?: boolean;
  readonly others?: number;
  readonly expanded?: boolean;
  readonly onExpand?: (routeId: string) => void;
}

/** A lane that is ruled out, in one line: why, and what would open it. */
export const FoldedLane = memo(function FoldedLane({
  lane,
  onReasons,
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
      style={sub ? { background: 'var(--shade)', paddingLeft: 24 } : undefined}
    >
      <div
        role="gridcell"
        tabIndex={-1}
        data-col="0"
        className="cell"
        aria-colspan={8}
        style={{ display: 'flex', gap: 8, flexWrap: 'wrap', alignItems: 'baseline' }}
      >
        <Mark status={lane.status === 'blocked' ? 'blocked' : 'not-known'} />
        <button type="button" tabIndex={-1} className="textbtn" onClick={() => onReasons(lane.id)}>
          <span className="lane-name">{sub ? laneWords(lane.id).variant : laneWords(lane.id).route}</span>
          {!sub && <span className="quiet small"> {laneWords(lane.id).variant}</span>}
        </button>
        <span className="why">
          {first === undefined
            ? lane.uncosted
            : sentence(`${first.subject ? `${first.subject}: ` : ''}${first.reason}`)}
          {first !== undefined && findingFigures(first, units) !== '' && (
            <span className="narrow"> {findingFigures(first, units)}.</span>
          )}
        </span>
        {first?.mends[0] !== undefined && <span>→ {first.mends[0]}.</span>}
        {bars > 1 && (
          <button type="button" tabIndex={-1} className="textbtn small quiet" onClick={() => onReasons(lane.id)}>
            {bars - 1} more {bars === 2 ? 'reason' : 'reasons'}
          </button>
        )}
        {!sub && others > 0 && (
          <button
            type="button"
            tabIndex={-1}
            className="textbtn small quiet"
            aria-expanded={expanded}
            onClick={() => onExpand?.(lane.routeId)}
          >
            {expanded ? 'fold' : `+ ${others} more`}
          </button>
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
  onWorking,
}: {
  baseline: BoardBaseline;
  against: Against | null;
  currency: string;
  onWorking: (laneId: string, figure: string) => void;
}) {
  const name = shortName(baseline.id);
  if (baseline.barred !== null) {
    return (
      <div className="folded" role="row">
        <div
          role="gridcell"
          className="cell"
          aria-colspan={8}
          tabIndex={-1}
          data-col="0"
          style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}
        >
          <Mark status="blocked" />
          <span className="lane-name">{name.replace(/^./, (x) => x.toUpperCase())}</span>
          <span className="why">{baseline.barred}</span>
          {baseline.mend !== null && <span>→ {baseline.mend}.</span>}
        </div>
      </div>
    );
  }
  const fig = (figure: string, text: string) => (
    <button
      type="button"
      tabIndex={-1}
      className="fig"
      title={`${name}: open the working`}
      onClick={() => onWorking(baseline.id, figure)}
    >
      {text}
    </button>
  );
  return (
    <div className="lane lane-grid" role="row" data-lane={baseline.id}>
      <div className="cell key" role="gridcell" tabIndex={-1} data-col="0">
        <span style={{ width: 15 }} />
        <div>
          <div className="lane-name">{name.replace(/^./, (x) => x.toUpperCase())}</div>
          <Tone laneId={baseline.id} />
        </div>
      </div>
      <div className="cell num quiet" role="gridcell" tabIndex={-1} data-col="1">
        <span className="cap">Quantity</span>any
      </div>
      <div className="cell num" role="gridcell" tabIndex={-1} data-col="2">
        <span className="cap">Tooling</span>
        {fig('tooling', whole(baseline.tooling))}
        <span className="unit">{currency}</span>
      </div>
      <div className="cell num" role="gridcell" tabIndex={-1} data-col="3">
        <span className="cap">Part cost</span>
        {fig('allIn', perPart(baseline.allIn))}
        <span className="unit">{currency}</span>
        {against !== null && <div className="sub">{signed(baseline.allIn - against.allIn, 2)}</div>}
      </div>
      <div className="cell num" role="gridcell" tabIndex={-1} data-col="4">
        <span className="cap">Lead time</span>
        {fig('firstArticle', weeks(baseline.firstArticle_d))}
        <span className="unit">weeks</span>
        <div className="sub">all {fig('lastPart', weeks(baseline.lastPart_d))} wk</div>
      </div>
      <div className="cell num quiet" role="gridcell" tabIndex={-1} data-col="5">
        <span className="cap">Alloy</span>wrought kin
      </div>
      <div className="cell num quiet" role="gridcell" tabIndex={-1} data-col="6">
        <span className="cap">Tolerance</span>
        {baseline.id === 'machined' ? 'all cut' : 'as today'}
      </div>
      <div role="gridcell" className="cell" tabIndex={-1} data-col="7" />
    </div>
  );
}
