// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import fc from 'fast-check';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { arrived } from '../testing/arrived';
import { system } from '../theme/system';
import { compareCells, DataTable, type DataColumn, type DataTableProps } from './data-table';

interface Line {
  readonly id: string;
  readonly name: string;
  readonly cost: number | null;
}
const COLUMNS: readonly DataColumn<Line>[] = [
  { id: 'name', title: 'Name', sort: (l) => l.name, cell: (l) => l.name, rowHead: true },
  { id: 'cost', title: 'Cost', numeric: true, sort: (l) => l.cost, cell: (l) => l.cost ?? '–' },
  { id: 'acts', title: '', name: 'Actions', cell: () => 'x' },
];
const LINES: readonly Line[] = [
  { id: '1', name: 'hub 10', cost: 7 },
  { id: '2', name: 'hub 9', cost: null },
  { id: '3', name: 'arm', cost: 30 },
];
function open(more: Partial<DataTableProps<Line>> = {}): void {
  render(
    <ChakraProvider value={system}>
      <DataTable label="Parts" columns={COLUMNS} rows={LINES} rowKey={(l) => l.id} {...more} />
    </ChakraProvider>,
  );
}
const names = (): (string | null)[] => screen.getAllByRole('rowheader').map((c) => c.textContent);
const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }));
afterEach(cleanup);

describe('a table', () => {
  test('sorts by a column, then the other way; figures within words count as figures, nothing goes last', () => {
    open();
    expect(names()).toEqual(['hub 10', 'hub 9', 'arm']);
    press('Name');
    expect(names()).toEqual(['arm', 'hub 9', 'hub 10']);
    press('Cost');
    expect(names()).toEqual(['hub 10', 'arm', 'hub 9']);
    press('Cost');
    expect(names()).toEqual(['arm', 'hub 10', 'hub 9']);
    expect(screen.getByRole('columnheader', { name: 'Cost' }).getAttribute('aria-sort')).toBe('descending');
  });

  test('asks where somebody else sorts, amounts downwards first, and leaves the rows as they come', () => {
    const onSort = vi.fn();
    open({ onSort, downFirst: ['cost'], sort: { id: 'name', up: true } });
    press('Cost');
    press('Name');
    expect(onSort.mock.calls).toEqual([[{ id: 'cost', up: false }], [{ id: 'name', up: false }]]);
    expect(names()).toEqual(['hub 10', 'hub 9', 'arm']);
  });

  test('names a column without a title, and offers no order where there is none', () => {
    open();
    const head = screen.getByRole('columnheader', { name: 'Actions' });
    expect(within(head).queryByRole('button')).toBeNull();
  });

  test('of thousands makes only the rows near the window, and says how many there are', async () => {
    // Without a browser nothing has a height: rows are as high as they are drawn.
    vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(41);
    vi.spyOn(HTMLElement.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 0, 1000, 41));
    const rows = Array.from({ length: 5000 }, (_, i) => ({ id: String(i), name: `part ${i}`, cost: i }));
    open({ rows });
    await arrived(import('./windowed-rows'));
    const shown = screen.getAllByRole('rowheader').length;
    expect(shown).toBeGreaterThan(5);
    expect(shown).toBeLessThan(120);
    expect(screen.getByRole('table').getAttribute('aria-rowcount')).toBe('5001');
    vi.restoreAllMocks();
  });
});

test('the order of cells is one: whoever stands before stands after the other way, nothing last both ways', () => {
  const cell = fc.oneof(fc.constant(null), fc.double({ noNaN: true }));
  fc.assert(
    fc.property(cell, cell, (a, b) => {
      expect(Math.sign(compareCells(a, b, true))).toBe(-Math.sign(compareCells(b, a, true)) + 0);
      if (a === null && b !== null) {
        expect(compareCells(a, b, true)).toBeGreaterThan(0);
        expect(compareCells(a, b, false)).toBeLessThan(0);
      }
    }),
  );
});
