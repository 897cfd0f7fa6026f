import { expect, test } from '@playwright/test';
import { openView, studyId } from './journeys';

// As the application comes: with its certainty shown.
test.use({ storageState: { cookies: [], origins: [] } });

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
  const first = page.locator('[data-grid][data-lane] [data-column="route"]').first();
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-grid][data-lane]').nth(1).locator('[data-column="tooling"]')).toBeFocused();
  await page.keyboard.press('w');
  await expect(page.getByTestId('working')).toContainText('Tooling over the programme');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('working')).toBeHidden();
  await expect(page.locator('[data-grid][data-lane]').nth(1).locator('[data-column="tooling"]')).toBeFocused();
  // A quick hand is heard too: Escape right behind the key that opened.
  await page.keyboard.press('w');
  await page.keyboard.press('Escape');
  await page.waitForTimeout(800);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.locator('[data-grid][data-lane]').nth(1).locator('[data-column="tooling"]')).toBeFocused();
  await page.keyboard.press('p');
  await expect(page.locator('[data-grid][data-lane]').nth(1)).toContainText('compared');
  await page.keyboard.press('u');
  await expect(page.getByRole('radio', { name: 'in · lb' })).toBeChecked();
  await page.keyboard.press('u');
  await page.keyboard.press('d');
  await expect(page).toHaveURL(/decision$/);
  for (const [key, view] of [
    ['o', 'alloys'],
    ['c', 'calendar'],
    ['a', 'requirements'],
    ['n', 'calculator'],
    ['b', 'brief'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`${view}$`));
  }
});
