import { defineConfig } from 'vitest/config';

/** Tests of the core share what is read in: it keeps nothing that one test could change for another. */
const PURE = 'src/core/**/*.test.ts';

export default defineConfig({
  resolve: {
    alias: {
      '@': new URL('./src', import.meta.url).pathname,
      'server-only': new URL('./src/server/testing/empty.ts', import.meta.url).pathname,
    },
  },
  test: {
    environment: 'node',
    pool: 'threads',
    // Both cores of a small machine; each database test has a database of its own.
    maxWorkers: 2,
    // A limit against hanging, not a measure: a shared machine can be ten times slower for a while.
    testTimeout: 60_000,
    hookTimeout: 60_000,
    env: { LOG_LEVEL: 'fatal', NINE_POURS_JOBS: new URL('./.next-jobs/test-worker.mjs', import.meta.url).pathname },
    // npm run coverage: what of the screens is not drawn can be tested without a browser.
    coverage: {
      provider: 'v8',
      include: ['src/ui/**/*.ts'],
      exclude: ['**/*.tsx', '**/*.test.ts', 'src/ui/testing/**'],
      reporter: ['text-summary'],
      thresholds: { lines: 90 },
    },
    globalSetup: ['src/server/testing/bundle-jobs.ts'],
    projects: [
      { extends: true, test: { name: 'pure', include: [PURE], isolate: false } },
      {
        extends: true,
        test: {
          name: 'rest',
          include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
          exclude: [PURE],
          setupFiles: ['src/ui/testing/all-near.ts'],
        },
      },
    ],
  },
});
