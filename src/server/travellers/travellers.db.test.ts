import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { travellerOf } from '@/core/traveller';
import { createStudy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { barcode, getTraveller, issueTraveller, keepTicks, listTravellers, type Tick } from '.';

beforeAll(() => freshDatabase('travellers'));
afterAll(closeAll);

const body = travellerOf(prepareStudy(bracket()), { laneId: 'green-sand/bench', good: 40, startDate: '2027-01-04' });
const tick = (item: string, at: string, more: Partial<Tick> = {}): Tick => ({
  item,
  done: true,
  note: '',
  who: 'Ada',
  at,
  ...more,
});
const pour = body.steps.find((s) => s.phase === 'pour')?.id ?? '';
const issued = async (): Promise<string> => {
  const study = await createStudy(bracket());
  const id = await issueTraveller(study.id, body, 'Ada');
  if (id === null) throw new Error('not issued');
  return id;
};

describe('travellers', () => {
  test('are kept as they were issued, numbered by study', async () => {
    const study = await createStudy(bracket());
    const ids = await Promise.all([1, 2, 3].map(() => issueTraveller(study.id, body, 'Ada')));
    const list = await listTravellers(study.id);
    expect(list.map((t) => t.number)).toEqual([3, 2, 1]);
    expect(new Set(list.map((t) => t.id))).toEqual(new Set(ids));
    expect(list[0]).toMatchObject({ laneId: 'green-sand/bench', good: 40, startDate: '2027-01-04', ticks: 0 });
    expect((await getTraveller(ids[0] ?? ''))?.body).toEqual(JSON.parse(JSON.stringify(body)));
    expect(await issueTraveller('no-such', body, 'Ada')).toBeNull();
    expect(await getTraveller('no-such')).toBeUndefined();
  });

  test('take ticks once, whatever order they come in: the later word stands', async () => {
    const id = await issued();
    const stop = body.stops[0]?.id ?? '';
    const later = tick(stop, '2027-01-04T10:00:00.000Z', { done: false, note: 'damp again' });
    const sooner = tick(stop, '2027-01-04T09:00:00.000Z');
    await keepTicks(id, [later]);
    const kept = await keepTicks(id, [sooner]);
    expect(kept).toMatchObject({
      outcome: 'kept',
      ticks: [{ item: stop, done: false, note: 'damp again', at: later.at }],
    });
    // Sent twice it is there once.
    expect(await keepTicks(id, [later])).toEqual(kept);
    expect((await getTraveller(id))?.ticks).toHaveLength(1);
  });

  test('let nothing be poured before every stop is ticked; of a batch all or none is kept', async () => {
    const id = await issued();
    const at = '2027-01-04T09:00:00.000Z';
    const [first, ...rest] = body.stops;
    const early = await keepTicks(id, [tick(first?.id ?? '', at), tick(pour, at)]);
    expect(early).toMatchObject({ outcome: 'refused', item: pour });
    expect((await getTraveller(id))?.ticks).toEqual([]);
    const all = [first, ...rest].map((s) => tick(s?.id ?? '', at));
    expect(await keepTicks(id, [...all, tick(pour, at)])).toMatchObject({ outcome: 'kept' });
    expect(await keepTicks(id, [tick('no-such', at)])).toMatchObject({ outcome: 'refused', item: 'no-such' });
    expect(await keepTicks('no-such', all)).toEqual({ outcome: 'missing' });
  });

  test('never take a stop that the method refuses', async () => {
    const study = await createStudy(bracket());
    const [stop] = body.stops;
    const bad = { ...body, stops: body.stops.map((s, i) => (i === 0 ? { ...s, refused: true } : s)) };
    const id = (await issueTraveller(study.id, bad, 'Ada')) ?? '';
    expect(await keepTicks(id, [tick(stop?.id ?? '', '2027-01-04T09:00:00.000Z')])).toMatchObject({
      ...{ outcome: 'refused', item: stop?.id },
    });
  });
});

test('a barcode is bars and gaps in turn, other for another text, and ends with its stop', () => {
  const [a, b] = [barcode('L1-AB-1'), barcode('L1-AB-2')];
  expect(a.bars.length % 2).toBe(1);
  expect(a.bars).not.toEqual(b.bars);
  // Code 128 begins with a start symbol of eleven modules and ends with a stop of thirteen.
  expect(a.bars.slice(0, 6).reduce((x, y) => x + y, 0)).toBe(11);
  expect(a.bars.slice(-7)).toEqual([2, 3, 3, 1, 1, 1, 2]);
});
