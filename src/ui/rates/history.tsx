'use client';
import type { UnitSystem } from '@/core/base/units';
import { rateEntries, SHIPPED_RATES } from '@/core/rates';
import type { RateChange } from '@/server/rates';
import { unitIn } from '../fields/numbers';
import { History } from '../history/changes-table';
import { figureWords, lanePartName } from './rate-words';

const ENTRIES = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));

const OTHER_WORDS: Readonly<Record<string, string>> = {
  'calendar.holidays': 'holidays',
  'currency.code': 'currency',
  name: 'name of the set',
};

/** What a path is, in words. */
function pathWords(path: string): string {
  const entry = ENTRIES.get(path);
  if (entry === undefined) return OTHER_WORDS[path] ?? path;
  return [lanePartName(entry.part), entry.of, entry.words].filter((x) => x !== null && x !== '').join(': ');
}

/** The history of a rate set. */
export const RateHistory = ({
  changes,
  units,
}: {
  readonly changes: readonly RateChange[];
  readonly units: UnitSystem;
}) => (
  <History
    changes={changes}
    wordsOf={pathWords}
    unitOf={(path) => unitIn(ENTRIES.get(path)?.unit ?? '', units)}
    valueWords={(value, path) => figureWords(value, ENTRIES.get(path)?.unit ?? '', units)}
  />
);
