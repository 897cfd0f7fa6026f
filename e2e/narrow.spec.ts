import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { OF_COLOUR, serious } from './axe';
import { studyId, touch } from './journeys';

// Every page one after the other: a limit against hanging, not a measure.
test.setTimeout(600_000);

const PLACES = ['/', '/check', '/model', '/bench', '/rates', '/rates/shipped-1'];
const VIEWS = ['brief', 'part', 'routes', 'alloys', 'calendar', 'requirements', 'bench', 'decision', 'process-steps'];

/** Every page of the application, of a study with its part. */
async function pages(request: APIRequestContext): Promise<readonly string[]> {
  const id = await studyId(request, 'Tripod hub');
  return [...PLACES, ...VIEWS.map((view) => `/studies/${id}/${view}`)];
}

/** How far a page reaches over the width of its window, px, with all of it drawn. */
async function overhang(page: Page): Promise<number> {
  await page.waitForLoadState('networkidle');
  await touch(page);
  await page.waitForTimeout(800);
  return page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
}

test('at 390 px nothing is cut off and the page does not scroll sideways', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of await pages(request)) {
    await page.goto(path);
    expect(await overhang(page), path).toBeLessThanOrEqual(0);
  }
});

for (const colorScheme of ['light', 'dark'] as const)
  test(`at 390 px axe finds nothing serious on any page, ${colorScheme}`, async ({ page, request }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.emulateMedia({ colorScheme });
    for (const path of await pages(request)) {
      await page.goto(path);
      await overhang(page);
      expect(await serious(page, colorScheme === 'dark' ? OF_COLOUR : []), path).toEqual([]);
    }
  });

test('with text of twice the size nothing is cut off and the page does not scroll sideways', async ({
  page,
  request,
}) => {
  for (const path of await pages(request)) {
    await page.goto(path);
    await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'));
    expect(await overhang(page), path).toBeLessThanOrEqual(0);
  }
});
