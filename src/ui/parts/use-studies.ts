import { useCallback, useEffect, useRef, useState } from 'react';
import type { ListAsked, StudyPage } from '@/server/studies';
import { call } from '../api';

/** A search is sent this long after the last key. */
const DELAY_MS = 180;
/** While figures of a page are renewed it is asked for again after so long. */
const AGAIN_MS = 1200;

const address = ({ archived, search, sort, up, page }: ListAsked): string =>
  `/api/studies?${new URLSearchParams({
    search,
    sort,
    page: String(page),
    ...(up ? { up: '1' } : {}),
    ...(archived ? { archived: '1' } : {}),
  }).toString()}`;

/** The list of studies, a page at a time: search, order and paging are the server's. */
export interface Studies {
  readonly page: StudyPage;
  readonly asked: ListAsked;
  readonly busy: boolean;
  /** True when the server did not answer the last question; what stands is what it said before. */
  readonly failed: boolean;
  readonly ask: (change: Partial<ListAsked>) => void;
  readonly again: () => void;
}

/** @param first the page that came with the screen */
export function useStudies(first: StudyPage, start: ListAsked): Studies {
  const [page, setPage] = useState(first);
  const [asked, setAsked] = useState(start);
  const [state, setState] = useState({ busy: false, failed: false });
  const [round, setRound] = useState(0);
  const fresh = useRef(true);
  useEffect(() => {
    if (fresh.current) {
      fresh.current = false;
      return;
    }
    const ending = new AbortController();
    const timer = setTimeout(() => {
      setState({ busy: true, failed: false });
      call<StudyPage>('GET', address(asked), undefined, { signal: ending.signal }).then(
        (next) => {
          setPage(next);
          setState({ busy: false, failed: false });
        },
        () => {
          if (!ending.signal.aborted) setState({ busy: false, failed: true });
        },
      );
    }, DELAY_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [asked, round]);
  const again = useCallback(() => setRound((n) => n + 1), []);
  const old = page.studies.some((s) => !s.fresh || s.standing?.fresh === false);
  useEffect(() => {
    if (!old || state.failed) return;
    const timer = setTimeout(again, AGAIN_MS);
    return () => clearTimeout(timer);
  }, [old, page, again, state.failed]);
  const ask = useCallback((change: Partial<ListAsked>) => setAsked((a) => ({ ...a, page: 1, ...change })), []);
  return { page, asked, ...state, ask, again };
}
