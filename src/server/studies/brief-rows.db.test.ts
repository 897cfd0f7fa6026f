import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { z } from 'zod';
import { briefSchema, type Brief } from '@/core/brief';
import { anyBrief } from '@/core/testing/any-brief';
import { bracket } from '@/core/testing/demo-briefs';
import { closePool } from '../db';
import { anyOf, elementOf, fieldsOf } from '../testing/any-of-schema';
import { freshDatabase } from '../testing/test-database';
import { createStudy, getStudy } from '.';

beforeAll(() => freshDatabase('brief_rows'));
afterAll(closePool);

const backFrom = async (brief: Brief): Promise<Brief | undefined> =>
  (await getStudy((await createStudy(brief)).id))?.brief;

/** Every field of the brief by its path; [0] is the first of a list. */
function leaves(schema: z.ZodType, path: readonly string[] = []): { path: readonly string[]; schema: z.ZodType }[] {
  const fields = fieldsOf(schema);
  if (fields !== null) return Object.entries(fields).flatMap(([key, of]) => leaves(of, [...path, key]));
  const element = elementOf(schema);
  if (element !== null && fieldsOf(element) !== null) return leaves(element, [...path, '0']);
  return [{ path, schema }];
}

/** A copy of data with one value set; what is missing on the way is made. */
function withValue(data: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  if (key === '0') {
    const list = Array.isArray(data) ? (data as unknown[]) : [];
    return [withValue(list[0] ?? {}, rest, value), ...list.slice(1)];
  }
  const held = (typeof data === 'object' && data !== null ? data : {}) as Record<string, unknown>;
  return { ...held, [key]: withValue(held[key], rest, value) };
}

const at = (data: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>((here, key) => (here as Record<string, unknown> | null | undefined)?.[key], data);

/** Fields that stand only beside others: the others, as they must be. */
const BESIDE: Readonly<Record<string, object>> = {
  features: { features: [{ id: 'f1', name: 'bore', kind: 'turn', nominal_mm: 5000, tol_mm: 0.5 }] },
  holes: { holes: [{ dia_mm: 8, depth_mm: 20 }] },
  tool: { tool: { variant: 'gravity-die/hand', state: 'owned' } },
  toolOption: { toolOption: { variant: 'gravity-die/hand', id: 'hardened' } },
  plan: { plan: { first: 'gravity-die/hand', then: 'permanent-mould/tilt', pieces: 300 } },
  model: {
    model: {
      file: 'f',
      name: 'n.stl',
      unit: 'mm',
      draw: [0, 0, 1],
      measured: {
        volume_cm3: null,
        area_cm2: null,
        wallMin_mm: null,
        sectionMax_mm: null,
        projected_cm2: null,
        undercuts: null,
        passages: null,
        coredHoles: null,
      },
      heavy: [{ at_mm: [1, 2, 3], diameter_mm: 9, modulus_mm: 2, isolated: true }],
    },
  },
};

describe('a brief written to its rows and read back', () => {
  test('any brief of a part that could be comes back unchanged', async () => {
    await fc.assert(
      fc.asyncProperty(anyBrief, async (brief) => {
        expect(await backFrom(brief)).toEqual(brief);
      }),
      { numRuns: 60 },
    );
  });

  const all = leaves(briefSchema);

  test('every field of the schema comes back, also one that no demo brief fills', async () => {
    expect(all.length).toBeGreaterThan(70);
    const never: string[] = [];
    for (const { path, schema } of all) {
      const name = path.join('.');
      const base = { ...bracket(), ...BESIDE[path[0] ?? ''] };
      const before = briefSchema.safeParse(base);
      const was = JSON.stringify(at(before.data, path));
      let found: Brief | null = null;
      for (const value of fc.sample(anyOf(schema), { numRuns: 4000, seed: 7 })) {
        const read = briefSchema.safeParse(withValue(structuredClone(base), path, value));
        if (!read.success || JSON.stringify(at(read.data, path)) === was) continue;
        found = read.data;
        break;
      }
      if (found === null) never.push(name);
      else expect(await backFrom(found), name).toEqual(found);
    }
    // Fields for which no value could be made beside a plain bracket: none may hide here unseen.
    expect(never).toEqual([]);
  }, 120_000);
});
