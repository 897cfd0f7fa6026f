import { refuse } from '../base/errors';
import { CELL, type SectionGrid } from './types';

type Ring = readonly (readonly [number, number])[];

/** Cells of a grid at most: what a run takes under two seconds for. */
export const MOST_CELLS = 40_000;
const LEAST_CELLS = 400;

/**
 * A section laid out in cells: metal inside any of its bodies, mould round them.
 *
 * @param bodies closed lines of each body of metal, mm, even-odd within a body; margin_mm mould round it on every side, above nought; most cells, 400 to 40,000
 * @returns the grid; a cell is metal where its middle lies in a body
 * @throws {CoreError} E_LENGTH without a ring, E_SIGN for no margin
 * @example
 * sectionGrid([[[[0, 0], [10, 0], [10, 10], [0, 10]]]], 5, 1600).cell_mm // 0.5
 */
export function sectionGrid(bodies: readonly (readonly Ring[])[], margin_mm: number, most = MOST_CELLS): SectionGrid {
  const rings = bodies.flat();
  if (rings.length === 0) refuse('E_LENGTH', 'bodies', 0, 'a section with at least one ring');
  if (!(margin_mm > 0)) refuse('E_SIGN', 'margin_mm', margin_mm, 'above nought');
  const cap = Math.min(MOST_CELLS, Math.max(LEAST_CELLS, Math.round(most)));
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of rings)
    for (const [x, y] of ring) {
      x0 = Math.min(x0, x);
      x1 = Math.max(x1, x);
      y0 = Math.min(y0, y);
      y1 = Math.max(y1, y);
    }
  const [wide, high] = [x1 - x0 + 2 * margin_mm, y1 - y0 + 2 * margin_mm];
  let cell_mm = Math.sqrt((wide * high) / cap);
  const count = (side: number): number => Math.ceil(side / cell_mm - 1e-9);
  while (count(wide) * count(high) > cap) cell_mm *= 1.004;
  const [columns, rows] = [count(wide), count(high)];
  const cells = new Uint8Array(columns * rows);
  const [x_mm, y_mm] = [(x0 + x1 - columns * cell_mm) / 2, (y0 + y1 - rows * cell_mm) / 2];
  for (let r = 0; r < rows; r++) {
    const y = y_mm + (r + 0.5) * cell_mm;
    for (const body of bodies) fillRow(cells.subarray(r * columns, (r + 1) * columns), body, y, x_mm, cell_mm);
  }
  return { columns, rows, cell_mm, x_mm, y_mm, cells };
}

/** Marks the cells of a row whose middles lie in a body. */
function fillRow(row: Uint8Array, body: readonly Ring[], y: number, x_mm: number, cell_mm: number): void {
  const cuts: number[] = [];
  for (const ring of body)
    ring.forEach(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length] as readonly [number, number];
      if (ay > y !== by > y) cuts.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
    });
  cuts.sort((a, b) => a - b);
  for (let i = 0; i + 1 < cuts.length; i += 2) {
    const from = Math.max(0, Math.ceil(((cuts[i] as number) - x_mm) / cell_mm - 0.5));
    const to = Math.min(row.length, Math.ceil(((cuts[i + 1] as number) - x_mm) / cell_mm - 0.5));
    if (to > from) row.fill(CELL.metal, from, to);
  }
}
