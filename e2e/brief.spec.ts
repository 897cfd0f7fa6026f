import { expect, test, type APIRequestContext, type Browser, type Page } from '@playwright/test';
import { copyOf, openView, pick, ready, saved, studyId } from './journeys';

test('units switch to and fro without drift, and inches are taken as typed', async ({ page, request }) => {
  const id = await copyOf(request, 'Filter drawer housing');
  await openView(page, id, 'brief');
  const wall = page.getByLabel('Thinnest wall', { exact: true });
  const volume = page.getByLabel('Volume', { exact: true });
  await expect(wall).toHaveValue('2.03');
  for (let i = 0; i < 5; i++) {
    await pick(page, 'Units', 'in · lb');
    await expect(wall).toHaveValue('0.0799213');
    await pick(page, 'Units', 'mm · kg');
    await expect(wall).toHaveValue('2.03');
    await expect(volume).toHaveValue('117.65');
  }
  await pick(page, 'Units', 'in · lb');
  await wall.fill('0.125');
  await saved(page);
  await pick(page, 'Units', 'mm · kg');
  await expect(wall).toHaveValue('3.175');
  const study = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { geometry: { wallMin_mm: number; volume_cm3: number } };
  };
  expect(study.brief.geometry.wallMin_mm).toBeCloseTo(3.175, 12);
  expect(study.brief.geometry.volume_cm3).toBe(117.65);
});

test('bad input names field, value and what is wanted; nothing typed is lost, the rest is saved', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  const volume = page.getByLabel('Volume', { exact: true });
  await volume.fill('about 268');
  await page.getByLabel('Thinnest wall', { exact: true }).fill('5.25');
  await expect(page.getByText('Volume “about 268”: a number is wanted.')).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: 'Routes' }).click();
  await expect(page.locator('[data-leader]')).toBeVisible();
  await page.getByRole('link', { name: 'Brief' }).click();
  await expect(volume).toHaveValue('about 268');
  await page.reload();
  await ready(page);
  await expect(volume).toHaveValue('about 268');
  await expect(page.getByLabel('Thinnest wall', { exact: true })).toHaveValue('5.25');
  await volume.fill('9999');
  await expect(page.getByText(/Volume “9999”: not above the box around the part/)).toBeVisible();
  await volume.fill('268');
  await expect(page.getByText(/Volume “/)).toHaveCount(0);
  await saved(page);
});

test('a block from a spreadsheet is pasted as rows; Enter makes the next', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await expect(page.getByLabel(/^Row \d+, name$/)).toHaveCount(5);
  await page.getByLabel('Row 5, name').focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'boss height\tdim\t18\t0,9\nspigot\tturn\t52\t0.05\tno\tyes\tyes');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(page.getByLabel('Row 7, name')).toHaveValue('spigot');
  await expect(page.getByLabel('Row 6, total tolerance')).toHaveValue('0.9');
  await page.getByLabel('Row 7, name').press('Enter');
  await expect(page.getByLabel('Row 8, name')).toBeFocused();
  await saved(page);
  const study = (await (await request.get(`/api/studies/${id}`)).json()) as { brief: { features: { name: string }[] } };
  expect(study.brief.features.map((f) => f.name)).toContain('spigot');
});

/** A study open on `page`, and saved meanwhile by somebody else on `other`. */
async function overtaken(
  page: Page,
  browser: Browser,
  request: APIRequestContext,
): Promise<{ id: string; other: Page }> {
  const id = await copyOf(request, 'Gear head body, sealed');
  await openView(page, id, 'brief');
  const other = await (await browser.newContext()).newPage();
  await openView(other, id, 'brief');
  await other.getByLabel('Title', { exact: true }).fill('Theirs');
  await saved(other);
  return { id, other };
}

test('two hands on one study: the later save is refused, both versions stand, the user chooses', async ({
  page,
  browser,
  request,
}) => {
  const { id, other } = await overtaken(page, browser, request);
  await page.getByLabel('Title', { exact: true }).fill('Mine');
  const banner = page.getByRole('alert').filter({ hasText: 'Somebody saved a newer version' });
  await expect(banner).toContainText('Yours: “Mine”. Theirs: “Theirs”');
  await banner.getByRole('button', { name: 'Save mine' }).click();
  await saved(page);
  expect(((await (await request.get(`/api/studies/${id}`)).json()) as { title: string }).title).toBe('Mine');
  await other.getByLabel('Title', { exact: true }).fill('Theirs again');
  await other.getByRole('button', { name: 'Use theirs' }).click();
  await expect(other.getByLabel('Title', { exact: true })).toHaveValue('Mine');
  await other.close();
});

test('a refused save that nobody chose about is still there at the next opening', async ({
  page,
  browser,
  request,
}) => {
  const { id, other } = await overtaken(page, browser, request);
  await other.close();
  await page.getByLabel('Title', { exact: true }).fill('Mine');
  await expect(page.getByRole('alert').filter({ hasText: 'Somebody saved' })).toBeVisible();
  await page.reload();
  await expect(page.getByText('Yours: “Mine”. Theirs: “Theirs”')).toBeVisible();
  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(page.url());
  await expect(stranger.getByText('was not saved, because somebody')).toBeVisible();
  await stranger.getByRole('button', { name: 'Save it again' }).click();
  await saved(stranger);
  await expect(stranger.getByText('was not saved, because somebody')).toHaveCount(0);
  await stranger.close();
  const stored = async (): Promise<unknown> => {
    const { title, refused } = (await (await request.get(`/api/studies/${id}`)).json()) as Record<string, unknown>;
    return { title, refused };
  };
  await expect.poll(stored).toEqual({ title: 'Mine', refused: [] });
});

test('when the server cannot be reached the brief stays in the browser and is saved when it can', async ({
  page,
  request,
  context,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await context.setOffline(true);
  await page.getByLabel('Title', { exact: true }).fill('Typed without a line');
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'failed');
  await context.setOffline(false);
  await saved(page);
  expect(((await (await request.get(`/api/studies/${id}`)).json()) as { title: string }).title).toBe(
    'Typed without a line',
  );
});

test('a missing wall is not known on every lane, and says so', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'brief');
  await page.getByLabel('Thinnest wall', { exact: true }).fill('');
  await expect(page.getByTestId('unknowns')).toContainText('thinnest wall');
  await expect(page.getByTestId('verdict')).toContainText('Some rules could not be judged');
});

test('optional figures are typed, priced, and may be emptied again', async ({ page, request }) => {
  const id = await copyOf(request, 'Pier foot');
  await openView(page, id, 'brief');
  await page.getByLabel('Costs today', { exact: true }).fill('');
  await saved(page);
  const assembly = async (): Promise<number> => {
    const file = (await (await request.get(`/api/studies/${id}/export`)).json()) as { brief: object };
    const answer = (await (
      await request.post('/api/evaluate', { data: { brief: file.brief, quantity: 100 } })
    ).json()) as {
      lanes: { id: string; allIn: number }[];
    };
    return answer.lanes.find((l) => l.id === 'fabricated')?.allIn ?? NaN;
  };
  const before = await assembly();
  await page.getByRole('group', { name: 'Joints in it' }).getByLabel('Welds').fill('40');
  await page.getByLabel('Set-ups to machine the casting', { exact: true }).fill('3');
  await saved(page);
  await expect.poll(assembly).toBeGreaterThan(before);
  await page.getByRole('group', { name: 'Joints in it' }).getByLabel('Welds').fill('forty');
  await expect(page.getByText('Welds “forty”: a number is wanted')).toBeVisible();
  await page.getByRole('group', { name: 'Joints in it' }).getByLabel('Welds').fill('');
  await page.getByLabel('Row 3, depth').fill('');
  await page.getByLabel('Set-ups to machine the casting', { exact: true }).fill('');
  await saved(page);
  await expect.poll(assembly).toBeLessThan(before);
  const { brief } = (await (await request.get(`/api/studies/${id}`)).json()) as {
    brief: { today: { joints: object }; machiningSetups?: number; features: { depth_mm?: number }[] };
  };
  expect(brief.today.joints).toEqual({});
  expect(brief.machiningSetups).toBeUndefined();
  expect(brief.features[2]).not.toHaveProperty('depth_mm');
});

test('until the page has come to life nothing can be typed into it that would be lost', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  let release = (): void => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/_next/static/**/*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(`/studies/${id}/brief`, { waitUntil: 'commit' });
  await expect(page.locator('[data-ready="false"]')).toBeAttached();
  // The whole of it is there to be read, the ribbon and its crossings too.
  await expect(page.getByTestId('verdict')).toContainText('This holds from');
  await expect(page.locator('#rail [data-run]').first()).toBeAttached();
  const title = page.getByLabel('Title', { exact: true });
  await title.focus();
  await page.keyboard.type('lost');
  await expect(title).not.toHaveValue(/lost/);
  release();
  await ready(page);
  await expect(title).toHaveValue('Tripod hub (copy)');
  await title.fill('Hub of the tripod');
  await saved(page);
  expect(((await (await request.get(`/api/studies/${id}`)).json()) as { title: string }).title).toBe(
    'Hub of the tripod',
  );
});

test('an address that asks for a field further down leads to it, before anybody touched the page', async ({
  page,
  request,
}) => {
  const id = await studyId(request, 'Tripod hub');
  for (const field of ['field-needs-environment', 'field-features']) {
    await page.goto(`/studies/${id}/brief#${field}`);
    await expect(page.locator(`#${field}`)).toBeInViewport();
  }
});
