import type { Balloon, Distance, Drawing, LabelBox, Piece, PlacedDistance, PlacedDrawing, Point } from './types';

/** Height of text as a share of the drawing’s longer side, and the width of a letter as a share of its height. */
const TEXT = 1 / 44;
const LETTER = 0.62;
/** Radius of a balloon, and how far apart their middles stand, in heights of text. */
const BALLOON = 0.95;
const APART = 2.15;
/** From the drawing to the first column of balloons or line of a distance, and from one to the next, in heights of text. */
const OFF = 1.6;
const LEVEL = 2.1;

interface Bounds {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

function boundsOf(pieces: readonly Piece[]): Bounds {
  const bounds = { x0: Infinity, y0: Infinity, x1: -Infinity, y1: -Infinity };
  const add = ([x, y]: Point, r = 0): void => {
    bounds.x0 = Math.min(bounds.x0, x - r);
    bounds.x1 = Math.max(bounds.x1, x + r);
    bounds.y0 = Math.min(bounds.y0, y - r);
    bounds.y1 = Math.max(bounds.y1, y + r);
  };
  for (const { rings, lines, circles, thick_mm } of pieces) {
    for (const ring of rings) for (const p of ring) add(p, thick_mm / 2);
    for (const line of lines) for (const p of line) add(p, thick_mm / 2);
    for (const { at, radius } of circles) add(at, radius);
  }
  return Number.isFinite(bounds.x0) ? bounds : { x0: 0, y0: 0, x1: 100, y1: 100 };
}

/**
 * Places the text of a drawing: names are numbered in columns to its left and right, distances lie on lines of their own below and to
 * the left, numerals stand on their pieces. No two of these boxes overlap.
 *
 * @param drawing pieces and distances, mm; say how a length is written, with its unit
 * @returns the drawing with its bounds, mm
 * @example
 * placed({ id: 'd', title: 'Section', pieces: [], distances: [] }, (mm) => `${mm} mm`).balloons.length // 0
 */
export function placed(drawing: Drawing, say: (mm: number) => string): PlacedDrawing {
  const inner = boundsOf(drawing.pieces);
  const text_mm = Math.max(inner.x1 - inner.x0, inner.y1 - inner.y0) * TEXT;
  const outer = { ...inner };
  const balloons = balloonsOf(drawing.pieces, inner, text_mm, outer);
  const distances = distancesOf(drawing.distances, inner, text_mm, outer, say);
  const numerals = drawing.pieces.flatMap((p) => {
    if (p.numeral === null) return [];
    const { text, at, room_mm } = p.numeral;
    const size_mm = Math.min(text_mm, room_mm / 1.4, room_mm / (LETTER * Math.max(1, text.length)));
    return [{ piece: p.id, text, at, size_mm }];
  });
  const boxes: LabelBox[] = [
    ...balloons.map(({ at: [x, y], radius }) => ({ x, y, width: 2 * radius, height: 2 * radius })),
    ...distances.map(({ textAt: [x, y], text, turn }) => {
      const [long, high] = [text.length * LETTER * text_mm, text_mm];
      return turn === 0 ? { x, y, width: long, height: high } : { x, y, width: high, height: long };
    }),
    ...numerals.map(({ at: [x, y], text, size_mm }) => ({
      ...{ x, y, width: text.length * LETTER * size_mm, height: size_mm },
    })),
  ];
  const pad = 0.6 * text_mm;
  const bounds = { x0: outer.x0 - pad, y0: outer.y0 - pad, x1: outer.x1 + pad, y1: outer.y1 + pad };
  return { ...drawing, bounds, text_mm, balloons, placed: distances, numerals, boxes };
}

function balloonsOf(pieces: readonly Piece[], inner: Bounds, text: number, outer: Bounds): Balloon[] {
  const radius = BALLOON * text;
  const named = pieces.flatMap((p) => (p.anchor === null ? [] : [{ id: p.id, anchor: p.anchor }]));
  const middle = (inner.x0 + inner.x1) / 2;
  // Nearer side first; the fuller side hands over what is nearest to the middle.
  const left = named.filter(({ anchor }) => anchor[0] < middle);
  const right = named.filter(({ anchor }) => anchor[0] >= middle);
  const hand = (from: typeof left, to: typeof left, sign: number): void => {
    from.sort((a, b) => sign * (b.anchor[0] - a.anchor[0]));
    while (from.length > to.length + 1) to.push(...from.splice(0, 1));
  };
  if (left.length > right.length) hand(left, right, 1);
  else hand(right, left, -1);
  const column = (list: typeof left, x: number): Omit<Balloon, 'number'>[] => {
    list.sort((a, b) => b.anchor[1] - a.anchor[1]);
    const apart = APART * text;
    const ys = list.map(({ anchor }) => anchor[1]);
    for (let i = 1; i < ys.length; i++) ys[i] = Math.min(ys[i] as number, (ys[i - 1] as number) - apart);
    // The column is moved so that it hangs about the drawing, not below it.
    const low = ys.at(-1) ?? 0;
    const lift = Math.max(0, Math.min(inner.y0 + radius - low, inner.y1 - radius - (ys[0] ?? 0) + apart * ys.length));
    return list.map(({ id, anchor }, i) => {
      const y = (ys[i] as number) + lift;
      outer.y0 = Math.min(outer.y0, y - radius);
      outer.y1 = Math.max(outer.y1, y + radius);
      return { piece: id, anchor, at: [x, y] as const, radius };
    });
  };
  const found = [...column(left, inner.x0 - OFF * text - radius), ...column(right, inner.x1 + OFF * text + radius)];
  if (left.length > 0) outer.x0 = inner.x0 - OFF * text - 2 * radius;
  if (right.length > 0) outer.x1 = inner.x1 + OFF * text + 2 * radius;
  // Numbered as they are listed, so that the list beside the drawing reads in its order.
  const order = new Map(named.map(({ id }, i) => [id, i + 1]));
  return found.map((b) => ({ ...b, number: order.get(b.piece) ?? 0 })).toSorted((a, b) => a.number - b.number);
}

/** Whether two distances lie between the same two levels. */
const isSame = (a: Distance, b: Distance): boolean => {
  const k = a.along === 'x' ? 0 : 1;
  const ends = (d: Distance): number[] => [d.from[k], d.to[k]].toSorted((x, y) => x - y);
  return a.along === b.along && ends(a).every((x, i) => Math.abs(x - (ends(b)[i] ?? NaN)) < 0.01);
};

function distancesOf(
  distances: readonly Distance[],
  inner: Bounds,
  text: number,
  outer: Bounds,
  say: (mm: number) => string,
): PlacedDistance[] {
  const shortFirst = (along: 'x' | 'y'): Distance[] =>
    distances
      .filter((d, i) => d.along === along && d.value_mm > 0 && !distances.slice(0, i).some((e) => isSame(d, e)))
      .toSorted((a, b) => a.value_mm - b.value_mm);
  const below = outer.y0 - OFF * text;
  const beside = outer.x0 - OFF * text;
  const gap = 0.25 * text;
  const out: PlacedDistance[] = [];
  shortFirst('x').forEach((d, i) => {
    const y = below - i * LEVEL * text;
    const [a, b] = [d.from, d.to].toSorted((p, q) => p[0] - q[0]) as [Point, Point];
    const words = say(d.value_mm);
    const half = (words.length * LETTER * text) / 2;
    const x = Math.max(inner.x0 + half, Math.min(inner.x1 - half, (a[0] + b[0]) / 2));
    out.push({
      ...{ ...d, text: words, turn: 0, textAt: [x, y + 0.75 * text] },
      line: [
        [a[0], y],
        [b[0], y],
      ],
      witnesses: [a, b].map(([px, py]) => [
        [px, py - gap],
        [px, y - gap],
      ]),
    });
    outer.y0 = Math.min(outer.y0, y - 0.4 * text);
    outer.x0 = Math.min(outer.x0, x - half);
    outer.x1 = Math.max(outer.x1, x + half);
  });
  shortFirst('y').forEach((d, i) => {
    const x = beside - i * LEVEL * text;
    const [a, b] = [d.from, d.to].toSorted((p, q) => p[1] - q[1]) as [Point, Point];
    const words = say(d.value_mm);
    const half = (words.length * LETTER * text) / 2;
    const y = Math.max(inner.y0 + half, Math.min(inner.y1 - half, (a[1] + b[1]) / 2));
    out.push({
      ...{ ...d, text: words, turn: 90, textAt: [x - 0.75 * text, y] },
      line: [
        [x, a[1]],
        [x, b[1]],
      ],
      witnesses: [a, b].map(([px, py]) => [
        [px - gap, py],
        [x - gap, py],
      ]),
    });
    outer.x0 = Math.min(outer.x0, x - 1.4 * text);
    outer.y0 = Math.min(outer.y0, y - half);
    outer.y1 = Math.max(outer.y1, y + half);
  });
  return out;
}
