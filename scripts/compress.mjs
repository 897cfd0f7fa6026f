import console from 'node:console';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/**
 * Compresses what a browser fetches of a build, once and well, beside each file: the application then sends it as it
 * lies there instead of compressing it at every asking.
 */
const FOLDER = '.next/static';
/** Files that shrink; pictures and fonts are compressed already. */
const SHRINK = /\.(js|css|svg|json|wasm)$/;
/** Above this the last few per cent take longer than they are worth. */
const LARGE_BYTES = 1_000_000;
/** Below this a file fits a packet or two as it is. */
const LEAST_BYTES = 1000;

const brotli = promisify(brotliCompress);
const zip = promisify(gzip);

const all = await readdir(FOLDER, { recursive: true, withFileTypes: true });
const files = all.filter((f) => f.isFile() && SHRINK.test(f.name)).map((f) => join(f.parentPath, f.name));
let [before, after] = [0, 0];

async function compress(file) {
  const bytes = await readFile(file);
  if (bytes.length < LEAST_BYTES) return;
  const small = await brotli(bytes, {
    params: {
      [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT,
      [constants.BROTLI_PARAM_QUALITY]: bytes.length > LARGE_BYTES ? 9 : constants.BROTLI_MAX_QUALITY,
      [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
    },
  });
  await writeFile(`${file}.br`, small);
  await writeFile(`${file}.gz`, await zip(bytes, { level: constants.Z_BEST_COMPRESSION }));
  before += bytes.length;
  after += small.length;
}

const left = [...files];
await Promise.all(
  Array.from({ length: availableParallelism() }, async () => {
    for (let file = left.pop(); file !== undefined; file = left.pop()) await compress(file);
  }),
);
console.log(`compressed ${files.length} files: ${Math.round(before / 1000)} kB to ${Math.round(after / 1000)} kB`);
