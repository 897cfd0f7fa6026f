import process from 'node:process';
import { readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

/**
 * Runs a script of ours as one bundled file: half a second sooner than module by module, and as fast as what ships. The
 * bundle is kept and made anew when any source is younger. usage: node scripts/bundled.mjs SCRIPT.ts [its own words]
 */
const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const [script = '', ...words] = process.argv.slice(2);
const bundle = join(root, '.data/bundled', `${script.replaceAll('/', '-')}.cjs`);

/** When the youngest file below a folder was written, ms. */
function youngest(folder) {
  let last = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    last = Math.max(last, entry.isDirectory() ? youngest(path) : statSync(path).mtimeMs);
  }
  return last;
}

function isFresh() {
  try {
    const made = statSync(bundle).mtimeMs;
    const sources = ['src/core', 'src/workers', 'scripts'].map((folder) => youngest(join(root, folder)));
    return Math.max(...sources, statSync(join(root, 'package-lock.json')).mtimeMs) < made;
  } catch {
    return false;
  }
}

if (!isFresh()) {
  const { build } = await import('esbuild');
  await build({
    absWorkingDir: root,
    entryPoints: [script],
    outfile: bundle,
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    external: ['occt-import-js'],
    logLevel: 'error',
  });
}
process.argv = [process.argv[0], bundle, ...words];
await import(pathToFileURL(bundle).href);
