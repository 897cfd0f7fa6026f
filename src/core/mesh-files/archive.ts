import { Unzip, UnzipInflate } from 'fflate';
import { refuse } from '../errors';

/** Most bytes an archive may unfold to: far above any part, far below what harms. */
const MAX_UNFOLDED = 900 * 1024 * 1024;
const CHUNK = 1 << 18;

/**
 * The named files of an archive, unfolded piece by piece, so that one which claims little and unfolds to much is
 * stopped where it passes the limit. Refuses E_TOO_LARGE, E_MESH_TRUNCATED, E_MESH_FORMAT.
 * @param wanted whether a file of that name is unfolded at all
 */
export function unfold(bytes: Uint8Array, wanted: (name: string) => boolean): Map<string, Uint8Array> {
  const files = new Map<string, Uint8Array>();
  const ended = new Set<string>();
  let total = 0;
  const unzip = new Unzip((file) => {
    if (!wanted(file.name)) return;
    const parts: Uint8Array[] = [];
    files.set(file.name, new Uint8Array());
    file.ondata = (error, data, final) => {
      if (error) refuse('E_MESH_FORMAT', file.name, error.message, 'an archive that can be unfolded');
      total += data.length;
      if (total > MAX_UNFOLDED)
        refuse('E_TOO_LARGE', file.name, `over ${MAX_UNFOLDED} bytes unfolded`, `at most ${MAX_UNFOLDED} bytes`);
      parts.push(data);
      if (!final) return;
      ended.add(file.name);
      files.set(file.name, joined(parts));
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  for (let at = 0; at < bytes.length; at += CHUNK)
    unzip.push(bytes.subarray(at, at + CHUNK), at + CHUNK >= bytes.length);
  for (const name of files.keys())
    if (!ended.has(name)) refuse('E_MESH_TRUNCATED', name, 'ends before its contents do', 'a whole archive');
  return files;
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0));
  let at = 0;
  for (const part of parts) {
    out.set(part, at);
    at += part.length;
  }
  return out;
}
