'use client';
import type { Needed } from '@/core/brief';
import { dayNumber, dayOnCurve } from '@/core/calendar';
import { dateAfter, plainDate, whole } from '../format';
import { Mark } from '../marks/mark';
import { Tone } from '../marks/tone';
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
                  dateAfter(orderDate, d.firstArticle_d)
                ) : (
                  <button type="button" className="textbtn dotted" onClick={() => onOpen(d.id)}>
                    {dateAfter(orderDate, d.firstArticle_d)}
                  </button>
                )}
              </td>
              {needed.map((n) => (
                <td key={n.id} className="num">
                  <When day={dayOnCurve(d.curve, n.pieces)} need={n} orderDate={orderDate} />
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
}: {
  readonly day: number | null;
  readonly need: Needed;
  readonly orderDate: string;
}) {
  if (day === null) return <span className="quiet">more than on the rail</span>;
  if (need.by === null) return dateAfter(orderDate, day);
  const spare = dayNumber('by', need.by) - dayNumber('orderDate', orderDate) - Math.ceil(day);
  return (
    <>
      <Mark status={spare < 0 ? 'tight' : 'fits'} label={false} /> {dateAfter(orderDate, day)}
      <div className="small quiet">
        {spare < 0 ? `${whole(-spare)} days late` : spare === 0 ? 'on the day' : `${whole(spare)} days in hand`}
      </div>
    </>
  );
}
