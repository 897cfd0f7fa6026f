import 'server-only';
import type { Brief } from '@/core/brief';
import { reading, transaction, isoTime } from '../db';
import { insertBrief, lockStudy, selectRevisions, updateStudy } from './queries';
import { loadBrief, loadStudy, type StudyRecord } from './repo';

/** One revision of a brief. Time ISO, UTC. */
export interface Revision {
  readonly revision: number;
  /** Name of who saved it, or null where no name was given. */
  readonly who: string | null;
  readonly savedAt: string;
  readonly brief: Brief;
}

/** Revisions listed at most, the newest. */
const MOST_LISTED = 80;

/** Name in an editor's id, "name#sitting"; ids without a name are those of a tab, a server or the demo. */
function nameOf(editor: string): string | null {
  const name = editor.includes('#') ? editor.slice(0, editor.lastIndexOf('#')) : '';
  return name === '' ? (editor === 'demo' ? 'demo data' : null) : name;
}

/** The revisions of a study's brief, the newest first. */
export async function listRevisions(id: string): Promise<Revision[]> {
  return reading(async (on) => {
    const out: Revision[] = [];
    for (const row of await selectRevisions(on, id, MOST_LISTED)) {
      const brief = await loadBrief(on, id, row.revision);
      if (brief === undefined) continue;
      out.push({ revision: row.revision, who: nameOf(row.editor), savedAt: isoTime(row.saved_at), brief });
    }
    return out;
  });
}

export type RestoreResult =
  | { readonly outcome: 'restored'; readonly study: StudyRecord }
  | { readonly outcome: 'conflict' }
  | { readonly outcome: 'missing' };

/** Takes an earlier revision up again as a new one; what stands between stays on record. */
export async function restoreRevision(
  id: string,
  revision: number,
  input: { readonly version: number; readonly editor: string },
): Promise<RestoreResult> {
  return transaction(async (on) => {
    const row = await lockStudy(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) return { outcome: 'conflict' };
    const brief = await loadBrief(on, id, revision);
    if (brief === undefined) return { outcome: 'missing' };
    await insertBrief(on, id, row.revision + 1, input.editor, brief);
    await updateStudy(on, {
      id,
      title: brief.title,
      school: row.school,
      revision: row.revision + 1,
      version: row.version + 1,
    });
    return { outcome: 'restored', study: (await loadStudy(on, id)) as StudyRecord };
  });
}
