import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { CORE_VERSION } from '../../src/core/version';
import { goldenFigures, type GoldenFigures } from './collect';
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

  test('a figure that moves by its last bit is seen, and which', () => {
    const [id = '', lane] = Object.entries(golden.figures.lanes).find(([, l]) => l.total !== null) ?? [];
    const total = (lane?.total ?? 1) * (1 + Number.EPSILON);
    const bent = { ...golden.figures, lanes: { ...golden.figures.lanes, [id]: { ...lane!, total } } };
    expect(moved(golden.figures, bent)).toEqual([`${id}: total ${lane?.total} → ${total}`]);
    const gone = { ...golden.figures, draws: {} };
    expect(moved(golden.figures, gone)).toHaveLength(Object.keys(golden.figures.draws).length);
  });
});
