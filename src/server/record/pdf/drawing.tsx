import { Circle, G, Path, Svg, Text } from '@react-pdf/renderer';
import { drawn, svgPath, type DrawnShape, type Fill, type PlacedDrawing } from '@/core/drawing';
import { FACE, INK, text } from './style';

/** Greys that a copier keeps apart. */
const FILLS: Readonly<Record<Fill, string>> = {
  ...{ none: 'none', mould: '#f1ede5', metal: '#c3bcae', flow: '#e2dccf', core: '#d8cfbd', quiet: '#ffffff' },
};

/** A drawing on paper, as large as its place allows. @param wide of the place @param high of it at most, points */
export function DrawingOnPaper({
  drawing,
  wide,
  high,
}: {
  readonly drawing: PlacedDrawing;
  readonly wide: number;
  readonly high: number;
}) {
  const { x0, y0, x1, y1 } = drawing.bounds;
  const scale = Math.min(wide / (x1 - x0), high / (y1 - y0));
  const hair = 0.5 / scale;
  return (
    <Svg viewBox={`${x0} 0 ${x1 - x0} ${y1 - y0}`} width={scale * (x1 - x0)} height={scale * (y1 - y0)}>
      {drawn(drawing).map((it, i) =>
        it.kind === 'shape' ? (
          <Shape key={i} shape={it} up={y1} hair={hair} />
        ) : (
          <G key={i} {...(it.turn === 0 ? {} : { transform: `rotate(${-it.turn} ${it.at[0]} ${y1 - it.at[1]})` })}>
            <Text
              x={it.at[0]}
              y={y1 - it.at[1] + 0.36 * it.size_mm}
              textAnchor="middle"
              style={{ fontFamily: FACE, fontSize: it.size_mm, fill: INK }}
            >
              {text(it.text)}
            </Text>
          </G>
        ),
      )}
    </Svg>
  );
}

function Shape({ shape, up, hair }: { readonly shape: DrawnShape; readonly up: number; readonly hair: number }) {
  const { fill, mark, rings, lines, circles, dashed, thick_mm } = shape;
  const wall = thick_mm > 0 && fill === 'mould';
  const style = {
    ...{ fill: FILLS[fill], fillRule: 'evenodd' as const, stroke: wall ? FILLS.mould : INK },
    strokeWidth: Math.max(hair, thick_mm),
    ...(dashed || mark === 'raised' ? { strokeDasharray: `${8 * hair} ${4 * hair}` } : {}),
  };
  const d = rings.length + lines.length === 0 ? '' : svgPath(rings, lines, up);
  const xs = rings.flat().map(([x]) => x);
  const ys = rings.flat().map(([, y]) => up - y);
  return (
    <G>
      {wall && d !== '' && <Path d={d} fill="none" stroke={INK} strokeWidth={thick_mm + 2 * hair} />}
      {d !== '' && <Path d={d} {...style} />}
      {circles.map(({ at: [x, y], radius }, i) => (
        <Circle key={i} cx={x} cy={up - y} r={radius} {...style} />
      ))}
      {mark === 'misrun' && xs.length > 0 && (
        <Path
          d={`M${Math.min(...xs)} ${Math.min(...ys)}L${Math.max(...xs)} ${Math.max(...ys)}M${Math.max(...xs)} ${Math.min(...ys)}L${Math.min(...xs)} ${Math.max(...ys)}`}
          stroke={INK}
          strokeWidth={2 * hair}
        />
      )}
    </G>
  );
}
