import { useDeferredValue, useMemo } from 'react';
import { bestLayout } from '@/core/study';
import { type Board, type BoardLane } from '@/core/comparison/board';
import {
  curveWithHolidays,
  dayOf,
  daysWithHolidays,
  deliveryCurve,
  laneTimeline,
  timelineWithHolidays,
  type Delivered,
  type Timeline,
} from '@/core/schedule';
import { laneWords } from '@/core/catalogue/routes';
import { useQuantity, useStudy } from '../study/study-context';
import type { StudyAt } from '../working/figure-at';

/** A lane, or a way without a casting, on the calendar to the last of the pieces on the rail. */
export interface Delivery {
  readonly id: string;
  readonly name: string;
  readonly variant: string;
  readonly curve: readonly Delivered[];
  /** Null for baselines, whose calendar is a start and a rate. */
  readonly timeline: Timeline | null;
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
  /** Day from the order by which so many pieces exist; null for more than there are. */
  readonly when: (pieces: number) => number | null;
  /** The study its workings are of where that is not the one on the screen: with the plan in it. */
  readonly studyAt?: StudyAt;
}

/** The calendar at the quantity on the rail; while the hand moves it follows when there is time. */
export function useDeliveries(): { readonly deliveries: readonly Delivery[]; readonly q: number } {
  const { study } = useStudy('study');
  const board = useDeferredValue(useQuantity().board);
  const { q } = board;
  const deliveries = useMemo(() => {
    const { calendar } = study.rates;
    const order = study.brief.quantity.orderDate;
    const shut = (days: number): number => daysWithHolidays(order, days, calendar);
    const upTo = (day: (pieces: number) => number) => (pieces: number) => (pieces > q ? null : shut(day(pieces)));
    const lanes = openLanes(board).flatMap((lane): Delivery[] => {
      const entry = study.lanes.find((e) => e.lane.id === lane.id);
      const best = entry === undefined ? null : bestLayout(entry, q);
      if (lane.dates === null || best === null) return [];
      const { time } = lane.dates;
      return [
        {
          id: lane.id,
          name: laneWords(lane.id).route,
          variant: laneWords(lane.id).variant,
          curve: curveWithHolidays(deliveryCurve(time, q), order, calendar),
          when: upTo((pieces) => dayOf(time, pieces, q)),
          timeline: timelineWithHolidays(laneTimeline(best.cost.model, best.cost.plan, time, q), order, calendar),
          firstArticle_d: lane.dates.firstArticle_d,
          lastPart_d: lane.dates.lastPart_d,
        },
      ];
    });
    const others = board.baselines.flatMap((b): Delivery[] => {
      const way = study.baselines.find((x) => x.id === b.id);
      if (b.barred !== null || way === undefined) return [];
      const day = (pieces: number, of: number): number => way.dayOf(pieces, of);
      const raw = [
        { day: 0, pieces: 0 },
        { day: day(1, q), pieces: 0 },
        { day: day(1, q), pieces: 1 },
        ...(q > 1 ? [{ day: day(q, q), pieces: q }] : []),
      ];
      return [
        {
          id: b.id,
          name: b.name,
          variant: '',
          curve: curveWithHolidays(raw, order, calendar),
          when: upTo((pieces) => day(pieces, q)),
          timeline: null,
          firstArticle_d: b.firstArticle_d,
          lastPart_d: b.lastPart_d,
        },
      ];
    });
    return [...lanes, ...others];
  }, [study, board, q]);
  return { deliveries, q };
}

/** The best surviving lane of each route, soonest first article first. */
function openLanes(board: Board): BoardLane[] {
  return Object.values(board.bestOfRoute)
    .flatMap((id) => board.lanes.filter((l) => l.id === id && l.status !== 'blocked' && l.dates !== null))
    .sort((a, b) => (a.dates?.firstArticle_d ?? 0) - (b.dates?.firstArticle_d ?? 0));
}
