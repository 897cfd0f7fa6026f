import type { Figure } from '@/core/base/figures';
import type { Alloy } from '@/core/catalogue/alloys';
import type { RateRef, RateSet } from '@/core/rates';
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
