import { expect, test, type Page } from '@playwright/test';
import { closeSheet, copyOf, openView, studyId } from './journeys';

/** Opens the quotes of a study and waits until they are compared. */
async function openQuotes(page: Page, id: string): Promise<void> {
  await openView(page, id, 'quotes');
  await expect(page.getByText(/quotes?, compared at/)).toBeVisible();
}

const sheet = (page: Page) => page.getByTestId('quote-sheet');

/** Types a quote as it was received: a price for everything, nothing for the tool. */
async function enter(page: Page, of: { supplier: string; lane: string; price: string; date: string }): Promise<void> {
  await page.getByRole('button', { name: 'Enter a quote' }).click();
  const form = sheet(page);
  await form.getByLabel('Name of the supplier').fill(of.supplier);
  await form.getByLabel('Route', { exact: true }).selectOption(of.lane);
  await form.getByRole('textbox', { name: 'Date of the quote' }).fill(of.date);
  await form.getByLabel(/^Valid for/).fill('200');
  await form.getByLabel(/^Currency/).fill('USD');
  await form.getByLabel(/^Price is for/).selectOption('each');
  await form.getByLabel('Price break 1: from').fill('1');
  await form.getByLabel('Price break 1: price').fill(of.price);
  await form.getByLabel('Tool', { exact: true }).selectOption('foundry-pays');
  await form.getByLabel('Your name').fill('Jory Lund');
  await form.getByRole('button', { name: 'Save the quote' }).click();
  await expect(form).toBeHidden();
}

test('foundries are asked, the simulated desk answers, the answers are compared, one is awarded, and what was signed is judged again', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openQuotes(page, id);
  await expect(page.getByText('No quote yet')).toBeVisible();

  await page.getByRole('button', { name: 'Ask foundries' }).click();
  const asked = sheet(page).getByRole('table', { name: 'Who is asked' });
  await expect(asked.getByRole('checkbox', { checked: true })).toHaveCount(3);
  await asked.getByText('Foundry F – chalk row, plaster, resin pattern').click();
  await sheet(page).getByLabel('Your name').fill('Jory Lund');
  await sheet(page).getByRole('button', { name: 'Send to the desk' }).click();
  const line = page.getByRole('table', { name: 'Request 1' });
  await expect(line.getByRole('row')).toHaveCount(4);
  await expect(line).toContainText('simulated desk');
  // The pack goes out with everything; the desk answers after a while.
  const pack = await request.get((await page.getByRole('link', { name: 'pack' }).getAttribute('href')) ?? '');
  expect((await pack.body()).subarray(0, 2).toString()).toBe('PK');
  await expect(line.getByText(/answered|declined|waits to be read/)).toHaveCount(4, { timeout: 60_000 });
  const compared = page.getByRole('table', { name: 'Quotes compared' });
  await expect(compared.getByText('simulated desk').first()).toBeVisible();
  await expect(page.getByTestId('quotes-outcome')).toContainText('leads at');

  // A figure opens its working, down to what was quoted.
  await compared.getByRole('row').nth(1).getByRole('button').nth(1).click();
  await expect(sheet(page)).toContainText('Cost model 14');
  await sheet(page)
    .getByRole('row', { name: /programme/ })
    .getByRole('button')
    .first()
    .click();
  await expect(sheet(page).getByTestId('expression')).toContainText('tooling');
  await closeSheet(page);

  // The rates that would explain a foundry are shown, and kept as a set of its own only when asked.
  await page.getByRole('button', { name: 'Fit rates' }).click();
  await expect(
    sheet(page).getByRole('table', { name: 'Fitted rates' }).or(sheet(page).getByText('No price of this')),
  ).toBeVisible({
    timeout: 60_000,
  });
  await closeSheet(page);

  // What was signed by the model is overturned by a cheaper quote for another route; withdrawn, it stands again.
  await openView(page, id, 'decision');
  await page.getByLabel('Why this route').fill('Cheapest by the model, and a foundry near.');
  await page.getByLabel('Signed by').fill('Ilse Quill');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  await expect(page.getByTestId('record')).toBeVisible();
  await expect(page.getByTestId('quotes-words')).toContainText('held.');
  await openQuotes(page, id);
  await enter(page, { supplier: 'Harbour dies', lane: 'permanent-mould/tilt', price: '9.90', date: '1 Dec 2026' });
  await expect(page.getByTestId('quotes-outcome')).toContainText(
    /A quote changes the choice: permanent mould, tilting leads at 9\.90 USD per part, quoted by Harbour dies/,
  );
  await page.getByLabel('Why this one').fill('Cheapest by far and near enough.');
  await page.getByRole('button', { name: 'Award', exact: true }).click();
  await expect(page.getByTestId('awarded')).toContainText('Harbour dies');
  await expect(page.getByTestId('negotiation')).toContainText('To talk about with Harbour dies');
  const work = page.getByTestId('negotiation').getByRole('row', { name: /^the piece itself/ });
  await work.getByRole('button').first().click();
  await expect(sheet(page)).toContainText('Of a good part, the piece itself with what is filled in');
  await closeSheet(page);
  // What the model has beside it opens as on the board, and how far the quote is from it opens down to both.
  await work.getByRole('button').nth(1).click();
  await expect(page.getByTestId('working')).toContainText('Part price of the usual lot');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('working')).toBeHidden();
  await page.locator('tr[data-quote]').first().getByRole('button', { name: / %$/ }).click();
  await sheet(page)
    .getByRole('row', { name: /^model/ })
    .getByRole('button')
    .click();
  await expect(page.getByTestId('working')).toContainText('Total cost per part');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('working')).toBeHidden();
  await expect(sheet(page)).toContainText('against the model, as a share');
  await closeSheet(page);
  await openView(page, id, 'decision');
  await expect(page.getByTestId('standing')).toHaveAttribute('data-standing', 'overturned');
  await expect(page.getByTestId('standing')).toContainText('Harbour dies asks 9.90 USD per good part');
  await openQuotes(page, id);
  await page.getByRole('button', { name: 'Harbour dies' }).click();
  await sheet(page).getByLabel('Why it is withdrawn').fill('the line is sold');
  await sheet(page).getByRole('button', { name: 'Withdraw', exact: true }).click();
  await expect(sheet(page)).toContainText('Withdrawn: the line is sold');
  await closeSheet(page);
  await expect(page.getByTestId('awarded')).toContainText('It has no part in the choice any more');
  await openView(page, id, 'decision');
  await expect(page.getByTestId('standing')).not.toHaveAttribute('data-standing', 'overturned');
});

test('a broken reply sheet opens row by row with what is wrong, loses nothing, and is put in once mended', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openQuotes(page, id);
  await page.getByTestId('reply-sheet').setInputFiles({
    name: 'reply.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      [
        ['key', 'value'],
        ['date', '2026-12-01'],
        ['validDays', 'two months'],
        ['currency', 'EUR'],
        ['unit', 'each part'],
        ['priceBreaks.1.from', '100'],
        ['priceBreaks.1.price', '"24,50"'],
        ['tooling.mode', 'separate'],
        ['tooling.first', '19 500'],
        ['colour', 'red'],
        ['remarks', 'as spoken'],
      ]
        .map((row) => row.join(','))
        .join('\n'),
    ),
  });
  const form = sheet(page);
  await expect(form.getByText('“two months”: a number (days) is wanted.').first()).toBeVisible();
  await expect(form.getByText('“each part”: one of each, hundred, kg, lb is wanted.').first()).toBeVisible();
  await expect(form.getByText('colour: “red”')).toBeVisible();
  await expect(form.getByLabel(/^First tool/)).toHaveValue('19 500');
  await expect(form.getByLabel('Remarks')).toHaveValue('as spoken');
  await form.getByLabel('Foundry').selectOption({ label: 'Foundry N – east dock' });
  await form.getByLabel('Route', { exact: true }).selectOption('permanent-mould/tilt');
  await form.getByLabel(/^Valid for/).fill('60');
  await form.getByLabel(/^Price is for/).selectOption('each');
  await form.getByRole('button', { name: 'remove' }).click();
  await form.getByLabel('Your name').fill('Jory Lund');
  await form.getByRole('button', { name: 'Save the quote' }).click();
  await expect(form).toBeHidden();
  // In euros: the rate of the day is asked for, and then it compares.
  const row = page.locator('[data-quote]');
  await expect(row).toContainText('EUR');
  await page.getByLabel('Your name').last().fill('Jory Lund');
  await page.getByLabel('Currency', { exact: true }).fill('EUR');
  await page.getByLabel('One of it').fill('1.09');
  await page.getByRole('textbox', { name: 'Day of the rate' }).fill('1 Dec 2026');
  await page.getByRole('button', { name: 'Enter the rate' }).click();
  await expect(page.getByRole('table', { name: 'Quotes compared' })).toContainText('Foundry N – east dock');
  await expect(row).toContainText('other currency');
});

test('a table is pasted, its columns matched, its good rows put in and the others kept to be mended', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Pier foot');
  await openQuotes(page, id);
  await page.getByRole('button', { name: 'Paste a table' }).click();
  const paste = sheet(page);
  await paste
    .getByLabel('Table', { exact: true })
    .fill(
      'Supplier\tHow it is cast\tPrice\tTooling\nFoundry A\tGreen sand, match plate\t88,5\t4 600\nNew Yard\tGreen sand, match plate\tninety\t4000\n',
    );
  await paste.getByLabel('What How it is cast stands for').selectOption('route');
  await paste.getByLabel('Date of the quotes').fill('2026-12-01');
  await paste.getByLabel('Valid for, days').fill('60');
  await paste.getByLabel('Currency', { exact: true }).fill('USD');
  await expect(paste.getByRole('table', { name: 'Rows' })).toContainText('Price break 1: price “ninety”');
  await paste.getByLabel('Your name').fill('Jory Lund');
  await paste.getByRole('button', { name: 'Put 1 quote in' }).click();
  await expect(paste.getByLabel('Table', { exact: true })).toHaveValue(/New Yard\tGreen sand, match plate\tninety/);
  await closeSheet(page);
  await expect(page.getByRole('table', { name: 'Quotes compared' })).toContainText('Foundry A – north yard');
});

test('what may be wrong in a quote is told with what it would do, and is read otherwise at a press', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openQuotes(page, id);
  await enter(page, { supplier: 'By the hundred', lane: 'gravity-die/hand', price: '2150', date: '1 Dec 2026' });
  await page.getByRole('button', { name: /thing.? to ask/ }).click();
  const mistake = page.locator('[data-mistake="price-unit"]');
  await expect(mistake).toContainText('for a hundred');
  await mistake.getByRole('button', { name: 'Read it so' }).click();
  await expect(sheet(page).getByLabel(/^Price is for/)).toHaveValue('hundred');
  await sheet(page).getByLabel('Why', { exact: true }).fill('read for a hundred, asked by phone');
  await sheet(page).getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByTestId('quotes-outcome')).toContainText('leads at 21.50 USD');
  await page.getByRole('button', { name: 'By the hundred' }).click();
  await expect(sheet(page)).toContainText('corrected, read for a hundred, asked by phone');
  await sheet(page).getByRole('button', { name: 'Which rate would explain it?' }).click();
  await expect(sheet(page).getByRole('table', { name: 'Implied rates' })).toContainText('USD/h');
});

test('quotes stand on the board as lanes, in the calendar, with the decision, and in the list of all', async ({
  page,
  request,
}) => {
  const id = await studyId(request, 'Tripod hub');
  await openView(page, id, 'routes');
  const row = page.locator('[role=row][data-quote="qt-17"]');
  await expect(row).toContainText('quoted by Foundry M');
  await expect(page.locator('[data-quote-ticks]')).toHaveAttribute('aria-label', /Foundry M .* in lots from/);
  await row.getByTitle(/per good part: open the working/).click();
  await expect(page).toHaveURL(/\/quotes/);
  await expect(sheet(page)).toContainText('Cost of a good part');
  await closeSheet(page);
  await page.getByRole('button', { name: 'Look at all quantities' }).click();
  await expect(page.getByRole('table', { name: 'Leads by quotes' })).toContainText('quoted by Foundry M', {
    timeout: 60_000,
  });
  await openView(page, id, 'calendar');
  await page.getByRole('table', { name: 'Quoted dates' }).scrollIntoViewIfNeeded();
  await expect(page.getByRole('table', { name: 'Quoted dates' })).toContainText('Foundry M');
  // On three demo studies a second offer changes what leads, and says so.
  for (const title of ['Pier foot', 'Gear head body, sealed', 'Setting-scale knob']) {
    await openQuotes(page, await studyId(request, title));
    await expect(page.getByTestId('quotes-outcome')).toContainText('A quote changes the choice');
  }
  await page.goto('/quotes');
  await page.getByLabel('Search quotes').fill('hinge');
  await expect(page.getByRole('table', { name: 'Quotes' }).getByRole('row')).toHaveCount(7);
});
