// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { Brief } from '@/core/brief';
import { bracket } from '@/core/testing/demo-briefs';
import type { PartAnswer } from '@/workers/part.protocol';
import { standInServer, type Asked } from '../testing/server';
import { handOver } from './handoff';
import { usePart } from './use-part';

/** The worker of the part, as the test plays it. */
interface Played {
  readonly report: (answer: PartAnswer) => void;
  readonly asked: unknown[][];
  closed: boolean;
}
interface World {
  workers: Played[];
  study: { id: string; brief: Brief | null; setBrief: (next: Brief) => void };
  kept: Blob | null;
  keeps: string[];
}
const world = vi.hoisted((): World => ({
  workers: [],
  study: { id: 's', brief: null, setBrief: () => undefined },
  kept: null,
  keeps: [],
}));
vi.mock('@/workers/part.client', () => ({
  PartClient: class {
    private readonly played: Played;
    constructor(report: (answer: PartAnswer) => void) {
      this.played = { report, asked: [], closed: false };
      world.workers.push(this.played);
    }
    open = (...words: unknown[]) => this.played.asked.push(['open', ...words]);
    restore = (...words: unknown[]) => this.played.asked.push(['restore', ...words]);
    unit = (...words: unknown[]) => this.played.asked.push(['unit', ...words]);
    draw = (...words: unknown[]) => this.played.asked.push(['draw', ...words]);
    repair = () => this.played.asked.push(['repair']);
    pick = (...words: unknown[]) => this.played.asked.push(['pick', ...words]);
    pack = () => this.played.asked.push(['pack']);
    picture = () => undefined;
    close = () => (this.played.closed = true);
  },
}));
vi.mock('../study/study-context', () => ({ useStudy: () => world.study }));
vi.mock('./keep-file', () => ({
  keepFile: (_: Blob, name: string) => {
    world.keeps.push(`file ${name}`);
    return name.includes('full') ? Promise.reject(new Error('The disk is full.')) : Promise.resolve('f1');
  },
  keepStill: (id: string) => Promise.resolve(world.keeps.push(`still ${id}`)),
  keepMeasures: (id: string, key: string) => Promise.resolve(world.keeps.push(`measures ${id} ${key}`)),
  keptMeasures: () => Promise.resolve(world.kept),
}));

const MODEL: NonNullable<Brief['model']> = {
  ...{ file: 'f0', name: 'old.stl', unit: 'mm', draw: [0, 0, 1], repaired: null, resolution_mm: 1 },
  ...{ measured: { volume_cm3: 12 }, remarks: {}, notes: {} },
} as unknown as NonNullable<Brief['model']>;
const FILE = { name: 'hub.stl', unit: 'mm', repaired: null } as never;
const DRAW = {
  direction: [0, 0, 1],
  geometry: { volume_cm3: 77, area_cm2: 150, box_mm: [50, 40, 30] },
  remarks: {},
  resolution_mm: 0.51234,
  widest_mm: 12,
  heavy: [{ at_mm: [1, 2, 3], diameter_mm: 9, modulus_mm: 2.4, isolated: true }],
} as never;

const NO_VIEWER = { current: null };
let asked: Asked[];
let written: Brief[];
beforeEach(() => {
  asked = standInServer();
  written = [];
  Object.assign(world, { workers: [], kept: null, keeps: [] });
  world.study = { id: 's', brief: bracket(), setBrief: (next) => void written.push(next) };
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function part(model: Brief['model'] = null) {
  // Nothing is typed yet: what is measured fills it.
  const geometry = { ...bracket().geometry, volume_cm3: null, area_cm2: null, box_mm: null };
  world.study = { ...world.study, brief: { ...bracket(), geometry, model } };
  const hook = renderHook(() => usePart(NO_VIEWER));
  await act(async () => {
    for (let turn = 0; turn < 8; turn++) await Promise.resolve();
  });
  return hook.result;
}
const says = (answer: Partial<PartAnswer>, worker = world.workers.at(-1)) =>
  act(async () => {
    worker?.report({ id: 1, ...answer } as PartAnswer);
    for (let turn = 0; turn < 12; turn++) await Promise.resolve();
  });
/** Answers a request once it has been made. */
async function answered(at: number, status: number, body: string): Promise<void> {
  await vi.waitFor(() => expect(asked.length).toBeGreaterThan(at));
  await act(async () => asked[at]?.answer(status, body));
}
const named = (name: string): File => new File(['x'], name);

describe('a file taken by hand', () => {
  test('is read, measured, kept, and fills the brief', async () => {
    const it = await part();
    act(() => it.current.take(named('hub.stl')));
    expect(it.current.state).toMatchObject({ busy: { stage: 'reading' }, kept: 'sending' });
    expect(world.workers[0]?.asked[0]).toEqual([
      'open',
      'hub.stl',
      expect.any(File),
      { unit: null, draw: null, repair: false },
    ]);
    await says({ kind: 'shown', file: FILE, areas: Float32Array.of(1) });
    expect(world.keeps).toEqual([]);
    await says({ kind: 'body', body: {} as never });
    expect(world.keeps).toEqual(['file hub.stl']);
    expect(it.current.state.kept).toBe('kept');
    await says({ kind: 'drawn', draw: DRAW, kept: false });
    const brief = written.at(-1);
    expect(brief?.model).toMatchObject({
      ...{ file: 'f1', name: 'hub.stl', unit: 'mm', resolution_mm: 0.512, widest_mm: 12 },
      heavy: [{ at_mm: [1, 2, 3], diameter_mm: 9 }],
    });
    expect(brief?.geometry).toMatchObject({ volume_cm3: 77, box_mm: [50, 40, 30] });
  });

  test('that the server cannot keep still fills the brief, as if typed', async () => {
    const it = await part();
    act(() => it.current.take(named('full.stl')));
    await says({ kind: 'shown', file: FILE, areas: Float32Array.of(1) });
    await says({ kind: 'body', body: {} as never });
    expect(it.current.state.kept).toEqual({ failed: 'The disk is full.' });
    await says({ kind: 'drawn', draw: DRAW, kept: false });
    expect(written.at(-1)).toMatchObject({ model: null, geometry: { volume_cm3: 77 } });
  });

  test('asks for the unit where the file names none, and measures in the one given', async () => {
    const it = await part();
    act(() => it.current.take(named('hub.stl')));
    await says({ kind: 'unit-wanted', size: [1, 2, 3], likely: 'in' });
    expect(it.current.state.asksUnit).toEqual({ size: [1, 2, 3], likely: 'in' });
    act(() => it.current.giveUnit('in'));
    expect(world.workers[0]?.asked.at(-1)).toEqual(['unit', 'in']);
    expect(it.current.state).toMatchObject({ asksUnit: null, busy: { stage: 'checking' } });
  });

  test('another taken meanwhile ends the first', async () => {
    const it = await part();
    act(() => it.current.take(named('a.stl')));
    act(() => it.current.take(named('b.stl')));
    expect(world.workers.map((w) => w.closed)).toEqual([true, false]);
  });

  test('stopped by hand leaves nothing there and writes nothing', async () => {
    const it = await part();
    act(() => it.current.take(named('a.stl')));
    act(() => it.current.cancel());
    expect(world.workers[0]?.closed).toBe(true);
    expect(it.current.state).toMatchObject({ busy: null, file: null, kept: 'no' });
    expect(written).toEqual([]);
  });

  test('dropped on another view it is taken when this one opens', async () => {
    handOver('s', named('dropped.stl'));
    await part();
    expect(world.workers[0]?.asked[0]?.[1]).toBe('dropped.stl');
  });
});

describe('a part measured before', () => {
  test('is shown from what was kept, without its file', async () => {
    world.kept = new Blob(['packed']);
    const it = await part(MODEL);
    expect(asked).toEqual([]);
    expect(world.workers[0]?.asked[0]).toEqual([
      'restore',
      'old.stl',
      world.kept,
      '/api/part-files/f0',
      { unit: 'mm', draw: [0, 0, 1], repair: false },
    ]);
    expect(it.current.state.kept).toBe('kept');
  });

  test('else from its file', async () => {
    await part(MODEL);
    await answered(0, 200, 'solid');
    await vi.waitFor(() => expect(world.workers[0]?.asked[0]?.slice(0, 2)).toEqual(['open', 'old.stl']));
  });

  test('whose file is gone says so, and can be asked for again', async () => {
    const it = await part(MODEL);
    await answered(0, 404, '');
    await vi.waitFor(() => expect(it.current.state.refused?.message).toBe('The file of this part is not kept here.'));
    act(() => it.current.again());
    await answered(1, 500, '');
    await vi.waitFor(() => expect(it.current.state.refused?.message).toBe('The server answered 500.'));
  });

  test('opened another way is written to the brief; its measures are packed and kept once the hand rests', async () => {
    world.kept = new Blob(['packed']);
    const it = await part(MODEL);
    await says({ kind: 'shown', file: FILE, areas: Float32Array.of(1) });
    vi.useFakeTimers();
    act(() => it.current.turn([1, 0, 0]));
    expect(world.workers[0]?.asked.at(-1)).toEqual(['draw', [1, 0, 0]]);
    await says({ kind: 'drawn', draw: { ...(DRAW as object), direction: [1, 0, 0] } as never, kept: false });
    expect(written.at(-1)?.model).toMatchObject({ file: 'f0', draw: [1, 0, 0] });
    await act(() => vi.advanceTimersByTimeAsync(1300));
    expect(world.workers[0]?.asked.at(-1)).toEqual(['pack']);
    await says({ kind: 'packed', key: 'k', bytes: new Uint8Array(2) });
    expect(world.keeps).toEqual(['measures f0 k']);
  });

  test('a broken surface repaired by hand is measured and written', async () => {
    world.kept = new Blob(['packed']);
    const it = await part(MODEL);
    await says({
      kind: 'shown',
      file: { ...(FILE as object), repaired: { repair: 'holes' } } as never,
      areas: Float32Array.of(1),
    });
    act(() => it.current.repair());
    act(() => it.current.pick([0, 0, 0], [0, 0, 1]));
    expect(world.workers[0]?.asked.slice(-2)).toEqual([['repair'], ['pick', [0, 0, 0], [0, 0, 1]]]);
    await says({ kind: 'drawn', draw: DRAW, kept: true });
    expect(written.at(-1)?.model?.repaired).toBe('holes');
  });
});
