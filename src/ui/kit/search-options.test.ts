import { expect, test } from 'vitest';
import { found, type SearchOption } from './search-options';

const OPTIONS: readonly SearchOption[] = [
  { value: 'a', label: 'Aluminium A356 (AlSi7Mg)', group: 'aluminium', also: 'AC-42100' },
  { value: 'z', label: 'Zinc ZA-8', group: 'zinc-aluminium' },
  { value: 'i', label: 'Grey iron, 250 class', group: 'iron' },
];
const ids = (text: string): string[] => found(OPTIONS, text).map((o) => o.value);

test('finds by name, by group and by other designations, whatever the letters and strokes', () => {
  expect(ids('a356')).toEqual(['a']);
  expect(ids('ac 42100')).toEqual(['a']);
  expect(ids('IRON')).toEqual(['i']);
  expect(ids('za 8')).toEqual(['z']);
});

test('wants every word typed, puts what carries it in its name first, and nothing typed shows all', () => {
  expect(ids('aluminium')).toEqual(['a', 'z']);
  expect(ids('aluminium zinc')).toEqual(['z']);
  expect(ids('  ')).toEqual(['a', 'z', 'i']);
  expect(ids('unobtainium')).toEqual([]);
});
