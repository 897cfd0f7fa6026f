import { useCallback, useEffect, useMemo, useState } from 'react';
import type { UnitSystem } from '@/core/base/units';
import { DATE_SHOWN_WANTED, readDate } from '@/core/base/plain-date';
import { rateEntries, refusedFigure, type OwnFigure, type RateEntry, type RateSet } from '@/core/rates';
import { keepHere, keptHere } from '../browser-store';
import { readOver, showIn } from '../fields/numbers';
import { plainDate } from '../format';

/** Texts of the boxes of a figure (one or three), and the units they were typed in. */
interface TypedFigure {
  readonly units: UnitSystem;
  readonly boxes: readonly string[];
}

/** What is typed into a set and not saved: texts by path, and the days it is shut. */
interface Typed {
  readonly texts: Readonly<Record<string, TypedFigure>>;
  readonly holidays: string | null;
}

const isTyped = (x: unknown): x is Typed =>
  typeof x === 'object' && x !== null && 'texts' in x && typeof x.texts === 'object';

/** A figure as the texts of its boxes, in the units of the screen. */
export const textsOf = (value: OwnFigure, unit: string, units: UnitSystem): readonly string[] =>
  (typeof value === 'number' ? [value] : value).map((x) => showIn(x, unit, units));

/** The figure that was typed; a text that is none comes back as it is, to be refused by name. */
export function readTyped({ value, unit }: Pick<RateEntry, 'value' | 'unit'>, { units, boxes }: TypedFigure): unknown {
  const was = typeof value === 'number' ? [value] : value;
  const numbers = boxes.map((text, i) => readOver(text, was[i], unit, units));
  return typeof value === 'number' ? numbers[0] : numbers;
}

/** What an earlier build kept: texts alone, in SI. */
const withUnits = (kept: Readonly<Record<string, TypedFigure | readonly string[]>>): Typed['texts'] =>
  Object.fromEntries(
    Object.entries(kept).map(([path, typed]) => [path, 'boxes' in typed ? typed : { units: 'si', boxes: typed }]),
  );

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

const NOTHING: Typed['texts'] = {};

/** What is typed into a set, kept in this browser until it is saved or dropped. */
export function useDraft(rates: RateSet, units: UnitSystem): RateDraft {
  const name = `rates-${rates.id}`;
  const [texts, setTexts] = useState(NOTHING);
  const [shut, setShut] = useState<string | null>(null);
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(name, isTyped);
        if (kept === null) return;
        setTexts(withUnits(kept.texts));
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
    for (const [path, typed] of Object.entries(texts)) {
      const entry = entries.get(path);
      if (entry === undefined) continue;
      const value = readTyped(entry, typed);
      const refusal = refusedFigure(entry, value);
      if (refusal !== null) problems[path] = `${entry.words} “${typed.boxes.join(' · ')}”: ${refusal}.`;
      else if (JSON.stringify(value) !== JSON.stringify(entry.value)) figures[path] = value as OwnFigure;
    }
    return { figures, problems };
  }, [texts, entries]);
  const saved = (rates.calendar.holidays ?? []).join('\n');
  const holidaysText = shut ?? (rates.calendar.holidays ?? []).map(plainDate).join('\n');
  const days = useMemo(() => readDays(holidaysText), [holidaysText]);
  const holidaysChanged = days.problem === null && days.days.join('\n') !== saved;

  const textsFor = useCallback(
    (entry: RateEntry) => {
      const typed = texts[entry.path];
      if (typed === undefined) return textsOf(entry.value, entry.unit, units);
      if (typed.units === units) return typed.boxes;
      const value = readTyped(entry, typed);
      return refusedFigure(entry, value) === null ? textsOf(value as OwnFigure, entry.unit, units) : typed.boxes;
    },
    [texts, units],
  );
  const type = useCallback(
    (entry: RateEntry, box: number, text: string) =>
      setTexts((was) => {
        const boxes = [...textsFor(entry)];
        boxes[box] = text;
        const next = { ...was, [entry.path]: { units, boxes } };
        keep(next, shut);
        return next;
      }),
    [keep, shut, textsFor, units],
  );
  const take = useCallback(
    (figures: Readonly<Record<string, OwnFigure>>) =>
      setTexts((was) => {
        const next = { ...was };
        for (const [path, value] of Object.entries(figures))
          next[path] = { units, boxes: textsOf(value, entries.get(path)?.unit ?? '', units) };
        keep(next, shut);
        return next;
      }),
    [entries, keep, shut, units],
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
