import { plainMoney, shortFigure, type Evaluation } from '../comparison/board';
import type { Brief } from '../brief';
import { rateDifferences, type OwnFigure, type RateSet } from '../rates';
import { shortName } from '../catalogue/routes';

/** One thing that is no longer as it was when a decision was signed. */
export interface Change {
  readonly what: string;
  /** A figure as stored (unit in the end of its path), or words. */
  readonly was: string | number;
  readonly is: string | number;
  /** The figure whose working both open; missing for words and for inputs. */
  readonly opens?: { readonly laneId: string; readonly figure: string };
}

/** Leaves of two objects that differ, by path; lists are compared by place. */
function differences(
  was: unknown,
  is: unknown,
  path: string,
  out: { path: string; was: unknown; is: unknown }[],
): void {
  if (Object.is(was, is)) return;
  const both = [was, is].every((x) => x !== null && typeof x === 'object');
  if (!both) {
    if (!(was == null && is == null)) out.push({ path, was, is });
    return;
  }
  const a = was as Record<string, unknown>;
  const b = is as Record<string, unknown>;
  for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
    differences(a[key], b[key], path === '' ? key : `${path}.${key}`, out);
}

/** The plan of a brief in words, or that there is none; null for anything else, which has no words of its own. */
function partWords(path: string, x: unknown): string | null {
  if (path !== 'plan') return null;
  if (x === null || typeof x !== 'object') return 'none';
  const { first, then, pieces } = x as NonNullable<Brief['plan']>;
  return `${pieces} on ${shortName(first)}, then ${shortName(then)}`;
}

/** A leaf as a figure or in words. */
const leaf = (x: unknown): string | number => {
  if (x == null) return 'not known';
  if (typeof x === 'string' || typeof x === 'number') return x;
  return typeof x === 'boolean' ? (x ? 'yes' : 'no') : JSON.stringify(x);
};

/**
 * What of the brief has changed since it was frozen. Marks of unconfirmed defaults do not count.
 *
 * @example
 * briefChanges(brief, { ...brief, title: 'Other' }) // [{ what: 'title', was: 'Bracket', is: 'Other' }]
 */
export function briefChanges(was: Brief, is: Brief): Change[] {
  const found: { path: string; was: unknown; is: unknown }[] = [];
  differences(was, is, '', found);
  return found
    .filter((d) => !d.path.startsWith('assumed'))
    .map((d) => ({
      what: d.path,
      was: partWords(d.path, d.was) ?? leaf(d.was),
      is: partWords(d.path, d.is) ?? leaf(d.is),
    }));
}

/**
 * What of the results has changed: leader, the chosen lane's figures, core version and rates.
 *
 * @example
 * resultChanges({ lanes: [] }, { lanes: [] }, 'x') // []
 */
export function resultChanges(was: Evaluation, is: Evaluation, laneId: string): Change[] {
  const out: Change[] = [];
  const say = (what: string, a: string, b: string, figure?: string): void => {
    if (a !== b) out.push({ what, was: a, is: b, ...(figure === undefined ? {} : { opens: { laneId, figure } }) });
  };
  say('core version', was.coreVersion, is.coreVersion);
  say('rate set', was.rates, is.rates);
  say('leading route', shortName(was.leader ?? 'none'), shortName(is.leader ?? 'none'));
  const before = was.lanes.find((l) => l.id === laneId);
  const after = is.lanes.find((l) => l.id === laneId);
  const money = (x: number | null | undefined): string => (x == null ? 'none' : plainMoney(x, is.currency));
  const days = (x: number | null | undefined): string => (x == null ? 'none' : `${shortFigure(x)} days`);
  say('verdict of the chosen route', before?.status ?? 'none', after?.status ?? 'none');
  say('total cost per part, chosen route', money(before?.allIn), money(after?.allIn), 'allIn');
  say('tooling, chosen route', money(before?.tooling), money(after?.tooling), 'tooling');
  say('first article, chosen route', days(before?.firstArticle_days), days(after?.firstArticle_days), 'firstArticle');
  return out;
}

/** Rates listed one by one; beyond them only their number. */
const RATES_LISTED = 12;

/**
 * What of the rates has changed, coefficient by coefficient in the order they are read.
 *
 * @example
 * rateChanges(rates, rates) // []
 */
export function rateChanges(was: RateSet, is: RateSet): Change[] {
  const told = (v: OwnFigure): string => (typeof v === 'number' ? `${v}` : `${v[1]} (${v[0]} to ${v[2]})`);
  const all = rateDifferences(was, is).map(({ entry, here, there }): Change => ({
    what: `rate: ${entry.of === '' ? '' : `${entry.of}, `}${entry.words}`,
    was: `${told(here)} ${entry.unit}`,
    is: `${told(there)} ${entry.unit}`,
  }));
  const more = all.length - RATES_LISTED;
  return more > 0
    ? [...all.slice(0, RATES_LISTED), { what: 'further rates', was: '', is: `${more} more are not as they were` }]
    : all;
}
