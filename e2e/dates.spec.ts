import { expect, test, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import { copyOf, openView, ready, saved, VIEWS } from './journeys';

const FIELDS = [
  ['Order placed', 'orderDate'],
  ['Prototypes by', 'prototypeDate'],
  ['First delivery', 'firstDelivery'],
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

/** Types a date letter by letter, as it is written everywhere, from an empty field. */
async function typeDate(page: Page, field: Locator, text: string, after: () => Promise<void>): Promise<void> {
  await field.fill('');
  for (const letter of text) {
    await page.keyboard.type(letter);
    await after();
  }
}

test('a date typed letter by letter with pauses is saved only when the field is left, and every view opens all along', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  for (const [label, key] of FIELDS) {
    const field = page.getByLabel(label, { exact: true });
    for (const start of ['17 May 2028', '']) {
      await field.fill(start);
      await field.press('Enter');
      await saved(page);
      const was = start === '' ? null : '2028-05-17';
      await expect.poll(async () => (await dates(request, id))[key]).toBe(was);
      await typeDate(page, field, '31 Dec 2027', async () => {
        if (key === 'firstDelivery') await page.waitForTimeout(PAUSE_MS);
        expect((await dates(request, id))[key]).toBe(was);
      });
      await page.keyboard.press(start === '' ? 'Enter' : 'Tab');
      await saved(page);
      await expect.poll(async () => (await dates(request, id))[key]).toBe('2027-12-31');
      await expect(field).toHaveValue('31 Dec 2027');
    }
  }
  for (const view of VIEWS) expect((await request.get(`/studies/${id}/${view}`)).status(), view).toBe(200);
});

test('a day is picked from a month, by the hand and by keys', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await page.getByRole('button', { name: 'First delivery: pick a day' }).click();
  await page
    .getByRole('button', { name: /15 April 2027|April 15, 2027/ })
    .or(page.getByText('15', { exact: true }))
    .first()
    .click();
  await saved(page);
  await expect.poll(async () => (await dates(request, id))['firstDelivery']).toMatch(/^2027-\d\d-15$/);
});

test('a year that is none is refused beside the field and not saved; a date begun and left says so', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  const field = page.getByLabel('First delivery', { exact: true });
  await field.fill('17 May 2028');
  await field.press('Enter');
  await saved(page);
  const box = page.locator('#field-quantity-firstDelivery');
  await typeDate(page, field, '31 Mar 0002', () => Promise.resolve());
  await page.keyboard.press('Enter');
  await expect(box.getByRole('alert')).toHaveText(
    'First delivery “31 Mar 0002”: a real date from 1 Jan 1990 to 31 Dec 2199, such as 4 Jan 2027.',
  );
  await page.waitForTimeout(PAUSE_MS);
  expect((await dates(request, id))['firstDelivery']).toBe('2028-05-17');
  // What was typed is still there after the page is loaded anew, and so is what is wrong with it.
  await page.reload();
  await ready(page);
  await expect(field).toHaveValue('31 Mar 0002');
  await expect(box.getByRole('alert')).toBeVisible();
  await field.fill('');
  await field.press('Enter');
  await expect(box.getByRole('alert')).toHaveCount(0);
  await saved(page);
  await typeDate(page, field, '12', () => Promise.resolve());
  await page.getByLabel('Title', { exact: true }).click();
  await expect(box.getByRole('alert')).toContainText('First delivery “12”');
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
  const on = page.getByLabel('Date', { exact: true });
  const by = page.getByLabel('Action 1, by', { exact: true });
  await typeDate(page, on, '5 Jan 0027', () => Promise.resolve());
  await typeDate(page, by, '12', () => Promise.resolve());
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Date “5 Jan 0027”' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'Action 1, by “12”' })).toBeVisible();
  expect((await (await request.get(`/api/studies/${id}`)).json()) as object).toMatchObject({ version: 1 });
  await typeDate(page, on, '5 Jan 2027', () => Promise.resolve());
  await by.fill('1 Feb 2027');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByTestId('record')).toContainText('Ilse, 5 Jan 2027', { timeout: 60_000 });
});
