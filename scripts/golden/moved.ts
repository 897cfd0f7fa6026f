import type { GoldenFigures } from './collect';

/** What moved between two takings of the figures, in words; empty where nothing did. */
export function moved(before: GoldenFigures, now: GoldenFigures): string[] {
  const out: string[] = [];
  for (const id of new Set([...Object.keys(before.lanes), ...Object.keys(now.lanes)])) {
    const [a, b] = [before.lanes[id], now.lanes[id]];
    if (a === undefined || b === undefined) out.push(`${id}: ${a === undefined ? 'new' : 'gone'}`);
    else if (a.total !== b.total) out.push(`${id}: total ${a.total} → ${b.total}`);
    else if (a.firstArticle_d !== b.firstArticle_d)
      out.push(`${id}: first article ${a.firstArticle_d} → ${b.firstArticle_d} days`);
    else if (a.all !== b.all) out.push(`${id}: at another quantity, or a line of its price`);
  }
  for (const kind of ['workings', 'draws', 'plans'] as const)
    for (const title of new Set([...Object.keys(before[kind]), ...Object.keys(now[kind])]))
      if (before[kind][title] !== now[kind][title]) out.push(`${title}: ${kind}`);
  return out;
}
