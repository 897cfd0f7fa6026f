'use client';
import type { FigureAt, StudyAt } from './figure-at';
import type { OpenWorking, Sheets } from './sheets.types';
import { usePathname } from 'next/navigation';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { late } from '../late';

const OpenSheets = late(() => import('./open-sheets').then((m) => m.OpenSheets));

const SheetsContext = createContext<Sheets | null>(null);

/** The sheets of the study that stands around. */
export function useSheets(): Sheets {
  const sheets = useContext(SheetsContext);
  if (sheets === null) throw new Error('useSheets outside a SheetsProvider');
  return sheets;
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
  // What shows them is fetched for the first one, and stays.
  const open = working !== null || reasonsOf !== null;
  const [met, setMet] = useState(open);
  if (open && !met) setMet(true);
  return (
    <SheetsContext.Provider value={sheets}>
      {children}
      {met && (
        <OpenSheets
          working={working}
          reasonsOf={reasonsOf}
          onWorking={openWorking}
          onDeeper={deeper}
          onBack={back}
          onCloseWorking={closeWorking}
          onCloseReasons={closeReasons}
        />
      )}
    </SheetsContext.Provider>
  );
}
