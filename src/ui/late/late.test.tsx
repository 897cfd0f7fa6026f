// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { act, cleanup, render, screen } from '@testing-library/react';
import type { ComponentType } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { system } from '../theme/system';
import { late } from '.';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});
const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const Words = ({ words }: { readonly words: string }) => <p>{words}</p>;
const shown = (Part: ComponentType<{ readonly words: string }>) =>
  render(
    <ChakraProvider value={system}>
      <p>the rest</p>
      <Part words="here" />
    </ChakraProvider>,
  );

test('a part is fetched once, however often it is shown, and the rest of the screen stands meanwhile', async () => {
  let come: (part: typeof Words) => void = () => undefined;
  const load = vi.fn(() => new Promise<typeof Words>((done) => (come = done)));
  const Part = late(load);
  shown(Part);
  expect(screen.getByText('the rest')).toBeTruthy();
  expect(screen.queryByRole('status')).toBeNull();
  await wait(400);
  expect(screen.getByRole('status').textContent).toBe('Loading …');
  await act(() => Promise.resolve(come(Words)));
  expect(screen.getByText('here')).toBeTruthy();
  expect(screen.queryByRole('status')).toBeNull();
  shown(Part);
  await wait(0);
  expect(screen.getAllByText('here')).toHaveLength(2);
  expect(load).toHaveBeenCalledTimes(1);
});

test('a part that does not come is asked for until it does; nothing else on the screen falls', async () => {
  let tries = 0;
  const Part = late(() => (tries++ < 3 ? Promise.reject(new Error('off')) : Promise.resolve(Words)));
  shown(Part);
  await wait(1000);
  expect(screen.getByText('the rest')).toBeTruthy();
  expect(screen.queryByText('here')).toBeNull();
  await wait(10_000);
  expect(screen.getByText('here')).toBeTruthy();
  expect(tries).toBe(4);
});
