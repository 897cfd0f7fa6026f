import type { Piece, Point, Ring } from './types';

/**
 * A piece of a drawing with what is not said left plain.
 *
 * @example
 * piece({ id: 'flask', layer: 'mould', name: 'Flask', rings: [rectangle(0, 0, 10, 5)] }).fill // 'none'
 */
export const piece = (of: Pick<Piece, 'id' | 'layer' | 'name'> & Partial<Piece>): Piece => ({
  ...{ figures: [], fill: 'none', rings: [], circles: [], lines: [], dashed: false, thick_mm: 0 },
  ...{ mark: null, numeral: null, anchor: null, drag: null },
  ...of,
});

/**
 * A rectangle between two corners, mm.
 *
 * @example
 * rectangle(0, 0, 10, 5).length // 4
 */
export const rectangle = (x0: number, y0: number, x1: number, y1: number): Ring => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];

/**
 * Rings moved, and turned about nought first.
 *
 * @param by mm; turn quarter turns, counter-clockwise
 * @example
 * moved([[[1, 0], [2, 0], [2, 1]]], [10, 0])[0][0] // [11, 0]
 */
export const moved = (rings: readonly Ring[], [dx, dy]: Point, turn = 0): Ring[] =>
  rings.map((ring) =>
    ring.map(([x, y]): Point => {
      const [u, v] = turn === 1 ? [-y, x] : turn === 2 ? [-x, -y] : turn === 3 ? [y, -x] : [x, y];
      return [u + dx, v + dy];
    }),
  );

const ROUND = 48;

/**
 * A circle as a ring, mm.
 *
 * @example
 * round([0, 0], 5).length // 48
 */
export const round = ([x, y]: Point, radius: number): Ring =>
  Array.from({ length: ROUND }, (_, i): Point => {
    const a = (2 * Math.PI * i) / ROUND;
    return [x + radius * Math.cos(a), y + radius * Math.sin(a)];
  });

/**
 * A straight channel from one point to another, of a width, as a ring, mm.
 *
 * @example
 * bar([0, 0], [10, 0], 2).length // 4
 */
export function bar([x0, y0]: Point, [x1, y1]: Point, width: number): Ring {
  const far = Math.hypot(x1 - x0, y1 - y0) || 1;
  const [u, w] = [(-(y1 - y0) / far) * (width / 2), ((x1 - x0) / far) * (width / 2)];
  return [
    [x0 + u, y0 + w],
    [x0 - u, y0 - w],
    [x1 - u, y1 - w],
    [x1 + u, y1 + w],
  ];
}

/**
 * Whether a point lies in rings, even-odd.
 *
 * @example
 * within([rectangle(0, 0, 10, 10)], [5, 5]) // true
 */
export const within = (rings: readonly Ring[], [x, y]: Point): boolean =>
  rings.reduce(
    (inside, ring) =>
      ring.reduce((odd, [x0, y0], i) => {
        const [x1, y1] = ring[(i + 1) % ring.length] as Point;
        return y0 > y !== y1 > y && x < x0 + ((y - y0) / (y1 - y0)) * (x1 - x0) ? !odd : odd;
      }, inside),
    false,
  );
