import { shortName } from '../catalogue/routes';
import { plainMoney } from '../comparison/board';
import type { AssessedQuote, QuotedLeader, QuotesAssessed } from '../comparison/quotes';
import { whole } from '../base/numbers';
import { COST_RISE_LIMIT, type Standing, type StandingState } from './standing-kinds';

/** A quote as it is kept with a decision. Money in the currency of the study. */
export interface KeptQuote {
  readonly id: string;
  readonly foundry: string;
  readonly laneId: string;
  readonly laneName: string;
  readonly perGoodPart: number | null;
  /** What the model said of the same lane, all in a part. */
  readonly model: number | null;
  readonly simulated: boolean;
  /** Why it had no part in the choice; null where it had. */
  readonly out: string | null;
  /** What was still to be asked, in sentences. */
  readonly toAsk: readonly string[];
}

/** The quotes of a study as they stood on a day, and what they did to the choice. */
export interface KeptQuotes {
  readonly asOf: string;
  readonly currency: string;
  readonly q: number;
  readonly quotes: readonly KeptQuote[];
  readonly byModel: QuotedLeader | null;
  readonly byQuotes: QuotedLeader | null;
  readonly changed: boolean;
}

const keptQuote = (a: AssessedQuote): KeptQuote => ({
  ...{ id: a.held.quote.id, foundry: a.held.foundry, laneId: a.laneId, laneName: a.laneName },
  ...{ simulated: a.held.simulated, out: a.out, toAsk: a.mistakes.map((m) => m.reason) },
  perGoodPart: a.normalised?.price?.perGoodPart ?? null,
  model: a.model?.allIn ?? null,
});

/**
 * The quotes of a study as they are kept with a decision.
 *
 * @returns null where there is none
 * @example
 * keptQuotes(assessed)?.quotes.length // 1
 */
export function keptQuotes(found: QuotesAssessed): KeptQuotes | null {
  if (found.quotes.length === 0) return null;
  return {
    ...{ asOf: found.setting.asOf, currency: found.setting.currency, q: found.q },
    quotes: found.quotes.map(keptQuote),
    ...{ byModel: found.byModel, byQuotes: found.byQuotes, changed: found.changed },
  };
}

const quoteOf = (of: KeptQuotes, leader: QuotedLeader | null): KeptQuote | undefined =>
  of.quotes.find((k) => k.id === leader?.quoteId);

const capital = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

/**
 * What quotes did to a choice, in sentences.
 *
 * @param laneId that was chosen
 * @example
 * quotesWords({ asOf: '2027-02-15', currency: 'USD', q: 500, quotes: [], byModel: null, byQuotes: null, changed: false }, 'spin/organic-rubber') // ''
 */
export function quotesWords(of: KeptQuotes, laneId: string): string {
  const { byModel, byQuotes, currency } = of;
  if (byModel === null || byQuotes === null) return '';
  const held = of.quotes.filter((k) => k.out === null).length;
  const money = (x: number): string => plainMoney(x, currency);
  const from = quoteOf(of, byQuotes);
  const count = `${whole(held)} of ${whole(of.quotes.length)} ${of.quotes.length === 1 ? 'quote' : 'quotes'} held.`;
  const leads =
    from === undefined
      ? `No quote is cheaper than ${byQuotes.name} by the model, ${money(byQuotes.perGoodPart)} per part.`
      : `${from.foundry}${from.simulated ? ' (simulated desk)' : ''} asks ${money(byQuotes.perGoodPart)} per good part for ${byQuotes.name}${
          of.changed ? `; by the model alone ${byModel.name} would lead at ${money(byModel.perGoodPart)}` : ''
        }.`;
  const chosen =
    byQuotes.laneId === laneId || byQuotes.laneId === laneId.split('/')[0]
      ? of.changed
        ? 'That quote is why this route is chosen.'
        : 'The quotes bear the choice out.'
      : `The route chosen, ${shortName(laneId)}, is not the one that leads by quotes.`;
  return `${count} ${leads} ${chosen}`;
}

/** What quotes do to a signed choice. */
export interface QuotesStanding {
  readonly state: Exclude<StandingState, 'stands'>;
  readonly reason: string;
}

/**
 * Whether a signed choice still holds by the quotes of today: overturned where a quote now leads for another route, weaker
 * where the quote it rested on has expired, was withdrawn or asks more by over 5 %.
 *
 * @param signed lane that was signed, and quotes as they stood then; null for none
 * @param now quotes as they stand; null for none
 * @returns null where quotes change nothing
 * @example
 * quotesStanding({ laneId: 'spin/organic-rubber', quotes: null }, null) // null
 */
export function quotesStanding(
  { laneId, quotes: then }: { readonly laneId: string; readonly quotes: KeptQuotes | null },
  now: KeptQuotes | null,
): QuotesStanding | null {
  const of = now ?? then;
  if (of === null) return null;
  const money = (x: number): string => plainMoney(x, of.currency);
  const led = then?.byQuotes == null || then.byQuotes.laneId === laneId;
  const leads = now?.byQuotes ?? null;
  const from = now === null ? undefined : quoteOf(now, leads);
  if (led && leads !== null && from !== undefined && leads.laneId !== laneId)
    return {
      state: 'overturned',
      reason: `${from.foundry} asks ${money(leads.perGoodPart)} per good part for ${leads.name}: less than ${shortName(laneId)}, which was signed.`,
    };
  const rested = then === null || then.byQuotes?.laneId !== laneId ? undefined : quoteOf(then, then.byQuotes);
  if (rested === undefined) return null;
  const today = now?.quotes.find((k) => k.id === rested.id);
  if (today === undefined || today.out !== null)
    return {
      state: 'weaker',
      reason: `The quote of ${rested.foundry} that it rests on holds no more. ${today?.out ?? 'It is not there any more.'}`,
    };
  const [was, is] = [rested.perGoodPart, today.perGoodPart];
  if (was !== null && is !== null && is > was * (1 + COST_RISE_LIMIT))
    return {
      state: 'weaker',
      reason: `${capital(rested.foundry)} asks ${money(is)} per good part now; it was ${money(was)} when signed.`,
    };
  return null;
}

const GRAVER: Readonly<Record<StandingState, number>> = { stands: 0, weaker: 1, overturned: 2 };

/**
 * How a decision stands by rates and by quotes together: the graver of the two, with both reasons.
 *
 * @param found by rates
 * @param quotes by quotes; null where they change nothing
 * @example
 * withQuotes({ state: 'stands', reason: 'Nothing.', explanation: ['Nothing.'], causes: [], plans: null }, null).state // 'stands'
 */
export function withQuotes(found: Standing, quotes: QuotesStanding | null): Standing {
  if (quotes === null) return found;
  const graver = GRAVER[quotes.state] > GRAVER[found.state];
  return graver
    ? { ...found, state: quotes.state, reason: quotes.reason, explanation: [quotes.reason] }
    : {
        ...found,
        reason: `${found.reason} ${quotes.reason}`,
        explanation: [...found.explanation, ` ${quotes.reason}`],
      };
}
