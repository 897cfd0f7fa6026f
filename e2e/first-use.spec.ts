import { expect, test, type Locator } from '@playwright/test';
import { join } from 'node:path';
import { Instance } from './instance';
import { saved } from './journeys';

const own = new Instance('e2e-first', 3916);
const PART = join(process.cwd(), 'src/server/demo/parts/gear-head.stl');
/** Clicks a new user may need besides typing. */
const MOST_CLICKS = 12;

test.beforeAll(() => own.wipe());
test.afterAll(() => own.stop());

test('from an empty database to a signed decision on a part file of one’s own in a dozen clicks', async ({ page }) => {
  test.setTimeout(240_000);
  await own.start('--empty');
  let clicks = 0;
  const click = async (what: Locator): Promise<void> => {
    clicks++;
    await what.click();
  };

  await page.goto(own.place.url);
  await expect(page.getByTestId('start')).toBeVisible();
  const chosen = page.waitForEvent('filechooser');
  await click(page.getByRole('button', { name: 'Choose a part file' }));
  await (await chosen).setFiles(PART);
  await click(page.getByTestId('unit-choice').getByRole('button', { name: /millimetres/ }));
  await expect(page.getByTestId('file-kept')).toContainText('Saved unchanged.', { timeout: 90_000 });

  await click(page.getByRole('link', { name: 'Brief', exact: true }));
  await click(page.getByRole('combobox', { name: 'Alloy', exact: true }));
  await page.keyboard.type('a356');
  await expect(page.getByRole('option', { name: /A356/ }).first()).toBeVisible();
  await page.keyboard.press('Enter');
  await click(page.getByLabel('Pieces a year', { exact: true }));
  await page.keyboard.type('2000');
  await expect(page.getByTestId('verdict')).toContainText('is cheapest at');
  await saved(page);

  await click(page.getByRole('link', { name: 'Decision' }));
  await click(page.getByLabel('Why this route'));
  await page.keyboard.type('It costs least and its tool is paid for in a year.');
  await click(page.getByLabel('Signed by'));
  await page.keyboard.type('Product engineer');
  await click(page.getByRole('button', { name: 'Sign decision' }));
  await expect(page.getByTestId('record')).toContainText('Product engineer', { timeout: 60_000 });
  console.log(`from nothing to a signed decision: ${clicks} clicks`);
  expect(clicks).toBeLessThanOrEqual(MOST_CLICKS);
});

test('an example is put in by one click, and opens on its board', async ({ page }) => {
  await own.stop();
  own.wipe();
  await own.start('--empty');
  await page.goto(own.place.url);
  await page.getByRole('button', { name: /example/i }).click();
  await expect(page).toHaveURL(/\/routes$/);
  await expect(page.getByTestId('verdict')).toContainText('is cheapest at');
  await page.goto(own.place.url);
  await expect(page.getByRole('row')).toHaveCount(2);
});
