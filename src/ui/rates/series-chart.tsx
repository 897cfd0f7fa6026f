'use client';
import { ChartBox } from '../charts/chart-box';
import { INK_VARIABLES } from '../theme/ink';
import type { Plugin } from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useRef } from 'react';
import { metalSeries } from '@/core/rates';
import { axis, grid, STILL_LINE, tickFigure } from '../charts/axes';
import { css } from '../charts/chart-parts';
import { drawNear } from '../charts/draw-near';
import { plainDate } from '../format';

/** The simulated price series of a metal family as a line, the chosen day as a hand. */
export function SeriesChart({
  family,
  name,
  date,
}: {
  readonly family: string;
  readonly name: string;
  readonly date: string | null;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { resolvedTheme } = useTheme();
  useEffect(() => {
    const element = canvas.current;
    if (element === null) return;
    const series = metalSeries(family);
    const ink = css(INK_VARIABLES.quiet);
    const at = date === null ? -1 : series.findLastIndex((d) => d.date <= date);
    const hand: Plugin = {
      id: 'hand',
      afterDatasetsDraw: ({ ctx, chartArea, scales }) => {
        if (at < 0) return;
        const x = scales['x']?.getPixelForValue(at) ?? 0;
        ctx.save();
        ctx.strokeStyle = css(INK_VARIABLES.hot);
        ctx.lineWidth = 2;
        ctx.beginPath();
        ctx.moveTo(x, chartArea.top);
        ctx.lineTo(x, chartArea.bottom);
        ctx.stroke();
        ctx.restore();
      },
    };
    const years = series.flatMap((d, i) => (series[i - 1]?.date.slice(0, 4) === d.date.slice(0, 4) ? [] : [i]));
    return drawNear(element, {
      type: 'line',
      data: {
        datasets: [
          {
            data: series.map((d, i) => ({ x: i, y: d.index })),
            borderColor: css(INK_VARIABLES.ink),
            borderWidth: 1.2,
            pointRadius: 0,
          },
        ],
      },
      options: {
        ...STILL_LINE,
        scales: {
          x: {
            type: 'linear',
            min: 0,
            max: series.length - 1,
            afterBuildTicks: (axis) => {
              axis.ticks = years.map((value) => ({ value }));
            },
            grid: grid(css(INK_VARIABLES.hair)),
            ...axis(ink, '', {
              callback: (v: number | string) => series[Number(v)]?.date.slice(0, 4) ?? '',
              align: 'start' as const,
            }),
            title: { display: false },
          },
          y: {
            grid: grid(css(INK_VARIABLES.hair)),
            ...axis(ink, 'of the table price', { maxTicksLimit: 4, callback: tickFigure }),
          },
        },
      },
      plugins: [hand],
    });
  }, [family, date, resolvedTheme]);
  return (
    <ChartBox height="low">
      <canvas
        ref={canvas}
        role="img"
        aria-label={`Simulated price of ${name} over time, as a share of the table price${date === null ? '' : `; chosen: ${plainDate(date)}`}`}
      />
    </ChartBox>
  );
}
