import { describe, expect, test } from 'vitest';
import { SHIPPED_REF } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { FOUNDRIES } from '@/server/demo/foundries.data';
import { Desk, deskRequestSchema, type DeskRequest } from './desk';

const foundry = FOUNDRIES.find((f) => f.profile.lines.some((l) => l.route === 'gravity-die'));
if (foundry === undefined) throw new Error('no foundry with a gravity die');
const line = foundry.profile.lines.find((l) => l.route === 'gravity-die');
const request = (id: string, more: object = {}): DeskRequest =>
  deskRequestSchema.parse({
    ...{ id, foundry: { id: foundry.id, name: foundry.name, profile: foundry.profile }, policy: 'published' },
    ...{ laneId: `gravity-die/${line?.variant ?? ''}`, brief: bracket(), rates: SHIPPED_REF, q: 500, on: '2027-02-10' },
    ...more,
  });
const ID = '3f2c9a04-2c1f-4f0e-9a0e-0c7b6f1d2e3a';

describe('the desk', () => {
  test('keeps a reply back for its while, then gives the same one again and again', () => {
    let now = 0;
    const desk = new Desk('seed', 20_000, () => now);
    expect(desk.answer(ID)).toBeUndefined();
    expect(desk.take(request(ID))).toBeNull();
    const first = desk.answer(ID);
    expect(first?.state === 'waiting' ? first.seconds : 0).toBeGreaterThan(0);
    now = 20_000;
    const reply = desk.answer(ID);
    expect(reply?.state).toBe('replied');
    expect(desk.take(request(ID))).toBeNull();
    expect(desk.answer(ID)).toEqual(reply);
    // Another desk of the same seed says the same.
    const other = new Desk('seed', 0, () => 0);
    other.take(request(ID));
    expect(other.answer(ID)).toEqual(reply);
  });

  test('says what it cannot read of a request', () => {
    const desk = new Desk('seed', 0, () => 0);
    expect(desk.take(request(ID, { brief: { title: '' } }))).toMatch(/^brief: /);
    expect(desk.take(request(ID, { foundry: { id: 'f', name: 'F', profile: { lines: 3 } } }))).toMatch(/^profile: /);
    expect(deskRequestSchema.safeParse({ id: 'x' }).success).toBe(false);
    expect(desk.answer(ID)).toBeUndefined();
  });
});
