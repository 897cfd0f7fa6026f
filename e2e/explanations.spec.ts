import { expect, test, type Locator, type Page } from '@playwright/test';
import { closeSheet, copyOf, openView, pick, saved, studyId } from './journeys';

/** The figure of the open sheet, as shown beside its expression. */
const sheetOf = (page: Page): Locator => page.getByTestId('working');

test('figures in the verdict open their working; a difference shows both lanes and leads on to each', async ({
  page,
  request,
}) => {
  await openView(page, await studyId(request, 'Tripod hub'), 'routes');
  const verdict = page.getByTestId('verdict');
  const [cost, under] = await verdict.getByRole('button').allInnerTexts();
  await verdict.getByRole('button').first().click();
  await expect(sheetOf(page)).toContainText('Total cost per part');
  await expect(sheetOf(page)).toContainText((cost ?? '').split('.')[0] ?? 'no figure');
  await page.keyboard.press('Escape');
  await verdict.getByRole('button').nth(1).click();
  await expect(sheetOf(page)).toContainText('a \u2212 b');
  await expect(sheetOf(page)).toContainText((under ?? '').split('.')[0] ?? 'no figure');
  await expect(sheetOf(page).getByRole('row')).toHaveCount(3);
  const second = sheetOf(page).getByRole('row').nth(2);
  const other = await second.getByRole('cell').nth(1).innerText();
  await second.getByRole('button').click();
  await expect(sheetOf(page)).toContainText('total of the programme');
  await expect(sheetOf(page)).toContainText(other.replace('total cost per part, ', ''));
});

test('a difference on the board opens against the lane it is told to', async ({ page, request }) => {
  await openView(page, await studyId(request, 'Tripod hub'), 'routes');
  const lane = page.locator('[data-lane="permanent-mould/tilt"]');
  await lane
    .locator('[data-column="perPart"]')
    .getByRole('button', { name: /^\+[\d.\u202f]+$/ })
    .click();
  await expect(sheetOf(page)).toContainText('Against gravity die, ladled by hand: total cost per part');
  await page.keyboard.press('Escape');
  await lane
    .locator('[data-column="tooling"]')
    .getByRole('button', { name: /^[+\u2212]/ })
    .click();
  await expect(sheetOf(page)).toContainText('Against gravity die, ladled by hand: tooling');
});

test('the sentences of a signed record open frozen workings, and what changed is told in inches', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'decision');
  await page.getByTestId('against').getByRole('button').first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel('Why this route').fill('Lowest cost, and the shop knows the die.');
  await page.getByLabel('Signed by').fill('Buyer');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  const record = page.getByTestId('record');
  await expect(record).toContainText('Lowest cost');
  const told = record.getByRole('button').first();
  const frozen = await told.innerText();

  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByLabel('Volume', { exact: true }).fill('500');
  await page.getByLabel('Thinnest wall', { exact: true }).fill('12.7');
  await saved(page);
  await page.getByRole('link', { name: 'Decision' }).click();
  await expect(told).toHaveText(frozen);
  await told.click();
  await expect(sheetOf(page)).toContainText('as signed');
  await expect(sheetOf(page)).toContainText(frozen.replace(/\D*$/, '').slice(0, -1));
  await page.keyboard.press('Escape');
  await pick(page, 'Units', 'in · lb');
  const wall = page.getByTestId('changes').getByRole('row', { name: /^Thinnest wall/ });
  await expect(wall).toContainText('0.5 in');
  await expect(wall).not.toContainText('mm');
});

test('the page for a customer tells a mass and dates that open, in the units of the screen', async ({
  page,
  request,
}) => {
  await openView(page, await studyId(request, 'Tripod hub'), 'process-steps');
  const made = page.getByTestId('process-steps');
  const kilograms = Number.parseFloat(await made.getByRole('button', { name: /^[\d.]+ kg$/ }).innerText());
  await made.getByRole('button', { name: /^[\d.]+ kg$/ }).click();
  await expect(sheetOf(page)).toContainText('kg');
  const worked = /= ([\d.]+)/.exec(await sheetOf(page).innerText())?.[1];
  expect(Math.abs(Number(worked) - kilograms)).toBeLessThanOrEqual(0.005);
  await closeSheet(page);
  await pick(page, 'Units', 'in · lb');
  await expect(made.getByRole('button', { name: /^[\d.]+ lb$/ })).toBeVisible();
  await made
    .getByRole('button', { name: /^\d+ \w+ \d{4}$/ })
    .last()
    .click();
  await expect(sheetOf(page)).toContainText('Day of the last of');
});
