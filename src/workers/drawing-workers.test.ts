import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import type { Ring } from '@/core/drawing';
import { answerFreezing } from './solidification.answer';
import { answerOutline } from './outline.answer';
import type { OutlineAnswer, OutlineRequest } from './outline.protocol';
import type { FreezingAnswer, FreezingRequest } from './solidification.protocol';

const BOX: Ring = [
  [0, 0],
  [40, 0],
  [40, 20],
  [0, 20],
];
const asked = (more: Partial<FreezingRequest> = {}): FreezingRequest => ({
  ...{ id: 1, bodies: [[BOX]], cells: 2500, bands: 5 },
  metal: { k: 150, rho: 2400, cLiquid: 1100, cSolid: 1000, latent: 390_000, solidus: 555, liquidus: 615, pour: 700 },
  mould: { k: 0.6, rho: 1600, c: 1170, temperature: 25, film: 600 },
  ...more,
});
async function freeze(request: FreezingRequest, wanted = true): Promise<FreezingAnswer[]> {
  const out: FreezingAnswer[] = [];
  await answerFreezing(
    request,
    (a) => out.push(a),
    () => Promise.resolve(wanted),
  );
  return out;
}

describe('the worker that freezes a section', () => {
  test('tells how far it is, then bands that lie in each other, and the last place near the middle', async () => {
    const last = (await freeze(asked())).at(-1);
    if (last?.kind !== 'found') throw new Error(JSON.stringify(last));
    const { bands, lastAt, complete, cells } = last.found;
    expect(complete).toBe(true);
    expect(cells).toBeLessThanOrEqual(2500);
    expect(bands).toHaveLength(5);
    const wide = bands.map(({ rings }) => {
      const xs = rings.flat().map(([x]) => x);
      return Math.max(...xs) - Math.min(...xs);
    });
    expect(wide).toEqual(wide.toSorted((a, b) => b - a));
    expect(lastAt[0]).toBeCloseTo(20, -1);
    expect(lastAt[1]).toBeCloseTo(10, -1);
  });

  test('is left where something newer is asked, and says what it cannot freeze', async () => {
    const heard = await freeze(asked({ cells: 40_000 }), false);
    expect(heard.some((a) => a.kind === 'found')).toBe(false);
    const [refused] = await freeze(asked({ mould: { k: 0.6, rho: 1600, c: 1170, temperature: 900, film: 600 } }));
    expect(refused).toMatchObject({ kind: 'refused', issue: { code: 'E_ORDER' } });
    expect((await freeze(asked({ bodies: [] })))[0]).toMatchObject({ kind: 'refused', issue: { code: 'E_LENGTH' } });
  });
});

describe('the worker that draws an outline', () => {
  const request: OutlineRequest = {
    ...{ id: 1, source: '/file', name: 'tripod-hub.stl', unit: 'mm', draw: [0, 0, 1], repair: false },
  };
  async function outline(fetched: () => Promise<Response>, wanted = true): Promise<OutlineAnswer[]> {
    const out: OutlineAnswer[] = [];
    await answerOutline(
      request,
      (a) => out.push(a),
      () => Promise.resolve(wanted),
      () => Promise.reject(new Error('no kernel is wanted')),
      fetched,
    );
    return out;
  }
  const file = (): Promise<Response> =>
    Promise.resolve(new Response(new Uint8Array(readFileSync('src/server/demo/parts/tripod-hub.stl'))));

  test('reads the kept file and draws it', async () => {
    const [found] = await outline(file);
    if (found?.kind !== 'found') throw new Error(JSON.stringify(found));
    expect(found.outline.size_mm[2]).toBeCloseTo(62, 1);
    expect(found.outline.section.length).toBeGreaterThan(0);
  });

  test('says what went wrong, and says nothing where it is not wanted any more', async () => {
    expect(await outline(() => Promise.resolve(new Response(null, { status: 404 })))).toEqual([
      { id: 1, kind: 'refused', message: 'The server answered 404 when asked for the file.' },
    ]);
    expect(await outline(() => Promise.resolve(new Response('no mesh')))).toMatchObject([{ kind: 'refused' }]);
    expect(await outline(file, false)).toEqual([]);
  });
});
