// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { JOB_HEADER } from '@/core/base/job-progress';
import { Refused } from '../api';
import { standInServer, type Asked } from '../testing/server';
import { download } from './download';
import { useJob, type JobInit } from './use-job';
import { setUpPage } from '../testing/set-up';

let asked: Asked[];
setUpPage();
beforeEach(() => (asked = standInServer()));

describe('work of the server', () => {
  test('is asked how far it is under its own name, and shows that until it ends', async () => {
    const { result } = renderHook(() => useJob());
    let end: (x: string) => void = () => undefined;
    let init: JobInit | null = null;
    let answer: Promise<string | null> = Promise.resolve(null);
    act(() => {
      answer = result.current.run((given) => {
        init = given;
        return new Promise((done) => (end = done));
      });
    });
    const name = (init as JobInit | null)?.headers[JOB_HEADER];
    expect(name).toMatch(/^[0-9a-f-]{36}$/);
    await act(() => vi.advanceTimersByTimeAsync(320));
    expect(asked[0]?.path).toBe(`/api/jobs/${name}`);
    await act(() => asked[0]?.answer(200, { what: 'draws', share: 0.4 }) ?? Promise.resolve());
    expect(result.current.state).toMatchObject({ what: 'draws', share: 0.4, seconds: 0 });
    await act(() => vi.advanceTimersByTimeAsync(2000));
    await act(() => asked.at(-1)?.answer(404, {}) ?? Promise.resolve());
    expect(result.current.state).toMatchObject({ what: 'draws', seconds: 2 });
    await act(() => Promise.resolve(end('signed')));
    expect(await answer).toBe('signed');
    expect(result.current.state).toBeNull();
  });

  test('stopped by hand it gives null and ends there too', async () => {
    const { result } = renderHook(() => useJob());
    let signal: AbortSignal | null = null;
    let answer: Promise<unknown> = Promise.resolve('');
    act(() => {
      answer = result.current.run((init) => {
        signal = init.signal;
        return new Promise((_, refuse) => init.signal.addEventListener('abort', () => refuse(new Error('stopped'))));
      });
    });
    await act(() => Promise.resolve(result.current.stop()));
    expect(await answer).toBeNull();
    expect((signal as AbortSignal | null)?.aborted).toBe(true);
    expect(result.current.state).toBeNull();
  });

  test('a fault of its own is thrown', async () => {
    const { result } = renderHook(() => useJob());
    await act(async () => {
      await expect(result.current.run(() => Promise.reject(new Error('disk is full')))).rejects.toThrow('disk is full');
    });
  });

  test('begun anew it ends the one before', () => {
    const { result } = renderHook(() => useJob());
    const signals: AbortSignal[] = [];
    act(() => {
      for (let k = 0; k < 2; k++)
        void result.current.run((init) => {
          signals.push(init.signal);
          return new Promise<never>((_, refuse) => init.signal.addEventListener('abort', () => refuse(new Error())));
        });
    });
    expect(signals.map((s) => s.aborted)).toEqual([true, false]);
  });
});

describe('a file that the server makes', () => {
  const init: JobInit = { headers: {}, signal: new AbortController().signal };
  test('goes to the browser under the name it was given', async () => {
    const clicked: string[] = [];
    URL.createObjectURL = () => 'blob:x';
    const revoked = vi.fn();
    URL.revokeObjectURL = revoked;
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      clicked.push(`${this.download} ${this.href}`);
    });
    const done = download('/api/record/pdf', init);
    await asked[0]?.answer(200, 'bytes', { 'content-disposition': 'attachment; filename="Tripod hub.pdf"' });
    await done;
    expect(clicked).toEqual(['Tripod hub.pdf blob:x']);
    await vi.advanceTimersByTimeAsync(61_000);
    expect(revoked).toHaveBeenCalledWith('blob:x');
  });

  test('refused, it says what the server said, or the status where it said nothing', async () => {
    const said = download('/a', init);
    await asked[0]?.answer(409, { error: { message: 'The study was changed.' } });
    await expect(said).rejects.toThrow('The study was changed.');
    const mute = download('/b', init);
    await asked[1]?.answer(502, 'gateway');
    await expect(mute).rejects.toThrow('The server answered 502.');
    await expect(mute).rejects.toBeInstanceOf(Refused);
  });
});
