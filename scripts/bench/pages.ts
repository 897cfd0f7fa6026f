import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM_ARGS } from '../../e2e/instance';
import { dragRail } from '../../e2e/rail-drag';
import { goal, pace } from './goals';

/**
 * What pages take: server time, largest paint, the answer to keys and clicks, frames while the rail is dragged; of one
 * build, and of the build before beside it, turn by turn.
 * usage: tsx scripts/bench/pages.ts URL [URL of the build before]
 */
const [url = 'http://127.0.0.1:3900', before] = process.argv.slice(2);
const SERVER_ROUNDS = 24;
const PAINT_ROUNDS = 5;
const DRAGS = 4;
const VIEWS = ['routes', 'brief', 'calendar', 'decision'] as const;

const PAINT_MS = 800;
const ANSWER_MS = 100;
/** Three frames of a display of 60 a second, the longest that is not over 50 ms. */
const FRAME_MS = 50.5;
const SERVER_RATIO = 1.25;

const median = (list: readonly number[]): number => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;

async function hubOf(base: string): Promise<string> {
  const { studies } = (await (await fetch(`${base}/api/studies?search=Tripod%20hub&sort=title&up=1`)).json()) as {
    studies: { id: string; title: string }[];
  };
  const hub = studies.find((s) => s.title === 'Tripod hub');
  if (hub === undefined) throw new Error(`no demo study at ${base}`);
  return hub.id;
}

async function served(address: string): Promise<number> {
  const start = performance.now();
  await (await fetch(address)).arrayBuffer();
  return performance.now() - start;
}

/** Time of the largest paint of a page opened in a fresh context, ms. */
async function painted(browser: Browser, address: string): Promise<number> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(address);
  await page.waitForTimeout(2500);
  const at = await page.evaluate(
    () =>
      new Promise<number>((done) => {
        new PerformanceObserver((list) => done(list.getEntries().at(-1)?.startTime ?? NaN)).observe({
          type: 'largest-contentful-paint',
          buffered: true,
        });
      }),
  );
  await context.close();
  return at;
}

/** Longest time from a key or click to the frame that answers it, ms; the browser tells it in steps of 8. */
async function answered(page: Page, acts: readonly (() => Promise<void>)[]): Promise<number> {
  await page.evaluate(() => {
    const kept: number[] = [];
    Object.assign(window, { kept });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (/^(key|click|pointer)/.test(entry.name)) kept.push(entry.duration);
    }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  });
  for (const act of acts) {
    await act();
    await page.waitForTimeout(500);
  }
  return page.evaluate(() => Math.max(16, ...(window as unknown as { kept: number[] }).kept));
}

async function main(): Promise<void> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: CHROMIUM_ARGS,
  });
  const builds = [
    { name: 'this build', base: url },
    ...(before === undefined ? [] : [{ name: 'before', base: before }]),
  ];
  const hubs = new Map<string, string>();
  for (const { base } of builds) hubs.set(base, await hubOf(base));
  const addresses = (base: string): readonly (readonly [string, string])[] => [
    ['Parts', `${base}/`],
    ...VIEWS.map((view) => [view, `${base}/studies/${hubs.get(base) ?? ''}/${view}`] as const),
  ];
  const slower = pace();
  for (const [at, [page]] of addresses(url).entries()) {
    const times = new Map(builds.map(({ base }) => [base, [] as number[]]));
    for (const { base } of builds) await served(addresses(base)[at]?.[1] ?? base);
    for (let i = 0; i < SERVER_ROUNDS; i++)
      for (const { base } of builds) times.get(base)?.push(await served(addresses(base)[at]?.[1] ?? base));
    const mine = median(times.get(url) ?? []);
    if (before === undefined) console.log(`${page}: server time, median of ${SERVER_ROUNDS}: ${mine.toFixed(1)} ms`);
    else {
      const theirs = median(times.get(before) ?? []);
      console.log(`${page}: server time ${mine.toFixed(1)} ms, before ${theirs.toFixed(1)} ms`);
      goal(`${page}: server time over that of the build before`, mine / theirs, SERVER_RATIO, '');
    }
  }
  for (const [at, [page]] of addresses(url).entries()) {
    const times = new Map(builds.map(({ base }) => [base, [] as number[]]));
    for (let i = 0; i < PAINT_ROUNDS; i++)
      for (const { base } of builds) times.get(base)?.push(await painted(browser, addresses(base)[at]?.[1] ?? base));
    if (before !== undefined)
      console.log(`${page}: largest paint before ${median(times.get(before) ?? []).toFixed(0)} ms`);
    goal(`${page}: largest paint, median of ${PAINT_ROUNDS}`, median(times.get(url) ?? []), PAINT_MS, 'ms', slower);
  }
  for (const { name, base } of builds) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${base}/studies/${hubs.get(base) ?? ''}/routes`);
    await page.waitForTimeout(3000);
    const drags: number[] = [];
    for (let i = 0; i < DRAGS; i++) drags.push((await dragRail(page)).worst);
    await page.waitForTimeout(1500);
    const verdict = page.getByTestId('verdict').getByRole('button').first();
    const longest = await answered(page, [
      () => page.keyboard.press('u'),
      () => page.keyboard.press('u'),
      () => page.keyboard.press('m'),
      () => page.keyboard.press('m'),
      () => verdict.click(),
      () => page.keyboard.press('Escape'),
      () => verdict.click(),
      () => page.keyboard.press('Escape'),
      () => page.getByLabel('Quantity, pieces', { exact: true }).press('ArrowUp'),
    ]);
    if (base === url) {
      goal(`rail dragged: worst frame, best of ${DRAGS} drags`, Math.min(...drags), FRAME_MS, 'ms', slower);
      goal('key or click: the longest answer of nine', longest, ANSWER_MS, 'ms', slower);
    } else
      console.log(`${name}: worst frame ${Math.min(...drags).toFixed(0)} ms, longest answer ${longest.toFixed(0)} ms`);
    await page.close();
  }
  await browser.close();
}

void main();
