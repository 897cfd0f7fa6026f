import { COATED_FILM } from '../formula-book/mould-making';
import { kindOf } from './kind';
import type { MethodSubject } from './subject';

const NONE = 0;
export const COATS = [
  [NONE, 'none'],
  [1, 'sprayed, insulating'],
  [2, 'lubricant'],
  [3, 'soot'],
] as const;
const STEEL = 0;
export const DIE_METALS = [
  [STEEL, 'steel'],
  [1, 'cast iron'],
  [2, 'bronze or copper'],
] as const;
/** Metals that eat bare bronze and copper. */
const EATS_COPPER: readonly string[] = ['aluminium', 'zinc', 'tin', 'lead', 'magnesium'];
/** Film on the bare face of a gravity die, W/m²K, and conductivity of a coat, W/mK. Basis: assumed. */
const BARE = [3500, 5000, 8000] as const;
const COAT_W_MK = [0.15, 0.25, 0.4] as const;
const LEAST_BARE = 1.15;

/**
 * The coat of a die: what it is, whether it keeps off what slides, and the film that it leaves. A gravity die’s dwell hangs on it.
 *
 * @param coated film of a usual coated die, W/m²K
 */
export function putCoat(subject: MethodSubject, coated: number): void {
  const { sheet, alloy, facts } = subject;
  const gravity = kindOf(subject) === 'die';
  const metal = sheet.choose('dieMetal', 'freezing', 'metal of die and cores', DIE_METALS, STEEL, 'route');
  const coat = sheet.choose('coat', 'freezing', 'coat of the die', COATS, gravity ? 1 : 2, 'route');
  const masked = sheet.choose(
    ...(['masked', 'freezing', 'sliding faces kept clear of the coat'] as const),
    ...([
      [
        [1, 'yes'],
        [NONE, 'no'],
      ],
      1,
      'handbook',
    ] as const),
  );
  if (gravity) {
    sheet.give(
      ...(['bareFilm', 'freezing', 'film on the bare die', 'W/m²K', [...BARE], 'handbook', 'assumed'] as const),
    );
    sheet.give('kCoat', 'freezing', 'conductivity of the coat', 'W/mK', [...COAT_W_MK], 'handbook', 'assumed');
    // The coat that leaves the usual film behind.
    const usual = Math.max(
      0,
      1000 * sheet.at('kCoat') * (1 / coated - 1 / Math.max(LEAST_BARE * coated, sheet.at('bareFilm'))),
    );
    sheet.give(
      ...(['coatThickness', 'freezing', 'thickness of the coat', 'mm'] as const),
      ...([coat === NONE ? 0 : Number(usual.toFixed(3)), 'handbook', 'assumed'] as const),
    );
    sheet.givens.delete('film');
    sheet.put('film', 'freezing', COATED_FILM, { bare: 'bareFilm', s: 'coatThickness', k: 'kCoat' });
  }
  if (metal === 2 && coat === NONE && EATS_COPPER.includes(alloy.family))
    sheet.say(
      ...(['bare-copper', 'freezing', 'refused'] as const),
      `Molten ${alloy.family} eats bare bronze and copper: tool and cores are lost within a few pours.`,
      [],
      'Steel or iron where metal touches, or a coat that is kept whole and looked at every few pours.',
    );
  const slides = facts.nU + facts.nP;
  if (coat !== NONE && masked === NONE)
    sheet.say(
      ...(['coat-slides', 'freezing', 'refused'] as const),
      slides > 0
        ? `A coat on sliding faces jams the ${slides} slides and cores of this part.`
        : 'A coat on guides, ejectors and core faces jams the die.',
      [],
      'Mask guides, ejectors and sliding faces before the coat is sprayed; scrape what ran in.',
    );
}
