import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState } from 'react';
import {
  farOff,
  rateEntries,
  ratesOf,
  SHIPPED_RATES,
  type OwnFigure,
  type RateEntry,
  type RateRef,
} from '@/core/rates';
import type { RateChange, RateEffect, RateSetRecord } from '@/server/rates';
import { call, Refused } from '../api';
import { keepHere, keptHere } from '../browser-store';
import { useUnits } from '../preferences';
import { notices } from '../shell/notices';
import { isMoved, useMoves } from './moved-studies';
import { isNames, NO_NAMES, readNames, type Names } from './name-fields';
import { useDraft } from './use-draft';

const SHIPPED_ENTRIES = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
const SHIPPED = new Map([...SHIPPED_ENTRIES].map(([path, e]) => [path, e.value]));
/** Figures of a set. */
export const RATE_COUNT = SHIPPED.size;
const isText = (x: unknown): x is string => typeof x === 'string';

/** A rate set on the screen: its figures, what is typed over them and not saved, and the save. */
export function useRateSet(record: RateSetRecord) {
  const [ref, setRef] = useState<RateRef>(record.ref);
  const [stamp, setStamp] = useState({ at: record.changedAt, by: record.changedBy });
  const [changes, setChanges] = useState<readonly RateChange[]>(record.changes);
  const rates = useMemo(() => ratesOf(ref), [ref]);
  const router = useRouter();
  const [units] = useUnits();
  const draft = useDraft(rates, units);
  const [who, setWho] = useState('');
  const [why, setWhy] = useState('');
  const [names, setNamesState] = useState<Names>(NO_NAMES);
  const setNames = useCallback(
    (next: Names) => {
      setNamesState(next);
      keepHere(`rates-names-${record.ref.id}`, next);
    },
    [record.ref.id],
  );
  const [busy, setBusy] = useState(false);
  const [asking, setAsking] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<readonly RateEffect[] | null>(null);
  useEffect(
    () =>
      queueMicrotask(() => {
        setWho(keptHere('rates-who', isText) ?? '');
        setNamesState(keptHere(`rates-names-${record.ref.id}`, isNames) ?? NO_NAMES);
      }),
    [record.ref.id],
  );
  const named = useMemo(() => readNames(names, ref), [names, ref]);
  const change = useMemo(
    () => ({
      ...(Object.keys(draft.figures).length > 0 ? { figures: draft.figures } : {}),
      ...(draft.holidaysChanged ? { holidays: draft.holidays } : {}),
      ...named.change,
    }),
    [draft.figures, draft.holidaysChanged, draft.holidays, named.change],
  );
  const count = Object.keys(draft.figures).length + (draft.holidaysChanged ? 1 : 0) + Object.keys(named.change).length;
  const problems = Object.values(draft.problems).concat(draft.holidaysProblem ?? [], named.problems);
  const moves = useMoves(`/api/rates/${ref.id}/effect`, change, ref.version);
  const far = useMemo(() => farOff(draft.figures, SHIPPED_ENTRIES), [draft.figures]);
  const last = useMemo(() => {
    const out = new Map<string, RateChange>();
    for (const c of changes) if (!out.has(c.path)) out.set(c.path, c);
    return out;
  }, [changes]);

  const { type, take } = draft;
  const onType = useCallback(
    (entry: RateEntry, box: number, text: string) => {
      setDone(null);
      type(entry, box, text);
    },
    [type],
  );
  const save = async (): Promise<void> => {
    setAsking(false);
    setBusy(true);
    setProblem(null);
    const moved = moves.effects;
    try {
      const saved = await call<{ ref: RateRef }>('PUT', `/api/rates/${ref.id}`, {
        change,
        version: ref.version,
        who: who.trim(),
        why: why.trim(),
      });
      keepHere('rates-who', who.trim());
      const fresh = await call<RateSetRecord>('GET', `/api/rates/${ref.id}`);
      draft.clear();
      setNames(NO_NAMES);
      setRef(saved.ref);
      setChanges(fresh.changes);
      setStamp({ at: fresh.changedAt, by: fresh.changedBy });
      setDone(moved);
      setWhy('');
      const n = moved?.filter(isMoved).length ?? 0;
      // Who comes back to this page finds what was saved, not what the page was first sent with.
      router.refresh();
      notices.create({ title: `Saved. ${n} of ${moved?.length ?? 0} studies that use the set changed.` });
    } catch (error) {
      if (error instanceof Refused && error.status === 409) {
        const body = error.body as { current: RateRef; changedBy: string | null };
        setRef(body.current);
        setProblem(
          `${body.changedBy ?? 'Somebody'} saved a newer version of this set while you were typing. What you typed is kept and now applies to theirs: check it and save again.`,
        );
      } else
        setProblem(
          error instanceof Refused
            ? error.message
            : 'The server does not answer. Nothing was saved; what you typed is kept.',
        );
    }
    setBusy(false);
  };
  return {
    ...{
      units,
      ref,
      stamp,
      changes,
      rates,
      draft,
      who,
      setWho,
      why,
      setWhy,
      names,
      setNames,
      busy,
      problem,
      done,
      moves,
    },
    ...{ count, problems, onType },
    onShipped: useCallback((entry: RateEntry, value: OwnFigure) => take({ [entry.path]: value }), [take]),
    shippedOf: useCallback(
      (path: string): OwnFigure | null => (ref.own.figures[path] === undefined ? null : (SHIPPED.get(path) ?? null)),
      [ref],
    ),
    lastOf: useCallback((path: string) => last.get(path), [last]),
    /** Takes figures from elsewhere, unsaved, with the reason that is offered for them. */
    takeAll: (figures: Readonly<Record<string, OwnFigure>>, reason: string): void => {
      setDone(null);
      take(figures);
      setWhy((was) => (was === '' ? reason : was));
    },
    /** Figures far outside their usual band that are asked about; null where nothing is asked. */
    asking: asking && far.length > 0 ? far : null,
    /** Saves; where a figure is far off, asks first. */
    save: () => (far.length > 0 && !asking ? setAsking(true) : void save()),
    drop: () => {
      draft.clear();
      setNames(NO_NAMES);
      setProblem(null);
    },
  };
}
