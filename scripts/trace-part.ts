import { chromium } from '@playwright/test';
import { wavyShell } from './bench/wavy-ball';

/**
 * Drops a part of 200 000 facets on a running application and prints when its first picture stood and the longest
 * tasks of the main thread until it was measured: tsx scripts/trace-part.ts URL
 */
async function trace(url: string): Promise<void> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(`
    window.longTasks = [];
    new PerformanceObserver((list) => list.getEntries().forEach((e) => window.longTasks.push([e.startTime, e.duration])))
      .observe({ entryTypes: ['longtask'] });`);
  const made = (await (
    await page.request.post(`${url}/api/studies`, {
      data: { brief: { title: 'Traced part', alloy: 'al-a356' } },
      headers: { origin: url },
    })
  ).json()) as { id: string };
  await page.goto(`${url}/studies/${made.id}/part`);
  await page.waitForTimeout(3000);
  const buffer = Buffer.from(wavyShell(318));
  const before = await page.evaluate(() => performance.now());
  await page
    .getByLabel('Part file')
    .locator('input[type=file]')
    .setInputFiles({ name: 'ball.stl', mimeType: '', buffer });
  const asked = await page.evaluate(() => performance.now());
  await page.locator('[data-drawn="true"]').waitFor();
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  const seen = await page.evaluate(() => performance.now());
  await page
    .getByTestId('unit-choice')
    .getByRole('button', { name: /millimetres/ })
    .click();
  const given = await page.evaluate(() => performance.now());
  await page.getByRole('table', { name: 'Measured and in the brief' }).waitFor({ timeout: 120_000 });
  await page.getByTestId('part-busy').waitFor({ state: 'detached', timeout: 120_000 });
  const done = await page.evaluate(() => performance.now());
  const tasks = await page.evaluate<[number, number][]>('window.longTasks');
  const after = tasks.filter(([at]) => at > asked).map(([, ms]) => Math.round(ms));
  console.log(`handing the file to the page (by the test's own driver): ${Math.round(asked - before)} ms`);
  console.log(`handed over to first picture, the unit still asked for: ${Math.round(seen - asked)} ms`);
  console.log(`all measured: ${Math.round(done - given)} ms after the unit was given`);
  console.log(`main-thread tasks over 50 ms since the drop: ${after.length === 0 ? 'none' : after.join(', ')} ms`);
  await browser.close();
}

void trace(process.argv[2] ?? 'http://127.0.0.1:3900');
