import { dateWords, dayNumber } from '../base/day';
import { significant } from '../base/numbers';
import { normaliseQuote, type NormalisedPrice, type NormalisedQuote } from './normalise';
import {
  CAPACITY_PERIODS,
  LEAD_UNITS,
  PRICE_UNITS,
  type Asked,
  type PriceUnit,
  type Quote,
  type QuoteSetting,
  type ScopeFill,
} from './types';

/** What the model has of the route that a quote is for; money in the currency of the study. */
export interface ModelFigures {
  /** Price of a part, without its tool. */
  readonly unit: number;
  readonly goodPerWorkday: number;
  /** Good parts of one tool; null where it is not worn out. */
  readonly lifeGood: number | null;
  readonly mass_kg: number;
  readonly firstArticle_d: number;
}

export const MISTAKE_KINDS = [
  'price-unit',
  'price-far',
  'mass-unit',
  'capacity-period',
  'capacity-far',
  'life-unit',
  'lead-unit',
  'days-mixed',
  'tool-twice',
  'break-over-lot',
  'expired',
  'alloy-swapped',
  'rate-undated',
  'critical-tolerance',
  'free-tool',
] as const;
export type MistakeKind = (typeof MISTAKE_KINDS)[number];

/** What may be wrong with a quote, or wrongly read in it. */
export interface Mistake {
  readonly kind: MistakeKind;
  /** A sentence, in SI and the currency of the study. */
  readonly reason: string;
  /** What another reading would make of a figure; null where there is none. */
  readonly effect: { readonly figure: keyof NormalisedPrice; readonly now: number; readonly then: number } | null;
  /** The quote as it would then read; null where nothing is to be read otherwise. */
  readonly reading: Quote | null;
}

/** Beyond so many times the model’s figure a quoted one is asked about. */
export const FAR = 3;
/** Days after which a rate of exchange is old. */
const OLD_RATE_D = 30;

interface Seen {
  readonly quote: Quote;
  readonly asked: Asked;
  readonly setting: QuoteSetting;
  readonly fills: readonly ScopeFill[];
  readonly model: ModelFigures;
  readonly now: NormalisedQuote;
  readonly price: NormalisedPrice;
}

const isFar = (ratio: number): boolean => ratio > FAR || ratio < 1 / FAR;
/** How far a ratio lies from one, up or down alike. */
const distance = (ratio: number): number => Math.abs(Math.log(ratio));
const times = (ratio: number): string =>
  ratio >= 1 ? `${significant(ratio, 2)} times` : `1/${significant(1 / ratio, 2)} of`;

/** A quote read otherwise, by what a figure of it then is; null for a reading that makes no sense. */
function reread(s: Seen, quote: Quote, key: keyof NormalisedPrice): { quote: Quote; value: number } | null {
  try {
    const value = normaliseQuote(quote, s.asked, s.setting, s.fills).price?.[key];
    return typeof value === 'number' && value > 0 ? { quote, value } : null;
  } catch {
    return null;
  }
}

/** The reading that brings a figure nearest to the model’s, where one brings it within reach. */
function nearest(
  s: Seen,
  key: keyof NormalisedPrice,
  of: number,
  readings: readonly Quote[],
): { quote: Quote; value: number } | null {
  const found = readings
    .flatMap((quote) => reread(s, quote, key) ?? [])
    .sort((a, b) => distance(a.value / of) - distance(b.value / of))[0];
  return found === undefined || isFar(found.value / of) ? null : found;
}

const WORDS: Readonly<Record<PriceUnit, string>> = {
  each: 'for a piece',
  hundred: 'for a hundred',
  kg: 'for a kilogram',
  lb: 'for a pound',
};

const effectOn = (figure: keyof NormalisedPrice, price: NormalisedPrice, then: number): Mistake['effect'] => ({
  figure,
  now: Number(price[figure]),
  then,
});

function pricing(s: Seen): Mistake[] {
  const { quote, price, model, setting } = s;
  const ratio = price.unitComparable / model.unit;
  if (!isFar(ratio)) return [];
  const others = PRICE_UNITS.filter((unit) => unit !== quote.unit).map((unit): Quote => ({
    ...quote,
    unit,
    quotedMass_kg: quote.quotedMass_kg ?? model.mass_kg,
  }));
  const better = nearest(s, 'unitComparable', model.unit, others);
  const said = `Read ${WORDS[quote.unit]} it is ${times(ratio)} the model’s ${significant(model.unit, 3)} ${setting.currency}`;
  if (better === null) return [{ kind: 'price-far', reason: `${said}: ask.`, effect: null, reading: null }];
  const then = reread(s, better.quote, 'perGoodPart')?.value ?? NaN;
  const { unit } = better.quote;
  return [
    {
      kind: 'price-unit',
      reason: `${said}; ${WORDS[unit]} it would be ${times(better.value / model.unit)} it.`,
      effect: effectOn('perGoodPart', price, then),
      reading: better.quote,
    },
  ];
}

/** Between a pound and a kilogram, with what a hand rounds. */
const POUND_SLIP: readonly [number, number] = [1.9, 2.5];

function masses({ quote, model }: Seen): Mistake[] {
  const mass = quote.quotedMass_kg;
  if (mass === undefined || (quote.unit !== 'kg' && quote.unit !== 'lb')) return [];
  const ratio = mass / model.mass_kg;
  const slip = Math.max(ratio, 1 / ratio);
  if (slip < POUND_SLIP[0] || slip > POUND_SLIP[1]) return [];
  return [
    {
      kind: 'mass-unit',
      reason: `The price is for a mass of ${significant(mass, 3)} kg, ${times(ratio)} the part’s ${significant(model.mass_kg, 3)} kg: pounds and kilograms may be mixed.`,
      effect: null,
      reading: { ...quote, quotedMass_kg: model.mass_kg },
    },
  ];
}

function capacities(s: Seen): Mistake[] {
  const { quote, price, model } = s;
  const { capacity } = quote;
  const now = price.capacityPerWorkday;
  if (capacity === null || now === null) return [];
  const ratio = now / model.goodPerWorkday;
  if (!isFar(ratio)) return [];
  const others = CAPACITY_PERIODS.filter((per) => per !== capacity.per).map((per): Quote => ({
    ...quote,
    capacity: { ...capacity, per },
  }));
  const better = nearest(s, 'capacityPerWorkday', model.goodPerWorkday, others);
  const said = `${significant(capacity.v, 3)} pieces a ${capacity.per} is ${times(ratio)} the ${significant(model.goodPerWorkday, 3)} a working day of the model`;
  if (better === null)
    return [{ kind: 'capacity-far', reason: `${said}: ask what else they make.`, effect: null, reading: null }];
  return [
    {
      kind: 'capacity-period',
      reason: `${said}; a ${better.quote.capacity?.per ?? ''} it would be ${times(better.value / model.goodPerWorkday)} it.`,
      effect: effectOn('capacityPerWorkday', price, better.value),
      reading: better.quote,
    },
  ];
}

function lives(s: Seen): Mistake[] {
  const { quote, price, model } = s;
  const { tooling } = quote;
  const { life } = tooling;
  if (life === undefined || price.lifeGood === null || model.lifeGood === null) return [];
  const ratio = price.lifeGood / model.lifeGood;
  if (!isFar(ratio)) return [];
  const others = (['good parts', 'shots', 'moulds'] as const)
    .filter((unit) => unit !== life.unit)
    .map((unit): Quote => ({ ...quote, tooling: { ...tooling, life: { ...life, unit } } }));
  const better = nearest(s, 'lifeGood', model.lifeGood, others);
  if (better === null) return [];
  const then = reread(s, better.quote, 'perGoodPart')?.value ?? NaN;
  return [
    {
      kind: 'life-unit',
      reason: `A life of ${significant(life.v, 3)} ${life.unit} is ${times(ratio)} the model’s ${significant(model.lifeGood, 3)} good parts; in ${better.quote.tooling.life?.unit ?? ''} it would be ${times(better.value / model.lifeGood)} it.`,
      effect: effectOn('perGoodPart', price, then),
      reading: better.quote,
    },
  ];
}

function leads(s: Seen): Mistake[] {
  const { quote, price, model } = s;
  const { lead } = quote;
  if (lead === null || price.leadFirst_d === null) return [];
  const out: Mistake[] = [];
  const kinds = new Set([lead.first.unit, lead.lot.unit]);
  if (kinds.has('working days') && kinds.has('calendar days')) {
    const other: Quote = { ...quote, lead: { ...lead, lot: { ...lead.lot, unit: lead.first.unit } } };
    const then = reread(s, other, 'leadLot_d')?.value ?? NaN;
    out.push({
      kind: 'days-mixed',
      reason: `The first article is quoted in ${lead.first.unit}, a lot in ${lead.lot.unit}: ask whether both are meant.`,
      effect: effectOn('leadLot_d', price, then),
      reading: other,
    });
  }
  const ratio = price.leadFirst_d / model.firstArticle_d;
  if (isFar(ratio)) {
    const others = LEAD_UNITS.filter((unit) => unit !== lead.first.unit).map((unit): Quote => ({
      ...quote,
      lead: { ...lead, first: { ...lead.first, unit } },
    }));
    const better = nearest(s, 'leadFirst_d', model.firstArticle_d, others);
    if (better !== null)
      out.push({
        kind: 'lead-unit',
        reason: `A first article in ${significant(lead.first.v, 3)} ${lead.first.unit} is ${times(ratio)} the model’s time; in ${better.quote.lead?.first.unit ?? ''} it would be ${times(better.value / model.firstArticle_d)} it.`,
        effect: effectOn('leadFirst_d', price, better.value),
        reading: better.quote,
      });
  }
  return out;
}

function tools({ quote, price, asked, setting }: Seen): Mistake[] {
  const { tooling } = quote;
  const out: Mistake[] = [];
  if (tooling.mode === 'amortised' && tooling.first > 0)
    out.push({
      kind: 'tool-twice',
      reason: `The tool is in the price (${significant(price.amortisedTakenOut, 3)} ${setting.currency} of each) and listed beside it: it is counted once.`,
      effect: effectOn('perGoodPart', price, price.perGoodPart + (price.bought * price.amortisedTakenOut) / asked.need),
      reading: null,
    });
  if (tooling.mode === 'separate' && (tooling.inPriceEach ?? 0) > 0)
    out.push({
      kind: 'tool-twice',
      reason: 'The tool is asked for separately, and a share of it in each price: ask which is meant.',
      effect: null,
      reading: { ...quote, tooling: { ...tooling, mode: 'amortised' } },
    });
  if (tooling.mode === 'foundry-pays' && tooling.ownedBy === 'foundry')
    out.push({
      kind: 'free-tool',
      reason: `A tool without charge belongs to the foundry: another shop would need its own${
        (tooling.minTake ?? 0) > 0
          ? `, and at least ${significant(tooling.minTake ?? 0, 4)} pieces are to be taken`
          : ''
      }.`,
      effect: null,
      reading: null,
    });
  return out;
}

function terms({ quote, price, asked, setting, now }: Seen): Mistake[] {
  const out: Mistake[] = [];
  const tell = (kind: MistakeKind, reason: string): void =>
    void out.push({ kind, reason, effect: null, reading: null });
  if (price.lot > asked.lot)
    tell('break-over-lot', `The price holds from ${price.lot} pieces a lot; the study has lots of ${asked.lot}.`);
  if (now.flags.includes('expired')) tell('expired', `It held until ${dateWords(now.validUntil)}.`);
  if (now.flags.includes('alloy-swapped')) tell('alloy-swapped', 'It is for another alloy than the one asked.');
  const rate = setting.rates[quote.currency];
  if (quote.currency !== setting.currency && rate !== undefined) {
    const age = rate.date === '' ? Infinity : dayNumber('asOf', setting.asOf) - dayNumber('date', rate.date);
    if (age > OLD_RATE_D || age < 0)
      tell(
        'rate-undated',
        `The rate of ${quote.currency} is ${rate.date === '' ? 'without a date' : `of ${dateWords(rate.date)}`}.`,
      );
  }
  for (const e of price.exceptions)
    if (e.looser && !e.mayMachine)
      tell(
        'critical-tolerance',
        `${e.name}: ${significant(e.offers_mm, 3)} mm offered against ${significant(e.drawing_mm ?? NaN, 3)} mm, and it may not be machined.`,
      );
  return out;
}

/**
 * What may be wrong with a quote, or wrongly read in it: figures more than three times off the model’s, with the reading
 * that would bring them near; a tool counted twice; terms that change what it says.
 *
 * @param quote as received
 * @param model figures of the route it is for
 * @returns nothing for a quote that was declined
 * @throws {CoreError} as normaliseQuote does
 * @example
 * quoteMistakes(quote, asked, setting, [], { unit: 20, goodPerWorkday: 50, lifeGood: null, mass_kg: 0.7, firstArticle_d: 30 }) // []
 */
export function quoteMistakes(
  quote: Quote,
  asked: Asked,
  setting: QuoteSetting,
  fills: readonly ScopeFill[],
  model: ModelFigures,
): readonly Mistake[] {
  const now = normaliseQuote(quote, asked, setting, fills);
  if (now.price === null) return [];
  const seen: Seen = { quote, asked, setting, fills, model, now, price: now.price };
  return [pricing, masses, capacities, lives, leads, tools, terms].flatMap((look) => look(seen));
}
