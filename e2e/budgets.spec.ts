import { request as ask } from 'node:http';
import { expect, test, type Page } from '@playwright/test';
import { MAIN } from './instance';
import { studyId } from './journeys';

const KB = 1000;
/** Script of a first page, and of a first view of a study, compressed; kB. */
const PLACE_KB = 300;
const VIEW_KB = 350;
/** The chart library, where the first screen of a view is a chart: it comes after what the view needs. */
const CHARTS_KB = 45;
const CSS_KB = 20;

const VIEWS = [
  'brief',
  'part',
  'routes',
  'alloys',
  'requirements',
  'decision',
  'process-steps',
  'calendar',
  'foundries',
  'quotes',
  'method',
] as const;

/** Bytes of the body of a file as it goes over the wire. */
const compressed = (url: string): Promise<number> =>
  new Promise((done, failed) => {
    const asked = ask(url, { headers: { 'accept-encoding': 'gzip, deflate, br' } }, (answer) => {
      let bytes = 0;
      answer.on('data', (piece: Buffer) => (bytes += piece.length));
      answer.on('end', () => done(bytes));
    });
    asked.on('error', failed).end();
  });

interface Fetched {
  readonly script: number;
  readonly css: number;
}

/** What a page asks for by itself until it is still, before anybody touches it; kB. Workers ask for their own. */
async function firstLoad(page: Page, path: string): Promise<Fetched> {
  const network = await page.context().newCDPSession(page);
  await network.send('Network.enable');
  const urls = new Map<string, 'script' | 'css'>();
  network.on('Network.requestWillBeSent', ({ type, request }) => {
    if (type === 'Script') urls.set(request.url, 'script');
    if (type === 'Stylesheet') urls.set(request.url, 'css');
  });
  await page.goto(MAIN.url + path);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(1500);
  const sum = { script: 0, css: 0 };
  for (const [url, kind] of urls) sum[kind] += (await compressed(url)) / KB;
  return sum;
}

for (const [name, path] of [
  ['Parts', '/'],
  ['Rates', '/rates'],
  ['Foundries', '/foundries'],
  ['Alloys', '/alloys'],
  ['Bought parts', '/bought-parts'],
  ['Defects', '/defects'],
  ['Process values', '/process-values/process-book-2'],
  ['Calculator', '/calculator'],
  ['Model', '/model'],
  ['Check', '/check'],
] as const)
  test(`${name} loads at most ${PLACE_KB} kB of script at first`, async ({ page }) => {
    const { script, css } = await firstLoad(page, path);
    console.log(`${name}: ${script.toFixed(0)} kB of script, ${css.toFixed(0)} kB of CSS at first load`);
    expect(script).toBeGreaterThan(100);
    expect(script).toBeLessThanOrEqual(PLACE_KB);
    expect(css).toBeLessThanOrEqual(CSS_KB);
  });

for (const view of VIEWS)
  test(`${view} loads at most ${VIEW_KB} kB of script at first`, async ({ page, request }) => {
    const { script } = await firstLoad(page, `/studies/${await studyId(request, 'Tripod hub')}/${view}`);
    console.log(`${view}: ${script.toFixed(0)} kB of script at first load`);
    expect(script).toBeGreaterThan(100);
    expect(script).toBeLessThanOrEqual(view === 'calendar' ? VIEW_KB + CHARTS_KB : VIEW_KB);
  });
