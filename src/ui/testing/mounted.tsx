import { ChakraProvider } from '@chakra-ui/react';
import { act, render } from '@testing-library/react';
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime';
import { PathnameContext } from 'next/dist/shared/lib/hooks-client-context.shared-runtime';
import type { ReactNode } from 'react';
import { vi } from 'vitest';
import type { Brief } from '@/core/brief';
import { costCurvesOf } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { ALLOYS } from '@/core/catalogue/alloys';
import { SHIPPED_RATES, SHIPPED_REF } from '@/core/rates';
import type { DecisionRecord } from '@/server/decisions';
import { WhatIfsProvider } from '../requirements/what-ifs';
import { StudyProvider } from '../study/study-context';
import { system } from '../theme/system';
import { SheetsProvider } from '../working/sheets';
import { standInServer, type Asked } from './server';

/** A worker that never answers: what needs one stays as it opened. */
class SilentWorker {
  onmessage = null;
  onerror = null;
  postMessage(): void {}
  terminate(): void {}
}

/** What a browser has and the page of the tests lacks. */
class StillObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

/** Where screens were sent to. */
export interface Opened {
  readonly asked: readonly Asked[];
  readonly visited: readonly string[];
  /** Briefs sent to be saved, in their order. */
  readonly saved: () => readonly Brief[];
  /** Lets the saver send what was typed, and takes it. */
  readonly settle: () => Promise<void>;
}

/** A part of a study's screens, mounted without a browser; the server is played by the test. */
export function mountStudy(brief: Brief, view: ReactNode, decisions: readonly DecisionRecord[] = []): Opened {
  vi.stubGlobal('Worker', SilentWorker);
  vi.stubGlobal('scrollTo', () => undefined);
  vi.stubGlobal('ResizeObserver', StillObserver);
  vi.stubGlobal('IntersectionObserver', StillObserver);
  vi.stubGlobal('CSS', { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&') });
  const asked = standInServer();
  const visited: string[] = [];
  const go = (to: string): void => void visited.push(to);
  const nothing = (): void => undefined;
  const router = {
    ...{ back: nothing, forward: nothing, refresh: nothing, prefetch: nothing, bfcacheId: '0' },
    ...{ push: go, replace: go },
  };
  const at = '2026-11-28T08:00:00.000Z';
  const record = {
    ...{ id: 's', title: brief.title, school: 'published' as const, rates: SHIPPED_REF, revision: 1, version: 1 },
    ...{ demo: false, createdAt: at, changedAt: at, archivedAt: null, brief, refused: [], unread: [] },
  };
  render(
    <AppRouterContext.Provider value={router}>
      <PathnameContext.Provider value="/studies/s/brief">
        <ChakraProvider value={system}>
          <StudyProvider
            record={record}
            decisions={decisions}
            curves={costCurvesOf(prepareStudy(brief))}
            alloys={ALLOYS}
            metals={SHIPPED_RATES.metals ?? {}}
            today="2026-11-28"
          >
            <SheetsProvider>
              <WhatIfsProvider>{view}</WhatIfsProvider>
            </SheetsProvider>
          </StudyProvider>
        </ChakraProvider>
      </PathnameContext.Provider>
    </AppRouterContext.Provider>,
  );
  const saves = (): Asked[] => asked.filter((a) => a.method === 'PUT' && a.path === '/api/studies/s');
  let taken = 0;
  return {
    asked,
    visited,
    saved: () => saves().map((a) => (a.body as { brief: Brief }).brief),
    settle: async () => {
      await act(() => vi.advanceTimersByTimeAsync(700));
      for (const save of saves().slice(taken)) {
        taken++;
        await act(() =>
          save.answer(200, { ...record, brief: (save.body as { brief: Brief }).brief, version: 1 + taken }),
        );
      }
    },
  };
}
