// @vitest-environment jsdom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { commaThousands } from './thousands';

afterEach(cleanup);
const Line = ({ n }: { readonly n: string }) => (
  <p data-testid="line">
    {n} pieces, <b>{n}</b> in all
  </p>
);
const line = (): string => screen.getByTestId('line').textContent;
const observed = () => act(() => Promise.resolve());

test('commas part thousands while it holds, also in what changes; then thin spaces do again', async () => {
  const { rerender } = render(<Line n={'1\u202f234\u202f567.89'} />);
  const end = commaThousands(document.body);
  expect(line()).toBe('1,234,567.89 pieces, 1,234,567.89 in all');
  rerender(<Line n={'2\u202f400'} />);
  await observed();
  expect(line()).toBe('2,400 pieces, 2,400 in all');
  rerender(<Line n="999" />);
  await observed();
  expect(line()).toBe('999 pieces, 999 in all');
  rerender(<Line n={'12\u202f500'} />);
  await observed();
  end();
  expect(line()).toBe('12\u202f500 pieces, 12\u202f500 in all');
});

test('a thin space before a unit stays, and so does what is typed', async () => {
  render(
    <>
      <Line n={'5\u202fmm'} />
      <input defaultValue={'1\u202f000'} />
    </>,
  );
  const end = commaThousands(document.body);
  await observed();
  expect(line()).toBe('5\u202fmm pieces, 5\u202fmm in all');
  expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('1\u202f000');
  end();
});

test('what the page left is not kept', async () => {
  const { rerender } = render(<Line n={'1\u202f000'} />);
  const end = commaThousands(document.body);
  const node = screen.getByTestId('line').firstChild;
  rerender(<></>);
  await observed();
  end();
  expect(node?.nodeValue).toBe('1,000');
});
