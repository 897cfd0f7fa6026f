import { expect, test, type Locator } from '@playwright/test';
import { copyOf, openView, ready, saved, setQuantity } from './journeys';

/** Turns a slider of weights, 0 to 10 by halves, by keys. */
async function turnTo(slider: Locator, value: number): Promise<void> {
  await slider.press('End');
  for (let k = 10; k > value; k -= 0.5) await slider.press('ArrowLeft');
}

test('the ranking methods are weighed, the weights kept for the team, and another leads the study', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await setQuantity(page, 18_000);
  await expect(page.getByTestId('ranking-agreement')).toContainText('The ranking methods differ');
  const table = page.getByRole('table', { name: 'Routes by ranking methods' });
  await expect(page.locator('[data-ranked="permanent-mould/tilt"] [data-first="cost"]')).toBeVisible();
  await expect(page.locator('[data-leader]').getByRole('img', { name: /^Best on: cost/ })).toBeVisible();
  await expect(page.getByTestId('pareto')).toContainText('permanent mould, low pressure by');

  // All weight on the cost puts the cheapest first.
  for (const name of ['days to the first article', 'second operations', 'tolerance margin', 'scrap'])
    await page.getByRole('slider', { name, exact: true }).press('Home');
  await turnTo(page.getByRole('slider', { name: 'programme cost' }), 8);
  const scores = page.getByRole('list', { name: 'Routes by the weights' });
  await expect(scores.getByRole('listitem').first()).toContainText('permanent mould, tilting');
  await expect(scores.getByRole('listitem').first()).toContainText('1.00');
  const sheet = page.getByTestId('working');
  await scores.getByRole('button').last().click();
  await expect(sheet).toContainText('Weighted mean of columns');
  await page.keyboard.press('Escape');
  await table.locator('tbody tr:last-child td:nth-child(5) button').click();
  await expect(sheet).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Save for the team' }).click();
  await expect(page.getByText('Name is empty: who sets the weights is wanted.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Casting buyer');
  await page.getByRole('button', { name: 'Save for the team' }).click();
  await expect(page.getByText('Saved for the team.')).toBeVisible();

  await page.getByTitle('Lead this study by soonest good parts').click();
  const led = page.getByTestId('led-by');
  await expect(led).toContainText(
    'By soonest good parts, the method of this study, flask investment, printed patterns',
  );
  await led.getByRole('button').nth(1).click();
  await expect(sheet).toContainText('Against permanent mould, tilting');
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-leader]')).toHaveAttribute('data-lane', 'flask-investment/printed');
  await saved(page);
  await page.reload();
  await ready(page);
  await expect(page.getByTestId('led-by')).toContainText('flask investment, printed patterns');
  await expect(page.getByRole('heading', { name: /^Team weights/ })).toContainText('set by Casting buyer');
  await expect(page.getByRole('slider', { name: 'programme cost' })).toHaveAttribute('aria-valuenow', '8');
  await page.getByRole('link', { name: 'Decision', exact: true }).click();
  await expect(page.locator('input[type=radio][value="flask-investment/printed"]')).toBeChecked();
  const put = (weights: object) => request.put('/api/weights', { data: { weights, who: 'Journey' } });
  expect((await put({ cost: 11, first: 3, operations: 1, reserve: 1, scrap: 1 })).status()).toBe(400);
  expect((await put({ cost: 0, first: 0, operations: 0, reserve: 0, scrap: 0 })).status()).toBe(400);
  expect((await put({ cost: 5, first: 3, operations: 1, reserve: 1, scrap: 1 })).status()).toBe(200);
});

test('weights moved before the team’s have come are not put back by them', async ({ page, request }) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  let release = (): void => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/api/weights', async (route) => {
    await held;
    await route.continue();
  });
  await openView(page, id, 'routes');
  const cost = page.getByRole('slider', { name: 'programme cost' });
  await turnTo(cost, 8.5);
  const answered = page.waitForResponse('**/api/weights');
  release();
  await (await answered).finished();
  await page.waitForTimeout(500);
  await expect(cost).toHaveAttribute('aria-valuenow', '8.5');
  await expect(page.getByRole('button', { name: 'Save for the team' })).toBeVisible();
});
