import { css } from './chart-parts';
import { ROUTE_DASH, ROUTE_WEIGHT, toneOf } from '../marks/tone';

/** Colour, dash and weight of the line of a lane or of its route: the same in every chart and beside every name. */
export function lineOf(id: string) {
  const route = id.split('/')[0] ?? id;
  return {
    borderColor: css(toneOf(id)),
    borderDash: [...(ROUTE_DASH[route] ?? [])],
    borderWidth: ROUTE_WEIGHT[route] ?? 2,
    pointRadius: 0,
    tension: 0,
  };
}
