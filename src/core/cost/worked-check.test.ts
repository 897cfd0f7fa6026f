import { describe, expect, test } from 'vitest';
import { dayOf, laneTime } from '../schedule';
import { lanePart, partFacts, type PartFacts } from '../part';
import { SHIPPED_RATES } from '../rates';
import { findLane, type Lane } from '../catalogue/routes';
import { screenLane } from '../screening';
import { TRUNNION_ALLOY, trunnionBrief } from '../testing/trunnion-cap';
import {
  laneMoney,
  laneModel,
  layoutPlan,
  layoutPlans,
  lotCost,
  lotRun,
  ProgrammeCost,
  toolingLines,
  type LaneModel,
} from '.';

const lane = findLane('gravity-die/hand') as Lane;
const facts = partFacts(trunnionBrief(), TRUNNION_ALLOY, SHIPPED_RATES) as PartFacts;
const part = lanePart(facts, lane.capability, SHIPPED_RATES, 'published');
const screening = screenLane(facts, lane, part, SHIPPED_RATES);
const model = laneModel(facts, lane, part, screening, SHIPPED_RATES) as LaneModel;
const one = layoutPlan(model, 1, 1);

describe('the worked check of the cost model, gravity die, one position, to the printed digits', () => {
  test('1.2 to 1.4 complexity', () => {
    expect(facts.S).toBeCloseTo(2.83, 2);
    expect(facts.c).toBeCloseTo(1.49, 2);
    expect(facts.kappa).toBeCloseTo(0.873, 3);
  });
  test('3.1 to 3.5 second operations and cast mass', () => {
    expect(part.operations.map((o) => o.what)).toEqual(['bore', 'foot face']);
    expect(part.operations[0]?.stock_mm3).toBeCloseTo(5655, 0);
    expect(part.operations[0]?.seconds).toBeCloseTo(42.9, 1);
    expect(part.operations[1]?.seconds).toBeCloseTo(20.3, 1);
    expect(part.tMach_min).toBeCloseTo(1.95, 2);
    expect(part.machining).toBeCloseTo(2.6, 2);
    expect(part.mc).toBeCloseTo(0.433, 3);
    expect(part.nHc).toBe(2);
  });
  test('5.1, 5.2 die hours and price', () => {
    expect(one.Ht).toBeCloseTo(30.6, 1);
    expect(one.C1).toBeCloseTo(2603, 0);
  });
  test('4.4, 6.1, 6.4 the pour', () => {
    expect(one.M).toBeCloseTo(0.722, 3);
    expect(one.mould).toBeCloseTo(0.348, 3);
    expect(one.cycle_s).toBeCloseTo(144, 1);
    expect(one.pouring).toBeCloseTo(2.296, 3);
    expect(one.pour).toBeCloseTo(2.644, 3);
  });
  test('7.1 to 7.3 finish, heat treatment, looking, measuring, stages', () => {
    expect(model.finish).toBeCloseTo(1.227, 3);
    expect(model.heat).toBeCloseTo(0.39, 3);
    expect(model.look).toBeCloseTo(0.144, 3);
    expect(model.measure).toBeCloseTo(3.3, 2);
    expect(model.settled.nD).toBeCloseTo(1.0081, 4);
    expect(model.settled.nC).toBeCloseTo(1.0182, 3);
    expect(model.settled.nB).toBeCloseTo(1.0662, 4);
  });
  test('8.1 the settled lot and the first lot', () => {
    const run = lotRun(model, one, model.settled, 250);
    expect(run.castings).toBeCloseTo(266.6, 1);
    expect(run.filled - model.warmUp).toBe(272);
    expect(run.filled).toBe(277);
    expect(run.filled * one.M).toBeCloseTo(200.0, 1);
    expect(model.setUp).toBeCloseTo(207, 0);
    expect(run.filled * one.pour).toBeCloseTo(732, 0);
    expect(lotCost(model, one, model.settled, 250)).toBeCloseTo(2597, 0);
    expect(lotCost(model, one, model.fresh, 250)).toBeCloseTo(2742, 0);
  });
  test('8.4 unit price; 5.5 and 8.2 tooling and total', () => {
    expect(model.K).toBeCloseTo(1.288, 6);
    const cost = new ProgrammeCost(model, one, 250, 500);
    const money = laneMoney(cost, 1000);
    expect(money.unit).toBeCloseTo(13.38, 2);
    const { tools } = toolingLines(cost, 1000);
    expect(tools.fixtures / 1.1).toBeCloseTo(495, 6);
    expect(tools.gauges / 1.1).toBeCloseTo(280, 6);
    expect(Math.round(cost.total(1000))).toBe(17284);
    expect(money.allIn).toBeCloseTo(17.28, 2);
  });
  test('the lines add up to the unit price, and scrap is a line of its own', () => {
    const { lines, unit } = laneMoney(new ProgrammeCost(model, one, 250, 500), 1000);
    const sum = Object.values(lines).reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo((model.K * lotCost(model, one, model.settled, 250)) / 250, 9);
    expect(unit).toBeCloseTo(sum, 12);
    expect(lines.scrapAndRework).toBeGreaterThan(0);
  });
  test('4.3 two cavities give the lower total, so they are the ones chosen', () => {
    const plans = layoutPlans(model);
    expect(plans.map((p) => p.n)).toEqual([1, 2]);
    const totals = plans.map((p) => new ProgrammeCost(model, p, 250, 500).total(1000));
    expect(totals[1]).toBeLessThan(totals[0] as number);
  });
});

describe('the worked check of the time model', () => {
  const time = laneTime(model, one);
  test('hours, pass and lead', () => {
    expect(time.hoursPerDay).toBeCloseTo(5.76, 6);
    expect(time.steps.map((s) => Number(s.days.toFixed(2)))).toEqual([0.01, 0, 0.43, 0.83, 0.43, 0.42]);
    expect(time.pass_d).toBeCloseTo(2.12, 2);
    expect(time.toolLead_wd).toBeCloseTo(14.71, 2);
    expect(time.firstArticle_d).toBeCloseTo(27.13, 2);
  });
  test('loads, caps and the bottleneck', () => {
    const starts = Object.fromEntries(time.resources.map((r) => [r.id, r.startsPerDay]));
    expect(starts['pour']).toBeCloseTo(89.8, 2);
    expect(starts['die']).toBeCloseTo(98.78, 2);
    expect(starts['finish']).toBeCloseTo(122.68, 1);
    expect(starts['machine']).toBeCloseTo(123.8, 1);
    expect(starts['capPours']).toBeCloseTo(137.2, 2);
    expect(starts['capKg']).toBeCloseTo(213.28, 1);
    expect(time.bottleneck).toBe('pour');
    expect(time.goodPerDay).toBeCloseTo(84.23, 2);
  });
  test('dates', () => {
    expect(dayOf(time, 250, 1000)).toBeCloseTo(38.99, 2);
    expect(dayOf(time, 1000, 1000)).toBeCloseTo(51.46, 2);
  });
});
