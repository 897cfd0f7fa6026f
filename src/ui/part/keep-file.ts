import { pack } from '@/workers/pack.client';
import { call, Refused } from '../api';

/** Bytes of a piece sent at once; the server takes no more. */
const CHUNK = 2 * 1024 * 1024;

/**
 * Keeps a part file on the server: packed in a worker, sent in pieces, and checked there byte for byte.
 * @returns id the file is kept under
 */
export async function keepFile(file: Blob, name: string, signal: AbortSignal): Promise<string> {
  const { sha256, packed } = await pack(file, signal);
  const chunks = Math.max(1, Math.ceil(packed.size / CHUNK));
  const { id, whole } = await call<{ id: string; whole: boolean }>(
    'POST',
    '/api/part-files',
    { name, bytes: file.size, sha256, chunks },
    { signal },
  );
  for (let seq = 0; seq < chunks && !whole; seq++)
    await send(`/api/part-files/${id}/chunks/${seq}`, packed.slice(seq * CHUNK, (seq + 1) * CHUNK), signal);
  if (!whole) await call('POST', `/api/part-files/${id}/complete`, undefined, { signal });
  return id;
}

/** Keeps the still picture of a kept file. */
export const keepStill = (id: string, png: Uint8Array): Promise<void> =>
  send(`/api/part-files/${id}/still`, new Blob([png.slice()], { type: 'image/png' }));

const measuresPath = (id: string, key: string): string =>
  `/api/part-files/${id}/measures?by=${encodeURIComponent(key)}`;

/** Keeps what was measured of a kept file, packed. @param key how it was measured */
export const keepMeasures = (id: string, key: string, packed: Uint8Array<ArrayBuffer>): Promise<void> =>
  send(measuresPath(id, key), new Blob([packed]));

/** What was measured of a kept file that way, packed; null where it is not kept. */
export async function keptMeasures(id: string, key: string): Promise<Blob | null> {
  const response = await fetch(measuresPath(id, key));
  return response.ok ? response.blob() : null;
}

async function send(path: string, body: Blob, signal?: AbortSignal): Promise<void> {
  const response = await fetch(path, {
    method: 'PUT',
    body,
    headers: { 'content-type': 'application/octet-stream' },
    ...(signal === undefined ? {} : { signal }),
  });
  if (!response.ok) throw new Refused(response.status, `The server answered ${response.status}.`, [], null);
}
