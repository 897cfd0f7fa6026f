import { afterAll, beforeAll, expect, test } from 'vitest';
import { parseBrief } from '@/core/brief';
import { briefOfBoughtPart, screenParts } from '@/core/comparison/parts-list';
import { ratesOf, SHIPPED_RATES } from '@/core/rates';
import { prepareStudy } from '@/core/study';
import { BOUGHT_PARTS } from '../demo/bought-parts.data';
import { inPool } from '../jobs';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { dropPart, getBoughtPart, listBoughtParts, MOST_PARTS, putParts, ratesOfSet } from '.';

beforeAll(() => freshDatabase('bought_parts'));
afterAll(closeAll);

test('a list is kept to the letter, put over by number, and taken off', async () => {
  expect(await putParts(BOUGHT_PARTS, 'Ilse Varga')).toBe(true);
  expect(await listBoughtParts()).toEqual(BOUGHT_PARTS.toSorted((a, b) => a.id.localeCompare(b.id)));
  const [first] = BOUGHT_PARTS;
  if (first === undefined) throw new Error('none');
  const changed = { ...first, name: 'yoke, cast?', guessed: ['way'] as const, toothed: true };
  await putParts([changed], 'Jory Lund');
  expect(await getBoughtPart(first.id)).toEqual(changed);
  expect(await listBoughtParts()).toHaveLength(BOUGHT_PARTS.length);
  expect(await dropPart(first.id)).toBe(true);
  expect(await dropPart(first.id)).toBe(false);
  expect(await getBoughtPart(first.id)).toBeUndefined();
});

test('is screened by the server as by the core, by any rate set there is', async () => {
  const rates = await ratesOfSet(SHIPPED_RATES.id);
  if (rates === undefined) throw new Error('no rates');
  expect(await ratesOfSet('gone')).toBeUndefined();
  const parts = await listBoughtParts();
  const found = await inPool('screenParts', { parts, rates });
  expect(found).toEqual(screenParts(parts, ratesOf(rates)));
});

test('thousands are put in and screened; more than the list holds are refused whole', async () => {
  const many = Array.from({ length: 4000 }, (_, i) => {
    const of = BOUGHT_PARTS[i % BOUGHT_PARTS.length] as (typeof BOUGHT_PARTS)[number];
    return { ...of, id: `n-${i}`, name: `${of.name} ${i}` };
  });
  expect(await putParts(many, 'x')).toBe(true);
  const before = (await listBoughtParts()).length;
  const rates = await ratesOfSet(SHIPPED_RATES.id);
  if (rates === undefined) throw new Error('no rates');
  const found = await inPool('screenParts', { parts: await listBoughtParts(), rates });
  expect(found).toHaveLength(before);
  const toomany = Array.from({ length: MOST_PARTS }, (_, i) => ({
    ...(many[0] as (typeof many)[number]),
    id: `m-${i}`,
  }));
  expect(await putParts(toomany, 'x')).toBe(false);
  expect(await listBoughtParts()).toHaveLength(before);
});

test('every part of the list makes a brief that can be worked with', () => {
  for (const part of BOUGHT_PARTS) {
    const read = parseBrief(briefOfBoughtPart(part, SHIPPED_RATES));
    expect(read.ok ? [] : read.issues, part.name).toEqual([]);
    if (!read.ok) continue;
    expect(read.brief.today.cost_USD).toBe(part.today_USD);
    const mass = prepareStudy(read.brief).facts?.m;
    if (mass !== undefined) expect(Math.abs(mass / part.finished_kg - 1), part.name).toBeLessThan(0.002);
  }
});
