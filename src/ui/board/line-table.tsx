'use client';
import { useMemo } from 'react';
import { centsThatAdd } from '@/core/base/cents';
import { shortName } from '@/core/catalogue/routes';
import { perPart } from '../format';
import { figureOf, lineValues, SEGMENTS, type LinesProps } from './cost-stack';

/** The lines of every survivor's part cost as figures that add up to the cent; each opens its working. */
export function LineTable({ q, lanes, currency, onOpen }: LinesProps) {
  const columns = useMemo(
    () =>
      lanes.flatMap((lane) =>
        lane.money === null
          ? []
          : [
              {
                id: lane.id,
                allIn: lane.money.allIn,
                cents: centsThatAdd(lineValues(lane.money, q), lane.money.allIn),
              },
            ],
      ),
    [lanes, q],
  );
  return (
    <div className="scroll-x">
      <table className="sheet-table" aria-label="Cost lines as figures">
        <thead>
          <tr>
            <th>{currency} a part</th>
            {columns.map((c) => (
              <th key={c.id} className="num">
                {shortName(c.id)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {SEGMENTS.map(([id, name], i) => (
            <tr key={id}>
              <td>{name}</td>
              {columns.map((c) => (
                <td key={c.id} className="num">
                  <button type="button" className="textbtn dotted" onClick={() => onOpen(c.id, figureOf(id))}>
                    {perPart(c.cents[i] ?? 0)}
                  </button>
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <td>
              <strong>all in</strong>
            </td>
            {columns.map((c) => (
              <td key={c.id} className="num">
                <button type="button" className="textbtn dotted" onClick={() => onOpen(c.id, 'allIn')}>
                  <strong>{perPart(c.allIn)}</strong>
                </button>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}
