// @vitest-environment jsdom
import { act, render, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { useFollowed } from './use-followed';
import { useGlide } from './use-glide';
import { useRested } from './use-rested';
import { useNextFrame } from '../rail/use-next-frame';
import { setUpPage } from '../testing/set-up';

setUpPage();
const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

describe('a value at rest', () => {
  test('is taken up only once it has stood still', async () => {
    const { result, rerender } = renderHook(({ q }) => useRested(q, 200), { initialProps: { q: 1 } });
    rerender({ q: 2 });
    await wait(150);
    rerender({ q: 3 });
    await wait(150);
    expect(result.current).toBe(1);
    await wait(60);
    expect(result.current).toBe(3);
  });
});

describe('what may lag behind the rail', () => {
  /** Says whether the element is on screen. */
  let seen: (yes: boolean) => void = () => undefined;
  beforeEach(() => {
    vi.stubGlobal(
      'IntersectionObserver',
      class {
        constructor(hear: (entries: { isIntersecting: boolean }[]) => void) {
          seen = (yes) => hear([{ isIntersecting: yes }]);
        }
        observe() {}
        disconnect() {}
      },
    );
  });

  test('follows at once on screen, and out of sight only when the hand rests', async () => {
    const element = { current: document.createElement('div') };
    const { result, rerender } = renderHook(({ q }) => useFollowed(q, element), { initialProps: { q: 1 } });
    rerender({ q: 2 });
    expect(result.current).toBe(2);
    act(() => seen(false));
    rerender({ q: 3 });
    expect(result.current).not.toBe(3);
    await wait(250);
    expect(result.current).toBe(3);
    act(() => seen(true));
    rerender({ q: 4 });
    expect(result.current).toBe(4);
  });
});

describe('rows of a new order', () => {
  function Rows({ order }: { readonly order: readonly string[] }) {
    return (
      <div ref={useGlide(order.join())}>
        {order.map((id) => (
          <p key={id} data-glide={id} />
        ))}
      </div>
    );
  }
  /** Each row stands 40 px below the one before. */
  function laidOut(): ReturnType<typeof vi.fn> {
    const animate = vi.fn();
    Element.prototype.getBoundingClientRect = function (this: Element): DOMRect {
      const index = this.hasAttribute('data-glide') ? [...(this.parentElement?.children ?? [])].indexOf(this) : 0;
      return { top: 40 * index } as DOMRect;
    };
    HTMLElement.prototype.animate = function (this: HTMLElement, frames: Keyframe[]) {
      animate(this.dataset['glide'], frames[0]?.['transform']);
      return {} as Animation;
    };
    return animate;
  }

  test('glide from where they stood', async () => {
    const animate = laidOut();
    vi.stubGlobal('matchMedia', () => ({ matches: false }));
    const { rerender } = render(<Rows order={['a', 'b', 'c']} />);
    await wait(700);
    rerender(<Rows order={['c', 'a', 'b']} />);
    expect(animate.mock.calls.sort()).toEqual([
      ['a', 'translateY(-40px)'],
      ['b', 'translateY(-40px)'],
      ['c', 'translateY(80px)'],
    ]);
  });

  test('stand at once where motion is not wanted, and where the order is the same', async () => {
    const animate = laidOut();
    vi.stubGlobal('matchMedia', () => ({ matches: true }));
    const { rerender } = render(<Rows order={['a', 'b']} />);
    await wait(700);
    rerender(<Rows order={['a', 'b']} />);
    rerender(<Rows order={['b', 'a']} />);
    expect(animate).not.toHaveBeenCalled();
  });
});

describe('one answer a frame', () => {
  let frame: (() => void) | null = null;
  beforeEach(() => {
    vi.stubGlobal('requestAnimationFrame', (run: () => void) => {
      frame = run;
      return 7;
    });
    vi.stubGlobal('cancelAnimationFrame', () => (frame = null));
  });

  test('however often it is asked, the last value counts', () => {
    const done: number[] = [];
    const answer = (q: number): number => done.push(q);
    const { result } = renderHook(() => useNextFrame(answer));
    for (const q of [1, 2, 3]) result.current(q);
    expect(done).toEqual([]);
    act(() => frame?.());
    expect(done).toEqual([3]);
    result.current(4);
    act(() => frame?.());
    expect(done).toEqual([3, 4]);
  });

  test('none comes after the screen is gone', () => {
    const answer = vi.fn();
    const { result, unmount } = renderHook(() => useNextFrame(answer));
    result.current(1);
    unmount();
    expect(frame).toBeNull();
  });
});
