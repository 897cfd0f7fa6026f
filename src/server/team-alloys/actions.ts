import 'server-only';
import { randomUUID } from 'node:crypto';
import { findAlloy } from '@/core/catalogue/alloys';
import {
  alloyChanges,
  parseAlloyFacts,
  type AlloyFacts,
  type AlloyIssue,
  type AlloyPrice,
  type TeamAlloy,
  type TeamAlloys,
} from '@/core/team-alloys';
import { isoTime, reading, transaction } from '../db';
import {
  archiveTeamAlloyRow,
  insertPrice,
  insertTeamAlloy,
  insertTeamAlloyChange,
  lockTeamAlloy,
  selectPricesInForce,
  selectPricesOf,
  selectStudiesOfAlloy,
  selectTeamAlloy,
  selectTeamAlloyChanges,
  selectTeamAlloys,
  updateTeamAlloy,
  withdrawPriceRow,
  type TeamAlloyRow,
} from './queries';
import { asPrice, asTeamAlloy, teamAlloys } from './repo';

/** An alloy of the team's own with who changed it last. */
export interface TeamAlloySummary extends TeamAlloy {
  readonly changedAt: string;
  readonly changedBy: string;
  readonly archived: boolean;
}

/** One change of an alloy; null where a value was, or is now, as in the alloy it was copied from. */
export interface TeamAlloyChange {
  readonly id: number;
  readonly version: number;
  readonly at: string;
  readonly who: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

/** A price with who entered it, and who withdrew it. */
export interface PriceEntered extends AlloyPrice {
  readonly id: number;
  readonly who: string;
  readonly at: string;
  readonly withdrawnBy: string | null;
}

/** An alloy of the table or of the team, as its page shows it. */
export interface AlloyRecord {
  /** Of the team's own; null for one of the table. */
  readonly own: TeamAlloySummary | null;
  readonly prices: readonly PriceEntered[];
  readonly changes: readonly TeamAlloyChange[];
  readonly studies: readonly { readonly id: string; readonly title: string }[];
}

/** Changes shown with an alloy. */
const CHANGES_SHOWN = 500;

const summary = (row: TeamAlloyRow): TeamAlloySummary => ({
  ...asTeamAlloy(row),
  changedAt: isoTime(row.changed_at),
  changedBy: row.changed_by,
  archived: row.archived_at !== null,
});

/** Alloys of the team, and the price in force of every alloy that has one. */
export async function listTeamAlloys(): Promise<{
  readonly own: TeamAlloySummary[];
  readonly prices: Readonly<Record<string, AlloyPrice>>;
}> {
  return reading(async (on) => ({
    own: (await selectTeamAlloys(on)).map(summary),
    prices: Object.fromEntries((await selectPricesInForce(on)).map((row) => [row.alloy_id, asPrice(row)])),
  }));
}

/** Alloys and prices of the team's own as they travel with rates; undefined where it has none. */
export async function teamAlloysNow(): Promise<TeamAlloys | undefined> {
  return reading(teamAlloys);
}

/** Ids of the team's own alloys, for whoever reads a brief. */
export async function teamAlloyIds(): Promise<ReadonlySet<string>> {
  return new Set((await reading(selectTeamAlloys)).map(({ id }) => id));
}

/** What is kept of an alloy; undefined where neither the table nor the team has one of that id. */
export async function getAlloy(id: string): Promise<AlloyRecord | undefined> {
  return reading(async (on) => {
    const row = await selectTeamAlloy(on, id);
    if (row === undefined && findAlloy(id) === undefined) return undefined;
    return {
      own: row === undefined ? null : summary(row),
      prices: (await selectPricesOf(on, id)).map((p) => ({
        ...asPrice(p),
        id: Number(p.id),
        who: p.entered_by,
        at: isoTime(p.entered_at),
        withdrawnBy: p.withdrawn_by,
      })),
      changes: (await selectTeamAlloyChanges(on, id, CHANGES_SHOWN)).map((c) => ({
        id: Number(c.id),
        version: c.version,
        at: isoTime(c.changed_at),
        who: c.changed_by,
        why: c.why,
        path: c.path,
        was: c.was,
        became: c.became,
      })),
      studies: await selectStudiesOfAlloy(on, id),
    };
  });
}

/** What is said of an alloy. */
export interface TeamAlloyInput {
  readonly name: string;
  readonly facts: AlloyFacts;
  readonly source: string;
  readonly date: string | null;
}

export type AlloyRefusal = { readonly outcome: 'refused'; readonly issues: readonly AlloyIssue[] };

/** Puts an alloy in, copied from one of the table. @returns its id */
export async function createTeamAlloy(
  input: TeamAlloyInput & { readonly from: string },
  who: string,
): Promise<{ readonly outcome: 'created'; readonly id: string } | AlloyRefusal> {
  const refusal = refusedFacts(input.facts, input.from);
  if (refusal !== null) return refusal;
  const id = `own-${randomUUID().slice(0, 13)}`;
  await transaction((on) => insertTeamAlloy(on, { id, ...input, who }));
  return { outcome: 'created', id };
}

function refusedFacts(facts: AlloyFacts, from: string): AlloyRefusal | null {
  const base = findAlloy(from);
  if (base === undefined)
    return {
      outcome: 'refused',
      issues: [{ path: 'from', value: from, message: 'the id of an alloy in the alloy table' }],
    };
  const read = parseAlloyFacts(facts, base);
  return read.ok ? null : { outcome: 'refused', issues: read.issues };
}

export type AlloySaveResult =
  | { readonly outcome: 'saved'; readonly version: number; readonly changed: number }
  | { readonly outcome: 'conflict'; readonly changedBy: string; readonly version: number }
  | { readonly outcome: 'missing' }
  | AlloyRefusal;

/**
 * Saves what is said of an alloy, read at `version`, with who changed it and why; every value that differs is kept in its
 * history. One that somebody else saved in between is refused as a conflict.
 */
export async function saveTeamAlloy(
  id: string,
  { input, version, who, why }: { input: TeamAlloyInput; version: number; who: string; why: string },
): Promise<AlloySaveResult> {
  return transaction<AlloySaveResult>(async (on) => {
    const row = await lockTeamAlloy(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== version) return { outcome: 'conflict', changedBy: row.changed_by, version: row.version };
    const refusal = refusedFacts(input.facts, row.from_id);
    if (refusal !== null) return refusal;
    const was = asTeamAlloy(row);
    const next = version + 1;
    const moved = alloyChanges(was, { ...was, ...input });
    if (moved.length === 0) return { outcome: 'saved', version, changed: 0 };
    for (const one of moved) await insertTeamAlloyChange(on, { id, version: next, who, why, ...one });
    await updateTeamAlloy(on, { id, ...input, version: next, who });
    return { outcome: 'saved', version: next, changed: moved.length };
  });
}

/** Puts an alloy of the team away; refused while studies are of it. */
export async function archiveTeamAlloy(id: string): Promise<'archived' | 'used' | 'missing'> {
  return transaction(async (on) => {
    const row = await lockTeamAlloy(on, id);
    if (row === undefined) return 'missing';
    if ((await selectStudiesOfAlloy(on, id)).length > 0) return 'used';
    return (await archiveTeamAlloyRow(on, id)) > 0 ? 'archived' : 'missing';
  });
}

/** Enters a price of an alloy; false where there is no such alloy. */
export async function enterPrice(alloyId: string, price: AlloyPrice, who: string): Promise<boolean> {
  return transaction(async (on) => {
    if (findAlloy(alloyId) === undefined && (await selectTeamAlloy(on, alloyId)) === undefined) return false;
    await insertPrice(on, { alloyId, ...price, who });
    return true;
  });
}

/** Withdraws a price that was entered in error; it stays in the list as withdrawn. */
export async function withdrawPrice(alloyId: string, id: number, who: string): Promise<boolean> {
  return transaction(async (on) => (await withdrawPriceRow(on, alloyId, id, who)) > 0);
}
