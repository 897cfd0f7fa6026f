import type { Chart } from 'chart.js';

/** The typeface of charts: a canvas does not take it from the page. */
export const FAMILY = "'Archivo Variable', system-ui, sans-serif";

/** The value of a custom property of the page, given as its name or as var(name). */
export const css = (name: string): string =>
  getComputedStyle(document.documentElement)
    .getPropertyValue(name.replace(/^var\((.*)\)$/, '$1'))
    .trim();

/** Names of the lines that reach the right edge, pushed apart so that none covers another. */
export function drawEndNames(c: Chart, ink: string): void {
  const { ctx, chartArea } = c;
  const ends = c.data.datasets
    .map((set, i) => {
      const points = c.getDatasetMeta(i).data;
      const last = points.at(-1);
      const reaches = last !== undefined && last.x >= chartArea.right - 2;
      return { name: set.label ?? '', y: reaches ? last.y : NaN, tone: set.borderColor as string, i };
    })
    .filter((e) => Number.isFinite(e.y))
    .sort((a, b) => a.y - b.y);
  let floor = chartArea.top - 6;
  const placed = ends.map((e) => {
    const y = Math.max(e.y, floor + 12);
    floor = y;
    return { ...e, at: y };
  });
  const over = (placed.at(-1)?.at ?? 0) - (chartArea.bottom + 4);
  ctx.save();
  ctx.font = `11px ${FAMILY}`;
  ctx.textBaseline = 'middle';
  placed.forEach((e) => {
    const y = e.at - Math.max(0, over);
    ctx.strokeStyle = e.tone;
    ctx.lineWidth = 1;
    ctx.beginPath();
    ctx.moveTo(chartArea.right, e.y);
    ctx.lineTo(chartArea.right + 8, y);
    ctx.stroke();
    ctx.fillStyle = ink;
    ctx.fillText(e.name, chartArea.right + 11, y, 138);
  });
  ctx.restore();
}
