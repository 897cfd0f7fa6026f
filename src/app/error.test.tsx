// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { system } from '@/ui/theme/system';
import ErrorPage from './error';

afterEach(cleanup);
function shown(error: Error & { digest?: string }) {
  const reset = vi.fn();
  render(
    <ChakraProvider value={system}>
      <ErrorPage error={error} reset={reset} />
    </ChakraProvider>,
  );
  return reset;
}

test('what failed in the page is named, and can be tried again', () => {
  const reset = shown(new TypeError('a figure was missing'));
  const words = screen.getByRole('alert').textContent;
  expect(words).toContain('Something in this page failed. What you typed is kept in this browser.');
  expect(words).toContain('TypeError, a figure was missing');
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(reset).toHaveBeenCalledTimes(1);
});

test('what failed on the server tells its mark in the log, and nothing else of it', () => {
  shown(Object.assign(new Error('hidden'), { digest: '123456' }));
  const words = screen.getByRole('alert').textContent;
  expect(words).toContain('The database or the server did not answer as it should.');
  expect(words).toContain('mark 123456');
  expect(words).not.toContain('hidden');
});
