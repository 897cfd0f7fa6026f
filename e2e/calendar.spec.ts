import { expect, test } from '@playwright/test';
import { closeSheet, copyOf, openView, saved, setQuantity, studyId } from './journeys';

interface Lane {
  readonly id: string;
  readonly firstArticle_days: number;
  readonly lastPart_days: number;
}

const onDate = (iso: string, days: number): string =>
  new Date(Date.parse(`${iso}T00:00:00Z`) + Math.ceil(days) * 86_400_000)
    .toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
    .replace('Sept', 'Sep');

test('the calendar gives the dates of the comparison, follows the rail, and opens the steps of a lane', async ({
  page,
  request,
}) => {
  const id = await studyId(request, 'Tripod hub');
  const { brief } = (await (await request.get(`/api/studies/${id}/export`)).json()) as {
    brief: { quantity: { orderDate: string } };
  };
  await openView(page, id, 'calendar');
  for (const q of [2400, 600]) {
    const answer = (await (await request.post('/api/evaluate', { data: { brief, quantity: q } })).json()) as {
      lanes: Lane[];
    };
    const lane = answer.lanes.find((l) => l.id === 'gravity-die/hand');
    await setQuantity(page, q);
    const chart = page.getByRole('img', { name: /Good parts against time/ });
    await expect(chart).toHaveAccessibleName(
      new RegExp(
        `Gravity die: first ${onDate(brief.quantity.orderDate, lane?.firstArticle_days ?? NaN)}, last ${onDate(brief.quantity.orderDate, lane?.lastPart_days ?? NaN)}`,
      ),
    );
  }
  await page.getByRole('button', { name: /^Gravity die: first article after/ }).click();
  const sheet = page.getByTestId('steps');
  await expect(sheet).toContainText('making the tool');
  await expect(sheet).toContainText('the bottleneck');
  const days = await sheet
    .getByRole('table', { name: 'Steps on the calendar' })
    .locator('[data-days]')
    .evaluateAll((cells) => cells.map((c) => Number(c.getAttribute('data-days'))));
  const answer = (await (await request.post('/api/evaluate', { data: { brief, quantity: 600 } })).json()) as {
    lanes: Lane[];
  };
  const last = answer.lanes.find((l) => l.id === 'gravity-die/hand')?.lastPart_days ?? NaN;
  expect(Math.abs(days.reduce((a, b) => a + b, 0) - last)).toBeLessThan(1e-6);
  await sheet.getByRole('button').first().click();
  await expect(page.getByTestId('working')).toContainText('First article');
});

test('a wanted date that a route misses is told in days, and moving it repairs that', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await page.getByLabel('First delivery', { exact: true }).fill('1 Feb 2027');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('link', { name: 'Calendar' }).click();
  const row = page.locator('[data-delivery="gravity-die/hand"]');
  const late = row.getByRole('button', { name: /^\d+ days late$/ }).first();
  const told = Number(/\d+/.exec(await late.innerText())?.[0]);
  await late.click();
  const working = page.getByTestId('working');
  await expect(working).toContainText(`= \u2212${told} days`);
  await working.getByRole('row').filter({ hasText: 'day by which they exist' }).getByRole('button').click();
  await expect(working).toContainText('Time model T11: D(N)');
  await closeSheet(page);
  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByLabel('First delivery', { exact: true }).fill('1 Dec 2027');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('link', { name: 'Calendar' }).click();
  await expect(row).toContainText(/\d+ days early/);
  await expect(row).not.toContainText('late');
});
