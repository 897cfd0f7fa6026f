import type { QuotesFound } from './quotes.types';
import type { AssessedQuote } from '@/core/comparison/quotes';
import type { Mistake, NormalisedPrice, QuoteFlag, ScopeState } from '@/core/quotes';

/** What is to be looked at in a quote, in a few words. */
export const FLAG_WORDS: Readonly<Record<QuoteFlag, string>> = {
  declined: 'declined',
  expired: 'expired',
  currency: 'other currency',
  'unit-hundred': 'price per hundred',
  'unit-kg': 'price per kilogram',
  'unit-lb': 'price per pound',
  'order-over-lot': 'minimum order above the lot',
  'alloy-swapped': 'another alloy',
  exceptions: 'tolerance exceptions',
  'metal-clause': 'metal clause',
  'tool-amortised': 'tool in the price',
  'tool-owned-by-foundry': 'foundry owns the tool',
  'least-quantity-not-met': 'least quantity not met',
  'fewer-than-needed': 'fewer than needed',
  'life-in-shots': 'life in shots',
};

export const MISTAKE_WORDS: Readonly<Record<Mistake['kind'], string>> = {
  'price-unit': 'Price unit',
  'price-far': 'Price far from the model',
  'mass-unit': 'Mass in pounds or kilograms',
  'capacity-period': 'Capacity by day, week or month',
  'capacity-far': 'Capacity far from the model',
  'life-unit': 'Tool life in shots or parts',
  'lead-unit': 'Unit of the lead time',
  'days-mixed': 'Working and calendar days mixed',
  'tool-twice': 'Tool counted twice',
  'break-over-lot': 'Price break above the lot',
  expired: 'Expired',
  'alloy-swapped': 'Another alloy',
  'rate-undated': 'Exchange rate without a recent date',
  'critical-tolerance': 'Tolerance exception on a critical dimension',
  'free-tool': 'Tool without charge',
};

export const SCOPE_WORDS: Readonly<Record<ScopeState['state'], string>> = {
  included: 'in the price',
  extra: 'extra, added',
  filled: 'left out, filled in',
  unfilled: 'left out, no price known',
  unsaid: 'not said',
};

/** The steps of the normalisation that open, in their order: figure of a quote, label, what it is counted in. */
export const STEPS: readonly (readonly [keyof NormalisedPrice, string, 'money' | 'pieces' | 'days' | 'count'])[] = [
  ['bought', 'Pieces bought', 'pieces'],
  ['lot', 'Pieces of a lot', 'pieces'],
  ['lots', 'Lots', 'count'],
  ['unitAsQuoted', 'Price of a piece as quoted', 'money'],
  ['unitAfterClause', 'By today’s metal', 'money'],
  ['amortisedTakenOut', 'Tool taken out of it', 'money'],
  ['scopeExtra', 'Extra work added', 'money'],
  ['scopeFilled', 'Work left out, filled in', 'money'],
  ['unitComparable', 'Comparable price of a piece', 'money'],
  ['lifeGood', 'Good parts of a tool', 'pieces'],
  ['tools', 'Tools over the programme', 'count'],
  ['upkeep', 'Upkeep of the tool over the programme', 'money'],
  ['tooling', 'Tooling over the programme', 'money'],
  ['surplus', 'Paid for the tool beyond its cost', 'money'],
  ['lotCharges', 'Charges of lots', 'money'],
  ['programme', 'The programme', 'money'],
  ['perGoodPart', 'Per good part', 'money'],
  ['leadFirst_d', 'First article', 'days'],
  ['leadLot_d', 'A lot', 'days'],
  ['capacityPerWorkday', 'Capacity of a working day', 'pieces'],
  ['workdaysForAYear', 'Working days for a year’s parts', 'days'],
];

/** Name of a quote: the foundry and the route. */
export const quoteName = (a: AssessedQuote): string => `${a.held.foundry}, ${a.laneName}`;

/** A quote of the list by its id. */
export const quoteById = (found: QuotesFound, id: string | null): AssessedQuote | undefined =>
  found.assessed.quotes.find((a) => a.held.quote.id === id);
