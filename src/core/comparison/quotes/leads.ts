import { RAIL_MAX } from '../board';
import type { QuoteSetting, ScopeFill } from '../../quotes';
import type { Study } from '../../study';
import { assessQuotes, type HeldQuote, type QuotedLeader } from './assess';

/** What leads by quotes over a run of quantities. */
export interface QuotedRun {
  readonly from: number;
  readonly to: number;
  readonly leader: Omit<QuotedLeader, 'perGoodPart'> | null;
}

/** Quantities looked at in a decade; between two of them with another leader the change is found to the piece. */
const A_DECADE = 8;

const keyOf = (leader: QuotedRun['leader']): string => `${leader?.laneId ?? ''} ${leader?.quoteId ?? ''}`;

/**
 * What leads over all quantities of the rail where quotes that hold stand in place of the model. Quantities are looked at
 * eight to a decade, and every change between two of them is found to the piece; what leads between two looks with the
 * same leader, and only there, is not seen.
 *
 * @param quotes as they are held
 * @param report hears the share done, 0–1
 * @returns runs that cover 1 to the end of the rail
 * @example
 * quotedLeads(study, [], setting, [], 10)[0]?.from // 1
 */
export function quotedLeads(
  study: Study,
  quotes: readonly HeldQuote[],
  setting: QuoteSetting,
  given: readonly ScopeFill[],
  most: number = RAIL_MAX,
  report: (share: number) => void = () => undefined,
): QuotedRun[] {
  const leaderAt = (q: number): QuotedRun['leader'] => {
    const { byQuotes } = assessQuotes(study, q, quotes, setting, given);
    return byQuotes === null ? null : { laneId: byQuotes.laneId, name: byQuotes.name, quoteId: byQuotes.quoteId };
  };
  const steps = Math.ceil(A_DECADE * Math.log10(most));
  const grid = [...new Set(Array.from({ length: steps + 1 }, (_, i) => Math.round(most ** (i / steps))))];
  const out: { from: number; to: number; leader: QuotedRun['leader'] }[] = [];
  let was = { q: 1, leader: leaderAt(1) };
  out.push({ from: 1, to: 1, leader: was.leader });
  const put = (q: number, leader: QuotedRun['leader']): void => {
    const last = out.at(-1);
    if (last === undefined) return;
    if (keyOf(last.leader) === keyOf(leader)) last.to = q;
    else {
      last.to = q - 1;
      out.push({ from: q, to: q, leader });
    }
  };
  /** Finds every change between two quantities whose leaders differ, halving until they are neighbours. */
  const between = (low: typeof was, high: typeof was): void => {
    if (keyOf(low.leader) === keyOf(high.leader) || high.q - low.q <= 1) return put(high.q, high.leader);
    const q = Math.floor((low.q + high.q) / 2);
    const middle = { q, leader: leaderAt(q) };
    between(low, middle);
    between(middle, high);
  };
  grid.slice(1).forEach((q, i) => {
    const now = { q, leader: leaderAt(q) };
    between(was, now);
    was = now;
    report((i + 1) / (grid.length - 1));
  });
  return out;
}
