import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { BriefIssue } from '@/core/brief';
import type { StudyRecord, StudySummary } from '@/server/studies';
import { call, Refused } from '../api';
import { handOver } from '../part/handoff';
import { notices } from '../shell/notices';
import { NEW_BRIEF } from './new-brief';

/** A study file that was not imported, and why. */
export interface ImportRefused {
  readonly file: string;
  readonly message: string;
  readonly issues: readonly BriefIssue[];
}

/** A file's name without its ending, as the title of a part. */
export const titleOf = (fileName: string): string =>
  fileName
    .replace(/\.[^.]+$/, '')
    .replace(/[_-]+/g, ' ')
    .trim()
    .slice(0, 200) || NEW_BRIEF.title;

/** What can be done from the list of parts; one at a time, and what fails is said. @param again reads the list anew */
export function useListActions(again: () => void) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<ImportRefused | null>(null);
  const act = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    try {
      await work();
    } catch (error) {
      notices.create({
        title: error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.',
        type: 'error',
      });
    }
    setBusy(false);
  };
  const made = (title: string): Promise<StudyRecord> =>
    call<StudyRecord>('POST', '/api/studies', { brief: { ...NEW_BRIEF, title } });
  const setArchived = (s: StudySummary, away: boolean): Promise<void> =>
    act(async () => {
      await call('POST', `/api/studies/${s.id}/${away ? 'archive' : 'restore'}`);
      again();
      if (away)
        notices.create({
          title: `“${s.title}” archived`,
          duration: 8000,
          action: { label: 'Undo', onClick: () => void setArchived(s, false) },
        });
    });
  return {
    busy,
    refused,
    forget: () => setRefused(null),
    setArchived,
    create: () => act(async () => router.push(`/studies/${(await made(NEW_BRIEF.title)).id}/brief`)),
    /** A new part from its file: the file goes on to the part's own view. */
    createFrom: (file: File) =>
      act(async () => {
        const { id } = await made(titleOf(file.name));
        handOver(id, file);
        router.push(`/studies/${id}/part`);
      }),
    example: () =>
      act(async () => router.push(`/studies/${(await call<{ id: string }>('POST', '/api/examples')).id}/routes`)),
    duplicate: (s: StudySummary) =>
      act(async () => {
        await call('POST', `/api/studies/${s.id}/duplicate`);
        again();
      }),
    importStudy: (file: File) =>
      act(async () => {
        setRefused(null);
        let raw: unknown;
        try {
          raw = JSON.parse(await file.text());
        } catch (error) {
          const message = `This is not JSON: ${error instanceof Error ? error.message : String(error)}`;
          setRefused({ file: file.name, message, issues: [] });
          return;
        }
        try {
          const { id, title, notes } = await call<{ id: string; title: string; notes: string[] }>(
            'POST',
            '/api/import',
            raw,
          );
          notices.create({
            title: `“${title}” imported${notes.length > 0 ? `; ${notes.length} unknown keys ignored` : ''}`,
          });
          router.push(`/studies/${id}/routes`);
        } catch (error) {
          if (!(error instanceof Refused)) throw error;
          setRefused({ file: file.name, message: error.message, issues: error.issues });
        }
      }),
  };
}
