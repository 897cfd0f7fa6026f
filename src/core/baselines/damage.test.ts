import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { SHIPPED_RATES } from '../rates';
import { prepareStudy } from '../study';
import { workingOf } from '../study/workings';
import { bracket } from '../testing/demo-briefs';
import { recompute } from '../testing/recompute';
import { damageFigure, damageWorking, isDamageFigure, oneForMany } from '.';

const brief = bracket({ today: { ...bracket().today, parts: 6, how: 'fabricated' } });
const study = prepareStudy(brief);
const facts = study.facts;
if (facts === null) throw new Error('no facts');

describe('one casting in place of an assembly', () => {
  test('at 180 USD with two ends over ten years is as worked by hand', () => {
    const found = oneForMany(facts, SHIPPED_RATES, 180, 2, 10);
    const { Rlab } = SHIPPED_RATES.global;
    expect(Rlab.v).toEqual(expect.arrayContaining([36]));
    expect(found.year).toBeCloseTo(1.8675, 9);
    expect(found.endsYear).toBeCloseTo(1.238625, 9);
    expect(found.fitting).toBeCloseTo(16.4, 9);
    expect(found.worth).toBeCloseTo(6.28875 - 16.4, 9);
    expect(found.paysFrom).toBeCloseTo(0.02607831445, 9);
  });

  test('ends pay exactly where the damage is more than that from which they pay', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 5000, noNaN: true }),
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.001, max: 0.2, noNaN: true }),
        (u, ends, years, damage) => {
          const rates = {
            ...SHIPPED_RATES,
            oneForMany: { ...SHIPPED_RATES.oneForMany, pDamage: { ...SHIPPED_RATES.oneForMany.pDamage, v: damage } },
          };
          const { worth, paysFrom } = oneForMany(facts, rates, u, ends, years);
          if (paysFrom === null || Math.abs(damage / paysFrom - 1) < 1e-9) return;
          expect(worth > 0).toBe(damage > paysFrom);
        },
      ),
    );
  });

  test.each([
    [0, 10, 'ends'],
    [1.5, 10, 'ends'],
    [13, 10, 'ends'],
    [2, 0, 'years'],
    [2, 61, 'years'],
    [2, NaN, 'years'],
  ])('%d ends over %d years are refused by name', (ends, years, field) => {
    expect(() => oneForMany(facts, SHIPPED_RATES, 180, ends, years)).toThrow(field);
  });

  test('every figure opens down to its rates, and comes to what is shown', () => {
    const q = 400;
    const leader = boardAt(study, q).leader ?? '';
    const seen = new Set<string>();
    const open = (figure: string): void => {
      if (seen.has(figure)) return;
      seen.add(figure);
      const w = workingOf(study, leader, q, figure);
      expect(recompute(w), figure).toBeCloseTo(w.value, 9);
      for (const s of w.symbols) if (s.opens !== null && isDamageFigure(s.opens)) open(s.opens);
    };
    for (const name of ['damage.worth', 'damage.paysFrom']) open(damageFigure(name, 3, 8));
    expect(seen.size).toBe(8);
    const allIn = workingOf(study, leader, q, 'allIn').value;
    expect(workingOf(study, leader, q, damageFigure('damage.worth', 3, 8)).value).toBe(
      oneForMany(facts, study.rates, allIn, 3, 8).worth,
    );
    expect(() => damageWorking(facts, study.rates, 10, 'damage.cheese@1.1')).toThrow('figure');
  });

  test('today’s assembly loses a piece of it, or what the brief says', () => {
    const of = (today: object) => {
      const b = { ...brief, today: { ...brief.today, ...today } };
      return workingOf(prepareStudy(b), 'fabricated', 400, 'damage');
    };
    expect(of({ repairPerYear_USD: 7.5 }).value).toBe(7.5);
    const guessed = of({});
    expect(recompute(guessed)).toBeCloseTo(guessed.value, 12);
    expect(guessed.value).toBeGreaterThan(0);
  });
});
