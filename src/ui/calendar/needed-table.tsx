'use client';
import type { Needed } from '@/core/brief';
import { dayNumber } from '@/core/base/day';
import { dayOfThe } from '@/core/schedule';
import { spareWorking } from '@/core/study/workings';
import { type Working } from '@/core/equations';
import { dateAfter, plainDate, whole } from '../format';
import { Mark } from '../marks/mark';
import { Tone } from '../marks/tone';
import { useSheets } from '../working/sheets';
import type { Delivery } from './use-deliveries';

/** When each way has the pieces that are wanted, and whether that is in time. */
export function NeededTable({
  deliveries,
  needed,
  orderDate,
  onOpen,
}: {
  readonly deliveries: readonly Delivery[];
  readonly needed: readonly Needed[];
  readonly orderDate: string;
  readonly onOpen: (id: string) => void;
}) {
  const { openWorking } = useSheets();
  const open = ({ id, studyAt }: Delivery, figure: string, made?: Working): void =>
    openWorking({ laneId: id, figure, working: made }, studyAt);
  return (
    <div className="scroll-x">
      <table className="list" aria-label="When the wanted pieces exist">
        <thead>
          <tr>
            <th>Route</th>
            <th className="num">First article</th>
            {needed.map((n) => (
              <th key={n.id} className="num">
                {whole(n.pieces)} {n.name}
                <div className="quiet">{n.by === null ? 'no date asked' : `by ${plainDate(n.by)}`}</div>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {deliveries.map((d) => (
            <tr key={d.id} data-delivery={d.id}>
              <td>
                <Tone laneId={d.id} /> {d.name} <span className="quiet small">{d.variant}</span>
              </td>
              <td className="num">
                {d.timeline === null ? (
                  <button type="button" className="textbtn dotted" onClick={() => open(d, 'firstArticle')}>
                    {dateAfter(orderDate, d.firstArticle_d)}
                  </button>
                ) : (
                  <button type="button" className="textbtn dotted" onClick={() => onOpen(d.id)}>
                    {dateAfter(orderDate, d.firstArticle_d)}
                  </button>
                )}
              </td>
              {needed.map((n) => (
                <td key={n.id} className="num">
                  <When
                    day={d.when(n.pieces)}
                    need={n}
                    orderDate={orderDate}
                    onOpen={(figure, made) => open(d, figure, made)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function When({
  day,
  need,
  orderDate,
  onOpen,
}: {
  readonly day: number | null;
  readonly need: Needed;
  readonly orderDate: string;
  readonly onOpen: (figure: string, made?: Working) => void;
}) {
  if (day === null) return <span className="quiet">more than on the rail</span>;
  const date = (
    <button type="button" className="textbtn dotted" onClick={() => onOpen(dayOfThe(need.pieces))}>
      {dateAfter(orderDate, day)}
    </button>
  );
  if (need.by === null) return date;
  const asked = dayNumber('by', need.by) - dayNumber('orderDate', orderDate);
  const made = spareWorking(need, day, asked);
  const days = `${whole(Math.abs(made.value))} ${Math.abs(made.value) === 1 ? 'day' : 'days'}`;
  return (
    <>
      <Mark status={made.value < 0 ? 'tight' : 'fits'} label={false} /> {date}
      <div className="small quiet">
        <button type="button" className="textbtn dotted" onClick={() => onOpen(made.figure, made)}>
          {made.value < 0 ? `${days} late` : made.value === 0 ? 'on the day' : `${days} in hand`}
        </button>
      </div>
    </>
  );
}
