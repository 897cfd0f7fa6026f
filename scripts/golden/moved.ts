import type { GoldenFigures, Print } from './collect';

/** Prints this near are equal: figures were worked out in another order, and moved in their last bits at most. */
const ROUNDING = 1e-8;

const isMoved = (a: Print | undefined, b: Print | undefined): boolean =>
  a === undefined ||
  b === undefined ||
  a.words !== b.words ||
  Math.abs(a.sum - b.sum) > ROUNDING * (1 + Math.abs(a.sum) / 1e4);
/** The same to the digit a reader could see. */
const isOther = (a: number | null, b: number | null): boolean =>
  a === null || b === null ? a !== b : Math.abs(a - b) > 1e-11 * Math.max(Math.abs(a), Math.abs(b));

/** What moved between two takings of the figures, in words; empty where nothing did. */
export function moved(before: GoldenFigures, now: GoldenFigures): string[] {
  const out: string[] = [];
  for (const id of new Set([...Object.keys(before.lanes), ...Object.keys(now.lanes)])) {
    const [a, b] = [before.lanes[id], now.lanes[id]];
    if (a === undefined || b === undefined) out.push(`${id}: ${a === undefined ? 'new' : 'gone'}`);
    else if (isOther(a.total, b.total)) out.push(`${id}: total ${a.total} → ${b.total}`);
    else if (isOther(a.firstArticle_d, b.firstArticle_d))
      out.push(`${id}: first article ${a.firstArticle_d} → ${b.firstArticle_d} days`);
    else if (isMoved(a.all, b.all)) out.push(`${id}: at another quantity, or a line of its price`);
  }
  for (const kind of ['workings', 'draws', 'plans'] as const)
    for (const title of new Set([...Object.keys(before[kind]), ...Object.keys(now[kind])])) {
      // A figure that is told for the first time has not moved.
      if (kind === 'workings' && before[kind][title] === undefined) continue;
      if (isMoved(before[kind][title], now[kind][title])) out.push(`${title}: ${kind}`);
    }
  return out;
}
