import type { Action } from '@/core/decision';
import { plainDate } from '../format';

/** What is to be done, by whom, by when. */
export function ActionsTable({ actions }: { readonly actions: readonly Action[] }) {
  return (
    <table className="sheet-table" aria-label="Actions and owners" data-testid="actions">
      <thead>
        <tr>
          <th>What</th>
          <th>Who</th>
          <th>By</th>
        </tr>
      </thead>
      <tbody>
        {actions.map((a) => (
          <tr key={`${a.what} ${a.by}`}>
            <td>{a.what}</td>
            <td>{a.owner === '' ? <span className="quiet">nobody yet</span> : a.owner}</td>
            <td>{a.by === '' ? <span className="quiet">no day</span> : plainDate(a.by)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
