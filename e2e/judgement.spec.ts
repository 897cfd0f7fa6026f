import { expect, test } from '@playwright/test';
import { copyOf, leader, openView, pick, saved, setQuantity } from './journeys';

test('advice follows the drawing: unread, then kept or against, and never moves the board', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'routes');
  const verdict = await page.getByTestId('verdict').textContent();
  await page.locator('[data-lane="gravity-die/hand"] button').first().click();
  const advice = page.getByTestId('advice');
  await expect(advice).toContainText('18 to check on the drawing');
  await advice.getByText('18 to check on the drawing').click();
  await advice.getByRole('link', { name: 'Enter them in the brief' }).click();
  await expect(page).toHaveURL(/brief#drawing/);
  await page.getByLabel('Finest stroke of letters').fill('0.5');
  await page.getByLabel('Faces marked for the gate').fill('1');
  await page.getByLabel('Touches, bare metal on metal').selectOption('stainless');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Finest stroke of letters')).toHaveValue('0.5');
  await openView(page, id, 'routes');
  await expect(page.getByTestId('verdict')).toHaveText(verdict ?? '');
  await page.locator('[data-lane="gravity-die/hand"] button').first().click();
  await expect(advice).toContainText('15 to check on the drawing');
  await expect(advice).toContainText('Letters of that stroke do not come out in this mould.');
  await expect(advice).toContainText('Dissimilar metals outdoors: stainless steel');
  const losses = page.getByTestId('losses');
  await losses.getByRole('row').filter({ hasText: 'First pours' }).getByRole('button').click();
  await expect(page.getByTestId('working')).toContainText('pours before the mould is warm and true');
});

test('a count and a variant are held against the cheapest, and let go again', async ({ page, request }) => {
  const id = await copyOf(request, 'Pier foot');
  await openView(page, id, 'routes');
  await setQuantity(page, 400);
  const first = await leader(page);
  expect(first).toBe('green-sand/bench');
  const lane = page.locator('[data-lane="green-sand/bench"]');
  await lane.getByRole('button', { name: /per pour/ }).click();
  const held = page.getByTestId('override');
  await held.getByLabel(/Fix another count/).fill('99');
  await expect(held.getByRole('alert')).toContainText('Positions “99”: a whole number from 1 to');
  await held.getByRole('button', { name: /Fix match plate for Green sand/ }).click();
  await expect(held).toContainText('match plate is fixed for Green sand');
  await page.keyboard.press('Escape');
  await setQuantity(page, 1);
  await expect(page.locator('[data-lane="green-sand/loose"]')).toHaveCount(0);
  await expect(page.locator('[data-lane="green-sand/bench"]')).toBeVisible();
  await saved(page);
  await page.reload();
  await setQuantity(page, 1);
  await page
    .locator('[data-lane="green-sand/bench"]')
    .getByRole('button', { name: /per pour/ })
    .click();
  await held.getByRole('button', { name: /Let the cheapest variant lead again/ }).click();
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-lane="green-sand/loose"]')).toBeVisible();
});

test('the best lot is found and written into the brief', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'calendar');
  const lots = page.getByTestId('lots');
  const table = lots.getByRole('table', { name: 'Lots compared' });
  await expect(table.getByRole('row')).toHaveCount(3);
  const best = table.getByRole('row').filter({ hasText: 'best' });
  const words = await best.getByRole('cell').nth(1).textContent();
  await best.getByRole('button').click();
  await expect(page.getByTestId('working')).toContainText(`in lots of ${words ?? ''}`);
  await page.keyboard.press('Escape');
  await lots.getByRole('button', { name: /^Use lots of/ }).click();
  await saved(page);
  await expect(lots.getByRole('button', { name: /^Use lots of/ })).toHaveCount(0);
  // A connection that has rested since the copy may be closing just now: it is asked again on another.
  const file = (await (await request.get(`/api/studies/${id}/export`, { maxRetries: 2 })).json()) as {
    brief: { quantity: { lot: number } };
  };
  expect(file.brief.quantity.lot).toBe(Number(words?.replace(/\D/g, '')));
});

test('a part split in two stands below the lanes and opens its working', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await page.getByLabel('The other piece is').selectOption('stamped');
  await page.getByLabel('It takes of the metal').fill('25');
  await page.getByLabel('Its thickness').fill('2');
  await page.getByRole('group', { name: 'Joints between the two' }).getByLabel('Bolts').fill('3');
  await saved(page);
  await openView(page, id, 'routes');
  const line = page.locator('[data-lane="split"]');
  await expect(line).toContainText('Split in two');
  await line.locator('[data-column="perPart"] button').first().click();
  const sheet = page.getByTestId('working');
  await sheet.getByRole('row').filter({ hasText: 'total of the programme' }).getByRole('button').click();
  await expect(sheet).toContainText('the cast pieces');
  await expect(sheet).toContainText('the pieces stamped');
  await expect(sheet).toContainText('joining, hardware');
});

test('the lines of a part add up to the cent, as figures on the screen', async ({ page, request }) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await page.getByRole('button', { name: 'Show as a table' }).click();
  const table = page.getByRole('table', { name: 'Cost lines as figures' });
  const cells = await table
    .locator('tbody tr')
    .evaluateAll((rows) =>
      rows.map((row) =>
        [...row.querySelectorAll('td.num')].map((c) =>
          Math.round(100 * Number((c.textContent ?? '').replace(/[\s\u202f]/g, '').replace('\u2212', '-'))),
        ),
      ),
    );
  const totals = cells.at(-1) ?? [];
  expect(totals.length).toBeGreaterThan(1);
  totals.forEach((total, i) => {
    expect(cells.slice(0, -1).reduce((s, row) => s + (row[i] ?? NaN), 0)).toBe(total);
  });
});

test('inches and pounds change no result: the same file, the same verdict, the same comparison', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  const before = await (await request.get(`/api/studies/${id}/comparison`)).text();
  await openView(page, id, 'brief');
  const verdict = await page.getByTestId('verdict').textContent();
  await pick(page, 'Units', 'in · lb');
  const wall = page.getByLabel('Thinnest wall');
  const inches = await wall.inputValue();
  await wall.focus();
  await wall.blur();
  await pick(page, 'Units', 'mm · kg');
  await pick(page, 'Units', 'in · lb');
  await expect(wall).toHaveValue(inches);
  // The same figures: inch units part thousands by commas.
  await expect(page.getByTestId('verdict')).toHaveText((verdict ?? '').replaceAll('\u202f', ','));
  expect(await (await request.get(`/api/studies/${id}/comparison`)).text()).toBe(before);
});
