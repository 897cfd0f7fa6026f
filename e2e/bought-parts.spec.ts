import { expect, test } from '@playwright/test';

test('a list of bought parts is imported, looked through, opened and followed into a study', async ({
  page,
  request,
}, info) => {
  const id = (n: number): string => `zz-${info.retry}-${n}`;
  await page.goto('/');
  await page.getByRole('link', { name: 'Where to look first' }).click();
  await expect(page.getByRole('heading', { name: 'Where to look first' })).toBeVisible();
  const sheet = [
    'Item,Description,Grade,Stock,Length,Width,Height,Weight kg,Price,Qty,Process',
    `${id(1)},test yoke,al-a356,plate,240,160,90,1.9,900,320,milled`,
    `${id(2)},test washer,cheese,plate,20,20,1,0.003,0.1,5000,stamped`,
    `${id(3)},test pin,ss-17-4,bar,10,10,60,0.03,2.4,3000,turned`,
  ].join('\n');
  await page
    .locator('input[type="file"]')
    .first()
    .setInputFiles({
      name: 'ledger.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(sheet),
    });
  await expect(page.getByText('ledger.csv: 2 parts read, 1 refused', { exact: false })).toBeVisible();
  await expect(page.getByText('line 3, alloy: “cheese”', { exact: false })).toBeVisible();
  await page.getByLabel('Entered by').fill('Ilse Varga');
  await page.getByRole('button', { name: 'Put 2 in' }).click();
  await page.getByLabel('Search bought parts').fill(id(1));
  const row = page.locator(`[data-part="${id(1)}"]`);
  await expect(row).toContainText('test yoke');

  // Its saving opens down to the price of the metal.
  await row.getByRole('button').nth(1).click();
  const working = page.getByTestId('screen-working');
  await expect(working.getByTestId('expression')).toContainText('perYear');
  await working
    .getByRole('row', { name: /guess of a casting/ })
    .getByRole('button')
    .click();
  await working
    .getByRole('row', { name: /work in today’s cost/ })
    .getByRole('button')
    .click();
  await working
    .getByRole('row', { name: /what the stock costs/ })
    .getByRole('button')
    .click();
  await expect(
    working.getByRole('row', { name: /price of ingot/ }).getByRole('link', { name: 'alloy' }),
  ).toHaveAttribute('href', '/alloys/al-a356');
  await working.getByRole('button', { name: '← back' }).click();
  await expect(working.getByTestId('expression')).toContainText('stockMoney');
  await page.keyboard.press('Escape');

  // What is wrong with a change is named, and stands as it was typed.
  await row.getByRole('button', { name: 'test yoke', exact: true }).click();
  const form = page.getByTestId('bought-part');
  await form.getByRole('textbox', { name: 'Finished mass' }).fill('-2');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert')).toContainText('Finished mass “-2”: above 0 kg is wanted');
  await page.keyboard.press('Escape');
  await row.getByRole('button', { name: 'test yoke', exact: true }).click();
  await expect(form.getByRole('textbox', { name: 'Finished mass' })).toHaveValue('-2');
  await form.getByRole('textbox', { name: 'Finished mass' }).fill('2.1');
  await form.getByRole('textbox', { name: 'Costs today' }).fill('800');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(row).toContainText('800.00');

  await row.getByRole('button', { name: 'Start a study of test yoke' }).click();
  await page.waitForURL(/\/studies\/.*\/brief/);
  await expect(page.getByLabel('Costs today')).toHaveValue('800');
  const study = /studies\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await request.post(`/api/studies/${study}/archive`);
  for (const n of [1, 3]) await request.delete(`/api/bought-parts/${id(n)}`);
});

test('damage of one casting for an assembly is told with its ends, and what is typed wrong is named', async ({
  page,
  request,
}) => {
  const list = (await (await request.get('/api/studies?search=Pier+foot')).json()) as { studies: { id: string }[] };
  await page.goto(`/studies/${list.studies[0]?.id ?? ''}/routes`);
  const section = page.getByTestId('one-for-many');
  await expect(async () => {
    await page.mouse.wheel(0, 4000);
    await expect(section).toBeVisible({ timeout: 500 });
  }).toPass();
  await expect(section.getByTestId('ends-verdict')).toContainText('Bolted ends do not pay');
  await section.getByLabel('Bolted ends').fill('2.5');
  await expect(section.getByText('“2.5”: a whole number from 1 to 12 is wanted.')).toBeVisible();
  await section.getByLabel('Bolted ends').fill('1');
  await section.getByLabel('In service').fill('60');
  await expect(section.getByTestId('ends-verdict')).toContainText('Bolted ends pay');
  await section
    .getByRole('row', { name: /Casting in one/ })
    .getByRole('button')
    .click();
  await expect(page.getByTestId('working')).toContainText('Damage of one casting a year');
});
