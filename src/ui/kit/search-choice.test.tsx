// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { system } from '../theme/system';
import { setUpPage } from '../testing/set-up';
import { SearchChoice } from './search-choice';
import type { SearchOption } from './search-options';

setUpPage();
const OPTIONS: readonly SearchOption[] = [
  { value: 'a', label: 'Alpha', group: 'Greek' },
  { value: 'b', label: 'Beta', group: 'Greek' },
  { value: 'c', label: 'Ceta', group: 'Greek' },
];
class StillObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
function shown(load: () => Promise<readonly SearchOption[]>): ReturnType<typeof vi.fn> {
  vi.stubGlobal('ResizeObserver', StillObserver);
  vi.stubGlobal('CSS', { escape: (text: string) => text });
  const onChange = vi.fn();
  render(
    <ChakraProvider value={system}>
      <SearchChoice label="Letter" load={load} name={null} value={null} onChange={onChange} />
    </ChakraProvider>,
  );
  return onChange;
}
const field = () => screen.getByRole<HTMLInputElement>('combobox', { name: 'Letter' });
const settled = () => act(() => vi.advanceTimersByTimeAsync(50));

test('what is typed before the list has come is kept, and Enter takes the first that is found', async () => {
  let come: (options: readonly SearchOption[]) => void = () => undefined;
  const onChange = shown(() => new Promise((done) => (come = done)));
  fireEvent.focus(field());
  fireEvent.change(field(), { target: { value: 'bet' } });
  await act(async () => {
    await import('./search-combobox');
    come(OPTIONS);
  });
  await settled();
  expect(field().value).toBe('bet');
  expect(screen.getAllByRole('option').map((o) => o.textContent)).toEqual(['Beta']);
  fireEvent.keyDown(field(), { key: 'Enter' });
  await settled();
  expect(onChange).toHaveBeenLastCalledWith('b');
});

test('a list that came once stands at once when it is shown again', async () => {
  const load = vi.fn(() => Promise.resolve(OPTIONS));
  shown(load);
  await act(() => import('./search-combobox'));
  await settled();
  const once = load.mock.calls.length;
  document.body.innerHTML = '';
  shown(load);
  fireEvent.click(field());
  fireEvent.input(field(), { target: { value: 'cet' } });
  await settled();
  expect(screen.getByRole('option', { name: 'Ceta' })).toBeTruthy();
  expect(load.mock.calls.length).toBeLessThanOrEqual(once + 1);
});
