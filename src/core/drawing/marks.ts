import {
  DRAWING_LAYERS,
  type DrawingLayer,
  type Fill,
  type PlaceMark,
  type PlacedDrawing,
  type Point,
  type Ring,
} from './types';

/** A stroke or an area of a drawing, ready to be drawn by any hand: screen, SVG, PDF, DXF. */
export interface DrawnShape {
  readonly kind: 'shape';
  readonly layer: DrawingLayer;
  /** Piece or distance it belongs to. */
  readonly of: string;
  readonly fill: Fill;
  readonly mark: PlaceMark | null;
  /** Closed lines, even-odd. */
  readonly rings: readonly Ring[];
  readonly lines: readonly (readonly Point[])[];
  readonly circles: readonly { readonly at: Point; readonly radius: number }[];
  readonly dashed: boolean;
  readonly thick_mm: number;
}

/** A text of a drawing: its middle, height, and turn in degrees. */
export interface DrawnText {
  readonly kind: 'text';
  readonly layer: DrawingLayer;
  readonly of: string;
  readonly text: string;
  readonly at: Point;
  readonly size_mm: number;
  readonly turn: number;
}

const PLAIN = {
  kind: 'shape',
  fill: 'none',
  mark: null,
  rings: [],
  lines: [],
  circles: [],
  dashed: false,
  thick_mm: 0,
} as const;
/** Half the length of the stroke that ends a distance, in heights of text. */
const TICK = 0.35;

/**
 * All that is to be drawn of a drawing, from back to front.
 *
 * @param drawing with its text placed
 * @returns shapes and texts, mm
 * @example
 * drawn(sheet).length > 20 // true
 */
export function drawn(drawing: PlacedDrawing): (DrawnShape | DrawnText)[] {
  const out: (DrawnShape | DrawnText)[] = [];
  for (const layer of DRAWING_LAYERS)
    for (const p of drawing.pieces) {
      if (p.layer !== layer) continue;
      const { fill, mark, rings, lines, circles, dashed, thick_mm } = p;
      out.push({ kind: 'shape', layer, of: p.id, fill, mark, rings, lines, circles, dashed, thick_mm });
    }
  for (const { piece, text, at, size_mm } of drawing.numerals)
    out.push({ kind: 'text', layer: 'names', of: piece, text, at, size_mm, turn: 0 });
  const tick = TICK * drawing.text_mm;
  for (const d of drawing.placed) {
    const ends = d.line.map(([x, y]): Point[] => [
      [x - tick, y - tick],
      [x + tick, y + tick],
    ]);
    out.push(
      { ...PLAIN, layer: 'sizes', of: d.id, lines: [d.line, ...d.witnesses, ...ends] },
      { kind: 'text', layer: 'sizes', of: d.id, text: d.text, at: d.textAt, size_mm: drawing.text_mm, turn: d.turn },
    );
  }
  for (const { piece, number, at, radius, anchor } of drawing.balloons) {
    const [dx, dy] = [anchor[0] - at[0], anchor[1] - at[1]];
    const far = Math.hypot(dx, dy) || 1;
    const from: Point = [at[0] + (dx / far) * radius, at[1] + (dy / far) * radius];
    out.push(
      { ...PLAIN, layer: 'names', of: piece, lines: [[from, anchor]] },
      { ...PLAIN, layer: 'names', of: piece, fill: 'quiet', circles: [{ at, radius }] },
      {
        ...{ kind: 'text', layer: 'names', of: piece, text: String(number), at },
        ...{ size_mm: 0.9 * drawing.text_mm, turn: 0 },
      },
    );
  }
  return out;
}
