'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { RateSetSummary } from '@/server/rates';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { notices } from '../shell/notices';
import { CopySet } from './copy-set';

/** The list of rate sets: the shipped one and the shop's own, who changed them last and how many studies use them. */
export function RateSets({ sets }: { readonly sets: readonly RateSetSummary[] }) {
  const router = useRouter();
  const shipped = sets.find((s) => s.shipped);
  const putAway = async (set: RateSetSummary): Promise<void> => {
    try {
      await call('POST', `/api/rates/${set.id}/archive`);
      notices.create({ title: `“${set.name}” put away` });
      router.refresh();
    } catch (error) {
      notices.create({
        title: error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.',
        type: 'error',
      });
    }
  };
  return (
    <>
      <div className="study-head">
        <div className="line">
          <h1>Rate sets</h1>
          <span className="quiet small">what an hour, a kilogram and a day cost, for all studies that use a set</span>
        </div>
        <p className="verdict">
          The shipped set is a place to start: assumptions and rules of the trade. A copy is the shop’s own; every
          change of it is kept with who made it and why.
        </p>
        {shipped !== undefined && (
          <div className="rate-tools">
            <CopySet from={shipped.id} name={shipped.name} who="" />
          </div>
        )}
      </div>
      <section className="section scroll-x">
        <table className="list" aria-label="Rate sets">
          <thead>
            <tr>
              <th>Set</th>
              <th>Currency</th>
              <th className="num">Own figures</th>
              <th className="num">Holidays</th>
              <th className="num">Studies</th>
              <th>Changed</th>
              <th>
                <span className="sr">Put away</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sets.map((s) => (
              <tr key={s.id}>
                <td>
                  <Link className="plain-link" href={`/rates/${s.id}`}>
                    {s.name}
                  </Link>
                  <div className="small quiet">
                    {s.shipped
                      ? 'shipped, read-only: assumptions'
                      : `copied from ${sets.find((o) => o.id === s.copiedFrom)?.name ?? 'a set put away'}, version ${s.version}`}
                  </div>
                </td>
                <td>{s.currency}</td>
                <td className="num">{s.shipped ? '' : s.ownFigures}</td>
                <td className="num">{s.holidays}</td>
                <td className="num">{s.studies}</td>
                <td className="small">{s.shipped ? '' : `${plainDate(s.changedAt)}, ${s.changedBy ?? ''}`}</td>
                <td className="small">
                  {!s.shipped && s.studies === 0 && (
                    <button type="button" className="textbtn dotted" onClick={() => void putAway(s)}>
                      Put away
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </>
  );
}
