'use client';
import { useMemo } from 'react';
import { ReasonsPage } from '../board/reasons-sheet';
import { Sheet } from '../shell/sheet';
import type { FigureAt } from './figure-at';
import type { OpenWorking, Sheets } from './sheets.types';
import { WorkingPage } from './working-sheet';

/** The two sheets of a study over whatever view is open: the working of a figure, and the reasons of a lane. */
export function OpenSheets({
  working,
  reasonsOf,
  onWorking,
  onDeeper,
  onBack,
  onCloseWorking,
  onCloseReasons,
}: {
  readonly working: OpenWorking | null;
  readonly reasonsOf: string | null;
  readonly onWorking: Sheets['openWorking'];
  readonly onDeeper: (at: FigureAt) => void;
  readonly onBack: () => void;
  readonly onCloseWorking: () => void;
  readonly onCloseReasons: () => void;
}) {
  const at = working?.trail.at(-1);
  const workingPage = useMemo(
    () =>
      working === null || at === undefined ? null : (
        <WorkingPage
          at={at}
          studyAt={working.studyAt}
          onDeeper={onDeeper}
          onBack={working.trail.length > 1 ? onBack : null}
        />
      ),
    [working, at, onDeeper, onBack],
  );
  const reasonsPage = useMemo(
    () => (reasonsOf === null ? null : <ReasonsPage laneId={reasonsOf} onWorking={onWorking} />),
    [reasonsOf, onWorking],
  );
  return (
    <>
      <Sheet open={working !== null} onClose={onCloseWorking} testId="working">
        {workingPage}
      </Sheet>
      <Sheet open={reasonsOf !== null} onClose={onCloseReasons} testId="reasons">
        {reasonsPage}
      </Sheet>
    </>
  );
}
