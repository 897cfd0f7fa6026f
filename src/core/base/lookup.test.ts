import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { increase, keyed, nth } from './lookup';

const lists = fc.oneof(fc.array(fc.double({ noNaN: true }), { maxLength: 8 }), fc.float64Array({ maxLength: 8 }));

test('a key of a record gives what stands under it, or is refused', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.integer()), fc.string(), (record, key) => {
      if (Object.hasOwn(record, key)) expect(keyed(record, key)).toBe(record[key]);
      else expect(() => keyed(record, key)).toThrow(RangeError);
    }),
  );
  expect(() => keyed({}, 'toString')).toThrow(RangeError);
});

describe('a place of a list', () => {
  test('gives what stands there, or refuses a place that is not there', () => {
    fc.assert(
      fc.property(lists, fc.integer({ min: -3, max: 10 }), (list, i) => {
        if (i >= 0 && i < list.length) expect(nth<number>(list, i)).toBe(list[i]);
        else expect(() => nth<number>(list, i)).toThrow(RangeError);
      }),
    );
    expect(() => nth([1], NaN)).toThrow(RangeError);
  });

  test('an entry may itself be nothing', () => expect(nth([undefined], 0)).toBeUndefined());

  test('is added to in place, and only there', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1 }), fc.nat(), fc.integer(), (list, at, more) => {
        const i = at % list.length;
        const after = [...list];
        increase(after, i, more);
        expect(after).toEqual(list.map((x, k) => (k === i ? x + more : x)));
      }),
    );
    expect(() => increase([], 0, 1)).toThrow(RangeError);
  });
});
