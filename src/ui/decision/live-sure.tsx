'use client';
import { useMemo } from 'react';
import { DRAWN } from '@/core/decision';
import { StudyWorkings } from '@/core/phased-plans';
import type { LiveSimulation } from '../simulation/use-simulation';
import { useStudy } from '../study/study-context';
import { liveSimulation } from './live-simulation';
import { SureSection } from './sure-section';
import type { OpenedPlan } from './use-opened-plan';

/** How sure the choice on the screen is, as far as it is simulated. */
export function LiveSure({
  drawn,
  laneId,
  planned,
  due,
}: {
  readonly drawn: LiveSimulation;
  readonly laneId: string;
  /** The plan in two steps where that is the choice. */
  readonly planned: OpenedPlan | null;
  /** ISO date wanted, or null. */
  readonly due: string | null;
}) {
  const { study } = useStudy('study');
  const workings = useMemo(() => planned?.workings ?? new StudyWorkings(study, drawn.q), [study, drawn.q, planned]);
  const simulation = useMemo(
    () => liveSimulation(workings, drawn, laneId, DRAWN, planned?.drawn ?? null),
    [workings, drawn, laneId, planned],
  );
  if (simulation === null) return null;
  const currency = study.rates.currency.code;
  return (
    <SureSection
      behind={drawn.behind}
      simulation={simulation}
      of={{ laneId, currency, due, planned: planned !== null, workings }}
      studyAt={planned?.studyAt}
    />
  );
}
