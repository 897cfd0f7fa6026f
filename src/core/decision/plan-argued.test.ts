import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { PLAN, StudyWorkings } from '../phased-plans';
import { dateWords, dayNumber, isoDay } from '../base/day';
import { plain } from '../explanation';
import { whole } from '../base/numbers';
import { toldNumber } from '../testing/told';
import { briefOf } from '../testing/demo-briefs';
import { recompute } from '../testing/recompute';
import { bestPlanOf, ORDER, type Planned } from '../testing/demo-plans';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import {
  drawnOf,
  keptOf,
  keptPlanSimulation,
  planCase,
  planFigures,
  planExplanation,
  certaintyExplanation,
  type KeptPlan,
} from '.';

const all: [string, Planned & { kept: KeptPlan }][] = QUILLMERE_PARTS.flatMap((part) => {
  const brief = briefOf(part);
  const found = bestPlanOf(brief);
  if (found === null) return [];
  const kept = keptOf(found.drawn.choice, found.plan, found.single, found.deliveries);
  return [[brief.title, { ...found, kept }]];
});
const find = (title: string) => all.find(([t]) => t.startsWith(title))![1];

describe.each(all)('the case of the plan of the %s', (_, one) => {
  const board = boardAt(one.study, one.q, ORDER);
  const workings = new StudyWorkings(one.study, one.q, one.drawn.open, one.deliveries);

  test('every figure of it opens a working that comes to what is told', () => {
    const explanation = [
      ...planFigures(workings, board).map((f) => f.explanation),
      ...planCase(workings, board, one.kept).for.map((a) => a.explanation),
      ...planCase(workings, board, one.kept).against.map((a) => a.explanation),
      ...planExplanation(one.kept, 'USD', ORDER),
    ];
    let opened = 0;
    for (const piece of explanation.flat()) {
      if (typeof piece === 'string' || piece.figure === null) continue;
      const w = workings.working(piece.laneId, piece.figure);
      opened++;
      if (piece.text.includes(' of ')) continue;
      if (/[A-Z][a-z]{2} \d{4}$/.test(piece.text)) {
        const day = isoDay(dayNumber('orderDate', ORDER) + Math.ceil(w.value));
        expect(piece.text, `${piece.figure} on day ${w.value}`).toBe(dateWords(day));
        continue;
      }
      const shown =
        w.unit.startsWith('days') && piece.text.includes('week') ? Math.abs(w.value) / 7 : Math.abs(w.value);
      const told = toldNumber(piece.text);
      const slack = Math.max(0.51, told.slack);
      expect(Math.abs(told.value - shown), `${piece.text} for ${w.value} ${w.unit}`).toBeLessThanOrEqual(slack);
    }
    expect(opened).toBeGreaterThan(6);
  });
  test('tells at most two reasons against it, the heaviest, and none of them of the lane alone', () => {
    const found = planCase(workings, board, one.kept);
    expect(found.against.length).toBeGreaterThan(0);
    expect(found.against.length).toBeLessThanOrEqual(2);
    expect(found.against.map((a) => a.weight)).toEqual(found.against.map((a) => a.weight).sort((a, b) => b - a));
    expect(found.for.length).toBeGreaterThan(0);
  });
  test('a plan as it is kept can be opened and drawn again', () => {
    expect(drawnOf(JSON.parse(JSON.stringify(one.kept)) as KeptPlan)).toEqual(one.drawn);
  });
});

describe('how sure a plan was', () => {
  const by = { seed: 7, spread: 'pert', demand: false } as const;
  const gear = find('Gear head');
  const board = boardAt(gear.study, gear.q, ORDER);
  const simulation = keptPlanSimulation(gear.study, board, ORDER, gear.drawn, by, 400)!;

  test('is the same to the digit by the same seed', () => {
    expect(keptPlanSimulation(gear.study, board, ORDER, gear.drawn, by, 400)).toEqual(simulation);
    expect(keptPlanSimulation(gear.study, board, ORDER, gear.drawn, { ...by, seed: 8 }, 400)).not.toEqual(simulation);
  });
  const workings = new StudyWorkings(gear.study, gear.q, gear.drawn.open, gear.deliveries);
  const of = { laneId: PLAN, currency: 'USD', due: null, planned: true, workings };

  test('is told of the plan: against the route alone, in money and in deliveries', () => {
    const explanation = certaintyExplanation(simulation, { ...of, due: '2027-04-05' }).map(plain);
    expect(explanation[0]).toMatch(/^The two-step plan costs less than gravity die, ladled by hand alone in /);
    expect(explanation[1]).toMatch(/^It costs less than every route alone, late or not, in /);
    expect(explanation[2]).toMatch(/^Every delivery asked is met in .*; by gravity die, ladled by hand alone in /);
    expect(simulation.against?.laneId).toBe('gravity-die/hand');
    expect(simulation.flips.some((f) => f.startsWith('Stays ahead'))).toBe(true);
  });
  test('every share and range opens what was drawn, and the figures behind it', () => {
    let opened = 0;
    for (const piece of certaintyExplanation(simulation, of).flat()) {
      if (typeof piece === 'string') continue;
      const w = piece.working!;
      opened++;
      expect(Math.abs(recompute(w) - w.value)).toBeLessThanOrEqual(1e-9 * Math.abs(w.value));
      for (const s of w.symbols)
        if (s.opens !== null) expect(workings.working(s.opensLane ?? piece.laneId, s.opens).value).toBe(s.value);
      const [per] = /[\d.]+(?= %)/.exec(piece.text) ?? [];
      if (per !== undefined && w.unit === 'share of simulations') expect(100 * w.value).toBeCloseTo(Number(per), -0.3);
    }
    expect(opened).toBeGreaterThanOrEqual(7);
  });
  test('what would overturn it is kept in words and with figures that open', () => {
    expect(simulation.flipExplanations?.map(plain)).toEqual(simulation.flips);
    expect(simulation.flipExplanations?.every((t) => t.some((p) => typeof p !== 'string'))).toBe(true);
    expect(JSON.parse(JSON.stringify(simulation))).toEqual(simulation);
  });
  test('without workings the shares of it still open, its money and days are plain', () => {
    const explanation = certaintyExplanation(simulation, { ...of, workings: null });
    expect(explanation.map(plain)).toEqual(certaintyExplanation(simulation, of).map(plain));
    expect(explanation.flat().filter((p) => typeof p !== 'string').length).toBeGreaterThan(0);
  });
  test('of a plan that is no longer at hand its money is told in plain words', () => {
    const gone = new StudyWorkings(gear.study, gear.q);
    expect(certaintyExplanation(simulation, { ...of, workings: gone })).toEqual(
      certaintyExplanation(simulation, { ...of, workings: null }),
    );
  });
  test('a record of an earlier build, drawn for its last lane, says so', () => {
    const { plan: _, ...older } = simulation;
    expect(certaintyExplanation(older, { ...of, laneId: 'permanent-mould/tilt' }).map(plain)[0]).toContain(
      'alone over the whole programme',
    );
    expect(
      certaintyExplanation(older, { ...of, laneId: 'permanent-mould/tilt', planned: false }).map(plain)[0],
    ).not.toContain('Drawn for');
  });
  test('where no route alone delivers as soon it is set against the cheapest', () => {
    const one = find('Hand controller');
    const found = keptPlanSimulation(one.study, boardAt(one.study, one.q, ORDER), ORDER, one.drawn, by, 200)!;
    expect(found.against?.laneId).toBe(boardAt(one.study, one.q, ORDER).leader);
    expect(found.plan?.aloneDelivers).toBeNull();
  });
});

test('a plan in sentences: each step, then both, with what is late', () => {
  const gear = find('Gear head');
  const explanation = planExplanation(gear.kept, 'USD', ORDER).map(plain);
  expect(explanation).toHaveLength(3);
  const [first] = gear.kept.steps;
  expect(explanation[0]).toContain(
    `First 300 on gravity die, ladled by hand: ${whole(first!.total)} USD, first parts 7 Feb 2027`,
  );
  expect(explanation[2]).toContain('Every day asked is met. The second tool may be ordered until ');
  const late = { name: 'prototypes', pieces: 8, late_d: 1 };
  const words = (more: Partial<KeptPlan>): string =>
    plain(planExplanation({ ...gear.kept, ...more }, 'USD', ORDER)[2]!);
  expect(words({ late: [late] })).toContain('Late: prototypes by 1 day.');
  expect(words({ late: [late, late, late, { ...late, late_d: 4 }] })).toContain('and 1 more.');
  expect(words({ asked: 0 })).toContain('No day is asked.');
  expect(words({ asked: 0 })).not.toContain('may be ordered');
  expect(words({ single: null })).toContain('No route alone delivers as soon.');
  expect(words({ reused: 900 })).not.toContain('left');
  expect(plain(planExplanation({ ...gear.kept, reused: 900 }, 'USD', ORDER)[1]!)).toContain(
    'less 900 USD that the first tool leaves',
  );
});
