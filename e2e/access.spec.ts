import { expect, test } from '@playwright/test';
import { look, serious } from './axe';
import { copyOf, openView } from './journeys';

// As the application comes: with its certainty shown.
test.use({ storageState: { cookies: [], origins: [] } });

test('no serious finding by axe on the list of parts and on the check, in light and dark', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto('/');
  await expect(page.getByRole('table', { name: 'Parts' }).getByRole('link').first()).toBeVisible();
  await look(page, 'parts');
  await page.goto('/check');
  await expect(page.getByTestId('tally')).toContainText('agree', { timeout: 60_000 });
  await look(page, 'check');
});

for (const path of [
  '/calculator',
  '/rates',
  '/rates/shipped-1',
  '/process-values',
  '/process-values/process-book-2',
  '/foundries',
  '/foundries/f-x',
  '/foundries/f-x?edit=1',
  '/foundries/compare?a=f-b&b=f-d',
  '/alloys',
  '/bought-parts',
  '/defects',
  '/alloys/al-a356',
  '/alloys/own-quillmere-pure?edit=1',
])
  test(`no serious finding by axe on ${path}, in light and dark`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await look(page, path);
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
