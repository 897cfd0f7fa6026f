// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { Remark } from '@/core/part-file/measured';
import { standInServer, type Asked } from '../testing/server';
import { handOver, takeOver } from './handoff';
import { keepFile, keepMeasures, keepStill, keptMeasures } from './keep-file';
import { remarkWords } from './remark-words';

const MB = 1024 * 1024;
const packing = vi.hoisted(() => ({ bytes: 0 }));
vi.mock('@/workers/pack.client', () => ({
  pack: () => Promise.resolve({ sha256: 'ab', packed: new Blob([new Uint8Array(packing.bytes)]) }),
}));

let asked: Asked[];
beforeEach(() => (asked = standInServer()));
afterEach(() => vi.unstubAllGlobals());
/** Answers each request in turn as it comes. */
async function answerAll(answers: readonly (readonly [status: number, body: unknown])[]): Promise<void> {
  for (const [at, [status, body]] of answers.entries()) {
    await vi.waitFor(() => expect(asked.length).toBeGreaterThan(at));
    await asked[at]?.answer(status, body);
  }
}
const signal = new AbortController().signal;

describe('keeping a part file', () => {
  test('sends it in pieces of two megabytes, then asks for the check', async () => {
    packing.bytes = 4.5 * MB;
    const done = keepFile(new Blob(['x']), 'hub.stl', signal);
    await answerAll(
      [
        [200, { id: 'f1', whole: false }],
        [204, null],
        [204, null],
        [204, null],
        [200, {}],
      ].map(([status, body]) => [status === 204 ? 200 : (status as number), body] as const),
    );
    expect(await done).toBe('f1');
    expect(asked.map((a) => `${a.method} ${a.path}`)).toEqual([
      'POST /api/part-files',
      'PUT /api/part-files/f1/chunks/0',
      'PUT /api/part-files/f1/chunks/1',
      'PUT /api/part-files/f1/chunks/2',
      'POST /api/part-files/f1/complete',
    ]);
    expect(asked[0]?.body).toEqual({ name: 'hub.stl', bytes: 1, sha256: 'ab', chunks: 3 });
    expect(asked.slice(1, 4).map((a) => (a.body as Blob).size)).toEqual([2 * MB, 2 * MB, MB / 2]);
  });

  test('a file that is there already is not sent again', async () => {
    packing.bytes = 10;
    const done = keepFile(new Blob(['x']), 'hub.stl', signal);
    await answerAll([[200, { id: 'f2', whole: true }]]);
    expect(await done).toBe('f2');
    expect(asked).toHaveLength(1);
  });

  test('a piece that is refused ends it with the status', async () => {
    packing.bytes = 10;
    const done = keepFile(new Blob(['x']), 'hub.stl', signal);
    const refused = expect(done).rejects.toThrow('The server answered 507.');
    await answerAll([
      [200, { id: 'f3', whole: false }],
      [507, {}],
    ]);
    await refused;
  });

  test('its picture and measures are kept beside it, and measures not kept are null', async () => {
    const still = keepStill('f1', Uint8Array.of(1, 2));
    const measures = keepMeasures('f1', 'mm 0,0,1', Uint8Array.of(3));
    await answerAll([
      [200, {}],
      [200, {}],
    ]);
    await Promise.all([still, measures]);
    expect(asked.map((a) => a.path)).toEqual([
      '/api/part-files/f1/still',
      '/api/part-files/f1/measures?by=mm%200%2C0%2C1',
    ]);
    const none = keptMeasures('f1', 'k');
    await asked[2]?.answer(404, {});
    expect(await none).toBeNull();
  });
});

test('a file dropped on another view is taken once, by its own study', () => {
  const file = new File(['x'], 'hub.stl');
  handOver('a', file);
  expect(takeOver('b')).toBeNull();
  expect(takeOver('a')).toBe(file);
  expect(takeOver('a')).toBeNull();
});

describe('remarks beside measured values', () => {
  const thin: Remark = { kind: 'thin', share: 0.003, wall_mm: 1, at_mm: [10, 20, 30.04], rest_mm: 25.4 };
  test('follow the units', () => {
    expect(remarkWords(thin, 'si')).toBe(
      'a thin feature of 0.3 % of the surface, 1 mm, about 10, 20, 30 mm; 99 % of the surface is thicker than 25.4 mm',
    );
    expect(remarkWords(thin, 'inch')).toMatch(/0\.0394 in, about 0\.39, 0\.79, 1\.18 in; .* 1 in$/);
  });
  test('speak of one and of several', () => {
    expect(remarkWords({ kind: 'nested', bodies: 1 }, 'si')).toContain('1 of its bodies lies within');
    expect(remarkWords({ kind: 'nested', bodies: 2 }, 'si')).toContain('2 of its bodies lie within');
    expect(remarkWords({ kind: 'hollows', atLeast: true, hollows: 1 }, 'si')).toMatch(/^at least: 1 hollow that bends/);
    expect(remarkWords({ kind: 'hollows', atLeast: false, hollows: 3 }, 'si')).toMatch(/^not known: 3 hollows that/);
  });
  test('say what was cut short, and leave words as they were stored', () => {
    expect(remarkWords({ kind: 'cut', what: 'draws tried', done: 40, of: 75 }, 'si')).toContain(
      'draws tried: 40 of 75',
    );
    expect(remarkWords({ kind: 'most', counted: 454, most: 200 }, 'si')).toContain('454 were counted');
    expect(remarkWords('as an older build said it', 'inch')).toBe('as an older build said it');
  });
});
