// @vitest-environment jsdom
import { act, fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import { arrived } from '../testing/arrived';
import { mountStudy, type Opened } from '../testing/mounted';
import { setUpPage } from '../testing/set-up';
// What the view fetches late is at hand: its parts come within the tests’ own time.
import './drawings/method-drawings';
import './method-groups';
import './flow-back';
import { MethodView } from './method-view';

setUpPage();
let opened: Opened;
async function open(asked: string | null, brief = bracket()): Promise<void> {
  opened = mountStudy(brief, <MethodView asked={asked} />);
  await arrived();
}
const group = (name: string): HTMLElement => {
  const found = document.querySelector<HTMLElement>(`[data-group="${name}"]`);
  if (found === null) throw new Error(`no group ${name}`);
  return found;
};
const figure = (id: string): string => document.querySelector(`[data-figure="${id}"] button`)?.textContent ?? 'none';
const input = (id: string): HTMLInputElement => {
  const found = document.querySelector<HTMLInputElement>(`[data-given="${id}"] input`);
  if (found === null) throw new Error(`no value ${id}`);
  return found;
};
/** Lets what is fetched when asked for arrive. */
const until = async (there: () => boolean): Promise<void> => {
  for (let i = 0; i < 100 && !there(); i++) await act(() => vi.advanceTimersByTimeAsync(20));
};
/** Opens the values that go in, of every group. */
const unfold = async (): Promise<void> => {
  for (const fold of screen.getAllByText(/values? that goe?s? in$/)) await act(() => fireEvent.click(fold));
  await until(() => document.querySelector('[data-given=pour]') !== null);
};
const kept = async () => {
  await opened.settle();
  return opened.saved().at(-1)?.overrides.method;
};
const type = (id: string, text: string): void => {
  fireEvent.change(input(id), { target: { value: text } });
  fireEvent.blur(input(id));
};

describe('the method of a study', () => {
  test('shows every group of its route with figures that open down to what goes in', async () => {
    await open('gravity-die/hand');
    for (const name of ['metal', 'feeding', 'gating', 'freezing', 'safety']) expect(group(name)).toBeTruthy();
    fireEvent.click(within(group('gating')).getByTitle('Choke: open the working'));
    await until(() => screen.queryByText(/gate\.choke/) !== null);
    const sheet = screen.getByTestId('method-working');
    expect(sheet.textContent).toContain('gate.choke');
    fireEvent.click(within(within(sheet).getByRole('row', { name: /^H / })).getByRole('button'));
    expect(sheet.textContent).toContain('Mean driving height');
    fireEvent.click(within(sheet).getByText('← back'));
    expect(sheet.textContent).toContain('gate.choke');
  });

  test('takes a typed value at once, says whose it is, and lets the usual one stand again', async () => {
    await open('gravity-die/hand');
    await unfold();
    const before = figure('choke');
    type('fillTime', '2');
    expect(figure('choke')).not.toBe(before);
    expect(await kept()).toEqual({ 'gravity-die/hand': { fillTime: 2 } });
    expect(document.body.textContent).toContain('1 value is typed here');
    fireEvent.click(within(document.querySelector<HTMLElement>('[data-given="fillTime"]')!).getByText('use the usual'));
    expect(figure('choke')).toBe(before);
    expect(await kept()).toBeUndefined();
  });

  test('keeps what is no number where it was typed, and says what would be taken', async () => {
    await open('gravity-die/hand');
    await unfold();
    type('fillTime', 'soon');
    expect(input('fillTime').value).toBe('soon');
    expect(
      within(document.querySelector<HTMLElement>('[data-given="fillTime"]')!).getByRole('alert').textContent,
    ).toContain('“soon”: a number (s) is wanted');
    await opened.settle();
    expect(opened.saved()).toEqual([]);
  });

  test('refuses in so many words what does not hold, and what is too cold to pour', async () => {
    await open('green-sand/bench');
    await unfold();
    type('copeMass', '1');
    type('clamps', '1');
    const clamps = document.querySelector('[data-finding="clamps"][data-level="refused"]');
    expect(clamps?.textContent).toContain('1 clamp does not hold the cope');
    type('pour', '500');
    expect(document.querySelector('[data-finding="pour-cold"]')?.textContent).toContain('below the liquidus');
    expect(screen.getByText('Not to be poured so')).toBeTruthy();
  });

  const piece = (id: string): Element | null => document.querySelector(`[data-piece="${id}"]`);

  test('changes with the route, and draws the places of a tree', async () => {
    await open('shell-investment/wax-die');
    await until(() => piece('casting') !== null);
    fireEvent.click(screen.getByRole('radio', { name: 'Plan' }));
    await until(() => piece('place.1') !== null);
    expect(document.querySelectorAll('[data-mark]').length).toBeGreaterThan(1);
    await act(() => fireEvent.change(screen.getByLabelText('Route'), { target: { value: 'gravity-die/hand' } }));
    await until(() => piece('half.a') !== null);
    expect(figure('dwell')).not.toBe('none');
    expect(document.body.textContent).toContain('it is drawn as the block of its box');
  });

  test('a piece of the drawing opens its working, a layer is put away, a handle moves the value that it hangs on', async () => {
    await open('green-sand/bench');
    await until(() => piece('gates') !== null);
    fireEvent.click(piece('sprue')!);
    await until(() => screen.queryByTestId('method-working') !== null);
    expect(screen.getByTestId('method-working').textContent).toContain('Foot of the sprue');
    const layer = (): HTMLElement => screen.getByRole('checkbox', { name: 'gating', hidden: true });
    fireEvent.click(layer());
    await until(() => piece('gates') === null);
    expect(piece('gates')).toBeNull();
    fireEvent.click(layer());
    await until(() => piece('gates') !== null);
    const before = Number(document.querySelector('[data-drag=above]')!.getAttribute('aria-valuenow'));
    const choke = figure('choke');
    fireEvent.keyDown(document.querySelector('[data-drag=above]')!, { key: 'ArrowDown', shiftKey: true });
    expect(Number(document.querySelector('[data-drag=above]')!.getAttribute('aria-valuenow'))).toBe(before + 10);
    expect(figure('choke')).not.toBe(choke);
    expect(await kept()).toEqual({ 'green-sand/bench': { above: before + 10 } });
  });

  test('gives its figures to cost and dates where they are used, and takes them back', async () => {
    await open('gravity-die/hand');
    await until(() => screen.queryByTestId('flow-back') !== null);
    const rows = within(screen.getByTestId('flow-back'));
    const cells = (id: string) => [...document.querySelectorAll(`[data-offer="${id}"] td`)].map((td) => td.textContent);
    expect(cells('dwell_s_mm')[1]).not.toBe(cells('dwell_s_mm')[2]);
    const [, was, now] = cells('Cost per part');
    fireEvent.click(rows.getByText('Use the method’s figures'));
    await opened.settle();
    const adopted = opened.saved().at(-1)?.overrides.adopted?.['gravity-die/hand'];
    expect(Object.keys(adopted ?? {}).toSorted()).toEqual(['date', 'dwell_s_mm', 'yield']);
    expect(rows.getByText('Use the method’s figures')).toHaveProperty('disabled', true);
    expect(document.body.textContent).toContain('this lane stands on the method’s figures');
    expect(cells('Cost per part').slice(1, 3)).toEqual([was, now]);
    fireEvent.click(rows.getByText('Use the figures without the method'));
    await opened.settle();
    expect(opened.saved().at(-1)?.overrides.adopted).toBeUndefined();
  });

  test('proves a plaster mould dry by its weighings, and says what it cannot read', async () => {
    await open('plaster/resin');
    await until(() => screen.queryByTestId('dry-proof') !== null);
    const box = screen.getByLabelText(/Weighings of the mould/);
    const said = (): string => within(screen.getByTestId('dry-proof')).getByRole('status').textContent ?? '';
    // A mould of 10 kg that loses 2 kg of water with a time of 3 h.
    const at = (t: number): string => `${t} ${(10 + 2 * Math.exp(-t / 3)).toFixed(5)}`;
    fireEvent.change(box, { target: { value: [0, 2, 4, 6].map(at).join('\n') } });
    expect(said()).toContain('Not dry: 2.71 % of moisture is left, some 5.1 h to go');
    fireEvent.change(box, { target: { value: [6, 9, 12, 15].map(at).join('\n') } });
    expect(said()).toContain('Dry by weighing: 0.13');
    fireEvent.change(box, { target: { value: '0 12\nlater 11' } });
    expect(said()).toContain('Line 2, “later 11”');
  });

  test('of a part that no route prices says what is wanted', async () => {
    await open(null, bracket({ alloy: null, geometry: {} }));
    expect(document.body.textContent).toContain('volume, box, alloy and quantity are enough');
  });
});
