'use client';
import { TextButton } from '../kit';
import { useMemo } from 'react';
import { PLAN, StudyWorkings } from '@/core/phased-plans';
import { shortName } from '@/core/catalogue/routes';
import type { Working } from '@/core/equations';
import { significant } from '../format';
import { SheetPage } from '../shell/sheet';
import { useQuantity, useStudy } from '../study/study-context';
import { LostPlacesNote } from './lost-places-note';
import { OverrideNote } from './override-note';
import type { FigureAt, StudyAt } from './figure-at';
import { useStudyLinks } from './study-links';
import { WorkingBody } from './working-body';

/** The working of a figure: equation, symbols, values, sources and basis; computed symbols open their own. */
export function WorkingPage({
  at,
  studyAt,
  onDeeper,
  onBack,
}: {
  readonly at: FigureAt;
  readonly studyAt: StudyAt | undefined;
  readonly onDeeper: (at: FigureAt) => void;
  readonly onBack: (() => void) | null;
}) {
  const live = useStudy('study').study;
  const links = useStudyLinks();
  const rail = useQuantity().q;
  const study = studyAt?.study ?? live;
  const q = at.q ?? studyAt?.q ?? rail;
  const plan = studyAt?.plan ?? null;
  const workings = useMemo(() => new StudyWorkings(study, q, plan?.open, plan?.deliveries), [study, q, plan]);
  const result = useMemo((): Working | string => {
    if (at.working !== undefined) return at.working;
    try {
      return workings.working(at.laneId, at.figure);
    } catch (error) {
      return error instanceof Error ? error.message : String(error);
    }
  }, [at, workings]);
  const where = typeof result === 'string' ? shortName(at.laneId) : whereOf(workings, at.laneId, studyAt?.words ?? '');
  return (
    <SheetPage
      title={typeof result === 'string' ? 'Working' : result.title}
      under={
        <>
          {where}
          {onBack !== null && (
            <>
              {' '}
              <TextButton size="sm" onClick={onBack}>
                ← back
              </TextButton>
            </>
          )}
        </>
      }
    >
      {at.figure === 'positions' && studyAt === undefined && <OverrideNote laneId={at.laneId} />}
      {at.figure === 'nL' && studyAt === undefined && <LostPlacesNote laneId={at.laneId} />}
      {typeof result === 'string' ? (
        <p>No working: {result}</p>
      ) : (
        <WorkingBody
          w={result}
          links={links}
          onDeeper={(figure, laneId) => onDeeper({ q: at.q, figure, laneId: laneId ?? at.laneId })}
          isBaseline={(id) => (id ?? at.laneId) === PLAN || study.baselines.some((b) => b.id === (id ?? at.laneId))}
        />
      )}
    </SheetPage>
  );
}

/** Whose figure it is and at how many pieces; of a step, on which lane. */
function whereOf(workings: StudyWorkings, id: string, words: string): string {
  const { laneId, q } = id === PLAN ? { laneId: PLAN, q: workings.q } : workings.place(id);
  const whose = laneId === id ? shortName(id) : `${shortName(id)}: ${shortName(laneId)}`;
  return `${whose}, at ${significant(q, 7)} pieces${words === '' ? '' : `, ${words}`}`;
}
