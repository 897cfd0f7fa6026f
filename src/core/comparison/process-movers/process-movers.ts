import type { Brief } from '../../brief';
import type { TolerancePolicy } from '../../part';
import { BOOK_PROCESS, lanesOf, ownProcess, processEntries, processNames, refusedValue } from '../../process-values';
import type { OwnValue, ProcessEntry, ProcessValue } from '../../process-values';
import type { RateSet } from '../../rates';
import { bestLayout, prepareStudy, survives } from '../../study';
import { boardAt } from '../board';

/** What a process value does to the leader of a study at its low and at its high end. */
export interface ProcessMover {
  readonly path: string;
  /** The values tried. */
  readonly low: ProcessValue;
  readonly high: ProcessValue;
  /** All in a part of the leader with each, in the study's currency; null where it would be ruled out. */
  readonly atLow: number | null;
  readonly atHigh: number | null;
  /** Largest change of the leader's cost, as a share; 1 where an end rules it out. */
  readonly swing: number;
}

/** A figure without a band is tried so many times smaller and larger; a count by one. */
const APART = 1.25;

/** The two ends at which a value is tried; null for a word, or one that has none. */
function endsOf(entry: ProcessEntry): readonly [ProcessValue, ProcessValue] | null {
  const { value, range } = entry;
  if (typeof value === 'string') return null;
  const ends: readonly [ProcessValue, ProcessValue] =
    typeof value === 'object'
      ? [
          [value[0], value[0], value[0]],
          [value[2], value[2], value[2]],
        ]
      : (range ?? [value / APART, value * APART]);
  if (ends.every((end) => refusedValue(entry, end) === null)) return ends;
  if (typeof value !== 'number') return null;
  const counts: readonly [number, number] = [Math.max(0, value - 1), value + 1];
  return counts.every((end) => refusedValue(entry, end) === null) ? counts : null;
}

/**
 * Process values of the route that leads a study, by how much each moves its cost: bands from low to high, single figures
 * a quarter up and down. What moves nothing is left out.
 *
 * @param rates with the process values that are asked about; foundries are not asked
 * @param q pieces in all, at least 1
 * @returns the strongest first; empty where nothing leads
 * @example
 * processMovers(brief, 'published', rates, 500)[0]?.swing > 0 // true
 */
export function processMovers(brief: Brief, school: TolerancePolicy, rates: RateSet, q: number): ProcessMover[] {
  const { process } = rates;
  const own = process?.own ?? {};
  const leader = boardAt(prepareStudy(brief, school, rates), q).leader;
  if (leader === null) return [];
  const table = ownProcess(BOOK_PROCESS, own);
  const route = leader.split('/')[0] ?? '';
  const variant = table[leader] ?? {};
  const costWith = (values: Readonly<Record<string, OwnValue>>): number | null => {
    const lanes = lanesOf(ownProcess(BOOK_PROCESS, values), values, '').filter((lane) => lane.id === leader);
    const [entry] = prepareStudy(brief, school, rates, { lanes }).lanes;
    if (entry === undefined || !survives(entry)) return null;
    const best = bestLayout(entry, q);
    return best === null ? null : best.total / q;
  };
  const now = costWith(own);
  if (now === null) return [];
  return processEntries(table)
    .filter(({ part, path }) => part === leader || (part === route && !((processNames(path)[1] ?? '') in variant)))
    .flatMap((entry): ProcessMover[] => {
      const ends = endsOf(entry);
      if (ends === null) return [];
      const [atLow, atHigh] = ends.map((v) =>
        costWith({ ...own, [entry.path]: { v, known: 'assumed', source: '', date: null } }),
      ) as [number | null, number | null];
      const away = (at: number | null): number => (at === null ? 1 : Math.abs(at / now - 1));
      const swing = Math.max(away(atLow), away(atHigh));
      return swing < 1e-9 ? [] : [{ path: entry.path, low: ends[0], high: ends[1], atLow, atHigh, swing }];
    })
    .sort((a, b) => b.swing - a.swing);
}
