import 'server-only';
import { randomUUID } from 'node:crypto';
import { rateEntries, refusedFigure, SHIPPED_RATES, SHIPPED_REF, type OwnFigure, type RateRef } from '@/core/rates';
import type { BriefIssue } from '@/core/brief';
import { reading, transaction, type Runner, isoTime } from '../db';
import {
  countUses,
  dropFigure,
  insertChange,
  insertRateSet,
  lockRateSet,
  putFigure,
  selectChanges,
  selectRateSet,
  selectRateSets,
  selectStudiesOf,
  setRateSetArchived,
  updateRateSet,
} from './queries';
import { refOf } from './repo';

/** One line of the list of rate sets. */
export interface RateSetSummary {
  readonly id: string;
  readonly name: string;
  readonly shipped: boolean;
  readonly currency: string;
  readonly version: number;
  /** Coefficients that differ from the shipped set. */
  readonly ownFigures: number;
  readonly holidays: number;
  readonly copiedFrom: string | null;
  readonly changedAt: string;
  readonly changedBy: string | null;
  /** Studies that use it. */
  readonly studies: number;
}

/** One change of one coefficient of a set. Values are figures, words or dates; null stands for the shipped figure. */
export interface RateChange {
  readonly id: number;
  readonly version: number;
  readonly at: string;
  readonly who: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

/** A rate set with its history. */
export interface RateSetRecord {
  readonly ref: RateRef;
  readonly shipped: boolean;
  readonly copiedFrom: string | null;
  readonly changedAt: string;
  readonly changedBy: string | null;
  readonly changes: readonly RateChange[];
}

const SHIPPED_ENTRIES = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
const SHIPPED_FIGURES = new Map([...SHIPPED_ENTRIES].map(([path, e]) => [path, JSON.stringify(e.value)]));

/** Changes shown with a set. */
const CHANGES_SHOWN = 2000;

/** Every rate set that is not archived, the shipped one first. */
export async function listRateSets(): Promise<RateSetSummary[]> {
  return reading(async (on) => {
    const uses = await countUses(on);
    const out: RateSetSummary[] = [];
    for (const row of await selectRateSets(on)) {
      const { own } = await refOf(on, row);
      out.push({
        id: row.id,
        name: row.name,
        shipped: Boolean(row.shipped),
        currency: row.currency,
        version: row.version,
        ownFigures: Object.keys(own.figures).length,
        holidays: own.holidays.length,
        copiedFrom: row.copied_from,
        changedAt: isoTime(row.changed_at),
        changedBy: row.changed_by,
        studies: uses.get(row.id) ?? 0,
      });
    }
    return out;
  });
}

/** A rate set with its latest changes, or undefined. */
export async function getRateSet(id: string): Promise<RateSetRecord | undefined> {
  return reading(async (on) => {
    const row = await selectRateSet(on, id);
    return row === undefined
      ? undefined
      : {
          ref: await refOf(on, row),
          shipped: Boolean(row.shipped),
          copiedFrom: row.copied_from,
          changedAt: isoTime(row.changed_at),
          changedBy: row.changed_by,
          changes: (await selectChanges(on, id, CHANGES_SHOWN)).map((c) => ({
            id: Number(c.id),
            version: c.version,
            at: isoTime(c.changed_at),
            who: c.changed_by,
            why: c.why,
            path: c.path,
            was: c.was,
            became: c.became,
          })),
        };
  });
}

/** Makes a shop's own set out of another one, figure for figure; undefined when there is none of that id. */
export async function copyRateSet(from: string, input: { name: string; who: string }): Promise<RateRef | undefined> {
  return transaction(async (on) => {
    const row = await selectRateSet(on, from);
    if (row === undefined) return undefined;
    const { currency, own } = await refOf(on, row);
    const id = randomUUID();
    const { name, who } = input;
    await insertRateSet(on, { id, name, currency, copiedFrom: from, holidays: own.holidays, who });
    for (const [path, value] of Object.entries(own.figures)) await putFigure(on, id, path, value);
    const ref = await refIn(on, id);
    return ref;
  });
}

async function refIn(on: Runner, id: string): Promise<RateRef> {
  const row = await selectRateSet(on, id);
  return row === undefined ? SHIPPED_REF : refOf(on, row);
}

/** What a save changes. A figure of null goes back to the shipped one; what is not named stays. */
export interface RateSetChange {
  readonly figures?: Readonly<Record<string, OwnFigure | null>> | undefined;
  readonly holidays?: readonly string[] | undefined;
  readonly currency?: string | undefined;
  readonly name?: string | undefined;
}

export type RateSaveResult =
  | { readonly outcome: 'saved'; readonly ref: RateRef }
  | { readonly outcome: 'conflict'; readonly current: RateRef; readonly changedBy: string | null }
  | { readonly outcome: 'refused'; readonly issues: readonly BriefIssue[] }
  | { readonly outcome: 'read-only' }
  | { readonly outcome: 'missing' };

/** What is wrong with the figures of a change: path, value and what would be accepted. */
export function figureIssues(figures: Readonly<Record<string, OwnFigure | null>>): BriefIssue[] {
  return Object.entries(figures).flatMap(([path, value]) => {
    const entry = SHIPPED_ENTRIES.get(path);
    const message =
      entry === undefined ? 'a coefficient of the shipped set' : value === null ? null : refusedFigure(entry, value);
    return message === null ? [] : [{ path: `figures.${path}`, value, message }];
  });
}

/** A reference after a change; a figure that is the shipped one again is no longer the shop's own. */
export function changedFigures(ref: RateRef, change: RateSetChange): RateRef {
  const figures = { ...ref.own.figures };
  for (const [path, value] of Object.entries(change.figures ?? {})) {
    if (value === null || SHIPPED_FIGURES.get(path) === JSON.stringify(value)) Reflect.deleteProperty(figures, path);
    else figures[path] = value;
  }
  return {
    ...ref,
    name: change.name ?? ref.name,
    currency: change.currency ?? ref.currency,
    own: { figures, holidays: [...new Set(change.holidays ?? ref.own.holidays)].sort() },
  };
}

/**
 * Saves changes to a shop's own set read at `version`, with who made them and why. A set that somebody else saved in
 * between is refused as a conflict; the shipped set is never changed.
 */
export async function saveRateSet(
  id: string,
  input: { change: RateSetChange; version: number; who: string; why: string },
): Promise<RateSaveResult> {
  const issues = figureIssues(input.change.figures ?? {});
  if (issues.length > 0) return { outcome: 'refused', issues };
  const saved = await transaction<RateSaveResult>(async (on) => {
    const row = await lockRateSet(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.shipped) return { outcome: 'read-only' };
    const was = await refOf(on, row);
    if (row.version !== input.version) return { outcome: 'conflict', current: was, changedBy: row.changed_by };
    const now = changedFigures(was, input.change);
    const version = row.version + 1;
    const { who, why } = input;
    const log = (path: string, before: unknown, after: unknown): Promise<void> =>
      insertChange(on, { id, version, who, why, path, was: before, became: after });
    for (const path of Object.keys(input.change.figures ?? {})) {
      const before = was.own.figures[path] ?? null;
      const after = now.own.figures[path] ?? null;
      if (JSON.stringify(before) === JSON.stringify(after)) continue;
      if (after === null) await dropFigure(on, id, path);
      else await putFigure(on, id, path, after);
      await log(path, before, after);
    }
    if (JSON.stringify(was.own.holidays) !== JSON.stringify(now.own.holidays))
      await log('calendar.holidays', was.own.holidays, now.own.holidays);
    if (was.currency !== now.currency) await log('currency.code', was.currency, now.currency);
    if (was.name !== now.name) await log('name', was.name, now.name);
    await updateRateSet(on, {
      id,
      name: now.name,
      currency: now.currency,
      version,
      holidays: now.own.holidays,
      who,
    });
    return { outcome: 'saved', ref: await refIn(on, id) };
  });
  return saved;
}

/** Puts a shop's own set away; refused while studies use it. */
export async function archiveRateSet(id: string): Promise<'archived' | 'used' | 'missing'> {
  return transaction(async (on) => {
    const row = await lockRateSet(on, id);
    if (row === undefined || row.shipped) return 'missing';
    if ((await selectStudiesOf(on, id)).length > 0) return 'used';
    return (await setRateSetArchived(on, id)) > 0 ? 'archived' : 'missing';
  });
}
