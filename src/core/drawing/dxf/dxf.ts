import {
  Colors,
  DxfWriter,
  LWPolylineFlags,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  Units,
  point2d,
  point3d,
} from '@tarikjabiri/dxf';
import { drawn } from '../marks';
import { DRAWING_LAYERS, type PlacedDrawing, type Point } from '../types';

/**
 * A drawing as a DXF file: millimetres, one named layer for each kind of piece, lines, circles and texts.
 *
 * @param drawing with its text placed; legend lines of names and figures written under it
 * @returns the file’s text
 * @example
 * dxfFile(sheet, []).includes('SECTION') // true
 */
export function dxfFile(drawing: PlacedDrawing, legend: readonly string[]): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLType('DASHED', '__ __ __', [3, -1.5]);
  for (const layer of DRAWING_LAYERS) dxf.addLayer(layer, Colors.White, 'Continuous');
  dxf.addLayer('legend', Colors.White, 'Continuous');
  const polyline = (
    points: readonly Point[],
    closed: boolean,
    layerName: string,
    thick: number,
    dashed: boolean,
  ): void => {
    dxf.addLWPolyline(
      points.map(([x, y]) => ({ point: point2d(x, y) })),
      {
        ...{ layerName, flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
        ...(thick > 0 ? { constantWidth: thick } : {}),
        ...(dashed ? { lineType: 'DASHED' } : {}),
      },
    );
  };
  const text = (words: string, [x, y]: Point, size: number, layerName: string, turn: number, middle: boolean): void => {
    dxf.addText(point3d(x, y), size, words, {
      ...{ layerName, rotation: turn },
      ...(middle
        ? {
            ...{ horizontalAlignment: TextHorizontalAlignment.Center, verticalAlignment: TextVerticalAlignment.Middle },
            secondAlignmentPoint: point3d(x, y),
          }
        : {}),
    });
  };
  for (const it of drawn(drawing)) {
    if (it.kind === 'text') {
      text(it.text, it.at, it.size_mm, it.layer, it.turn, true);
      continue;
    }
    for (const ring of it.rings) polyline(ring, true, it.layer, it.thick_mm, it.dashed);
    for (const line of it.lines) polyline(line, false, it.layer, it.thick_mm, it.dashed);
    for (const { at, radius } of it.circles)
      dxf.addCircle(point3d(at[0], at[1]), radius, {
        layerName: it.layer,
        ...(it.dashed ? { lineType: 'DASHED' } : {}),
      });
  }
  const { x0, y0 } = drawing.bounds;
  [drawing.title, ...legend].forEach((line, i) =>
    text(line, [x0, y0 - (i + 2) * 1.5 * drawing.text_mm], drawing.text_mm, 'legend', 0, false),
  );
  return dxf.stringify();
}
