import { ChakraProvider } from '@chakra-ui/react';
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime';
import { PathnameContext } from 'next/dist/shared/lib/hooks-client-context.shared-runtime';
import type { ReactNode } from 'react';
import { prerender } from 'react-dom/static';
import { text } from 'node:stream/consumers';
import { prepareStudy } from '@/core/study';
import { costCurvesOf } from '@/core/comparison/board';
import type { Brief } from '@/core/brief';
import type { DecisionRecord } from '@/server/decisions';
import { ALLOYS } from '@/core/catalogue/alloys';
import { SHIPPED_RATES, SHIPPED_REF } from '@/core/rates';
import { WhatIfsProvider } from '../requirements/what-ifs';
import { StudyProvider } from '../study/study-context';
import { StudyHead } from '../study/study-head';
import { system } from '../theme/system';
import { SheetsProvider } from '../working/sheets';

const nothing = (): void => undefined;
const ROUTER = {
  back: nothing,
  forward: nothing,
  refresh: nothing,
  push: nothing,
  replace: nothing,
  prefetch: nothing,
  bfcacheId: '0',
};

/**
 * A view of a study as the server sends it, as HTML, with what stands below the first screen. Throws where a guarded part of it failed.
 * @param decisions signed on it; @param today ISO date
 */
export async function studyPage(
  brief: Brief,
  view: ReactNode,
  decisions: readonly DecisionRecord[] = [],
  today = '2026-11-28',
): Promise<string> {
  const at = `${today}T08:00:00.000Z`;
  const record = {
    id: 's',
    title: brief.title,
    school: 'published' as const,
    rates: SHIPPED_REF,
    revision: 1,
    version: 1,
    demo: false,
    createdAt: at,
    changedAt: at,
    archivedAt: null,
    brief,
    refused: [],
    unread: [],
  };
  const { prelude } = await prerender(
    <AppRouterContext.Provider value={ROUTER}>
      <PathnameContext.Provider value="/studies/s/routes">
        <ChakraProvider value={system}>
          <StudyProvider
            record={record}
            decisions={decisions}
            alloys={ALLOYS}
            metals={SHIPPED_RATES.metals ?? {}}
            curves={costCurvesOf(prepareStudy(brief))}
            today={today}
          >
            <SheetsProvider>
              <WhatIfsProvider>
                <StudyHead>{view}</StudyHead>
              </WhatIfsProvider>
            </SheetsProvider>
          </StudyProvider>
        </ChakraProvider>
      </PathnameContext.Provider>
    </AppRouterContext.Provider>,
    // In one piece, whatever its size.
    { progressiveChunkSize: Infinity },
  );
  const html = await text(prelude as Parameters<typeof text>[0]);
  const failed = /<!--\$!-->(<template[^>]*>)/.exec(html);
  if (failed !== null) throw new Error(`a part of the page failed: ${failed[1]}`);
  return html.replace(/<!--.*?-->/g, '');
}
