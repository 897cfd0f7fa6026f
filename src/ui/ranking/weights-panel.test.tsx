// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { FIRST_WEIGHTS, MOST_WEIGHT, rankingsAt, WEIGHED, type Weights } from '@/core/comparison/ranking';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { mountStudy } from '../testing/mounted';
import type { UsedWeights } from './use-weights';
import { WeightsPanel } from './weights-panel';
import { WEIGHED_WORDS } from './words';
import { setUpPage } from '../testing/set-up';

const study = prepareStudy(bracket());
const found = rankingsAt(study, boardAt(study, 500), FIRST_WEIGHTS);
if (found === null) throw new Error('nothing to rank');
const rankings = found;
const TEAM = { weights: FIRST_WEIGHTS, changedBy: 'Ilse Varga', changedAt: '2026-11-01' };
const [first] = WEIGHED;

setUpPage();
function open(more: Partial<UsedWeights> = {}): { set: Weights[]; kept: string[] } {
  const set: Weights[] = [];
  const kept: string[] = [];
  const used: UsedWeights = {
    weights: FIRST_WEIGHTS,
    setWeights: (weights) => void set.push(weights),
    team: TEAM,
    keep: (who) => Promise.resolve(void kept.push(who)),
    ...more,
  };
  mountStudy(bracket(), <WeightsPanel rankings={rankings} used={used} />);
  return { set, kept };
}
const slider = (key: (typeof WEIGHED)[number]): HTMLElement => screen.getByRole('slider', { name: WEIGHED_WORDS[key] });
async function turn(key: (typeof WEIGHED)[number], pressed: string): Promise<void> {
  await act(() => vi.advanceTimersByTimeAsync(20));
  fireEvent.focus(slider(key));
  fireEvent.keyDown(slider(key), { key: pressed });
  await act(() => vi.advanceTimersByTimeAsync(20));
}

describe('weights', () => {
  test('are moved one by one, within their limits, and say what they are of', async () => {
    const { set } = open();
    await act(() => vi.advanceTimersByTimeAsync(20));
    for (const key of WEIGHED) expect(slider(key).getAttribute('aria-valuemax')).toBe(String(MOST_WEIGHT));
    await turn(first, 'ArrowRight');
    expect(set).toEqual([{ ...FIRST_WEIGHTS, [first]: FIRST_WEIGHTS[first] + 0.5 }]);
    expect(slider(first).getAttribute('aria-valuetext')).toContain(`of ${MOST_WEIGHT}`);
  });

  test('can not all be nothing', async () => {
    const only = { ...Object.fromEntries(WEIGHED.map((key) => [key, 0])), [first]: 3 } as unknown as Weights;
    const { set } = open({ weights: only });
    await turn(first, 'Home');
    expect(set).toEqual([]);
  });

  test('order every lane that has a score, the best first', () => {
    open();
    const scores = screen
      .getAllByRole('listitem')
      .map((item) => Number(/(\d\.\d\d)/.exec(item.textContent ?? '')?.[1]));
    expect(scores).toHaveLength(rankings.order.length);
    expect([...scores].sort((a, b) => b - a)).toEqual(scores);
  });

  test('say who set them for the team, and that none did', () => {
    open();
    expect(screen.getByText(/set by Ilse Varga/)).toBeTruthy();
    cleanup();
    open({ team: null });
    expect(screen.getByText('not set yet')).toBeTruthy();
  });
});

describe('keeping them for the team', () => {
  const changed = { ...FIRST_WEIGHTS, [first]: 9.5 };
  test('is offered once they differ, and wants a name', async () => {
    open();
    expect(screen.queryByRole('button', { name: /save for the team/i })).toBeNull();
    cleanup();
    const { kept } = open({ weights: changed });
    fireEvent.click(screen.getByRole('button', { name: /save for the team/i }));
    expect(screen.getByText(/who sets the weights is wanted/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: '  Marek ' } });
    fireEvent.click(screen.getByRole('button', { name: /save for the team/i }));
    await act(() => vi.advanceTimersByTimeAsync(10));
    expect(kept).toEqual(['Marek']);
    expect(screen.getByText('Saved for the team.')).toBeTruthy();
  });

  test('refused says why', async () => {
    open({ weights: changed, keep: () => Promise.reject(new Error('The disk is full.')) });
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Marek' } });
    fireEvent.click(screen.getByRole('button', { name: /save for the team/i }));
    await act(() => vi.advanceTimersByTimeAsync(10));
    expect(screen.getByText('Not saved: The disk is full.')).toBeTruthy();
  });

  test('goes back to the team’s', () => {
    const { set } = open({ weights: changed });
    fireEvent.click(screen.getByRole('button', { name: /back to the team/i }));
    expect(set).toEqual([TEAM.weights]);
  });
});
