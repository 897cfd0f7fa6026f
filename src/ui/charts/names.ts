import { INK_VARIABLES } from '../theme/ink';
import type { Chart } from 'chart.js';
import { css, FAMILY } from './chart-parts';
import { pushedApart, rowsAbove } from './places';

/** From one name to the next, px. */
const STEP = 12;

/** Lines of a chart with the pixel they end at. */
function ends(c: Chart): { name: string; tone: string; x: number; y: number }[] {
  return c.data.datasets.flatMap((set, i) => {
    const end = c.getDatasetMeta(i).data.at(-1);
    if (end === undefined) return [];
    return [{ name: set.label ?? '', tone: set.borderColor as string, x: end.x, y: end.y }];
  });
}

function stroke(ctx: CanvasRenderingContext2D, tone: string, from: [number, number], to: [number, number]): void {
  ctx.strokeStyle = tone;
  ctx.lineWidth = 1;
  ctx.beginPath();
  ctx.moveTo(...from);
  ctx.lineTo(...to);
  ctx.stroke();
}

/** Words on the ground of the page, so that what passes below does not cross them. */
export function writeClear(ctx: CanvasRenderingContext2D, words: string, x: number, y: number): void {
  ctx.save();
  ctx.strokeStyle = css(INK_VARIABLES.paper);
  ctx.lineWidth = 4;
  ctx.lineJoin = 'round';
  ctx.setLineDash([]);
  ctx.strokeText(words, x, y);
  ctx.restore();
  ctx.fillText(words, x, y);
}

/** Names of the lines that reach the right edge, each beside its end. */
export function drawEndNames(c: Chart, ink: string): void {
  const { ctx, chartArea } = c;
  const reaching = ends(c)
    .filter((e) => e.x >= chartArea.right - 2)
    .sort((a, b) => a.y - b.y);
  const placed = pushedApart(
    reaching.map((e) => e.y),
    chartArea.top - 6 + STEP,
    chartArea.bottom + 4,
    STEP,
  );
  ctx.save();
  ctx.font = `11px ${FAMILY}`;
  ctx.textBaseline = 'middle';
  reaching.forEach((e, i) => {
    const y = placed[i] ?? e.y;
    stroke(ctx, e.tone, [chartArea.right, e.y], [chartArea.right + 8, y]);
    ctx.fillStyle = ink;
    ctx.fillText(e.name, chartArea.right + 11, y, 138);
  });
  ctx.restore();
}

/** Names of the lines that end before the right edge, each above its end. */
export function drawTopNames(c: Chart, ink: string): void {
  const { ctx, chartArea } = c;
  ctx.save();
  ctx.font = `11px ${FAMILY}`;
  ctx.textBaseline = 'bottom';
  const short = ends(c).filter((e) => e.x < chartArea.right - 2);
  const rows = rowsAbove(short.map((e) => ({ x: e.x, width: 3 + ctx.measureText(e.name).width })));
  short.forEach((e, i) => {
    const y = chartArea.top - 4 - (rows[i] ?? 0) * STEP;
    stroke(ctx, e.tone, [e.x, chartArea.top], [e.x, y - 9]);
    ctx.fillStyle = ink;
    ctx.fillText(e.name, e.x + 3, y);
  });
  ctx.restore();
}
