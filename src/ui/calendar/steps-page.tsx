'use client';
import { useMemo } from 'react';
import { dateAfter, fixed, significant, whole } from '../format';
import { SheetPage } from '../shell/sheet';
import { useQuantity, useStudy } from '../study/study-context';
import type { PlanStep } from '@/core/phased-plans';
import { useSheets } from '../working/sheets';
import { stepStudy } from '../phased-plans/step-study';
import { KIND_WORDS } from './timelines';
import { resourceWords, span } from './resource-words';
import type { Delivery } from './use-deliveries';

/** The steps of one lane: how long each takes, who or what it holds, what runs meanwhile; then what limits the rate. */
export function StepsPage({
  delivery,
  step,
}: {
  readonly delivery: Delivery;
  /** Where the lane is a step of a plan: its own pieces and layout are shown. */
  readonly step?: PlanStep | undefined;
}) {
  const { study, orderDate } = useStudy('study', 'orderDate');
  const { board, q: onRail } = useQuantity();
  const { openWorking } = useSheets();
  const { timeline } = delivery;
  const q = step?.pieces ?? onRail;
  const time = step?.layout.time ?? board.lanes.find((l) => l.id === delivery.id)?.dates?.time;
  const studyAt = useMemo(
    () => (step === undefined ? undefined : stepStudy(study, step, 'as a step of the plan')),
    [study, step],
  );
  if (timeline === null || time === undefined) return null;
  const nameOf = (id: string): string => time.steps.find((s) => s.id === id)?.name ?? id;
  const figure = (name: string, text: string) => (
    <button
      type="button"
      className="textbtn dotted"
      onClick={() => openWorking({ laneId: delivery.id, figure: name }, studyAt)}
    >
      {text}
    </button>
  );
  return (
    <SheetPage title={`${delivery.name}, ${delivery.variant}`} under={`From the order to ${whole(q)} good pieces`}>
      <p>
        First article {figure('firstArticle', dateAfter(orderDate, timeline.firstArticle_d))}, last part{' '}
        {figure('lastPart', dateAfter(orderDate, timeline.lastPart_d))}.{' '}
        {figure('goodPerDay', fixed(time.goodPerDay, 1))} good pieces a working day, held by:{' '}
        {resourceWords(time.bottleneck)}.
      </p>
      <div className="scroll-x">
        <table className="sheet-table" aria-label="Steps on the calendar">
          <thead>
            <tr>
              <th>Step</th>
              <th>What it is</th>
              <th className="num">Lasts</th>
              <th className="num">Begins</th>
              <th>Takes</th>
            </tr>
          </thead>
          <tbody>
            {timeline.stretches.map((s) => (
              <tr key={s.id}>
                <td>
                  {s.name}
                  {s.overlaps.length > 0 && (
                    <div className="small quiet">meanwhile: {s.overlaps.map(nameOf).join(', ')}</div>
                  )}
                </td>
                <td className="small">
                  <i className={`stretch is-${s.kind}`} aria-hidden="true" /> {KIND_WORDS[s.kind]}
                </td>
                <td className="num" data-days={s.days}>
                  {significant(span(s.days).value, 3)}
                  <span className="unit">{span(s.days).unit}</span>
                </td>
                <td className="num">{dateAfter(orderDate, s.from_d)}</td>
                <td className="small">{s.resource === null ? '' : resourceWords(s.resource)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h3 style={{ marginTop: 18, fontWeight: 650 }}>What sets the rate</h3>
      <div className="scroll-x">
        <table className="sheet-table" aria-label="What sets the rate">
          <thead>
            <tr>
              <th>Resource</th>
              <th className="num">Hours a casting</th>
              <th className="num">Castings a working day</th>
            </tr>
          </thead>
          <tbody>
            {time.resources
              .toSorted((a, b) => a.startsPerDay - b.startsPerDay)
              .map((r) => (
                <tr key={r.id}>
                  <td>
                    {resourceWords(r.id)}
                    {r.id === time.bottleneck && <span className="quiet"> · the bottleneck</span>}
                  </td>
                  <td className="num">{r.load_h === null ? 'a limit' : significant(r.load_h, 3)}</td>
                  <td className="num">{significant(r.startsPerDay, 4)}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      <p className="small quiet">
        Times are calendar time, nights and free days in it; waits run through the night. Limits of heat and carrying
        are for planning: local codes and those who answer for the floor decide what a crew may do.
      </p>
    </SheetPage>
  );
}
