import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt } from '../board';
import { prepareStudy } from '../../study';
import { CoreError } from '../../base/errors';
import { throughput } from '../../formula-book/quantity';
import { bracket } from '../../testing/demo-briefs';
import { daysForOrder, laneRates, metalToMelt, piecesAShift, runChain, type LaneRates, type Link } from '.';

const shop: readonly Link[] = [
  { name: 'metal a caster pours', value: 9, unit: 'kg/h/caster', by: 'times' },
  { name: 'pieces from a kilogram', value: 10, unit: 'piece/kg', by: 'times' },
  { name: 'casters', value: 4, unit: 'caster', by: 'times' },
  { name: 'hours', value: 6.5, unit: 'h/shift', by: 'times' },
];

describe('a chain', () => {
  test('shows value and unit after each link, and cancels to what is wanted', () => {
    const result = runChain(shop, 'piece/shift');
    expect(result.steps).toEqual([
      { value: 9, unit: 'kg/h/caster' },
      { value: 90, unit: 'piece/h/caster' },
      { value: 360, unit: 'piece/h' },
      { value: 2340, unit: 'piece/shift' },
    ]);
    expect(result).toMatchObject({ value: 2340, unit: 'piece/shift', leftOver: '' });
  });

  test('with a rate left out, names what does not cancel: the ten-fold slip', () => {
    const slip = runChain(
      shop.filter((l) => l.unit !== 'piece/kg'),
      'piece/shift',
    );
    expect(slip.value).toBe(234);
    expect(slip.unit).toBe('kg/shift');
    expect(slip.leftOver).toBe('kg/piece');
  });

  test.each([
    [[{ name: '', value: NaN, unit: 'kg', by: 'times' }], 'E_NOT_A_NUMBER', 'links[0].value'],
    [[{ name: '', value: 0, unit: 'kg', by: 'over' }], 'E_SIGN', 'links[0].value'],
    [[{ name: '', value: 1, unit: 'kg per h', by: 'times' }], 'E_UNIT', 'links[0].unit'],
  ] as const)('refuses %o as %s', (links, code, field) => {
    const refused = (): unknown => {
      try {
        return runChain(links, 'kg');
      } catch (error) {
        return error instanceof CoreError ? error.issue : error;
      }
    };
    expect(refused()).toMatchObject({ code, field });
  });

  test('agrees with the throughput formula, and dividing by a link undoes it', () => {
    const word = fc.constantFrom('kg', 'piece', 'h', 'caster', 'shift');
    const link = fc.record({
      name: fc.constant(''),
      value: fc.double({ min: 0.01, max: 1000, noNaN: true }),
      unit: fc.tuple(word, word).map(([a, b]) => `${a}/${b}`),
      by: fc.constant<'times'>('times'),
    });
    fc.assert(
      fc.property(fc.array(link, { minLength: 1, maxLength: 6 }), (links) => {
        const forth = runChain(links, '1');
        expect(throughput({ factors: links, want: forth.unit }).value / forth.value).toBeCloseTo(1, 12);
        const back = runChain([...links, ...links.map((l) => ({ ...l, by: 'over' as const }))], '1');
        expect(back.value).toBeCloseTo(1, 9);
        expect(back).toMatchObject({ unit: '1', leftOver: '' });
      }),
    );
  });
});

describe('filled from a study', () => {
  const study = prepareStudy(bracket());
  const board = boardAt(study, 2000, '2027-01-04');
  const rates = laneRates(study, board, 'gravity-die/hand') as LaneRates;

  test('every chain ends in the unit of its question', () => {
    expect(runChain(piecesAShift(rates), 'piece/shift').leftOver).toBe('');
    expect(runChain(metalToMelt(rates, 100), 'kg/lot').leftOver).toBe('');
    expect(runChain(daysForOrder(rates, 100), 'day').leftOver).toBe('');
  });

  test('the run of an order is the run of the calendar', () => {
    const dates = board.lanes.find((l) => l.id === 'gravity-die/hand')?.dates;
    const { time } = dates as NonNullable<typeof dates>;
    const days = runChain(daysForOrder(rates, 2000 - time.samples), 'day').value;
    expect((dates?.firstArticle_d ?? NaN) + time.approve_d + time.pass_d + days).toBeCloseTo(
      dates?.lastPart_d ?? NaN,
      6,
    );
  });

  test('pieces a shift are what the kilograms allow in the time model', () => {
    const time = board.lanes.find((l) => l.id === 'gravity-die/hand')?.dates?.time;
    const cap = time?.resources.find((r) => r.id === 'capKg')?.startsPerDay ?? NaN;
    expect(runChain(piecesAShift(rates), 'piece/shift').value).toBeGreaterThan(0);
    expect(runChain(piecesAShift(rates), 'piece/shift').value * rates.castingsAPiece).toBeLessThanOrEqual(cap + 1e-9);
  });

  test('a lane without money has no rates', () => {
    const nothing = prepareStudy(bracket({ alloy: null }));
    expect(laneRates(nothing, boardAt(nothing, 10), 'gravity-die/hand')).toBeNull();
  });
});
