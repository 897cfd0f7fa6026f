'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { rateDifferences, ratesOf, type RateRef } from '@/core/rates';
import type { RateSetSummary } from '@/server/rates';
import { signed } from '../format';
import { figureWords, lanePartName } from './rate-words';

/** Every coefficient in which two sets differ, side by side. */
export function Differences({
  here,
  there,
  sets,
}: {
  readonly here: RateRef;
  readonly there: RateRef;
  readonly sets: readonly RateSetSummary[];
}) {
  const router = useRouter();
  const found = useMemo(() => rateDifferences(ratesOf(there), ratesOf(here)), [here, there]);
  const shut = [here, there].map((s) => s.own.holidays.join(', ') || 'none');
  return (
    <>
      <div className="study-head">
        <div className="line">
          <h1>{here.name}</h1>
          <label className="small quiet" htmlFor="differences-with">
            against
          </label>
          <select
            id="differences-with"
            className="plain-select"
            value={there.id}
            onChange={(e) => router.push(`/rates/${here.id}/differences?with=${e.target.value}`)}
          >
            {sets
              .filter((s) => s.id !== here.id)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
          </select>
          <nav className="views" aria-label="This rate set">
            <Link href="/rates">All sets</Link>
            <Link href={`/rates/${here.id}`}>The set</Link>
          </nav>
        </div>
        <p className="verdict">
          {found.length === 0
            ? 'No figure differs.'
            : `${found.length} ${found.length === 1 ? 'figure differs' : 'figures differ'}.`}
        </p>
      </div>
      <section className="section scroll-x">
        {(found.length > 0 || shut[0] !== shut[1] || here.currency !== there.currency) && (
          <table className="sheet-table" aria-label="Differences">
            <thead>
              <tr>
                <th>Coefficient</th>
                <th className="num">{there.name}</th>
                <th className="num">{here.name}</th>
                <th className="num">Likely differs by</th>
                <th>Unit</th>
              </tr>
            </thead>
            <tbody>
              {here.currency !== there.currency && (
                <tr>
                  <td>Currency</td>
                  <td className="num">{there.currency}</td>
                  <td className="num">{here.currency}</td>
                  <td />
                  <td />
                </tr>
              )}
              {shut[0] !== shut[1] && (
                <tr>
                  <td>Days the shop is shut</td>
                  <td className="num">{shut[1]}</td>
                  <td className="num">{shut[0]}</td>
                  <td />
                  <td />
                </tr>
              )}
              {found.map(({ entry, here: was, there: is, ratio }) => (
                <tr key={entry.path}>
                  <td>
                    <Link className="plain-link" href={`/rates/${here.id}#${encodeURIComponent(entry.path)}`}>
                      {[lanePartName(entry.part), entry.of, entry.words]
                        .filter((x) => x !== null && x !== '')
                        .join(': ')}
                    </Link>
                  </td>
                  <td className="num">{figureWords(was)}</td>
                  <td className="num">{figureWords(is)}</td>
                  <td className="num">{ratio === null ? 'from nothing' : `${signed(100 * (ratio - 1), 1)} %`}</td>
                  <td className="small quiet">{entry.unit}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
    </>
  );
}
