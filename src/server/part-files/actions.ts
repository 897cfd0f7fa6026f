import 'server-only';
import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { MAX_FILE_BYTES } from '@/core/part-file/readers';
import { reading, transaction, pool } from '../db';
import { CHUNK_BYTES, isWhole, unfolded } from './keep';
import {
  deletePartFile,
  insertPartFile,
  lockPartFile,
  markWhole,
  putChunk,
  putStill,
  sealPartFile,
  selectPartFile,
  selectSamePartFile,
  selectStill,
} from './queries';

/** What is announced of a file before its pieces are sent. */
export const partFileSchema = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1)
    .max(200)
    .regex(/^[^/\\\p{Cc}]+$/u, 'a file name without slashes or control characters'),
  bytes: z.number().int().min(1).max(MAX_FILE_BYTES),
  sha256: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hexadecimal'),
  chunks: z
    .number()
    .int()
    .min(1)
    .max(Math.ceil((MAX_FILE_BYTES * 1.01) / CHUNK_BYTES) + 1),
});
export type PartFileNews = z.infer<typeof partFileSchema>;

/** A kept part file, without its bytes. */
export interface PartFileRecord {
  readonly id: string;
  readonly name: string;
  readonly bytes: number;
  readonly sha256: string;
}

/** Announces a file; one that is kept already, whole and of the same name, is given back and needs no pieces. */
export async function announcePartFile(news: PartFileNews): Promise<{ readonly id: string; readonly whole: boolean }> {
  return transaction(async (on) => {
    const same = await selectSamePartFile(on, news.sha256, news.name);
    if (same !== undefined) return { id: same.id, whole: true };
    const id = randomUUID();
    await insertPartFile(on, { id, ...news });
    return { id, whole: false };
  });
}

/** Takes one piece. */
export async function takeChunk(id: string, seq: number, data: Buffer): Promise<'taken' | 'missing' | 'unwanted'> {
  return transaction(async (on) => {
    const file = await lockPartFile(on, id);
    if (file === undefined) return 'missing';
    if (file.whole || file.sealed || seq >= file.chunks) return 'unwanted';
    await putChunk(on, id, seq, data);
    return 'taken';
  });
}

/**
 * Calls a file whole if its pieces unfold to what was announced; else drops it. It is sealed first: no piece that comes
 * while it is checked can take the place of one that was checked.
 */
export async function completePartFile(id: string): Promise<'whole' | 'missing' | 'broken'> {
  const file = await transaction(async (on) => {
    const found = await lockPartFile(on, id);
    if (found !== undefined && !found.whole) await sealPartFile(on, id);
    return found;
  });
  if (file === undefined) return 'missing';
  if (file.whole) return 'whole';
  const good = await isWhole(pool(), file);
  return transaction(async (on) => {
    if (good) await markWhole(on, id);
    else await deletePartFile(on, id);
    return good ? 'whole' : 'broken';
  });
}

/** A whole file's record, or undefined. */
export async function getPartFile(id: string): Promise<PartFileRecord | undefined> {
  const file = await reading((on) => selectPartFile(on, id));
  return file?.whole ? { id: file.id, name: file.name, bytes: Number(file.bytes), sha256: file.sha256 } : undefined;
}

/** The bytes of a whole file as a stream, or undefined. */
export async function streamPartFile(id: string): Promise<ReadableStream<Uint8Array> | undefined> {
  const file = await reading((on) => selectPartFile(on, id));
  if (!file?.whole) return undefined;
  const pieces = unfolded(pool(), file);
  return new ReadableStream({
    async pull(controller) {
      const next: IteratorResult<Buffer, void> = await pieces.next();
      if (next.done) controller.close();
      else controller.enqueue(new Uint8Array(next.value));
    },
    async cancel() {
      await pieces.return(undefined);
    },
  });
}

/** Keeps the still picture of a file. */
export const keepStill = (id: string, png: Buffer): Promise<boolean> =>
  transaction(async (on) => (await putStill(on, id, png)) > 0);

/** The still picture of a file, or null. */
export const getStill = (id: string): Promise<Buffer | null> => reading((on) => selectStill(on, id));
