import { expect, test, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import { copyOf, openView, ready, saved } from './journeys';

const FIELDS = [
  ['Order placed', 'orderDate'],
  ['Prototypes by', 'prototypeDate'],
  ['First delivery', 'firstDelivery'],
] as const;
const VIEWS = [
  'brief',
  'part',
  'routes',
  'alloys',
  'calendar',
  'requirements',
  'bench',
  'decision',
  'process-steps',
] as const;
/** Longer than what is typed waits before it is saved. */
const PAUSE_MS = 900;

/** The dates of a study as the database has them. */
async function dates(request: APIRequestContext, id: string): Promise<Record<string, string | null>> {
  const study = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { quantity: Record<string, string | null> };
  };
  return study.brief.quantity;
}

/** Types a date month, day, year, digit by digit, from the first part of the field. */
async function typeDate(page: Page, field: Locator, digits: string, after: () => Promise<void>): Promise<void> {
  await field.focus();
  for (const digit of digits) {
    await page.keyboard.press(digit);
    await after();
  }
}

test('a date typed digit by digit with pauses is saved only when it is whole, and every view opens all along', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  for (const [label, key] of FIELDS) {
    const field = page.getByLabel(label, { exact: true });
    // Filled first, so that each digit passes through another whole date; then emptied and typed anew.
    for (const start of ['2028-05-17', '']) {
      await field.fill(start);
      await saved(page);
      const was = start === '' ? null : start;
      await expect.poll(async () => (await dates(request, id))[key]).toBe(was);
      await typeDate(page, field, '12312027', async () => {
        if (key === 'firstDelivery') await page.waitForTimeout(PAUSE_MS);
        expect((await dates(request, id))[key]).toBe(was);
      });
      // Taken on Enter, or when the field is left: one step for its own calendar, one out of it.
      for (const next of start === '' ? ['Enter'] : ['Tab', 'Tab']) await page.keyboard.press(next);
      await saved(page);
      await expect.poll(async () => (await dates(request, id))[key]).toBe('2027-12-31');
    }
  }
  for (const view of VIEWS) expect((await request.get(`/studies/${id}/${view}`)).status(), view).toBe(200);
});

test('a year that is none is refused beside the field and not saved; a date begun and left says so', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  const field = page.getByLabel('First delivery', { exact: true });
  await field.fill('2028-05-17');
  await saved(page);
  const box = page.locator('#field-quantity-firstDelivery');
  await typeDate(page, field, '03310002', () => Promise.resolve());
  await page.keyboard.press('Enter');
  await expect(box.getByRole('alert')).toHaveText(
    'First delivery “0002-03-31”: a real date from 1990-01-01 to 2199-12-31, as YYYY-MM-DD.',
  );
  await page.waitForTimeout(PAUSE_MS);
  expect((await dates(request, id))['firstDelivery']).toBe('2028-05-17');
  // What was typed is still there after the page is loaded anew, and so is what is wrong with it.
  await page.reload();
  await ready(page);
  await expect(field).toHaveValue('0002-03-31');
  await expect(box.getByRole('alert')).toBeVisible();
  await field.fill('');
  await expect(box.getByRole('alert')).toHaveCount(0);
  await saved(page);
  await typeDate(page, field, '12', () => Promise.resolve());
  await page.locator('#field-title input').click();
  await expect(box.getByRole('alert')).toContainText('the date is not whole');
  expect((await dates(request, id))['firstDelivery']).toBeNull();
  for (const view of VIEWS) expect((await request.get(`/studies/${id}/${view}`)).status(), view).toBe(200);
});

test('no door takes a date outside the years that are reckoned with', async ({ request }) => {
  const id = await copyOf(request, 'Tripod hub');
  const study = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { quantity: object };
    school: string;
    version: number;
  };
  for (const orderDate of ['0002-03-31', '0099-01-01', '1989-12-31', '2200-01-01']) {
    const brief = { ...study.brief, quantity: { ...study.brief.quantity, orderDate } };
    const answer = await request.put(`/api/studies/${id}`, {
      data: { brief, school: study.school, version: study.version, editor: 'e' },
    });
    expect(answer.status(), orderDate).toBe(400);
    expect(await answer.text()).toContain('1990-01-01 to 2199-12-31');
  }
  const made = (await (
    await request.post('/api/rates', { data: { from: 'shipped-1', name: 'Shut', who: 'Ilse' } })
  ).json()) as { id: string; version: number };
  const holidays = ['0050-01-01'];
  const answer = await request.put(`/api/rates/${made.id}`, {
    data: { change: { holidays }, version: made.version, who: 'Ilse', why: 'shut' },
  });
  expect(answer.status()).toBe(400);
});

test('a decision and its actions are signed with whole dates only', async ({ page, request }) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'decision');
  await page.getByLabel('Why this route', { exact: true }).fill('Least all in, and the shop knows the alloy well.');
  await page.getByLabel('Signed by', { exact: true }).fill('Ilse');
  const on = page.getByLabel('On', { exact: true });
  const by = page.getByLabel('Action 1, by', { exact: true });
  await typeDate(page, on, '01050027', () => Promise.resolve());
  await by.fill('');
  await typeDate(page, by, '12', () => Promise.resolve());
  await page.getByRole('button', { name: 'Sign and freeze' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'On “0027-01-05”' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'Action 1, by: the date is not whole' })).toBeVisible();
  expect((await (await request.get(`/api/studies/${id}`)).json()) as object).toMatchObject({ version: 1 });
  await typeDate(page, on, '01052027', () => Promise.resolve());
  await by.fill('2027-02-01');
  await page.getByRole('button', { name: 'Sign and freeze' }).click();
  await expect(page.getByText('Signed by Ilse on 5 Jan 2027').first()).toBeVisible({ timeout: 60_000 });
});
