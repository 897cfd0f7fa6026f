'use client';
import { FigureButton } from '../kit';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { hasPartWorking, type PartFacts, type PartFigure } from '@/core/part-file/measured';
import { late } from '../late';
import { useStudy } from '../study/study-context';
import type { PartState } from './part-state';

const PartWorkingSheet = late(() => import('./part-working-sheet').then((m) => m.PartWorkingSheet));

interface Workings {
  readonly facts: PartFacts | null;
  readonly open: (figure: PartFigure) => void;
}
const PartWorkings = createContext<Workings>({ facts: null, open: () => undefined });

/** What was measured, for figures anywhere within to tell and to open. */
export function PartWorkingProvider({ state, children }: { readonly state: PartState; readonly children: ReactNode }) {
  const { brief, alloyOf } = useStudy('brief', 'alloyOf');
  const { file, body, draw } = state;
  const alloy = brief.alloy;
  const facts = useMemo<PartFacts | null>(() => {
    if (file === null || body === null || draw === null) return null;
    const found = alloy === null ? undefined : alloyOf(alloy);
    return {
      facets: file.counts.triangles,
      body,
      draw,
      alloy: found === undefined ? null : { id: found.id, name: found.name, density_kg_m3: found.density_kg_m3 },
    };
  }, [file, body, draw, alloy, alloyOf]);
  const [figure, setFigure] = useState<PartFigure | null>(null);
  const value = useMemo(() => ({ facts, open: setFigure }), [facts]);
  const [met, setMet] = useState(false);
  if (figure !== null && !met) setMet(true);
  return (
    <PartWorkings.Provider value={value}>
      {children}
      {met && <PartWorkingSheet figure={figure} facts={facts} file={file} onClose={() => setFigure(null)} />}
    </PartWorkings.Provider>
  );
}

/** What was measured; null before it is. */
export const usePartFacts = (): PartFacts | null => useContext(PartWorkings).facts;

/** A figure of the part that opens its working. */
export function PartFigureButton({ figure, children }: { readonly figure: PartFigure; readonly children: ReactNode }) {
  const { facts, open } = useContext(PartWorkings);
  if (facts === null || !hasPartWorking(figure, facts)) return children;
  return (
    <FigureButton className="num" title="Open the working" onClick={() => open(figure)}>
      {children}
    </FigureButton>
  );
}
