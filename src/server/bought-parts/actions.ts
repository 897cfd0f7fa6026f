import 'server-only';
import { BOUGHT_PART_SCHEMA, type BoughtPart } from '@/core/comparison/parts-list';
import type { RateRef } from '@/core/rates';
import { reading, transaction } from '../db';
import { getRateSet } from '../rates';
import { teamAlloysNow } from '../team-alloys';
import {
  countBoughtParts,
  deleteBoughtPart,
  putBoughtParts,
  selectBoughtPart,
  selectBoughtParts,
  type BoughtPartRow,
} from './queries';

/** Parts that a list holds, at most. */
export const MOST_PARTS = 20_000;

/** A part out of its row; undefined for what this build does not take. */
function asPart(row: BoughtPartRow): BoughtPart | undefined {
  const { x_mm: x, y_mm: y, z_mm: z, today_usd: today, per_year: perYear, guessed, toothed, ...plain } = row;
  const read = BOUGHT_PART_SCHEMA.safeParse({
    ...plain,
    ...{ stock_mm: [x, y, z], today_USD: today, perYear, toothed: Boolean(toothed) },
    guessed: typeof guessed === 'string' ? (JSON.parse(guessed) as unknown) : guessed,
  });
  return read.success ? read.data : undefined;
}

/** Every part of the list. */
export async function listBoughtParts(): Promise<BoughtPart[]> {
  return (await reading(selectBoughtParts)).flatMap((row) => asPart(row) ?? []);
}

/** One part of the list, or undefined. */
export async function getBoughtPart(id: string): Promise<BoughtPart | undefined> {
  const row = await reading((on) => selectBoughtPart(on, id));
  return row === undefined ? undefined : asPart(row);
}

/** Puts parts in, one of the same number over the one before; false where the list would grow beyond what it holds. */
export async function putParts(parts: readonly BoughtPart[], who: string): Promise<boolean> {
  return transaction(async (on) => {
    if ((await countBoughtParts(on)) + parts.length > MOST_PARTS) return false;
    await putBoughtParts(on, parts, who);
    return true;
  });
}

/** Takes a part off the list; false where there is none of that number. */
export async function dropPart(id: string): Promise<boolean> {
  return transaction(async (on) => (await deleteBoughtPart(on, id)) > 0);
}

/** A rate set by its id, with the alloys and prices of the team's own; undefined where there is none. */
export async function ratesOfSet(id: string): Promise<RateRef | undefined> {
  const set = await getRateSet(id);
  if (set === undefined) return undefined;
  const alloys = await teamAlloysNow();
  return { ...set.ref, ...(alloys === undefined ? {} : { alloys }) };
}
