import { rateEntries, type RateSet } from '../rates';
import { shortName } from '../catalogue/routes';
import type { SimulationInput } from './model';

const named = new WeakMap<RateSet, ReadonlyMap<string, string>>();

/**
 * What an uncertain figure is called: by the rate set where it is a rate, else as its working calls it.
 *
 * @example
 * inputWords(flips.inputs[0], rates).length > 0 // true
 */
export function inputWords(input: SimulationInput, rates: RateSet): string {
  let known = named.get(rates);
  if (known === undefined) {
    known = new Map(rateEntries(rates).map((e) => [e.path, e.of === '' ? e.words : `${e.of}: ${e.words}`]));
    named.set(rates, known);
  }
  const lane = /^(?:routes|variants)\["(.+?)"\]/.exec(input.key)?.[1];
  const words = known.get(input.path) ?? input.words;
  return lane === undefined || words.startsWith(shortName(lane)) ? words : `${shortName(lane)}: ${words}`;
}
