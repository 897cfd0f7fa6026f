import { RATE_PARTS, type RateEntry } from '@/core/rates';
import { lanePartName } from './rate-words';

/** A part of a set, of which the list tells what is own and what is not saved. */
export interface PartOfSet {
  readonly id: string;
  readonly name: string;
  readonly entries: readonly { readonly path: string }[];
}

/** A part of a rate set: what all routes share, or one route's own. */
export interface RatePart {
  readonly id: string;
  readonly name: string;
  readonly entries: readonly RateEntry[];
}

/** The parts of a set in the order they are read: what all share, then every route variant. */
export function partsOf(entries: readonly RateEntry[]): RatePart[] {
  const ids = [...new Set(entries.map((e) => e.part))];
  return ids.map((id) => ({
    id,
    name: lanePartName(id) ?? RATE_PARTS.find(([, part]) => part === id)?.[2] ?? id,
    entries: entries.filter((e) => e.part === id),
  }));
}

/** The parts with what holds every word searched; without words the part that is open. */
export function searchedParts(parts: readonly RatePart[], search: string, openId: string): readonly RatePart[] {
  const words = search.split(/\s+/).filter(Boolean);
  if (words.length === 0) return parts.filter((p) => p.id === openId);
  const has = (p: RatePart, e: RateEntry): boolean => {
    const text = `${p.name} ${e.of} ${e.words} ${e.note} ${e.path} ${e.unit}`.toLowerCase();
    return words.every((w) => text.includes(w));
  };
  return parts.map((p) => ({ ...p, entries: p.entries.filter((e) => has(p, e)) })).filter((p) => p.entries.length > 0);
}
