import type { LineId } from '../cost';
import { SCOPE_KINDS, type ScopeKind } from './scope.data';
import type { Quote, ScopeFill } from './types';

/**
 * The kind of work that a line of scope names; null for words that name none.
 *
 * @example
 * scopeKind('reaming of pin holes')?.id // 'machining'
 */
export const scopeKind = (line: string): ScopeKind | null => SCOPE_KINDS.find((kind) => kind.words.test(line)) ?? null;

/**
 * What the model takes for the work that a quote leaves out: the lines of its unit price that pay for it, each kind once,
 * on the first line that names it. Prices that the buyer gave stand before the model's.
 *
 * @param quote with its scope
 * @param lines of the model's unit price for the same lane, a piece; null where the model has no money of it
 * @param given prices of the buyer's own, by line
 * @returns one fill a line left out; 0 where the kind is filled already, and nothing for work that the model knows no price of
 * @example
 * scopeFills(quote, null, []) // []
 */
export function scopeFills(
  quote: Pick<Quote, 'scope'>,
  lines: Readonly<Partial<Record<LineId, number>>> | null,
  given: readonly ScopeFill[],
): readonly ScopeFill[] {
  const filled = new Set<string>();
  return quote.scope.flatMap(({ line, status }): ScopeFill[] => {
    if (status !== 'excluded') return [];
    const own = given.find((f) => f.line.toLowerCase() === line.toLowerCase());
    if (own !== undefined) return [{ ...own, line }];
    const kind = scopeKind(line);
    if (kind === null || lines === null || kind.lines.length === 0) return [];
    if (filled.has(kind.id)) return [{ line, price: 0, basis: `with the model’s ${kind.line}` }];
    filled.add(kind.id);
    return [{ line, price: moneyOf(kind, lines), basis: 'model' }];
  });
}

const moneyOf = (kind: ScopeKind, lines: Readonly<Partial<Record<LineId, number>>>): number =>
  kind.lines.reduce((sum, id) => sum + (lines[id] ?? 0), 0);

/** Work of a part, as a quote stands to it. */
export interface ScopeState {
  readonly kind: string;
  readonly line: string;
  /** What the model takes for it, a piece; null where it has no money of the lane. */
  readonly model: number | null;
  /** How the quote stands to it: `unsaid` where it names no line of the kind. */
  readonly state: 'included' | 'extra' | 'filled' | 'unfilled' | 'unsaid';
}

/** A kind of work that costs less than this share of the unit price is not asked about. */
const SMALL = 0.005;

/**
 * How a quote stands to each kind of work that the part needs, for a bar of what is quoted and what is filled.
 *
 * @param quote with its scope
 * @param lines of the model's unit price; null where there is none
 * @param fills taken for what it leaves out
 * @returns one state a kind of work that the quote names or that the model pays for
 * @example
 * scopeStates({ scope: [{ line: 'casting', status: 'included' }] }, null, [])[0]?.state // 'included'
 */
export function scopeStates(
  quote: Pick<Quote, 'scope'>,
  lines: Readonly<Partial<Record<LineId, number>>> | null,
  fills: readonly ScopeFill[],
): readonly ScopeState[] {
  const unit = lines === null ? 0 : Object.values(lines).reduce((sum, x) => sum + x, 0);
  return SCOPE_KINDS.flatMap((kind): ScopeState[] => {
    const said = quote.scope.filter(({ line }) => scopeKind(line)?.id === kind.id);
    const model = lines === null ? null : moneyOf(kind, lines);
    if (said.length === 0)
      return model !== null && model > SMALL * unit ? [{ kind: kind.id, line: kind.line, model, state: 'unsaid' }] : [];
    const out = said.filter((s) => s.status === 'excluded');
    const state =
      out.length > 0
        ? out.every((s) => fills.some((f) => f.line === s.line))
          ? 'filled'
          : 'unfilled'
        : said.some((s) => s.status === 'extra')
          ? 'extra'
          : 'included';
    return [{ kind: kind.id, line: kind.line, model, state }];
  }).reverse();
}
