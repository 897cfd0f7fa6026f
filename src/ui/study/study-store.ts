import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Brief, BriefIssue, StoredBrief } from '@/core/brief';
import type { CostCurves } from '@/core/comparison/board';
import type { TolerancePolicy } from '@/core/part';
import type { RateRef, RateSet } from '@/core/rates';
import { prepareFrom, type AlloyTable, type Study } from '@/core/study';
import type { DecisionRecord } from '@/server/decisions';
import type { RefusedSave, StudyRecord } from '@/server/studies';
import { Cancelled, CostCurvesClient } from '@/workers/cost-curves.client';
import { call } from '../api';
import { Autosave, keptDraft, type Conflict, type SaveState } from './autosave';
import { prepared } from './prepared';
import { firstTables, wholeTables } from './tables';
import type { KnownAtFirst, Tables } from './tables.types';

/** What a study on the screen is: the brief as typed, and all that follows from it. */
export interface StudyState {
  readonly id: string;
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  /** The rate set the study uses; its figures are those of `study.rates`. */
  readonly rates: RateRef;
  readonly study: Study;
  /** Readies another brief, policy or rate set with the alloys that are at hand. Refused as the core refuses it. */
  readonly prepare: (brief: Brief, school: TolerancePolicy, rates: RateSet) => Study;
  /** The alloys that are at hand. */
  readonly alloyOf: AlloyTable;
  readonly curves: CostCurves | null;
  /** Why the study or its cost curves could not be worked out, or null. */
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
  /** How many quotes it holds: where none, nothing asks for them. */
  readonly quoteCount: number;
  /** Saves of this study that were refused earlier and still wait for a choice. */
  readonly refused: readonly RefusedSave[];
}

/** What is done to a study on the screen; each keeps its identity for as long as the study is open. */
export interface StudyActions {
  readonly settleRefused: (save: RefusedSave, take: boolean) => void;
  readonly setBrief: (brief: Brief) => void;
  /** Says where stands what was typed and is not a brief yet, because what checks it has not come: typing waits, or is taken. */
  readonly typing: (state: 'waiting' | 'failed' | 'taken') => void;
  readonly setTolerancePolicy: (school: TolerancePolicy) => void;
  /** Lets the study use another rate set: saved at once. Rejects with the server's refusal. */
  readonly setRates: (rateSetId: string) => Promise<void>;
  /** Other process values; null for the book's. */
  readonly setProcess: (processSetId: string | null) => Promise<void>;
  /** Judged by the book, by one foundry, or by all of them. */
  readonly setJudged: (judged: 'book' | 'one' | 'all', foundryId: string | null) => Promise<void>;
  readonly settle: (choice: 'mine' | 'theirs') => void;
  readonly setDecisions: (decisions: readonly DecisionRecord[]) => void;
  readonly setQuoteCount: (count: number) => void;
  readonly flush: () => Promise<number>;
  readonly adopt: (version: number) => void;
  /** Takes the study as the server has it now, after something else than typing changed it. */
  readonly replace: (study: StudyRecord) => void;
}

/** What a study is opened with. */
export interface StudyOpened extends KnownAtFirst {
  readonly record: StudyRecord & { readonly refused: readonly RefusedSave[] };
  readonly decisions: readonly DecisionRecord[];
  /** How many quotes it holds; none where not said. */
  readonly quoteCount?: number;
  /** The cost curves of the study as they were sent; null where the server could not make one. */
  readonly curves: CostCurves | null;
  /** ISO date that stands for the order where the brief names none. */
  readonly today: string;
}

/** Who saves a study and who works out its curves; others in tests. */
export interface StudyHelpers {
  readonly saver: (...of: ConstructorParameters<typeof Autosave>) => Pick<Autosave, keyof Autosave>;
  readonly curves: () => Pick<CostCurvesClient, 'costCurves' | 'close'>;
  readonly call: typeof call;
  readonly draft: typeof keptDraft;
  readonly tables: () => Promise<Tables>;
  /** Reads a kept draft; what reads it is fetched only where there is one. */
  readonly readDraft: (raw: unknown) => Promise<Pick<StoredBrief, 'brief'>>;
}

export interface StudyStore extends StoreApi<StudyState & StudyActions> {
  /** Starts to save and to follow the brief with curves; the answer ends both, and sends what still waits on its way. */
  readonly open: () => () => void;
  /** Sends what still waits to be saved on its way, as a page goes. */
  readonly leave: () => void;
}

const HELPERS: StudyHelpers = {
  saver: (...of) => new Autosave(...of),
  curves: () => new CostCurvesClient(),
  call,
  draft: keptDraft,
  tables: wholeTables,
  readDraft: async (raw) => (await import('./read-draft')).readStoredBrief(raw),
};
const NONE_UNREAD: readonly BriefIssue[] = [];

/** The store of one study on the screen. */
export function createStudyStore(opened: StudyOpened, helpers = HELPERS): StudyStore {
  const { record, decisions, curves, today } = opened;
  let tables = firstTables(opened);
  let fetching: Promise<void> | null = null;
  let saver: ReturnType<StudyHelpers['saver']> | null = null;
  let client: ReturnType<StudyHelpers['curves']> | null = null;
  let question = 0;

  /** The alloys at hand, the team's own among them; the same function while tables and rates stay. */
  let own: { readonly rates: RateRef; readonly of: AlloyTable; readonly alloyOf: AlloyTable } | null = null;
  const alloysAt = (rates: RateRef): AlloyTable => {
    const list = rates.alloys?.list;
    if (list === undefined || list.length === 0) return tables.alloyOf;
    if (own?.rates !== rates || own.of !== tables.alloyOf) {
      const byId = new Map(list.map((a) => [a.id, a]));
      const of = tables.alloyOf;
      own = { rates, of, alloyOf: (id) => byId.get(id) ?? of(id) };
    }
    return own.alloyOf;
  };
  /** All that follows from what is typed and chosen, with the tables that are at hand. */
  const following = (brief: Brief, school: TolerancePolicy, rates: RateRef) => {
    const prepare: StudyState['prepare'] = (...of) => prepareFrom(alloysAt(rates), ...of);
    const { study, failed } = prepared(prepare, brief, school, tables.ratesOf(rates));
    return { ...said(brief, school, rates), study, prepare, alloyOf: alloysAt(rates), curvesError: failed };
  };
  const said = (brief: Brief, school: TolerancePolicy, rates: RateRef) => ({
    ...{ brief, school, rates },
    orderDate: brief.quantity.orderDate ?? today,
    unread: brief === record.brief ? record.unread : NONE_UNREAD,
  });
  /** The same; where its alloy is not at hand yet, the study follows as soon as the whole table has come. */
  const followingSoon = (brief: Brief, school: TolerancePolicy, rates: RateRef): Partial<StudyState> => {
    if (tables.whole || brief.alloy === null || alloysAt(rates)(brief.alloy) !== undefined)
      return following(brief, school, rates);
    fetching ??= helpers.tables().then(
      (whole) => {
        tables = whole;
        const now = store.getState();
        store.setState(following(now.brief, now.school, now.rates));
      },
      () => {
        fetching = null;
        store.setState({ curvesError: 'The table of alloys did not come. Change the alloy again to ask for it.' });
      },
    );
    return said(brief, school, rates);
  };

  const store = createStore<StudyState & StudyActions>((set, get) => {
    /** Takes a change of what the study rests on, and asks for its curves anew. */
    const change = (
      to: Partial<Pick<StudyState, 'brief' | 'school' | 'rates'>>,
      more: Partial<StudyState> = {},
    ): void => {
      const { brief, school, rates } = { ...get(), ...to };
      set({ ...followingSoon(brief, school, rates), ...more });
      ask();
    };
    /** The same, put in place of what the form shows. */
    const putIn = (to: Parameters<typeof change>[0], more: Partial<StudyState> = {}): void =>
      change(to, { ...more, generation: get().generation + 1 });
    /** Lets the study be judged by something else: told the server first, as what it stands at. */
    const judgedBy = async (act: 'rates' | 'process' | 'judged', body: object): Promise<void> => {
      const version = await get().flush();
      const chosen = await helpers.call<{ version: number; rates: RateRef }>(
        'POST',
        `/api/studies/${record.id}/${act}`,
        { ...body, version },
      );
      saver?.adopt(chosen.version);
      change({ rates: chosen.rates });
    };
    return {
      id: record.id,
      ...following(record.brief, record.school, record.rates),
      curves,
      saveState: 'saved',
      savedAt: record.changedAt,
      conflict: null,
      generation: 0,
      decisions,
      quoteCount: opened.quoteCount ?? 0,
      refused: record.refused,
      setBrief: (brief) => {
        change({ brief });
        saver?.change({ brief, school: get().school });
      },
      typing: (state) => {
        const own = saver?.state ?? 'saved';
        set({ saveState: state === 'taken' ? own : own === 'saved' ? state : own });
      },
      setTolerancePolicy: (school) => {
        change({ school });
        saver?.change({ brief: get().brief, school });
      },
      settle: (choice) => {
        const { conflict, brief, school } = get();
        if (conflict === null) return;
        if (choice === 'mine') {
          saver?.keepMine(conflict, { brief, school });
          set({ conflict: null });
          return;
        }
        saver?.takeTheirs(conflict);
        putIn({ brief: conflict.theirs.brief, school: conflict.theirs.school }, { conflict: null });
      },
      settleRefused: (save, take) => {
        set({ refused: get().refused.filter((r) => r.id !== save.id) });
        if (take) {
          putIn({ brief: save.brief });
          saver?.revive(save.id, { brief: save.brief, school: get().school });
        } else
          void helpers
            .call('POST', `/api/studies/${record.id}/settle`, { refusedId: save.id })
            .catch(() => set({ refused: [...get().refused, save] }));
      },
      flush: async () => {
        await saver?.flush();
        return saver?.currentVersion ?? 0;
      },
      setRates: (rateSetId) => judgedBy('rates', { rateSetId }),
      setProcess: (processSetId) => judgedBy('process', { processSetId }),
      setJudged: (judged, foundryId) => judgedBy('judged', { judged, foundryId }),
      setDecisions: (list) => set({ decisions: list }),
      setQuoteCount: (count) => set({ quoteCount: count }),
      adopt: (version) => saver?.adopt(version),
      replace: (next) => {
        saver?.adopt(next.version);
        putIn({ brief: next.brief, school: next.school }, { savedAt: next.changedAt });
      },
    };
  });

  /** Asks for the curves of the study as it is now; an answer that comes after a newer question is dropped. */
  function ask(): void {
    if (saver === null) return;
    client ??= helpers.curves();
    const { brief, school, rates } = store.getState();
    const mine = ++question;
    client.costCurves({ brief, school, rates }).then(
      (found) => {
        if (mine === question) store.setState({ curves: found, curvesError: null });
      },
      (error: unknown) => {
        if (mine === question && !(error instanceof Cancelled))
          store.setState({ curvesError: error instanceof Error ? error.message : String(error) });
      },
    );
  }

  /** What was typed here and never reached the server comes back and is saved. */
  async function takeDraft(): Promise<void> {
    const kept = helpers.draft(record.id);
    if (kept === null || saver === null) return;
    const mine = saver;
    const { brief } = await helpers.readDraft(kept.brief);
    if (saver !== mine) return;
    const text = JSON.stringify(brief);
    if (text === JSON.stringify(record.brief)) return;
    if (store.getState().brief !== record.brief) {
      // Typed into while the draft was being read: neither is lost, the user chooses.
      saver.meet({ mine: brief, theirs: record, refusedId: null });
      return;
    }
    const { generation, school, rates } = store.getState();
    store.setState({ ...followingSoon(brief, school, rates), generation: generation + 1 });
    ask();
    if (kept.version === record.version) saver.change({ brief, school: record.school });
    else {
      const known = record.refused.find((r) => JSON.stringify(r.brief) === text);
      saver.meet({ mine: brief, theirs: record, refusedId: known?.id ?? null });
    }
  }

  return {
    ...store,
    open: () => {
      const mine = helpers.saver(record.id, record.version, (saveState, conflict, at) =>
        store.setState({ saveState, conflict, ...(at === null ? {} : { savedAt: at }) }),
      );
      saver = mine;
      // What came with the page is not worked out again; the worker starts with the first change.
      if (store.getState().curves === null) ask();
      void takeDraft();
      return () => {
        mine.close();
        if (saver === mine) saver = null;
        question++;
        client?.close();
        client = null;
      };
    },
    leave: () => void saver?.flush(true),
  };
}
