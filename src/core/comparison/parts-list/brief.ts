import { everyAlloy, type RateSet } from '../../rates';
import type { BoughtPart } from './types';

/** What a way is called in a brief. */
const HOW: Readonly<Partial<Record<BoughtPart['way'], string>>> = {
  milled: 'machined',
  turned: 'machined',
  sawn: 'machined',
  welded: 'fabricated',
};

/**
 * What a bought part says of a brief: title, alloy, volume, the box of its stock, today's way, pieces a year. The box is
 * marked as assumed, and so is what the list itself only guessed.
 *
 * @param part of the list
 * @param rates with the alloys of the team's own
 * @returns a brief as it is read from a file: not checked
 * @example
 * briefOfBoughtPart(boughtPart, rates).title === boughtPart.name // true
 */
export function briefOfBoughtPart(part: BoughtPart, rates: RateSet): Readonly<Record<string, unknown>> {
  const density = everyAlloy(rates).find(({ id }) => id === part.material)?.density_kg_m3 ?? null;
  const volume = density === null ? null : Number(((part.finished_kg / density) * 1e6).toPrecision(4));
  const box = part.stock_mm.toSorted((a, b) => b - a);
  const fits = volume === null || volume <= (part.stock_mm[0] * part.stock_mm[1] * part.stock_mm[2]) / 1000;
  const guessed = new Set(part.guessed);
  return {
    title: part.name,
    ...(density === null ? {} : { alloy: part.material }),
    geometry: { volume_cm3: volume, ...(fits ? { box_mm: box } : {}) },
    quantity: { perYear: part.perYear >= 1 ? Math.round(part.perYear) : null },
    today: {
      how: part.pieces > 1 ? 'fabricated' : (HOW[part.way] ?? 'bought'),
      parts: part.pieces,
      cost_USD: part.today_USD,
      note: `Part ${part.id} of the list of bought parts: ${part.way} from ${part.form}.`,
    },
    assumed: [
      ...(fits ? ['geometry.box_mm'] : []),
      ...(guessed.has('finished_kg') ? ['geometry.volume_cm3'] : []),
      ...(guessed.has('perYear') ? ['quantity.perYear'] : []),
      ...(guessed.has('material') ? ['alloy'] : []),
    ],
  };
}
