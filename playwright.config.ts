import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS, MAIN } from './e2e/instance';

const ALONE = /(routes|durability|start|service)\.spec\.ts/;

/** Journeys in Debian's Chromium against an application of their own, with its own database folder and ports. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  /**
   * Two parts, run one after the other by ./test: what measures time or stops and starts applications has the machine
   * to itself; the other journeys share it, two at a time.
   */
  workers: 2,
  projects: [
    { name: 'alone', testMatch: ALONE, workers: 1, fullyParallel: false },
    { name: 'journeys', testIgnore: ALONE, workers: 2, fullyParallel: true },
  ],
  timeout: 180_000,
  // Against hanging, not a measure: a shared machine can be ten times slower for a while.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: `test-results/${process.env['E2E_REPORT'] ?? 'e2e'}.json` }]],
  use: {
    baseURL: MAIN.url,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: CHROMIUM_ARGS },
  },
  webServer: {
    command: `./start --port ${MAIN.port}`,
    env: MAIN.env,
    url: `${MAIN.url}/api/health`,
    timeout: 600_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 8000 },
  },
});
