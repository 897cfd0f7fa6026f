import { lifetimeQuantity, type Brief } from '../../brief';
import type { Asked } from '../../quotes';

/**
 * What a brief asks of every quote alike.
 *
 * @param brief with a quantity
 * @returns the good pieces of the programme, a lot, the alloy and every toleranced feature
 * @example
 * askedOf(brief).features.length === brief.features.length // true
 */
export const askedOf = (brief: Brief): Asked => ({
  need: lifetimeQuantity(brief) ?? 0,
  perYear: brief.quantity.perYear,
  lot: brief.quantity.lot ?? lifetimeQuantity(brief) ?? 1,
  alloy: brief.alloy,
  features: brief.features.map(({ id, name, tol_mm, mayMachine }) => ({ id, name, tol_mm, mayMachine })),
});
