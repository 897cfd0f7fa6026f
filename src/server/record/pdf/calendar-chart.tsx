import { G, Line, Rect, Svg, Text as SvgText } from '@react-pdf/renderer';
import type { Evaluation } from '@/core/comparison/board';
import { dateAfter, dayNumber } from '@/core/base/day';
import { shortName } from '@/core/catalogue/routes';
import { fixed } from '@/core/base/numbers';
import { FACE, HAIR, HOT, INK, QUIET, text } from './style';

const WIDTH = 500;
const LEFT = 130;
const ROW = 13;
const MOST = 6;

/** From the order to the first article and to the last part, a bar for each lane; the day asked is a rule. */
export function CalendarChart({
  evaluation,
  chosen,
  orderDate,
  due,
}: {
  readonly evaluation: Evaluation;
  readonly chosen: string;
  readonly orderDate: string;
  /** ISO date of the first delivery asked, or null. */
  readonly due: string | null;
}) {
  const open = evaluation.lanes
    .filter((l) => l.status !== 'blocked' && l.firstArticle_days !== null && l.lastPart_days !== null)
    .sort((a, b) => Number(b.id === chosen) - Number(a.id === chosen) || (a.allIn ?? 0) - (b.allIn ?? 0))
    .slice(0, MOST);
  const asked = due === null ? null : dayNumber('firstDelivery', due) - dayNumber('orderDate', orderDate);
  const lasts = open.map((l) => l.lastPart_days ?? 0);
  const until = Math.max(Math.min(Math.max(...lasts), 3 * Math.min(...lasts)), (asked ?? 0) * 1.1);
  const height = open.length * ROW + 22;
  const x = (day: number): number => LEFT + ((WIDTH - LEFT - 20) * Math.min(day, until)) / until;
  const weeks = [0, 0.25, 0.5, 0.75, 1].map((f) => Math.round((f * until) / 7));
  return (
    <Svg width="100%" height={height} viewBox={`0 0 ${WIDTH} ${height}`}>
      {weeks.map((w) => (
        <G key={w}>
          <Line x1={x(7 * w)} y1={0} x2={x(7 * w)} y2={open.length * ROW} stroke={HAIR} strokeWidth={0.5} />
          <SvgText
            x={x(7 * w)}
            y={open.length * ROW + 8}
            style={{ fontFamily: FACE, fontSize: 6.5 }}
            fill={QUIET}
            textAnchor="middle"
          >
            {`${w} w`}
          </SvgText>
          <SvgText
            x={x(7 * w)}
            y={open.length * ROW + 16}
            style={{ fontFamily: FACE, fontSize: 6 }}
            fill={QUIET}
            textAnchor="middle"
          >
            {text(dateAfter(orderDate, 7 * w))}
          </SvgText>
        </G>
      ))}
      {open.map((lane, i) => {
        const [first, last] = [lane.firstArticle_days ?? 0, lane.lastPart_days ?? 0];
        const mine = lane.id === chosen;
        const y = i * ROW;
        return (
          <G key={lane.id}>
            <SvgText
              x={0}
              y={y + 8.5}
              style={{ fontFamily: FACE, fontSize: 7, fontWeight: mine ? 600 : 400 }}
              fill={mine ? HOT : INK}
            >
              {text(shortName(lane.id))}
            </SvgText>
            <Rect
              x={x(0)}
              y={y + 3}
              width={Math.max(0, x(first) - x(0))}
              height={6}
              fill="none"
              stroke={INK}
              strokeWidth={0.7}
            />
            <Rect x={x(first)} y={y + 3} width={Math.max(0, x(last) - x(first))} height={6} fill={mine ? HOT : INK} />
            <SvgText x={x(last) + 3} y={y + 8.5} style={{ fontFamily: FACE, fontSize: 6.2 }} fill={QUIET}>
              {last > until ? `${fixed(last / 7, 0)} w` : ''}
            </SvgText>
          </G>
        );
      })}
      {asked !== null && (
        <Line
          x1={x(asked)}
          y1={0}
          x2={x(asked)}
          y2={open.length * ROW}
          stroke={INK}
          strokeWidth={0.9}
          strokeDasharray="2 2"
        />
      )}
    </Svg>
  );
}
