import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS, MAIN } from './e2e/instance';

/** Journeys that take no time of anything and change only studies of their own: they may go two at a time. */
const BESIDE = [
  'access',
  'alloys',
  'calculator',
  'brief',
  'budgets',
  'calendar',
  'dates',
  'files',
  'first-use',
  'foundries',
  'team-alloys',
  'bought-parts',
  'fuzz',
  'judgement',
  'keyboard',
  'method',
  'method-drawings',
  'traveller',
  'model',
  'pages',
  'new-part',
  'no-webgl',
  'part',
  'process-values',
  'quotes',
  'rates',
  'record',
  'requirements',
  'routes',
  'ranking',
  'explanations',
].map((name) => `**/${name}.spec.ts`);

/** Journeys in Debian's Chromium against an application of their own, with its own database folder and ports. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  workers: 1,
  fullyParallel: false,
  projects: [
    { name: 'alone', testIgnore: BESIDE },
    { name: 'beside', testMatch: BESIDE },
  ],
  timeout: 180_000,
  // A shared machine can stall a browser for seconds: a second try decides, and the tally names whoever needed it.
  retries: 1,
  // Against hanging, not a measure: a shared machine can be ten times slower for a while.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: process.env['E2E_REPORT'] ?? 'test-results/e2e.json' }]],
  use: {
    baseURL: MAIN.url,
    // Journeys of other subjects do not wait for ten thousand draws a study; those of the board and of the simulation do.
    storageState: {
      cookies: [],
      origins: [{ origin: MAIN.url, localStorage: [{ name: 'nine-pours-spread', value: 'hidden' }] }],
    },
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: CHROMIUM_ARGS },
  },
  webServer: {
    command: `./start --port ${MAIN.port}`,
    env: MAIN.env,
    url: `${MAIN.url}/api/health`,
    timeout: 600_000,
    reuseExistingServer: process.env['E2E_REUSE'] === '1',
    gracefulShutdown: { signal: 'SIGTERM', timeout: 15_000 },
  },
});
