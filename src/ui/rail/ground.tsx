'use client';
import { memo } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { type CostCurves } from '@/core/comparison/board';
import { toneOf } from '../marks/tone';
import { INK } from '../theme/ink';
import { merged, RIBBON_HEIGHT, RIBBON_TOP, stretch, TICKS, WIDTH, x } from './places';

/** A short stroke under the ribbon at a quantity the brief names. */
export function Notch({ q }: { q: number }) {
  return (
    <line
      x1={x(q)}
      x2={x(q)}
      y1={RIBBON_TOP + RIBBON_HEIGHT}
      y2={RIBBON_TOP + RIBBON_HEIGHT + 10}
      stroke={INK.ink}
      strokeWidth="1.5"
      vectorEffect="non-scaling-stroke"
    />
  );
}

/** The ribbon itself: a stretch for each run of one winner. Redrawn only when the cost curves change. */
export const Ground = memo(function Ground({ curves }: { curves: CostCurves | null }) {
  return (
    <g>
      <rect x="0" y={RIBBON_TOP} width={WIDTH} height={RIBBON_HEIGHT} fill={INK.deep} />
      {merged(curves).map((run) => (
        <rect
          key={run.from}
          x={x(run.from)}
          y={RIBBON_TOP}
          width={Math.max(0.6, x(run.to + 1) - x(run.from))}
          height={RIBBON_HEIGHT}
          data-run=""
          fill={toneOf(run.laneId)}
          stroke={INK.paper}
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        >
          <title>{`${stretch(run.from, run.to)}: ${shortName(run.laneId)}`}</title>
        </rect>
      ))}
      {(curves?.crossings ?? []).map((c) => (
        <rect
          key={`${c.first}-${c.last}`}
          x={x(c.first)}
          y={RIBBON_TOP - 5}
          width={Math.max(1.4, x(c.last) - x(c.first))}
          height="5"
          fill={INK.ink}
          opacity={c.kind === 'change' ? 1 : 0.45}
          data-crossing={c.first}
        >
          <title>
            {c.kind === 'change'
              ? `${shortName(c.from)} to ${shortName(c.to)} at ${stretch(c.first, c.last)}${c.last > c.first ? `, changing ${c.changes} times between` : ''}`
              : `${stretch(c.first, c.last)}: whole pours and worn tools change the place ${c.changes} times, and leave it as it was`}
          </title>
        </rect>
      ))}
      {TICKS.map((tick) => (
        <line
          key={tick}
          x1={x(tick)}
          x2={x(tick)}
          y1={RIBBON_TOP + RIBBON_HEIGHT}
          y2={RIBBON_TOP + RIBBON_HEIGHT + 4}
          stroke={INK.line}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </g>
  );
});
