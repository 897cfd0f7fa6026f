'use client';
import { memo } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { RAIL_MAX, type CostCurves } from '@/core/comparison/board';
import { Emblem } from '../marks/emblem';
import { INK } from '../theme/ink';
import { merged, stretch, TICKS } from './places';
import { placeOf } from './scale';

const short = (n: number): string => (n >= 1_000_000 ? '1 M' : n >= 1000 ? `${n / 1000} k` : String(n));

/** Words on the rail, in HTML so that they keep their shape at any width. */
export const Labels = memo(function Labels({
  curves,
  yearly,
  lifetime,
  band,
}: {
  curves: CostCurves | null;
  yearly: number | null;
  lifetime: number | null;
  band: readonly [number, number] | null;
}) {
  const at = (q: number): string => `${100 * placeOf(q)}%`;
  const base = {
    position: 'absolute',
    whiteSpace: 'nowrap',
    pointerEvents: 'none',
    fontSize: 11,
    lineHeight: '14px',
    fontStretch: '85%',
  } as const;
  return (
    <div aria-hidden="true">
      {merged(curves).map((run) => {
        const width = placeOf(run.to + 1) - placeOf(run.from);
        if (width < 0.07) return null;
        return (
          <span
            key={run.from}
            style={{
              ...base,
              top: 0,
              left: at(run.from),
              width: `${100 * width}%`,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              paddingLeft: 2,
            }}
          >
            <Emblem laneId={run.laneId} size={13} /> {shortName(run.laneId)}
          </span>
        );
      })}
      {TICKS.map((tick) => (
        <span
          key={tick}
          style={{
            ...base,
            color: INK.quiet,
            top: 60,
            left: at(tick),
            transform: tick === 1 ? undefined : tick === RAIL_MAX ? 'translateX(-100%)' : 'translateX(-50%)',
          }}
        >
          {short(tick)}
        </span>
      ))}
      {yearly !== null && (
        <span style={{ ...base, top: 47, left: at(yearly), transform: 'translateX(-100%)', paddingRight: 4 }}>
          per year
        </span>
      )}
      {lifetime !== null && (
        <span
          style={{ ...base, top: 47, left: at(lifetime), paddingLeft: 4 }}
          title={band === null ? undefined : `Demand ${stretch(band[0], band[1])} pieces`}
        >
          programme{band === null ? '' : ', range of demand'}
        </span>
      )}
    </div>
  );
});
