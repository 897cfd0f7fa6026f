import { CAPACITY_PERIODS, LEAD_UNITS, LIFE_UNITS, PRICE_UNITS, TOOL_MODES } from './types';

/** What a field of the reply sheet holds. */
export type ReplyKind = 'text' | 'number' | 'date' | 'choice' | 'yes-no' | 'percent';

/** One field of the reply sheet: a row of it. */
export interface ReplyField {
  /** Where it stands in a quote: names, apart by points. */
  readonly path: string;
  readonly words: string;
  /** Fixed unit of what is written there; “currency” is that of the quote. */
  readonly unit: string;
  readonly kind: ReplyKind;
  readonly choices?: readonly string[];
  readonly meaning: string;
}

const field = (
  path: string,
  words: string,
  kind: ReplyKind,
  unit: string,
  meaning: string,
  choices?: readonly string[],
): ReplyField => ({ path, words, kind, unit, meaning, ...(choices === undefined ? {} : { choices }) });

/** The fields that every reply has, in the order of the sheet. */
export const REPLY_FIELDS: readonly ReplyField[] = [
  field('date', 'Date of the quote', 'date', 'YYYY-MM-DD', 'the day it is given'),
  field('validDays', 'Valid for', 'number', 'days', 'calendar days from that day'),
  field('currency', 'Currency', 'text', 'three letters', 'such as USD or EUR; all money below is in it'),
  field('unit', 'Price is for', 'choice', '', 'what one price buys', PRICE_UNITS),
  field('quotedMass_kg', 'Mass of a piece for the price', 'number', 'kg', 'of a piece, where the price is by mass'),
  field('minOrder', 'Minimum order', 'number', 'pieces', 'of one call'),
  field('lotCharge', 'Charge per lot', 'number', 'currency', 'for each call, beside the price'),
  field(
    'maxPieces',
    'Most pieces you would make',
    'number',
    'pieces',
    'of the whole programme; empty where there is none',
  ),
  field('tooling.mode', 'Tool', 'choice', '', 'how the buyer comes by it', TOOL_MODES),
  field('tooling.first', 'First tool', 'number', 'currency', ''),
  field('tooling.replacement', 'Each tool after it', 'number', 'currency', ''),
  field(
    'tooling.upkeepYear',
    'Upkeep and storage of the tool',
    'number',
    'currency a year',
    'empty where it is in the price',
  ),
  field('tooling.ownedBy', 'Tool owner', 'choice', '', 'once it is paid', ['buyer', 'foundry']),
  field('tooling.life.v', 'Life of a tool', 'number', 'as named below', 'empty where it is not worn out'),
  field('tooling.life.unit', 'Unit of the tool life', 'choice', '', '', LIFE_UNITS),
  field('tooling.cavities', 'Pieces of a shot or spin', 'number', 'pieces', ''),
  field('tooling.goodShare', 'Share of them that is good', 'percent', '%', ''),
  field('tooling.perTool', 'Pieces of a mould', 'number', 'pieces', ''),
  field('tooling.over', 'Tool amortised over', 'number', 'pieces', 'where it is in the price'),
  field('tooling.inPriceEach', 'In each price for the tool', 'number', 'currency', ''),
  field('tooling.dropsAfter', 'Price falls once it is paid off', 'yes-no', 'yes or no', ''),
  field('tooling.balanceDue', 'Unpaid balance is due at the end', 'yes-no', 'yes or no', ''),
  field('tooling.minTake', 'Least to be taken for a free tool', 'number', 'pieces', ''),
  field('tooling.penalty', 'Due where less is taken', 'number', 'currency', ''),
  field('clause.metal', 'Metal the price follows', 'text', '', 'empty where it follows none'),
  field('clause.share', 'Share of the price that follows it', 'percent', '%', ''),
  field('clause.baseValue', 'Metal at the base', 'number', 'index', ''),
  field('clause.todayValue', 'Metal today', 'number', 'index', ''),
  field('clause.date', 'Month of today’s value', 'text', 'YYYY-MM', ''),
  field('alloy', 'Alloy offered', 'text', '', 'as the request names it'),
  field('lead.first.v', 'First article', 'number', 'as named below', 'after the order'),
  field('lead.first.low', 'First article, at the soonest', 'number', 'as named below', ''),
  field('lead.first.high', 'First article, at the latest', 'number', 'as named below', ''),
  field('lead.first.unit', 'First article, unit of time', 'choice', '', '', LEAD_UNITS),
  field('lead.lot.v', 'A lot', 'number', 'as named below', 'after its call'),
  field('lead.lot.low', 'A lot, at the soonest', 'number', 'as named below', ''),
  field('lead.lot.high', 'A lot, at the latest', 'number', 'as named below', ''),
  field('lead.lot.unit', 'A lot, unit of time', 'choice', '', '', LEAD_UNITS),
  field('capacity.v', 'Capacity for this part', 'number', 'pieces', ''),
  field('capacity.per', 'Capacity per', 'choice', '', '', CAPACITY_PERIODS),
  field('incomingBad', 'Bad pieces you allow for', 'percent', '%', 'of those delivered'),
  field('decline.reason', 'We do not quote, because', 'text', '', 'leave the rest empty then'),
  field('decline.counter.alloy', 'Instead: alloy', 'text', '', ''),
  field('decline.counter.price', 'Instead: price', 'number', 'currency', ''),
  field('decline.counter.unit', 'Instead: price is for', 'choice', '', '', PRICE_UNITS),
  field('decline.counter.toolFirst', 'Instead: first tool', 'number', 'currency', ''),
  field('decline.counter.currency', 'Instead: currency', 'text', 'three letters', ''),
  field('decline.counter.why', 'Instead: why', 'text', '', ''),
  field('recommends', 'Route you would choose yourself', 'text', '', 'and why, in a few words'),
  field('remarks', 'Remarks', 'text', '', ''),
];

/** Rows that repeat, with a number for each. */
export const REPLY_LISTS = {
  priceBreaks: [
    field('from', 'Price break {n}: from', 'number', 'pieces', 'of a lot'),
    field('price', 'Price break {n}: price', 'number', 'currency', 'for what the price is for'),
  ],
  scope: [
    field('line', 'Work {n}', 'text', '', 'such as casting, fettling, T6, machining'),
    field('status', 'Work {n} is', 'choice', '', 'in the price, left out, or extra', ['included', 'excluded', 'extra']),
    field('price', 'Work {n}: extra price', 'number', 'currency', 'a piece, where it is extra'),
  ],
  exceptions: [
    field('feature', 'Exception {n}: feature', 'text', '', 'by its letter in the request'),
    field('offers_mm', 'Exception {n}: we hold', 'number', 'mm, total', 'the whole width'),
  ],
} as const;
export type ReplyList = keyof typeof REPLY_LISTS;

/** Rows of each list that an empty sheet offers. */
export const EMPTY_ROWS: Readonly<Record<ReplyList, number>> = { priceBreaks: 4, scope: 8, exceptions: 4 };
