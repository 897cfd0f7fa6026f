import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import occtimportjs from 'occt-import-js';
import { afterAll, beforeAll, expect, test, vi } from 'vitest';
import { CoreError } from '@/core/base/errors';
import { checkMesh, measureBody, measureDraw, readyBody } from '@/core/part-file/geometry';
import { fileKind, readMeshFile } from '@/core/part-file/readers';
import { readStep } from './step';

const MESHES = join(import.meta.dirname, '../../public/worked-cases/meshes');
const PARTS = join(import.meta.dirname, '../server/demo/parts');
const FILES = [
  ...readdirSync(MESHES)
    // The finest of them take seconds each to measure and are mutated no otherwise than the rest.
    .filter((f) => /\.(stl|obj)$/.test(f) && !/^(cylinder-d20|ring|mug)/.test(f))
    .map((f) => join(MESHES, f)),
  join(PARTS, 'knob.3mf'),
].map((path) => ({ name: path.split('/').at(-1) ?? '', bytes: new Uint8Array(readFileSync(path)) }));
const STEP = { name: 'hinge-lug.step', bytes: new Uint8Array(readFileSync(join(PARTS, 'hinge-lug.step'))) };

/** A seeded source of chance, so that a mutant that fails can be made again. Source: Mulberry32. */
function chance(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A file with bytes cut, turned or repeated, once to three times. */
function mutant(bytes: Uint8Array, next: () => number): Uint8Array {
  let out: Uint8Array = bytes.slice();
  for (let k = Math.floor(next() * 2); k >= 0; k--) {
    const at = Math.floor(next() * out.length);
    const many = 1 + Math.floor(next() * Math.min(400, out.length - at));
    const kind = next();
    if (kind < 0.2) out = joined(out.subarray(0, at), out.subarray(at + many));
    else if (kind < 0.35) out = joined(out.subarray(0, at + many), out.subarray(at));
    else if (kind < 0.45) out = out.slice(0, at);
    else for (let i = 0; i < 1 + next() * 8; i++) out[Math.floor(next() * out.length)] = Math.floor(next() * 256);
  }
  return out;
}

function joined(a: Uint8Array, b: Uint8Array): Uint8Array {
  const out = new Uint8Array(a.length + b.length);
  out.set(a);
  out.set(b, a.length);
  return out;
}

/** What becomes of a file: measured, or refused by code. Anything else is thrown. */
function fate(read: () => ReturnType<typeof readMeshFile>): string {
  try {
    const body = readyBody(checkMesh(read(), 'mm'), 200);
    const found = measureBody(body);
    measureDraw(body, [0, 0, 1]);
    return found.whole.volume_mm3 === null ? 'area only' : 'measured';
  } catch (error) {
    if (error instanceof CoreError) return error.issue.code;
    throw error;
  }
}

/** Mutants of one run; `npm run fuzz:files` makes many more. */
const MUTANTS = Number(process.env['MUTANTS'] ?? 484);
/** Another seed each day: what one run does not meet, a later one may. It is shown with what fails. */
const SEED = Number(process.env['MUTANTS_SEED'] ?? Math.floor(Date.now() / 86_400_000));
const LIMIT_MS = 60_000 + 1000 * MUTANTS;

const silence = vi.spyOn(console, 'log');
beforeAll(() => void silence.mockImplementation(() => undefined));
afterAll(() => silence.mockRestore());

test(
  'mutants of meshes are measured or clearly refused',
  () => {
    const next = chance(SEED);
    const fates = new Map<string, number>();
    for (let i = 0; i < MUTANTS; i++) {
      const file = FILES[i % FILES.length]!;
      const bytes = mutant(file.bytes, next);
      let became: string;
      try {
        became = fate(() => readMeshFile(file.name, bytes));
      } catch (error) {
        throw new Error(`mutant ${i} of ${file.name}, seed ${SEED}: ${String(error)}`, { cause: error });
      }
      fates.set(became, (fates.get(became) ?? 0) + 1);
    }
    const measured = fates.get('measured') ?? 0;
    expect(measured + (fates.get('area only') ?? 0)).toBeGreaterThan(MUTANTS / 10);
    expect([...fates.keys()].filter((f) => f.startsWith('E_')).length).toBeGreaterThan(2);
    // Of this thread alone: others test beside it in the same process.
    expect(process.memoryUsage().heapUsed).toBeLessThan(0.8e9);
  },
  LIMIT_MS,
);

test(
  'mutants of a STEP file are read or clearly refused',
  async () => {
    const kernel = await occtimportjs();
    const next = chance(SEED);
    const fates = new Map<string, number>();
    for (let i = 0; i < MUTANTS / 80; i++) {
      const bytes = mutant(STEP.bytes, next);
      const became = (() => {
        try {
          fileKind(STEP.name, bytes);
          checkMesh(readStep(kernel, STEP.name, bytes), 'mm');
          return 'read';
        } catch (error) {
          if (!(error instanceof CoreError)) throw error;
          return error.issue.code;
        }
      })();
      fates.set(became, (fates.get(became) ?? 0) + 1);
    }
    expect([...fates.values()].reduce((sum, n) => sum + n, 0)).toBe(Math.ceil(MUTANTS / 80));
    expect(fates.get('read'), `seed ${SEED}`).toBeGreaterThan(0);
  },
  LIMIT_MS,
);
