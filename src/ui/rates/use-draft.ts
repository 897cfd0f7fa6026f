import { useCallback, useEffect, useMemo, useState } from 'react';
import { DATE_SHOWN_WANTED, readDate } from '@/core/base/plain-date';
import { rateEntries, refusedFigure, type OwnFigure, type RateEntry, type RateSet } from '@/core/rates';
import { keepHere, keptHere } from '../browser-store';
import { readFigure, showFigure } from '../fields/numbers';
import { plainDate } from '../format';

/** What is typed into a set and not saved: texts by path (one or three), and the days it is shut. */
interface Typed {
  readonly texts: Readonly<Record<string, readonly string[]>>;
  readonly holidays: string | null;
}

const isTyped = (x: unknown): x is Typed =>
  typeof x === 'object' && x !== null && 'texts' in x && typeof x.texts === 'object';

/** A figure as the texts of its boxes. */
export const textsOf = (value: OwnFigure): readonly string[] =>
  (typeof value === 'number' ? [value] : value).map((x) => showFigure(x, null, 'si'));

/** Unsaved changes of a rate set. */
export interface RateDraft {
  readonly textsFor: (entry: RateEntry) => readonly string[];
  /** Figures that can be saved, by path. */
  readonly figures: Readonly<Record<string, OwnFigure>>;
  /** What is wrong with what is typed, by path. */
  readonly problems: Readonly<Record<string, string>>;
  readonly holidaysText: string;
  readonly holidays: readonly string[];
  readonly holidaysProblem: string | null;
  readonly holidaysChanged: boolean;
  readonly type: (entry: RateEntry, box: number, text: string) => void;
  readonly take: (figures: Readonly<Record<string, OwnFigure>>) => void;
  readonly setHolidays: (text: string) => void;
  readonly clear: () => void;
}

const NOTHING: Readonly<Record<string, readonly string[]>> = {};

/** What is typed into a set, kept in this browser until it is saved or dropped. */
export function useDraft(rates: RateSet): RateDraft {
  const name = `rates-${rates.id}`;
  const [texts, setTexts] = useState(NOTHING);
  const [shut, setShut] = useState<string | null>(null);
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(name, isTyped);
        if (kept === null) return;
        setTexts(kept.texts);
        setShut(kept.holidays);
      }),
    [name],
  );
  const keep = useCallback(
    (next: Typed['texts'], holidays: string | null) => keepHere(name, { texts: next, holidays }),
    [name],
  );
  const entries = useMemo(() => new Map(rateEntries(rates).map((e) => [e.path, e])), [rates]);
  const read = useMemo(() => {
    const figures: Record<string, OwnFigure> = {};
    const problems: Record<string, string> = {};
    for (const [path, boxes] of Object.entries(texts)) {
      const entry = entries.get(path);
      if (entry === undefined) continue;
      const numbers = boxes.map((text) => readFigure(text, null, 'si'));
      const value = typeof entry.value === 'number' ? numbers[0] : numbers;
      const refusal = refusedFigure(entry, value);
      if (refusal !== null) problems[path] = `${entry.words} “${boxes.join(' · ')}”: ${refusal}.`;
      else if (JSON.stringify(value) !== JSON.stringify(entry.value)) figures[path] = value as OwnFigure;
    }
    return { figures, problems };
  }, [texts, entries]);
  const saved = (rates.calendar.holidays ?? []).join('\n');
  const holidaysText = shut ?? (rates.calendar.holidays ?? []).map(plainDate).join('\n');
  const days = useMemo(() => readDays(holidaysText), [holidaysText]);
  const holidaysChanged = days.problem === null && days.days.join('\n') !== saved;

  const textsFor = useCallback((entry: RateEntry) => texts[entry.path] ?? textsOf(entry.value), [texts]);
  const type = useCallback(
    (entry: RateEntry, box: number, text: string) =>
      setTexts((was) => {
        const boxes = [...(was[entry.path] ?? textsOf(entry.value))];
        boxes[box] = text;
        const next = { ...was, [entry.path]: boxes };
        keep(next, shut);
        return next;
      }),
    [keep, shut],
  );
  const take = useCallback(
    (figures: Readonly<Record<string, OwnFigure>>) =>
      setTexts((was) => {
        const next = { ...was };
        for (const [path, value] of Object.entries(figures)) next[path] = textsOf(value);
        keep(next, shut);
        return next;
      }),
    [keep, shut],
  );
  const setHolidays = useCallback(
    (text: string) => {
      setShut(text);
      keep(texts, text);
    },
    [keep, texts],
  );
  const clear = useCallback(() => {
    setTexts(NOTHING);
    setShut(null);
    keepHere(name, null);
  }, [name]);
  return {
    textsFor,
    ...read,
    holidaysText,
    holidays: days.days,
    holidaysProblem: days.problem,
    holidaysChanged,
    type,
    take,
    setHolidays,
    clear,
  };
}

/** ISO dates with nothing but blanks between them, as earlier builds kept them. */
const ISO_DAYS = /^\d{4}-\d{2}-\d{2}(\s+\d{4}-\d{2}-\d{2})+$/;

/** Days read from a text: one date a line or between commas, as screens show them; the first that is no date is named. */
export function readDays(text: string): { readonly days: readonly string[]; readonly problem: string | null } {
  const words = text
    .split(/[\n,;]+/)
    .map((word) => word.trim())
    .flatMap((word) => (ISO_DAYS.test(word) ? word.split(/\s+/) : [word]))
    .filter(Boolean);
  const read = words.map((word) => ({ word, iso: readDate(word) }));
  const bad = read.find(({ iso }) => iso === null);
  return bad === undefined
    ? { days: [...new Set(read.flatMap(({ iso }) => iso ?? []))].sort(), problem: null }
    : { days: [], problem: `Holidays “${bad.word}”: ${DATE_SHOWN_WANTED} is wanted.` };
}
