import 'server-only';
import { randomUUID } from 'node:crypto';
import { profileChanges, type Foundry, type FoundryProfile } from '@/core/foundries';
import { isoTime, reading, transaction } from '../db';
import {
  archiveFoundryRow,
  insertFoundry,
  insertFoundryChange,
  lockFoundry,
  selectFoundries,
  selectFoundry,
  selectFoundryChanges,
  selectStudiesOfFoundry,
  updateFoundry,
  type FoundryRow,
} from './queries';
import { activeFoundries, asFoundry } from './repo';

/** A foundry with who changed it last. */
export interface FoundrySummary extends Foundry {
  readonly note: string;
  readonly changedAt: string;
  readonly changedBy: string;
}

/** One change of a profile; null where nothing was said before, or is said no more. */
export interface FoundryChange {
  readonly id: number;
  readonly version: number;
  readonly at: string;
  readonly who: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

/** A foundry with its history and the studies it judges. */
export interface FoundryRecord extends FoundrySummary {
  readonly archived: boolean;
  readonly changes: readonly FoundryChange[];
  readonly studies: readonly { readonly id: string; readonly title: string }[];
}

/** Changes shown with a foundry. */
const CHANGES_SHOWN = 500;

const summary = (row: FoundryRow): FoundrySummary => ({
  ...asFoundry(row),
  note: row.note,
  changedAt: isoTime(row.changed_at),
  changedBy: row.changed_by,
});

/** Every foundry that is not archived, by name. */
export async function listFoundries(): Promise<FoundrySummary[]> {
  return reading(async (on) => (await selectFoundries(on)).map(summary));
}

/** Every foundry that is not archived, as the equations read them. */
export async function activeFoundriesNow(): Promise<Foundry[]> {
  return reading(activeFoundries);
}

/** A foundry with its history; undefined where there is none of that id. */
export async function getFoundry(id: string): Promise<FoundryRecord | undefined> {
  return reading(async (on) => {
    const row = await selectFoundry(on, id);
    if (row === undefined) return undefined;
    return {
      ...summary(row),
      archived: row.archived_at !== null,
      studies: await selectStudiesOfFoundry(on, id),
      changes: (await selectFoundryChanges(on, id, CHANGES_SHOWN)).map((c) => ({
        id: Number(c.id),
        version: c.version,
        at: isoTime(c.changed_at),
        who: c.changed_by,
        why: c.why,
        path: c.path,
        was: c.was,
        became: c.became,
      })),
    };
  });
}

/** What is said of a foundry. */
export interface FoundryInput {
  readonly name: string;
  readonly note: string;
  readonly profile: FoundryProfile;
}

/** Puts a foundry in. @returns its id */
export async function createFoundry(input: FoundryInput, who: string, id: string = randomUUID()): Promise<string> {
  return transaction(async (on) => {
    await insertFoundry(on, { id, ...input, who });
    return id;
  });
}

export type FoundrySaveResult =
  | { readonly outcome: 'saved'; readonly version: number; readonly changed: number }
  | { readonly outcome: 'conflict'; readonly changedBy: string; readonly version: number }
  | { readonly outcome: 'missing' };

/**
 * Saves what is said of a foundry, read at `version`, with who changed it and why; every value that differs is kept in its
 * history. One that somebody else saved in between is refused as a conflict.
 */
export async function saveFoundry(
  id: string,
  { input, version, who, why }: { input: FoundryInput; version: number; who: string; why: string },
): Promise<FoundrySaveResult> {
  return transaction<FoundrySaveResult>(async (on) => {
    const row = await lockFoundry(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== version) return { outcome: 'conflict', changedBy: row.changed_by, version: row.version };
    const was = asFoundry(row);
    const next = version + 1;
    const moved = [
      ...(was.name === input.name ? [] : [{ path: 'name', was: was.name, became: input.name }]),
      ...(row.note === input.note ? [] : [{ path: 'note', was: row.note, became: input.note }]),
      ...profileChanges(was.profile, input.profile),
    ];
    if (moved.length === 0) return { outcome: 'saved', version, changed: 0 };
    for (const one of moved) await insertFoundryChange(on, { id, version: next, who, why, ...one });
    await updateFoundry(on, { id, ...input, version: next, who });
    return { outcome: 'saved', version: next, changed: moved.length };
  });
}

/** Puts a foundry away; refused while studies are judged by it. */
export async function archiveFoundry(id: string): Promise<'archived' | 'used' | 'missing'> {
  return transaction(async (on) => {
    const row = await lockFoundry(on, id);
    if (row === undefined) return 'missing';
    if ((await selectStudiesOfFoundry(on, id)).length > 0) return 'used';
    return (await archiveFoundryRow(on, id)) > 0 ? 'archived' : 'missing';
  });
}
