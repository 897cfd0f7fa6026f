import { createHash } from 'node:crypto';
import { createGunzip, gzipSync } from 'node:zlib';
import type { Runner } from '../db';
import { insertPartFile, markWhole, putChunk, putStill, selectChunk, type PartFileRow } from './queries';

/** Bytes of a piece of the compressed file, at most. */
export const CHUNK_BYTES = 2 * 1024 * 1024;

/** The bytes of a kept file, unfolded piece by piece. */
export async function* unfolded(on: Runner, file: PartFileRow): AsyncGenerator<Buffer, void> {
  const gunzip = createGunzip();
  const feed = (async () => {
    for (let seq = 0; seq < file.chunks; seq++) {
      const data = await selectChunk(on, file.id, seq);
      if (data === undefined) throw new Error(`piece ${seq} of ${file.chunks} is not there`);
      if (!gunzip.write(data)) await new Promise((done) => gunzip.once('drain', done));
    }
    gunzip.end();
  })();
  feed.catch((error: unknown) => gunzip.destroy(error as Error));
  for await (const data of gunzip) yield data as Buffer;
  await feed;
}

/** Whether the pieces of a file unfold to the bytes that were announced; stops where they pass their number. */
export async function isWhole(on: Runner, file: PartFileRow): Promise<boolean> {
  const hash = createHash('sha256');
  let bytes = 0;
  try {
    for await (const data of unfolded(on, file)) {
      bytes += data.length;
      if (bytes > Number(file.bytes)) return false;
      hash.update(data);
    }
  } catch {
    return false;
  }
  return bytes === Number(file.bytes) && hash.digest('hex') === file.sha256;
}

/** Keeps a file whose bytes are at hand, with a still picture where there is one. */
export async function keepWholeFile(
  on: Runner,
  id: string,
  name: string,
  bytes: Uint8Array,
  still: Uint8Array | null,
): Promise<void> {
  const packed = gzipSync(bytes);
  const chunks = Math.ceil(packed.length / CHUNK_BYTES);
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  await insertPartFile(on, { id, name, bytes: bytes.length, sha256, chunks });
  for (let seq = 0; seq < chunks; seq++)
    await putChunk(on, id, seq, packed.subarray(seq * CHUNK_BYTES, (seq + 1) * CHUNK_BYTES));
  if (still !== null) await putStill(on, id, Buffer.from(still));
  await markWhole(on, id);
}
