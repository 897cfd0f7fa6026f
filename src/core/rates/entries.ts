import { ALLOY_NAMES } from '../catalogue/alloys';
import type { Basis, Figure, Triple } from '../base/figures';
import { BARE_UNITS, RATE_PARTS, RATE_WORDS } from './data/words.data';
import { coefficientsOf, namesOf } from './coefficients';
import type { CoatingId, RateSet } from './types';

/** One coefficient of a rate set that a shop may make its own. */
export interface RateEntry {
  /** Where it stands, as workings name it: `global.Rlab`, `variants["spin/silicone-rubber"].tooling.h0`. */
  readonly path: string;
  /** Part of the set it is read in: an id such as `metals`, or a lane id. */
  readonly part: string;
  /** What it belongs to within its part, in words; empty where the part says it all. */
  readonly of: string;
  readonly words: string;
  /** Low, likely and high; a bare number is a choice, not an uncertainty. */
  readonly value: Triple | number;
  readonly unit: string;
  readonly basis: Basis;
  readonly note: string;
}

/**
 * Every coefficient of a rate set, in the order it is read.
 *
 * @param rates a rate set
 * @returns every figure with its path, in the order of the screen
 * @example
 * rateEntries(rates).length > 500 // true
 */
export function rateEntries(rates: RateSet): RateEntry[] {
  return coefficientsOf(rates).map(({ path, value, figure }) => entry(rates, path, value, figure));
}

function entry(rates: RateSet, path: string, value: Figure['v'], figure: Figure | null): RateEntry {
  const names = namesOf(path);
  const last = names.at(-1) ?? '';
  const part =
    names[0] === 'variants' ? (names[1] ?? '') : (RATE_PARTS.find(([start]) => start === names[0])?.[1] ?? '');
  return {
    path,
    part,
    of: ofWhat(rates, names),
    words:
      names[0] === 'metals'
        ? 'ingot'
        : names[0] === 'screenList' && names.length === 3
          ? (RATE_WORDS[names[1] ?? ''] ?? last)
          : (RATE_WORDS[`${names.at(-2)}.${last}`] ?? RATE_WORDS[`${names[0]}.${last}`] ?? RATE_WORDS[last] ?? last),
    value,
    unit: figure?.unit ?? BARE_UNITS[last] ?? '',
    basis: figure?.basis ?? 'rule',
    note: figure?.note ?? '',
  };
}

const GROUPS: Readonly<Record<string, string>> = {
  tooling: 'tool',
  shot: 'mould and pouring',
  cycle: 'die cycle',
  print: 'printed pattern',
  finish: 'finishing',
  lot: 'lot',
  stage: 'scrap and rework',
  coreRule: 'cores',
  time: 'calendar',
  machined: 'machined from solid',
  stamped: 'stamped',
  fabricated: 'assembly',
  split: 'split in two',
  toolOptions: 'another way to make the tool',
};

/** What a coefficient belongs to: the metal, the operation, the step or the people it speaks of. */
function ofWhat(rates: RateSet, names: readonly string[]): string {
  const [top = '', second = '', third = '', fourth = '', fifth = ''] = names;
  if (top === 'metals') return rates.alloys?.find(({ id }) => id === second)?.name ?? ALLOY_NAMES[second] ?? second;
  if (top === 'screenList') return third.replaceAll('-', ' ');
  if (top === 'oneForMany') return '';
  if (top === 'families') return second.replaceAll('-', ' ');
  if (top === 'operations') return second === 'kinds' ? third : '';
  if (top === 'baselines') {
    const kind =
      third === 'joint' || third === 'hardware'
        ? ` ${third === 'joint' ? 'work of a joint' : 'bought for a joint'}`
        : '';
    return `${GROUPS[second] ?? second}${kind === '' ? '' : `,${kind}`}`;
  }
  if (top === 'cooling') return `${second}, ${third.replaceAll('-', ' ')}`;
  if (top === 'coatings') return rates.coatings[second as CoatingId].name;
  if (top === 'conditions') return second.replaceAll('-', ' ').replace('|', ', ');
  if (third !== '' && top !== 'variants') return second.replaceAll('-', ' ');
  if (top !== 'variants') return '';
  if (third === 'time' && fourth === 'steps') return rates.variants[second]?.time.steps[Number(fifth)]?.name ?? '';
  if (third === 'time' && fourth === 'resources') return `calendar, ${fifth}`;
  return GROUPS[third] ?? third;
}
