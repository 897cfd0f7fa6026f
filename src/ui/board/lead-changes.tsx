'use client';
import { memo } from 'react';
import type { Crossing } from '@/core/comparison/board';
import { shortName } from '@/core/catalogue/routes';
import { whole } from '../format';
import { Tone } from '../marks/tone';

/** Every change of the lead over the rail in words: clean ones at one quantity, bands of flicker as bands. */
export const LeadChanges = memo(function LeadChanges({
  crossings,
  next,
  onGo,
}: {
  crossings: readonly Crossing[];
  /** Index of the first change above the chosen quantity; −1 when there is none. */
  next: number;
  onGo: (q: number) => void;
}) {
  if (crossings.length === 0) return <p className="small quiet">One lane leads at every quantity of the rail.</p>;
  return (
    <div className="scroll-x">
      <table className="sheet-table" aria-label="Where the lead changes">
        <thead>
          <tr>
            <th className="num">At pieces</th>
            <th>From</th>
            <th>To</th>
            <th>How</th>
          </tr>
        </thead>
        <tbody>
          {crossings.map((c, i) => (
            <tr key={`${c.first}-${c.last}`}>
              <td className="num">
                <button
                  type="button"
                  className="textbtn dotted"
                  onClick={() => onGo(c.last)}
                  title="Set the rail there"
                >
                  {c.last > c.first ? `${whole(c.first)} to ${whole(c.last)}` : whole(c.first)}
                </button>
              </td>
              <td>
                <Tone laneId={c.from} /> {shortName(c.from)}
              </td>
              <td>
                <Tone laneId={c.to} /> {shortName(c.to)}
              </td>
              <td className="small">
                {how(c)}
                {i === next && <span className="quiet"> · next above the chosen quantity</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});

function how(c: Crossing): string {
  if (c.kind === 'flicker')
    return `whole pours and worn tools change the lead ${c.changes} times and leave it as it was`;
  if (c.last > c.first)
    return `whole pours and worn tools change the lead ${c.changes} times; from ${whole(c.last)} it stays`;
  return c.routeChanges ? 'at once, and it stays' : 'at once; another variant of the same route';
}
