import type { Brief } from '@/core/brief';
import type { TolerancePolicy } from '@/core/part';
import type { SaveResult, StudyRecord } from '@/server/studies';
import { call, Refused } from '../api';

/** Where a brief stands on its way to the database. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'failed' | 'conflict';

/** A save that lost a race: what was refused here, and what stands there now. */
export interface Conflict {
  readonly mine: Brief;
  readonly theirs: StudyRecord;
  /** The refused save as the server keeps it; null when it never left this browser. */
  readonly refusedId: string | null;
}

interface Draft {
  readonly brief: Brief;
  readonly school: TolerancePolicy;
}

const DELAY_MS = 600;
const RETRY_MS = 4000;
const draftKey = (id: string): string => `nine-pours-draft-${id}`;

/** Where the name of who works here is kept. */
const NAME_KEY = 'nine-pours-name';
/** One sitting for each open tab: its saves go on in its own revision. */
const SITTING: string = typeof crypto === 'undefined' ? 'server' : crypto.randomUUID().slice(0, 12);
const MOST_NAME = 48;

/** The name of who works in this browser, as it stands in the history; empty where none was given. */
export function ownName(): string {
  try {
    return localStorage.getItem(NAME_KEY) ?? '';
  } catch {
    return '';
  }
}

/** Keeps the name of who works in this browser. */
export function setOwnName(name: string): void {
  try {
    localStorage.setItem(NAME_KEY, name.replaceAll('#', ' ').trim().slice(0, MOST_NAME));
  } catch {
    // Without browser storage the saves stay nameless.
  }
}

/** Who saves: a name, where one was given, and the sitting. */
export const editorId = (): string => `${ownName()}#${SITTING}`;

/**
 * Saves a brief a little after the last change, one save at a time, and keeps an unsaved one in the browser until
 * the server has it. A lost race stops the saving until the user has chosen.
 */
export class Autosave {
  private pending: Draft | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private busy = false;
  private settles: string | undefined;
  state: SaveState = 'saved';

  constructor(
    private readonly id: string,
    private version: number,
    private readonly report: (state: SaveState, conflict: Conflict | null, savedAt: string | null) => void,
  ) {}

  get currentVersion(): number {
    return this.version;
  }

  /** A version that came from elsewhere (a signing, a reopening). */
  adopt(version: number): void {
    this.version = version;
  }

  /** Takes a change; what was waiting before is replaced. */
  change(draft: Draft): void {
    this.pending = draft;
    try {
      localStorage.setItem(draftKey(this.id), JSON.stringify({ ...draft, version: this.version }));
    } catch {
      // Without browser storage the draft lives in this tab only.
    }
    if (this.state === 'conflict') return;
    if (!this.busy) this.set('waiting');
    this.schedule(DELAY_MS);
  }

  /** Saves what waits, now. */
  async flush(keepalive = false): Promise<void> {
    clearTimeout(this.timer);
    if (this.busy || this.pending === null || this.state === 'conflict') return;
    const draft = this.pending;
    this.pending = null;
    this.busy = true;
    this.set('saving');
    try {
      const body = {
        ...draft,
        version: this.version,
        editor: editorId(),
        ...(this.settles ? { settles: this.settles } : {}),
      };
      const result = await call<Extract<SaveResult, { outcome: 'saved' }>>('PUT', `/api/studies/${this.id}`, body, {
        keepalive,
      });
      this.version = result.version;
      this.settles = undefined;
      this.busy = false;
      if (this.pending === null) {
        localStorage.removeItem(draftKey(this.id));
        this.set('saved', null, result.changedAt);
      } else this.schedule(DELAY_MS);
    } catch (error) {
      this.busy = false;
      this.pending ??= draft;
      if (error instanceof Refused && error.status === 409) {
        const body = error.body as Extract<SaveResult, { outcome: 'conflict' }>;
        this.set('conflict', { mine: draft.brief, theirs: body.current, refusedId: body.refusedId });
        return;
      }
      this.set('failed');
      this.schedule(RETRY_MS);
    }
  }

  /** The user keeps his own version: it is saved on top of the newer one. */
  keepMine(conflict: Conflict, draft: Draft): void {
    this.version = conflict.theirs.version;
    this.settles = conflict.refusedId ?? undefined;
    this.state = 'waiting';
    this.pending = draft;
    void this.flush();
  }

  /** The user takes the newer version; his own is put aside on the server, not lost. */
  takeTheirs(conflict: Conflict): void {
    this.version = conflict.theirs.version;
    this.pending = null;
    localStorage.removeItem(draftKey(this.id));
    if (conflict.refusedId !== null) {
      void call('POST', `/api/studies/${this.id}/settle`, { refusedId: conflict.refusedId }).catch(() => undefined);
    }
    this.set('saved', null, conflict.theirs.changedAt);
  }

  /** A race found at opening: a draft kept here was made on an older version. Nothing is saved until the user has chosen. */
  meet(conflict: Conflict): void {
    this.set('conflict', conflict);
  }

  /** Saves a refused brief after all; the server then puts its refusal aside. */
  revive(refusedId: string, draft: Draft): void {
    this.settles = refusedId;
    this.change(draft);
  }

  /** Stops the timers; what still waits is sent on its way. */
  close(): void {
    void this.flush(true);
    clearTimeout(this.timer);
  }

  private schedule(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private set(state: SaveState, conflict: Conflict | null = null, savedAt: string | null = null): void {
    this.state = state;
    this.report(state, conflict, savedAt);
  }
}

/** A draft this browser still holds of a study, and the version it was made on; null when there is none. */
export function keptDraft(id: string): { readonly brief: unknown; readonly version: number } | null {
  try {
    const text = localStorage.getItem(draftKey(id));
    if (text === null) return null;
    return JSON.parse(text) as { brief: unknown; version: number };
  } catch {
    return null;
  }
}
