import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { copyOf, openView, studyId } from './journeys';

// As the application comes: with its doubts shown.
test.use({ storageState: { cookies: [], origins: [] } });

/** Rules that hang on colours: the others find the same in the light and in the dark. */
const OF_COLOUR = ['color-contrast', 'link-in-text-block'];

async function serious(page: Page, rules: readonly string[] = []): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .options({
      resultTypes: ['violations'],
      ...(rules.length === 0 ? {} : { runOnly: { type: 'rule', values: [...rules] } }),
    })
    // Rows, lanes and parts beyond the first few are made of the same parts.
    .exclude('tbody tr:nth-child(n+5)')
    .exclude('.lane:nth-child(n+6)')
    .exclude('.rate-parts li:nth-child(n+5)')
    .exclude('.advice li:nth-child(n+4)')
    .exclude('.flips li:nth-child(n+4)')
    .exclude('.scores li:nth-child(n+4)')
    .exclude('.caution:nth-of-type(n+4)')
    .exclude('.phases > li:nth-child(n+3)')
    .analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.target.join(' '))
          .join(' | ')}`,
    );
}

/** Looks at what is shown in the light, and at its colours again in the dark. */
async function look(page: Page, what: string): Promise<void> {
  expect(await serious(page), `${what}, light`).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveClass(/dark/);
  // Tones change over a moment.
  await page.waitForTimeout(250);
  expect(await serious(page, OF_COLOUR), `${what}, dark`).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).not.toHaveClass(/dark/);
  await page.waitForTimeout(250);
}

test('no serious finding by axe on any screen, nor in its sheets, in light and dark', async ({ page, request }) => {
  test.setTimeout(300_000);
  await page.emulateMedia({ colorScheme: 'light' });
  const id = await studyId(request, 'Tripod hub');
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Tripod hub', exact: true })).toBeVisible();
  await look(page, 'parts');
  await page.goto('/check');
  await expect(page.getByTestId('tally')).toContainText('agree', { timeout: 60_000 });
  await look(page, 'check');
  for (const path of ['/bench', '/rates', '/rates/shipped-1']) {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await look(page, path);
  }
  for (const view of [
    'brief',
    'part',
    'alloys',
    'calendar',
    'requirements',
    'bench',
    'decision',
    'made',
    'routes',
  ] as const) {
    // Ten thousand draws are made only where they are looked at.
    const doubt = view === 'routes' ? 'shown' : 'hidden';
    await page.evaluate((word) => localStorage.setItem('nine-pours-doubt', word), doubt);
    await openView(page, id, view);
    if (view === 'part') {
      await page.getByRole('button', { name: 'draft', exact: true }).click();
      await expect(page.getByTestId('legend')).toBeVisible();
      // A button that was out of use takes a moment to come back to its full tone.
      await expect(page.getByTestId('part-busy')).toHaveCount(0);
      const faded = () =>
        page
          .locator('.chakra-button')
          .evaluateAll(
            (all) => all.filter((b) => !b.matches(':disabled') && getComputedStyle(b).opacity !== '1').length,
          );
      await expect.poll(faded).toBe(0);
      await page.waitForTimeout(600);
    }
    if (view === 'calendar') await expect(page.getByTestId('bridge-verdict')).toBeVisible();
    await look(page, view);
  }
  await page.locator('[data-lane="gravity-die/hand"] [data-col="3"] button').first().click();
  await expect(page.getByTestId('working')).toBeVisible();
  await page.waitForTimeout(400);
  await look(page, 'working');
  await page.keyboard.press('Escape');
  await page.locator('[data-lane="gravity-die/hand"] button').first().click();
  await page.waitForTimeout(400);
  await look(page, 'reasons');
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await page.waitForTimeout(400);
  await look(page, 'keys');
});

test('a signed record, and bad input, have no serious finding either', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  const signed = await request.post(`/api/studies/${id}/decisions`, {
    data: {
      laneId: 'gravity-die/hand',
      quantity: 2400,
      why: 'Least all in.',
      signedBy: 'Buyer',
      signedOn: '2027-01-05',
      version: 1,
    },
  });
  expect(signed.status()).toBe(201);
  await openView(page, id, 'decision');
  expect(await serious(page)).toEqual([]);
  await openView(page, id, 'brief');
  await page.getByLabel('Volume', { exact: true }).fill('x');
  expect(await serious(page)).toEqual([]);
  const set = (await (
    await request.post('/api/rates', { data: { from: 'shipped-1', name: 'Looked over', who: 'Ilse Varga' } })
  ).json()) as { id: string };
  await page.goto(`/rates/${set.id}`);
  await page.getByRole('button', { name: 'Metal prices' }).click();
  await page
    .getByRole('textbox', { name: /ingot, low/ })
    .first()
    .fill('x');
  await expect(page.getByRole('region', { name: 'Unsaved changes' })).toBeVisible();
  expect(await serious(page), 'own rates').toEqual([]);
});

test('everything by keyboard: rail, lanes, working, reasons, pin, views, units', async ({ page, request }) => {
  await openView(page, await studyId(request, 'Tripod hub'), 'routes');
  await page.keyboard.press('r');
  const rail = page.locator('#rail');
  await expect(rail).toBeFocused();
  await page.keyboard.press('Home');
  await expect(rail).toHaveAttribute('aria-valuenow', '1');
  await page.keyboard.press('End');
  await expect(rail).toHaveAttribute('aria-valuenow', '1000000');
  await page.keyboard.press('PageDown');
  await expect(rail).toHaveAttribute('aria-valuenow', '562341');
  const first = page.locator('.lane [data-col="0"]').first();
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('.lane').nth(1).locator('[data-col="2"]')).toBeFocused();
  await page.keyboard.press('w');
  await expect(page.getByTestId('working')).toContainText('Tooling over the programme');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('working')).toBeHidden();
  await expect(page.locator('.lane').nth(1).locator('[data-col="2"]')).toBeFocused();
  await page.keyboard.press('p');
  await expect(page.locator('.lane').nth(1)).toContainText('the measure');
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: 'in lb' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('u');
  await page.keyboard.press('d');
  await expect(page).toHaveURL(/decision$/);
  for (const [key, view] of [
    ['o', 'alloys'],
    ['c', 'calendar'],
    ['a', 'requirements'],
    ['n', 'bench'],
    ['b', 'brief'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`${view}$`));
  }
});

test('at 390 px nothing is cut off and the page does not scroll sideways', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await studyId(request, 'Tripod hub');
  const views = ['brief', 'routes', 'alloys', 'calendar', 'requirements', 'bench', 'decision', 'made'];
  for (const path of [
    '/',
    '/check',
    '/bench',
    '/rates',
    '/rates/shipped-1',
    ...views.map((view) => `/studies/${id}/${view}`),
  ]) {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over, path).toBeLessThanOrEqual(0);
  }
});
