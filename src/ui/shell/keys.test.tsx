// @vitest-environment jsdom
import { cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { useEscape } from './use-escape';
import { useHotkeys } from './hotkeys';
import { useReady } from './use-ready';

afterEach(() => {
  cleanup();
  document.body.innerHTML = '';
});

const press = (key: string, more: KeyboardEventInit = {}, target: EventTarget = window): KeyboardEvent => {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
  target.dispatchEvent(event);
  return event;
};

describe('shortcuts of one key', () => {
  test('run, and keep the key from the browser', () => {
    const act = vi.fn();
    renderHook(() => useHotkeys({ b: act }));
    expect(press('b').defaultPrevented).toBe(true);
    expect(press('c').defaultPrevented).toBe(false);
    expect(act).toHaveBeenCalledTimes(1);
  });

  test.each(['ctrlKey', 'metaKey', 'altKey'])('are not meant with %s held', (modifier) => {
    const act = vi.fn();
    renderHook(() => useHotkeys({ b: act }));
    press('b', { [modifier]: true });
    expect(act).not.toHaveBeenCalled();
  });

  test.each(['input', 'textarea', 'select'])('are not meant while something is typed into a %s', (tag) => {
    const act = vi.fn();
    renderHook(() => useHotkeys({ b: act }));
    const field = document.body.appendChild(document.createElement(tag));
    press('b', {}, field);
    expect(act).not.toHaveBeenCalled();
    press('b', {}, document.body);
    expect(act).toHaveBeenCalledTimes(1);
  });

  test('end with the screen', () => {
    const act = vi.fn();
    const { unmount } = renderHook(() => useHotkeys({ b: act }));
    unmount();
    press('b');
    expect(act).not.toHaveBeenCalled();
  });
});

describe('Escape', () => {
  test('closes the topmost of what is open, one at a time', () => {
    const closed: string[] = [];
    const below = renderHook(({ open }) => useEscape(open, () => closed.push('below')), {
      initialProps: { open: true },
    });
    const above = renderHook(({ open }) => useEscape(open, () => closed.push('above')), {
      initialProps: { open: true },
    });
    press('Escape');
    expect(closed).toEqual(['above']);
    above.rerender({ open: false });
    press('Escape');
    expect(closed).toEqual(['above', 'below']);
    below.rerender({ open: false });
    expect(press('Escape').defaultPrevented).toBe(false);
    expect(closed).toEqual(['above', 'below']);
  });

  test('of a word being composed closes nothing, nor does another key', () => {
    const close = vi.fn();
    renderHook(() => useEscape(true, close));
    press('Escape', { isComposing: true });
    press('Enter');
    expect(close).not.toHaveBeenCalled();
  });

  test('asks what is to be closed now, not what was when it opened', () => {
    const closed: number[] = [];
    const { rerender } = renderHook(({ n }) => useEscape(true, () => closed.push(n)), { initialProps: { n: 1 } });
    rerender({ n: 2 });
    press('Escape');
    expect(closed).toEqual([2]);
  });
});

test('a page that came to life answers to hands', () => {
  expect(renderHook(() => useReady()).result.current).toBe(true);
});
