// @vitest-environment jsdom
import { afterEach, describe, expect, test } from 'vitest';
import { useUnits } from '../preferences';
import { axis, tickFigure } from './axes';

afterEach(() => localStorage.clear());

describe('figures at an axis', () => {
  test.each([
    [0, '0', '0'],
    [0.25, '0.25', '0.25'],
    [1500, '1\u202f500', '1,500'],
    [2_000_000, '2\u202f000\u202f000', '2,000,000'],
    ['1200', '1\u202f200', '1,200'],
    [1e6 / 3, '333\u202f333', '333,333'],
  ])('%s', (v, si, inch) => {
    localStorage.setItem('nine-pours-units', 'si');
    expect(tickFigure(v)).toBe(si);
    localStorage.setItem('nine-pours-units', 'inch');
    expect(tickFigure(v)).toBe(inch);
  });

  test('follow the units when they change, and whoever listens is told', () => {
    const heard: string[] = [];
    const stop = useUnits.subscribe(() => heard.push(tickFigure(1500)));
    localStorage.setItem('nine-pours-units', 'inch');
    window.dispatchEvent(new StorageEvent('storage'));
    localStorage.setItem('nine-pours-units', 'si');
    window.dispatchEvent(new StorageEvent('storage'));
    stop();
    window.dispatchEvent(new StorageEvent('storage'));
    expect(heard).toEqual(['1,500', '1\u202f500']);
  });
});

test('an axis takes its ink and its title, and what more is said of its ticks', () => {
  const { ticks, title, border } = axis('#123456', 'pieces', { maxTicksLimit: 4 });
  expect(border.color).toBe('#123456');
  expect(title).toMatchObject({ display: true, text: 'pieces', color: '#123456' });
  expect(ticks).toMatchObject({ color: '#123456', maxTicksLimit: 4, maxRotation: 0 });
});
