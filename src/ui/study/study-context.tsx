'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { boardAt, RAIL_MAX, type Board, type CostCurves } from '@/core/comparison/board';
import { prepareStudy, type Study } from '@/core/study';
import { lifetimeQuantity, readStoredBrief, type Brief, type BriefIssue } from '@/core/brief';
import { CoreError } from '@/core/base/errors';
import type { TolerancePolicy } from '@/core/part';
import { ratesOf, type RateRef, type RateSet } from '@/core/rates';
import type { DecisionRecord } from '@/server/decisions';
import type { RefusedSave, StudyRecord } from '@/server/studies';
import { Cancelled, CostCurvesClient } from '@/workers/cost-curves.client';
import { call } from '../api';
import { whenIdle } from '../when-idle';
import { useKept } from './use-kept';
import { Autosave, keptDraft, type Conflict, type SaveState } from './autosave';

/** A study on the screen: the brief as typed, and all that follows from it. */
export interface StudyState {
  readonly id: string;
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  /** The rate set the study uses; its figures are those of `study.rates`. */
  readonly rates: RateRef;
  readonly study: Study;
  readonly curves: CostCurves | null;
  readonly curvesError: string | null;
  /** Stored values of the brief as it was loaded that this build does not take; empty once the brief was changed. */
  readonly unread: readonly BriefIssue[];
  readonly orderDate: string;
  readonly saveState: SaveState;
  readonly savedAt: string;
  readonly conflict: Conflict | null;
  /** Rises when the brief is replaced from outside the form (a choice in a conflict, a restored draft). */
  readonly generation: number;
  readonly decisions: readonly DecisionRecord[];
  /** Saves of this study that were refused earlier and still wait for a choice. */
  readonly refused: readonly RefusedSave[];
  readonly settleRefused: (save: RefusedSave, take: boolean) => void;
  readonly setBrief: (brief: Brief) => void;
  readonly setTolerancePolicy: (school: TolerancePolicy) => void;
  /** Lets the study use another rate set: saved at once. Rejects with the server's refusal. */
  readonly setRates: (rateSetId: string) => Promise<void>;
  readonly settle: (choice: 'mine' | 'theirs') => void;
  readonly setDecisions: (decisions: readonly DecisionRecord[]) => void;
  readonly flush: () => Promise<number>;
  readonly adopt: (version: number) => void;
  /** Takes the study as the server has it now, after something else than typing changed it. */
  readonly replace: (study: StudyRecord) => void;
}

const StudyContext = createContext<StudyState | null>(null);
const QuantityContext = createContext<{ q: number; setQ: (q: number) => void; board: Board } | null>(null);

/** The study of the screens below. */
export function useStudy(): StudyState {
  const state = useContext(StudyContext);
  if (state === null) throw new Error('useStudy outside a StudyProvider');
  return state;
}

/** The chosen quantity and the board at it. */
export function useQuantity(): { q: number; setQ: (q: number) => void; board: Board } {
  const state = useContext(QuantityContext);
  if (state === null) throw new Error('useQuantity outside a StudyProvider');
  return state;
}

const WARM_ROUNDS = 4;
const WARM_AFTER_MS = 600;
/** Quantities worked out and thrown away in each idle moment: all parts of the rail, so that every path is met. */
const WARM_QUANTITIES = [1, 7, 40, 250, 1500, 9000, 60_000, 400_000, 1_000_000];

/**
 * Counts a few idle moments after the screen is ready. In each the board is worked out over the rail, and drawn again
 * unchanged, so that the engine has met the code before a hand takes the rail: the first drag is then as quick as the
 * next.
 */
function useWarmUp(ready: boolean, study: Study): number {
  const [round, setRound] = useState(0);
  useEffect(() => {
    if (!ready || round >= WARM_ROUNDS) return;
    let idle = (): void => undefined;
    // What an opened screen still waits for, its draws above all, goes first.
    const timer = setTimeout(
      () => {
        idle = whenIdle(() => {
          for (const q of WARM_QUANTITIES) boardAt(study, q);
          setRound((n) => n + 1);
        }, 1000);
      },
      round === 0 ? WARM_AFTER_MS : 0,
    );
    return () => {
      clearTimeout(timer);
      idle();
    };
  }, [ready, round, study]);
  return round;
}

const NONE_UNREAD: readonly BriefIssue[] = [];

const refusalOf = (error: unknown): string => {
  if (!(error instanceof CoreError)) throw error;
  return error.message;
};

/** The study of a brief that says nothing but its title. */
const bareStudy = (brief: Brief, school: TolerancePolicy, rates: RateSet): Study =>
  prepareStudy(readStoredBrief({ title: brief.title }).brief, school, rates);

/** A study of a brief; where the core refuses it, that of a brief that says nothing but its title, and why. */
function prepared(
  brief: Brief,
  school: TolerancePolicy,
  rates: RateSet,
): { readonly study: Study; readonly failed: string | null } {
  try {
    return { study: prepareStudy(brief, school, rates), failed: null };
  } catch (error) {
    const failed = refusalOf(error);
    return { study: bareStudy(brief, school, rates), failed };
  }
}

/** The board of a study; where the core refuses it, that of the same study ordered today without dates, and why. */
function boardOf(
  study: Study,
  q: number,
  orderDate: string,
  today: string,
): { readonly board: Board; readonly failed: string | null } {
  try {
    return { board: boardAt(study, q, orderDate), failed: null };
  } catch (error) {
    const failed = refusalOf(error);
    return { board: boardAt(bareStudy(study.brief, study.school, study.rates), q, today), failed };
  }
}

/** Whole quantity on the rail. */
export const onRail = (q: number): number => Math.min(RAIL_MAX, Math.max(1, Math.round(q)));

export function StudyProvider({
  record,
  decisions: firstDecisions,
  curves: firstSurvey,
  today,
  children,
}: {
  record: StudyRecord & { readonly refused: readonly RefusedSave[] };
  decisions: readonly DecisionRecord[];
  /** The cost curves of the study as they were sent; null where the server could not make one. */
  curves: CostCurves | null;
  today: string;
  children: ReactNode;
}) {
  const [brief, setBriefState] = useState(record.brief);
  const [school, setPolicyState] = useState(record.school);
  const [rates, setRatesState] = useState(record.rates);
  const [generation, setGeneration] = useState(0);
  const [saveState, setSaveState] = useState<SaveState>('saved');
  const [savedAt, setSavedAt] = useState(record.changedAt);
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const [decisions, setDecisions] = useState(firstDecisions);
  const [refused, setRefused] = useState(record.refused);
  const [curves, setSurvey] = useState<CostCurves | null>(firstSurvey);
  const [curvesError, setSurveyError] = useState<string | null>(null);
  const [q, setQState] = useState(() => onRail(lifetimeQuantity(record.brief) ?? 100));

  const saver = useRef<Autosave | null>(null);
  useEffect(() => {
    const autosave = new Autosave(record.id, record.version, (state, lost, at) => {
      setSaveState(state);
      setConflict(lost);
      if (at !== null) setSavedAt(at);
    });
    saver.current = autosave;
    const kept = keptDraft(record.id);
    const parsed = kept === null ? null : readStoredBrief(kept.brief);
    if (parsed !== null && JSON.stringify(parsed.brief) !== JSON.stringify(record.brief)) {
      // What was typed here and never reached the server comes back and is saved.
      queueMicrotask(() => {
        setBriefState(parsed.brief);
        setGeneration((g) => g + 1);
        if (kept?.version === record.version) autosave.change({ brief: parsed.brief, school: record.school });
        else {
          const text = JSON.stringify(parsed.brief);
          const known = record.refused.find((r) => JSON.stringify(r.brief) === text);
          autosave.meet({ mine: parsed.brief, theirs: record, refusedId: known?.id ?? null });
        }
      });
    }
    const leave = (): void => void autosave.flush(true);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      autosave.close();
      saver.current = null;
    };
  }, [record]);

  const { study, failed } = useMemo(() => prepared(brief, school, ratesOf(rates)), [brief, school, rates]);
  const orderDate = brief.quantity.orderDate ?? today;
  const warm = useWarmUp(curves !== null, study);
  // `warm` changes nothing but the identity of the board: it has the whole path walked before the first touch.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const worked = useMemo(() => boardOf(study, q, orderDate, today), [study, q, orderDate, today, warm]);

  const client = useRef<CostCurvesClient | null>(null);
  const sent = useRef(firstSurvey !== null);
  useEffect(() => {
    // What came with the page is not worked out again; the worker starts with the first change.
    if (sent.current) {
      sent.current = false;
      return;
    }
    client.current ??= new CostCurvesClient();
    let live = true;
    client.current.costCurves({ brief, school, rates }).then(
      (result) => {
        if (!live) return;
        setSurvey(result);
        setSurveyError(null);
      },
      (error: unknown) => {
        if (live && !(error instanceof Cancelled))
          setSurveyError(error instanceof Error ? error.message : String(error));
      },
    );
    return () => {
      live = false;
    };
  }, [brief, school, rates]);
  useEffect(
    () => () => {
      client.current?.close();
      client.current = null;
    },
    [],
  );

  const setBrief = useCallback(
    (next: Brief) => {
      setBriefState(next);
      saver.current?.change({ brief: next, school });
    },
    [school],
  );
  const setTolerancePolicy = useCallback(
    (next: TolerancePolicy) => {
      setPolicyState(next);
      saver.current?.change({ brief, school: next });
    },
    [brief],
  );
  const settle = useCallback(
    (choice: 'mine' | 'theirs') => {
      if (conflict === null) return;
      if (choice === 'mine') saver.current?.keepMine(conflict, { brief, school });
      else {
        saver.current?.takeTheirs(conflict);
        setBriefState(conflict.theirs.brief);
        setPolicyState(conflict.theirs.school);
        setGeneration((g) => g + 1);
      }
      setConflict(null);
    },
    [conflict, brief, school],
  );
  const settleRefused = useCallback(
    (save: RefusedSave, take: boolean) => {
      setRefused((list) => list.filter((r) => r.id !== save.id));
      if (take) {
        setBriefState(save.brief);
        setGeneration((g) => g + 1);
        saver.current?.revive(save.id, { brief: save.brief, school });
      } else
        void call('POST', `/api/studies/${record.id}/settle`, { refusedId: save.id }).catch(() =>
          setRefused((list) => [...list, save]),
        );
    },
    [record.id, school],
  );
  const flush = useCallback(async () => {
    await saver.current?.flush();
    return saver.current?.currentVersion ?? 0;
  }, []);
  const setRates = useCallback(
    async (rateSetId: string) => {
      await saver.current?.flush();
      const version = saver.current?.currentVersion ?? 0;
      const chosen = await call<{ version: number; rates: RateRef }>('POST', `/api/studies/${record.id}/rates`, {
        rateSetId,
        version,
      });
      saver.current?.adopt(chosen.version);
      setRatesState(chosen.rates);
    },
    [record.id],
  );
  const adopt = useCallback((version: number) => saver.current?.adopt(version), []);
  const replace = useCallback((next: StudyRecord) => {
    saver.current?.adopt(next.version);
    setBriefState(next.brief);
    setPolicyState(next.school);
    setSavedAt(next.changedAt);
    setGeneration((g) => g + 1);
  }, []);
  const setQ = useCallback((next: number) => setQState(onRail(next)), []);

  const state = useKept<StudyState>({
    id: record.id,
    brief,
    school,
    rates,
    study,
    curves,
    curvesError: curvesError ?? failed ?? worked.failed,
    unread: brief === record.brief ? record.unread : NONE_UNREAD,
    orderDate,
    saveState,
    savedAt,
    conflict,
    generation,
    decisions,
    refused,
    settleRefused,
    setBrief,
    setTolerancePolicy,
    setRates,
    settle,
    setDecisions,
    flush,
    adopt,
    replace,
  });
  const { board } = worked;
  const quantity = useMemo(() => ({ q, setQ, board }), [q, setQ, board]);
  return (
    <StudyContext.Provider value={state}>
      <QuantityContext.Provider value={quantity}>{children}</QuantityContext.Provider>
    </StudyContext.Provider>
  );
}
