import { change, rows, type Runner } from '../db';

/** A row of `part_files`, its still picture apart. */
export interface PartFileRow {
  readonly id: string;
  readonly name: string;
  readonly bytes: number;
  readonly sha256: string;
  readonly chunks: number;
  readonly whole: number;
  /** No piece is taken any more: it is being checked, or was. */
  readonly sealed: number;
}

const FILE = 'id, name, bytes, sha256, chunks, whole, sealed';

export async function selectPartFile(on: Runner, id: string): Promise<PartFileRow | undefined> {
  return (await rows<PartFileRow>(on, `SELECT ${FILE} FROM part_files WHERE id = ?`, [id]))[0];
}

/** Locks the row until the transaction ends: a piece is taken before a file is sealed, or not at all. */
export async function lockPartFile(on: Runner, id: string): Promise<PartFileRow | undefined> {
  return (await rows<PartFileRow>(on, `SELECT ${FILE} FROM part_files WHERE id = ? FOR UPDATE`, [id]))[0];
}

export async function sealPartFile(on: Runner, id: string): Promise<void> {
  await change(on, 'UPDATE part_files SET sealed = TRUE WHERE id = ?', [id]);
}

/** A whole file of those very bytes and that name, if one is kept already. */
export async function selectSamePartFile(on: Runner, sha256: string, name: string): Promise<PartFileRow | undefined> {
  return (
    await rows<PartFileRow>(
      on,
      `SELECT ${FILE} FROM part_files WHERE sha256 = ? AND whole = TRUE AND name = ? ORDER BY created_at LIMIT 1`,
      [sha256, name],
    )
  )[0];
}

export async function insertPartFile(
  on: Runner,
  f: { id: string; name: string; bytes: number; sha256: string; chunks: number },
): Promise<void> {
  await change(on, 'INSERT INTO part_files (id, name, bytes, sha256, chunks) VALUES (?, ?, ?, ?, ?)', [
    f.id,
    f.name,
    f.bytes,
    f.sha256,
    f.chunks,
  ]);
}

/** Puts a piece in its place; the same piece sent twice stays one. */
export async function putChunk(on: Runner, fileId: string, seq: number, data: Buffer): Promise<void> {
  await change(
    on,
    'INSERT INTO part_file_chunks (file_id, seq, data) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE data = VALUES(data)',
    [fileId, seq, data],
  );
}

/** One piece: never more than one in memory. */
export async function selectChunk(on: Runner, fileId: string, seq: number): Promise<Buffer | undefined> {
  return (
    await rows<{ data: Buffer }>(on, 'SELECT data FROM part_file_chunks WHERE file_id = ? AND seq = ?', [fileId, seq])
  )[0]?.data;
}

export async function markWhole(on: Runner, id: string): Promise<void> {
  await change(on, 'UPDATE part_files SET whole = TRUE WHERE id = ?', [id]);
}

export async function deletePartFile(on: Runner, id: string): Promise<void> {
  await change(on, 'DELETE FROM part_files WHERE id = ? AND whole = FALSE', [id]);
}

export async function putStill(on: Runner, id: string, png: Buffer): Promise<number> {
  return change(on, 'UPDATE part_files SET still = ? WHERE id = ?', [png, id]);
}

export async function selectStill(on: Runner, id: string): Promise<Buffer | null> {
  return (
    (await rows<{ still: Buffer | null }>(on, 'SELECT still FROM part_files WHERE id = ?', [id]))[0]?.still ?? null
  );
}

/** Puts one piece of packed measures in. @param key how it was measured; seq from 0 */
export async function insertMeasures(
  on: Runner,
  fileId: string,
  key: string,
  seq: number,
  data: Uint8Array,
): Promise<void> {
  await change(on, 'INSERT INTO part_measures (file_id, made_by, seq, data) VALUES (?, ?, ?, ?)', [
    fileId,
    key,
    seq,
    Buffer.from(data),
  ]);
}

export async function deleteMeasures(on: Runner, fileId: string, key: string): Promise<void> {
  await change(on, 'DELETE FROM part_measures WHERE file_id = ? AND made_by = ?', [fileId, key]);
}

/** How a file was measured, each way once: the latest first, and the one named before others of its moment. */
export async function selectMeasureKeys(on: Runner, fileId: string, first: string): Promise<string[]> {
  const found = await rows<{ made_by: string }>(
    on,
    'SELECT made_by FROM part_measures WHERE file_id = ? AND seq = 0 ORDER BY made_at DESC, made_by = ? DESC',
    [fileId, first],
  );
  return found.map((r) => r.made_by);
}

/** One piece of packed measures; undefined where there is none. */
export async function selectMeasures(
  on: Runner,
  fileId: string,
  key: string,
  seq: number,
): Promise<Buffer | undefined> {
  const [row] = await rows<{ data: Buffer }>(
    on,
    'SELECT data FROM part_measures WHERE file_id = ? AND made_by = ? AND seq = ?',
    [fileId, key, seq],
  );
  return row?.data;
}
