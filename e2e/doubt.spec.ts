import { expect, test } from '@playwright/test';
import { copyOf, openView, setQuantity } from './journeys';

// As the application comes: with its doubts shown.
test.use({ storageState: { cookies: [], origins: [] } });

test('how sure: the board’s whiskers, the shares, and a flip point confirmed by moving the rail there', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await setQuantity(page, 18_000);
  const verdict = page.getByTestId('doubt-verdict');
  await expect(verdict).toContainText('Permanent mould, tilting is the cheapest of 3 routes');
  const leader = page.locator('[data-leader]');
  await expect(leader.getByRole('img', { name: /^In eight draws of ten .* USD a part/ })).toBeVisible();
  await expect(leader).toContainText(/cheapest in \d+ %/);
  await expect(leader).toContainText(/in time in \d+ %/);

  const flips = page.getByRole('list', { name: 'What would overturn it' });
  const quantity = flips.getByRole('listitem').filter({ hasText: 'pieces over the life' });
  await expect(quantity).toContainText('Stays first down to', { timeout: 20_000 });
  const at = Number(/down to ([\d\u202f]+) pieces/.exec(await quantity.innerText())![1]!.replace(/\D/g, ''));
  await quantity.getByRole('button', { name: /^rail to/ }).click();
  await expect(page.getByTestId('verdict')).toContainText('permanent mould, tilting leads');
  await setQuantity(page, at - 100);
  await expect(page.getByTestId('verdict')).toContainText('gravity die, ladled by hand leads');
  // By the hand, far to the left of the flip point.
  const rail = page.getByRole('slider').first();
  const box = (await rail.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.45, box.y + box.height / 2);
  await expect(page.getByTestId('verdict')).toContainText('gravity die, ladled by hand leads');
  await expect(verdict).toContainText('Gravity die, ladled by hand is the cheapest', { timeout: 20_000 });
});

test('what moves the choice leads to its rate; the seed and the spread change the draws; doubt can be hidden', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await setQuantity(page, 5000);
  const verdict = page.getByTestId('doubt-verdict');
  await expect(page.locator('.doubt-tools')).toContainText('10\u202f000 draws', { timeout: 20_000 });
  const first = await verdict.innerText();
  expect(first).toMatch(/in \d+ % of the draws \([\d.]+ to [\d.]+ %, by sampling error\)/);
  await page.getByLabel('Seed').fill('7');
  await expect(verdict).not.toHaveText(first, { timeout: 20_000 });
  await page.getByLabel('Seed').fill('1');
  await expect(verdict).toHaveText(first, { timeout: 20_000 });
  await page.getByRole('button', { name: 'triangle' }).click();
  await expect(verdict).not.toHaveText(first, { timeout: 20_000 });
  await page.getByRole('button', { name: 'beta-PERT' }).click();
  await page.getByLabel('the quantity too').check();
  await expect(verdict).not.toHaveText(first, { timeout: 20_000 });

  const movers = page.getByRole('table', { name: 'What moves the choice' });
  await expect(movers.getByRole('row')).toHaveCount(9, { timeout: 20_000 });
  await movers.getByRole('link', { name: 'rate set' }).first().click();
  await expect(page).toHaveURL(/\/rates\/.+#/);
  await page.goBack();
  await page.getByRole('button', { name: 'doubt hidden' }).click();
  await expect(page.getByRole('region', { name: 'How sure' })).toHaveCount(0);
  await expect(page.locator('.whisker')).toHaveCount(0);
});
