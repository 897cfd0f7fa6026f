import 'server-only';
import { z } from 'zod';
import { change, pool, reading, rows, transaction, type Runner } from '../db';
import { CHUNK_BYTES } from './keep';
import { lockPartFile } from './queries';

/** Bytes of packed measures, at most: those of a part of about a million facets. */
export const MEASURES_LIMIT = 32 * 1024 * 1024;
/** Ways of measuring one file that are kept: the newest. */
const WAYS_KEPT = 4;

/** How a file was measured, as the core names it. */
export const measuresKeySchema = z.string().regex(/^[\w.,-]{1,160}$/, 'letters, digits and .,_- only, 160 at most');

/** Keeps what was measured of a file in place of what was kept of the same way of measuring. */
export async function keepMeasures(fileId: string, key: string, packed: Uint8Array): Promise<'kept' | 'missing'> {
  return transaction(async (on) => {
    const file = await lockPartFile(on, fileId);
    if (!file?.whole) return 'missing';
    await change(on, 'DELETE FROM part_measures WHERE file_id = ? AND made_by = ?', [fileId, key]);
    for (let seq = 0; seq * CHUNK_BYTES < packed.length; seq++)
      await change(on, 'INSERT INTO part_measures (file_id, made_by, seq, data) VALUES (?, ?, ?, ?)', [
        fileId,
        key,
        seq,
        Buffer.from(packed.subarray(seq * CHUNK_BYTES, (seq + 1) * CHUNK_BYTES)),
      ]);
    const ways = await rows<{ made_by: string }>(
      on,
      'SELECT made_by FROM part_measures WHERE file_id = ? AND seq = 0 ORDER BY made_at DESC, made_by = ? DESC',
      [fileId, key],
    );
    for (const { made_by } of ways.slice(WAYS_KEPT))
      await change(on, 'DELETE FROM part_measures WHERE file_id = ? AND made_by = ?', [fileId, made_by]);
    return 'kept';
  });
}

const piece = async (on: Runner, fileId: string, key: string, seq: number): Promise<Buffer | undefined> =>
  (
    await rows<{ data: Buffer }>(on, 'SELECT data FROM part_measures WHERE file_id = ? AND made_by = ? AND seq = ?', [
      fileId,
      key,
      seq,
    ])
  )[0]?.data;

/** What was measured of a file, packed, as a stream of one piece at a time; undefined where it is not kept. */
export async function streamMeasures(fileId: string, key: string): Promise<ReadableStream<Uint8Array> | undefined> {
  const first = await reading((on) => piece(on, fileId, key, 0));
  if (first === undefined) return undefined;
  let seq = 0;
  return new ReadableStream({
    async pull(controller) {
      const data = seq === 0 ? first : await piece(pool(), fileId, key, seq);
      seq += 1;
      if (data === undefined) controller.close();
      else controller.enqueue(new Uint8Array(data));
    },
  });
}
