import { normaliseQuote } from '../../quotes';
import { CoreError } from '../../base/errors';
import type { AssessedQuote, QuotesAssessed } from './assess';

/** A part of what a quote comes to, a good part, against the model's and the runner-up's. Money of the study. */
export interface GapLine {
  readonly id: 'work' | 'tooling' | 'charges' | 'bad' | 'clause' | 'extra';
  readonly words: string;
  readonly asked: number;
  /** What the model has for it; 0 for what it knows no price of. */
  readonly model: number;
  readonly gap: number;
  /** What the runner-up asks for it; null without one. */
  readonly other: number | null;
}

/** A higher price break, ordered in its lots. */
export interface BreakOffer {
  readonly from: number;
  readonly perGoodPart: number;
  /** A good part, against the quote as it stands; above 0 where it pays. */
  readonly saved: number;
  /** Over the programme. */
  readonly savedInAll: number;
  /** Pieces more that lie in stock after each call. */
  readonly moreInStock: number;
}

/** What to talk about with a foundry. */
export interface Negotiation {
  /** The gaps to the model, the largest first. */
  readonly gaps: readonly GapLine[];
  readonly breaks: readonly BreakOffer[];
  /** What holds of the tool, in sentences. */
  readonly tool: readonly string[];
}

const LINE_WORDS: Readonly<Record<GapLine['id'], string>> = {
  work: 'the piece itself, with what is filled in',
  tooling: 'tooling',
  charges: 'charges of lots',
  bad: 'pieces bad on arrival',
  clause: 'metal clause',
  extra: 'extra work',
};

/** Figure of a quote that each line is. */
export const GAP_FIGURES = {
  work: 'partWork',
  tooling: 'partTooling',
  charges: 'partCharges',
  bad: 'partBad',
  clause: 'partClause',
  extra: 'scopeExtra',
} as const satisfies Readonly<Record<GapLine['id'], string>>;

/**
 * What to talk about with the foundry of a quote: where it lies above the model, which higher break would pay, and whose the
 * tool is. The parts add up to what a good part comes to.
 *
 * @param of the quotes of the study
 * @param a the quote that is negotiated
 * @param other the runner-up, or null
 * @returns null for a quote without a price
 * @example
 * negotiation(assessed, assessed.quotes[0], null).gaps.length > 0 // true
 */
export function negotiation(of: QuotesAssessed, a: AssessedQuote, other: AssessedQuote | null): Negotiation | null {
  const price = a.normalised?.price;
  if (price == null) return null;
  const others = other?.normalised?.price ?? null;
  const ids = Object.keys(LINE_WORDS) as GapLine['id'][];
  const modelOf = (id: GapLine['id']): number =>
    a.model === null ? 0 : id === 'work' ? a.model.unit : id === 'tooling' ? a.model.tooling / of.q : 0;
  const gaps = ids
    .map((id): GapLine => {
      const asked = price[GAP_FIGURES[id]];
      return {
        ...{ id, words: LINE_WORDS[id], asked, model: modelOf(id), gap: asked - modelOf(id) },
        other: others === null ? null : others[GAP_FIGURES[id]],
      };
    })
    .filter((g) => g.asked !== 0 || g.model !== 0)
    .sort((x, y) => y.gap - x.gap);
  return { gaps, breaks: breaksOf(of, a, price.perGoodPart), tool: toolOf(of, a) };
}

function breaksOf({ asked, setting, q }: QuotesAssessed, a: AssessedQuote, now: number): BreakOffer[] {
  const { quote } = a.held;
  const lot = a.normalised?.price?.lot ?? asked.lot;
  return quote.priceBreaks.flatMap(({ from }): BreakOffer[] => {
    if (from <= lot || from > q) return [];
    try {
      const then = normaliseQuote(quote, { ...asked, lot: from }, setting, a.fills).price?.perGoodPart;
      return then === undefined
        ? []
        : [{ from, perGoodPart: then, saved: now - then, savedInAll: (now - then) * q, moreInStock: from - lot }];
    } catch (error) {
      if (error instanceof CoreError) return [];
      throw error;
    }
  });
}

function toolOf({ q }: QuotesAssessed, a: AssessedQuote): string[] {
  const { tooling } = a.held.quote;
  const out: string[] = [];
  if (tooling.mode !== 'none')
    out.push(
      tooling.ownedBy === 'buyer'
        ? 'The tool is yours once it is paid: have it marked, drawn and insured, and say in writing that you may fetch it.'
        : 'The tool stays the foundry’s: another shop would need one of its own. Ask what it costs to buy it out.',
    );
  if (tooling.life === undefined && tooling.mode !== 'none')
    out.push('No life of the tool is said: ask how many good parts it lasts, and who pays the next one.');
  const lifeGood = a.normalised?.price?.lifeGood;
  if (lifeGood != null && lifeGood > 3 * q)
    out.push('The tool outlives the programme by far: a lighter one may do for less.');
  if ((tooling.minTake ?? 0) > q) out.push('It wants more pieces taken than the programme has.');
  return out;
}
