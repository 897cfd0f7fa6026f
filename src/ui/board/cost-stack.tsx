'use client';
import { memo } from 'react';
import type { Board, BoardLane } from '@/core/board';
import { shortName } from '@/core/routes';
import { perPart } from '../format';

/** Lines of a part's cost from the bottom of the stack up, with how each is filled so that grey print tells them apart. */
const SEGMENTS: readonly (readonly [id: string, name: string, fill: string])[] = [
  ['metal', 'metal', 'var(--ink)'],
  ['melting', 'melting', 'color-mix(in srgb, var(--ink) 72%, var(--paper))'],
  ['pours', 'moulds and pouring', 'color-mix(in srgb, var(--ink) 46%, var(--paper))'],
  ['finishing', 'fettling', 'repeating-linear-gradient(45deg, var(--ink) 0 1.5px, var(--paper) 1.5px 5px)'],
  ['heatTreatment', 'heat treatment', 'repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, var(--paper) 1.5px 5px)'],
  ['machining', 'second operations', 'repeating-linear-gradient(90deg, var(--ink) 0 1.5px, var(--paper) 1.5px 4px)'],
  ['inspection', 'inspection', 'repeating-linear-gradient(0deg, var(--ink) 0 1px, var(--paper) 1px 4px)'],
  ['scrapAndRework', 'scrap and rework', 'repeating-linear-gradient(45deg, var(--ink) 0 3px, var(--paper) 3px 5px)'],
  ['setUp', 'set-up of the lot', 'color-mix(in srgb, var(--ink) 22%, var(--paper))'],
  ['upkeep', 'tool upkeep', 'color-mix(in srgb, var(--ink) 12%, var(--paper))'],
  [
    'firstLots',
    'first lots and remainder',
    'repeating-linear-gradient(135deg, var(--ink) 0 1px, var(--paper) 1px 8px)',
  ],
  ['tooling', 'tooling share', 'var(--paper)'],
];

/** What each survivor's all-in part cost is made of, on one scale. Every stretch opens its working. */
export const CostStack = memo(function CostStack({
  board,
  lanes,
  currency,
  onWorking,
}: {
  board: Board;
  lanes: readonly BoardLane[];
  currency: string;
  onWorking: (laneId: string, figure: string) => void;
}) {
  const most = Math.max(...lanes.map((lane) => lane.money?.allIn ?? 0), 1e-9);
  return (
    <div>
      <div className="legend">
        {SEGMENTS.map(([id, name, fill]) => (
          <span key={id}>
            <i style={{ background: fill }} />
            {name}
          </span>
        ))}
      </div>
      {lanes.map((lane) => {
        if (lane.money === null) return null;
        const share = lane.money.tooling / board.q;
        const extra = lane.money.allIn - lane.money.unit - share;
        const value = (id: string): number =>
          id === 'tooling'
            ? share
            : id === 'firstLots'
              ? extra
              : (lane.money?.lines[id as keyof typeof lane.money.lines] ?? 0);
        return (
          <div key={lane.id} className="stack-row">
            <span className="small">{shortName(lane.id)}</span>
            <div
              className="stack-bar"
              style={{ width: `${Math.max(1, (100 * lane.money.allIn) / most)}%` }}
              role="group"
              aria-label={`Cost lines of ${shortName(lane.id)}`}
            >
              {SEGMENTS.map(([id, name, fill]) => {
                const v = value(id);
                if (v <= 0) return null;
                const words = `${name}: ${perPart(v)} ${currency} a part`;
                return (
                  <button
                    key={id}
                    type="button"
                    title={words}
                    aria-label={words}
                    style={{ flex: `${v} 1 0`, background: fill }}
                    onClick={() =>
                      onWorking(lane.id, id === 'tooling' ? 'tooling' : id === 'firstLots' ? 'total' : `line.${id}`)
                    }
                  />
                );
              })}
            </div>
            <span className="num">
              <button type="button" className="textbtn dotted" onClick={() => onWorking(lane.id, 'allIn')}>
                {perPart(lane.money.allIn)}
              </button>
              <span className="unit">{currency}</span>
            </span>
          </div>
        );
      })}
    </div>
  );
});
