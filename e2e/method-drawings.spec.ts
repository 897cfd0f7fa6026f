import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';
import { expect, test } from '@playwright/test';
import { copyOf, openView } from './journeys';

test('a gate is drawn, the lie is changed, and reach, yield and sizes follow; the drawing is kept as SVG and DXF', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'method');
  await page.keyboard.press('Tab');
  const drawings = page.getByTestId('method-drawings');
  await expect(drawings).toContainText('Section and silhouette are those of the measured part', { timeout: 30_000 });

  // The gate is taken hold of and drawn: the value that goes in, the choke and the drawing move with it.
  const gate = drawings.locator('[data-drag=above]');
  await gate.scrollIntoViewIfNeeded();
  const before = Number(await gate.getAttribute('aria-valuenow'));
  const choke = page.locator('[data-figure=choke] button');
  const was = await choke.textContent();
  const at = await gate.boundingBox();
  if (at === null) throw new Error('the gate is not on the screen');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2 + 40, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => Number(await gate.getAttribute('aria-valuenow'))).toBeGreaterThan(before + 5);
  await expect(choke).not.toHaveText(was ?? '');
  await expect(page.getByText('1 value is typed here.')).toBeVisible();

  // Laid down otherwise it stands higher.
  const layout = page.locator('[data-group=layout]');
  await layout.getByText(/values that go in/).click();
  const height = layout.locator('[data-given=height] input');
  const stood = await height.inputValue();
  await layout.getByLabel('how the casting lies').selectOption({ label: 'draw level, long side upright' });
  await expect(height).not.toHaveValue(stood);
  await expect(page.getByText(/^Saved/)).toBeVisible();

  // What is saved is read by another program.
  const [dxf] = await Promise.all([page.waitForEvent('download'), drawings.getByText('Save as DXF').click()]);
  const read = new DxfParser().parseSync(readFileSync(await dxf.path(), 'utf8'));
  expect(read?.header['$INSUNITS']).toBe(4);
  expect(Object.keys(read?.tables.layer.layers ?? {})).toContain('gating');
  expect(read?.entities.length).toBeGreaterThan(20);
  const [svg] = await Promise.all([page.waitForEvent('download'), drawings.getByText('Save as SVG').click()]);
  expect(svg.suggestedFilename()).toMatch(/^Tripod-hub.*section\.svg$/);
  expect(readFileSync(await svg.path(), 'utf8')).toContain('<g id="gating">');
  const [pdf] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    drawings.getByText('PDF, A4').click(),
  ]);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('places of a tree are drawn apart: yield falls, and the order of freezing is run and can be stopped', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Compass gimbal ring');
  await openView(page, id, 'method');
  await page.keyboard.press('Tab');
  const drawings = page.getByTestId('method-drawings');
  await expect(drawings.locator('[data-piece=casting]')).toBeVisible({ timeout: 30_000 });
  await drawings.getByText('Plan', { exact: true }).click();
  await expect(drawings.locator('[data-mark=low]').first()).toBeVisible();
  const yielded = page.locator('[data-figure=yield] button');
  const was = Number(await yielded.textContent());
  const pitch = drawings.locator('[data-drag=pitch]');
  await pitch.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowDown');
  await expect.poll(async () => Number(await yielded.textContent())).toBeLessThan(was);
  await drawings.getByText('Section', { exact: true }).click();
  await drawings.getByText('Order of freezing').click();
  await expect(drawings.getByTestId('freezing-said')).toContainText('The last place', { timeout: 60_000 });
  await expect(drawings.getByTestId('freezing-bands').locator('path').first()).toBeAttached();
});

test('the method’s dwell is adopted and the leader’s cost changes, on the board as on the sheet', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'method');
  await page.keyboard.press('Tab');
  const back = page.getByTestId('flow-back');
  await back.scrollIntoViewIfNeeded({ timeout: 30_000 });
  const cost = back.locator('[data-offer="Cost per part"] td');
  const [was, now] = await Promise.all([cost.nth(1).textContent(), cost.nth(2).textContent()]);
  expect(was).not.toBe(now);
  await back.getByText('Use the method’s figures').click();
  await expect(back).toContainText('this lane stands on the method’s figures');
  await expect(page.getByText(/^Saved/)).toBeVisible();
  await openView(page, id, 'routes');
  await expect(page.locator('[data-leader]').first()).toContainText(now ?? '');
  await expect(page.locator('[data-leader]').first()).toContainText('the method’s figures');
});
