/** A name to be put above a picture: where its line ends, and how wide it is. px */
export interface TopName {
  readonly x: number;
  readonly width: number;
}

/**
 * Rows for names that stand right of the stroke that leads up to them, 0 the lowest. A name goes above every stroke
 * that would otherwise pass through it, so that neither names nor strokes cross.
 *
 * @param names in any order
 * @param gap free room between a name and the next stroke, px
 * @returns the row of each name, in the order given
 */
export function rowsAbove(names: readonly TopName[], gap = 6): number[] {
  const rows = names.map(() => 0);
  const order = names.map((_, i) => i).sort((a, b) => (names[b]?.x ?? 0) - (names[a]?.x ?? 0) || b - a);
  order.forEach((i, k) => {
    const { x, width } = names[i] ?? { x: 0, width: 0 };
    const under = order.slice(0, k).filter((j) => (names[j]?.x ?? 0) < x + width + gap);
    rows[i] = Math.max(-1, ...under.map((j) => rows[j] ?? 0)) + 1;
  });
  return rows;
}

/**
 * Heights for names beside the ends of their lines, pushed down where one would cover another, and back up where they
 * would leave the picture.
 *
 * @param ends heights of the ends, px, smallest first
 * @param top no name stands higher, px
 * @param bottom the last name stands no lower, px; where there is no room for all, the first leave the top instead
 * @param step from one name to the next at the least, px
 */
export function pushedApart(ends: readonly number[], top: number, bottom: number, step: number): number[] {
  let next = top;
  const placed = ends.map((y) => {
    const at = Math.max(y, next);
    next = at + step;
    return at;
  });
  let limit = bottom;
  return placed
    .reverse()
    .map((y) => {
      const at = Math.min(y, limit);
      limit = at - step;
      return at;
    })
    .reverse();
}
