// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { farOff, rateEntries, SHIPPED_RATES } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { arrived } from '../testing/arrived';
import { mountStudy, type Opened } from '../testing/mounted';
import { CsvIn } from './csv-in';
import { SaveBar } from './save-bar';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('saving a set', () => {
  function open(more: Partial<Parameters<typeof SaveBar>[0]> = {}) {
    const acts = { onWho: vi.fn(), onWhy: vi.fn(), onSave: vi.fn(), onDrop: vi.fn() };
    const plain = {
      count: 2,
      moves: '',
      problems: [],
      refusal: null,
      who: 'Ilse Varga',
      why: '',
      busy: false,
      asking: null,
    };
    mountStudy(bracket(), <SaveBar {...plain} {...acts} {...more} />);
    return acts;
  }
  const save = (): HTMLButtonElement => screen.getByRole('button', { name: /^save/i });

  test('wants a name, a change, and nothing wrong', () => {
    const { onSave } = open();
    fireEvent.click(save());
    expect(onSave).toHaveBeenCalledTimes(1);
    for (const more of [{ who: '  ' }, { count: 0 }, { problems: ['Labour “dear”: a number is wanted.'] }]) {
      cleanup();
      open(more);
      expect(save().disabled, JSON.stringify(more)).toBe(true);
    }
  });

  test('names the first thing wrong and how many more are', () => {
    open({ problems: ['Labour “dear”: a number is wanted.', 'b', 'c'] });
    expect(screen.getByRole('alert').textContent).toBe('Labour “dear”: a number is wanted. And 2 more.');
    cleanup();
    open({ refusal: 'The set was changed meanwhile.' });
    expect(screen.getByRole('alert').textContent).toBe('The set was changed meanwhile.');
  });

  test('asks about a figure a thousand times its usual one before it is saved', () => {
    const shipped = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
    const asking = farOff({ 'global.Rmc': [60_000, 75_000, 90_000] }, shipped);
    expect(asking).toHaveLength(1);
    open({ asking });
    const said = screen.getByTestId('far-off').textContent ?? '';
    expect(said).toMatch(/1.?000 times the shipped/);
    expect(said).toContain('Press again');
    expect(save().textContent).toBe('Save anyway');
  });

  test('takes who and why as they are typed, and drops all', () => {
    const acts = open();
    fireEvent.change(screen.getByLabelText('Changed by'), { target: { value: 'Marek' } });
    fireEvent.change(screen.getByLabelText('Why'), { target: { value: 'the new contract' } });
    fireEvent.click(screen.getByRole('button', { name: 'Discard changes' }));
    expect(acts.onWho).toHaveBeenCalledWith('Marek');
    expect(acts.onWhy).toHaveBeenCalledWith('the new contract');
    expect(acts.onDrop).toHaveBeenCalledTimes(1);
  });
});

describe('figures from a CSV', () => {
  async function chosen(status: number, body: unknown) {
    const onTake = vi.fn(() => 1);
    const opened: Opened = mountStudy(
      bracket(),
      <CsvIn address="/api/rates/own/csv" label="CSV of rates" onTake={onTake} />,
    );
    await arrived(import('../kit/file-upload'));
    const field = document.querySelector<HTMLInputElement>('input[type="file"]');
    if (field === null) throw new Error('no field');
    const text = 'path,low\nglobal.Rlab,1\n';
    const file = Object.assign(new File([text], 'ours.csv'), { text: () => Promise.resolve(text) });
    await act(async () => {
      fireEvent.input(field, { target: { files: [file] } });
      await vi.waitFor(() => expect(opened.asked.some((a) => a.path === '/api/rates/own/csv')).toBe(true));
    });
    const asked = opened.asked.find((a) => a.path === '/api/rates/own/csv');
    expect(asked?.body).toEqual({ csv: text });
    await act(async () => asked?.answer(status, body));
    return onTake;
  }
  const said = (): string => screen.getByRole('status').textContent ?? '';

  test('are taken in unsaved, and each line refused is named with its value', async () => {
    const issues = Array.from({ length: 14 }, (_, i) => ({
      path: `row ${i}`,
      value: 'x',
      message: 'a number is wanted',
    }));
    const onTake = await chosen(200, { figures: { 'global.Rlab': [1, 2, 3] }, unchanged: 4, issues });
    expect(onTake).toHaveBeenCalledWith(
      { figures: { 'global.Rlab': [1, 2, 3] }, unchanged: 4, issues },
      'imported from ours.csv',
    );
    expect(said()).toContain('1 figures imported, not saved yet; 4 unchanged; 14 refused');
    expect(said()).toContain('row 0: “x” – a number is wanted');
    expect(said()).toContain('and 2 more');
  });

  test('refused as a whole take nothing in and say why', async () => {
    const onTake = await chosen(413, { error: { message: 'The sheet is longer than 20 000 lines.' } });
    expect(onTake).not.toHaveBeenCalled();
    expect(said()).toBe('ours.csv: The sheet is longer than 20 000 lines. Nothing was imported.');
  });
});
