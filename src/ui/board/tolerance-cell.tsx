'use client';
import { memo } from 'react';
import { laneWords } from '@/core/catalogue/routes';
import type { FeatureCall, LanePart } from '@/core/part';
import type { Status } from '@/core/screening';
import { useUnits } from '../preferences';
import { FigureCell } from './figure-cell';
import { findingValue } from './finding-words';
import type { LaneActs } from './lane-acts';

/** How many dimensions are cast to size and how many are machined, and how much of the tightest tolerance is used. */
export const ToleranceCell = memo(function ToleranceCell({
  laneId,
  status,
  why,
  part,
  onOpen,
}: {
  readonly laneId: string;
  readonly status: Status;
  readonly why: string;
  readonly part: LanePart | null;
} & Pick<LaneActs, 'onOpen'>) {
  const [units] = useUnits();
  const calls = part?.features ?? [];
  const cast = calls.filter((c) => c.verdict === 'as-cast').length;
  const cut =
    calls.filter((c) => c.verdict === 'machine').length +
    (part?.holes.filter((h) => h.operations.length > 0).length ?? 0);
  const sorted = calls.filter((c) => c.verdict === 'cast-sorted').length;
  const tightest = calls
    .filter((c): c is FeatureCall & { cast_mm: number } => c.verdict === 'as-cast' && c.cast_mm !== null)
    .sort((a, b) => a.feature.tol_mm / a.cast_mm - b.feature.tol_mm / b.cast_mm)[0];
  const used = tightest === undefined ? null : tightest.cast_mm / tightest.feature.tol_mm;
  const name = tightest === undefined ? '' : tightest.feature.name || tightest.feature.id;
  return (
    <FigureCell
      laneId={laneId}
      column="tolerance"
      status={status}
      why={why}
      text={calls.length + (part?.holes.length ?? 0) === 0 ? 'none asked' : `${cast} cast, ${cut} cut`}
      figure={null}
      label={`${laneWords(laneId).route}, tolerances`}
      at={used === null ? undefined : Math.min(1000, Math.round(1000 * used))}
      barWords={used === null ? undefined : `${name} uses ${Math.round(100 * used)} % of its tolerance`}
      diff={sorted > 0 ? `${sorted} sorted` : undefined}
      note={
        tightest === undefined
          ? undefined
          : `${name} +${findingValue(tightest.feature.tol_mm - tightest.cast_mm, 'mm', units)}`
      }
      onOpen={onOpen}
    />
  );
});
