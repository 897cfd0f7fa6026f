import { expect, test } from '@playwright/test';
import { copyOf, openView, saved, setQuantity, studyId } from './journeys';

interface Lane {
  readonly id: string;
  readonly allIn: number;
}

test('what a requirement adds is the difference of two comparisons, lane by lane, and opens both workings', async ({
  page,
  request,
}) => {
  const id = await studyId(request, 'Gear head body, sealed');
  const { brief } = (await (await request.get(`/api/studies/${id}/export`)).json()) as {
    brief: { needs: object };
  };
  const ask = async (of: object): Promise<{ leader: string; lanes: Lane[] }> =>
    (await (await request.post('/api/evaluate', { data: { brief: of, quantity: 9000 } })).json()) as {
      leader: string;
      lanes: Lane[];
    };
  const asked = await ask(brief);
  const without = await ask({ ...brief, needs: { ...brief.needs, heatTreated: false } });
  const allIn = (answer: { leader: string; lanes: Lane[] }): number =>
    answer.lanes.find((l) => l.id === answer.leader)?.allIn ?? NaN;
  await openView(page, id, 'requirements');
  await setQuantity(page, 9000);
  await expect(page.locator('h2').filter({ hasText: 'at 9\u202f000 pieces' })).toBeVisible();
  const row = page.locator('[data-requirement="needs.heatTreated"]');
  await expect(row).toContainText((allIn(asked) - allIn(without)).toFixed(2));
  await row.getByRole('button', { name: /per part/ }).click();
  const sheet = page.getByTestId('effect');
  await expect(sheet).toContainText('Without it: as cast.');
  const lane = sheet.getByRole('row').filter({ hasText: 'Permanent mould tilting' });
  await lane.getByRole('button').nth(1).click();
  await expect(page.getByTestId('working')).toContainText('without Heat treated');
});

test('a tolerance is given up beside the brief, adopted as a new revision, and taken back', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'requirements');
  await page.getByRole('button', { name: 'Try without: head bore' }).click();
  await page.getByRole('button', { name: 'Try without: Heat treated' }).click();
  const tray = page.getByTestId('what-ifs');
  const a = tray.getByRole('group', { name: 'What-if A' });
  await expect(a).toContainText('without head bore');
  const real = tray.getByRole('group', { name: 'Brief', exact: true });
  const total = async (of: typeof a): Promise<number> =>
    Number((await of.locator('dd button').nth(1).innerText()).replaceAll('\u202f', ''));
  expect(await total(a)).toBeLessThan(await total(real));
  await a.getByLabel('Leave out more in What-if A').selectOption({ label: 'lug gap' });
  await expect(a).toContainText('without lug gap');
  const promised = await total(a);

  await page.getByRole('link', { name: 'Routes' }).click();
  await page.getByRole('link', { name: 'Requirements' }).click();
  await a.getByRole('button', { name: 'Adopt What-if A' }).click();
  await saved(page);
  await expect(tray.getByRole('group', { name: 'What-if B' })).toHaveCount(0);
  expect(await total(real)).toBe(promised);
  const features = async (): Promise<string[]> => {
    const study = (await (await request.get(`/api/studies/${id}`)).json()) as {
      brief: { features: { name: string }[] };
    };
    return study.brief.features.map((f) => f.name);
  };
  expect(await features()).not.toContain('head bore');
  expect(await features()).not.toContain('lug gap');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  expect(await features()).toContain('head bore');
});

test('three what-ifs stand at the most, each can be dropped, and a session keeps them', async ({ page, request }) => {
  const id = await copyOf(request, 'Tripod hub');
  await openView(page, id, 'requirements');
  for (const name of ['head bore', 'head face', 'Heat treated'])
    await page.getByRole('button', { name: `Try without: ${name}` }).click();
  await expect(page.getByRole('button', { name: 'Try without: height' })).toBeDisabled();
  await page.getByRole('button', { name: 'Remove What-if B' }).click();
  await expect(page.getByRole('button', { name: 'Try without: height' })).toBeEnabled();
  await page.reload();
  const tray = page.getByTestId('what-ifs');
  await expect(tray.getByRole('group', { name: 'What-if B' })).toContainText('without Heat treated');
  await tray.getByRole('button', { name: 'Put Heat treated back in What-if B' }).click();
  await expect(tray.getByRole('group', { name: 'What-if B' })).toHaveCount(0);
});
