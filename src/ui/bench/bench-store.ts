import type { Link } from '@/core/bench';

/** A link as it is typed: the value stays text until it can be read. */
export interface TypedLink {
  readonly name: string;
  readonly value: string;
  readonly unit: string;
  readonly by: Link['by'];
}

const key = (sheet: string): string => `nine-pours-bench-${sheet}`;

/** What was typed on a sheet of the bench in this browser, or null. */
export function keptSheet<T>(sheet: string, isIt: (x: unknown) => x is T): T | null {
  try {
    const raw: unknown = JSON.parse(localStorage.getItem(key(sheet)) ?? 'null');
    return isIt(raw) ? raw : null;
  } catch {
    return null;
  }
}

/** Keeps what was typed on a sheet in this browser. */
export function keepSheet(sheet: string, value: unknown): void {
  try {
    localStorage.setItem(key(sheet), JSON.stringify(value));
  } catch {
    // Without browser storage it lives on this screen only.
  }
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

/** A typed figure: spaces between thousands and a comma for the point are taken; NaN when it cannot be read. */
export function readTyped(text: string): number {
  const plain = text
    .replace(/[\s\u202f\u00a0]/g, '')
    .replace(',', '.')
    .replace('\u2212', '-');
  return plain === '' ? NaN : Number(plain);
}
