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
    env: { LOG_LEVEL: 'fatal' },
  },
});
