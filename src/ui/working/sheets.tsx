'use client';
import type { FigureAt, StudyAt } from './figure-at';
import { usePathname } from 'next/navigation';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { ReasonsPage } from '../board/reasons-sheet';
import { Sheet } from '../shell/sheet';
import { WorkingPage } from './working-sheet';

/** Opens what stands behind a figure or a verdict; both keep their identity while the rail moves. */
export interface Sheets {
  readonly openWorking: (at: FigureAt, studyAt?: StudyAt) => void;
  readonly openReasons: (laneId: string) => void;
}

const SheetsContext = createContext<Sheets | null>(null);

/** The sheets of the study that stands around. */
export function useSheets(): Sheets {
  const sheets = useContext(SheetsContext);
  if (sheets === null) throw new Error('useSheets outside a SheetsProvider');
  return sheets;
}

interface OpenWorking {
  /** The figure looked at, last, and those it was reached through. */
  readonly trail: readonly FigureAt[];
  readonly studyAt: StudyAt | undefined;
}

/** The two sheets of a study, workings and reasons, and the means to open them from any figure of any view. */
export function SheetsProvider({ children }: { readonly children: ReactNode }) {
  const [working, setWorking] = useState<OpenWorking | null>(null);
  const [reasonsOf, setReasonsOf] = useState<string | null>(null);
  // A link in a sheet leads to another view: the sheet stays behind.
  const path = usePathname();
  const [openedOn, setOpenedOn] = useState(path);
  if (path !== openedOn) {
    setOpenedOn(path);
    setWorking(null);
    setReasonsOf(null);
  }
  const openWorking = useCallback((at: FigureAt, studyAt?: StudyAt) => {
    setReasonsOf(null);
    setWorking({ trail: [at], studyAt });
  }, []);
  const openReasons = useCallback((laneId: string) => {
    setWorking(null);
    setReasonsOf(laneId);
  }, []);
  const closeWorking = useCallback(() => setWorking(null), []);
  const closeReasons = useCallback(() => setReasonsOf(null), []);
  const sheets = useMemo(() => ({ openWorking, openReasons }), [openWorking, openReasons]);
  const deeper = useCallback(
    (at: FigureAt) => setWorking((w) => (w === null ? null : { ...w, trail: [...w.trail, at] })),
    [],
  );
  const back = useCallback(
    () => setWorking((w) => (w === null || w.trail.length < 2 ? w : { ...w, trail: w.trail.slice(0, -1) })),
    [],
  );
  const workingPage = useMemo(
    () =>
      working === null ? null : (
        <WorkingPage
          at={working.trail.at(-1) as FigureAt}
          studyAt={working.studyAt}
          onDeeper={deeper}
          onBack={working.trail.length > 1 ? back : null}
        />
      ),
    [working, deeper, back],
  );
  const reasonsPage = useMemo(
    () => (reasonsOf === null ? null : <ReasonsPage laneId={reasonsOf} onWorking={openWorking} />),
    [reasonsOf, openWorking],
  );
  return (
    <SheetsContext.Provider value={sheets}>
      {children}
      <Sheet open={working !== null} onClose={closeWorking} testId="working">
        {workingPage}
      </Sheet>
      <Sheet open={reasonsOf !== null} onClose={closeReasons} testId="reasons">
        {reasonsPage}
      </Sheet>
    </SheetsContext.Provider>
  );
}
