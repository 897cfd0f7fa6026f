'use client';
import Link from 'next/link';
import { useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { SimulationDepth } from '@/workers/simulation.protocol';
import { fixed, significant, signed } from '../format';
import { useStudy } from '../study/study-context';
import { figureWords, inputWords, moverWorking } from '@/core/simulation';
import { useSheets } from '../working/sheets';

const FEW = 8;

/** Uncertain figures by how much they move the difference of the two leading routes, each with the way to its rate. */
export function MoversTable({
  depth,
  q,
  currency,
}: {
  readonly depth: SimulationDepth;
  /** Pieces it was drawn at. */
  readonly q: number;
  readonly currency: string;
}) {
  const { openWorking } = useSheets();
  const { study, rates } = useStudy('study', 'rates');
  const [all, setAll] = useState(false);
  const by = new Map(depth.inputs.map((i) => [i.key, i]));
  const moving = depth.movers.filter((m) => m.swing > 0);
  const shown = all ? moving : moving.slice(0, FEW);
  const { second } = depth;
  if (second === null) return <p className="small quiet">No second route survives to set against the leader.</p>;
  return (
    <>
      <div className="scroll-x">
        <table className="sheet-table" aria-label="What moves the choice">
          <thead>
            <tr>
              <th>Uncertain figure</th>
              <th className="num">Low … likely … high</th>
              <th
                className="num"
                title="Total of the next route less that of the leader, with this figure alone at its low or high"
              >
                Difference at low … high, {currency}
              </th>
              <th className="num" title="Rank correlation with the difference over the draws">
                Rank correlation
              </th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((m) => {
              const input = by.get(m.name);
              if (input === undefined) return null;
              const turns = m.atLow < 0 || m.atHigh < 0;
              return (
                <tr key={m.name}>
                  <td>{inputWords(input, study.rates)}</td>
                  <td className="num">
                    {input.range.map((x) => figureWords(x, input.unit).replace(/ .*$/, '')).join(' … ')}{' '}
                    <span className="unit">{input.unit === 'share' ? '%' : input.unit}</span>
                  </td>
                  <td className="num">
                    <button
                      type="button"
                      className="textbtn dotted"
                      title="Open the working"
                      onClick={() => {
                        const words = inputWords(input, study.rates);
                        const made = moverWorking(m, input, depth.leader, second, words, currency);
                        openWorking({ laneId: depth.leader, figure: made.figure, q, working: made });
                      }}
                    >
                      {signed(m.atLow, 0)} … {signed(m.atHigh, 0)}
                    </button>
                    {turns && <div className="small bad">alone it turns the choice</div>}
                  </td>
                  <td className="num">{fixed(m.rho, 2)}</td>
                  <td className="small">
                    {input.source === 'rate' ? (
                      <Link className="plain-link" href={`/rates/${rates.id}#${encodeURIComponent(input.path)}`}>
                        rate set
                      </Link>
                    ) : input.source === 'alloy' ? (
                      'alloy'
                    ) : input.source === 'route' ? (
                      'route'
                    ) : (
                      'brief'
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="small quiet">
        Difference: {shortName(second)} less {shortName(depth.leader)}, whole programme; below 0 they change places.{' '}
        {moving.length} of {depth.inputs.length} figures move it.{' '}
        {moving.length > FEW && (
          <button type="button" className="textbtn dotted" aria-expanded={all} onClick={() => setAll((x) => !x)}>
            {all ? 'only the first' : `all ${significant(moving.length, 3)}`}
          </button>
        )}
      </p>
    </>
  );
}
