'use client';
import { Text } from '@chakra-ui/react';
import { ChartBox } from '../charts/chart-box';
import { INK_VARIABLES } from '../theme/ink';
import type { Plugin } from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useRef } from 'react';
import type { LotSize } from '@/core/comparison/lot-sizes';
import { axis, grid, STILL_LINE, tickFigure } from '../charts/axes';
import { css, FAMILY } from '../charts/chart-parts';
import { drawNear } from '../charts/draw-near';
import { writeClear } from '../charts/names';
import { pushedApart } from '../charts/places';
import { whole } from '../format';

/** A line of the chart: what it shows of a lot size, its name at the end, its dash. */
export interface LotLine {
  readonly name: string;
  readonly of: (s: LotSize) => number;
  readonly dash: readonly number[];
}

/** Something against the lot size on a log axis; the best lot as a stroke, the brief's own as a dotted one. */
export function LotChart({
  sizes,
  lines,
  unit,
  title,
  best,
  own,
}: {
  readonly sizes: readonly LotSize[];
  readonly lines: readonly LotLine[];
  readonly unit: string;
  readonly title: string;
  readonly best: number;
  readonly own: number | null;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { resolvedTheme } = useTheme();
  useEffect(() => {
    const element = canvas.current;
    const last = sizes.at(-1);
    if (element === null || last === undefined) return;
    const ink = css(INK_VARIABLES.quiet);
    const marks: Plugin = {
      id: 'lots',
      afterDatasetsDraw: ({ ctx, chartArea, scales }) => {
        ctx.save();
        ctx.font = `11px ${FAMILY}`;
        const stroke = (lot: number, left: boolean, name: string, dash: number[], tone: string, y: number): void => {
          const x = scales['x']?.getPixelForValue(lot) ?? 0;
          ctx.strokeStyle = tone;
          ctx.fillStyle = tone;
          ctx.lineWidth = 1.5;
          ctx.setLineDash(dash);
          ctx.beginPath();
          ctx.moveTo(x, chartArea.top);
          ctx.lineTo(x, chartArea.bottom);
          ctx.stroke();
          ctx.textAlign = left ? 'right' : 'left';
          writeClear(ctx, name, x + (left ? -5 : 5), y);
        };
        const below = own !== null && own < best;
        stroke(best, !below, `best: ${whole(best)}`, [], css(INK_VARIABLES.ink), chartArea.top + 10);
        if (own !== null && own !== best)
          stroke(own, below, `brief: ${whole(own)}`, [2, 3], css(INK_VARIABLES.hot), chartArea.top + 24);
        ctx.setLineDash([]);
        ctx.fillStyle = css(INK_VARIABLES.ink);
        ctx.textAlign = 'left';
        const ends = lines
          .map((line) => ({ name: line.name, y: scales['y']?.getPixelForValue(line.of(last)) ?? 0 }))
          .sort((a, b) => a.y - b.y);
        const heights = ends.map((e) => e.y);
        pushedApart(heights, chartArea.top, chartArea.bottom, 13).forEach((y, i) => {
          ctx.fillText(ends[i]?.name ?? '', chartArea.right + 6, y + 4);
        });
        ctx.restore();
      },
    };
    const values = sizes.flatMap((s) => lines.map((line) => line.of(s))).filter((v) => v > 0);
    return drawNear(element, {
      type: 'line',
      data: {
        datasets: lines.map((line) => ({
          label: line.name,
          data: sizes.map((s) => ({ x: s.lot, y: line.of(s) })),
          borderColor: css(INK_VARIABLES.ink),
          borderDash: [...line.dash],
          borderWidth: line.dash.length === 0 ? 2.2 : 1.4,
          pointRadius: 0,
        })),
      },
      options: {
        ...STILL_LINE,
        layout: { padding: { right: 84, top: 4 } },
        scales: {
          x: {
            type: 'logarithmic',
            min: 1,
            max: last.lot,
            grid: { display: false },
            ...axis(ink, 'pieces a lot', {
              callback: (v: number | string) => (Number.isInteger(Math.log10(Number(v))) ? tickFigure(v) : ''),
              autoSkip: false,
            }),
          },
          y: {
            min: 0,
            max: ceiling(values),
            grid: grid(css(INK_VARIABLES.hair)),
            ...axis(ink, unit, { maxTicksLimit: 5, includeBounds: false, callback: tickFigure }),
          },
        },
      },
      plugins: [marks],
    });
  }, [sizes, lines, unit, best, own, resolvedTheme]);
  return (
    <figure>
      <Text as="figcaption" textStyle="label" color="fg.muted">
        {title}
      </Text>
      <ChartBox height="lot">
        <canvas ref={canvas} role="img" aria-label={`${title}. Best lot: ${whole(best)} pieces.`} />
      </ChartBox>
    </figure>
  );
}

/** The top of the scale: a lot of one piece may cost a hundred times the best and must not flatten the rest. */
function ceiling(values: readonly number[]): number {
  const least = Math.min(...values);
  return Math.min(
    Math.max(...values),
    Math.max(4 * least, [...values].sort((a, b) => a - b)[Math.floor(values.length * 0.75)] ?? 0),
  );
}
