import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { CORE_VERSION } from '../../src/core/base/version';
import { goldenFigures, print, type GoldenFigures } from './collect';
import { moved } from './moved';

const golden = JSON.parse(readFileSync(join(import.meta.dirname, 'golden.json'), 'utf8')) as {
  readonly version: string;
  readonly figures: GoldenFigures;
};
const VERSIONS = join(import.meta.dirname, '../../docs/model/versions.md');

describe('the version of the core', () => {
  test('no figure of a demo study moved since it was frozen', () => {
    const changes = moved(golden.figures, goldenFigures());
    expect(
      changes,
      `figures moved: raise CORE_VERSION, say why in docs/model/versions.md, and run npm run golden`,
    ).toEqual([]);
    expect(golden.version, 'the version moved: run npm run golden').toBe(CORE_VERSION);
  }, 120_000);

  test('its reasons are written down', () => {
    const note = readFileSync(VERSIONS, 'utf8');
    const of = note.split(/^## /m).find((part) => part.startsWith(CORE_VERSION));
    expect(of?.split('\n').slice(1).join(' ').trim().length ?? 0).toBeGreaterThan(40);
  });

  const [id = '', lane] = Object.entries(golden.figures.lanes).find(([, l]) => l.total !== null) ?? [];
  const bent = (by: number): GoldenFigures => ({
    ...golden.figures,
    lanes: { ...golden.figures.lanes, [id]: { ...lane!, total: (lane?.total ?? 1) * (1 + by) } },
  });

  test('a figure that moves is seen, and which; one that moved in its last bits is not', () => {
    expect(moved(golden.figures, bent(1e-9))).toEqual([
      `${id}: total ${lane?.total} → ${(lane?.total ?? 1) * (1 + 1e-9)}`,
    ]);
    expect(moved(golden.figures, bent(Number.EPSILON))).toEqual([]);
    const gone = { ...golden.figures, draws: {} };
    expect(moved(golden.figures, gone)).toHaveLength(Object.keys(golden.figures.draws).length);
  });

  test.each([
    ['one of many moves by a millionth', (x: number, i: number) => (i === 3 ? x * (1 + 1e-6) : x)],
    ['two change places', (x: number, i: number, all: number[]) => (i < 2 ? all[1 - i]! : x)],
    ['one turns its sign', (x: number, i: number) => (i === 5 ? -x : x)],
  ])('a print tells when %s', (_, change) => {
    const figures = Array.from({ length: 40 }, (__, i) => 1.7 ** (i - 12));
    const of = (list: readonly (number | string | null)[]): GoldenFigures => ({
      lanes: {},
      workings: {},
      plans: {},
      draws: { one: print(list) },
    });
    expect(moved(of(figures), of(figures.map(change)))).toEqual(['one: draws']);
    expect(moved(of(figures), of([...figures, null]))).toEqual(['one: draws']);
    expect(moved(of(figures), of(figures.map((x) => x * (1 + 1e-15))))).toEqual([]);
  });
});
