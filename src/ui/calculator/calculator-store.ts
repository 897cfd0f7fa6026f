import type { Link } from '@/core/comparison/calculator';
import { readFigure } from '../fields/numbers';

/** A link as it is typed: the value stays text until it can be read. */
export interface TypedLink {
  readonly name: string;
  readonly value: string;
  readonly unit: string;
  readonly by: Link['by'];
}

/** True for a list of typed links. */
export const isTypedLinks = (x: unknown): x is readonly TypedLink[] =>
  Array.isArray(x) &&
  x.length > 0 &&
  x.every(
    (l: unknown) =>
      typeof l === 'object' &&
      l !== null &&
      ['name', 'value', 'unit'].every((k) => typeof (l as Record<string, unknown>)[k] === 'string') &&
      ['times', 'over'].includes((l as TypedLink).by),
  );

/** A figure as it stands in a field: no thousands marks, up to seven digits. */
export const typed = (x: number): string => String(Number(x.toPrecision(7)));

/** Links ready to be typed over. */
export const typedLinks = (links: readonly Link[]): readonly TypedLink[] =>
  links.map((l) => ({ ...l, value: typed(l.value) }));

/** A typed figure; NaN when it cannot be read. */
export function readTyped(text: string): number {
  const read = readFigure(text, null, 'si');
  return typeof read === 'number' ? read : NaN;
}
