import { G, Line, Polyline, Rect, Svg, Text as SvgText } from '@react-pdf/renderer';
import { costCurvesOf } from '@/core/comparison/board';
import { type Study } from '@/core/study';
import { ROUTE_DASH, shortName } from '@/core/catalogue/routes';
import { significant, whole } from '@/core/base/numbers';
import { FACE, HAIR, HOT, INK, QUIET, text } from './style';

const WIDTH = 500;
const HEIGHT = 170;
const LEFT = 38;
const RIGHT = 96;
const TOP = 6;
const BOTTOM = 22;
/** Lines drawn, the cheapest at the quantity first. */
const MOST = 5;
const POINTS = 90;

/** All in a part against quantity, both by ratio, the chosen route in the hot colour; a rule stands at the quantity. */
export function CostChart({
  study,
  q,
  chosen,
}: {
  readonly study: Study;
  readonly q: number;
  readonly chosen: string;
}) {
  const { curves } = costCurvesOf(study, POINTS);
  const route = chosen.split('/')[0] ?? chosen;
  const near = (list: readonly number[]): number =>
    list.reduce(
      (best, x, i) => (Math.abs(Math.log(x / q)) < Math.abs(Math.log((list[best] as number) / q)) ? i : best),
      0,
    );
  const shown = curves
    .map((c) => ({ ...c, here: c.allIn[near(c.q)] ?? Infinity }))
    .sort((a, b) => Number(b.id === route) - Number(a.id === route) || a.here - b.here)
    .slice(0, MOST);
  const [from, to] = [Math.max(1, q / 100), Math.min(1_000_000, q * 20)];
  const inside = shown.map((c) => ({
    ...c,
    points: c.q.flatMap((x, i) => (x >= from && x <= to ? [{ x, y: c.allIn[i] as number }] : [])),
  }));
  const ys = inside.flatMap((c) => c.points.map((p) => p.y));
  const low = Math.min(...ys);
  const high = Math.min(Math.max(...ys), low * 60);
  const px = (x: number): number => LEFT + ((WIDTH - LEFT - RIGHT) * Math.log(x / from)) / Math.log(to / from);
  const py = (y: number): number =>
    TOP + (HEIGHT - TOP - BOTTOM) * (1 - Math.log(Math.min(y, high) / low) / Math.log(high / low));
  const floor = HEIGHT - BOTTOM;
  const ends = spread(inside.map((c) => ({ id: c.id, y: py(c.points.at(-1)?.y ?? low) })));
  return (
    <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
      {ticks(from, to).map((x) => (
        <G key={`x${x}`}>
          <Line x1={px(x)} y1={TOP} x2={px(x)} y2={floor} stroke={HAIR} strokeWidth={0.5} />
          <SvgText x={px(x)} y={floor + 9} style={{ fontFamily: FACE, fontSize: 6.5 }} fill={QUIET} textAnchor="middle">
            {text(whole(x))}
          </SvgText>
        </G>
      ))}
      {ticks(low, high).map((y) => (
        <G key={`y${y}`}>
          <Line x1={LEFT} y1={py(y)} x2={WIDTH - RIGHT} y2={py(y)} stroke={HAIR} strokeWidth={0.5} />
          <SvgText
            x={LEFT - 4}
            y={py(y) + 2.2}
            style={{ fontFamily: FACE, fontSize: 6.5 }}
            fill={QUIET}
            textAnchor="end"
          >
            {text(significant(y, 3))}
          </SvgText>
        </G>
      ))}
      <Rect
        x={LEFT}
        y={TOP}
        width={WIDTH - LEFT - RIGHT}
        height={floor - TOP}
        stroke={INK}
        strokeWidth={0.6}
        fill="none"
      />
      {inside.map((c) => (
        <Polyline
          key={c.id}
          points={c.points.map((p) => `${px(p.x).toFixed(1)},${py(p.y).toFixed(1)}`).join(' ')}
          fill="none"
          stroke={c.id === route ? HOT : INK}
          strokeWidth={c.id === route ? 1.8 : 0.9}
          {...(ROUTE_DASH[c.id]?.length ? { strokeDasharray: ROUTE_DASH[c.id]?.join(' ') } : {})}
        />
      ))}
      <Line x1={px(q)} y1={TOP} x2={px(q)} y2={floor} stroke={HOT} strokeWidth={0.9} />
      {ends.map((e) => (
        <SvgText
          key={e.id}
          x={WIDTH - RIGHT + 5}
          y={e.y + 2.2}
          style={{ fontFamily: FACE, fontSize: 7, fontWeight: e.id === route ? 600 : 400 }}
          fill={e.id === route ? HOT : INK}
        >
          {text(nameOf(e.id))}
        </SvgText>
      ))}
      <SvgText
        x={(LEFT + WIDTH - RIGHT) / 2}
        y={HEIGHT - 2}
        style={{ fontFamily: FACE, fontSize: 6.5 }}
        fill={QUIET}
        textAnchor="middle"
      >
        {text(`pieces in all; the rule stands at ${whole(q)}`)}
      </SvgText>
    </Svg>
  );
}

const nameOf = (id: string): string => shortName(id).replaceAll('-', ' ');

/** Whole decades, with halves and fifths where there are few. */
function ticks(from: number, to: number): number[] {
  const out: number[] = [];
  for (let e = Math.floor(Math.log10(from)); e <= Math.ceil(Math.log10(to)); e++)
    for (const m of to / from > 2000 ? [1] : [1, 2, 5]) {
      const x = m * 10 ** e;
      if (x >= from * 0.999 && x <= to * 1.001) out.push(x);
    }
  return out;
}

/** Names moved apart so that none covers another, in their order. */
function spread(list: readonly { readonly id: string; readonly y: number }[]): { id: string; y: number }[] {
  const out = list.map((e) => ({ ...e })).sort((a, b) => a.y - b.y);
  for (let i = 1; i < out.length; i++) {
    const [before, here] = [out[i - 1], out[i]];
    if (before !== undefined && here !== undefined) here.y = Math.max(here.y, before.y + 9);
  }
  return out;
}
