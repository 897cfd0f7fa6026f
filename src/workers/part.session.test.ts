import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import occtimportjs from 'occt-import-js';
import { describe, expect, test } from 'vitest';
import { checkMesh, measureBody, measureDraw, readyBody } from '@/core/part-file/geometry';
import { measuredGeometry } from '@/core/part-file/measured';
import { readMeshFile } from '@/core/part-file/readers';
import type { PartAnswer } from './part.protocol';
import { PartSession } from './part.session';

const PARTS = join(import.meta.dirname, '../server/demo/parts');
const measured = JSON.parse(readFileSync(join(PARTS, 'measured.json'), 'utf8')) as Readonly<
  Record<string, { readonly name: string; readonly measured: object }>
>;
const bytesOf = (path: string): Uint8Array<ArrayBuffer> => new Uint8Array(readFileSync(path));
const fileOf = (path: string): Blob => new Blob([bytesOf(path)]);
const MESHES = join(import.meta.dirname, '../../public/worked-cases/meshes');

/** A session whose answers are kept. */
function session(
  facets?: number,
  fetched?: (source: string) => Promise<Blob>,
): { answers: PartAnswer[]; part: PartSession } {
  const answers: PartAnswer[] = [];
  return {
    answers,
    part: new PartSession(
      (answer) => answers.push(answer),
      () => occtimportjs(),
      facets,
      fetched,
    ),
  };
}
const kinds = (answers: readonly PartAnswer[]): string[] =>
  answers.map((a) => a.kind).filter((kind) => kind !== 'progress');

describe('a part in the worker', () => {
  test('measures what a direct call measures, in the order it is found', async () => {
    const { answers, part } = session(2000);
    const path = join(PARTS, 'tripod-hub.stl');
    await part.handle({
      id: 1,
      kind: 'open',
      name: 'tripod-hub.stl',
      file: fileOf(path),
      unit: 'mm',
      draw: [0, 0, 1],
      repair: false,
    });
    expect(kinds(answers)).toEqual(['shown', 'body', 'still', 'drawn']);
    const ready = readyBody(checkMesh(readMeshFile('tripod-hub.stl', bytesOf(path)), 'mm'), 2000);
    const { found: _found, ...body } = measureBody(ready);
    const got = answers.find((a) => a.kind === 'body');
    expect(got?.kind === 'body' && structuredClone(got.body)).toMatchObject(body);
    const drawn = answers.find((a) => a.kind === 'drawn');
    const { undercut, ...draw } = measureDraw(ready, [0, 0, 1]);
    expect(drawn?.kind === 'drawn' && drawn.draw).toMatchObject(draw);
    expect(drawn?.kind === 'drawn' && drawn.draw.geometry).toEqual(
      measuredGeometry(ready.checked, { found: null, ...body }, { undercut, ...draw }),
    );
    const still = answers.find((a) => a.kind === 'still');
    expect(still?.kind === 'still' && [...still.png.subarray(1, 4)]).toEqual([0x50, 0x4e, 0x47]);
  });

  test('asks the unit of a file that names none, then goes on', async () => {
    const { answers, part } = session(2000);
    const path = join(import.meta.dirname, '../../public/worked-cases/meshes/block-inch.stl');
    await part.handle({
      id: 1,
      kind: 'open',
      name: 'block.stl',
      file: fileOf(path),
      unit: null,
      draw: null,
      repair: false,
    });
    expect(answers.at(-1)).toMatchObject({ kind: 'unit-wanted', likely: 'in' });
    await part.handle({ id: 2, kind: 'unit', unit: 'in' });
    const body = answers.find((a) => a.kind === 'body');
    expect(body?.kind === 'body' && body.body.whole.volume_mm3).toBeCloseTo(16_387.064, 6);
  });

  test('another draw costs only what hangs on it; a place is told; a refusal is data', async () => {
    const { answers, part } = session(2000);
    const path = join(PARTS, 'gear-head.stl');
    await part.handle({
      id: 1,
      kind: 'open',
      name: 'gear-head.stl',
      file: fileOf(path),
      unit: 'mm',
      draw: [0, 0, 1],
      repair: false,
    });
    answers.length = 0;
    await part.handle({ id: 2, kind: 'draw', direction: [0, 1, 0] });
    expect(kinds(answers)).toEqual(['drawn']);
    const drawn = answers.at(-1);
    expect(drawn?.kind === 'drawn' && (drawn.draw.undercut?.area_mm2 ?? 0)).toBeGreaterThan(10_000);
    await part.handle({ id: 3, kind: 'pick', from: [20, -300, 50], sight: [0, 1, 0] });
    expect(answers.at(-1)).toMatchObject({ kind: 'picked' });
    await part.handle({
      id: 4,
      kind: 'open',
      name: 'x.stl',
      file: new Blob([]),
      unit: null,
      draw: null,
      repair: false,
    });
    expect(answers.at(-1)).toMatchObject({ kind: 'refused', issue: { code: 'E_MESH_EMPTY' } });
    await part.handle({ id: 5, kind: 'draw', direction: [0, 0, 1] });
    expect(answers.at(-1)).toMatchObject({ kind: 'refused', issue: null });
  });

  describe('what was measured and kept', () => {
    const open = async (name: string) => {
      const first = session(2000);
      const file = fileOf(join(PARTS, name));
      await first.part.handle({ id: 1, kind: 'open', name, file, unit: 'mm', draw: [0, 0, 1], repair: false });
      await first.part.handle({ id: 2, kind: 'pack' });
      const packed = first.answers.find((a) => a.kind === 'packed');
      if (packed === undefined) throw new Error('nothing was packed');
      return { file, name, packed, first: first.answers };
    };
    // As text and back: nothing is nothing, whatever its sign.
    const told = (x: unknown): unknown => JSON.parse(JSON.stringify({ ...(x as object), id: 0 }));
    const restoring = {
      id: 1,
      kind: 'restore',
      source: '/the-file',
      unit: 'mm',
      draw: [0, 0, 1],
      repair: false,
    } as const;

    test('is shown without its file, the same to the last figure', async () => {
      const { name, packed, first } = await open('tripod-hub.stl');
      const asked: string[] = [];
      const { answers, part } = session(2000, (source) => {
        asked.push(source);
        return Promise.reject(new Error('no file is wanted'));
      });
      const { port1, port2 } = new MessageChannel();
      const picture = new Promise<MessageEvent<{ corners: Float32Array; creases: Float32Array }>>((done) => {
        port1.onmessage = done;
      });
      await part.handle({ id: 0, kind: 'picture', port: port2 });
      await part.handle({ ...restoring, name, kept: new Blob([packed.bytes]) });
      expect(answers.map((a) => a.kind)).toEqual(['shown', 'body', 'drawn']);
      expect(asked).toEqual([]);
      for (const kind of ['shown', 'body'] as const)
        expect(told(answers.find((a) => a.kind === kind))).toEqual(told(first.find((a) => a.kind === kind)));
      const drawn = answers.find((a) => a.kind === 'drawn');
      expect(drawn?.kept).toBe(true);
      expect(told(drawn?.draw)).toEqual(told(first.find((a) => a.kind === 'drawn')?.draw));
      const { corners, creases } = (await picture).data;
      expect(corners.length).toBe(9 * (first.find((a) => a.kind === 'shown')?.areas.length ?? 0));
      expect(creases.length).toBeGreaterThan(0);
      port1.close();
      // The same way of measuring is kept under the same key.
      await part.handle({ id: 3, kind: 'pack' });
      expect(answers.at(-1)).toMatchObject({ kind: 'packed', key: packed.key });
    });

    test('its file is fetched once, when a place or another draw is asked for, and nothing is measured twice', async () => {
      const { file, name, packed, first } = await open('tripod-hub.stl');
      let times = 0;
      const { answers, part } = session(2000, () => {
        times += 1;
        return Promise.resolve(file);
      });
      await part.handle({ ...restoring, name, kept: new Blob([packed.bytes]) });
      await Promise.all([
        part.handle({ id: 2, kind: 'pick', from: [0, -300, 5], sight: [0, 1, 0] }),
        part.handle({ id: 3, kind: 'draw', direction: [0, 1, 0] }),
      ]);
      await part.handle({ id: 4, kind: 'draw', direction: [0, 0, 1] });
      expect(times).toBe(1);
      expect(answers.some((a) => a.kind === 'progress' && a.stage === 'measuring')).toBe(false);
      expect(answers.find((a) => a.kind === 'picked')?.place).not.toBeNull();
      const again = answers.findLast((a) => a.kind === 'drawn');
      const before = first.find((a) => a.kind === 'drawn');
      expect(again?.draw.geometry).toEqual(before?.draw.geometry);
      expect(again?.kept).toBe(false);
    });

    test.each([
      ['bytes that are no pack', () => new Blob(['nonsense'])],
      ['a pack cut short', (bytes: Uint8Array<ArrayBuffer>) => new Blob([bytes.subarray(0, bytes.length / 2)])],
      ['an empty pack', () => new Blob([])],
    ])('%s: the part is measured again', async (_, made) => {
      const { file, name, packed } = await open('tripod-hub.stl');
      const { answers, part } = session(2000, () => Promise.resolve(file));
      await part.handle({ ...restoring, name, kept: made(packed.bytes) });
      expect(kinds(answers)).toEqual(['shown', 'body', 'still', 'drawn']);
    });
  });

  test('a small hole is offered to be filled, and every further measure is of the filled surface', async () => {
    const { answers, part } = session(2000);
    const whole = readFileSync(join(MESHES, 'cylinder-d20-h50-n64.obj'), 'utf8');
    const facet = whole.split('\n').findLast((line) => line.startsWith('f '));
    const file = new Blob([whole.replace(`${facet}\n`, '')]);
    await part.handle({ id: 1, kind: 'open', name: 'c.obj', file, unit: 'mm', draw: [0, 0, 1], repair: false });
    const shown = answers.find((a) => a.kind === 'shown');
    expect(shown?.file).toMatchObject({
      verdict: 'open',
      offer: { repair: 'holes-filled', pieces: 1 },
      repaired: null,
    });
    expect(answers.find((a) => a.kind === 'drawn')?.draw.geometry.volume_cm3).toBeNull();
    answers.length = 0;
    await part.handle({ id: 2, kind: 'repair' });
    expect(answers.find((a) => a.kind === 'shown')?.file).toMatchObject({
      verdict: 'open',
      offer: null,
      repaired: { repair: 'holes-filled' },
    });
    expect(answers.find((a) => a.kind === 'drawn')?.draw.geometry.volume_cm3).toBeCloseTo(15.683, 2);
    const twice = session(2000);
    await twice.part.handle({ id: 3, kind: 'open', name: 'c.obj', file, unit: 'mm', draw: [0, 0, 1], repair: true });
    expect(twice.answers.find((a) => a.kind === 'drawn')?.draw.geometry.volume_cm3).toBeCloseTo(15.683, 2);
  });

  test('the facets of the picture go straight to the worker that draws it', async () => {
    const { port1, port2 } = new MessageChannel();
    const heard = new Promise<MessageEvent<{ kind: string; corners: Float32Array }>>((done) => {
      port1.onmessage = done;
    });
    const { answers, part } = session(2000);
    await part.handle({ id: 1, kind: 'picture', port: port2 });
    const file = fileOf(join(MESHES, 'cube-40-ascii.stl'));
    await part.handle({ id: 2, kind: 'open', name: 'c.stl', file, unit: 'mm', draw: null, repair: false });
    const { data } = await heard;
    const shown = answers.find((a) => a.kind === 'shown');
    expect(data.kind).toBe('show');
    expect(data.corners.length).toBe(9 * (shown?.areas.length ?? 0));
    port1.close();
  });

  test('a STEP file measures to what its demo brief holds', async () => {
    for (const id of ['hinge-lug'] as const) {
      const { answers, part } = session();
      const { name, measured: want } = measured[id] ?? { name: '', measured: {} };
      await part.handle({
        id: 1,
        kind: 'open',
        name,
        file: fileOf(join(PARTS, name)),
        unit: null,
        draw: [0, 0, 1],
        repair: false,
      });
      const drawn = answers.find((a) => a.kind === 'drawn');
      expect(drawn?.kind === 'drawn' && drawn.draw.geometry).toEqual(want);
    }
  });
});
