import { useCallback, useEffect, useMemo, useState } from 'react';
import type { UnitSystem } from '@/core/base/units';
import { absentEntries, givenValue, refusedValue, type ProcessEntry, type ProcessValue } from '@/core/process-values';
import { keepHere, keptHere } from '../browser-store';
import { readOver } from '../fields/numbers';
import { textsOf } from './value-words';

/** What is typed over values and not saved, with the units it was typed in. */
type Texts = Readonly<Record<string, { readonly units: UnitSystem; readonly boxes: readonly string[] }>>;

const NOTHING: Texts = {};
/** What stands for a figure taken away. */
export const NONE = '';
const LIKELY = 1;
const EMPTY_BOXES: readonly string[] = ['', '', ''];
/** An entry once a figure of it is given. */
const given = ({ unit }: ProcessEntry): Pick<ProcessEntry, 'unit' | 'absent'> => ({ unit });
const isTexts = (x: unknown): x is Texts => typeof x === 'object' && x !== null && !Array.isArray(x);

/** The value that was typed; texts that are no figure come back as they are, to be refused by name. */
function readValue(entry: ProcessEntry, { units, boxes: typed }: Texts[string]): unknown {
  if (typeof entry.value === 'string') return typed[0] ?? '';
  // An earlier build kept a single figure alone.
  const boxes = typed.length === 1 ? ['', ...typed, ''] : typed;
  const { value, range } = entry;
  const was = entry.absent === true ? [] : typeof value === 'number' ? [range?.[0], value, range?.[1]] : value;
  const numbers = boxes.map((text, i) => readOver(text, was[i], entry.unit, units));
  // A single figure has a range where one is given, and none where both its boxes are empty.
  const isAlone = typeof value === 'number' && boxes.every((text, i) => i === LIKELY || text.trim() === '');
  return isAlone ? numbers[LIKELY] : numbers;
}

/** What is typed into a set, kept in this browser until it is saved or dropped. */
export function useProcessDraft(id: string, entries: ReadonlyMap<string, ProcessEntry>, units: UnitSystem) {
  const name = `process-${id}`;
  const [texts, setTexts] = useState(NOTHING);
  useEffect(() => queueMicrotask(() => setTexts(keptHere(name, isTexts) ?? NOTHING)), [name]);
  const put = useCallback(
    (change: (was: Texts) => Texts) =>
      setTexts((was) => {
        const next = change(was);
        keepHere(name, Object.keys(next).length === 0 ? null : next);
        return next;
      }),
    [name],
  );
  const read = useMemo(() => {
    const values: Record<string, ProcessValue> = {};
    const problems: Record<string, string> = {};
    for (const [path, typed] of Object.entries(texts)) {
      const entry = entries.get(path);
      if (entry === undefined) continue;
      const value = readValue(entry, typed);
      // A figure that the book has none of is taken away by emptying its boxes.
      if (absentEntries().has(path) && typed.boxes.every((text) => text.trim() === '')) {
        if (entry.absent !== true) values[path] = NONE;
        continue;
      }
      const refusal = refusedValue(entry, value);
      if (refusal !== null) problems[path] = `${entry.words} “${typed.boxes.join(' · ')}”: ${refusal}.`;
      else if (entry.absent === true || JSON.stringify(value) !== JSON.stringify(givenValue(entry)))
        values[path] = value as ProcessValue;
    }
    return { values, problems };
  }, [texts, entries]);
  const textsFor = useCallback(
    (entry: ProcessEntry): readonly string[] => {
      const typed = texts[entry.path];
      if (typed === undefined) return textsOf(entry, givenValue(entry), units);
      if (typed.units === units) return typed.boxes;
      const value = readValue(entry, typed);
      return refusedValue(entry, value) === null ? textsOf(given(entry), value as ProcessValue, units) : typed.boxes;
    },
    [texts, units],
  );
  return {
    ...read,
    textsFor,
    type: useCallback(
      (entry: ProcessEntry, box: number, text: string, shown: readonly string[]) =>
        put((was) => {
          const boxes = [...shown];
          boxes[box] = text;
          return { ...was, [entry.path]: { units, boxes } };
        }),
      [put, units],
    ),
    take: useCallback(
      (values: Readonly<Record<string, ProcessValue>>) =>
        put((was) => ({
          ...was,
          ...Object.fromEntries(
            Object.entries(values).flatMap(([path, value]) => {
              const entry = entries.get(path);
              return entry === undefined
                ? []
                : [
                    [
                      path,
                      { units, boxes: value === NONE ? EMPTY_BOXES : textsOf(given(entry), value, units) },
                    ] as const,
                  ];
            }),
          ),
        })),
      [put, entries, units],
    ),
    clear: useCallback(() => put(() => NOTHING), [put]),
  };
}
