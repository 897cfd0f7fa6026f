'use client';
import type { Change } from '@/core/decision';
import { useUnits } from '../preferences';
import { changeName, changeValue } from './change-words';

/** What is no longer as it was, side by side. */
export function ChangeTable({
  changes,
  was = 'Was',
  is = 'Is',
}: {
  readonly changes: readonly Change[];
  readonly was?: string;
  readonly is?: string;
}) {
  const [units] = useUnits();
  return (
    <div className="scroll-x">
      <table className="sheet-table">
        <thead>
          <tr>
            <th>What</th>
            <th>{was}</th>
            <th>{is}</th>
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
    </div>
  );
}
