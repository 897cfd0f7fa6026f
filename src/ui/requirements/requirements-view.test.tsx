// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import type { Brief } from '@/core/brief';
import { requirementsOf, type RequirementCost } from '@/core/comparison/requirements';
import { answer as answerTo } from '@/workers/cost-curves.answer';
import { bracket } from '@/core/testing/demo-briefs';
import type { StudyAsked } from '@/workers/cost-curves.protocol';
import { perPart } from '../format';
import { mountStudy, type Opened } from '../testing/mounted';
import { RequirementsView } from './requirements-view';
import { setUpPage } from '../testing/set-up';

const world = vi.hoisted(() => ({ fails: false, costs: [] as readonly RequirementCost[] }));
// The worker, without its thread.
vi.mock('@/workers/cost-curves.client', async (original) => ({
  ...(await original<object>()),
  CostCurvesClient: class {
    requirements(asked: StudyAsked, q: number, orderDate: string) {
      if (world.fails) return Promise.reject(new Error('the worker died'));
      const answer = answerTo({ id: 1, kind: 'requirements', ...asked, q, orderDate });
      if (answer.kind !== 'requirements') return Promise.reject(new Error(JSON.stringify(answer)));
      world.costs = answer.costs;
      return Promise.resolve(answer);
    }
    costCurves() {
      return new Promise(() => undefined);
    }
    close() {}
  },
}));

/** A part of which much is asked. */
const ASKING = bracket({
  needs: { ...bracket().needs, pressureTight: true, xray: true, cosmeticFace: true },
  quantity: { perYear: 1200, years: 2 },
});
let opened: Opened;
setUpPage();
beforeEach(() => {
  Object.assign(world, { fails: false, costs: [] });
});
const wait = (ms = 20) => act(() => vi.advanceTimersByTimeAsync(ms));
async function open(brief: Brief = ASKING): Promise<void> {
  opened = mountStudy(brief, <RequirementsView />);
  await wait();
}
const table = (): HTMLElement => screen.getByRole('table', { name: 'Cost of each requirement' });
const rows = (): HTMLElement[] =>
  within(table())
    .getAllByRole('row')
    .filter((r) => r.dataset['requirement'] !== undefined);
const tries = (): HTMLButtonElement[] => within(table()).getAllByRole('button', { name: /^Try without/ });

describe('what each requirement costs', () => {
  test('stands in a row of its own, the dearest first', async () => {
    await open();
    const ids = rows().map((r) => r.dataset['requirement'] ?? '');
    expect(ids).toEqual(world.costs.map((c) => c.requirement.id));
    expect([...ids].sort()).toEqual(
      requirementsOf(ASKING)
        .map((r) => r.id)
        .sort(),
    );
    const [dearest] = world.costs;
    if (dearest?.adds == null) throw new Error('nothing adds');
    expect(rows()[0]?.textContent).toContain(perPart(dearest.adds));
  });

  test('opens lane by lane', async () => {
    await open();
    const figure = within(rows()[0] ?? table()).getAllByRole('button')[0];
    if (figure === undefined) throw new Error('no figure');
    fireEvent.click(figure);
    await wait(300);
    expect(screen.getByTestId('effect').textContent).toMatch(/lane|route/i);
  });

  test('that could not be worked out says why', async () => {
    world.fails = true;
    await open();
    expect(screen.getByText(/Not calculated: the worker died/)).toBeTruthy();
  });

  test('of a brief that lacks what the board needs is not asked', async () => {
    await open({ ...ASKING, geometry: { ...ASKING.geometry, volume_cm3: null } });
    expect(screen.getByText(/once the brief has what the board needs/)).toBeTruthy();
  });
});

describe('trying without', () => {
  const beside = (): HTMLElement => screen.getByTestId('what-ifs');

  test('stands beside the brief, up to three, none twice', async () => {
    await open();
    for (let k = 0; k < 3; k++) {
      const free = tries().find((b) => !b.disabled);
      if (free === undefined) throw new Error('nothing to try');
      fireEvent.click(free);
    }
    expect(within(beside()).getByText(/What-if C/)).toBeTruthy();
    expect(tries().every((b) => b.disabled)).toBe(true);
    expect(opened.saved()).toEqual([]);
  });

  test('is there again in the same session, and gone with a requirement that is no longer asked', async () => {
    await open();
    const pressure = requirementsOf(ASKING).find((r) => r.path.endsWith('pressureTight'));
    if (pressure === undefined) throw new Error('not asked');
    fireEvent.click(within(table()).getByRole('button', { name: `Try without: ${pressure.name}` }));
    expect(beside().textContent).toContain('What-if A');
    cleanup();
    await open();
    expect(beside().textContent).toContain('What-if A');
    cleanup();
    await open({ ...ASKING, needs: { ...ASKING.needs, pressureTight: null } });
    expect(screen.queryByTestId('what-ifs')).toBeNull();
  });

  test('adopted it becomes the brief, and can be taken back', async () => {
    await open();
    const xray = requirementsOf(ASKING).find((r) => r.path.endsWith('xray'));
    if (xray === undefined) throw new Error('not asked');
    fireEvent.click(within(table()).getByRole('button', { name: `Try without: ${xray.name}` }));
    fireEvent.click(within(beside()).getByRole('button', { name: /adopt/i }));
    await opened.settle();
    expect(opened.saved().at(-1)?.needs.xray).toBe(false);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await opened.settle();
    expect(opened.saved().at(-1)?.needs.xray).toBe(true);
  });
});
