import { expect, test } from '@playwright/test';
import { look } from './axe';
import { closeSheet, openView, studyId, VIEWS } from './journeys';

// As the application comes: with its certainty shown.
test.use({ storageState: { cookies: [], origins: [] } });

for (const view of VIEWS)
  test(`no serious finding by axe on ${view}, in light and dark`, async ({ page, request }) => {
    // Ten thousand draws are made only where they are looked at.
    const spread = view === 'routes' ? 'shown' : 'hidden';
    await page.addInitScript((word) => localStorage.setItem('nine-pours-spread', word), spread);
    await page.emulateMedia({ colorScheme: 'light' });
    const id = await studyId(request, 'Tripod hub');
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
    if (view === 'calendar') await expect(page.getByTestId('plan-verdict')).toBeVisible();
    await look(page, view);
  });

test('nor in the sheets of the board', async ({ page, request }) => {
  await page.emulateMedia({ colorScheme: 'light' });
  await openView(page, await studyId(request, 'Tripod hub'), 'routes');
  await page.locator('[data-lane="gravity-die/hand"] [data-column="perPart"] button').first().click();
  await expect(page.getByTestId('working')).toBeVisible();
  await page.waitForTimeout(400);
  await look(page, 'working');
  await closeSheet(page);
  await page.locator('[data-lane="gravity-die/hand"] button').first().click();
  await page.waitForTimeout(400);
  await look(page, 'reasons');
  await closeSheet(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.waitForTimeout(400);
  await look(page, 'keys');
});
