import { expect, test, type APIRequestContext } from '@playwright/test';
import { studyId } from './journeys';

const file = (name: string, content: string) => ({ name, mimeType: 'application/json', buffer: Buffer.from(content) });

interface StudyFile {
  readonly brief: { title: string; geometry: Record<string, unknown>; features: Record<string, unknown>[] };
}

/** The file of a demo study. */
async function exportOf(request: APIRequestContext, title: string): Promise<StudyFile> {
  return (await (await request.get(`/api/studies/${await studyId(request, title)}/export`)).json()) as StudyFile;
}

/** Titles of the studies that are not archived. */
async function titles(request: APIRequestContext): Promise<string[]> {
  const list = (await (await request.get('/api/studies')).json()) as { studies: { title: string }[] };
  return list.studies.map((s) => s.title);
}

test('a broken study file is refused field by field, with nothing written or lost', async ({ page, request }) => {
  const good = await exportOf(request, 'Tripod hub');
  const title = 'Hub of broken files';
  good.brief.title = title;
  const broken = structuredClone(good);
  broken.brief.geometry['volume_cm3'] = 'a lot';
  if (broken.brief.features[1]) broken.brief.features[1]['tol_mm'] = -1;
  await page.goto('/');
  await page.getByLabel('Search').fill('tripod');
  await page.getByTestId('file').setInputFiles(file('broken.json', JSON.stringify(broken)));
  const refused = page.getByTestId('refused');
  await expect(refused).toContainText('brief.geometry.volume_cm3');
  await expect(refused).toContainText('"a lot" – a number is wanted');
  await expect(refused).toContainText('brief.features.1.tol_mm');
  await expect(page.getByLabel('Search')).toHaveValue('tripod');
  await refused.getByRole('button', { name: 'Close' }).click();
  await page.getByTestId('file').setInputFiles(file('torn.json', JSON.stringify(good).slice(0, 200)));
  await expect(page.getByTestId('refused')).toContainText('This is not JSON');
  await page.getByTestId('file').setInputFiles(file('other.json', '{"format":"something"}'));
  await expect(page.getByTestId('refused')).toContainText('format');
  // Other journeys make studies meanwhile: what counts is that none of this one was written.
  expect(await titles(request)).not.toContain(title);
  await page.getByTestId('file').setInputFiles(file('repaired.json', JSON.stringify(good)));
  await expect(page).toHaveURL(/\/studies\/[0-9a-f-]+\/routes/);
  expect(await titles(request)).toContain(title);
});

test('a study goes out as a file and comes in the same', async ({ page, request }) => {
  const exported = await exportOf(request, 'Compass gimbal ring');
  await page.goto('/');
  await page.getByTestId('file').setInputFiles(file('ring.json', JSON.stringify(exported)));
  await expect(page).toHaveURL(/\/studies\/[0-9a-f-]+\/routes/);
  const id = page.url().split('/').at(-2) ?? '';
  const again = (await (await request.get(`/api/studies/${id}/export`)).json()) as { brief: object };
  expect(again.brief).toEqual(exported.brief);
  await request.post(`/api/studies/${id}/archive`);
});

test('search, sort, duplicate, archive and its undo', async ({ page, request }, info) => {
  // A name of its own for each try: a second one finds the parts of the first still listed.
  const title = `Knob to be looked for${info.retry === 0 ? '' : `, try ${info.retry + 1}`}`;
  const brief = { ...(await exportOf(request, 'Setting-scale knob')).brief, title };
  expect((await request.post('/api/studies', { data: { brief } })).ok()).toBe(true);
  await page.goto('/');
  const rows = page.locator('tbody tr');
  // The knob just made has no leader yet: it is worked out in the background, and its line is there all the same.
  await expect(page.getByRole('link', { name: title, exact: true })).toBeVisible();
  const all = await rows.count();
  await page.getByLabel('Search').fill('zinc');
  await expect.poll(() => rows.count()).toBeLessThan(all);
  await expect
    .poll(async () => (await rows.allInnerTexts()).every((words) => words.toLowerCase().includes('zinc')))
    .toBe(true);
  await page.getByLabel('Search').fill(title);
  await expect(rows).toHaveCount(1);
  await page.getByLabel('Search').fill('');
  // The largest first, then the smallest.
  for (let k = 0; k < 2; k++) {
    await page.getByRole('button', { name: 'Quantity' }).click();
    await page.waitForTimeout(400);
  }
  await expect
    .poll(async () => {
      const pieces = await page
        .locator('tbody tr > :nth-child(3)')
        .evaluateAll((cells) => cells.map((c) => Number((c.textContent ?? '').replace(/\D/g, ''))));
      return pieces.length > 1 && pieces.every((x, i) => i === 0 || (pieces[i - 1] ?? 0) <= x);
    })
    .toBe(true);
  // Among few: a long list draws only the lines in view, and other tests add to it.
  await page.getByLabel('Search').fill(title);
  await expect(rows).toHaveCount(1);
  await page.getByRole('button', { name: `Duplicate ${title}`, exact: true }).click();
  const copy = page.getByRole('link', { name: `${title} (copy)` });
  await expect(copy).toBeVisible();
  await page.getByRole('button', { name: `Archive ${title} (copy)` }).click();
  await expect(copy).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(copy).toBeVisible();
  await page.getByRole('button', { name: `Archive ${title} (copy)` }).click();
  await expect(copy).toHaveCount(0);
  await page.getByRole('link', { name: 'Archived' }).click();
  await expect(copy).toBeVisible();
});

test('the published schema describes what is taken', async ({ request }) => {
  const schema = (await (await request.get('/api/schema')).json()) as {
    studyFile: { properties: object };
    evaluateRequest: object;
  };
  expect(Object.keys(schema.studyFile.properties)).toEqual(
    expect.arrayContaining(['format', 'version', 'school', 'brief']),
  );
});
