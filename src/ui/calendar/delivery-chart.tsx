'use client';
import { ChartBox } from '../charts/chart-box';
import { INK_VARIABLES } from '../theme/ink';
import type { Chart, ChartConfiguration, Plugin } from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useMemo, useRef } from 'react';
import type { Needed } from '@/core/brief';
import { dayNumber } from '@/core/base/day';
import { axis, grid, STILL_LINE, tickFigure } from '../charts/axes';
import { css, FAMILY } from '../charts/chart-parts';
import { drawNear } from '../charts/draw-near';
import { lineOf } from '../charts/line-of';
import { drawEndNames, drawTopNames, writeClear } from '../charts/names';
import { dateAfter, whole } from '../format';
import { tickDate } from './tick-date';
import type { Delivery } from './use-deliveries';

/** Lines that end later than this many times the soonest last part run out of the picture. */
const REACH = 3;

/** Good parts against days from the order, a line for each way to make them; what is wanted stands as flags. */
export function DeliveryChart({
  deliveries,
  needed,
  orderDate,
  q,
}: {
  readonly deliveries: readonly Delivery[];
  readonly needed: readonly Needed[];
  readonly orderDate: string;
  readonly q: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { resolvedTheme } = useTheme();
  const flags = useMemo(
    () =>
      needed
        .filter((n) => n.pieces <= q && n.by !== null)
        .map((n) => ({ ...n, day: dayNumber('by', n.by) - dayNumber('orderDate', orderDate) })),
    [needed, q, orderDate],
  );
  const lasts = deliveries.map((d) => d.lastPart_d);
  const right = Math.min(Math.max(...lasts), REACH * Math.min(...lasts));
  const until = Math.ceil(Math.max(right, ...flags.map((f) => f.day)) / 7 + 1) * 7;

  useEffect(() => {
    const element = canvas.current;
    if (element === null) return;
    const named = (element.parentElement?.clientWidth ?? 0) >= NAMED_FROM;
    const ink = css(INK_VARIABLES.quiet);
    const hair = css(INK_VARIABLES.hair);
    const marks: Plugin = {
      id: 'flags',
      afterDatasetsDraw: (c) => {
        if (named) {
          drawEndNames(c, css(INK_VARIABLES.ink));
          drawTopNames(c, css(INK_VARIABLES.ink));
        }
        drawFlags(c, flags, css(INK_VARIABLES.ink));
      },
    };
    const config: ChartConfiguration<'line'> = {
      type: 'line',
      data: {
        datasets: deliveries.map((d) => ({
          ...lineOf(d.id),
          label: d.name,
          data: within(d.curve, until).map((p) => ({ x: p.day, y: p.pieces })),
        })),
      },
      options: {
        ...STILL_LINE,
        layout: { padding: named ? { right: 130, top: 54 } : { right: 14, top: 16 } },
        scales: {
          x: {
            type: 'linear',
            min: 0,
            max: until,
            grid: grid(hair),
            ...axis(ink, 'weeks from the order', {
              stepSize: stepOf(until),
              callback: (v: number | string) => [
                tickFigure(Math.round(Number(v) / 7)),
                tickDate(orderDate, Number(v), until),
              ],
            }),
          },
          y: {
            type: 'linear',
            min: 0,
            max: q,
            grid: grid(hair),
            ...axis(ink, 'good pieces', { precision: 0, callback: tickFigure }),
          },
        },
      },
      plugins: [marks],
    };
    return drawNear(element, config);
  }, [deliveries, flags, until, q, orderDate, resolvedTheme]);

  const summary = deliveries
    .map(
      (d) => `${d.name}: first ${dateAfter(orderDate, d.firstArticle_d)}, last ${dateAfter(orderDate, d.lastPart_d)}`,
    )
    .join('; ');
  return (
    <ChartBox height="tall">
      <canvas ref={canvas} role="img" aria-label={`Good parts against time. ${summary}`} />
    </ChartBox>
  );
}

/** Grid of whole weeks that leaves about a dozen lines. */
const stepOf = (days: number): number =>
  7 * ([1, 2, 4, 8, 13, 26, 52, 104].find((w) => days / (7 * w) <= 12) ?? Math.ceil(days / 84));

/** A curve cut at a day, with the corner it has there. */
function within(curve: Delivery['curve'], until: number): Delivery['curve'] {
  const out: { day: number; pieces: number }[] = [];
  for (const [i, p] of curve.entries()) {
    if (p.day <= until) out.push(p);
    else {
      const a = curve[i - 1] ?? p;
      if (p.day > a.day)
        out.push({ day: until, pieces: a.pieces + ((p.pieces - a.pieces) * (until - a.day)) / (p.day - a.day) });
      break;
    }
  }
  return out;
}

/** A picture narrower than this has no room for names: the tables below carry the strokes. px */
const NAMED_FROM = 560;

/** A small flag at each wanted quantity and date: a line that passes left of its foot is in time. */
function drawFlags(
  c: Chart,
  flags: readonly { readonly day: number; readonly pieces: number; readonly name: string }[],
  ink: string,
): void {
  const { ctx, chartArea, scales } = c;
  const { x, y } = scales;
  if (x === undefined || y === undefined) return;
  ctx.save();
  ctx.strokeStyle = ink;
  ctx.fillStyle = ink;
  ctx.font = `11px ${FAMILY}`;
  ctx.textBaseline = 'bottom';
  for (const f of flags) {
    const px = x.getPixelForValue(f.day);
    const py = y.getPixelForValue(f.pieces);
    ctx.lineWidth = 1;
    ctx.setLineDash([2, 2]);
    ctx.beginPath();
    ctx.moveTo(px, chartArea.bottom);
    ctx.lineTo(px, py - 14);
    ctx.stroke();
    ctx.setLineDash([]);
    ctx.beginPath();
    ctx.moveTo(px, py - 14);
    ctx.lineTo(px + 9, py - 10.5);
    ctx.lineTo(px, py - 7);
    ctx.fill();
    ctx.beginPath();
    ctx.arc(px, py, 3, 0, 2 * Math.PI);
    ctx.stroke();
  }
  // Labels climb over each other: fewest pieces lowest. They come after all marks, so that none is drawn over.
  let floor = Infinity;
  for (const f of flags) {
    floor = Math.min(y.getPixelForValue(f.pieces) - 5, floor - 13);
    writeClear(ctx, `${whole(f.pieces)} ${f.name}`, x.getPixelForValue(f.day) + 12, floor);
  }
  ctx.restore();
}
