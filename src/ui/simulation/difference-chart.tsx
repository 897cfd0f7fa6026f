'use client';
import { INK_VARIABLES } from '../theme/ink';
import { chakra, Text } from '@chakra-ui/react';
import { ChartBox } from '../charts/chart-box';
import { FigureButton } from '../kit';
import type { Chart, ChartConfiguration, Plugin } from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useRef } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { axis, grid, STILL } from '../charts/axes';
import { css } from '../charts/chart-parts';
import { drawNear } from '../charts/draw-near';
import { whole } from '../format';
import { differenceDrawn, percent, rough, type DifferenceSpread, type DrawnHow } from '@/core/simulation';
import { useSheets } from '../working/sheets';

/** How far the next route is over the leader, draw by draw: bars right of the line at zero are draws the leader wins. */
export function DifferenceChart({
  difference,
  currency,
  how,
  q,
}: {
  readonly difference: DifferenceSpread;
  readonly currency: string;
  readonly how: DrawnHow;
  /** Pieces it was drawn at. */
  readonly q: number;
}) {
  const { openWorking } = useSheets();
  const canvas = useRef<HTMLCanvasElement>(null);
  const { resolvedTheme } = useTheme();
  const { first, holds } = difference;
  const made = useRef<Chart<'bar'> | null>(null);
  const shown = useRef({ difference, currency });
  useEffect(() => {
    const element = canvas.current;
    if (element === null) return;
    const [ink, soft, hair] = [css(INK_VARIABLES.ink), css(INK_VARIABLES.quiet), css(INK_VARIABLES.hair)];
    const zero: Plugin = {
      id: 'zero',
      afterDatasetsDraw: (chart) => {
        const { from, to } = shown.current.difference;
        const { left, right, top, bottom } = chart.chartArea;
        const x = left + ((0 - from) / (to - from)) * (right - left);
        if (x < left || x > right) return;
        const { ctx } = chart;
        ctx.save();
        ctx.strokeStyle = css(INK_VARIABLES.hot);
        ctx.lineWidth = 1.5;
        ctx.beginPath();
        ctx.moveTo(x, top);
        ctx.lineTo(x, bottom);
        ctx.stroke();
        ctx.restore();
      },
    };
    const config: ChartConfiguration<'bar'> = {
      type: 'bar',
      data: {
        labels: [],
        datasets: [
          {
            data: [],
            borderColor: ink,
            barPercentage: 0.94,
            categoryPercentage: 1,
          },
        ],
      },
      options: {
        ...STILL,
        scales: {
          x: { grid: { display: false }, ...axis(soft, '', { autoSkip: true, maxTicksLimit: 7 }) },
          y: {
            grid: grid(hair),
            ...axis(soft, 'simulations', { maxTicksLimit: 4, callback: (v: number | string) => whole(Number(v)) }),
            border: { display: false },
          },
        },
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
      },
      plugins: [zero],
    };
    const stop = drawNear(element, config, (chart) => {
      made.current = chart;
      redraw(chart, shown.current.difference, shown.current.currency);
    });
    return () => {
      stop();
      made.current = null;
    };
  }, [resolvedTheme]);
  useEffect(() => {
    shown.current = { difference, currency };
    if (made.current !== null) redraw(made.current, difference, currency);
  }, [difference, currency, resolvedTheme]);
  return (
    <chakra.figure maxW="47.5rem" mt="2.5" mb="3.5">
      <ChartBox height="lot">
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${shortName(first)} is the cheaper of the two in ${percent(holds.share)} % of the simulations; half of them lie above ${rough(difference.band.p50)} ${currency}`}
        />
      </ChartBox>
      <Text as="figcaption" textStyle="label" color="fg.muted">
        Filled bars: simulations in which {shortName(first)} is cheaper,{' '}
        <FigureButton
          title="Open the working"
          onClick={() => {
            const made = differenceDrawn(difference, currency, how);
            openWorking({ laneId: first, figure: made.figure, q, working: made });
          }}
        >
          {percent(holds.share)} %
        </FigureButton>
        . The outermost bars hold everything beyond.
      </Text>
    </chakra.figure>
  );
}

const middleOf = ({ from, to, bars }: DifferenceSpread, i: number): number =>
  from + ((i + 0.5) * (to - from)) / bars.length;

/** Draws other draws in the same chart: nothing flickers while they come in. */
function redraw(chart: Chart<'bar'>, difference: DifferenceSpread, currency: string): void {
  const [set] = chart.data.datasets;
  if (set === undefined) return;
  const soft = css(INK_VARIABLES.quiet);
  const wins = difference.bars.map((_, i) => middleOf(difference, i) >= 0);
  set.data = [...difference.bars];
  set.backgroundColor = wins.map((w) => (w ? soft : 'transparent'));
  set.borderWidth = wins.map((w) => (w ? 0 : 1));
  chart.data.labels = difference.bars.map((_, i) => rough(middleOf(difference, i)));
  const title = `${currency}: ${shortName(difference.second)} less ${shortName(difference.first)}, whole programme`;
  const x = chart.options.scales?.['x'];
  if (x !== undefined && 'title' in x && x.title !== undefined) x.title.text = title;
  chart.update('none');
}
