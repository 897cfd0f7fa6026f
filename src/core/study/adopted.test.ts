import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { adoptedOf, methodOf, methodOffers } from '../method';
import { bracket } from '../testing/demo-briefs';
import { bestLayout, prepareStudy, standsOn } from '.';

const plain = prepareStudy(bracket());
const entryOf = (study: typeof plain, id: string) => study.lanes.find((l) => l.lane.id === id)!;
const withAdopted = (laneId: string, adopted: object) =>
  prepareStudy({
    ...bracket(),
    overrides: { ...bracket().overrides, adopted: { [laneId]: { date: '2027-01-04', ...adopted } } },
  });
const costAt = (study: typeof plain, id: string): number => bestLayout(entryOf(study, id), 500)?.total ?? NaN;

describe('figures of the method that a study adopted', () => {
  test('a longer dwell makes the cycle longer by as much as the section asks, and the part dearer; other lanes stay', () => {
    const id = 'gravity-die/hand';
    const dwell = entryOf(plain, id).model!.dwell;
    const longer = withAdopted(id, { dwell_s_mm: dwell + 1 });
    const cycle = (study: typeof plain): number => entryOf(study, id).costs[0]!.plan.cycle_s;
    const shut = entryOf(plain, id).model!.v.cycle!.kShut!.v;
    const section = plain.facts!.t!;
    expect(cycle(longer) - cycle(plain)).toBeCloseTo(
      (Array.isArray(shut) ? (shut[1] as number) : (shut as number)) * section,
      9,
    );
    expect(costAt(longer, id)).toBeGreaterThan(costAt(plain, id));
    for (const { lane, costs } of plain.lanes)
      if (lane.id !== id && costs.length > 0)
        expect(costAt(longer, lane.id), lane.id).toBeCloseTo(costAt(plain, lane.id), 9);
    expect(standsOn(entryOf(longer, id))).toEqual(['method']);
    expect(standsOn(entryOf(plain, id))).toEqual(['book']);
    expect(boardAt(longer, 500).lanes.find((l) => l.id === id)?.stands).toEqual(['method']);
  });

  test('yield, warm-up, lost places and cooling take the place of the book’s, and say whose they are', () => {
    const id = 'shell-investment/wax-die';
    const study = withAdopted(id, { yield: 0.3, warmUpPours: 4, lostShare: 0.2, cooling_h: 9 });
    const { lane, rates, model } = entryOf(study, id);
    expect(model).toMatchObject({ Y: 0.3, warmUp: 4 });
    expect(lane.capability.positionsLost.v).toEqual([0.2, 0.2, 0.2]);
    expect(lane.sources?.['yield']).toMatchObject({ who: 'the method', date: '2027-01-04' });
    expect(rates.cooling.shell['aluminium']).toMatchObject({ base_h: { v: [9, 9, 9] }, perMm_h: { v: [0, 0, 0] } });
    expect(costAt(study, id)).toBeGreaterThan(costAt(plain, id));
  });

  test('what a method offers, once adopted, is what the lane stands on', () => {
    for (const id of [
      'gravity-die/hand',
      'permanent-mould/tilt',
      'shell-investment/wax-die',
      'flask-investment/printed',
    ]) {
      const offers = methodOffers(methodOf(plain, id, 500), entryOf(plain, id));
      expect(offers.length, id).toBeGreaterThan(0);
      const { date: _date, ...adopted } = adoptedOf(offers, '2027-01-04');
      const study = withAdopted(id, adopted);
      for (const again of methodOffers(methodOf(study, id, 500), entryOf(study, id))) {
        const first = offers.find((o) => o.id === again.id)!;
        expect(again.was, `${id} ${again.id}`).toBeCloseTo(first.now, 9);
      }
    }
  });
});
