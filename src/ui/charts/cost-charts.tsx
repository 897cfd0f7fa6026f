'use client';
import { Text } from '@chakra-ui/react';
import { INK_VARIABLES } from '../theme/ink';
import { ChartBox } from './chart-box';
import type { Chart, ChartConfiguration, Plugin } from 'chart.js';
import { useTheme } from 'next-themes';
import { useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import { RAIL_MAX, type Curve } from '@/core/comparison/board';
import { laneWords } from '@/core/catalogue/routes';
import { perPart, whole } from '../format';
import { axis, STILL_LINE } from './axes';
import { css } from './chart-parts';
import { drawNear } from './draw-near';
import { lineOf } from './line-of';
import { drawEndNames } from './names';

interface Props {
  readonly curves: readonly Curve[];
  readonly what: 'allIn' | 'total';
  readonly q: number;
  readonly currency: string;
  readonly title: string;
}

/** Cost against quantity on log axes: a line for each survivor, named at its end, and the chosen quantity as a hand. */
export function CostChart({ curves, what, q, currency, title }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line'> | null>(null);
  const hand = useRef(q);
  const handle = useRef<HTMLSpanElement>(null);
  const { resolvedTheme } = useTheme();

  useEffect(() => {
    const element = canvas.current;
    if (element === null) return;
    const ink = css(INK_VARIABLES.quiet);
    const hair = css(INK_VARIABLES.hair);
    const marks: Plugin = {
      id: 'marks',
      afterDatasetsDraw: (c) => {
        drawEndNames(c, css(INK_VARIABLES.ink));
        placeHand(c, handle.current, hand.current);
      },
    };
    const decades = {
      color: (c: { tick: { value: number } }) => (isDecade(c.tick.value) ? hair : 'transparent'),
      lineWidth: 0.8,
    };
    const ticks = {
      callback: (v: number | string) => (isDecade(Number(v)) ? decade(Number(v)) : ''),
      autoSkip: false,
    };
    const config: ChartConfiguration<'line'> = {
      type: 'line',
      data: {
        datasets: curves.map((curve) => ({
          ...lineOf(curve.id),
          label: laneWords(curve.id).route,
          data: curve.q.map((x, i) => ({ x, y: curve[what][i] ?? NaN })),
        })),
      },
      options: {
        ...STILL_LINE,
        layout: { padding: { right: 130, top: 6 } },
        scales: {
          x: { type: 'logarithmic', min: 1, max: RAIL_MAX, grid: decades, ...axis(ink, 'pieces', ticks) },
          y: {
            type: 'logarithmic',
            grid: decades,
            ...axis(ink, what === 'allIn' ? `${currency} per part` : currency, ticks),
          },
        },
      },
      plugins: [marks],
    };
    const stop = drawNear(element, config, (made) => (chart.current = made));
    return () => {
      stop();
      chart.current = null;
    };
  }, [curves, what, currency, resolvedTheme]);

  useLayoutEffect(() => {
    hand.current = q;
    if (chart.current !== null) placeHand(chart.current, handle.current, q);
  }, [q]);

  const summary = useMemo(
    () =>
      curves
        .map((curve) => {
          const i = Math.max(
            0,
            curve.q.findLastIndex((x) => x <= q),
          );
          const v = curve[what][i] ?? 0;
          return `${laneWords(curve.id).route} ${what === 'allIn' ? perPart(v) : whole(v)} ${currency}`;
        })
        .join('; '),
    [curves, what, q, currency],
  );
  return (
    <figure>
      <Text as="figcaption" textStyle="label" color="fg.muted">
        {title}
      </Text>
      <ChartBox>
        <canvas ref={canvas} role="img" aria-label={`${title}. At about ${q} pieces: ${summary}`} />
        <span ref={handle} data-hand="" aria-hidden="true" />
      </ChartBox>
    </figure>
  );
}

/** 1, 10, 100, 1 k … 1 M … */
const decade = (v: number): string => (v >= 1e6 ? `${v / 1e6} M` : v >= 1000 ? `${v / 1000} k` : String(v));

const isDecade = (v: number): boolean => Math.abs(Math.log10(v) - Math.round(Math.log10(v))) < 1e-9;

/** Moves the hand to a quantity: an element over the canvas, so that dragging redraws no line. */
function placeHand(c: Pick<Chart, 'chartArea' | 'scales'>, element: HTMLElement | null, q: number): void {
  if (element === null) return;
  const { chartArea, scales } = c;
  const x = scales['x']?.getPixelForValue(q) ?? chartArea.left;
  element.style.transform = `translate(${x - 1}px, ${chartArea.top}px)`;
  element.style.height = `${chartArea.bottom - chartArea.top}px`;
}
