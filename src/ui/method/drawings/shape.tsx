import { svgPath, type DrawnShape } from '@/core/drawing';
import { INK } from '../../theme/ink';
import { FILLS, isWall, strokeOf } from './paint';

/** A stroke or an area of a drawing. @param up height that y is counted from, mm @param hair thickness of a hairline, mm */
export function ShapeMark({
  shape,
  up,
  hair,
}: {
  readonly shape: DrawnShape;
  readonly up: number;
  readonly hair: number;
}) {
  const { fill, mark, rings, lines, circles, dashed, thick_mm } = shape;
  const wall = isWall(shape);
  const style = {
    ...{ fill: FILLS[fill], fillRule: 'evenodd' as const, stroke: wall ? FILLS.mould : strokeOf(mark) },
    strokeWidth: Math.max(hair, thick_mm),
    ...(dashed || mark === 'raised' ? { strokeDasharray: `${12 * hair} ${6 * hair}` } : {}),
  };
  const d = rings.length + lines.length === 0 ? '' : svgPath(rings, lines, up);
  return (
    <>
      {wall && d !== '' && <path d={d} fill="none" stroke={INK.ink} strokeWidth={thick_mm + 2 * hair} />}
      {d !== '' && <path d={d} {...style} />}
      {circles.map(({ at: [x, y], radius }, i) => (
        <circle key={i} cx={x} cy={up - y} r={radius} {...style} />
      ))}
      {mark === 'misrun' && d !== '' && <Crossed shape={shape} up={up} hair={hair} />}
    </>
  );
}

/** A cross over a place that is lost. */
function Crossed({ shape, up, hair }: { readonly shape: DrawnShape; readonly up: number; readonly hair: number }) {
  const xs = shape.rings.flat().map(([x]) => x);
  const ys = shape.rings.flat().map(([, y]) => up - y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return (
    <path
      d={`M${x0} ${y0}L${x1} ${y1}M${x1} ${y0}L${x0} ${y1}`}
      stroke={INK.alarm}
      strokeWidth={2 * hair}
      fill="none"
    />
  );
}
