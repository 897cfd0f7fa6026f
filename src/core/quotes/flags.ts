import { BOUGHT, LOT, type OfQuote } from './equations';
import type { Asked, Quote, QuoteFlag, QuoteSetting } from './types';

/** A tolerance that a quote offers against the drawing’s. */
export interface OfferedTolerance {
  readonly feature: string;
  readonly name: string;
  /** Total width, mm; null where the brief has no such feature. */
  readonly drawing_mm: number | null;
  readonly offers_mm: number;
  readonly mayMachine: boolean;
  readonly looser: boolean;
}

/**
 * What a quote offers in place of the drawing.
 *
 * @param quote as received
 * @param asked features of the study
 * @returns one line for each exception, in the order of the quote
 * @example
 * offeredTolerances({ ...quote, exceptions: [] }, asked) // []
 */
export function offeredTolerances(quote: Quote, asked: Asked): readonly OfferedTolerance[] {
  return quote.exceptions.map(({ feature, offers_mm: offers }) => {
    const drawn = asked.features.find((f) => f.id === feature);
    return {
      feature,
      name: drawn?.name ?? feature,
      drawing_mm: drawn?.tol_mm ?? null,
      offers_mm: offers,
      mayMachine: drawn?.mayMachine ?? false,
      looser: drawn !== undefined && offers > drawn.tol_mm,
    };
  });
}

/** What holds of any quote, priced or declined. */
export function datedFlags(quote: Quote, setting: QuoteSetting, validUntil: string): QuoteFlag[] {
  const flags: QuoteFlag[] = [];
  if (quote.decline !== null) flags.push('declined');
  else if (validUntil < setting.asOf) flags.push('expired');
  return flags;
}

/** What is to be looked at in a quote that has a price. */
export function pricedFlags(c: OfQuote): QuoteFlag[] {
  const { quote, asked, setting } = c;
  const { tooling } = quote;
  const flags: [QuoteFlag, boolean][] = [
    ['currency', quote.currency !== setting.currency],
    ['unit-hundred', quote.unit === 'hundred'],
    ['unit-kg', quote.unit === 'kg'],
    ['unit-lb', quote.unit === 'lb'],
    ['order-over-lot', LOT.value(c) > asked.lot],
    ['alloy-swapped', quote.alloy !== null && asked.alloy !== null && quote.alloy !== asked.alloy],
    ['exceptions', quote.exceptions.length > 0],
    ['metal-clause', quote.clause !== undefined],
    ['tool-amortised', tooling.mode === 'amortised'],
    ['tool-owned-by-foundry', tooling.mode !== 'none' && tooling.ownedBy === 'foundry'],
    ['least-quantity-not-met', BOUGHT.value(c) < (tooling.minTake ?? 0)],
    ['life-in-shots', tooling.life?.unit === 'shots' || tooling.life?.unit === 'spins'],
  ];
  return flags.flatMap(([flag, holds]) => (holds ? [flag] : []));
}
