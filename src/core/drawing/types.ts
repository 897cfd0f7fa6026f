/** A point of a drawing, mm; x to the right, y up. */
export type Point = readonly [x: number, y: number];
/** A closed line, its first point not repeated. */
export type Ring = readonly Point[];

/** Layers of a drawing, from the one at the back to the one in front. */
export const DRAWING_LAYERS = [
  'mould',
  'part',
  'freezing',
  'cores',
  'cooling',
  'gating',
  'feeding',
  'vents',
  'holding',
  'sizes',
  'names',
] as const;
export type DrawingLayer = (typeof DRAWING_LAYERS)[number];

/** What a piece is filled with. */
export type Fill = 'none' | 'mould' | 'metal' | 'flow' | 'core' | 'quiet';
/** How far a place is from being lost. */
export type PlaceMark = 'low' | 'raised' | 'misrun';

/** Along which a piece may be drawn, and which value of the method moves with it. */
export interface DragLine {
  /** Id of the value that goes in. */
  readonly given: string;
  /** How far the piece moves for one unit of the value, mm. */
  readonly step: Point;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  /** Where it is taken hold of. */
  readonly at: Point;
}

/** A thing drawn: one or several alike, named once. */
export interface Piece {
  readonly id: string;
  readonly layer: DrawingLayer;
  readonly name: string;
  /** Figures and values it is drawn from: the first opens where it is clicked. */
  readonly figures: readonly string[];
  readonly fill: Fill;
  /** Closed outlines, even-odd. */
  readonly rings: readonly Ring[];
  readonly circles: readonly { readonly at: Point; readonly radius: number }[];
  readonly lines: readonly (readonly Point[])[];
  readonly dashed: boolean;
  /** Thickness of its lines, mm; 0 for a hairline. */
  readonly thick_mm: number;
  readonly mark: PlaceMark | null;
  /** A number written on it, no larger than its room, mm. */
  readonly numeral: { readonly text: string; readonly at: Point; readonly room_mm: number } | null;
  /** Where the line from its name ends; null where it is not named. */
  readonly anchor: Point | null;
  readonly drag: DragLine | null;
}

/** A distance that is told. */
export interface Distance {
  readonly id: string;
  readonly along: 'x' | 'y';
  readonly from: Point;
  readonly to: Point;
  readonly value_mm: number;
  /** Figure or value it is. */
  readonly figure: string;
  readonly name: string;
}

/** A drawing to scale. */
export interface Drawing {
  readonly id: string;
  readonly title: string;
  readonly pieces: readonly Piece[];
  readonly distances: readonly Distance[];
  /** Bodies of metal of one casting with what feeds it, as they are cut: what a run of freezing begins with. Rings even-odd within a body. */
  readonly metal?: readonly (readonly Ring[])[];
}

/** A box that text takes up: its middle, width and height, mm. */
export interface LabelBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A name’s number with the line that leads to what it names. */
export interface Balloon {
  readonly piece: string;
  readonly number: number;
  readonly at: Point;
  readonly radius: number;
  readonly anchor: Point;
}

/** A distance with its lines and text placed. */
export interface PlacedDistance extends Distance {
  readonly line: readonly [Point, Point];
  readonly witnesses: readonly (readonly [Point, Point])[];
  readonly text: string;
  readonly textAt: Point;
  /** Degrees, counter-clockwise. */
  readonly turn: number;
}

/** A drawing whose text is placed: nothing of it overlaps. */
export interface PlacedDrawing extends Drawing {
  readonly bounds: { readonly x0: number; readonly y0: number; readonly x1: number; readonly y1: number };
  /** Height of its text, mm of the drawing. */
  readonly text_mm: number;
  readonly balloons: readonly Balloon[];
  readonly placed: readonly PlacedDistance[];
  readonly numerals: readonly {
    readonly piece: string;
    readonly text: string;
    readonly at: Point;
    readonly size_mm: number;
  }[];
  readonly boxes: readonly LabelBox[];
}
