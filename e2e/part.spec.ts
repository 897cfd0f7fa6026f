import { expect, test, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { measuresKey } from '../src/core/part-file/measured/key';
import { copyOf, openView, pick, ready, saved, search, setQuantity } from './journeys';

const PARTS = join(process.cwd(), 'src/server/demo/parts');
const MESHES = join(process.cwd(), 'public/worked-cases/meshes');

/** Waits until the part is measured and, where it is kept, what it says has reached the brief. */
async function measured(page: Page): Promise<void> {
  await expect(page.getByRole('table', { name: 'Measured and in the brief' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByTestId('part-busy')).toHaveCount(0, { timeout: 60_000 });
}
const choose = (page: Page, path: string) =>
  page.getByRole('region', { name: 'Part file' }).locator('input[type=file]').setInputFiles(path);
/** A study of a part that nothing is known of yet. */
async function emptyStudy(request: APIRequestContext): Promise<string> {
  const made = await request.post('/api/studies', { data: { brief: { title: 'Repaired part' } } });
  return ((await made.json()) as { id: string }).id;
}
/** Where what was measured of a study's part is kept. */
async function measuresOf(request: APIRequestContext, id: string): Promise<string> {
  const { brief } = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { model: { file: string; unit: 'mm'; draw: [number, number, number] } };
  };
  const { file, unit, draw } = brief.model;
  return `/api/part-files/${file}/measures?by=${encodeURIComponent(measuresKey({ unit, draw, repair: false }))}`;
}
const row = (page: Page, field: string) => page.locator(`tr[data-field="${field}"]`);

test('a file dropped on an empty brief leads to a signed decision, typing only alloy, quantity and tolerances', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New part', exact: true }).click();
  await expect(page).toHaveURL(/\/brief$/);
  await choose(page, join(PARTS, 'gear-head.stl'));
  await expect(page).toHaveURL(/\/part$/);
  const units = page.getByTestId('unit-choice');
  await expect(units).toContainText('165 × 120 × 88 mm');
  await expect(units).toContainText(/4.?191 × 3.?048 × 2.?235 mm/);
  await units.getByRole('button', { name: /millimetres/ }).click();
  await measured(page);
  await expect(row(page, 'volume_cm3')).toContainText('483.43 cm³');
  await expect(row(page, 'undercuts')).toContainText('measured', { timeout: 30_000 });
  await expect(page.getByTestId('file-kept')).toContainText('Saved unchanged.');
  await saved(page);

  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await expect(page.getByLabel('Volume', { exact: true })).toHaveValue('483.43');
  await expect(page.locator('#field-geometry-volume_cm3')).toContainText('measured');
  await page.getByLabel('Title', { exact: true }).fill('Drive housing');
  await search(page, 'Alloy', 'a356', /A356/);
  await page.getByLabel('Pieces a year', { exact: true }).fill('2000');
  await page.getByRole('button', { name: 'Add a dimension' }).click();
  await page.getByLabel('Row 1, name').fill('length');
  await page.getByLabel('Row 1, nominal').fill('165');
  await page.getByLabel('Row 1, total tolerance').fill('2.4');
  await expect(page.getByTestId('verdict')).toContainText('is cheapest at');
  await saved(page);

  await page.getByRole('link', { name: 'Decision' }).click();
  await page.getByLabel('Why this route').fill('Its tool is paid for in a year.');
  await page.getByLabel('Signed by').fill('Product engineer');
  await page.getByRole('button', { name: 'Sign decision' }).click();
  const still = page.getByTestId('record').getByRole('img', { name: 'Picture of Drive housing' });
  await expect(still).toBeVisible();
  await expect.poll(() => still.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(320);
});

test('turning the draw makes a slide vanish from the pressure-die lane, and its price with it', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Hand controller shell');
  await openView(page, id, 'part');
  await measured(page);
  await choose(page, join(MESHES, 'side-hole-block.obj'));
  await page
    .getByTestId('unit-choice')
    .getByRole('button', { name: /millimetres/ })
    .click();
  await measured(page);
  await expect(row(page, 'undercuts')).toContainText('0 pieces');
  await expect(page.getByTestId('file-kept')).toContainText('Saved unchanged.');
  const slides = async (): Promise<{ undercuts: number; tooling: number }> => {
    await saved(page);
    const { brief } = (await (await request.get(`/api/studies/${id}`)).json()) as {
      brief: { geometry: { undercuts: number } };
    };
    const answer = (await (await request.post('/api/evaluate', { data: { brief, quantity: 70_000 } })).json()) as {
      lanes: { id: string; tooling: number }[];
    };
    return {
      undercuts: brief.geometry.undercuts,
      tooling: answer.lanes.find((l) => l.id === 'pressure-die/cold')?.tooling ?? NaN,
    };
  };
  await page.getByLabel('Another direction').fill('0, 0, 1');
  await page.getByRole('button', { name: 'Open this way' }).click();
  await expect(row(page, 'undercuts').locator('td').nth(2)).toContainText('1 piece');
  const across = await slides();
  await page.getByRole('button', { name: 'Open along 1.00, 0.00, 0.00' }).click();
  await expect(row(page, 'undercuts').locator('td').nth(2)).toContainText('0 pieces');
  const along = await slides();
  expect([across.undercuts, along.undercuts]).toEqual([1, 0]);
  expect(along.tooling).toBeLessThan(across.tooling - 500);
  await page.getByLabel('Another direction').fill('0, up, 1');
  await page.getByRole('button', { name: 'Open this way' }).click();
  await expect(page.getByText('Direction “0, up, 1”: three numbers that are not all 0 are wanted')).toBeVisible();
});

test('an undercut is followed from its finding to its place, and a face tells its wall', async ({ page, request }) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'routes');
  await setQuantity(page, 18_000);
  await page.locator('[data-lane="permanent-mould/tilt"] button').first().click();
  await page
    .getByRole('row')
    .filter({ hasText: /undercut/i })
    .getByRole('link', { name: 'show on the part' })
    .first()
    .click();
  await expect(page).toHaveURL(/part#show=undercut/);
  await measured(page);
  await expect(page.getByRole('button', { name: 'Show U1 on the part' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByTestId('legend')).toContainText('trapped: neither half');
  await expect(page.locator('[data-place="undercut.1"]')).toContainText('one slide');
  const picture = page.getByLabel(/^Picture of the part/);
  await page.getByRole('button', { name: 'Front' }).click();
  await picture.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('place')).toContainText(/Wall [\d.]+ mm by ray/);
  await pick(page, 'Units', 'in · lb');
  await expect(page.getByTestId('place')).toContainText(/Wall [\d.]+ in by ray/);
  await expect(row(page, 'box_mm')).toContainText('6.4961 × 4.7244 × 3.4646 in');
});

test('a part measured before is shown at once without its file; the file comes when a place is asked for', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  const puts: string[] = [];
  page.on('request', (r) => r.method() === 'PUT' && puts.push(r.url()));
  await openView(page, id, 'part');
  await measured(page);
  // What was measured is kept a moment after; a demo part may have been kept by another journey.
  await expect
    .poll(async () => puts.length > 0 || (await request.get(`${await measuresOf(request, id)}`)).ok(), {
      timeout: 30_000,
    })
    .toBe(true);
  await page.waitForLoadState('networkidle');
  const wall = await row(page, 'wallMin_mm').innerText();
  const fetched: string[] = [];
  page.on('request', (r) => fetched.push(new URL(r.url()).pathname));
  await page.reload();
  await measured(page);
  expect(await row(page, 'wallMin_mm').innerText()).toBe(wall);
  await page.getByRole('button', { name: 'walls (ray)' }).click();
  await expect(page.getByTestId('legend')).toContainText('mm');
  const file = fetched.filter((path) => /part-files\/[^/]+$/.test(path));
  expect(fetched.filter((path) => path.endsWith('/measures'))).toHaveLength(1);
  expect(file).toEqual([]);
  const picture = page.getByLabel(/^Picture of the part/);
  await picture.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('place')).toContainText(/Wall [\d.]+ mm by ray/);
  await expect(page.getByTestId('part-busy')).toHaveCount(0);
  await page.getByLabel('Another direction').fill('0, 1, 0');
  await page.getByRole('button', { name: 'Open this way' }).click();
  await expect(page.getByTestId('part-busy')).toHaveCount(0);
  await expect(row(page, 'undercuts').locator('td').nth(2)).not.toContainText('–');
});

test('a measured value is typed over with a note, and taken back', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await page.getByLabel('Thinnest wall', { exact: true }).fill('4.2');
  await expect(page.locator('#field-geometry-wallMin_mm')).toContainText('typed, replaces the measured value');
  await saved(page);
  await openView(page, id, 'part');
  await measured(page);
  const wall = row(page, 'wallMin_mm');
  await expect(wall).toContainText('Use measured');
  await page.getByLabel('Why thinnest wall differs from the measured value').fill('ground away later');
  await page.getByLabel('Why thinnest wall differs from the measured value').blur();
  await saved(page);
  const { brief } = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { model: { notes: Record<string, string>; measured: { wallMin_mm: number } } };
  };
  expect(brief.model.notes['wallMin_mm']).toBe('ground away later');
  await wall.getByRole('button', { name: 'Use measured' }).click();
  await expect(wall.locator('td').nth(2)).toContainText(`${brief.model.measured.wallMin_mm} mm`);
});

/** Box of something that has left a place and come to rest: the picture turns on its own time. */
async function settled(page: Page, thing: Locator, before: Box | null): Promise<Box> {
  for (let last = before; ;) {
    await page.waitForTimeout(250);
    const now = await thing.boundingBox();
    const at = JSON.stringify(now);
    if (now !== null && at === JSON.stringify(last) && at !== JSON.stringify(before)) return now;
    last = now;
  }
}
type Box = NonNullable<Awaited<ReturnType<Locator['boundingBox']>>>;

test('the arrow of the draw is taken by the hand and by keys, and catches on a draw that was tried', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'part');
  await measured(page);
  const told = page.getByRole('heading', { name: /^The draw/ });
  await expect(told).toContainText('along 0.00, 0.00, 1.00');
  const handle = page.getByTestId('draw-handle');
  const before = await handle.boundingBox();
  await page.getByRole('button', { name: 'Front' }).click();
  await settled(page, handle, before);
  // The button that turns it stands under the picture, and brings itself into sight.
  await page.evaluate('window.scrollTo(0, 200)');
  const tip = await settled(page, handle, null);
  const room = (await page.getByLabel(/^Picture of the part/).boundingBox())!;
  await page.mouse.move(tip.x + tip.width / 2, tip.y + tip.height / 2);
  await page.mouse.down();
  // Level with the middle of the picture and far to the right: along x, seen from the front.
  await page.mouse.move(room.x + room.width * 1.4, room.y + room.height / 2 + 4, { steps: 8 });
  await expect(page.getByRole('status').filter({ hasText: 'press Enter, to open this way' })).toContainText(
    'Along 1.00, 0.00, 0.00',
  );
  await page.mouse.up();
  await expect(told).toContainText('along 1.00, 0.00, 0.00', { timeout: 30_000 });
  await expect(page.getByTestId('part-busy')).toHaveCount(0);
  await expect(told).not.toContainText(/: 20 cm² trapped/);
  await handle.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('status').filter({ hasText: 'press Enter, to open this way' })).toContainText(
    'Along 0.98, 0.00, 0.17',
  );
  await page.keyboard.press('Escape');
  await expect(page.getByRole('status').filter({ hasText: 'press Enter, to open this way' })).toHaveCount(0);
  await expect(told).toContainText('along 1.00, 0.00, 0.00');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('status').filter({ hasText: 'press Enter, to open this way' })).toContainText('0.17');
  await page.keyboard.press('Enter');
  await expect(told).toContainText('along 0.98, 0.00, 0.17', { timeout: 30_000 });
  await saved(page);
});

test('a small hole is filled when asked, and every figure says so from then on; figures open their working', async ({
  page,
  request,
}) => {
  const id = await emptyStudy(request);
  await page.goto(`/studies/${id}/part`);
  await ready(page);
  const whole = readFileSync(join(MESHES, 'cylinder-d20-h50-n64.obj'), 'utf8');
  const facet = whole.split('\n').findLast((line) => line.startsWith('f ')) ?? '';
  await page
    .getByRole('region', { name: 'Part file' })
    .locator('input[type=file]')
    .setInputFiles({ name: 'holed.obj', mimeType: '', buffer: Buffer.from(whole.replace(`${facet}\n`, '')) });
  // The picture stands while the unit is asked for.
  await expect(page.locator('[data-drawn="true"]')).toBeVisible();
  await page
    .getByTestId('unit-choice')
    .getByRole('button', { name: /millimetres/ })
    .click();
  await measured(page);
  await expect(row(page, 'volume_cm3')).toContainText('not reliable');
  await expect(page.getByTestId('repair-offer')).toContainText('filling 1 flat hole');
  await page.getByRole('button', { name: 'Fill and measure' }).click();
  await expect(page.getByTestId('verdict-of-file')).toContainText('It was closed here by filling 1 flat hole');
  await measured(page);
  await expect(page.getByRole('heading', { name: /^Measured/ })).toContainText('from a repaired surface');
  await row(page, 'volume_cm3').getByRole('button', { name: '15.683 cm³' }).click();
  const sheet = page.getByTestId('part-working');
  await expect(sheet).toContainText('Divergence theorem');
  await expect(sheet).toContainText('holed.obj, repaired');
  await page.keyboard.press('Escape');
  await expect(row(page, 'volume_cm3').locator('td').nth(2)).toContainText('15.683 cm³');
  await saved(page);
  const { brief } = (await (await request.get(`/api/studies/${id}`)).json()) as { brief: { model: object } };
  expect(brief.model).toMatchObject({ name: 'holed.obj', repaired: 'holes-filled' });
});

test('a stopped reading can be begun again', async ({ page, request }) => {
  const id = await copyOf(request, 'Gear head body, sealed');
  await page.goto(`/studies/${id}/part`);
  await ready(page);
  await page.getByTestId('part-busy').getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: 'Open gear-head.stl again' }).click();
  await measured(page);
  await expect(row(page, 'volume_cm3')).toContainText('483.43 cm³');
});

test('hostile and broken files are refused or flagged, and the file comes back byte for byte', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Setting-scale knob');
  await openView(page, id, 'part');
  await measured(page);
  const link = page.getByRole('link', { name: 'Download knob.3mf' });
  const kept = await (await request.get((await link.getAttribute('href')) ?? '')).body();
  expect(kept.equals(readFileSync(join(PARTS, 'knob.3mf')))).toBe(true);

  const refused = page.getByTestId('part-refused');
  await choose(page, join(MESHES, 'truncated-binary.stl'));
  await expect(refused).toContainText('the file ends before its contents do');
  const input = page.getByRole('region', { name: 'Part file' }).locator('input[type=file]');
  await input.setInputFiles({ name: 'part.stl', mimeType: '', buffer: readFileSync(join(PARTS, 'knob.3mf')) });
  await expect(refused).toContainText('part.stl holds 3mf');
  await input.setInputFiles({ name: 'part.exe', mimeType: '', buffer: Buffer.from('MZ') });
  await expect(refused).toContainText('a name that ends with .stl');
  await input.setInputFiles({
    name: 'part.step',
    mimeType: '',
    buffer: Buffer.from('ISO-10303-21;\nrubbish\nEND-ISO-10303-21;'),
  });
  await expect(refused).toContainText('not read by the CAD kernel');

  await choose(page, join(MESHES, 'open-box.stl'));
  await page
    .getByTestId('unit-choice')
    .getByRole('button', { name: /millimetres/ })
    .click();
  await expect(page.getByTestId('verdict-of-file')).toContainText('The surface has holes');
  await measured(page);
  await expect(row(page, 'volume_cm3')).toContainText('not reliable');
  await expect(row(page, 'area_cm2')).toContainText('80 cm²');
  await expect(page.getByText('4 edges have a facet on one side only.')).toBeVisible();
});
