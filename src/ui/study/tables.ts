import { ratesOn, shippedAt } from '@/core/rates';
import type { KnownAtFirst, Tables } from './tables.types';

/** The tables as far as they came with the page. */
export function firstTables({ alloys, metals }: KnownAtFirst): Tables {
  const byId = new Map(alloys.map((a) => [a.id, a]));
  return { alloyOf: (id) => byId.get(id), ratesOf: ratesOn(shippedAt(metals)), whole: false };
}

/** The whole tables, fetched when an alloy is chosen that did not come with the page. */
export const wholeTables = async (): Promise<Tables> => (await import('./whole-tables')).WHOLE_TABLES;
