// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import type { ListAsked, StudyPage, StudySummary } from '@/server/studies';
import { notices } from '../shell/notices';
import { arrived } from '../testing/arrived';
import { mountStudy, type Opened } from '../testing/mounted';
import { PartsList } from './parts-list';
import { setUpPage } from '../testing/set-up';

const START: ListAsked = { archived: false, search: '', sort: 'changedAt', up: false, page: 1 };
const study = (id: string, title: string, more: Partial<StudySummary> = {}): StudySummary =>
  ({
    ...{
      id,
      title,
      alloy: 'al-a356',
      alloyName: 'Aluminium A356 (AlSi7Mg)',
      quantity: 2400,
      leader: 'gravity-die/hand',
      fresh: true,
      partFile: null,
    },
    ...{ decision: { state: 'open' }, standing: null, changedAt: '2026-11-20T09:00:00.000Z', demo: true },
    ...more,
  }) as unknown as StudySummary;
const HUB = study('a', 'Tripod hub');
const FOOT = study('b', 'Pier foot', { quantity: null, leader: null, alloy: null, alloyName: null });
const pageOf = (studies: readonly StudySummary[], found = studies.length, page = 1): StudyPage => ({
  studies,
  found,
  total: found,
  page,
});

let opened: Opened;
let said: { readonly title?: unknown; readonly type?: unknown; readonly action?: { readonly onClick: () => void } }[];
setUpPage();
beforeEach(() => {
  said = [];
  vi.spyOn(notices, 'create').mockImplementation((notice) => {
    said.push(notice);
  });
});
function open(page = pageOf([HUB, FOOT]), start: Partial<ListAsked> = {}): void {
  opened = mountStudy(bracket(), <PartsList first={page} start={{ ...START, ...start }} standings={null} />);
}
const requests = (method: string) => opened.asked.filter((a) => a.method === method && !a.path.includes('/studies/s'));
const answered = (method: string, status: number, body: unknown) =>
  act(async () => requests(method).at(-1)?.answer(status, body));
const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const row = (title: string): HTMLElement => {
  const found = screen.getAllByRole('row').find((r) => r.textContent?.includes(title) === true);
  if (found === undefined) throw new Error(`no row ${title}`);
  return found;
};

describe('the list', () => {
  test('says of each part what it is made of, how many, what leads and what was decided', () => {
    open(
      pageOf([
        study('a', 'Tripod hub', {
          decision: { state: 'signed', laneId: 'gravity-die/hand', signedOn: '2026-11-05' } as never,
        }),
        FOOT,
      ]),
    );
    expect(row('Tripod hub').textContent).toMatch(/2.400/);
    expect(row('Tripod hub').textContent).toMatch(/signed 5 Nov 2026/);
    expect(row('Pier foot').textContent).toContain('not chosen');
    expect(row('Pier foot').textContent).toContain('not known');
    expect(row('Pier foot').textContent).toContain('none yet');
  });

  test('marks what is of an older version', () => {
    open(pageOf([study('a', 'Tripod hub', { fresh: false })]));
    expect(row('Tripod hub').textContent).toContain('(old)');
  });

  test('with nothing in it says how to begin, or that nothing matches', async () => {
    open(pageOf([]));
    expect(screen.getByTestId('start').textContent).toMatch(/Drop a part file.*Type a brief.*Look at an example/s);
    cleanup();
    open(pageOf([]), { archived: true });
    expect(screen.getByText('Nothing is archived.')).toBeTruthy();
    cleanup();
    open();
    fireEvent.change(screen.getByLabelText('Search'), { target: { value: 'zzz' } });
    await wait(250);
    await answered('GET', 200, { ...pageOf([]), total: 2 });
    expect(screen.getByText('Nothing matches “zzz”.')).toBeTruthy();
  });

  test('is sorted by a head; pressed again the other way round', async () => {
    open();
    const head = (name: string): HTMLElement => within(screen.getByRole('table')).getByRole('button', { name });
    fireEvent.click(head('Part'));
    await wait(250);
    expect(requests('GET').at(-1)?.path).toContain('sort=title&page=1&up=1');
    await answered('GET', 200, pageOf([FOOT, HUB]));
    expect(screen.getByRole('columnheader', { name: /Part/ }).getAttribute('aria-sort')).toBe('ascending');
    fireEvent.click(head('Part'));
    await wait(250);
    expect(requests('GET').at(-1)?.path).not.toContain('up=1');
  });

  test('of more than a page is turned page by page', async () => {
    open(pageOf([HUB, FOOT], 120));
    const turn = (name: string): HTMLButtonElement => screen.getByRole('button', { name });
    expect(turn('Previous').disabled).toBe(true);
    fireEvent.click(turn('Next'));
    await wait(250);
    expect(requests('GET').at(-1)?.path).toContain('page=2');
    await answered('GET', 200, pageOf([HUB], 120, 3));
    expect(turn('Next').disabled).toBe(true);
    expect(screen.getByText('page 3 of 3')).toBeTruthy();
  });
});

describe('acts', () => {
  test('a new part opens at its brief', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'New part' }));
    expect(requests('POST')[0]?.path).toBe('/api/studies');
    await answered('POST', 201, { id: 'new' });
    expect(opened.visited).toEqual(['/studies/new/brief']);
  });

  test('archived can be undone', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Archive Tripod hub' }));
    expect(requests('POST')[0]?.path).toBe('/api/studies/a/archive');
    await answered('POST', 200, {});
    expect(said[0]?.title).toBe('“Tripod hub” archived');
    act(() => said[0]?.action?.onClick());
    expect(requests('POST')[1]?.path).toBe('/api/studies/a/restore');
  });

  test('a copy is asked for and the list is read again', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Duplicate Tripod hub' }));
    await answered('POST', 201, {});
    await wait(250);
    expect(requests('GET')).toHaveLength(1);
  });

  test('refused or without a server says so and lets go of the buttons', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'New part' }));
    await answered('POST', 507, { error: { message: 'The disk is full.' } });
    expect(said[0]).toMatchObject({ title: 'The disk is full.', type: 'error' });
    const again = screen.getByRole<HTMLButtonElement>('button', { name: 'New part' });
    expect(again.disabled).toBe(false);
    fireEvent.click(again);
    await act(async () => requests('POST').at(-1)?.die('no line'));
    expect(said[1]?.title).toBe('The server does not answer. Nothing was changed.');
  });
});

describe('a study file', () => {
  async function chosen(text: string): Promise<void> {
    open();
    await arrived(import('../kit/file-upload'));
    const file = Object.assign(new File([text], 'hub.json'), { text: () => Promise.resolve(text) });
    await act(() => Promise.resolve(void fireEvent.input(screen.getByTestId('file'), { target: { files: [file] } })));
    await wait(10);
  }

  test('is sent as it is and opens on its routes', async () => {
    await chosen('{"format":"nine-pours-study"}');
    expect(requests('POST')[0]).toMatchObject({ path: '/api/import', body: { format: 'nine-pours-study' } });
    await answered('POST', 201, { id: 'in', title: 'Hub', notes: ['x', 'y'] });
    expect(opened.visited).toEqual(['/studies/in/routes']);
    expect(said[0]?.title).toContain('2 unknown keys ignored');
  });

  test('that is no JSON is refused here; nothing is sent', async () => {
    await chosen('not json');
    expect(screen.getByTestId('refused').textContent).toContain('hub.json: This is not JSON');
    expect(requests('POST')).toEqual([]);
    fireEvent.click(within(screen.getByTestId('refused')).getByRole('button', { name: 'Close' }));
    expect(screen.queryByTestId('refused')).toBeNull();
  });

  test('refused by the server names each field, its value and what is wanted', async () => {
    await chosen('{}');
    const issues = [{ path: 'brief.title', value: 7, message: 'words are wanted' }];
    await answered('POST', 400, { error: { message: 'This is no study file.', issues } });
    const refused = screen.getByTestId('refused').textContent ?? '';
    expect(refused).toContain('This is no study file.');
    expect(refused).toContain('brief.title: 7 – words are wanted');
    expect(refused).toContain('Nothing was written');
    expect(opened.visited).toEqual([]);
  });
});
