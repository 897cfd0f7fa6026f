// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { laneRates } from '@/core/comparison/calculator';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { fieldOf } from '../testing/field-of';
import { setUpPage } from '../testing/set-up';
import { system } from '../theme/system';
import { CalculatorView, type CalculatorFill } from './calculator-view';

setUpPage();
const study = prepareStudy(bracket());
const board = boardAt(study, 500, '2027-01-04');
const FILL: CalculatorFill = {
  title: 'Bracket',
  lanes: ['green-sand/bench', 'gravity-die/hand'].flatMap((id) => laneRates(study, board, id) ?? []),
  lot: 100,
  pieces: 500,
};
const open = async (fill: CalculatorFill | null = null): Promise<void> => {
  render(
    <ChakraProvider value={system}>
      <CalculatorView fill={fill} />
    </ChakraProvider>,
  );
  await act(() => Promise.resolve());
};
const type = (label: string, text: string): void => void fireEvent.change(fieldOf(label), { target: { value: text } });
const result = (title: string): string =>
  document.querySelector(`[aria-label="${title}, result"]`)?.textContent?.replaceAll('\u202f', ' ') ?? 'none';
const press = (name: string | RegExp): void => void fireEvent.click(screen.getByRole('button', { name }));
const SHIFT = 'Parts per shift';

describe('a chain of rates', () => {
  test('carries its units to the result, and says so far after each rate', async () => {
    await open();
    expect(result(SHIFT)).toBe('2 340 piece/shift');
    const rows = within(screen.getByRole('table', { name: SHIFT })).getAllByRole('row');
    expect(rows[2]?.textContent).toContain('90 piece');
  });

  test('follows what is typed, with a comma or a point', async () => {
    await open();
    type(`${SHIFT}, row 4, value`, '13,0');
    expect(result(SHIFT)).toBe('4 680 piece/shift');
    type(`${SHIFT}, row 4, value`, '3.25');
    expect(result(SHIFT)).toBe('1 170 piece/shift');
  });

  test('an inverted rate leaves a unit that does not cancel, and no figure', async () => {
    await open();
    press(`${SHIFT}, row 2: multiplied; divide instead`);
    expect(result(SHIFT)).toContain('not piece/shift');
    expect(result(SHIFT)).toContain('does not cancel');
    press(`${SHIFT}, row 2: divided; multiply instead`);
    expect(result(SHIFT)).toBe('2 340 piece/shift');
  });

  test.each([
    ['value', 'many', 'Row 3, value “many”'],
    ['unit', 'kg//h', 'Row 3, unit “kg//h”'],
  ])('a %s that cannot be read is named with its row, and stays', async (what, text, words) => {
    await open();
    type(`${SHIFT}, row 3, ${what}`, text);
    expect(result(SHIFT)).toContain(words);
    expect(fieldOf(`${SHIFT}, row 3, ${what}`).value).toBe(text);
    expect(fieldOf(`${SHIFT}, row 3, ${what}`).getAttribute('aria-invalid')).toBe('true');
  });

  test('a rate is added and taken away; the last one stays', async () => {
    await open();
    const rows = (): number => within(screen.getByRole('table', { name: SHIFT })).getAllByRole('row').length - 1;
    fireEvent.click(screen.getAllByRole('button', { name: 'Add a rate' })[0] as HTMLElement);
    expect(rows()).toBe(5);
    // A new one is 1, and changes nothing.
    expect(result(SHIFT)).toBe('2 340 piece/shift');
    for (let row = 5; row > 1; row--) press(`${SHIFT}, remove row ${row}`);
    expect(rows()).toBe(1);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: `${SHIFT}, remove row 1` }).disabled).toBe(true);
  });

  test('what was typed is there when the page is opened again', async () => {
    await open();
    type(`${SHIFT}, row 3, value`, '7');
    cleanup();
    await open();
    expect(fieldOf(`${SHIFT}, row 3, value`).value).toBe('7');
  });
});

describe('with a study open', () => {
  const fill = (title: string, at: number): void =>
    void fireEvent.change(screen.getByRole('combobox', { name: `${title}: fill from a route of this study` }), {
      target: { value: String(at) },
    });

  test('a sheet is filled from a route, and comes to the figures of the board', async () => {
    await open(FILL);
    fill('Metal to melt for a lot', 0);
    expect(result('Metal to melt for a lot')).toMatch(/^[\d. ]+ kg\/lot$/);
    expect(fieldOf('Metal to melt for a lot, row 1, value').value).toBe('100');
    fill('Days for an order, method A', 1);
    fill('Days for an order, method B', 0);
    expect(fieldOf('Days for an order, method A, row 1, value').value).toBe('500');
    expect(screen.getByTestId('two-ways').textContent).toMatch(/Method B takes (?!0 )[\d.]+ days (less|more)/);
  });

  test('without one there is nothing to fill from', async () => {
    await open();
    expect(screen.queryByRole('combobox', { name: /fill from/ })).toBeNull();
  });
});

describe('castings to start for a promise', () => {
  const TITLE = 'Castings to start for a promise';

  test('are more than the average says, and rise with the confidence', async () => {
    await open();
    const starts = (): number => Number(/^([\d ]+) castings/.exec(result(TITLE))?.[1]?.replaceAll(' ', ''));
    const first = starts();
    expect(first).toBeGreaterThan(109);
    type('Confidence, %', '99');
    expect(starts()).toBeGreaterThan(first);
    type('Yield, %', '100');
    expect(starts()).toBe(100);
  });

  test.each([
    ['Yield, %', '0', 'above 0 up to 100 is wanted'],
    ['Yield, %', '120', 'above 0 up to 100 is wanted'],
    ['Confidence, %', '100', 'between 0 and 100 is wanted'],
    ['Good parts promised', '1.5', 'Good parts promised “1.5”'],
  ])('%s “%s” is refused with what is wanted', async (field, text, words) => {
    await open();
    type(field, text);
    expect(result(TITLE)).toContain(words);
    expect(fieldOf(field).value).toBe(text);
  });
});
