import type { StockForm } from '../../rates';

/** How a bought part is made today. */
export const WAYS = ['milled', 'turned', 'stamped', 'bent sheet', 'welded', 'laser cut', 'sawn', 'other'] as const;
export type Way = (typeof WAYS)[number];

export const STOCK_FORMS = ['bar', 'plate', 'tube'] as const satisfies readonly StockForm[];

/** What the purchase ledger knows of a part, and may only have guessed. */
export const GUESSABLE = ['stock_mm', 'finished_kg', 'material', 'today_USD', 'perYear', 'way'] as const;
export type Guessable = (typeof GUESSABLE)[number];

/** A bought part as a purchase ledger tells it. */
export interface BoughtPart {
  readonly id: string;
  readonly name: string;
  /** Id of an alloy. */
  readonly material: string;
  readonly form: StockForm;
  /** Length, width, height; of a round bar or a tube its diameter twice, then its length. */
  readonly stock_mm: readonly [number, number, number];
  readonly finished_kg: number;
  /** What one costs today: of an assembly, the whole of it. */
  readonly today_USD: number;
  readonly perYear: number;
  readonly way: Way;
  /** Parts that it is put together from. */
  readonly pieces: number;
  /** Toothed, or nothing but a thread. */
  readonly toothed: boolean;
  readonly guessed: readonly Guessable[];
}

/** Low, likely and high. */
export type Band = readonly [low: number, likely: number, high: number];

/** A part of the list as it is screened. Money in the currency of the rates. */
export interface ScreenedPart {
  readonly part: BoughtPart;
  /** Name of its alloy, or its id where there is none. */
  readonly alloyName: string;
  /** Null where there is no such alloy. */
  readonly stock_kg: number | null;
  /** Stock bought for each kilogram kept. */
  readonly boughtToKept: number | null;
  readonly stockMoney: number | null;
  /** What a casting might cost, and its tool; null where its metal is not screened. */
  readonly guess: number | null;
  readonly tool: number | null;
  /** Saved a year; null where the part is left out. */
  readonly saving: Band | null;
  /** Place by what it saves, from 1; null where it is left out. */
  readonly rank: number | null;
  /** Why it is left out, or null. */
  readonly leftOut: string | null;
  /** Share of what it is told by that is known, not guessed. */
  readonly confidence: number;
}
