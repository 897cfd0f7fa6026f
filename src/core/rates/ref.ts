import type { Foundry } from '../foundries';
import type { TeamAlloys } from '../team-alloys';
import { atFoundry } from './at-foundry';
import { alloysAt } from './at-team';
import { ownRates, type OwnFigures } from './changes';
import { processAt, type ProcessRef } from './process-at';
import { SHIPPED_ID } from './shipped-at';
import type { RateSet } from './types';

/** By whom a study is judged: the book, one foundry, or all of them. */
export type JudgedBy = 'book' | 'one' | 'all';

/**
 * A rate set named by what sets it apart from the shipped one, and by whose process values and foundries it is used with:
 * small enough to send along with a question.
 */
export interface RateRef {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly currency: string;
  readonly own: OwnFigures;
  /** Process values; absent for the book's. */
  readonly process?: ProcessRef;
  /** Alloys and prices of the team's own; absent where it has none. */
  readonly alloys?: TeamAlloys;
  /** Foundries asked: one, or all that there are; absent for the book. */
  readonly foundries?: { readonly judged: 'one' | 'all'; readonly list: readonly Foundry[] };
}

const KEPT = 16;

/**
 * A name that is the same for the same figures.
 *
 * @param ref rates, with the process values and foundries they are used with
 * @example
 * rateKey({ id: 'a', name: 'A', version: 2, currency: 'USD', own: { figures: {}, holidays: [] } }) // 'a | 2 |  | '
 */
export const rateKey = ({ id, version, alloys, process, foundries }: RateRef): string =>
  [
    id,
    version,
    process === undefined ? '' : `${process.id} ${process.version}`,
    ...(alloys === undefined ? [] : [alloys.key]),
    foundries === undefined ? '' : `${foundries.judged} ${foundries.list.map((f) => `${f.id} ${f.version}`).join(',')}`,
  ].join(' | ');

/**
 * Rates at the foundries that are asked.
 *
 * @param rates at no foundry
 * @param foundries one, or all; nothing for the book
 * @example
 * foundriesAt(rates, undefined) === rates // true
 */
export function foundriesAt(rates: RateSet, foundries: RateRef['foundries']): RateSet {
  if (foundries === undefined) return rates;
  const [first] = foundries.list;
  if (foundries.judged === 'one') return first === undefined ? rates : atFoundry(rates, first);
  return { ...rates, among: foundries.list.map((foundry) => atFoundry(rates, foundry)) };
}

/**
 * Builds whole rate sets from references to them; each version of a set is built once and kept for a while.
 *
 * @param shipped the set that references are told against
 * @returns what gives the whole set of a reference
 * @example
 * ratesOn(rates)({ id: 'ours', name: 'Ours', version: 1, currency: 'EUR', own: { figures: {}, holidays: [] } }).name
 * // 'Ours'
 */
export function ratesOn(shipped: RateSet): (ref: RateRef) => RateSet {
  const built = new Map<string, RateSet>();
  const kept = (key: string, make: () => RateSet): RateSet => {
    const known = built.get(key);
    if (known !== undefined) return known;
    const rates = make();
    if (built.size >= KEPT) built.delete(built.keys().next().value ?? '');
    built.set(key, rates);
    return rates;
  };
  const bare = (ref: RateRef): RateSet =>
    ref.id === SHIPPED_ID
      ? shipped
      : kept(`${ref.id} ${ref.version}`, () => ownRates(shipped, ref.id, ref.name, ref.own, ref.currency));
  return (ref) => {
    if (ref.process === undefined && ref.foundries === undefined && ref.alloys === undefined) return bare(ref);
    return kept(rateKey(ref), () =>
      foundriesAt(processAt(alloysAt(bare(ref), ref.alloys, ref.own), ref.process), ref.foundries),
    );
  };
}

/**
 * Rates as they are kept with a record: process values and foundries told by what sets them apart, and of the team's own
 * alloys the one that the record is of.
 *
 * @param said rates of a study
 * @param alloy id of its alloy
 * @example
 * packedRates(rates, null) === rates // true
 */
export function packedRates(said: RateSet, alloy: string | null): RateSet {
  const { among, foundry, atNone, lanes, ...whole } = said;
  const alloys = said.alloys?.filter(({ id }) => id === alloy);
  const own = alloys === undefined ? {} : { alloys };
  if (among === undefined && foundry === undefined && lanes === undefined)
    return alloys === undefined ? said : { ...said, ...own };
  const plain: RateSet = { ...(atNone ?? whole), ...own };
  Reflect.deleteProperty(plain, 'lanes');
  const list = foundry === undefined ? among?.flatMap((at) => at.foundry ?? []) : [foundry];
  return list === undefined ? plain : { ...plain, asked: { judged: foundry === undefined ? 'all' : 'one', list } };
}

/**
 * Rates out of a record, with the lanes of their process values and foundries.
 *
 * @param rates as they were kept
 * @example
 * unpackedRates(rates) === rates // true
 */
export function unpackedRates(rates: RateSet): RateSet {
  const { asked, ...plain } = rates;
  return asked === undefined && rates.process === undefined
    ? rates
    : foundriesAt(processAt(plain, rates.process), asked);
}

/**
 * By whom a study is judged, in words.
 *
 * @param rates of the study
 * @example
 * judgedWords(rates) // 'the book'
 */
export function judgedWords({ foundry, among, asked }: RateSet): string {
  const one = foundry ?? (asked?.judged === 'one' ? asked.list[0] : undefined);
  if (one !== undefined) return `${one.name}, version ${one.version}`;
  const all = among?.length ?? (asked?.judged === 'all' ? asked.list.length : undefined);
  return all === undefined ? 'the book' : `the best of ${all} foundries`;
}
