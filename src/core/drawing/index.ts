/** Drawings to scale: pieces in millimetres, their text placed so that nothing overlaps, and the files made of them. */
export { drawn, type DrawnShape, type DrawnText } from './marks';
export { bar, moved, piece, rectangle, round, within } from './piece';
export { placed } from './place';
export { svgFile, svgPath } from './svg';
export {
  DRAWING_LAYERS,
  type Balloon,
  type Distance,
  type DragLine,
  type Drawing,
  type DrawingLayer,
  type Fill,
  type LabelBox,
  type Piece,
  type PlacedDistance,
  type PlacedDrawing,
  type PlaceMark,
  type Point,
  type Ring,
} from './types';
