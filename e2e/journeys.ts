import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { STUDY_VIEWS } from '../src/ui/study/views';

type View = (typeof STUDY_VIEWS)[number][0] | 'process-steps';

/** Every page of a study. */
export const VIEWS: readonly View[] = [...STUDY_VIEWS.map(([view]) => view), 'process-steps'];

/** Id of a demo study by its title. */
export async function studyId(request: APIRequestContext, title: string): Promise<string> {
  const address = `/api/studies?${new URLSearchParams({ search: title, sort: 'title', up: '1' }).toString()}`;
  const list = (await (await request.get(address)).json()) as { studies: { id: string; title: string }[] };
  const found = list.studies.find((s) => s.title === title);
  if (found === undefined) throw new Error(`no study “${title}”`);
  return found.id;
}

/** A fresh copy of a demo study, so that journeys do not meet each other's changes. */
export async function copyOf(request: APIRequestContext, title: string): Promise<string> {
  const response = await request.post(`/api/studies/${await studyId(request, title)}/duplicate`);
  return ((await response.json()) as { id: string }).id;
}

/** Lays a hand on the page: what waits to be touched is fetched, what stands below the first screen is drawn. */
export const touch = (page: Page): Promise<void> => page.mouse.move(3, 3, { steps: 2 });

/** Waits until an opened study answers to hands, and lays one on it. */
export async function ready(page: Page): Promise<void> {
  await expect(page.locator('[data-ready="true"]')).toBeAttached();
  await touch(page);
}

/** Opens a view of a study and waits until it answers to hands and the ribbon is there. */
export async function openView(page: Page, id: string, view: View): Promise<void> {
  await page.goto(`/studies/${id}/${view}`);
  await ready(page);
  await expect(page.locator('#rail [data-run]').first()).toBeAttached();
}

/** Picks one of a few that stand side by side, by what it says. */
export async function pick(page: Page, group: string, option: string): Promise<void> {
  await page.getByRole('radiogroup', { name: group }).getByText(option, { exact: true }).click();
}

/** Finds an alloy, or another of many, by typing a part of its name. */
export async function search(page: Page, label: string, text: string, option: string | RegExp): Promise<void> {
  const field = page.getByRole('combobox', { name: label, exact: true });
  await field.click();
  await field.fill(text);
  await page.getByRole('option', { name: option }).first().click();
}

/** Types a quantity beside the rail. */
export async function setQuantity(page: Page, q: number): Promise<void> {
  await ready(page);
  const field = page.getByLabel('Quantity, pieces', { exact: true });
  await field.fill(String(q));
  await field.press('Enter');
}

/** Lane id of the leader on the board. */
export async function leader(page: Page): Promise<string> {
  return (await page.locator('[data-leader="true"]').getAttribute('data-lane')) ?? '';
}

/** Waits until what was typed has reached the database. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved', { timeout: 15_000 });
}

/** Closes the sheet that is open; asked again where the key came before the sheet listened. */
export async function closeSheet(page: Page): Promise<void> {
  await expect(async () => {
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0, { timeout: 2000 });
  }).toPass();
}
