import { expect, test } from '@playwright/test';
import { pick, search, touch } from './journeys';

test('a metal that the book does not pour on a route is given its values, in inches too, and is told where they lack', async ({
  page,
  request,
}, info) => {
  const name = `Steel in dies ${info.retry}`;
  const made = await request.post('/api/process-sets', { data: { from: 'process-book-2', name, who: 'Jory Lund' } });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/process-values/${id}`);
  await page.waitForLoadState('networkidle');
  await page.getByLabel('Search the process values').fill('pressure die cold steel poured');
  // Of the cold chamber: the list follows what is searched a moment later.
  const cold = page.getByRole('table', { name: 'Pressure die, cold chamber' });
  await cold.getByLabel('steel poured, likely').selectOption('yes');
  await page.getByLabel('Changed by').fill('Jory Lund');
  await page.getByLabel('Why', { exact: true }).fill('a trial of the spring');
  await page.getByRole('button', { name: 'Save changes' }).click();
  // Nothing is saved before the figures without which steel could not be judged are there.
  await expect(page.getByRole('region', { name: 'Unsaved changes' })).toContainText(
    'values of steel are wanted under Pressure die: thinnest wall',
  );

  await page.getByLabel('Search the process values').fill('');
  await page.getByRole('button', { name: 'Pressure die', exact: true }).click();
  await expect(page.getByLabel('steel thinnest wall, usual, likely, mm')).toHaveCount(0);
  // By key: beneath the rows that come as they are scrolled to, the bar of unsaved changes may stand before the button.
  await page.getByRole('button', { name: 'Show them' }).press('Enter');
  // The hot chamber has walls of its own; steel is poured in the cold one.
  const ofRoute = page.getByRole('table', { name: 'Pressure die', exact: true });
  const fill = async (words: string, ends: Readonly<Record<string, string>>): Promise<void> => {
    await page.getByLabel('Search the process values').fill(`pressure die steel ${words.split(',')[0]}`);
    for (const [end, text] of Object.entries(ends))
      await ofRoute.getByLabel(new RegExp(`^steel ${words}, ${end}, `)).fill(text);
  };
  await fill('thinnest wall, exceptional', { likely: '3' });
  await fill('thinnest wall, usual', { low: '4', likely: '4.5', high: '6' });
  await fill('roughness as cast, best', { likely: '3.2' });
  await fill('roughness as cast, usual', { likely: '6.3' });
  await fill('casting tolerance grade', { low: '6', likely: '7', high: '8' });
  await fill('tool life', { low: '800', likely: '1500', high: '3000' });
  await fill('casting as a share of the pour', { low: '0.4', likely: '0.5', high: '0.6' });
  await pick(page, 'Units', 'in · lb');
  // What was typed in millimetres is told in inches; the section is typed in them.
  await fill('thickest section, usual', { likely: '0.5' });
  await page.getByLabel('Search the process values').fill('pressure die steel thinnest wall, usual');
  await expect(ofRoute.getByLabel('steel thinnest wall, usual, likely, in')).toHaveValue('0.177165');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('a trial of the spring');
  const { ref } = (await (await request.get(`/api/process-sets/${id}`)).json()) as {
    ref: { own: Record<string, { v: unknown }> };
  };
  expect(ref.own['["pressure-die"].sectionMax.steel']?.v).toBeCloseTo(12.7, 9);
  expect(ref.own['["pressure-die"].wallMin.steel[1]']?.v).toEqual([4, 4.5, 6]);
  const csv = await (await request.get(`/api/process-sets/${id}/csv`)).text();
  expect(csv).toContain('["pressure-die""].sectionMax.steel'.replace('["', '[""'));

  await page.getByRole('link', { name: 'Differences' }).click();
  await expect(page.getByRole('table', { name: 'Differences' })).toContainText('none');
  await page.goBack();
  // A change is taken back from the history, as unsaved as anything typed.
  await page.getByRole('button', { name: /^Undo: .*steel: thickest section/ }).click();
  await expect(page.getByLabel('Why', { exact: true })).toHaveValue(/^undo of Pressure die: steel: thickest section/);
  await page.getByLabel('Search the process values').fill('pressure die steel thickest section');
  await expect(page.getByLabel('steel thickest section, usual, likely, in')).toHaveValue('');
  await page.getByRole('button', { name: 'Discard' }).click();
  // One of them is taken away again.
  await page.getByLabel('Search the process values').fill('pressure die steel tool life');
  await page.getByRole('button', { name: 'remove' }).click();
  await page.getByLabel('Changed by').fill('Jory Lund');
  await page.getByLabel('Why', { exact: true }).fill('not measured after all');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('region', { name: 'Unsaved changes' })).toContainText('tool life');
});

test('the study whose strongest values are asked for is found by a part of its name', async ({ page }) => {
  await page.goto('/process-values/process-book-2');
  await page.waitForLoadState('networkidle');
  await touch(page);
  await search(page, 'What moves this study most', 'hub', 'Tripod hub');
  const table = page.getByRole('table', { name: 'What moves this study most' });
  await expect(table.getByRole('row').nth(1)).toContainText(
    /moves the leader between (?:[\d.]+|ruled out) and (?:[\d.]+|ruled out) USD per part/,
  );
});

test('a rate is read and typed in inches and pounds, and kept in the unit of its table', async ({ page, request }) => {
  const made = await request.post('/api/rates', { data: { from: 'shipped-1', name: 'In inches', who: 'Jory Lund' } });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/rates/${id}`);
  await page.waitForLoadState('networkidle');
  await page.getByRole('button', { name: 'Pressure die, cold chamber' }).click();
  const box = (unit: string) => page.getByLabel(`tool tool hours by plan, likely, ${unit}`);
  await expect(box('h/dm² of plan')).toHaveValue('10');
  await pick(page, 'Units', 'in · lb');
  await expect(box('h/in² of plan')).toHaveValue('0.64516');
  await box('h/in² of plan').fill('0.7');
  await pick(page, 'Units', 'mm · kg');
  await expect(box('h/dm² of plan')).toHaveValue('10.8500217');
  await page.getByLabel('Changed by').fill('Jory Lund');
  await page.getByLabel('Why').fill('an offer in inches');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByRole('table', { name: 'Changes of this set' })).toContainText('an offer in inches');
  const { ref } = (await (await request.get(`/api/rates/${id}`)).json()) as {
    ref: { own: { figures: Record<string, readonly number[]> } };
  };
  const [low, likely, high] = Object.values(ref.own.figures)[0] ?? [];
  expect([low, high]).toEqual([7, 15]);
  expect(likely).toBeCloseTo(0.7 * 15.50003, 4);
});
