// @vitest-environment jsdom
import type { Chart } from 'chart.js';
import { beforeEach, expect, test } from 'vitest';
import { drawEndNames, drawTopNames, writeClear } from './names';

/** A canvas that keeps what is written on it. */
function paper() {
  const written: { readonly words: string; readonly x: number; readonly y: number }[] = [];
  const cleared: string[] = [];
  const lines: number[][] = [];
  let from: number[] = [];
  const ctx = {
    save() {},
    restore() {},
    beginPath() {},
    stroke() {},
    setLineDash() {},
    moveTo: (...at: number[]) => (from = at),
    lineTo: (...at: number[]) => lines.push([...from, ...at]),
    fillText: (words: string, x: number, y: number) => written.push({ words, x, y }),
    strokeText: (words: string) => cleared.push(words),
    measureText: (words: string) => ({ width: 6 * words.length }),
  } as unknown as CanvasRenderingContext2D;
  return { ctx, written, cleared, lines };
}
/** A chart 400 px wide whose lines end at the places given. */
function chart(ends: readonly (readonly [name: string, x: number, y: number])[]) {
  const sheet = paper();
  const c = {
    ctx: sheet.ctx,
    chartArea: { left: 0, right: 400, top: 20, bottom: 220 },
    data: { datasets: ends.map(([label]) => ({ label, borderColor: '#123' })) },
    getDatasetMeta: (i: number) => ({ data: ends[i] === undefined ? [] : [{ x: ends[i][1], y: ends[i][2] }] }),
  } as unknown as Chart;
  return { c, ...sheet };
}

let near: ReturnType<typeof chart>;
beforeEach(() => {
  near = chart([
    ['spin', 400, 100],
    ['sand', 400, 103],
    ['die', 399, 101],
    ['wax', 250, 20],
    ['shell', 255, 20],
  ]);
});

test('lines that reach the edge are named beside their ends, in their order, none over another', () => {
  drawEndNames(near.c, 'black');
  expect(near.written.map((w) => w.words)).toEqual(['spin', 'die', 'sand']);
  const ys = near.written.map((w) => w.y);
  for (const [i, y] of ys.entries()) if (i > 0) expect(y - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(12 - 1e-9);
  // Each name hangs on a line from the very end of its own.
  expect(near.lines.map(([x, y]) => [x, y])).toEqual([
    [400, 100],
    [400, 101],
    [400, 103],
  ]);
});

test('lines that end sooner are named above their ends, on rows of their own where they would meet', () => {
  drawTopNames(near.c, 'black');
  expect(near.written.map((w) => w.words)).toEqual(['wax', 'shell']);
  const [wax, shell] = near.written;
  expect(wax?.x).toBe(253);
  expect(wax?.y).not.toBe(shell?.y);
});

test('a line without points has no name', () => {
  const { c, written } = chart([['spin', 400, 100]]);
  (c.data.datasets as unknown[]).push({ label: 'empty', borderColor: '#123' });
  drawEndNames(c, 'black');
  drawTopNames(c, 'black');
  expect(written.map((w) => w.words)).toEqual(['spin']);
});

test('words on the ground of the page are first cleared of what passes below', () => {
  const { ctx, written, cleared } = paper();
  writeClear(ctx, 'today', 5, 6);
  expect(cleared).toEqual(['today']);
  expect(written).toEqual([{ words: 'today', x: 5, y: 6 }]);
});
