import { z } from 'zod';
import { isPlainDate } from '../base/plain-date';
import { CAPACITY_PERIODS, LEAD_UNITS, LIFE_UNITS, PRICE_UNITS, SCOPE_STATES, TOOL_MODES, type Quote } from './types';

const MOST_MONEY = 1e9;
const MOST_PIECES = 1e9;
const MOST_DAYS = 3650;
const LINES = 40;

const id = z.string().min(1).max(64);
const text = (most: number) => z.string().trim().max(most);
const money = z.number().min(0).max(MOST_MONEY);
const pieces = z.number().min(0).max(MOST_PIECES);
const share = z.number().min(0).max(1);
const date = z.string().refine(isPlainDate, 'a date such as 2027-01-18 is wanted');
const currency = z.string().regex(/^[A-Z]{3}$/, 'three capital letters such as EUR are wanted');
const days = z.number().min(0).max(MOST_DAYS);
const time = z.object({ v: days, unit: z.enum(LEAD_UNITS), low: days.optional(), high: days.optional() });

const tooling = z.object({
  mode: z.enum(TOOL_MODES),
  first: money.default(0),
  replacement: money.default(0),
  upkeepYear: money.optional(),
  ownedBy: z.enum(['buyer', 'foundry']).default('buyer'),
  life: z.object({ v: z.number().positive().max(MOST_PIECES), unit: z.enum(LIFE_UNITS) }).optional(),
  cavities: z.number().int().min(1).max(5000).optional(),
  goodShare: z.number().gt(0).max(1).optional(),
  perTool: z.number().int().min(1).max(5000).optional(),
  over: pieces.optional(),
  inPriceEach: money.optional(),
  dropsAfter: z.boolean().optional(),
  balanceDue: z.boolean().optional(),
  minTake: pieces.optional(),
  penalty: money.optional(),
});

/** A quote as it was received: what is refused is named by its place. */
export const QUOTE_SCHEMA = z
  .object({
    id,
    foundryId: id,
    route: id,
    variant: id,
    date,
    validDays: z.number().int().min(0).max(MOST_DAYS),
    unit: z.enum(PRICE_UNITS),
    quotedMass_kg: z.number().positive().max(1e6).optional(),
    currency,
    priceBreaks: z.array(z.object({ from: z.number().int().min(0).max(MOST_PIECES), price: money })).max(LINES),
    minOrder: pieces.default(0),
    lotCharge: money.default(0),
    tooling,
    clause: z
      .object({
        metal: text(120),
        share,
        baseValue: z.number().positive(),
        todayValue: z.number().positive(),
        date: text(20),
      })
      .optional(),
    alloy: id.nullable().default(null),
    scope: z
      .array(z.object({ line: text(80).min(1), status: z.enum(SCOPE_STATES), price: money.optional() }))
      .max(LINES)
      .default([]),
    exceptions: z
      .array(z.object({ feature: id, offers_mm: z.number().positive().max(1000) }))
      .max(LINES)
      .default([]),
    lead: z.object({ first: time, lot: time }).nullable().default(null),
    capacity: z
      .object({ v: z.number().positive().max(MOST_PIECES), per: z.enum(CAPACITY_PERIODS) })
      .nullable()
      .default(null),
    incomingBad: z.number().min(0).lt(1).default(0),
    decline: z
      .object({
        reason: text(1000).min(1),
        counter: z
          .object({
            alloy: id.nullable(),
            price: money.nullable(),
            unit: z.enum(PRICE_UNITS).nullable(),
            toolFirst: money.nullable(),
            currency,
            why: text(1000),
          })
          .nullable(),
      })
      .nullable()
      .default(null),
    maxPieces: pieces.nullable().default(null),
    remarks: text(4000).default(''),
    recommends: text(400).optional(),
  })
  .superRefine((quote, context) => {
    const wanted = (path: (string | number)[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    if (quote.decline !== null) return;
    if (quote.priceBreaks.length === 0) wanted(['priceBreaks'], 'a price, or the reason of a decline, is wanted');
    if ((quote.unit === 'kg' || quote.unit === 'lb') && quote.quotedMass_kg === undefined)
      wanted(['quotedMass_kg'], 'the mass of a piece, for a price by mass, is wanted');
    const froms = quote.priceBreaks.map((b) => b.from);
    froms.forEach((from, i) => {
      if (i > 0 && from <= (froms[i - 1] ?? 0))
        wanted(['priceBreaks', i, 'from'], 'more than the break before is wanted');
    });
    quote.scope.forEach((s, i) => {
      if (s.status === 'extra' && s.price === undefined) wanted(['scope', i, 'price'], 'what it costs is wanted');
    });
    if (
      quote.tooling.mode === 'amortised' &&
      (quote.tooling.over === undefined || quote.tooling.inPriceEach === undefined)
    )
      wanted(['tooling', 'over'], 'over how many pieces, and how much of each price is for the tool, are wanted');
  }) satisfies z.ZodType<Quote, unknown>;
