import { useCallback, useMemo } from 'react';
import { parseFoundryProfile, type FoundryProfile, type Said } from '@/core/foundries';
import type { UnitSystem } from '@/core/base/units';
import { useKeptDraft, type Flat } from '../kept-draft';
import { readSlot, withSlot } from './slot-texts';
import type { RowSlot } from './profile-rows';

/** Place of a value: of the foundry as a whole, or of one of its lines. */
export interface At {
  readonly line: number | null;
  readonly key: string;
}

/** A profile while it is typed: any value may be unfinished. */
interface Draft {
  readonly lines: readonly Readonly<Record<string, unknown>>[];
  readonly [key: string]: unknown;
}

/** What is said of a foundry. */
interface Started {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly profile: FoundryProfile;
}

/** A line stands by its lane, its values by lane and key; the order of the lines is kept beside. */
const RUN = 'run';

/** A foundry as values by path. */
function flatOf({ name, note, profile: { lines, ...shop } }: Started): Flat {
  const out: Record<string, unknown> = { name, note };
  for (const [key, said] of Object.entries(shop)) if (said !== undefined) out[key] = said;
  for (const { route, variant, ...said } of lines) {
    const lane = `${route}/${variant}`;
    out[lane] = RUN;
    for (const [key, value] of Object.entries(said)) if (value !== undefined) out[`${lane}.${key}`] = value;
  }
  return out;
}

const isLane = (path: string): boolean => path.includes('/') && !path.includes('.');

/** The profile out of values by path. */
function draftOf(flat: Flat): Draft {
  const { name: _name, note: _note, ...values } = flat;
  const shop = Object.fromEntries(Object.entries(values).filter(([path]) => !path.includes('/')));
  const lines = Object.keys(values)
    .filter(isLane)
    .map((lane) => {
      const [route, variant] = lane.split('/');
      const own = Object.entries(values).flatMap(([path, said]) =>
        path.startsWith(`${lane}.`) ? [[path.slice(lane.length + 1), said] as const] : [],
      );
      return { route, variant, ...Object.fromEntries(own) };
    });
  return { ...shop, lines };
}

/** A foundry that is being edited: values as they were typed, kept until they are saved, and what is wrong with them. */
export function useProfile(start: Started, today: string) {
  const kept = useKeptDraft(`foundry-${start.id}`, flatOf(start));
  const { draft: flat, setDraft } = kept;
  const draft = useMemo(() => draftOf(flat), [flat]);
  const read = useMemo(() => parseFoundryProfile(draft), [draft]);
  const pathOf = ({ line, key }: At): string => {
    const of = line === null ? undefined : draft.lines[line];
    return of === undefined ? key : `${String(of['route'])}/${String(of['variant'])}.${key}`;
  };
  const change = (at: At, to: (said: Partial<Said<unknown>>) => Partial<Said<unknown>> | null): void => {
    const path = pathOf(at);
    setDraft((was) => {
      const next: Record<string, unknown> = { ...was };
      const said = to((next[path] as Partial<Said<unknown>> | undefined) ?? {});
      if (said === null || said.v === undefined) Reflect.deleteProperty(next, path);
      else next[path] = { basis: 'claimed', date: today, ...said };
      return next;
    });
  };
  const put = useCallback(
    (path: 'name' | 'note', text: string) => setDraft((was) => ({ ...was, [path]: text })),
    [setDraft],
  );
  return {
    ...kept,
    profileDraft: draft,
    name: String(flat['name']),
    note: String(flat['note']),
    setName: (text: string): void => put('name', text),
    setNote: (text: string): void => put('note', text),
    issues: read.ok ? [] : read.issues,
    profile: read.ok ? read.profile : null,
    saidAt: (at: At): Partial<Said<unknown>> | undefined => flat[pathOf(at)] as Partial<Said<unknown>> | undefined,
    type: (at: At, slot: RowSlot, text: string, units: UnitSystem): void =>
      change(at, (said) => ({ ...said, v: withSlot(said.v, slot.at, readSlot(text, slot, units)), date: today })),
    know: (at: At, basis: Said<unknown>['basis']): void => change(at, (said) => ({ ...said, basis })),
    dated: (at: At, date: string): void => change(at, (said) => ({ ...said, date })),
    forget: (at: At): void => change(at, () => null),
    addLine: (laneId: string): void => setDraft((was) => ({ ...was, [laneId]: RUN })),
    dropLine: (line: number): void => {
      const of = draft.lines[line];
      if (of === undefined) return;
      const lane = `${String(of['route'])}/${String(of['variant'])}`;
      setDraft((was) =>
        Object.fromEntries(Object.entries(was).filter(([path]) => path !== lane && !path.startsWith(`${lane}.`))),
      );
    },
  };
}
