import { expect, test } from '@playwright/test';
import { copyOf, openView } from './journeys';

test('a traveller is issued, ticked on a phone without a connection, and sent when it is back', async ({
  page,
  request,
  context,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'method');
  await page.keyboard.press('Tab');
  const travellers = page.getByTestId('travellers');
  await travellers.scrollIntoViewIfNeeded({ timeout: 30_000 });
  await travellers.getByLabel('Good pieces').fill('many');
  await travellers.getByLabel('Issued by').fill('Ada');
  await travellers.getByText('Issue a traveller').click();
  await expect(travellers.getByRole('alert')).toContainText('Good pieces, “many”: a whole number');
  await travellers.getByLabel('Good pieces').fill('60');
  await travellers.getByText('Issue a traveller').click();
  await travellers.getByRole('link', { name: 'Lot 1' }).click();
  await page.waitForURL(/\/travellers\//);

  // Beside the furnace, on a phone.
  await page.setViewportSize({ width: 390, height: 800 });
  await expect(page.getByRole('heading', { name: /, lot 1$/ })).toBeVisible();
  await page.getByLabel('Who ticks').fill('Bo');
  const stops = page.getByTestId('stops').locator('[data-item]');
  const poured = page.locator('[data-item="gravity-die.pour"]');
  await expect(poured).toContainText('Nothing is poured before every stop is ticked');
  const target = await stops.first().locator('label').boundingBox();
  expect(target?.height).toBeGreaterThanOrEqual(44);
  const count = await stops.count();
  await context.setOffline(true);
  for (let i = 0; i < count; i++) await stops.nth(i).locator('label').click();
  await stops.first().getByRole('textbox').fill('die 318 °C');
  await stops.first().getByRole('textbox').blur();
  await poured.locator('label').click();
  await expect(page.getByTestId('traveller-state')).toContainText(`${count + 1} kept here, not sent yet`);
  await expect(page.getByTestId('stops')).toContainText('all ticked');

  // The connection comes back: all of it is sent, and another reader sees it.
  await context.setOffline(false);
  await expect(page.getByTestId('traveller-state')).toContainText(`${count + 1} ticked, all sent`, { timeout: 20_000 });
  await page.reload();
  await expect(page.locator('[data-item][data-done]')).toHaveCount(count + 1);
  await expect(page.getByRole('textbox', { name: /note/ }).first()).toHaveValue('die 318 °C');
  const tid = page.url().split('/').at(-1) ?? '';
  const record = (await (await request.get(`/api/travellers/${tid}`)).json()) as {
    ticks: { item: string; who: string }[];
  };
  expect(record.ticks).toHaveLength(count + 1);
  expect(record.ticks.every((t) => t.who === 'Bo')).toBe(true);
  const csv = await (await request.get(`/api/travellers/${tid}/file?format=csv`)).text();
  expect(csv).toContain('good pieces promised,60');
  expect((await request.get(`/api/travellers/${tid}/file?format=doc`)).status()).toBe(400);
});
