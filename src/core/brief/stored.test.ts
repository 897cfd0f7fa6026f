import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '../study';
import { anyBrief } from '../testing/any-brief';
import { bracket } from '../testing/demo-briefs';
import { briefSchema, emptyBrief, parseBrief, readStoredBrief } from '.';

describe('a stored brief', () => {
  test('that is sound comes back as it is', () => {
    fc.assert(
      fc.property(anyBrief, (brief) => {
        expect(readStoredBrief(brief)).toEqual({ brief, unread: [] });
      }),
      { numRuns: 40 },
    );
  });

  test('opens without a date that only an older build took, and tells it', () => {
    const { brief, unread } = readStoredBrief({
      ...bracket(),
      quantity: { ...bracket().quantity, firstDelivery: '0002-03-31', orderDate: '2200-01-01' },
    });
    expect(brief.quantity).toEqual({ ...bracket().quantity, firstDelivery: null, orderDate: null });
    expect(unread.map((u) => [u.path, u.value])).toEqual([
      ['quantity.orderDate', '2200-01-01'],
      ['quantity.firstDelivery', '0002-03-31'],
    ]);
    expect(unread[0]?.message).toContain('1990-01-01 to 2199-12-31');
  });

  test('leaves out whole rows, whole boxes, and keys it does not know', () => {
    const was = bracket();
    const hole = { dia_mm: 5, depth_mm: 10 };
    const { brief, unread } = readStoredBrief({
      ...was,
      smell: 'of fish',
      holes: [{ ...hole, dia_mm: -1 }, hole, { ...hole, depth_mm: 'deep' }, 7],
      geometry: { ...was.geometry, box_mm: [10, -4, 3], colour: 'red' },
    });
    expect(brief.holes).toHaveLength(1);
    expect(brief.geometry.box_mm).toBeNull();
    expect(brief.geometry.volume_cm3).toBe(was.geometry.volume_cm3);
    expect(unread.map((u) => u.path).sort()).toEqual([
      'geometry.box_mm.1',
      'holes.0.dia_mm',
      'holes.2.depth_mm',
      'holes.3',
    ]);
  });

  test.each([null, 7, 'words', [], {}, { title: '' }, { title: 'x'.repeat(500) }, { geometry: 3, quantity: [] }])(
    'opens whatever it is: %j',
    (raw) => {
      expect(readStoredBrief(raw).brief.title.length).toBeGreaterThan(0);
    },
  );

  /** A value that a hand or an older build may have left anywhere. */
  const strange = fc.oneof(
    fc.constantFrom('', '0002-03-31', '9999-12-31', -1, 1e300, true, null, {}, [], [null], { a: 1 }),
    fc.double(),
    fc.string(),
  );
  const paths = (x: unknown, at: (string | number)[] = []): (string | number)[][] =>
    typeof x !== 'object' || x === null
      ? [at]
      : [at, ...Object.entries(x).flatMap(([k, v]) => paths(v, [...at, Array.isArray(x) ? Number(k) : k]))];

  test('opens with any value in any place, and the board follows', () => {
    const broken = anyBrief.chain((brief) =>
      fc
        .array(fc.tuple(fc.constantFrom(...paths(brief).filter((p) => p.length > 0)), strange), {
          minLength: 1,
          maxLength: 4,
        })
        .map((changes) => {
          const copy = structuredClone(brief) as unknown as Record<string | number, unknown>;
          for (const [path, value] of changes) {
            let holder = copy;
            for (const key of path.slice(0, -1)) {
              const next = holder[key];
              if (typeof next !== 'object' || next === null) return copy;
              holder = next as Record<string | number, unknown>;
            }
            holder[path.at(-1) as string] = structuredClone(value);
          }
          return copy;
        }),
    );
    fc.assert(
      fc.property(broken, (raw) => {
        const { brief, unread } = readStoredBrief(raw);
        expect(readStoredBrief(brief)).toEqual({ brief, unread: [] });
        if (unread.length === 0 && JSON.stringify(brief) === JSON.stringify(raw)) return;
        boardAt(prepareStudy(brief), 500, brief.quantity.orderDate ?? '2026-11-28');
      }),
      { numRuns: 150 },
    );
  });
});

describe('a date of a brief', () => {
  test('typed digit by digit is refused until its year is whole', () => {
    for (const [given, taken] of [
      ['0002-03-31', false],
      ['0020-03-31', false],
      ['0202-03-31', false],
      ['2027-03-31', true],
      ['1989-12-31', false],
      ['1990-01-01', true],
      ['2199-12-31', true],
      ['2200-01-01', false],
      ['2027-02-29', false],
    ] as const) {
      const parsed = parseBrief({ ...bracket(), quantity: { ...bracket().quantity, firstDelivery: given } });
      expect(parsed.ok, given).toBe(taken);
      if (!parsed.ok) expect(parsed.issues).toMatchObject([{ path: 'quantity.firstDelivery', value: given }]);
    }
  });
});

test('an empty brief is what the schema makes of a title alone', () => {
  expect(emptyBrief('Cap')).toEqual(briefSchema.parse({ title: 'Cap' }));
});
