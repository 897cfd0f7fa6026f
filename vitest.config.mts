import { defineConfig } from 'vitest/config';
export default defineConfig({
  resolve: {
    alias: {
      '@': new URL('./src', import.meta.url).pathname,
      'server-only': new URL('./src/server/testing/empty.ts', import.meta.url).pathname,
    },
  },
  test: {
    include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
    environment: 'node',
    pool: 'threads',
    // Both cores of a small machine; each database test has a database of its own.
    maxWorkers: 2,
    // A limit against hanging, not a measure: a shared machine can be ten times slower for a while.
    testTimeout: 60_000,
    env: { LOG_LEVEL: 'fatal' },
  },
});
