'use client';
import { useMemo, useState } from 'react';
import { rateEntries, SHIPPED_RATES } from '@/core/rates';
import type { RateChange } from '@/server/rates';
import { plainDate } from '../format';
import { figureWords, lanePartName } from './rate-words';

const ENTRIES = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
const SHOWN = 20;

const OTHER_WORDS: Readonly<Record<string, string>> = {
  'calendar.holidays': 'days the shop is shut',
  'currency.code': 'currency',
  name: 'name of the set',
};

/** What a path is, in words. */
function pathWords(path: string): string {
  const entry = ENTRIES.get(path);
  if (entry === undefined) return OTHER_WORDS[path] ?? path;
  return [lanePartName(entry.part), entry.of, entry.words].filter((x) => x !== null && x !== '').join(': ');
}

/** Who changed what in a set, when and why, the last first. */
export function History({ changes }: { readonly changes: readonly RateChange[] }) {
  const [all, setAll] = useState(false);
  const shown = useMemo(() => (all ? changes : changes.slice(0, SHOWN)), [all, changes]);
  return (
    <section className="section">
      <h2>
        What was changed <span className="quiet">the last first</span>
      </h2>
      {changes.length === 0 ? (
        <p>Nothing yet: every figure is as it was copied.</p>
      ) : (
        <div className="scroll-x">
          <table className="sheet-table" aria-label="Changes of this set">
            <thead>
              <tr>
                <th>When, who</th>
                <th>What</th>
                <th>Was</th>
                <th>Became</th>
                <th>Why</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((c) => (
                <tr key={c.id}>
                  <td className="small">
                    {plainDate(c.at)} {c.at.slice(11, 16)} UTC
                    <div className="quiet">{c.who}</div>
                  </td>
                  <td>{pathWords(c.path)}</td>
                  <td className="small">{figureWords(c.was)}</td>
                  <td className="small">
                    {figureWords(c.became)} <span className="unit">{ENTRIES.get(c.path)?.unit ?? ''}</span>
                  </td>
                  <td className="small">{c.why}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {changes.length > SHOWN && (
            <button type="button" className="textbtn dotted small" onClick={() => setAll(!all)}>
              {all ? `only the last ${SHOWN}` : `all ${changes.length}`}
            </button>
          )}
        </div>
      )}
    </section>
  );
}
