// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import type { Brief } from '@/core/brief';
import { bracket } from '@/core/testing/demo-briefs';
import { useUnits } from '../preferences';
import { mountStudy, type Opened } from '../testing/mounted';
import { BriefView } from './brief-view';
import { fieldOf } from '../testing/field-of';
import { setUpPage } from '../testing/set-up';

let opened: Opened;
setUpPage();
/** The brief as it opens, before what checks it has come. */
const openAtOnce = (more: Partial<Brief> = {}): void => {
  opened = mountStudy(bracket(more), <BriefView />);
};
const open = async (more: Partial<Brief> = {}): Promise<void> => {
  openAtOnce(more);
  await act(async () => void (await import('./inspection')));
};
const box = (label: string): HTMLInputElement => fieldOf(label);
function type(label: string, text: string): void {
  const field = box(label);
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value: text } });
}
const settled = () => act(() => vi.advanceTimersByTimeAsync(50));
const last = async (): Promise<Brief | undefined> => {
  await opened.settle();
  return opened.saved().at(-1);
};

describe('figures', () => {
  test('are saved as they are typed, in stored units', async () => {
    await open();
    type('Volume', '77.5');
    expect((await last())?.geometry.volume_cm3).toBe(77.5);
  });

  test.each([
    ['1 250,5', 1250.5],
    ['1250.5', 1250.5],
    ['', null],
  ])('“%s” is read as %s', async (text, value) => {
    await open();
    type('Volume', text);
    expect((await last())?.geometry.volume_cm3).toBe(value);
  });

  test('that cannot be read are named with what was typed; the rest is saved, and the text stays', async () => {
    await open();
    type('Volume', 'twelve');
    type('Surface area', '300');
    const brief = await last();
    expect(brief?.geometry.area_cm2).toBe(300);
    expect(brief?.geometry.volume_cm3).toBe(bracket().geometry.volume_cm3);
    expect(screen.getByText(/“twelve”/)).toBeTruthy();
    fireEvent.blur(box('Volume'));
    expect(box('Volume').value).toBe('twelve');
    expect(box('Volume').getAttribute('aria-invalid')).toBe('true');
  });

  test('out of their range are refused beside the field', async () => {
    await open();
    type('Volume', '-4');
    expect(screen.getAllByRole('alert').some((a) => /Volume/.test(a.textContent ?? ''))).toBe(true);
    expect((await last())?.geometry.volume_cm3 ?? bracket().geometry.volume_cm3).toBe(bracket().geometry.volume_cm3);
  });

  test('follow the units of the screen and are stored the same', async () => {
    localStorage.setItem('nine-pours-units', 'inch');
    expect(useUnits.read()).toBe('inch');
    await open({ geometry: { ...bracket().geometry, volume_cm3: 16.387064 } });
    expect(Number(box('Volume').value)).toBeCloseTo(1, 5);
    type('Volume', '2');
    expect((await last())?.geometry.volume_cm3).toBeCloseTo(32.774128, 5);
  });

  test('typed and left come back when the page is opened again', async () => {
    await open();
    type('Volume', 'twelve');
    cleanup();
    openAtOnce();
    expect(box('Volume').value).toBe('twelve');
    type('Volume', 'thirteen');
    cleanup();
    await open();
    expect(box('Volume').value).toBe('thirteen');
  });
});

describe('choices', () => {
  test('an alloy is taken; none is “not chosen yet”', async () => {
    await open();
    const alloy = screen.getByRole('combobox', { name: 'Alloy' });
    await settled();
    fireEvent.focus(alloy);
    fireEvent.click(alloy);
    await settled();
    fireEvent.input(alloy, { target: { value: 'za-8' } });
    await settled();
    fireEvent.click(screen.getByRole('option', { name: /ZA-8/ }));
    expect((await last())?.alloy).toBe('zn-za8');
    fireEvent.click(screen.getByRole('button', { name: 'Clear' }));
    expect((await last())?.alloy).toBeNull();
  });

  test('yes, no and not said are three answers', async () => {
    await open();
    const group = screen.getAllByRole('radiogroup')[0];
    if (group === undefined) throw new Error('no question');
    for (const [name, checked] of [
      ['yes', 'yes'],
      ['no', 'no'],
      ['not said', 'not said'],
    ] as const) {
      fireEvent.click(within(group).getByRole('radio', { name }));
      expect(within(group).getByRole<HTMLInputElement>('radio', { name: checked }).checked).toBe(true);
    }
    await opened.settle();
    expect(opened.saved().length).toBeGreaterThan(0);
  });
});

describe('dates', () => {
  const date = (): HTMLInputElement => fieldOf('First delivery');
  test('typed digit by digit are taken when the field is left, and nothing before', async () => {
    await open();
    const field = date();
    for (const half of ['3', '31 M', '31 Mar 20', '31 Mar 2027']) {
      fireEvent.change(field, { target: { value: half } });
      await opened.settle();
    }
    expect(opened.saved()).toEqual([]);
    fireEvent.blur(field);
    expect(JSON.stringify(await last())).toContain('2027-03-31');
    expect(field.value).toBe('31 Mar 2027');
  });

  test('are read as people write them, and shown in one form', async () => {
    await open();
    for (const [text, iso, shown] of [
      ['2027-03-31', '2027-03-31', '31 Mar 2027'],
      ['30.3.2027', '2027-03-30', '30 Mar 2027'],
      ['March 29, 2027', '2027-03-29', '29 Mar 2027'],
      ['28-mar-2027', '2027-03-28', '28 Mar 2027'],
    ] as const) {
      fireEvent.change(date(), { target: { value: text } });
      fireEvent.blur(date());
      expect((await last())?.quantity.firstDelivery, text).toBe(iso);
      expect(date().value, text).toBe(shown);
    }
  });

  test('that could be read two ways are refused, and what was typed stays', async () => {
    await open();
    fireEvent.change(date(), { target: { value: '3/4/2027' } });
    fireEvent.blur(date());
    expect(screen.getAllByRole('alert').some((a) => /such as 4 Jan 2027/.test(a.textContent ?? ''))).toBe(true);
    expect(date().value).toBe('3/4/2027');
    await opened.settle();
    expect(opened.saved()).toEqual([]);
  });

  test('before 1990 are refused beside the field and never saved', async () => {
    await open();
    const field = date();
    fireEvent.change(field, { target: { value: '31 Mar 0002' } });
    fireEvent.blur(field);
    await opened.settle();
    expect(screen.getAllByRole('alert').length).toBeGreaterThan(0);
    expect(JSON.stringify(opened.saved())).not.toContain('0002-03-31');
  });
});

describe('tables', () => {
  const table = (name: RegExp): HTMLElement => screen.getByRole('table', { name });
  test('a hole is added, filled in, and taken away', async () => {
    await open({ holes: [] });
    fireEvent.click(screen.getByRole('button', { name: /add .*hole/i }));
    const row = within(table(/hole/i)).getAllByRole('row')[1];
    if (row === undefined) throw new Error('no row');
    const [first] = within(row).getAllByRole('textbox');
    if (first === undefined) throw new Error('no field');
    fireEvent.focus(first);
    fireEvent.change(first, { target: { value: '8' } });
    await opened.settle();
    fireEvent.click(within(row).getByRole('button'));
    expect((await last())?.holes ?? []).toEqual([]);
  });
});

test('what was refused as a whole is not lost: another field typed after it is saved', async () => {
  await open();
  type('Volume', 'x');
  await opened.settle();
  type('Title', 'Renamed');
  expect((await last())?.title).toBe('Renamed');
  await act(() => Promise.resolve());
  expect(box('Volume').value).toBe('x');
});
