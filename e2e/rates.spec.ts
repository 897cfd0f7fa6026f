import { expect, test } from '@playwright/test';
import { copyOf, leader, openView, setQuantity } from './journeys';

interface Evaluated {
  readonly leader: string;
  readonly lanes: { readonly id: string; readonly allIn: number | null }[];
}

test('a copy of the rates is made, a study takes it, a figure is changed, and the study moves', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  const { brief } = (await (await request.get(`/api/studies/${id}/export`)).json()) as { brief: object };
  const plain = (await (await request.post('/api/evaluate', { data: { brief } })).json()) as Evaluated;
  const was = plain.lanes.find((l) => l.id === plain.leader)?.allIn ?? 0;

  await page.goto('/rates/shipped-1');
  await expect(page.getByRole('textbox', { name: /likely/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Copy this set' }).click();
  await page.getByLabel('Name of the copy').fill('Foundry partners, spring');
  await page.getByLabel('Made by').fill('Ilse Varga');
  await page.getByRole('button', { name: 'Create copy' }).click();
  await expect(page.getByRole('heading', { name: 'Foundry partners, spring' })).toBeVisible();
  const setUrl = page.url();

  await openView(page, id, 'routes');
  await page.getByLabel('Rates', { exact: true }).selectOption({ label: 'Foundry partners, spring' });
  await expect(page.getByLabel('Rates', { exact: true })).toBeEnabled();

  await page.goto(setUrl);
  await page.getByRole('button', { name: 'Labour, energy' }).click();
  const likely = page.getByLabel('foundry floor labour, likely');
  await likely.fill('99');
  await expect(page.getByRole('alert').first()).toContainText('“26 · 99 · 52”: low ≤ likely ≤ high is wanted');
  await expect(page.getByRole('button', { name: 'Save changes' })).toBeDisabled();
  await page.getByLabel('foundry floor labour, high').fill('120');
  await page.getByLabel('moulder, die operator, pourer, likely').fill('61');
  await expect(page.getByTestId('moves')).toContainText('1 of 1 studies change');
  // What is typed outlives a reload.
  await page.reload();
  await page.getByRole('button', { name: 'Labour, energy' }).click();
  await expect(page.getByLabel('foundry floor labour, likely')).toHaveValue('99');
  await page.getByLabel('Changed by').fill('Ilse Varga');
  await page.getByLabel('Why').fill('wage round');
  await expect(page.getByTestId('moved').getByRole('row').nth(1)).toContainText(was.toFixed(2));
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('wage round');
  await expect(page.getByText(/2 of 1\u202f\d+ figures are your own/)).toBeVisible();
  const moved = page.getByTestId('moved').getByRole('row').nth(1);
  await expect(moved).toContainText('+');

  await page.getByRole('link', { name: 'Differences' }).click();
  const differences = page.getByRole('table', { name: 'Differences' });
  await expect(differences.getByRole('row')).toHaveCount(3);
  await expect(differences).toContainText('+175.0 %');

  await openView(page, id, 'routes');
  const lane = page.locator(`[data-lane="${await leader(page)}"]`);
  await lane.locator('[data-column="perPart"] button').first().click();
  const sheet = page.getByTestId('working');
  await expect(sheet).toBeVisible();
  const csv = await (await request.get(`/api/studies/${id}/comparison`)).text();
  expect(csv).not.toContain('shipped-1');
});

test('a working leads to its rate, and metal prices are filled from a day of the simulated series', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'routes');
  await setQuantity(page, 800);
  const made = (await (
    await request.post('/api/rates', { data: { from: 'shipped-1', name: 'Priced', who: 'Oskar Lind' } })
  ).json()) as { id: string };
  await page.getByLabel('Rates', { exact: true }).selectOption('shipped-1');
  const lane = page.locator(`[data-lane="${await leader(page)}"]`);
  await lane.locator('[data-column="perPart"] button').first().click();
  const sheet = page.getByTestId('working');
  const cell = sheet.getByRole('row').filter({ hasText: 'total of the programme' });
  await cell.getByRole('button').click();
  await sheet.getByRole('row').filter({ hasText: 'price factor' }).getByRole('button').click();
  await sheet
    .getByRole('row')
    .filter({ hasText: 'overhead' })
    .getByRole('link', { name: 'rates', exact: true })
    .click();
  await expect(page).toHaveURL(/rates\/shipped-1#global\.oh/);
  await expect(page.locator('tr[data-marked]')).toContainText('overhead');

  await page.goto(`/rates/${made.id}`);
  await page.getByRole('button', { name: 'Metal prices' }).click();
  await page.getByLabel('Date', { exact: true }).fill('1 Jan 2023');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('2024-01-01');
  await page.getByLabel('Date', { exact: true }).fill('2 Mar 2026');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Use the metal prices of this date' }).click();
  await expect(page.getByText('53 figures changed, not saved')).toBeVisible();
  await expect(page.getByLabel('Why')).toHaveValue('simulated metal prices of 2 Mar 2026');
  await page.getByRole('button', { name: 'Discard changes' }).click();
  await expect(page.getByRole('region', { name: 'Unsaved changes' })).toHaveCount(0);

  const text = 'path,low,likely,high\nglobal.Rlab,20,30,40\nglobal.Rmc,9,8,7\n';
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'quotes.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByText('quotes.csv: 1 figures imported')).toBeVisible();
  await expect(page.getByText('line 3, global.Rmc: “9 · 8 · 7”')).toBeVisible();
  await expect(page.getByText('1 figure changed, not saved')).toBeVisible();
});
