import { describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { SHIPPED_REF } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { bestPlanOf } from '@/core/testing/demo-plans';
import { answerSimulation } from './simulation.answer';
import type { SimulationAnswer, SimulationAsked } from './simulation.protocol';

const brief = bracket();
const asked: SimulationAsked = {
  brief,
  school: 'published',
  rates: SHIPPED_REF,
  q: 1200,
  orderDate: '2027-01-04',
  seed: 1,
  spread: 'pert',
  demand: false,
  deep: false,
  plan: null,
};
/** Fewer draws than a screen takes: the same code. */
const FEW = [300, 900, 1500];
const run = async (
  more: Partial<SimulationAsked>,
  breathe = () => Promise.resolve(true),
): Promise<SimulationAnswer[]> => {
  const heard: SimulationAnswer[] = [];
  await answerSimulation({ id: 3, ...asked, ...more }, (a) => heard.push(a), breathe, FEW);
  return heard;
};

describe('the worker that draws', () => {
  test('tells more as it goes, and then what moves the choice and what would turn it', async () => {
    const heard = await run({ deep: true });
    expect(heard.map((a) => a.kind)).toEqual([...FEW.map(() => 'sampled'), 'depth']);
    const counts = heard.flatMap((a) => (a.kind === 'sampled' ? [a.summary.draws] : []));
    expect(counts).toEqual(FEW);
    const last = heard.at(-2);
    const depth = heard.at(-1);
    if (last?.kind !== 'sampled' || depth?.kind !== 'depth') throw new Error('no depth');
    const board = boardAt(prepareStudy(brief), 1200, '2027-01-04');
    expect(depth.depth.leader).toBe(board.leader);
    expect(last.done && last.summary.draws).toBe(FEW.at(-1));
    for (const l of last.summary.lanes.filter((x) => x.cheapest !== null)) {
      const likely = board.lanes.find((x) => x.id === l.id)?.money?.total ?? NaN;
      // Ranges lean to the dear side; the likely sum lies low in the band, but within sight of it.
      expect(l.total.p10 / likely).toBeLessThan(1.4);
      expect(l.total.p90).toBeGreaterThan(likely * 0.95);
    }
    expect(depth.depth.movers[0]!.swing).toBeGreaterThanOrEqual(depth.depth.movers[1]!.swing);
    expect(depth.depth.movers.reduce((s, m) => s + m.contribution, 0)).toBeCloseTo(1, 9);
    expect(depth.depth.briefFlips.map((f) => f.kind)).toContain('quantity');
  });
  test('is the same to the digit when asked again, and another with another seed', async () => {
    const [a, b, c] = [await run({}), await run({}), await run({ seed: 2 })].map((list) => {
      const last = list.at(-1);
      return last?.kind === 'sampled' ? last.summary : null;
    });
    expect(a).toEqual(b);
    expect(a).not.toEqual(c);
  });
  test('stops at the next slice when it is no longer wanted', async () => {
    let breaths = 0;
    const heard = await run({}, () => Promise.resolve(++breaths < 4));
    expect(heard.length).toBeLessThan(3);
  });
  test('an uncertain quantity widens the totals', async () => {
    const wide = { ...brief, quantity: { ...brief.quantity, demand: [100, 300, 900] as [number, number, number] } };
    const at = async (demand: boolean): Promise<number> => {
      const last = (await run({ brief: wide, demand })).at(-1);
      const total = last?.kind === 'sampled' ? last.summary.lanes[0]!.total : null;
      return (total?.p90 ?? 0) - (total?.p10 ?? 0);
    };
    expect(await at(true)).toBeGreaterThan(2 * (await at(false)));
  });
  test('draws a two-step plan in the leader’s stead, with what would overturn it', async () => {
    const one = bestPlanOf(bracket({ quantity: { ...brief.quantity, prototypes: 6, prototypesBy: '2027-02-01' } }));
    if (one === null) throw new Error('no plan');
    const heard = await run({ brief: one.study.brief, q: one.q, plan: one.drawn, deep: true });
    const depth = heard.at(-1);
    const last = heard.at(-2);
    if (last?.kind !== 'sampled' || depth?.kind !== 'depth') throw new Error(JSON.stringify(heard.at(-1)));
    expect(last.summary.lanes.some((l) => l.id === 'plan')).toBe(true);
    expect(depth.depth.leader).toBe('plan');
    expect(depth.depth.briefFlips.map((f) => f.kind)).toContain('tooling');
    expect(depth.depth.movers.length).toBeGreaterThan(0);
    const named = new Set(depth.depth.inputs.map((i) => i.key));
    expect(depth.depth.movers.every((m) => named.has(m.name))).toBe(true);
  });
  test('says so where nothing leads, and never throws', async () => {
    const bare = { ...brief, alloy: null };
    expect(await run({ brief: bare })).toEqual([{ id: 3, kind: 'nothing' }]);
    expect((await run({ brief: null as never }))[0]).toMatchObject({ kind: 'refused' });
  });
});
