import 'server-only';
import { z } from 'zod';
import { pool, reading, transaction } from '../db';
import { CHUNK_BYTES } from './keep';
import { deleteMeasures, insertMeasures, lockPartFile, selectMeasureKeys, selectMeasures } from './queries';

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
    await deleteMeasures(on, fileId, key);
    for (let seq = 0; seq * CHUNK_BYTES < packed.length; seq++)
      await insertMeasures(on, fileId, key, seq, packed.subarray(seq * CHUNK_BYTES, (seq + 1) * CHUNK_BYTES));
    const ways = await selectMeasureKeys(on, fileId, key);
    for (const old of ways.slice(WAYS_KEPT)) await deleteMeasures(on, fileId, old);
    return 'kept';
  });
}

/** What was measured of a file, packed, as a stream of one piece at a time; undefined where it is not kept. */
export async function streamMeasures(fileId: string, key: string): Promise<ReadableStream<Uint8Array> | undefined> {
  const first = await reading((on) => selectMeasures(on, fileId, key, 0));
  if (first === undefined) return undefined;
  let seq = 0;
  return new ReadableStream({
    async pull(controller) {
      const data = seq === 0 ? first : await selectMeasures(pool(), fileId, key, seq);
      seq += 1;
      if (data === undefined) controller.close();
      else controller.enqueue(new Uint8Array(data));
    },
  });
}
