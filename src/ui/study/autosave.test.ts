import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import type { StudyRecord } from '@/server/studies';
import { Autosave, keptDraft, type Conflict, type SaveState } from './autosave';

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: Record<string, unknown>;
}

const brief = bracket();
const titled = (title: string) => ({ brief: { ...brief, title }, school: 'published' as const });

let sent: Sent[];
let replies: (() => Response | Promise<Response>)[];
let states: SaveState[];
let conflict: Conflict | null;
let store: Map<string, string>;
let saver: Autosave;

const json = (status: number, body: unknown) => (): Response => Response.json(body, { status });
const savedAs = (version: number) =>
  json(200, { outcome: 'saved', revision: 1, version, changedAt: '2027-01-05T10:00:00Z' });
/** Lets the timers run and every promise settle. */
const pass = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  replies = [];
  states = [];
  conflict = null;
  store = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => store.get(k) ?? null,
    setItem: (k: string, v: string) => store.set(k, v),
    removeItem: (k: string) => store.delete(k),
  });
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    sent.push({
      method: init.method ?? 'GET',
      path,
      body: init.body ? (JSON.parse(init.body as string) as Record<string, unknown>) : {},
    });
    const reply = replies.shift();
    return reply === undefined ? Promise.reject(new TypeError('no line')) : Promise.resolve(reply());
  });
  saver = new Autosave('s1', 5, (state, lost) => {
    states.push(state);
    conflict = lost;
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('a change is saved a moment later, on the version it was read at, and the draft is let go', async () => {
  replies.push(savedAs(6));
  saver.change(titled('One'));
  expect(keptDraft('s1')).toMatchObject({ version: 5, brief: { title: 'One' } });
  await pass(500);
  expect(sent).toHaveLength(0);
  await pass(200);
  expect(sent[0]).toMatchObject({
    method: 'PUT',
    path: '/api/studies/s1',
    body: { version: 5, brief: { title: 'One' } },
  });
  expect(states).toEqual(['waiting', 'saving', 'saved']);
  expect(saver.currentVersion).toBe(6);
  expect(keptDraft('s1')).toBeNull();
});

test('quick changes make one save, with the last of them', async () => {
  replies.push(savedAs(6));
  for (const title of ['O', 'On', 'One']) {
    saver.change(titled(title));
    await pass(100);
  }
  await pass(700);
  expect(sent.map((s) => (s.body['brief'] as { title: string }).title)).toEqual(['One']);
});

test('what is typed while a save is under way goes out next, on the new version', async () => {
  let release: (r: Response) => void = () => undefined;
  replies.push(() => new Promise<Response>((done) => (release = done)), savedAs(7));
  saver.change(titled('One'));
  await pass(700);
  saver.change(titled('Two'));
  await pass(1000);
  expect(sent).toHaveLength(1);
  release(savedAs(6)());
  await pass(700);
  expect(sent[1]?.body).toMatchObject({ version: 6, brief: { title: 'Two' } });
  expect(states.at(-1)).toBe('saved');
});

test('a dead line keeps the draft and tries again until it is taken', async () => {
  saver.change(titled('One'));
  await pass(700);
  expect(states.at(-1)).toBe('failed');
  expect(keptDraft('s1')).toMatchObject({ brief: { title: 'One' } });
  await pass(4100);
  expect(sent).toHaveLength(2);
  replies.push(savedAs(6));
  await pass(4100);
  expect(states.at(-1)).toBe('saved');
  expect(keptDraft('s1')).toBeNull();
});

describe('a lost race', () => {
  const theirs = {
    id: 's1',
    version: 9,
    brief: { ...brief, title: 'Theirs' },
    changedAt: '2027-01-05T11:00:00Z',
  } as unknown as StudyRecord;
  beforeEach(async () => {
    replies.push(json(409, { outcome: 'conflict', refusedId: 'r1', current: theirs }));
    saver.change(titled('Mine'));
    await pass(700);
  });

  test('stops the saving and shows both', async () => {
    expect(states.at(-1)).toBe('conflict');
    expect(conflict).toMatchObject({ mine: { title: 'Mine' }, refusedId: 'r1', theirs: { version: 9 } });
    saver.change(titled('Mine, more'));
    await pass(10_000);
    expect(sent).toHaveLength(1);
    expect(keptDraft('s1')).toMatchObject({ brief: { title: 'Mine, more' } });
  });

  test('mine goes on top of theirs and settles the refusal', async () => {
    replies.push(savedAs(10));
    saver.keepMine(conflict as Conflict, titled('Mine'));
    await pass(0);
    expect(sent[1]?.body).toMatchObject({ version: 9, settles: 'r1', brief: { title: 'Mine' } });
    expect(states.at(-1)).toBe('saved');
  });

  test('theirs is taken, mine is put aside on the server', async () => {
    replies.push(json(200, { ok: true }));
    saver.takeTheirs(conflict as Conflict);
    await pass(0);
    expect(sent[1]).toMatchObject({ method: 'POST', path: '/api/studies/s1/settle', body: { refusedId: 'r1' } });
    expect(saver.currentVersion).toBe(9);
    expect(keptDraft('s1')).toBeNull();
  });
});

test('a refused save taken up again names its refusal once', async () => {
  replies.push(savedAs(6), savedAs(7));
  saver.revive('r7', titled('Again'));
  await pass(700);
  saver.change(titled('Later'));
  await pass(700);
  expect(sent.map((s) => s.body['settles'])).toEqual(['r7', undefined]);
});

test('leaving sends what waits at once', async () => {
  replies.push(savedAs(6));
  saver.change(titled('One'));
  saver.close();
  await pass(0);
  expect(sent).toHaveLength(1);
});
