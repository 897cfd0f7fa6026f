import type { Figure } from '@/core/base/figures';
import type { Alloy } from '@/core/catalogue/alloys';
import { ratesOn, shippedAt, type RateRef, type RateSet } from '@/core/rates';
import type { AlloyTable } from '@/core/study';

/** What of the tables comes with a page: the alloys it speaks of, and the price of each metal. */
export interface KnownAtFirst {
  readonly alloys: readonly Alloy[];
  /** Price of ingot by alloy id, USD/kg, as the alloy table has it. */
  readonly metals: Readonly<Record<string, Figure>>;
}

/** The tables a study is readied from. */
export interface Tables {
  readonly alloyOf: AlloyTable;
  readonly ratesOf: (ref: RateRef) => RateSet;
  /** Whether every alloy is among them. */
  readonly whole: boolean;
}

/** The tables as far as they came with the page. */
export function firstTables({ alloys, metals }: KnownAtFirst): Tables {
  const byId = new Map(alloys.map((a) => [a.id, a]));
  return { alloyOf: (id) => byId.get(id), ratesOf: ratesOn(shippedAt(metals)), whole: false };
}

/** The whole tables, fetched when an alloy is chosen that did not come with the page. */
export const wholeTables = async (): Promise<Tables> => (await import('./whole-tables')).WHOLE_TABLES;
