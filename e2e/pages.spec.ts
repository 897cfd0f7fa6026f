import { expect, test, type Page } from '@playwright/test';
import { look } from './axe';
import { openView, studyId, touch, VIEWS } from './journeys';

// Pages do not hang on one another.
test.describe.configure({ mode: 'parallel' });
// As the application comes: with its certainty shown.
test.use({ storageState: { cookies: [], origins: [] } });

const PLACES = [
  '/',
  '/check',
  '/model',
  '/calculator',
  '/rates',
  '/rates/shipped-1',
  '/process-values',
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

const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };

/** How far a page reaches over the width of its window, px, once all of it is drawn. */
async function overhang(page: Page): Promise<number> {
  await page.waitForTimeout(300);
  return page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
}

/**
 * A page, opened at the width of a phone, then at that of a desk: nothing cut off, also with text of twice the size, and
 * nothing serious found by axe, in light and dark.
 */
async function lookOver(
  page: Page,
  what: string,
  settled: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  await touch(page);
  await page.waitForTimeout(500);
  expect(await overhang(page), '390 px').toBeLessThanOrEqual(0);
  await look(page, `${what} at 390 px`);
  await page.setViewportSize(DESK);
  await touch(page);
  await page.waitForTimeout(500);
  await settled();
  await look(page, what);
  await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'));
  expect(await overhang(page), 'text of twice the size').toBeLessThanOrEqual(0);
}

for (const path of PLACES)
  test(`${path}: nothing cut off and nothing serious found, on a phone and a desk, in light and dark`, async ({
    page,
  }) => {
    await page.emulateMedia({ colorScheme: 'light' });
    await page.setViewportSize(PHONE);
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    if (path === '/') await expect(page.getByRole('link', { name: 'Tripod hub' }).first()).toBeVisible();
    if (path === '/check') await expect(page.getByTestId('tally')).toContainText('agree', { timeout: 60_000 });
    await lookOver(page, path);
  });

for (const view of VIEWS)
  test(`${view} of a study: nothing cut off and nothing serious found, on a phone and a desk, in light and dark`, async ({
    page,
    request,
  }) => {
    // Ten thousand draws are made only where they are looked at.
    const spread = view === 'routes' ? 'shown' : 'hidden';
    await page.addInitScript((word) => localStorage.setItem('nine-pours-spread', word), spread);
    await page.emulateMedia({ colorScheme: 'light' });
    await page.setViewportSize(PHONE);
    await openView(page, await studyId(request, 'Tripod hub'), view);
    await page.waitForLoadState('networkidle');
    await lookOver(page, view, async () => {
      if (view === 'part') await draftLegend(page);
      if (view === 'calendar') await expect(page.getByTestId('plan-verdict')).toBeVisible();
    });
  });

/** The part with the draft of its faces shown, and every button back at its full tone. */
async function draftLegend(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'draft', exact: true }).click();
  await expect(page.getByTestId('legend')).toBeVisible();
  // A button that was out of use takes a moment to come back to its full tone.
  await expect(page.getByTestId('part-busy')).toHaveCount(0);
  const faded = () =>
    page
      .locator('.chakra-button')
      .evaluateAll((all) => all.filter((b) => !b.matches(':disabled') && getComputedStyle(b).opacity !== '1').length);
  await expect.poll(faded).toBe(0);
  await page.waitForTimeout(600);
}
