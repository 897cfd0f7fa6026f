// @vitest-environment jsdom
import { act, fireEvent, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import { arrived } from '../testing/arrived';
import { mountStudy } from '../testing/mounted';
import { setUpPage } from '../testing/set-up';
import { Glossed } from './glossed';
import { TermsUsed } from './terms-used';

setUpPage();
const TEXT = 'Lay the loose pattern in the flask and ram the sand; an undercut needs a core.';
const come = () => arrived(import('@/core/catalogue/glossary'), import('../kit/hint-text'));

test('words of the trade are marked in their text, which stays as it is, and explained under the pointer', async () => {
  mountStudy(bracket(), <Glossed text={TEXT} />);
  await come();
  const marked = [...document.querySelectorAll('dfn')];
  expect(marked.map((m) => m.textContent)).toEqual(['loose pattern', 'flask', 'undercut', 'core']);
  expect(marked[0]?.parentElement?.textContent).toContain(TEXT);
  fireEvent.pointerEnter(marked[1] as Element);
  await act(() => vi.advanceTimersByTimeAsync(600));
  expect(screen.getByRole('tooltip').textContent).toMatch(/^[A-Z].*\.$/);
});

test('the words used on a page stand together, by the alphabet', async () => {
  mountStudy(bracket(), <TermsUsed text={TEXT} />);
  await come();
  fireEvent.click(screen.getByRole('button', { name: '4 words of the trade on this page' }));
  await act(() => vi.advanceTimersByTimeAsync(100));
  expect(screen.getAllByRole('term').map((t) => t.textContent)).toEqual(['core', 'flask', 'loose pattern', 'undercut']);
});
