import { expect, test } from '@playwright/test';
import { leader, openView, search, studyId } from './journeys';

test('an alloy is copied, typed over, priced and chosen for a part; nothing typed is lost on the way', async ({
  page,
  request,
}, info) => {
  const name = `Grade Q7 ${info.retry}`;
  await page.goto('/alloys');
  await page.waitForLoadState('networkidle');
  await page.getByLabel('Search alloys').fill('ZP3');
  await expect(page.getByRole('row')).toHaveCount(2);
  await page.getByLabel('Search alloys').fill('');
  await page.getByRole('button', { name: 'Add an alloy' }).click();
  await page.getByLabel('Name of the alloy').fill(name);
  await search(page, 'Copied from', 'a356', /A356/);
  await page.getByLabel('Entered by').fill('Ilse Varga');
  await page.getByRole('button', { name: 'Add', exact: true }).click();

  // A figure that cannot be is named with what would be accepted, and stands as typed.
  const density = page.getByLabel('Density, kg/m³', { exact: true });
  await expect(density).toHaveAttribute('placeholder', '2685');
  await density.fill('-3');
  await expect(page.getByRole('alert').first()).toContainText('Density “-3”: at least 500 is wanted');
  await density.fill('2700');
  await page.getByLabel('Price of ingot, USD/kg').fill('9 / 8 / 12');
  await expect(page.getByRole('alert').first()).toContainText('low ≤ likely ≤ high is wanted');
  await page.getByLabel('Price of ingot, USD/kg').fill('8 / 9 / 12');
  await page.getByLabel('Spin casting: fit').selectOption({ label: 'possible' });
  await expect(page.getByRole('alert').first()).toContainText('the heat it is poured at, low / high, is wanted');
  await page.getByLabel('Spin casting: fit').selectOption({ label: 'not poured' });
  await page.reload();
  await page.waitForLoadState('networkidle');
  await expect(density).toHaveValue('2700');
  await page.getByLabel('Changed by').fill('Ilse Varga');
  await page.getByLabel('Why', { exact: true }).fill('data sheet of the supplier');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('data sheet of the supplier');
  const values = page.getByRole('table', { name: 'Values of the alloy' });
  await expect(values.getByRole('row', { name: /^Density 2/ })).toContainText('typed by the team');
  await expect(values.getByRole('row', { name: /^Solidus/ })).toContainText('as Aluminium A356');
  const alloyAt = new URL(page.url()).pathname;

  // It is chosen for a part as any other, and its price is worked with.
  const copy = (await (
    await request.post(`/api/studies/${await studyId(request, 'Tripod hub')}/duplicate`)
  ).json()) as { id: string };
  await openView(page, copy.id, 'brief');
  await search(page, 'Alloy', 'grade q7', new RegExp(name));
  await expect(page.getByText('Saved', { exact: false }).first()).toBeVisible();
  await openView(page, copy.id, 'routes');
  const cost = page.locator(`[data-lane="${await leader(page)}"] [data-column="perPart"] button`).first();
  const before = await cost.innerText();

  // The price of a day takes its place, and is told with its source in the working.
  await page.goto(alloyAt);
  await page.waitForLoadState('networkidle');
  await page.getByRole('button', { name: 'Enter the price' }).click();
  await expect(page.getByRole('alert').first()).toContainText('a price above 0');
  await page.getByLabel('Likely').fill('30');
  await page.getByLabel('Read from').last().fill('offer 12');
  await page.getByRole('button', { name: 'Enter the price' }).click();
  await expect(page.getByRole('table', { name: 'Prices entered' })).toContainText('offer 12');
  await openView(page, copy.id, 'routes');
  await expect(cost).not.toHaveText(before);
  await request.post(`/api/studies/${copy.id}/archive`);
});

test('two who change one alloy at once: the second keeps what was typed, on top of the first', async ({
  page,
  request,
}, info) => {
  const made = (await (
    await request.post('/api/alloys', {
      data: { name: `Grade R ${info.retry}`, from: 'zn-za8', who: 'Ilse Varga', facts: {} },
    })
  ).json()) as { id: string };
  await page.goto(`/alloys/${made.id}?edit=1`);
  await page.waitForLoadState('networkidle');
  await page.getByLabel('Liquidus, °C', { exact: true }).fill('411');
  const saved = await request.put(`/api/alloys/${made.id}`, {
    data: {
      input: { name: `Grade R ${info.retry}`, facts: { machinability: 88 }, source: '', date: null },
      version: 1,
      who: 'Jory Lund',
      why: 'trial',
    },
  });
  expect(saved.ok()).toBe(true);
  await page.getByLabel('Changed by').fill('Ilse Varga');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByText(/Jory Lund saved version 2 while you were typing/)).toBeVisible();
  await expect(page.getByLabel('Liquidus, °C', { exact: true })).toHaveValue('411');
  await expect(page.getByLabel(/^Machinability/).first()).toHaveValue('88');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('411');
  await expect(page.getByText(/while you were typing/)).toHaveCount(0);
  await request.post(`/api/alloys/${made.id}/archive`);
});

test('what is typed into a foundry survives a reload, and stands on what another saved', async ({
  page,
  request,
}, info) => {
  const input = (note: string) => ({ name: `Foundry K ${info.retry}`, note, profile: { lines: [] } });
  const made = (await (await request.post('/api/foundries', { data: { ...input(''), who: 'Ilse Varga' } })).json()) as {
    id: string;
  };
  await page.goto(`/foundries/${made.id}?edit=1`);
  await page.waitForLoadState('networkidle');
  await page
    .getByLabel(/^The foundry: People who cast/)
    .first()
    .fill('7');
  await page.goto(`/foundries/${made.id}`);
  await page.waitForLoadState('networkidle');
  await expect(page.getByLabel(/^The foundry: People who cast/).first()).toHaveValue('7');
  await expect(page.getByText(/1 figure changed, not saved/)).toBeVisible();
  await request.put(`/api/foundries/${made.id}`, {
    data: { input: input('moved to the new yard'), version: 1, who: 'Jory Lund', why: '' },
  });
  await page.getByLabel('Changed by').fill('Ilse Varga');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByText(/Jory Lund saved version 2 while you were typing/)).toBeVisible();
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByText('moved to the new yard').first()).toBeVisible();
  await expect(page.getByRole('row', { name: /^People who cast/ })).toContainText('7');
  await request.post(`/api/foundries/${made.id}/archive`);
});

test('a defect is found by what is seen, by route and by alloy', async ({ page }) => {
  await page.goto('/defects?route=pressure-die&alloy=zn-alloy-3');
  await page.waitForLoadState('networkidle');
  await expect(page.getByLabel('Route')).toHaveValue('pressure-die');
  const all = await page.locator('[data-defect]').count();
  await page.getByLabel('Search defects').fill('rounded edge');
  await expect(page.locator('[data-defect="df-misrun"]')).toBeVisible();
  expect(await page.locator('[data-defect]').count()).toBeLessThan(all);
  await page.getByRole('button', { name: 'Causes, checks and remedies' }).first().click();
  await expect(page.getByText('Pouring temperature record against the card')).toBeVisible();
  await page.getByLabel('Search defects').fill('no such thing');
  await expect(page.getByText('No defect matches.', { exact: false })).toBeVisible();
});
