import process from 'node:process';
import { build } from 'esbuild';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/**
 * Bundles what the server's worker threads run into .next-jobs/worker.mjs, and the simulated quote desk into
 * .next-jobs/desk.mjs: they stand outside the framework's build.
 */
const root = join(dirname(fileURLToPath(import.meta.url)), '..');

export async function bundleJobs(outfile = join(root, '.next-jobs/worker.mjs')) {
  await bundle('src/server/jobs/worker.ts', outfile);
}

/** Bundles the desk. */
export const bundleDesk = (outfile = join(root, '.next-jobs/desk.mjs')) => bundle('src/desk/main.ts', outfile);

async function bundle(entry, outfile) {
  await build({
    absWorkingDir: root,
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    jsx: 'automatic',
    define: { 'process.env.NODE_ENV': '"production"' },
    alias: { 'server-only': './src/server/testing/empty.ts' },
    external: ['exceljs', '@react-pdf/renderer', 'react', 'react/jsx-runtime'],
    logLevel: 'error',
    banner: {
      js: "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
    },
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  await bundleJobs();
  await bundleDesk();
}
