import { expect, test } from '@playwright/test';
import { openView, studyId } from './journeys';

test('a rate left out leaves a unit and no figure; put back it gives one; what was typed stays', async ({ page }) => {
  await page.goto('/calculator');
  const result = page.getByLabel('Parts per shift, result');
  await expect(result).toHaveText('2\u202f340 piece/shift');
  await page.getByRole('button', { name: 'Parts per shift, remove row 2' }).click();
  await expect(result).toContainText('234 kg/shift, not piece/shift: kg/piece does not cancel');
  await page.getByRole('button', { name: 'Add a rate' }).first().click();
  await page.getByLabel('Parts per shift, row 4, value').fill('0,1');
  await page.getByLabel('Parts per shift, row 4, unit').fill('kg/piece');
  await expect(result).toContainText('does not cancel');
  await page.getByRole('button', { name: 'Parts per shift, row 4: multiplied; divide instead' }).click();
  await expect(result).toHaveText('2\u202f340 piece/shift');
  await page.getByLabel('Parts per shift, row 1, value').fill('nine');
  await expect(result).toContainText('Row 1, value “nine”: a finite number is wanted.');
  await page.reload();
  await expect(page.getByLabel('Parts per shift, row 1, value')).toHaveValue('nine');
});

test('the calculator is filled from the lanes of an open study', async ({ page, request }) => {
  await openView(page, await studyId(request, 'Tripod hub'), 'calculator');
  const fill = (sheet: string, lane: string): Promise<string[]> =>
    page.getByLabel(`${sheet}: fill from a route of this study`).selectOption({ label: lane });
  await fill('Metal to melt for a lot', 'gravity die, ladled by hand');
  await expect(page.getByLabel('Metal to melt for a lot, result')).toContainText('kg/lot');
  await fill('Days for an order, method A', 'gravity die, ladled by hand');
  await fill('Days for an order, method B', 'permanent mould, tilting');
  const one = page.getByRole('region', { name: /^Days for an order, method A/ });
  await expect(one.getByLabel('Days for an order, method A, row 1, value')).toHaveValue('2400');
  await expect(page.getByTestId('two-ways')).toContainText(/Method B takes [\d.]+ days less/);
});

test('starts for a promise are more than the average says, and a wrong figure is named', async ({ page }) => {
  await page.goto('/calculator');
  const result = page.getByLabel('Castings to start for a promise, result');
  await expect(result).toContainText('114 castings');
  await expect(result).toContainText('the average alone gives 109');
  await page.getByLabel('Confidence, %').fill('100');
  await expect(result).toContainText('Confidence, % “100”: between 0 and 100 is wanted.');
});
