import { briefSchema, type Brief } from './schema';
import { renameOlderFields } from './older-names';
import { toIssue, type BriefIssue } from './parse';

/** A stored brief as far as this build can read it, and what of it was left out. */
export interface StoredBrief {
  readonly brief: Brief;
  /** Values that this build does not take: left out as not known. Empty for a sound brief. */
  readonly unread: readonly BriefIssue[];
}

/** Rounds of leaving out; each takes away at least one value. */
const ROUNDS = 60;
const UNTITLED = 'Untitled';

/**
 * Reads a brief that is already stored. What is stored always opens: a value that the schema does not take (an older
 * build took it, or a hand wrote it into the database) is left out as not known and reported, instead of refusing the rest.
 * A row of a list with a wrong value is left out whole.
 *
 * @param raw what a row or a record holds
 * @returns a brief, always, and what of it was left out
 * @example
 * readStoredBrief({ title: 'Cap', geometry: { volume_cm3: 'much' } }).unread.map((i) => i.path)
 * // ['geometry.volume_cm3']
 */
export function readStoredBrief(raw: unknown): StoredBrief {
  const clean: unknown = structuredClone(raw);
  const root = (typeof clean === 'object' && clean !== null && !Array.isArray(clean) ? clean : {}) as Holder;
  renameOlderFields(root);
  const unread: BriefIssue[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const parsed = briefSchema.safeParse(root);
    if (parsed.success) return { brief: parsed.data, unread };
    const issues = parsed.error.issues.map((issue) => toIssue(issue, root));
    // Rows go last first, so that those before keep their places.
    parsed.error.issues
      .map((issue, i) => ({ issue, shown: issues[i] as BriefIssue }))
      .sort((a, b) => comparePaths(b.issue.path, a.issue.path))
      .forEach(({ issue, shown }) => {
        if (issue.code === 'unrecognized_keys') {
          const holder = at(root, issue.path);
          for (const key of issue.keys) if (holder !== null) Reflect.deleteProperty(holder, key);
        } else if (leaveOut(root, issue.path)) unread.push(shown);
      });
  }
  const title = root['title'];
  const named = briefSchema.safeParse({ title });
  return { brief: named.success ? named.data : briefSchema.parse({ title: UNTITLED }), unread };
}

type Holder = Record<PropertyKey, unknown>;

const isHolder = (x: unknown): x is Holder => typeof x === 'object' && x !== null;

function at(root: Holder, path: readonly PropertyKey[]): Holder | null {
  let here: unknown = root;
  for (const key of path) here = isHolder(here) ? here[key] : undefined;
  return isHolder(here) ? here : null;
}

/** Takes the value at a path away: a field becomes absent, a row of a list goes whole, a missing one takes its holder along. */
function leaveOut(root: Holder, path: readonly PropertyKey[]): boolean {
  if (path.length === 0) {
    for (const key of Object.keys(root)) Reflect.deleteProperty(root, key);
    root['title'] = UNTITLED;
    return true;
  }
  for (let depth = 0; depth < path.length; depth++) {
    const holder = at(root, path.slice(0, depth));
    if (Array.isArray(holder)) {
      const index = Number(path[depth]);
      // A tuple such as the sides of a box is one value: half of it means nothing.
      if (isTuple(path.slice(0, depth))) return leaveOut(root, path.slice(0, depth));
      if (index >= holder.length) return false;
      holder.splice(index, 1);
      return true;
    }
  }
  const holder = at(root, path.slice(0, -1));
  const key = path.at(-1) as PropertyKey;
  if (path.length === 1 && key === 'title') {
    const was = root['title'];
    root['title'] = typeof was === 'string' && was.trim() !== '' ? was.trim().slice(0, 120) : UNTITLED;
    return true;
  }
  if (holder !== null && key in holder && holder[key] !== undefined) {
    Reflect.deleteProperty(holder, key);
    return true;
  }
  return leaveOut(root, path.slice(0, -1));
}

const TUPLES = new Set(['box_mm', 'demand', 'draw']);
const isTuple = (path: readonly PropertyKey[]): boolean => TUPLES.has(String(path.at(-1))) || path.at(-2) === 'layouts';

function comparePaths(a: readonly PropertyKey[], b: readonly PropertyKey[]): number {
  for (let i = 0; i < Math.min(a.length, b.length); i++) {
    if (a[i] === b[i]) continue;
    const [x, y] = [Number(a[i]), Number(b[i])];
    return Number.isNaN(x) || Number.isNaN(y) ? String(a[i]).localeCompare(String(b[i])) : x - y;
  }
  return a.length - b.length;
}
