import { mkdirSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM_ARGS } from '../e2e/instance';

/**
 * Takes the pictures of docs/screenshots from a running application with the demo data.
 * Usage: npm run screenshots -- http://127.0.0.1:3900
 */
const base = process.argv[2] ?? 'http://127.0.0.1:3900';
const folder = 'docs/screenshots';

async function idOf(title: string): Promise<string> {
  const { studies: list } = (await (await fetch(`${base}/api/studies`)).json()) as {
    studies: { id: string; title: string }[];
  };
  const found = list.find((s) => s.title === title);
  if (!found) throw new Error(`The demo study “${title}” is not there.`);
  return found.id;
}

async function post<T>(path: string, body?: unknown): Promise<T> {
  const answer = await fetch(`${base}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as T;
}

/** A signed copy of a study; it stays out of the list of parts while the pictures are taken. */
async function signedCopy(study: string): Promise<string> {
  const { id } = await post<{ id: string }>(`/api/studies/${study}/duplicate`);
  await post(`/api/studies/${id}/decisions`, {
    laneId: 'permanent-mould/tilt',
    quantity: 18_000,
    why: 'Least money over the programme; the first lot is bridged by hand-poured castings if the tool is late.',
    signedBy: 'Ilse Quill',
    signedOn: '2027-01-05',
    version: 1,
    actions: [
      { what: 'Order the tool for permanent mould, tilting', owner: 'Vesna', by: '2027-01-08' },
      { what: 'Agree how the drive shaft bore is finished, and who pays', owner: 'Oda', by: '2027-01-20' },
    ],
    dissent: { who: 'Bram', words: 'A year at half the demand would have been cheaper on a hand die.' },
  });
  return id;
}

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly dark?: boolean;
  readonly width?: number;
  readonly height?: number;
  readonly full?: boolean;
  readonly act?: (page: Page) => Promise<void>;
}

async function main(): Promise<void> {
  const hub = await idOf('Tripod hub');
  const gear = await idOf('Gear head body, sealed');
  // A record to be looked at: signed on a copy, which is archived afterwards.
  const signed = await signedCopy(gear);
  const shots: readonly Shot[] = [
    { name: 'parts', path: '/' },
    { name: 'routes', path: `/studies/${hub}/routes` },
    {
      name: 'quotes',
      path: `/studies/${hub}/quotes`,
      act: (page) => page.getByRole('table', { name: 'Quotes compared' }).waitFor({ timeout: 60_000 }),
      full: true,
    },
    {
      name: 'method',
      path: `/studies/${hub}/method`,
      full: true,
      act: async (page) => {
        await page.mouse.move(300, 300);
        await page.getByText('those of the measured part').waitFor({ timeout: 60_000 });
      },
    },
    { name: 'model', path: '/model#Ht' },
    { name: 'brief', path: `/studies/${hub}/brief` },
    {
      name: 'part',
      path: `/studies/${gear}/part`,
      full: true,
      act: async (page) => {
        await page.getByRole('table', { name: 'Measured and in the brief' }).waitFor({ timeout: 60_000 });
        await page.getByTestId('part-busy').waitFor({ state: 'detached', timeout: 60_000 });
        await page.getByRole('button', { name: 'sections (sphere)' }).click();
        await page.getByRole('radiogroup', { name: 'Cut across' }).getByText('y', { exact: true }).click();
        await page.waitForTimeout(1000);
      },
    },
    {
      name: 'alloys',
      path: `/studies/${hub}/alloys`,
      act: async (page) => {
        await page.locator('[data-alloy="al-44200"]').waitFor();
      },
    },
    { name: 'calendar', path: `/studies/${hub}/calendar`, full: true },
    { name: 'process-steps', path: `/studies/${gear}/process-steps` },
    {
      name: 'requirements',
      path: `/studies/${gear}/requirements`,
      act: async (page) => {
        await page.getByRole('button', { name: 'Try without: Must hold pressure' }).click();
        await page.getByRole('button', { name: 'Try without: drive shaft bore' }).click();
        await page.evaluate('window.scrollTo(0, 0)');
      },
    },
    {
      name: 'rates',
      path: '/rates',
      act: async (page) => {
        await page.getByRole('link', { name: /foundry partners/ }).click();
        await page.getByRole('button', { name: 'Labour, energy' }).click();
        await page.getByLabel('machining centre with operator, likely').fill('78');
      },
    },
    { name: 'foundries', path: '/foundries/f-m' },
    {
      name: 'who-can',
      path: `/studies/${hub}/foundries`,
      dark: true,
      act: (page) => page.getByRole('table', { name: 'Who can' }).waitFor({ timeout: 60_000 }),
    },
    {
      name: 'process-values',
      path: '/process-values/process-book-2',
    },
    { name: 'calculator', path: `/studies/${hub}/calculator` },
    { name: 'decision', path: `/studies/${gear}/decision`, full: true },
    { name: 'bought-parts', path: '/bought-parts' },
    {
      name: 'record',
      path: `/studies/${signed}/decision`,
      height: 1150,
      act: (page) => page.getByTestId('standing').waitFor(),
    },
  ];

  mkdirSync(folder, { recursive: true });
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: CHROMIUM_ARGS,
  });
  for (const shot of shots) {
    const page = await browser.newPage({
      viewport: { width: shot.width ?? 1280, height: shot.height ?? 800 },
      colorScheme: shot.dark === true ? 'dark' : 'light',
    });
    await page.goto(`${base}${shot.path}`, { waitUntil: 'networkidle' });
    if (shot.path.startsWith('/studies/')) await page.locator('#rail [data-run]').first().waitFor();
    await shot.act?.(page);
    await page.waitForTimeout(700);
    await page.screenshot({ path: `${folder}/${shot.name}.png`, fullPage: shot.full === true });
    await page.close();
    console.log(shot.name);
  }
  await browser.close();
  await post(`/api/studies/${signed}/archive`);
}

void main();
