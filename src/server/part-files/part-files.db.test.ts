import { createHash, randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { closePool, transaction } from '../db';
import { freshDatabase } from '../testing/test-database';
import {
  announcePartFile,
  CHUNK_BYTES,
  completePartFile,
  getPartFile,
  getStill,
  keepMeasures,
  keepStill,
  measuresKeySchema,
  streamMeasures,
  streamPartFile,
  takeChunk,
} from '.';
import { keepWholeFile } from './keep';

beforeAll(() => freshDatabase('part_files'));
afterAll(closePool);

const sha = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
const news = (bytes: Uint8Array, chunks: number, name = 'part.stl') => ({
  name,
  bytes: bytes.length,
  sha256: sha(bytes),
  chunks,
});
const pieces = (bytes: Uint8Array): Buffer[] => {
  const packed = gzipSync(bytes);
  return Array.from({ length: Math.ceil(packed.length / CHUNK_BYTES) }, (_, i) =>
    packed.subarray(i * CHUNK_BYTES, (i + 1) * CHUNK_BYTES),
  );
};
const back = async (id: string): Promise<Buffer> => {
  const stream = await streamPartFile(id);
  if (stream === undefined) throw new Error('no stream');
  return Buffer.from(await new Response(stream).arrayBuffer());
};

describe('a file kept in pieces', () => {
  test('comes back byte for byte, also when its pieces come out of order and twice', async () => {
    const bytes = randomBytes(5_000_000);
    const sent = pieces(bytes);
    expect(sent.length).toBeGreaterThan(2);
    const { id, whole } = await announcePartFile(news(bytes, sent.length));
    expect(whole).toBe(false);
    expect(await getPartFile(id)).toBeUndefined();
    for (const seq of [...sent.keys()].reverse()) expect(await takeChunk(id, seq, sent[seq]!)).toBe('taken');
    expect(await takeChunk(id, 0, sent[0]!)).toBe('taken');
    expect(await takeChunk(id, 99, sent[0]!)).toBe('unwanted');
    expect(await completePartFile(id)).toBe('whole');
    expect((await back(id)).equals(bytes)).toBe(true);
    expect(await getPartFile(id)).toEqual({ id, name: 'part.stl', bytes: bytes.length, sha256: sha(bytes) });
    expect(await announcePartFile(news(bytes, sent.length))).toEqual({ id, whole: true });
    expect(await takeChunk(id, 0, sent[0]!)).toBe('unwanted');
  });

  test.each([
    ['other bytes', (b: Buffer) => pieces(Buffer.concat([b, Buffer.of(1)]))],
    ['fewer bytes', (b: Buffer) => pieces(b.subarray(1))],
    ['a bomb', () => pieces(Buffer.alloc(50_000_000))],
    ['no archive', () => [Buffer.from('hello')]],
    ['a piece missing', () => []],
  ])('that is not what was announced is dropped: %s', async (_, made) => {
    const bytes = randomBytes(1000);
    const sent = made(bytes);
    const { id } = await announcePartFile(news(bytes, Math.max(1, sent.length)));
    for (const [seq, data] of sent.entries()) await takeChunk(id, seq, data);
    expect(await completePartFile(id)).toBe('broken');
    expect(await completePartFile(id)).toBe('missing');
    expect(await getPartFile(id)).toBeUndefined();
  });

  test('a still is kept beside it', async () => {
    const bytes = new Uint8Array(readFileSync(join(import.meta.dirname, '../demo/parts/knob.3mf')));
    const id = '00000000-0000-4000-8000-0000000000aa';
    await transaction((on) => keepWholeFile(on as never, id, 'knob.3mf', bytes, null));
    expect(await getStill(id)).toBeNull();
    expect(await keepStill(id, Buffer.of(0x89, 0x50))).toBe(true);
    expect([...((await getStill(id)) ?? [])]).toEqual([0x89, 0x50]);
    expect((await back(id)).equals(Buffer.from(bytes))).toBe(true);
    expect(await keepStill('none', Buffer.of(1))).toBe(false);
  });
});

describe('what was measured of a file', () => {
  const kept = async (id: string, key: string): Promise<Buffer | null> => {
    const stream = await streamMeasures(id, key);
    return stream === undefined ? null : Buffer.from(await new Response(stream).arrayBuffer());
  };
  const whole = async (): Promise<string> => {
    const id = crypto.randomUUID();
    await transaction((on) => keepWholeFile(on, id, 'measured.stl', randomBytes(50), null));
    return id;
  };

  test('comes back byte for byte, in more pieces than one, and the last sent stands', async () => {
    const id = await whole();
    const long = randomBytes(2 * CHUNK_BYTES + 17);
    expect(await keepMeasures(id, 'a', long)).toBe('kept');
    expect((await kept(id, 'a'))?.equals(long)).toBe(true);
    const short = randomBytes(9);
    expect(await keepMeasures(id, 'a', short)).toBe('kept');
    expect((await kept(id, 'a'))?.equals(short)).toBe(true);
    expect(await kept(id, 'A')).toBeNull();
  });

  test('the newest four ways of measuring one file are kept', async () => {
    const id = await whole();
    for (const key of ['1', '2', '3', '4', '5', '6']) await keepMeasures(id, key, randomBytes(9));
    const found = await Promise.all(['1', '2', '3', '4', '5', '6'].map((key) => kept(id, key)));
    expect(found.map((data) => data !== null)).toEqual([false, false, true, true, true, true]);
  });

  test('nothing is kept of a file that is not there or not whole, nor under a wild name', async () => {
    expect(await keepMeasures('no-such-file', 'a', randomBytes(9))).toBe('missing');
    const { id } = await announcePartFile(news(randomBytes(20), 1, 'half.stl'));
    expect(await keepMeasures(id, 'a', randomBytes(9))).toBe('missing');
    expect(await kept(id, 'a')).toBeNull();
    for (const bad of ['', 'a b', 'x'.repeat(161), 'a/b', 'é'])
      expect(measuresKeySchema.safeParse(bad).success).toBe(false);
  });
});
