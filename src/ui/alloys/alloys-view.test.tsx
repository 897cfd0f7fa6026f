// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import type { Brief } from '@/core/brief';
import type { AlloyPair } from '@/core/comparison/alloys';
import { bracket } from '@/core/testing/demo-briefs';
import { answer as answerTo } from '@/workers/cost-curves.answer';
import type { StudyAsked } from '@/workers/cost-curves.protocol';
import { mountStudy, type Opened } from '../testing/mounted';
import { AlloysView } from './alloys-view';
import { fieldOf } from '../testing/field-of';
import { setUpPage } from '../testing/set-up';

const world = vi.hoisted(() => ({ fails: false, pairs: [] as readonly AlloyPair[] }));
// The worker, without its thread.
vi.mock('@/workers/cost-curves.client', async (original) => ({
  ...(await original<object>()),
  CostCurvesClient: class {
    alloys(asked: StudyAsked, q: number) {
      if (world.fails) return Promise.reject(new Error('the worker died'));
      const answer = answerTo({ id: 1, kind: 'alloys', ...asked, q });
      if (answer.kind !== 'alloys') return Promise.reject(new Error(JSON.stringify(answer)));
      world.pairs = answer.pairs;
      return Promise.resolve(answer);
    }
    costCurves() {
      return new Promise(() => undefined);
    }
    close() {}
  },
}));

const BRIEF = bracket({ quantity: { perYear: 1200, years: 2 } });
let opened: Opened;
setUpPage();
beforeEach(() => {
  Object.assign(world, { fails: false, pairs: [] });
});
async function open(more: Partial<Brief> = {}): Promise<void> {
  opened = mountStudy({ ...BRIEF, ...more }, <AlloysView />);
  await act(() => vi.advanceTimersByTimeAsync(20));
}
const table = (): HTMLElement => screen.getByRole('table', { name: 'Alloys and routes' });
const rows = (): HTMLElement[] =>
  within(table())
    .getAllByRole('row')
    .filter((r) => r.dataset['alloy'] !== undefined);
const last = async (): Promise<Brief | undefined> => {
  await opened.settle();
  return opened.saved().at(-1);
};

describe('the alloys', () => {
  test('that meet the needs stand in the order they were found in, each with what it costs and where it can be poured', async () => {
    await open();
    const shown = rows().map((r) => r.dataset['alloy']);
    expect(shown.length).toBeGreaterThan(5);
    expect(shown).toEqual(world.pairs.map((p) => p.alloyId).filter((id) => shown.includes(id)));
    for (const row of rows()) {
      const pair = world.pairs.find((p) => p.alloyId === row.dataset['alloy']);
      const open = pair?.routes.filter((r) => r.laneId !== null).length ?? 0;
      const said = within(row).getByRole('img').getAttribute('aria-label') ?? '';
      expect(said === 'no route is open' ? 0 : said.split(', ').length).toBe(open);
    }
  });

  test('that miss a need are shown when asked for, with the need they miss', async () => {
    await open({ alloyLimits: { ...BRIEF.alloyLimits, densityMax_kg_m3: 3000 } });
    const few = rows().length;
    fireEvent.click(screen.getByRole('button', { name: 'Show also those that miss one' }));
    expect(rows().length).toBe(world.pairs.length);
    expect(rows().length).toBeGreaterThan(few);
    expect(rows().filter((r) => /too heavy/.test(r.textContent ?? '')).length).toBeGreaterThan(20);
    fireEvent.click(screen.getByRole('button', { name: 'Show only those that meet the needs' }));
    expect(rows().length).toBe(few);
  });

  test('that none meets says so', async () => {
    await open({ alloyLimits: { ...BRIEF.alloyLimits, yieldMin_MPa: 4900 } });
    expect(screen.getByText('No alloy of the table meets all of these needs.')).toBeTruthy();
    expect(screen.getByTestId('own-alloy').textContent).toContain('does not meet them');
  });

  test('that could not be worked out say why; without a shape they are not', async () => {
    world.fails = true;
    await open();
    expect(screen.getByText(/Not calculated: the worker died/)).toBeTruthy();
    cleanup();
    world.fails = false;
    await open({ geometry: { ...BRIEF.geometry, volume_cm3: null } });
    expect(screen.getByText(/once the brief has what the board needs of the shape/)).toBeTruthy();
  });

  test('can stand side by side, four at most', async () => {
    await open();
    const boxes = (): HTMLInputElement[] => within(table()).getAllByRole('checkbox');
    for (let k = 0; k < 4; k++) {
      const free = boxes().find((b) => !b.checked);
      if (free !== undefined && !free.disabled) fireEvent.click(free);
    }
    await act(() => vi.advanceTimersByTimeAsync(20));
    expect(boxes().filter((b) => b.checked)).toHaveLength(4);
    expect(boxes().every((b) => b.checked || b.disabled)).toBe(true);
    const one = boxes().find((b) => b.checked);
    if (one === undefined) throw new Error('none');
    fireEvent.click(one);
    await act(() => vi.advanceTimersByTimeAsync(20));
    expect(boxes().some((b) => !b.checked && !b.disabled)).toBe(true);
  });
});

describe('needs of the metal', () => {
  const need = fieldOf;
  test('are saved with the brief as they are typed', async () => {
    await open();
    fireEvent.change(need('Yield strength, at least'), { target: { value: '150' } });
    expect((await last())?.alloyLimits.yieldMin_MPa).toBe(150);
    fireEvent.change(need('Yield strength, at least'), { target: { value: '' } });
    expect((await last())?.alloyLimits.yieldMin_MPa).toBeNull();
  });

  test.each(['-5', 'strong', '0', '6000'])('“%s” is refused beside the field and not saved', async (text) => {
    await open();
    const field = need('Yield strength, at least');
    fireEvent.change(field, { target: { value: text } });
    expect(screen.getByRole('alert').textContent).toContain(`“${text}”`);
    expect(screen.getByRole('alert').textContent).toContain('at most 5000 MPa');
    fireEvent.blur(field);
    expect(field.value).toBe(text);
    await opened.settle();
    expect(opened.saved()).toEqual([]);
  });

  test('are typed in the units of the screen', async () => {
    localStorage.setItem('nine-pours-units', 'inch');
    await open();
    fireEvent.change(need('Yield strength, at least'), { target: { value: '20' } });
    expect((await last())?.alloyLimits.yieldMin_MPa).toBeCloseTo(137.9, 1);
  });

  test('the place it lives in and plain wishes are saved too', async () => {
    await open();
    fireEvent.change(need('Environment'), { target: { value: 'marine' } });
    fireEvent.click(need('Lead-free'));
    const brief = JSON.stringify(await last());
    expect(brief).toContain('marine');
    expect(brief).toMatch(/lead/i);
  });
});
