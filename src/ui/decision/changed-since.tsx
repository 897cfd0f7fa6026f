'use client';
import { useMemo } from 'react';
import { evaluate } from '@/core/board';
import { briefChanges, rateChanges, resultChanges, type Change } from '@/core/decision';
import type { DecisionRecord } from '@/server/decisions';
import { plainDate } from '../format';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { changeName, changeValue } from './change-words';

/** What is no longer as it was signed: brief, results, core, rates. */
export function ChangedSince({ decision }: { readonly decision: DecisionRecord }) {
  const { brief, school, study } = useStudy();
  const [units] = useUnits();
  const changes = useMemo<Change[]>(() => {
    const now = evaluate(brief, { school, rates: study.rates, quantity: decision.quantity });
    return [
      ...briefChanges(decision.frozen.brief, brief),
      ...resultChanges(decision.frozen.evaluation, now, decision.laneId),
      ...rateChanges(decision.frozen.rates, study.rates),
    ];
  }, [brief, school, study, decision]);
  return (
    <section className="section record" data-testid="changes">
      <h2>Changed since it was signed on {plainDate(decision.signedOn)}</h2>
      {changes.length === 0 ? (
        <p>Nothing: brief, rates, results and core are as they were.</p>
      ) : (
        <table className="sheet-table">
          <thead>
            <tr>
              <th>What</th>
              <th>Was</th>
              <th>Is</th>
            </tr>
          </thead>
          <tbody>
            {changes.map((c) => (
              <tr key={c.what}>
                <td>{changeName(c.what)}</td>
                <td>{changeValue(c.what, c.was, units)}</td>
                <td>{changeValue(c.what, c.is, units)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
