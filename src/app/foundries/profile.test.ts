import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { LINE_FIELDS, parseFoundryProfile, SHOP_FIELDS, type FoundryProfile } from '@/core/foundries';
import type { UnitSystem } from '@/core/base/units';
import { FOUNDRIES } from '@/server/demo/foundries.data';
import { lineRows, saidText, shopRows, slotsOf } from '@/ui/foundries/profile-rows';
import { readSlot, slotOf, slotText, withSlot } from '@/ui/foundries/slot-texts';
import { isOld, sourceWords } from '@/ui/foundries/said-words';

/** A profile taken apart into the texts of its boxes and put together again from them. */
function retyped(profile: FoundryProfile, units: UnitSystem): unknown {
  const holder = (source: object, fields: typeof LINE_FIELDS): Record<string, unknown> =>
    Object.fromEntries(
      fields.flatMap((field) => {
        const said = (source as Readonly<Record<string, { v: unknown } | undefined>>)[field.key];
        if (said === undefined) return [];
        const v = slotsOf(field, said.v).reduce<unknown>(
          (value, slot) =>
            withSlot(value, slot.at, readSlot(slotText(slotOf(said.v, slot.at), slot, units), slot, units)),
          undefined,
        );
        return [[field.key, { ...said, v }]];
      }),
    );
  return {
    ...holder(profile, SHOP_FIELDS),
    lines: profile.lines.map((line) => ({
      route: line.route,
      variant: line.variant,
      ...holder(line, LINE_FIELDS),
    })),
  };
}

describe('the boxes of a profile', () => {
  test.each(FOUNDRIES.map((f) => [f.name, f.profile] as const))('hold all that %s says', (_, profile) => {
    expect(retyped(profile, 'si')).toEqual(profile);
  });

  test('hold it in inches and pounds too, within what a box shows', () => {
    for (const { profile } of FOUNDRIES) {
      const again = parseFoundryProfile(retyped(profile, 'inch'));
      if (!again.ok) throw new Error(JSON.stringify(again.issues));
      again.profile.lines.forEach((line, i) => {
        const first = profile.lines[i];
        expect((line.mass_kg?.v.usual ?? 0) / (first?.mass_kg?.v.usual ?? 1)).toBeCloseTo(1, 5);
        expect((line.finish?.v.Ra_um ?? 0) / (first?.finish?.v.Ra_um ?? 1)).toBeCloseTo(1, 5);
      });
    }
  });

  test('a figure that is typed is read back as it stands, whatever it is', () => {
    const [slot] = slotsOf({ key: 'x', words: 'x', slots: [{ at: [], words: '', unit: 'kg', kind: 'band' }] }, null);
    if (slot === undefined) throw new Error('no slot');
    fc.assert(
      fc.property(fc.double({ min: 1e-3, max: 1e4, noNaN: true }), fc.constantFrom('si', 'inch'), (x, units) => {
        const read = readSlot(slotText(x, slot, units), slot, units);
        expect(Number(read) / x).toBeCloseTo(1, 5);
      }),
    );
    expect(readSlot('0.03 / 0.05 / 0.08', { ...slot, unit: 'share' }, 'si')).toEqual([0.03, 0.05, 0.08]);
    expect(readSlot('heavy', slot, 'si')).toBe('heavy');
    expect(readSlot('  ', slot, 'si')).toBeUndefined();
  });

  test('what is taken out of the last box is not said any more', () => {
    const one = withSlot(undefined, ['aluminium', 'usual'], 4);
    expect(one).toEqual({ aluminium: { usual: 4 } });
    expect(withSlot(one, ['aluminium', 'usual'], undefined)).toBeUndefined();
    expect(withSlot(undefined, ['usual', '2'], 9)).toEqual({ usual: [undefined, undefined, 9] });
  });
});

test('every value of every profile is told in words with its unit, in either system', () => {
  for (const { profile } of FOUNDRIES)
    for (const units of ['si', 'inch'] as const)
      for (const { field, said } of [...shopRows(profile), ...profile.lines.flatMap(lineRows)]) {
        if (said === undefined) continue;
        const text = saidText(field, said.v, units);
        expect(text, field.key).not.toMatch(/undefined|NaN|null|\[object|_/);
        expect(text.length, field.key).toBeGreaterThan(0);
        if (units === 'inch' && field.key !== 'machines') expect(text, field.key).not.toMatch(/\d ?(mm|kg|µm)\b/);
      }
});

test('a source tells who, how and when; it is old after a year', () => {
  const source = { who: 'Foundry X', known: 'measured', source: 'trial 3', date: '2026-12-07' } as const;
  expect(sourceWords(source)).toBe('Foundry X, measured by us, trial 3, 7 Dec 2026');
  expect(isOld('2026-12-07', '2027-12-07')).toBe(false);
  expect(isOld('2026-12-07', '2027-12-08')).toBe(true);
  expect(isOld(null, '2030-01-01')).toBe(false);
});
