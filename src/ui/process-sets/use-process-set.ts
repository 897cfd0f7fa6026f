import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState } from 'react';
import {
  absentEntries,
  bookEntries,
  ownEntries,
  processNames,
  type OwnValue,
  type ProcessEntry,
  type ProcessValue,
} from '@/core/process-values';
import type { ProcessRef } from '@/core/rates';
import type { ProcessSetRecord } from '@/server/process-sets';
import type { RateEffect } from '@/server/rates';
import { call, Refused } from '../api';
import { keepHere, keptHere } from '../browser-store';
import { useUnits } from '../preferences';
import { isMoved, useMoves } from '../rates/moved-studies';
import { notices } from '../shell/notices';
import { NONE, useProcessDraft } from './use-process-draft';
import { isOwn } from './value-words';

const isText = (x: unknown): x is string => typeof x === 'string';

/** How the values of a save are known. */
export interface Known {
  readonly known: OwnValue['known'];
  readonly source: string;
  /** ISO date, or empty. */
  readonly date: string;
}

/** A set of process values on the screen: what is typed over it and not saved, and the save. */
export function useProcessSet(record: ProcessSetRecord) {
  const router = useRouter();
  const [units] = useUnits();
  const [ref, setRef] = useState<ProcessRef>(record.ref);
  const [stamp, setStamp] = useState({ at: record.changedAt, by: record.changedBy });
  const [changes, setChanges] = useState(record.changes);
  const entries = useMemo(() => withAbsent(ownEntries(ref.own)), [ref]);
  const draft = useProcessDraft(ref.id, entries, units);
  const [who, setWho] = useState('');
  const [why, setWhy] = useState('');
  const [how, setHow] = useState<Known>({ known: 'measured', source: '', date: '' });
  const [taken, setTaken] = useState<Readonly<Record<string, OwnValue>>>({});
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<readonly RateEffect[] | null>(null);
  useEffect(() => queueMicrotask(() => setWho(keptHere('rates-who', isText) ?? '')), []);
  const change = useMemo(() => {
    const date = how.date === '' ? null : how.date;
    const values = Object.entries(draft.values).map(([path, v]): [string, OwnValue | null] => {
      const book = bookEntries().get(path)?.value;
      if (v === NONE || JSON.stringify(v) === JSON.stringify(book)) return [path, null];
      const from = taken[path];
      return [
        path,
        from !== undefined && JSON.stringify(from.v) === JSON.stringify(v)
          ? from
          : { v, known: how.known, source: how.source.trim(), date },
      ];
    });
    return values.length === 0 ? {} : { values: Object.fromEntries(values) };
  }, [draft.values, how, taken]);
  const count = Object.keys(draft.values).length;
  const moves = useMoves(`/api/process-sets/${ref.id}/effect`, record.book ? NO_CHANGE : change, ref.version);
  const save = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    const moved = moves.effects;
    try {
      const saved = await call<{ ref: ProcessRef }>('PUT', `/api/process-sets/${ref.id}`, {
        change,
        version: ref.version,
        who: who.trim(),
        why: why.trim(),
      });
      keepHere('rates-who', who.trim());
      const fresh = await call<ProcessSetRecord>('GET', `/api/process-sets/${ref.id}`);
      draft.clear();
      setTaken({});
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
        const body = error.body as { current: ProcessRef; changedBy: string };
        setRef(body.current);
        setProblem(
          `${body.changedBy} saved a newer version of this set while you were typing. What you typed is kept and now applies to theirs: check it and save again.`,
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
  const { type, take } = draft;
  return {
    ...{
      units,
      ref,
      stamp,
      changes,
      entries,
      draft,
      who,
      setWho,
      why,
      setWhy,
      how,
      setHow,
      busy,
      problem,
      done,
      moves,
    },
    count,
    problems: Object.values(draft.problems),
    onType: useCallback(
      (entry: ProcessEntry, box: number, text: string, shown: readonly string[]) => {
        setDone(null);
        type(entry, box, text, shown);
      },
      [type],
    ),
    onBook: useCallback(
      (path: string) => {
        take({ [path]: bookEntries().get(path)?.value ?? NONE });
      },
      [take],
    ),
    /** Puts a value of the history in again, unsaved: an own one as it was known, or the book's. */
    undo: (path: string, was: unknown, reason: string): void => {
      setDone(null);
      const before = isOwn(was) ? was : null;
      if (before !== null) setTaken((all) => ({ ...all, [path]: before }));
      take({ [path]: before?.v ?? bookEntries().get(path)?.value ?? NONE });
      setWhy((text) => (text === '' ? reason : text));
    },
    /** Takes values from a file, unsaved, with how they are known. */
    takeAll: (values: Readonly<Record<string, OwnValue>>, reason: string): void => {
      setDone(null);
      setTaken((was) => ({ ...was, ...values }));
      take(Object.fromEntries(Object.entries(values).map(([path, { v }]): [string, ProcessValue] => [path, v])));
      setWhy((was) => (was === '' ? reason : was));
    },
    save: () => void save(),
    drop: () => {
      draft.clear();
      setTaken({});
      setProblem(null);
    },
  };
}

const NO_CHANGE = {};

/** Where a value stands: its route or variant, and its table. */
const tableOf = (path: string): string => processNames(path).slice(0, 2).join(' ');

/** Values with those that the book has no figure of, each after the others of its table. */
function withAbsent(entries: readonly ProcessEntry[]): ReadonlyMap<string, ProcessEntry> {
  const given = new Set(entries.map((e) => e.path));
  const lacking = [...absentEntries().values()].filter((e) => !given.has(e.path));
  const parts = new Map<string, Map<string, ProcessEntry[]>>();
  for (const entry of [...entries, ...lacking]) {
    const tables = parts.get(entry.part) ?? new Map<string, ProcessEntry[]>();
    parts.set(entry.part, tables);
    const key = tableOf(entry.path);
    tables.set(key, [...(tables.get(key) ?? []), entry]);
  }
  const all = [...parts.values()].flatMap((tables) => [...tables.values()].flat());
  return new Map(all.map((e) => [e.path, e]));
}
