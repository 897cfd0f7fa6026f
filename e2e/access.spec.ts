import { expect, test } from '@playwright/test';
import { look, serious } from './axe';
import { closeSheet, copyOf, openView, studyId } from './journeys';

// As the application comes: with its certainty shown.
test.use({ storageState: { cookies: [], origins: [] } });

test('no serious finding by axe in the sheets of the board, in light and dark', async ({ page, request }) => {
  await page.emulateMedia({ colorScheme: 'light' });
  await openView(page, await studyId(request, 'Tripod hub'), 'routes');
  await page.locator('[data-lane="gravity-die/hand"] [data-column="perPart"] button').first().click();
  await expect(page.getByTestId('working')).toBeVisible();
  await page.waitForTimeout(400);
  await look(page, 'working');
  await closeSheet(page);
  await page.locator('[data-lane="gravity-die/hand"] button').first().click();
  await page.waitForTimeout(400);
  await look(page, 'reasons');
  await closeSheet(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.waitForTimeout(400);
  await look(page, 'keys');
});

test('a signed record, and bad input, have no serious finding either', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  const signed = await request.post(`/api/studies/${id}/decisions`, {
    data: {
      laneId: 'gravity-die/hand',
      quantity: 2400,
      why: 'Least all in.',
      signedBy: 'Buyer',
      signedOn: '2027-01-05',
      version: 1,
    },
  });
  expect(signed.status()).toBe(201);
  await openView(page, id, 'decision');
  expect(await serious(page)).toEqual([]);
  await openView(page, id, 'brief');
  await page.getByLabel('Volume', { exact: true }).fill('x');
  expect(await serious(page)).toEqual([]);
  const set = (await (
    await request.post('/api/rates', { data: { from: 'shipped-1', name: 'Looked over', who: 'Ilse Varga' } })
  ).json()) as { id: string };
  await page.goto(`/rates/${set.id}`);
  await page.getByRole('button', { name: 'Metal prices' }).click();
  await page
    .getByRole('textbox', { name: /ingot, low/ })
    .first()
    .fill('x');
  await expect(page.getByRole('region', { name: 'Unsaved changes' })).toBeVisible();
  expect(await serious(page), 'own rates').toEqual([]);
});
