// @vitest-environment jsdom
import { act, fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import type { Brief } from '@/core/brief';
import { bracket } from '@/core/testing/demo-briefs';
import { mountStudy, type Opened } from '../testing/mounted';
import { HistorySection } from './history-section';
import { setUpPage } from '../testing/set-up';

const at = (day: number): string => `2026-11-${String(day).padStart(2, '0')}T08:30:00.000Z`;
const revision = (n: number, who: string | null, brief: Brief) => ({ revision: n, savedAt: at(n), who, brief });
const FIRST = bracket({ title: 'First title' });
const SECOND = bracket({ title: 'Second title', quantity: { perYear: 900, years: 2 } });
const REVISIONS = [revision(3, 'Marek', bracket()), revision(2, null, SECOND), revision(1, 'Ilse Varga', FIRST)];

let opened: Opened;
setUpPage();
const request = (method: string, ending: string) =>
  opened.asked.find((a) => a.method === method && a.path.endsWith(ending));
async function open(list: unknown = REVISIONS, status = 200): Promise<void> {
  opened = mountStudy(bracket(), <HistorySection />);
  await act(async () => request('GET', '/revisions')?.answer(status, list));
}
const rows = (): HTMLElement[] => screen.getAllByRole('row').filter((r) => r.dataset['revision'] !== undefined);
const changes = (): string => screen.getByTestId('revision-changes').textContent ?? '';

describe('revisions', () => {
  test('are listed newest first, with who saved them and when', async () => {
    await open();
    expect(rows().map((r) => r.dataset['revision'])).toEqual(['3', '2', '1']);
    const [newest, middle] = rows();
    expect(newest?.textContent).toContain('Marek');
    expect(newest?.textContent).toContain('08:30 UTC');
    expect(middle?.textContent).toContain('no name given');
  });

  const side = (label: string): HTMLSelectElement => screen.getByLabelText(label);
  const compared = () => ['Earlier revision', 'Later revision'].map((label) => side(label).value);
  const choose = (label: string, value: string): void => void fireEvent.change(side(label), { target: { value } });

  test('the newest stands beside the one before it; any two can be', async () => {
    await open();
    expect(compared()).toEqual(['2', '3']);
    choose('Earlier revision', '1');
    expect(compared()).toEqual(['1', '3']);
    choose('Later revision', '2');
    expect(compared()).toEqual(['1', '2']);
    expect(changes()).toContain('Second title');
    choose('Later revision', '1');
    expect(changes()).toContain('No difference.');
  });

  test('that cannot be read say why', async () => {
    await open({ error: { message: 'The database does not answer.' } }, 503);
    expect(screen.getByRole('alert').textContent).toBe('The database does not answer.');
    expect(screen.queryByRole('table')).toBeNull();
  });
});

describe('taking an earlier one up again', () => {
  const restore = (n: number): HTMLElement =>
    screen.getByRole('button', { name: `Restore revision ${n} as a new one` });

  test('is offered for all but the newest, and asks the server with the version seen', async () => {
    await open();
    expect(within(rows()[0] ?? document.body).queryByRole('button')).toBeNull();
    fireEvent.click(restore(1));
    await act(() => vi.advanceTimersByTimeAsync(10));
    expect(request('POST', '/revisions/1/restore')?.body).toMatchObject({ version: 1 });
    await act(async () =>
      request('POST', '/revisions/1/restore')?.answer(200, {
        ...{ id: 's', title: 'First title', school: 'published', rates: { id: 'shipped-1', version: 1 }, revision: 4 },
        ...{ version: 2, demo: false, createdAt: at(1), changedAt: at(9), archivedAt: null, brief: FIRST },
        ...{ refused: [], unread: [] },
      }),
    );
    expect(screen.queryByRole('alert')).toBeNull();
  });

  test('refused says why and changes nothing', async () => {
    await open();
    fireEvent.click(restore(2));
    await act(() => vi.advanceTimersByTimeAsync(10));
    await act(async () =>
      request('POST', '/revisions/2/restore')?.answer(409, { error: { message: 'Somebody saved meanwhile.' } }),
    );
    expect(screen.getByRole('alert').textContent).toBe('Somebody saved meanwhile.');
    expect((restore(2) as HTMLButtonElement).disabled).toBe(false);
  });
});
