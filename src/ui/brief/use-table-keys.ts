import { useRef, type KeyboardEvent } from 'react';

/** Arrow up and down keep the column, Enter goes down and makes a row at the end. */
export function useTableKeys(addRow: () => void) {
  const table = useRef<HTMLTableElement>(null);
  const onKeyDown = (event: KeyboardEvent<HTMLTableElement>): void => {
    const target = event.target as HTMLElement;
    const cell = target.closest('td');
    const row = cell?.closest('tr');
    if (cell == null || row == null || target.tagName === 'SELECT') return;
    const step = event.key === 'ArrowDown' || event.key === 'Enter' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step === 0 || (target.tagName === 'BUTTON' && event.key === 'Enter')) return;
    const rows = [...(row.parentElement?.children ?? [])];
    const next = rows[rows.indexOf(row) + step];
    const at = [...row.children].indexOf(cell);
    event.preventDefault();
    if (next !== undefined) (next.children[at]?.querySelector('input, select') as HTMLElement | null)?.focus();
    else if (event.key === 'Enter') {
      addRow();
      requestAnimationFrame(() =>
        (table.current?.tBodies[0]?.lastElementChild?.querySelector('input') as HTMLElement | null)?.focus(),
      );
    }
  };
  return { table, onKeyDown };
}
