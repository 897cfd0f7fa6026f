import type { z } from 'zod';
import { findAlloy } from '../catalogue/alloys';
import { renameOlderFields } from './older-names';
import { briefSchema, type Brief } from './schema';

/** One thing wrong with a brief: where, what was given, what would be accepted. */
export interface BriefIssue {
  /** Path such as "geometry.box_mm.1". */
  readonly path: string;
  readonly value: unknown;
  readonly message: string;
}

export type BriefResult =
  | { readonly ok: true; readonly brief: Brief; readonly notes: readonly string[] }
  | { readonly ok: false; readonly issues: readonly BriefIssue[] };

const NONE: ReadonlySet<string> = new Set();
/** Issues listed, at most. */
const MOST_ISSUES = 100;
/** Ignored keys named, at most. */
const MOST_NOTES = 30;

/** Names a scenario file gives its parts for its own use; dropped without comment. */
const OWN_KEYS = new Set(['id', 'bestRoute', 'bestVariant', 'reason']);

/**
 * Reads a brief from unknown data. Unknown keys are ignored and named in the notes;
 * anything else wrong is refused with the field's path, the value and what would be accepted.
 *
 * @param raw anything: JSON from a file or a request
 * @param own ids of the alloys of the team's own
 * @returns the brief with notes of what was ignored, or every issue
 * @example
 * parseBrief({ title: 'Cap', geometry: { volume_cm3: -1 } }).ok // false
 */
export function parseBrief(raw: unknown, own: ReadonlySet<string> = NONE): BriefResult {
  const notes: string[] = [];
  let strayed = 0;
  const clean = structuredClone(raw);
  renameOlderFields(clean);
  nameFeatures(clean);
  let parsed = briefSchema.safeParse(clean);
  for (let round = 0; round < 4 && !parsed.success; round++) {
    const strays = parsed.error.issues.filter((issue) => issue.code === 'unrecognized_keys');
    if (strays.length === 0) break;
    for (const stray of strays) {
      const holder = valueAt(clean, stray.path) as Record<string, unknown>;
      for (const key of stray.keys) {
        delete holder[key];
        if (stray.path.length === 0 && OWN_KEYS.has(key)) continue;
        strayed++;
        if (notes.length < MOST_NOTES)
          notes.push(`${[...stray.path, key].join('.')} is not a field of the brief and was ignored`);
      }
    }
    parsed = briefSchema.safeParse(clean);
  }
  if (!parsed.success)
    return { ok: false, issues: parsed.error.issues.slice(0, MOST_ISSUES).map((issue) => toIssue(issue, clean)) };
  if (strayed > notes.length) notes.push(`and ${strayed - notes.length} more keys that were ignored`);
  const issues = contradictions(parsed.data, own);
  return issues.length > 0 ? { ok: false, issues } : { ok: true, brief: parsed.data, notes };
}

/** Gives toleranced dimensions without an id one that no other has: who sends a brief need not think of any. */
function nameFeatures(brief: unknown): void {
  const features = (brief as { features?: unknown } | null)?.features;
  if (!Array.isArray(features)) return;
  const rows = features.filter((f): f is Record<string, unknown> => typeof f === 'object' && f !== null);
  const taken = new Set(rows.map((f) => f['id']));
  let n = 0;
  for (const row of rows) {
    if (row['id'] !== undefined && row['id'] !== null) continue;
    do n++;
    while (taken.has(`f${n}`));
    row['id'] = `f${n}`;
    taken.add(row['id']);
  }
}

function valueAt(root: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>((at, key) => (at == null ? undefined : (at as Record<PropertyKey, unknown>)[key]), root);
}

/** An issue of the schema as the path, the value there and what would be accepted. */
export function toIssue(issue: z.core.$ZodIssue, root: unknown): BriefIssue {
  return { path: issue.path.map(String).join('.'), value: valueAt(root, issue.path), message: accepted(issue) };
}

const KINDS: Readonly<Record<string, string>> = {
  number: 'a number',
  int: 'a whole number',
  string: 'text',
  boolean: 'true or false',
  array: 'a list',
  tuple: 'a list',
  object: 'an object',
};

/** What a field would accept, in words. */
function accepted(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${KINDS[issue.expected] ?? issue.expected} is wanted`;
    case 'too_small':
      if (issue.origin === 'string') return issue.message;
      return issue.origin === 'array'
        ? `at least ${issue.minimum} entries are wanted`
        : `${issue.inclusive ? 'at least' : 'more than'} ${issue.minimum} is wanted`;
    case 'too_big':
      if (issue.origin === 'string') return `at most ${issue.maximum} letters are wanted`;
      return issue.origin === 'array'
        ? `at most ${issue.maximum} entries are wanted`
        : `at most ${issue.maximum} is wanted`;
    case 'invalid_value':
      return `one of ${issue.values.map(String).join(', ')} is wanted`;
    default:
      return issue.message;
  }
}

/**
 * Shape and contradictions of a brief under way, for the screen: a brief if the shape is right, and every issue.
 *
 * @param raw what the form holds
 * @param own ids of the alloys of the team's own
 * @returns the brief, or null where its shape is wrong, and every issue
 * @example
 * inspectBrief({ title: '' }).issues.map((i) => i.path) // ['title']
 */
export function inspectBrief(
  raw: unknown,
  own: ReadonlySet<string> = NONE,
): { brief: Brief | null; issues: BriefIssue[] } {
  const parsed = briefSchema.safeParse(raw);
  if (!parsed.success) return { brief: null, issues: parsed.error.issues.map((issue) => toIssue(issue, raw)) };
  return { brief: parsed.data, issues: contradictions(parsed.data, own) };
}

/**
 * What a schema cannot see: figures that contradict each other, and words the shop does not know.
 *
 * @param brief of right shape
 * @param own ids of the alloys of the team's own
 * @returns an issue for each figure that contradicts another
 * @example
 * contradictions({ ...brief, alloy: 'unobtainium' }).map((i) => i.path) // ['alloy']
 */
export function contradictions(brief: Brief, own: ReadonlySet<string> = NONE): BriefIssue[] {
  const out: BriefIssue[] = [];
  const say = (path: string, value: unknown, message: string): void => void out.push({ path, value, message });
  const { volume_cm3: v, box_mm: box, wallMin_mm: w, sectionMax_mm: t, area_cm2: a, projected_cm2: p } = brief.geometry;
  const known = (id: string): boolean => own.has(id) || findAlloy(id) !== undefined;
  if (brief.alloy !== null && !known(brief.alloy))
    say('alloy', brief.alloy, 'the id of an alloy in the alloy table, or of one of the team’s own');
  brief.candidates.forEach((id, i) => {
    if (!known(id)) say(`candidates.${i}`, id, 'the id of an alloy in the alloy table, or of one of the team’s own');
  });
  if (w !== null && t !== null && w > t) say('geometry.wallMin_mm', w, `not above the thickest section, ${t} mm`);
  if (box !== null) {
    const boxCm3 = (box[0] * box[1] * box[2]) / 1000;
    const face = (box[0] * box[1]) / 100;
    if (v !== null && v > boxCm3 * 1.0001)
      say('geometry.volume_cm3', v, `not above the box around the part, ${round(boxCm3)} cm³`);
    if (p !== null && p > face * 1.0001)
      say('geometry.projected_cm2', p, `not above length × width, ${round(face)} cm²`);
    if (w !== null && w > Math.max(...box)) say('geometry.wallMin_mm', w, 'not above the longest side');
  }
  if (v !== null && a !== null) {
    const least = Math.cbrt(36 * Math.PI * v * v);
    if (a < least * 0.9999)
      say('geometry.area_cm2', a, `at least ${round(least)} cm², the surface of a ball of that volume`);
  }
  brief.features.forEach((f, i) => {
    if (f.tol_mm >= f.nominal_mm) say(`features.${i}.tol_mm`, f.tol_mm, `below the nominal size, ${f.nominal_mm} mm`);
    if (brief.features.findIndex((g) => g.id === f.id) !== i) say(`features.${i}.id`, f.id, 'an id used once');
  });
  return out;
}

const round = (x: number): number => Number(x.toPrecision(4));
