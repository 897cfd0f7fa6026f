import { METHOD_SAYS } from './adopted';
import type { StudyLane } from './study-lane';

/** Whose values a lane stands on. */
export type Stand = 'book' | 'own' | 'foundry' | 'method' | 'measured';

/** What each is called beside a lane. */
export const STAND_WORDS: Readonly<Record<Stand, string>> = {
  book: 'the book’s values',
  own: 'own process values',
  foundry: 'the foundry’s values',
  method: 'the method’s figures',
  measured: 'measured values',
};

/**
 * Whose values a lane stands on: the book’s alone, or also those of a set of its own, of a foundry, of the method, and measured ones.
 *
 * @returns all that apply; the book alone where nothing else does
 * @example
 * standsOn(entry) // ['book']
 */
export function standsOn({ lane, rates, model }: StudyLane): readonly Stand[] {
  const sources = Object.values(lane.sources ?? {});
  const foundry = rates.foundry?.name;
  const found = new Set<Stand>();
  for (const { who, known } of sources) {
    found.add(who === METHOD_SAYS ? 'method' : who === foundry ? 'foundry' : 'own');
    if (known === 'measured') found.add('measured');
  }
  if (model !== null && model.facts.brief.overrides.adopted?.[lane.id] !== undefined) found.add('method');
  return found.size === 0 ? ['book'] : [...found];
}
