import { expect, test } from '@playwright/test';
import { CHROMIUM_ARGS } from './instance';
import { copyOf, openView } from './journeys';

test.use({
  launchOptions: {
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: [...CHROMIUM_ARGS, '--disable-gpu', '--disable-software-rasterizer'],
  },
});

test('in a browser without WebGL the measures and the tables work and say so', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'part');
  await expect(page.getByTestId('no-webgl')).toContainText('has no WebGL');
  await expect(page.getByRole('table', { name: 'Measured and in the brief' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByTestId('part-busy')).toHaveCount(0, { timeout: 60_000 });
  await expect(page.getByRole('table', { name: 'Draws tried' }).getByRole('row')).not.toHaveCount(1);
});
