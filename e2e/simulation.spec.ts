import { expect, test } from '@playwright/test';
import { copyOf, openView, pick, setQuantity } from './journeys';

// As the application comes: with its certainty shown.
test.use({ storageState: { cookies: [], origins: [] } });

test('how sure: the board’s whiskers, the shares, and a flip point confirmed by moving the rail there', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await setQuantity(page, 18_000);
  const verdict = page.getByTestId('simulation-verdict');
  await expect(verdict).toContainText(/Permanent mould, tilting is the cheapest of \d+ routes in /);
  const leader = page.locator('[data-leader]');
  await expect(leader.getByRole('img', { name: /80 % range [\d.]+–[\d.]+ USD/ })).toBeVisible();
  await expect(leader).toContainText(/cheapest \d+ %/);
  await expect(leader).toContainText(/in time \d+ %/);

  // The programme as well as the part; by the hand and by a key their working opens, down to the likely sum.
  const sheet = page.getByTestId('working');
  await verdict.locator('dl > div').filter({ hasText: 'Total cost, 80 % range' }).getByRole('button').click();
  await expect(sheet).toContainText('The whole programme in the simulations');
  await sheet
    .getByRole('row', { name: /with every figure at likely/ })
    .getByRole('button')
    .click();
  await expect(sheet).toContainText('Total of the programme');
  await page.keyboard.press('Escape');
  await leader.locator('[data-column="perPart"]').focus();
  await page.keyboard.press('h');
  await expect(sheet).toContainText('simulations in which none of the race is cheaper');
  await page.keyboard.press('Escape');

  const flips = page.getByRole('table', { name: 'What would change the choice' });
  const quantity = flips.getByRole('row').filter({ hasText: 'pieces over the life' });
  await page
    .getByRole('button', { name: /^Show all \d+$/ })
    .first()
    .click();
  await expect(quantity).toContainText('Stays first down to', { timeout: 20_000 });
  const at = Number(/down to ([\d\u202f]+) pieces/.exec(await quantity.innerText())![1]!.replace(/\D/g, ''));
  // How it was found: at that quantity both programmes cost as good as the same.
  await quantity
    .getByRole('button', { name: /pieces$/ })
    .first()
    .click();
  await expect(sheet).toContainText('Against gravity die, ladled by hand: total of the programme');
  await page.keyboard.press('Escape');
  const tooling = flips.getByRole('row').filter({ hasText: 'Stays first while the price of its tooling' });
  await tooling.getByRole('button').first().click();
  await expect(sheet).toContainText('now + (b − a)');
  await page.keyboard.press('Escape');
  await quantity.getByRole('button', { name: /^Set the rail to/ }).click();
  await expect(page.getByTestId('verdict')).toContainText('Permanent mould, tilting is cheapest');
  await setQuantity(page, 18_000);
  // By the hand: the rail is taken at 18 000 and drawn to just above the flip point, then just below it.
  const rail = page.getByRole('slider').first();
  const box = (await rail.boundingBox())!;
  const to = (pieces: number) => box.x + (box.width * Math.log10(pieces)) / 6;
  await page.mouse.move(to(18_000), box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(to(at * 1.06), box.y + box.height / 2, { steps: 12 });
  await expect(page.getByTestId('verdict')).toContainText('Permanent mould, tilting is cheapest');
  await page.mouse.move(to(at * 0.94), box.y + box.height / 2, { steps: 4 });
  await expect(page.getByTestId('verdict')).toContainText('Gravity die, ladled by hand is cheapest');
  // Far to the left of it the draws agree too.
  await page.mouse.move(to(500), box.y + box.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByTestId('verdict')).toContainText('Gravity die, ladled by hand is cheapest');
  await expect(verdict).toContainText('Gravity die, ladled by hand is the cheapest', { timeout: 20_000 });
});

test('what moves the choice leads to its rate; the seed and the spread change the draws; the spread can be hidden', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await setQuantity(page, 5000);
  const verdict = page.getByTestId('simulation-verdict');
  // At the life's quantity, drawn before, there is nobody beside the leader.
  await expect(verdict).toContainText('gravity die, ladled by hand in', { timeout: 20_000 });
  await expect(page.getByRole('status').filter({ hasText: 'simulations in' })).toContainText(
    /10\u202f000 simulations in [\d.]+ ms$/,
    { timeout: 20_000 },
  );
  const first = (await verdict.textContent()) ?? '';
  expect(first).toMatch(/in \d+ % of simulations/);
  await page.getByLabel('Seed').fill('7');
  await expect(verdict).not.toHaveText(first, { timeout: 20_000 });
  await page.getByLabel('Seed').fill('1');
  await expect(verdict).toHaveText(first, { timeout: 20_000 });
  await pick(page, 'Distribution of each input over its range', 'triangular');
  await expect(verdict).not.toHaveText(first, { timeout: 20_000 });
  await pick(page, 'Distribution of each input over its range', 'beta-PERT');
  await page.getByText('vary the quantity too').click();
  await expect(verdict).not.toHaveText(first, { timeout: 20_000 });

  const movers = page.getByRole('table', { name: 'What moves the choice' });
  await expect(movers.getByRole('row')).toHaveCount(9, { timeout: 20_000 });
  await movers.getByTitle('Open the working').first().click();
  await expect(page.getByTestId('working')).toContainText('(bHigh − aHigh) − (bLow − aLow)');
  await page.keyboard.press('Escape');
  await movers.getByRole('link', { name: 'rates', exact: true }).first().click();
  await expect(page).toHaveURL(/\/rates\/.+#/);
  await page.goBack();
  await pick(page, 'Uncertainty', 'off');
  await expect(page.getByTestId('simulation-verdict')).toHaveCount(0);
  await expect(page.getByRole('img', { name: /80 % range/ })).toHaveCount(0);
});
