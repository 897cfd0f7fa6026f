import { Unzip, UnzipInflate } from 'fflate';
import { CoreError, refuse } from '../../base/errors';

/** Most bytes an archive may unfold to: far above any part, far below what harms. */
const MAX_UNFOLDED = 900 * 1024 * 1024;
const CHUNK = 1 << 16;
/** The record that ends every archive, and the most bytes it may stand from the end. */
const END = [0x50, 0x4b, 5, 6];
const END_WITHIN = 66_000;

/**
 * The named files of an archive, unfolded piece by piece, so that one which claims little and unfolds to much is
 * stopped where it passes the limit. Refuses E_TOO_LARGE, E_MESH_TRUNCATED, E_MESH_FORMAT.
 * @param wanted whether a file of that name is unfolded at all
 * @param most bytes it may unfold to
 */
export function unfold(
  bytes: Uint8Array,
  wanted: (name: string) => boolean,
  most = MAX_UNFOLDED,
): Map<string, Uint8Array> {
  if (bytes[0] !== END[0] || bytes[1] !== END[1]) refuse('E_MESH_FORMAT', 'file', 'not an archive', 'a 3MF file');
  if (!hasEnd(bytes)) refuse('E_MESH_TRUNCATED', 'file', 'no end of the archive', 'a whole archive');
  const files = new Map<string, Uint8Array>();
  const ended = new Set<string>();
  let total = 0;
  let problem: unknown = null;
  const unzip = new Unzip((file) => {
    if (problem !== null || !wanted(file.name)) return;
    const parts: Uint8Array[] = [];
    files.set(file.name, new Uint8Array());
    file.ondata = (error, data, final) => {
      if (problem !== null) return;
      if (error) problem = error;
      else {
        total += data.length;
        if (total > most) problem = { most, name: file.name };
        parts.push(data);
        if (!final) return;
        ended.add(file.name);
        files.set(file.name, joined(parts));
      }
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  for (let at = 0; at < bytes.length && problem === null; at += CHUNK)
    try {
      unzip.push(bytes.subarray(at, at + CHUNK), at + CHUNK >= bytes.length);
    } catch (error) {
      if (error instanceof CoreError) throw error;
      problem ??= error;
    }
  if (total > most) refuse('E_TOO_LARGE', 'file', `over ${most} bytes unfolded`, `at most ${most} bytes`);
  if (problem !== null)
    refuse(
      'E_MESH_FORMAT',
      'file',
      problem instanceof Error ? problem.message : 'broken',
      'an archive that can be unfolded',
    );
  for (const name of files.keys())
    if (!ended.has(name)) refuse('E_MESH_TRUNCATED', name, 'ends before its contents do', 'a whole archive');
  return files;
}

function hasEnd(bytes: Uint8Array): boolean {
  for (let i = bytes.length - 22; i >= Math.max(0, bytes.length - END_WITHIN); i--)
    if (END.every((b, k) => bytes[i + k] === b)) return true;
  return false;
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
