import { expect, test } from '@playwright/test';
import { copyOf, openView, pick, saved, setQuantity } from './journeys';

test('candidate alloys are compared on every route, and one is chosen', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  const { brief } = (await (await request.get(`/api/studies/${id}/export`)).json()) as { brief: object };
  await openView(page, id, 'alloys');
  await setQuantity(page, 1500);
  await expect(page.getByRole('status').filter({ hasText: 'at 1\u202f500 pieces' })).toBeVisible();
  const answer = (await (
    await request.post('/api/evaluate', { data: { brief: { ...brief, alloy: 'al-44200' }, quantity: 1500 } })
  ).json()) as { leader: string; lanes: { id: string; allIn: number }[] };
  const allIn = answer.lanes.find((l) => l.id === answer.leader)?.allIn ?? NaN;
  await page.getByRole('button', { name: 'Show also those that miss one' }).click();
  const row = page.locator('[data-alloy="al-44200"]');
  await expect(row).toContainText(allIn.toFixed(2));
  await row.getByRole('button').first().click();
  await expect(page.getByTestId('working')).toContainText('Total cost per part');
  await expect(page.getByTestId('working')).toContainText('in ');
  await page.keyboard.press('Escape');
  await row.getByRole('checkbox').press('Space');
  const compare = page.getByTestId('compare');
  await expect(compare).toContainText('of 5');
  await compare.getByRole('button', { name: /^Choose .*44200/ }).click();
  await saved(page);
  await expect(row).toContainText('in the brief');
  const study = (await (await request.get(`/api/studies/${id}`)).json()) as { brief: { alloy: string } };
  expect(study.brief.alloy).toBe('al-44200');
});

test('needs of the metal part the alloys, in either units, and what is missed is said', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'alloys');
  const table = page.getByRole('table', { name: 'Alloys and routes' });
  await expect(table.getByRole('row').nth(1)).toBeVisible();
  const before = await table.getByRole('row').count();
  await page.getByLabel('Yield strength, at least').fill('300');
  await expect.poll(() => table.getByRole('row').count()).toBeLessThan(before);
  const some = await table.getByRole('row').count();
  await pick(page, 'Units', 'in · lb');
  await expect(page.getByLabel('Yield strength, at least')).toHaveValue('43.5113');
  expect(await table.getByRole('row').count()).toBe(some);
  await pick(page, 'Units', 'mm · kg');
  await page.getByLabel('Yield strength, at least').fill('much');
  await expect(
    page.getByText('Yield strength, at least “much”: a number above 0 is wanted, at most 5000 MPa.'),
  ).toBeVisible();
  await page.getByLabel('Yield strength, at least').fill('300');
  await page.getByRole('button', { name: 'Show also those that miss one' }).click();
  await expect(page.locator('[data-alloy="al-a356"]')).toContainText('yield strength too low');
  await saved(page);
  const study = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { alloyMode: string; alloyLimits: { yieldMin_MPa: number } };
  };
  expect(study.brief.alloyLimits.yieldMin_MPa).toBe(300);
  expect(study.brief.alloyMode).toBe('needs');
  await expect(page.getByTestId('own-alloy')).toContainText('does not meet them: yield strength too low');
  await page.getByLabel('Yield strength, at least').fill('-3');
  await expect(page.getByText('a number above 0 is wanted, at most 5000 MPa')).toBeVisible();
  await openView(page, id, 'brief');
  await expect(page.getByLabel('Yield strength, at least')).toHaveValue('300');
  await page.getByLabel('Yield strength, at least').fill('');
  await saved(page);
  await openView(page, id, 'alloys');
  await expect(page.getByLabel('Yield strength, at least')).toHaveValue('');
});
