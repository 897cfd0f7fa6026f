import { expect, test } from '@playwright/test';
import { copyOf, openView, ready } from './journeys';

test('the method of a part is read down to what goes in, a value is typed over and kept, and what does not hold is refused', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'method');
  await ready(page);
  const gating = page.locator('[data-group=gating]');
  const choke = gating.locator('[data-figure=choke] button');
  const before = await choke.textContent();
  await choke.click();
  const sheet = page.getByTestId('method-working');
  await expect(sheet).toContainText('Formula book gate.choke');
  await sheet.getByRole('row', { name: /^H / }).getByRole('button').click();
  await expect(sheet).toContainText('Mean driving height');
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();

  // A value that goes in is typed over: figures follow at once, and it is there again after the page is opened anew.
  await gating.getByText(/values that go in/).click();
  const time = gating.locator('[data-given=fillTime] input');
  await time.fill('2.5');
  await time.press('Enter');
  await expect(choke).not.toHaveText(before ?? '');
  const after = await choke.textContent();
  await expect(page.getByText(/^Saved/)).toBeVisible();
  await page.reload();
  await ready(page);
  await expect(page.locator('[data-figure=choke] button')).toHaveText(after ?? '');
  await expect(page.getByText('1 value is typed here.')).toBeVisible();

  // A machine that does not lock is refused in so many words, with what to do.
  await page.getByLabel('Route', { exact: true }).selectOption('pressure-die/cold');
  const forces = page.locator('[data-group=forces]');
  await forces.getByText(/values that go in/).click();
  await forces.locator('[data-given=machine] input').fill('50');
  await forces.locator('[data-given=machine] input').press('Enter');
  await expect(page.getByRole('heading', { name: 'Not to be poured so' })).toBeVisible();
  await expect(forces.locator('[data-finding=lock]')).toContainText('The machine locks with 50 kN');
  await expect(forces.locator('[data-finding=lock]')).toContainText('A larger machine, fewer cavities');
  for (const lane of ['pressure-die/cold', 'gravity-die/hand']) {
    await page.getByLabel('Route', { exact: true }).selectOption(lane);
    await page.getByRole('button', { name: 'use the usual values' }).click();
  }
  await expect(page.getByText(/typed here\./)).toHaveCount(0);
});
