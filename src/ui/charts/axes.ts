import { significant, withCommas } from '../format';
import { useUnits } from '../preferences';
import { FAMILY } from './chart-parts';

/** What every chart shares: it fills its frame, does not move, and takes no pointer. */
export const STILL = {
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  events: [],
} satisfies object;

/** A line chart whose data come as points in order. */
export const STILL_LINE = { ...STILL, parsing: false as const, normalized: true } satisfies object;

const FONT = { family: FAMILY, size: 11 };

/**
 * Border, ticks and title of an axis in the type and ink of the page.
 *
 * @param ink a colour
 * @param title with its unit; '' for one that is shown elsewhere
 * @param ticks more about the ticks
 */
export function axis<T extends object>(ink: string, title: string, ticks: T) {
  return {
    border: { color: ink },
    ticks: { color: ink, font: FONT, maxRotation: 0, ...ticks },
    title: { display: true, text: title, color: ink, font: FONT },
  };
}

/** A figure at an axis, its thousands parted as the units of the screen part them. */
export function tickFigure(v: number | string): string {
  const text = significant(Number(v), 6);
  return useUnits.read() === 'inch' ? withCommas(text) : text;
}

/** Hairlines of a grid. */
export const grid = (hair: string) => ({ color: hair, lineWidth: 0.8 });
