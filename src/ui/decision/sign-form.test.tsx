// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import type { Action, DrawnBy } from '@/core/decision';
import { mountStudy, type Opened } from '../testing/mounted';
import { SignForm } from './sign-form';
import { setUpPage } from '../testing/set-up';

const DRAWN = { seed: 1, spread: 'pert', demand: false } as unknown as DrawnBy;
const SUGGESTED: Action[] = [{ what: 'Order the die', owner: 'Vesna', by: '2027-02-01' }];
let opened: Opened;
setUpPage('2026-11-29T08:00:00Z');
function open(hold: string | null = null): void {
  opened = mountStudy(
    bracket(),
    <SignForm
      laneId="gravity-die/hand"
      plan={false}
      drawn={DRAWN}
      suggested={SUGGESTED}
      before={undefined}
      hold={hold}
    />,
  );
}
const fill = (label: string, text: string): void =>
  void fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
async function press(): Promise<void> {
  fireEvent.click(screen.getByRole('button', { name: /^sign/i }));
  await act(() => vi.advanceTimersByTimeAsync(50));
}
async function disagree(): Promise<void> {
  fireEvent.click(screen.getByRole('button', { name: 'Somebody disagrees' }));
  await act(() => vi.advanceTimersByTimeAsync(50));
}
const posted = () => opened.asked.filter((a) => a.method === 'POST' && a.path.endsWith('/decisions'));
const alerts = (): string =>
  screen
    .queryAllByRole('alert')
    .map((a) => a.textContent)
    .join(' | ');

describe('what is wrong is named, and nothing is sent', () => {
  test('an empty form', async () => {
    open();
    fill('Signed by', '');
    await press();
    expect(alerts()).toContain('Why this route is empty');
    expect(alerts()).toContain('Signed by is empty');
    expect(posted()).toEqual([]);
  });

  test('a reason that is none', async () => {
    open();
    fill('Why this route', '...');
    fill('Signed by', 'Ilse Varga');
    await press();
    expect(alerts()).toContain('“...”');
    expect(posted()).toEqual([]);
  });

  test('a dissent without a name', async () => {
    open();
    fill('Why this route', 'Least cost, and the shop knows the alloy.');
    fill('Signed by', 'Ilse Varga');
    await disagree();
    fill('Why not', 'The die will crack.');
    await press();
    expect(alerts()).toContain('Who disagrees is empty');
    expect(posted()).toEqual([]);
  });
});

describe('signing', () => {
  function written(): void {
    fill('Why this route', 'Least cost, and the shop knows the alloy.');
    fill('Signed by', 'Ilse Varga');
  }

  test('sends what was written with the choice, its actions and the version seen', async () => {
    open();
    written();
    fill('Action 1, who', 'Marek');
    await press();
    expect(posted()[0]?.body).toMatchObject({
      why: 'Least cost, and the shop knows the alloy.',
      signedBy: 'Ilse Varga',
      signedOn: '2026-11-29',
      laneId: 'gravity-die/hand',
      plan: false,
      actions: [{ what: 'Order the die', owner: 'Marek', by: '2027-02-01' }],
    });
    expect(posted()[0]?.body).not.toHaveProperty('dissent');
    await act(async () => posted()[0]?.answer(201, { id: 'd1' }));
    expect(localStorage.getItem('nine-pours-name')).toBe('Ilse Varga');
  });

  test('keeps a dissent beside it', async () => {
    open();
    written();
    await disagree();
    fill('Why not', 'The die will crack.');
    fill('Who disagrees', 'Marek');
    await press();
    expect(posted()[0]?.body).toMatchObject({ dissent: { who: 'Marek', words: 'The die will crack.' } });
  });

  test('refused by the server it says why, and what was written stands', async () => {
    open();
    written();
    await press();
    await act(async () => posted()[0]?.answer(409, { error: { message: 'The study was changed meanwhile.' } }));
    expect(alerts()).toContain('The study was changed meanwhile.');
    expect(screen.getByLabelText<HTMLTextAreaElement>('Why this route').value).toContain('Least cost');
  });

  test('without a server it says that nothing was signed', async () => {
    open();
    written();
    await press();
    await act(async () => posted()[0]?.die('no line'));
    expect(alerts()).toContain('Nothing was signed');
  });

  test('stopped on the way it says so, once the server has been asked', async () => {
    open();
    written();
    await press();
    await act(() => vi.advanceTimersByTimeAsync(400));
    const job = opened.asked.find((a) => a.path.startsWith('/api/jobs/'));
    await act(async () => job?.answer(200, { what: 'draws', share: 0.3 }));
    expect(screen.getByTestId('job').textContent).toContain('draws');
    fireEvent.click(screen.getByRole('button', { name: /stop/i }));
    await act(() => vi.advanceTimersByTimeAsync(50));
    const asked = opened.asked.find((a) => a.method === 'GET' && a.path.endsWith('/decisions'));
    await act(async () => asked?.answer(200, []));
    expect(alerts()).toContain('Stopped. Nothing was signed');
  });

  test('is held back with its reason', () => {
    open('The draws are still under way.');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^sign/i }).disabled).toBe(true);
    expect(screen.getByText('The draws are still under way.')).toBeTruthy();
  });
});

describe('actions', () => {
  test('are added and removed; one without words is not sent', async () => {
    open();
    fill('Why this route', 'Least cost, and the shop knows the alloy.');
    fill('Signed by', 'Ilse Varga');
    fireEvent.click(screen.getByRole('button', { name: 'Add an action' }));
    expect(screen.getByLabelText('Action 2, what')).toBeTruthy();
    await press();
    expect(posted()[0]?.body).toMatchObject({ actions: [{ what: 'Order the die' }] });
    cleanup();
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Remove action 1' }));
    expect(screen.queryByLabelText('Action 1, what')).toBeNull();
  });
});
