import { expect, test, type Page } from '@playwright/test';
import { closeSheet, copyOf, openView, saved } from './journeys';

/** Signs what is chosen on the Decision view. */
async function sign(page: Page, why: string): Promise<void> {
  await page.getByLabel('Why this route').fill(why);
  await page.getByLabel('Signed by').fill('Ilse Quill');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByTestId('record')).toBeVisible({ timeout: 60_000 });
}

test('a plan in two steps is adopted and signed; a rate is changed and the decision is overturned, with the reason', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  const made = await request.post('/api/rates', { data: { from: 'shipped-1', name: `Partner ${id}`, who: 'Oda' } });
  const set = (await made.json()) as { id: string };
  await request.post(`/api/studies/${id}/rates`, { data: { rateSetId: set.id, version: 1 } });

  await openView(page, id, 'calendar');
  await expect(page.getByTestId('plan-verdict')).toContainText('then 17\u202f700 on permanent mould, tilting');
  await expect(page.getByTestId('plan-verdict')).toContainText('every date met');
  // The money of a step opens as the lane's own sum at that many pieces.
  await page
    .getByRole('row', { name: /best two-step plan/ })
    .getByRole('button', { name: /USD$/ })
    .first()
    .click();
  await expect(page.getByTestId('working')).toContainText('the first step: gravity die');
  await expect(page.getByTestId('working')).toContainText('at 300 pieces');
  await closeSheet(page);
  await page
    .getByRole('row', { name: /best two-step plan/ })
    .getByRole('button', { name: 'every date met' })
    .click();
  await expect(page.getByTestId('working')).toContainText('Good parts by the day asked for');
  await closeSheet(page);
  await page.getByRole('button', { name: /^Step of the plan, Permanent mould/ }).click();
  await expect(page.getByTestId('steps')).toContainText('to 17\u202f700 good pieces');
  await closeSheet(page);
  await page.getByRole('button', { name: /^Adopt the plan: 300 on gravity die/ }).click();
  await saved(page);
  await expect(page.getByLabel('Pieces on gravity die, ladled by hand before the switch')).toHaveValue('300');
  await page.getByLabel('Pieces on gravity die, ladled by hand before the switch').fill('0');
  await expect(page.getByRole('alert').filter({ hasText: 'a whole number from 1 to 17\u202f999' })).toBeVisible();
  await page.getByLabel('Pieces on gravity die, ladled by hand before the switch').fill('300');
  await saved(page);

  await openView(page, id, 'decision');
  await expect(page.getByLabel(/^Two-step plan/)).toBeChecked();
  // The figures that carry it are the plan's own, and open down to the steps.
  const figures = page.getByTestId('five-figures');
  await expect(figures).toContainText('under gravity die, ladled by hand alone');
  await figures.getByRole('button').nth(1).click();
  await expect(page.getByTestId('working')).toContainText('Total of the plan');
  await page
    .getByTestId('working')
    .getByRole('row', { name: /of the second step/ })
    .getByRole('button')
    .click();
  await expect(page.getByTestId('working')).toContainText('at 17\u202f700 pieces');
  await closeSheet(page);
  await expect(page.getByTestId('cautions')).toContainText('Water and molten metal');
  await expect(page.getByLabel('Action 3, what')).toHaveValue(/permanent mould, tilting, the second step/);
  await page.getByLabel('Action 2, who').fill('Vesna');
  await page.getByText('Somebody disagrees').click();
  await page.locator('#against').fill('The foundry has no second shift.');
  await page.getByLabel('Why this route').fill('Cheap.');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByText('Why this route, “Cheap.”: a sentence of at least 3 words is wanted.')).toBeVisible();
  await expect(page.getByText('Who disagrees is empty')).toBeVisible();
  await page.locator('#dissenter').fill('Bram');
  await sign(page, 'Keeps the first lot on time, and is the cheapest that does.');
  await expect(page.getByTestId('kept-plan')).toContainText('First 300 on gravity die');
  await page.getByTestId('kept-plan').getByRole('button').first().click();
  await expect(page.getByTestId('working')).toContainText('at 300 pieces, as signed');
  await closeSheet(page);
  await expect(page.getByTestId('sure')).toContainText('The two-step plan costs less than');
  await expect(page.getByTestId('sure')).toContainText('Every delivery asked is met');
  // What was drawn, and what would overturn it, open how they were found; beneath stand the figures as signed.
  const sheet = page.getByTestId('working');
  await page
    .getByTestId('sure')
    .getByRole('button', { name: /^[\d.]+–[\d.]+ USD$/ })
    .click();
  await expect(sheet).toContainText('simulations in which none of the race is cheaper');
  await sheet
    .getByRole('row', { name: /with every figure at likely/ })
    .getByRole('button')
    .click();
  await expect(sheet).toContainText('Total cost per part, over the plan');
  await expect(sheet).toContainText('as signed');
  await closeSheet(page);
  const flip = page.getByTestId('kept-flips').getByRole('listitem').filter({ hasText: 'while the first step takes' });
  await flip.getByRole('button').last().click();
  await expect(sheet).toContainText('pieces of the first step, where it changes');
  await expect(sheet).toContainText(/programme of gravity die, ladled by hand at [\d\u202f]+ pieces/);
  await closeSheet(page);
  await expect(page.getByTestId('actions')).toContainText('Vesna');
  await expect(page.getByTestId('dissents')).toContainText('The foundry has no second shift.');
  await expect(page.getByTestId('standing')).toHaveAttribute('data-standing', 'stands');

  // The toolroom gets four times as dear in the set that the study uses.
  await page.goto(`/rates/${set.id}`);
  await page.getByRole('button', { name: 'Labour, energy' }).click();
  await page.getByLabel('die toolroom, high').fill('400');
  await page.getByLabel('die toolroom, likely').fill('320');
  await page.getByLabel('Changed by').fill('Oda');
  await page.getByLabel('Why').fill('new toolroom');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('new toolroom');

  await page.goto('/');
  const line = page
    .getByTestId('standings')
    .locator('li')
    .filter({ has: page.locator(`a[href*="${id}"]`) });
  await expect(line).toHaveAttribute('data-standing', 'overturned');
  await expect(line).toContainText(/Gravity die, ladled by hand alone now delivers as soon for [\d\u202f]+ USD/);
  await expect(line).toContainText('die toolroom: 80 to 320 USD/h');
  await expect(line.getByRole('link', { name: 'die toolroom: 80 to 320 USD/h' })).toHaveAttribute(
    'href',
    `/rates/${set.id}#${encodeURIComponent('global.Rtool')}`,
  );
  // A price of it leads to the record and opens there, by the rates of today and by those it was signed with.
  await line.getByRole('link', { name: / USD$/ }).first().click();
  await expect(sheet).toContainText('at 18\u202f000 pieces, the signed brief at today’s rates');
  await closeSheet(page);
  await page.getByTestId('standing').getByRole('button', { name: /USD$/ }).nth(1).click();
  await expect(sheet).toContainText('the two-step plan, at 18\u202f000 pieces, as signed');
  await closeSheet(page);
  await expect(page.getByTestId('standing')).toHaveAttribute('data-standing', 'overturned');
  const changes = page.getByTestId('changes');
  await expect(changes).toContainText('die toolroom');
  const tooling = changes.getByRole('row', { name: /^tooling, chosen route/ });
  await tooling.getByRole('button').first().click();
  await expect(sheet).toContainText('as signed');
  await closeSheet(page);
  await tooling.getByRole('button').last().click();
  await expect(sheet).toContainText('as it is now');
});

test('the record leaves the house on paper, as a workbook, a table and data', async ({ page, request }) => {
  const id = await copyOf(request, 'Pier foot');
  await openView(page, id, 'decision');
  await sign(page, 'Least all in.');
  const forms = [
    ['PDF, A4', /^decision-pier-foot-copy\.pdf$/, '%PDF-'],
    ['Workbook', /\.xlsx$/, 'PK'],
    ['CSV', /\.csv$/, 'part,name,value,unit'],
    ['JSON', /\.json$/, '{'],
  ] as const;
  for (const [name, file, start] of forms) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name, exact: true }).click(),
    ]);
    expect(download.suggestedFilename()).toMatch(file);
    const stream = await download.createReadStream();
    const chunks: Buffer[] = [];
    for await (const chunk of stream) chunks.push(chunk as Buffer);
    expect(Buffer.concat(chunks).toString('latin1').startsWith(start)).toBe(true);
  }
  // Paper takes a while: it says how far it is, and can be stopped.
  const told: string[] = [];
  page.on('response', (r) => {
    // A body can be gone by the time it is asked for; what is told is told again.
    if (r.url().includes('/api/jobs/') && r.ok())
      void r.text().then(
        (text) => told.push(text),
        () => undefined,
      );
  });
  let kept = 0;
  page.on('download', () => kept++);
  await page.getByRole('link', { name: 'PDF, Letter' }).click();
  const job = page.getByTestId('job');
  await expect(job).toContainText('PDF, Letter');
  await expect.poll(() => told.join(' ')).toContain('"share"');
  await job.getByRole('button', { name: 'Stop' }).click();
  await expect(job).toHaveCount(0);
  await page.getByRole('link', { name: 'CSV', exact: true }).click();
  await expect.poll(() => kept).toBe(1);
  await page.getByRole('link', { name: 'How this part is made' }).click();
  await expect(page.getByTestId('process-steps')).toContainText('Prepare and test green sand');
  await expect(page.getByTestId('process-steps')).toContainText('General practice only');
});

test('two revisions stand side by side, and an earlier one is taken up again as a new one', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Setting-scale knob');
  await openView(page, id, 'brief');
  const year = page.getByLabel('Pieces a year', { exact: true });
  const before = await year.inputValue();
  await year.fill('1234');
  await saved(page);
  await openView(page, id, 'decision');
  await page.getByLabel('Your name in the history').fill('Oda');
  const history = page.getByTestId('history');
  await expect(history.locator('[data-revision="2"]')).toBeVisible();
  await expect(page.getByTestId('revision-changes')).toContainText('1\u202f234');
  await history.getByRole('button', { name: 'Restore revision 1 as a new one' }).click();
  await expect(history.locator('[data-revision="3"]')).toContainText('Oda');
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await expect(page.getByLabel('Pieces a year', { exact: true })).toHaveValue(before);
});
