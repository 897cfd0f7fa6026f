import { lifetimeQuantity } from './programme';
import type { Brief } from './schema';

/** So many good pieces are wanted, by a date where the brief names one. */
export interface Needed {
  readonly id: 'prototypes' | 'first-delivery' | 'year' | 'life';
  readonly name: string;
  readonly pieces: number;
  /** ISO date, or null where no date is asked. */
  readonly by: string | null;
}

/**
 * What the brief wants delivered, fewest pieces first: prototypes, a first lot by the first delivery, a year's pieces
 * and the programme. What the brief does not say is left out; a first delivery without a lot is one piece.
 *
 * @example
 * neededPieces(brief).map((n) => n.id) // ['year', 'life']
 */
export function neededPieces(brief: Brief): Needed[] {
  const { prototypes, prototypeDate, firstDelivery, lot, perYear } = brief.quantity;
  const life = lifetimeQuantity(brief);
  const out: Needed[] = [];
  if (prototypes !== null && prototypes > 0)
    out.push({ id: 'prototypes', name: 'prototypes', pieces: prototypes, by: prototypeDate });
  if (firstDelivery !== null)
    out.push({ id: 'first-delivery', name: 'first lot', pieces: lot ?? 1, by: firstDelivery });
  if (perYear !== null && perYear > 0) out.push({ id: 'year', name: 'a year’s parts', pieces: perYear, by: null });
  if (life !== null && life > 0 && life !== perYear)
    out.push({ id: 'life', name: 'the programme', pieces: life, by: null });
  return out.sort((a, b) => a.pieces - b.pieces);
}
