import { useCallback, useMemo, useState } from 'react';
import { parseFoundryProfile, type FoundryProfile, type Said } from '@/core/foundries';
import type { UnitSystem } from '@/core/base/units';
import { readSlot, withSlot } from './slot-texts';
import type { RowSlot } from './profile-rows';

/** Place of a value: of the foundry as a whole, or of one of its lines. */
export interface At {
  readonly line: number | null;
  readonly key: string;
}

/** A profile while it is typed: any value may be unfinished. */
interface Draft {
  readonly lines: Record<string, unknown>[];
  [key: string]: unknown;
}

/** A copy that may be typed over. */
const draftOf = ({ lines, ...shop }: FoundryProfile): Draft => ({
  ...structuredClone(shop),
  lines: lines.map((line) => ({ ...structuredClone(line) })),
});

const holderAt = (draft: Draft, line: number | null): Record<string, unknown> =>
  line === null ? draft : (draft.lines[line] ?? {});

/** A profile that is being edited: values as they were typed, and what is wrong with them. */
export function useProfile(start: FoundryProfile, today: string) {
  const [draft, setDraft] = useState<Draft>(() => draftOf(start));
  const read = useMemo(() => parseFoundryProfile(draft), [draft]);
  const change = useCallback(
    (at: At, to: (said: Partial<Said<unknown>>) => Partial<Said<unknown>> | null) =>
      setDraft((was) => {
        const next: Draft = { ...was, lines: was.lines.map((l) => ({ ...l })) };
        const holder = at.line === null ? next : (next.lines[at.line] as Record<string, unknown>);
        const said = to((holder[at.key] as Partial<Said<unknown>> | undefined) ?? {});
        if (said === null || said.v === undefined) Reflect.deleteProperty(holder, at.key);
        else holder[at.key] = { basis: 'claimed', date: today, ...said };
        return next;
      }),
    [today],
  );
  return {
    draft,
    issues: read.ok ? [] : read.issues,
    profile: read.ok ? read.profile : null,
    saidAt: (at: At): Partial<Said<unknown>> | undefined =>
      holderAt(draft, at.line)[at.key] as Partial<Said<unknown>> | undefined,
    type: (at: At, slot: RowSlot, text: string, units: UnitSystem): void =>
      change(at, (said) => ({ ...said, v: withSlot(said.v, slot.at, readSlot(text, slot, units)), date: today })),
    know: (at: At, basis: Said<unknown>['basis']): void => change(at, (said) => ({ ...said, basis })),
    dated: (at: At, date: string): void => change(at, (said) => ({ ...said, date })),
    forget: (at: At): void => change(at, () => null),
    addLine: (laneId: string): void =>
      setDraft((was) => {
        const [route, variant] = laneId.split('/');
        return { ...was, lines: [...was.lines, { route, variant }] };
      }),
    dropLine: (line: number): void => setDraft((was) => ({ ...was, lines: was.lines.filter((_, i) => i !== line) })),
    reset: (profile: FoundryProfile): void => setDraft(draftOf(profile)),
  };
}
