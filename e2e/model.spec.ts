import { expect, test } from '@playwright/test';
import { look } from './axe';
import { openView, studyId } from './journeys';

test('a figure’s working leads to its equation in the model, and from there to those it is made of', async ({
  page,
  request,
}) => {
  const id = await studyId(request, 'Tripod hub');
  await openView(page, id, 'routes');
  await page.getByTestId('verdict').getByRole('button').first().click();
  const sheet = page.getByTestId('working');
  await expect(sheet.getByTestId('equation')).toHaveText(/^Cost model 8\.4/);
  await sheet.getByTestId('equation').click();
  await expect(page).toHaveURL(/\/model#allIn$/);
  const allIn = page.locator('[id="allIn"]');
  await expect(allIn.getByRole('heading', { name: 'Total cost per part' })).toBeInViewport();
  await allIn.getByRole('link', { name: 'total of the programme' }).click();
  await expect(page.locator('[id="total"]').getByRole('heading')).toBeInViewport();
});

test('the model is found by words, numbers and symbols, and says so where nothing is', async ({ page }) => {
  await page.goto('/model');
  const count = page.getByRole('status').filter({ hasText: 'equations' });
  const all = Number(/of (\d+)/.exec((await count.textContent()) ?? '')?.[1]);
  expect(all).toBeGreaterThan(90);
  const find = page.getByLabel('Search figure, symbol or number');
  await find.fill('hHole');
  // Hours of a casting tool, of single dies and of a strip tool.
  await expect(count).toHaveText(`3 of ${all} equations`);
  await expect(page.getByRole('heading', { name: 'Tool hours' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Hours of the press tool' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Hours of the strip tool' })).toBeVisible();
  await find.fill('zebra');
  await expect(page.getByText('No equation matches “zebra”')).toBeVisible();
  await find.fill('');
  await expect(count).toHaveText(`${all} of ${all} equations`);
  await look(page, 'model');
});
