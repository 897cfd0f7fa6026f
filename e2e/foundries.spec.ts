import { expect, test, type Page } from '@playwright/test';
import { leader, openView, ready, setQuantity, studyId } from './journeys';

/** A heavy aluminium block that no gravity die of the book takes. */
const BASE_PLATE = {
  title: 'Base plate to be asked for',
  alloy: 'al-a356',
  geometry: {
    volume_cm3: 7800,
    area_cm2: 6200,
    box_mm: [340, 240, 170],
    wallMin_mm: 14,
    sectionMax_mm: 34,
    projected_cm2: 800,
    undercuts: 0,
    passages: 0,
    coredHoles: 0,
    draftAllowed: true,
  },
  surface: { Ra_um: 12.5 },
  needs: { environment: 'indoor', pressureTight: false, heatTreated: false, welded: false, leadFree: true },
  quantity: { perYear: 400, years: 5, lot: 100 },
};

const judge = async (page: Page, label: string): Promise<void> => {
  await page.getByLabel('Judged by', { exact: true }).selectOption({ label });
  await expect(page.getByLabel('Judged by', { exact: true })).toBeEnabled();
};
const LANE = '[data-lane="gravity-die/hand"]';

test('a foundry is entered, its profile lifts a ceiling of the book, and the leader changes', async ({
  page,
  request,
}, info) => {
  const brief = { ...BASE_PLATE, title: `${BASE_PLATE.title} ${info.retry}` };
  const { id } = (await (await request.post('/api/studies', { data: { brief } })).json()) as { id: string };
  await openView(page, id, 'routes');
  expect(await leader(page)).not.toBe('gravity-die/hand');
  await judge(page, 'the best of all foundries');
  await expect(page.locator('[data-foundry]').first()).toContainText('Foundry');
  const before = await leader(page);
  expect(before).not.toBe('gravity-die/hand');

  // Entered on its own page: what is wrong is named, and nothing typed is lost.
  const name = `Foundry V – test yard ${info.retry}`;
  await page.goto('/foundries');
  await page.getByRole('button', { name: 'Add a foundry' }).click();
  await page.getByLabel('Name of the foundry').fill(name);
  await page.getByLabel('Entered by').fill('Ilse Varga');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByLabel('Runs also').selectOption({ label: 'Gravity die, ladled by hand' });
  const of = 'Gravity die, ladled by hand';
  await page.getByLabel(`${of}: Mass of a part, usual`).fill('26');
  await page.getByLabel(`${of}: Mass of a part, most`).fill('20');
  await expect(page.getByRole('alert').first()).toContainText('usual ≤ exceptional ≤ most is wanted');
  await page.getByLabel(`${of}: Mass of a part, most`).fill('30');
  await page.getByLabel(`${of}: Mass of a part, known by`).selectOption('measured');
  const sides = ['360', '260', '180'];
  for (const step of ['usual', 'most'])
    for (const [i, side] of ['long', 'middle', 'short'].entries())
      await page.getByLabel(`${of}: Size of a part, ${step}, ${side}`).fill(sides[i] ?? '');
  await page.getByLabel('Changed by').fill('Ilse Varga');
  await page.getByLabel('Why', { exact: true }).fill('visit of the yard');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('visit of the yard');
  await expect(page.getByText('usual 26 kg, most 30 kg').first()).toBeVisible();
  const address = page.url().split('?')[0] ?? '';

  await openView(page, id, 'routes');
  await expect(page.locator(LANE).locator('[data-foundry]')).toHaveText(`${name} · measured values`);
  expect(await leader(page)).toBe('gravity-die/hand');
  // The finding says whose limit decides, how it is known and since when.
  await page.locator(LANE).locator('[data-column="route"] button').first().click();
  const rule = page.getByRole('row').filter({ hasText: 'Light enough for the route' });
  await expect(rule).toContainText('26 kg');
  await expect(rule.locator('[data-source]')).toContainText(`Limit of ${name}, measured by us`);
  await page.keyboard.press('Escape');
  await judge(page, 'the book');
  await expect(page.locator('[data-foundry]')).toHaveCount(0);
  expect(await leader(page)).not.toBe('gravity-die/hand');
  await request.post(`/api/foundries/${address.split('/').at(-1)}/archive`);
  await request.post(`/api/studies/${id}/archive`);
});

test('a measured scrap closes the gap to the next route', async ({ page, request }, info) => {
  const made = await request.post(`/api/studies/${await studyId(request, 'Tripod hub')}/duplicate`);
  const { id } = (await made.json()) as { id: string };
  const Q = 13_500;
  await openView(page, id, 'routes');
  await setQuantity(page, Q);
  await expect.poll(() => leader(page)).toBe('gravity-die/hand');

  await page.goto('/process-values/process-book-2');
  await expect(page.getByRole('textbox', { name: /likely/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Copy this set' }).click();
  const set = `Trials of the spring ${info.retry}`;
  await page.getByLabel('Name of the copy').fill(set);
  await page.getByLabel('Made by').fill('Jory Lund');
  await page.getByRole('button', { name: 'Create copy' }).click();
  await expect(page.getByRole('heading', { name: set })).toBeVisible();
  const address = page.url();
  await openView(page, id, 'routes');
  await page.getByLabel('Process values', { exact: true }).selectOption({ label: set });
  await expect(page.getByLabel('Process values', { exact: true })).toBeEnabled();

  await page.goto(address);
  await page.getByLabel('Search the process values').fill('permanent scrap settled');
  const boxes = (end: string) => page.getByLabel(`scrap, settled, ${end}, share of castings`).first();
  await boxes('likely').fill('0.5');
  await expect(page.getByRole('alert').first()).toContainText('low ≤ likely ≤ high is wanted');
  await boxes('low').fill('0.002');
  await boxes('likely').fill('0.004');
  await boxes('high').fill('0.006');
  await page.getByLabel('Search the process values').fill('permanent scrap new');
  for (const [end, share] of [
    ['low', '0.002'],
    ['likely', '0.004'],
    ['high', '0.006'],
  ] as const)
    await page.getByLabel(`scrap, new, ${end}, share of castings`).first().fill(share);
  await expect(page.getByTestId('moves')).toContainText('studies change');
  await page.getByLabel('Source').fill('trial 14');
  await page.getByLabel('Changed by').fill('Jory Lund');
  await page.getByLabel('Why', { exact: true }).fill('fourteen heats counted');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('measured, trial 14');

  await openView(page, id, 'routes');
  await setQuantity(page, Q);
  await expect.poll(() => leader(page)).toBe('permanent-mould/tilt');
  await page.goto(`${address}/differences`);
  await expect(page.getByRole('table', { name: 'Differences' }).getByRole('row')).toHaveCount(3);
  await request.post(`/api/studies/${id}/archive`);
});

test('who can make the part is told with every no, and a study is judged by one of them', async ({ page, request }) => {
  const made = await request.post(`/api/studies/${await studyId(request, 'Tripod hub')}/duplicate`);
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/studies/${id}/foundries`);
  await ready(page);
  const can = page.getByRole('table', { name: 'Who can' });
  await expect(can).toContainText('Foundry M – mill bank');
  await expect(page.getByText(/\d+ of \d+\s+foundries can make it/)).toBeVisible();
  // What it would cost there opens its working, as that foundry alone would judge the part.
  const cost = can.getByRole('row').filter({ hasText: 'Foundry M' }).first().getByRole('button').first();
  const shown = Number((await cost.innerText()).replace(/[^\d.]/g, ''));
  await cost.click();
  const working = page.getByTestId('working');
  await expect(working).toContainText('at Foundry M – mill bank');
  const value = await working.getByTestId('expression').locator('strong').innerText();
  expect(Number(Number(value.replace(/[^\d.]/g, '')).toFixed(2))).toBe(shown);
  await page.keyboard.press('Escape');
  const no = page.getByRole('button', { name: /Foundry U – harbour lane/ }).first();
  await no.click();
  await expect(page.getByText(/does not pour|makes fewer|wants more/).first()).toBeVisible();
  await can.getByRole('row').filter({ hasText: 'Foundry M' }).getByRole('button', { name: 'Judge' }).click();
  await expect(can).toContainText('judged by it');
  await openView(page, id, 'routes');
  await expect(page.getByLabel('Judged by', { exact: true })).toHaveValue('f-m');
  expect(await leader(page)).toBe('gravity-die/hand');
  await request.post(`/api/studies/${id}/archive`);
});

test('the list is searched, mapped and looked at for gaps; two foundries stand side by side', async ({ page }) => {
  await page.goto('/foundries');
  const list = page.getByRole('table', { name: 'Foundries' });
  await expect(list).toContainText('Foundry A – north yard');
  await page.getByLabel('Search foundries').fill('spin');
  await expect(list.getByRole('row')).toHaveCount(2);
  await page.getByLabel('Search foundries').fill('');
  await page.getByText('Who runs what', { exact: true }).click();
  await expect(page.getByRole('table', { name: 'Who runs what' })).toContainText('nobody');
  await page.getByText('Gaps', { exact: true }).click();
  await expect(page.getByRole('table', { name: 'Nobody runs it' })).toContainText('organic rubber');
  await page.goto('/foundries/compare?a=f-b&b=f-d');
  const both = page.getByRole('table', { name: 'Bonded sand, pattern' });
  await expect(both).toContainText('≠');
  await page.keyboard.press('u');
  await expect(both).toContainText(' lb');
  await expect(both).not.toContainText(' kg');
});
