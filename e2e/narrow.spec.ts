import { expect, test, type Page } from '@playwright/test';
import { look } from './axe';
import { studyId, touch, VIEWS } from './journeys';

// Pages do not hang on one another.
test.describe.configure({ mode: 'parallel' });

const PLACES = [
  '/',
  '/check',
  '/model',
  '/calculator',
  '/rates',
  '/rates/shipped-1',
  '/process-values/process-book-2',
  '/foundries',
  '/foundries/f-x',
  '/foundries/f-x?edit=1',
  '/foundries/compare?a=f-b&b=f-d',
  '/alloys',
  '/bought-parts',
  '/defects',
  '/alloys/al-a356',
  '/alloys/own-quillmere-pure?edit=1',
];

/** How far a page reaches over the width of its window, px, once all of it is drawn. */
async function overhang(page: Page): Promise<number> {
  await page.waitForTimeout(300);
  return page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
}

/** A page at the width of a phone and with text of twice the size: nothing cut off, nothing serious found by axe. */
async function narrow(page: Page, path: string): Promise<void> {
  await page.emulateMedia({ colorScheme: 'light' });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(path);
  await page.waitForLoadState('networkidle');
  await touch(page);
  await page.waitForTimeout(500);
  expect(await overhang(page), '390 px').toBeLessThanOrEqual(0);
  await look(page, path);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'));
  expect(await overhang(page), 'text of twice the size').toBeLessThanOrEqual(0);
}

for (const path of PLACES) test(`${path} at 390 px and with text of twice the size`, ({ page }) => narrow(page, path));

for (const view of VIEWS)
  test(`${view} of a study at 390 px and with text of twice the size`, async ({ page, request }) =>
    narrow(page, `/studies/${await studyId(request, 'Tripod hub')}/${view}`));
