import process from 'node:process';
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

/**
 * Runs a script of ours as one bundled file: half a second sooner than module by module, and as fast as what ships. The
 * bundle is kept and made anew when any source is younger. usage: node scripts/bundled.mjs SCRIPT.ts [its own words]
 */
const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const [script = '', ...words] = process.argv.slice(2);
const bundle = join(root, '.data/bundled', `${script.replaceAll('/', '-')}.cjs`);

/** Whether no file that went into the bundle is younger than it; what those are stands beside it. */
function isFresh() {
  try {
    const made = statSync(bundle).mtimeMs;
    const parts = JSON.parse(readFileSync(`${bundle}.json`, 'utf8'));
    return [...parts, 'package-lock.json'].every((path) => statSync(join(root, path)).mtimeMs < made);
  } catch {
    return false;
  }
}

if (!isFresh()) {
  const { build } = await import('esbuild');
  const { metafile } = await build({
    absWorkingDir: root,
    entryPoints: [script],
    outfile: bundle,
    bundle: true,
    metafile: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    external: ['occt-import-js'],
    logLevel: 'error',
  });
  const parts = Object.keys(metafile.inputs).filter((path) => !path.includes('node_modules'));
  writeFileSync(`${bundle}.json`, JSON.stringify(parts));
}
process.argv = [process.argv[0], bundle, ...words];
await import(pathToFileURL(bundle).href);
