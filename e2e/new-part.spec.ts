import { expect, test } from '@playwright/test';
import { Instance } from './instance';
import { leader, saved, search } from './journeys';

const own = new Instance('e2e-restart', 3912);

test.beforeAll(() => own.wipe());
test.afterAll(() => own.stop());

test('a part is typed from nothing, decided and signed; after a restart it is found again', async ({ page }) => {
  test.setTimeout(150_000);
  await own.start('--empty');
  await page.goto(own.place.url);
  await expect(page.getByText('No part yet')).toBeVisible();
  await page.getByTestId('start').getByRole('button', { name: 'New part' }).click();
  await expect(page).toHaveURL(/\/brief$/);
  await expect(page.getByTestId('verdict')).toContainText('the brief needs');
  const type = async (label: string, text: string): Promise<void> => {
    await page.getByLabel(label, { exact: true }).fill(text);
  };
  await type('Title', 'Dovetail clamp');
  await search(page, 'Alloy', 'a356', /A356/);
  await type('Volume', '62');
  await type('Surface area', '280');
  await type('Length, mm', '92');
  await type('Width, mm', '61');
  await type('Height along the draw, mm', '38');
  await type('Thinnest wall', '5.5');
  await type('Thickest section', '14');
  await type('Projected area along the draw', '46');
  await type('Pieces a year', '600');
  await type('Lot size', '150');
  await page.getByRole('button', { name: 'Add a dimension' }).click();
  await page.getByLabel('Row 1, name').fill('jaw width');
  await page.getByLabel('Row 1, nominal').fill('61');
  await page.getByLabel('Row 1, total tolerance').fill('1.6');
  await page
    .getByRole('group', { name: /Heat treated/ })
    .getByText('yes', { exact: true })
    .click();
  await saved(page);
  await expect(page.getByTestId('verdict')).toContainText('is cheapest at');
  await expect(page.getByTestId('unknowns')).toContainText('Still a default');

  await page.getByRole('link', { name: 'Routes' }).click();
  await page.getByRole('button', { name: 'set the rail to this quantity' }).waitFor({ state: 'detached' });
  await page.getByLabel('Quantity, pieces', { exact: true }).fill('3000');
  const lead = await leader(page);
  expect(lead).not.toBe('');

  await page.getByRole('link', { name: 'Decision' }).click();
  await expect(page.getByTestId('against').getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByText('Why this route is empty')).toBeVisible();
  await page.getByLabel('Why this route').fill('Pays for its tool in the first year and stands heat treatment.');
  await page.getByLabel('Signed by').fill('Product engineer');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByTestId('record')).toContainText('Product engineer');

  await expect(page.getByTestId('kept-against').locator(':scope > div > div')).toHaveCount(2);
  const allIn = page.getByTestId('record').getByRole('definition').filter({ hasText: 'per part; tooling' });
  await allIn.getByRole('button').first().click();
  await expect(page.getByTestId('working')).toContainText('Total cost per part');
  await page.keyboard.press('Escape');

  await own.stop();
  const seconds = await own.start('--empty');
  console.log(`second start, everything built: ready after ${seconds.toFixed(1)} s`);
  await page.goto(own.place.url);
  const row = page.getByRole('row').filter({ hasText: 'Dovetail clamp' });
  await expect(row).toContainText('signed');
  await row.getByRole('link').click();
  await page.getByRole('link', { name: 'Decision' }).click();
  await expect(page.getByTestId('record')).toContainText('Pays for its tool in the first year');
  await expect(page.getByTestId('changes')).toContainText('Nothing: brief, rates, results and model are unchanged.');

  await page.getByRole('button', { name: 'Reopen as a new revision' }).click();
  await expect(page.getByText('Earlier decisions')).toBeVisible();
  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByLabel('Thinnest wall', { exact: true }).fill('3.2');
  await saved(page);
  await page.getByRole('link', { name: 'Decision' }).click();
  await expect(page.getByTestId('changes')).toContainText(/Thinnest wall\s*5.5 mm\s*3.2 mm/);
});
