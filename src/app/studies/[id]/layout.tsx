import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { findAlloy, type Alloy } from '@/core/catalogue/alloys';
import { SHIPPED_RATES } from '@/core/rates';
import { listDecisions, type DecisionRecord } from '@/server/decisions';
import { quoteCount } from '@/server/quotes';
import { curvesOf } from '@/server/results';
import { getStudy, type StudyRecord } from '@/server/studies';
import { WhatIfsProvider } from '@/ui/requirements/what-ifs';
import { StudyProvider } from '@/ui/study/study-context';
import { StudyHead } from '@/ui/study/study-head';
import { SheetsProvider } from '@/ui/working/sheets';

type Props = { params: Promise<{ id: string }>; children: ReactNode };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const study = await getStudy((await params).id);
  return { title: study?.title ?? 'No such study' };
}

/** The alloys that the views of a study speak of before another is chosen: its own, its candidates, those signed. */
function alloysOf({ brief }: StudyRecord, decisions: readonly DecisionRecord[]): Alloy[] {
  const ids = new Set([brief.alloy, ...brief.candidates, ...decisions.map((d) => d.snapshot.brief.alloy)]);
  return [...ids].flatMap((id) => findAlloy(id) ?? []);
}

/** A study: loaded once, kept while its views change. */
export default async function StudyLayout({ params, children }: Props) {
  const { id } = await params;
  const study = await getStudy(id);
  if (study === undefined) notFound();
  const decisions = await listDecisions(id);
  return (
    <StudyProvider
      key={id}
      record={study}
      decisions={decisions}
      quoteCount={await quoteCount(id)}
      alloys={alloysOf(study, decisions)}
      metals={SHIPPED_RATES.metals ?? {}}
      curves={curvesOf(study)}
      today={new Date().toISOString().slice(0, 10)}
    >
      <SheetsProvider>
        <WhatIfsProvider>
          <StudyHead>{children}</StudyHead>
        </WhatIfsProvider>
      </SheetsProvider>
    </StudyProvider>
  );
}
