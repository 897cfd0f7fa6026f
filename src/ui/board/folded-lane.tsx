'use client';
import { memo } from 'react';
import { laneWords } from '@/core/catalogue/routes';
import { BOARD_COLUMNS, type BoardLane } from '@/core/comparison/board';
import { figureOfRule } from '@/core/study/workings';
import { FigureButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { Mark } from '../marks/mark';
import { useUnits } from '../preferences';
import { textInUnits } from '../text-in-units';
import { findingFigures, sentence } from './finding-words';
import type { LaneActs } from './lane-acts';

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
  const { route, variant } = laneWords(lane.id);
  const figures = first === undefined ? '' : findingFigures(first, units);
  return (
    <div
      role="row"
      data-folded=""
      data-lane={lane.id}
      data-glide={sub ? undefined : lane.routeId}
      data-sub={sub || undefined}
    >
      <div role="gridcell" tabIndex={-1} data-column="route" aria-colspan={BOARD_COLUMNS.length}>
        <Emblem laneId={lane.id} size={20} toned={false} />
        <Mark status={lane.status === 'blocked' ? 'blocked' : 'not-known'} />
        <FigureButton tabIndex={-1} borderBottom="0" onClick={() => onOpen(lane.id, null)}>
          <span data-name="">{sub ? variant : route}</span>
        </FigureButton>
        <span data-why="">
          {first === undefined
            ? lane.uncosted
            : sentence(textInUnits(`${first.subject ? `${first.subject}: ` : ''}${first.reason}`, units))}
          {first !== undefined && figures !== '' && (
            <>
              {' '}
              <FigureButton tabIndex={-1} onClick={() => onOpen(lane.id, figureOfRule(first.rule, first.fields))}>
                {figures}
              </FigureButton>
              .
            </>
          )}
        </span>
        {first?.fixes[0] !== undefined && <span>→ {textInUnits(first.fixes[0], units)}.</span>}
        {bars > 1 && (
          <FigureButton tabIndex={-1} onClick={() => onOpen(lane.id, null)}>
            {bars - 1} more {bars === 2 ? 'reason' : 'reasons'}
          </FigureButton>
        )}
        {!sub && others > 0 && (
          <FigureButton tabIndex={-1} aria-expanded={expanded} onClick={() => onExpand(lane.routeId)}>
            {expanded ? 'hide variants' : `+${others} ${others === 1 ? 'variant' : 'variants'}`}
          </FigureButton>
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
