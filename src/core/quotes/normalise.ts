import { refuse } from '../base/errors';
import { dayNumber, isoDay } from '../base/day';
import type { Working } from '../equations';
import * as E from './equations';
import type { OfQuote } from './equations';
import { datedFlags, offeredTolerances, pricedFlags, type OfferedTolerance } from './flags';
import type { Asked, CounterOffer, Quote, QuoteFlag, QuoteSetting, ScopeFill } from './types';

/** A quote that can stand beside others. Money in the currency of the study, times in calendar days. */
export interface NormalisedQuote {
  readonly quote: Quote;
  /** ISO date of its last day. */
  readonly validUntil: string;
  readonly flags: readonly QuoteFlag[];
  /** Null where it was declined, or would make fewer than are needed. */
  readonly price: NormalisedPrice | null;
  readonly counter: CounterOffer | null;
}

/** What a quote comes to. */
export interface NormalisedPrice {
  readonly bought: number;
  readonly lot: number;
  readonly lots: number;
  readonly unitAsQuoted: number;
  readonly unitAfterClause: number;
  readonly amortisedTakenOut: number;
  readonly scopeExtra: number;
  readonly scopeFilled: number;
  readonly unitComparable: number;
  /** Good parts of one tool; null where no life is said. */
  readonly lifeGood: number | null;
  readonly tools: number;
  readonly upkeep: number;
  readonly tooling: number;
  readonly surplus: number;
  readonly lotCharges: number;
  readonly programme: number;
  readonly perGoodPart: number;
  /** What of it is the piece itself, the tool, charges of lots, bad pieces, the metal clause; with `scopeExtra` they add up to it. */
  readonly partWork: number;
  readonly partTooling: number;
  readonly partCharges: number;
  readonly partBad: number;
  readonly partClause: number;
  readonly leadFirst_d: number | null;
  readonly leadLot_d: number | null;
  readonly capacityPerWorkday: number | null;
  readonly workdaysForAYear: number | null;
  /** Lines that it leaves out. */
  readonly scopeGaps: readonly string[];
  readonly exceptions: readonly OfferedTolerance[];
}

/** What the pounds, euros or dollars of a quote are in the study’s currency. */
function rateOf(quote: Quote, setting: QuoteSetting): number {
  if (quote.currency === setting.currency) return 1;
  const rate = setting.rates[quote.currency]?.rate;
  if (rate === undefined || !(rate > 0))
    return refuse('E_KEY', 'currency', quote.currency, `a rate to ${setting.currency} with its date`);
  return rate;
}

function caseOf(quote: Quote, asked: Asked, setting: QuoteSetting, fills: readonly ScopeFill[]): OfQuote {
  if (!(asked.need > 0)) return refuse('E_RANGE', 'need', asked.need, 'pieces above 0');
  if (!(quote.incomingBad >= 0 && quote.incomingBad < 1))
    return refuse('E_RANGE', 'incomingBad', quote.incomingBad, 'a share from 0 to below 1');
  if ((quote.unit === 'kg' || quote.unit === 'lb') && !((quote.quotedMass_kg ?? 0) > 0))
    return refuse(
      'E_NO_VALUE',
      'quotedMass_kg',
      quote.quotedMass_kg ?? null,
      'the mass of a piece for a price by mass',
    );
  const breaks = [...quote.priceBreaks].sort((a, b) => a.from - b.from);
  const [lowest] = breaks;
  if (lowest === undefined) return refuse('E_NO_VALUE', 'priceBreaks', 0, 'a price');
  const c = { quote: { ...quote, priceBreaks: breaks }, asked, setting, fills, fx: rateOf(quote, setting), at: lowest };
  const lot = E.LOT.value(c);
  return { ...c, at: breaks.findLast((b) => b.from <= lot) ?? lowest };
}

/**
 * Makes a quote comparable: the pieces bought for the good ones needed, the price at the lot, by today’s currency and metal,
 * with what is left out filled in and the tool counted once.
 *
 * @param quote as received
 * @param asked what the study asks of every quote
 * @param setting day, currency and calendar of the comparison
 * @param fills what the study takes for work that a quote leaves out
 * @returns money in the study’s currency; without a price where it was declined or would make fewer than are needed
 * @throws {CoreError} E_KEY for a currency without a rate, E_NO_VALUE for a price by mass without a mass or no price,
 *   E_RANGE for no need or a share of bad pieces of 1 and more
 * @example
 * normaliseQuote(quote, asked, setting, []).price?.bought // 103
 */
export function normaliseQuote(
  quote: Quote,
  asked: Asked,
  setting: QuoteSetting,
  fills: readonly ScopeFill[],
): NormalisedQuote {
  const validUntil = isoDay(dayNumber('date', quote.date) + quote.validDays);
  const dated = datedFlags(quote, setting, validUntil);
  if (quote.decline !== null) return { quote, validUntil, flags: dated, price: null, counter: quote.decline.counter };
  const c = caseOf(quote, asked, setting, fills);
  // Who would make a part of the programme only has no price for it.
  if (quote.maxPieces !== null && E.BOUGHT.value(c) > quote.maxPieces)
    return { quote, validUntil, flags: [...dated, 'fewer-than-needed', ...pricedFlags(c)], price: null, counter: null };
  const hasYear = quote.capacity !== null && quote.capacity.v > 0 && asked.perYear !== null;
  return {
    quote,
    validUntil,
    flags: [...dated, ...pricedFlags(c)],
    counter: null,
    price: {
      bought: E.BOUGHT.value(c),
      lot: E.LOT.value(c),
      lots: E.LOTS.value(c),
      unitAsQuoted: E.AS_QUOTED.value(c),
      unitAfterClause: E.AFTER_CLAUSE.value(c),
      amortisedTakenOut: E.TAKEN_OUT.value(c),
      scopeExtra: E.SCOPE_EXTRA.value(c),
      scopeFilled: E.SCOPE_FILLED.value(c),
      unitComparable: E.COMPARABLE.value(c),
      lifeGood: quote.tooling.life === undefined ? null : E.LIFE.value(c),
      tools: E.TOOLS.value(c),
      upkeep: E.UPKEEP.value(c),
      tooling: E.TOOLING.value(c),
      surplus: E.SURPLUS.value(c),
      lotCharges: E.LOT_CHARGES.value(c),
      programme: E.PROGRAMME.value(c),
      perGoodPart: E.PER_GOOD.value(c),
      partWork: E.PART_WORK.value(c),
      partTooling: E.PART_TOOLING.value(c),
      partCharges: E.PART_CHARGES.value(c),
      partBad: E.PART_BAD.value(c),
      partClause: E.PART_CLAUSE.value(c),
      leadFirst_d: quote.lead === null ? null : E.LEAD_FIRST.value(c),
      leadLot_d: quote.lead === null ? null : E.LEAD_LOT.value(c),
      capacityPerWorkday: quote.capacity === null ? null : E.CAPACITY.value(c),
      workdaysForAYear: hasYear ? E.YEAR.value(c) : null,
      scopeGaps: quote.scope.filter((s) => s.status === 'excluded').map((s) => s.line),
      exceptions: offeredTolerances(quote, asked),
    },
  };
}

const nameOf = ({ figure }: { readonly figure: string }): string => figure.replace('quote.', '');

/** Figures of a quote that open, by name. */
export const QUOTE_FIGURES: readonly string[] = E.QUOTE_EQUATIONS.map(nameOf);

/** Figures that hold a quote against the model, by name. */
export const BESIDE_FIGURES: readonly string[] = E.BESIDE_EQUATIONS.map(nameOf);

/**
 * How a figure of a quote comes about.
 *
 * @param figure one of QUOTE_FIGURES, or of BESIDE_FIGURES where the model is given
 * @param model all-in cost of a part and price of a piece without its tool by the model, in the currency of the study
 * @throws {CoreError} E_KEY for another figure; and as normaliseQuote does
 * @example
 * quoteWorking(quote, asked, setting, [], 'bought').value // 103
 */
export function quoteWorking(
  quote: Quote,
  asked: Asked,
  setting: QuoteSetting,
  fills: readonly ScopeFill[],
  figure: string,
  model?: { readonly allIn: number; readonly unit: number },
): Working {
  const c = caseOf(quote, asked, setting, fills);
  const beside = E.BESIDE_EQUATIONS.find((one) => nameOf(one) === figure);
  if (beside !== undefined && model !== undefined) return beside.working({ ...c, model });
  const step = E.QUOTE_EQUATIONS.find((one) => nameOf(one) === figure);
  if (step === undefined) return refuse('E_KEY', 'figure', figure, QUOTE_FIGURES.join(' | '));
  return step.working(c);
}
