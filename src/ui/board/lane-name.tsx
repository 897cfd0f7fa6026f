'use client';
import { IconButton } from '@chakra-ui/react';
import { ChevronDown, ChevronUp, Pin, PinOff } from 'lucide-react';
import { memo } from 'react';
import { laneWords } from '@/core/catalogue/routes';
import type { Status } from '@/core/screening';
import { FigureButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { Mark, STATUS_WORDS } from '../marks/mark';
import { useUnits } from '../preferences';
import { BestMarks } from '../ranking/best-marks';
import { textInUnits } from '../text-in-units';
import type { LaneActs } from './lane-acts';

/** The name of a lane: emblem, verdict, route and variant, what watches it, and the way to its other variants. */
export const LaneName = memo(function LaneName({
  laneId,
  routeId,
  name,
  status,
  sub,
  others,
  expanded,
  positions,
  layoutOverridden,
  best,
  foundry,
  watch,
  open,
  onToggle,
  onOpen,
  onExpand,
}: {
  readonly laneId: string;
  readonly routeId: string;
  readonly name: string;
  readonly status: Status;
  readonly sub: boolean;
  readonly others: number;
  readonly expanded: boolean;
  readonly positions: number | null;
  readonly layoutOverridden: boolean;
  /** Ranking methods that put it first, their names joined by commas; empty for none. */
  readonly best: string;
  /** The foundry it is judged by; empty for the book. */
  readonly foundry: string;
  /** Reasons to watch, one a line. */
  readonly watch: string;
  /** Whether all of its cells show on a phone. */
  readonly open: boolean;
  readonly onToggle: () => void;
} & Pick<LaneActs, 'onOpen' | 'onExpand'>) {
  const words = laneWords(laneId);
  const [units] = useUnits();
  const reasons = watch === '' ? [] : textInUnits(watch, units).split('\n');
  return (
    <div role="gridcell" tabIndex={-1} data-column="route">
      <Emblem laneId={laneId} size={sub ? 20 : 30} />
      <div style={{ minWidth: 0, flex: 1 }}>
        <div data-name="">
          {sub ? words.variant : words.route}{' '}
          <FigureButton
            tabIndex={-1}
            borderBottom="0"
            onClick={() => onOpen(laneId, null)}
            aria-label={`${name}: ${STATUS_WORDS[status]}. Reasons`}
            title={STATUS_WORDS[status]}
          >
            <Mark status={status} label={false} size={14} />
          </FigureButton>
          {reasons.map((reason) => (
            <FigureButton
              key={reason}
              tabIndex={-1}
              borderBottom="0"
              ms="1"
              onClick={() => onOpen(laneId, null)}
              aria-label={`Watch: ${reason}`}
              title={reason}
            >
              <Watch />
            </FigureButton>
          ))}
          <BestMarks best={best} />
        </div>
        <div data-note="">
          {!sub && words.variant}
          {positions !== null && (
            <>
              {!sub && ', '}
              <FigureButton
                tabIndex={-1}
                aria-label={`${name}: ${positions} per pour${layoutOverridden ? ', fixed' : ''}. How that was chosen`}
                onClick={() => onOpen(laneId, 'positions')}
              >
                {positions} per pour{layoutOverridden ? ', fixed' : ''}
              </FigureButton>
            </>
          )}
          {!sub && others > 0 && (
            <>
              {' · '}
              <FigureButton tabIndex={-1} aria-expanded={expanded} onClick={() => onExpand(routeId)}>
                {expanded ? 'hide variants' : `+${others} ${others === 1 ? 'variant' : 'variants'}`}
              </FigureButton>
            </>
          )}
          {foundry !== '' && <div data-foundry="">{foundry}</div>}
        </div>
      </div>
      <IconButton
        hideFrom="md"
        size="sm"
        variant="ghost"
        aria-expanded={open}
        aria-label={`${open ? 'Fewer' : 'All'} figures of ${name}`}
        onClick={onToggle}
      >
        {open ? <ChevronUp size={16} /> : <ChevronDown size={16} />}
      </IconButton>
    </div>
  );
});

/** Something to watch: a small flag. */
function Watch() {
  return (
    <svg
      width="10"
      height="13"
      viewBox="0 0 10 13"
      aria-hidden="true"
      style={{ display: 'inline', verticalAlign: '-1px' }}
    >
      <path d="M1.5 0.5 V12.5 M1.5 1.2 H9 L6.6 4 L9 6.8 H1.5" fill="none" stroke="currentColor" strokeWidth="1.3" />
    </svg>
  );
}

/** The last cell: makes a lane the measure of the others. */
export const PinCell = memo(function PinCell({
  laneId,
  name,
  pinned,
  onPin,
}: {
  readonly laneId: string;
  readonly name: string;
  readonly pinned: boolean;
} & Pick<LaneActs, 'onPin'>) {
  const Icon = pinned ? PinOff : Pin;
  return (
    <div role="gridcell" tabIndex={-1} data-column="pin">
      <IconButton
        tabIndex={-1}
        size="xs"
        variant="ghost"
        aria-pressed={pinned}
        onClick={() => onPin(laneId)}
        aria-label={pinned ? `Stop comparing with ${name}` : `Compare with ${name}`}
        title={pinned ? 'Compare with the leader again' : 'Compare the others with this one'}
      >
        <Icon size={14} />
      </IconButton>
    </div>
  );
});
