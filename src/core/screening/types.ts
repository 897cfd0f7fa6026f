import type { Basis, ValueSource } from '../base/figures';

/** Verdict on one rule, one cell or one lane, from free to barred. */
export type Status = 'fits' | 'tight' | 'second-operation' | 'special' | 'not-known' | 'blocked';

/** The columns of the choice, and `shape` for rules of geometry that stand beside the lane's name. */
export type Column = 'quantity' | 'tooling' | 'perPart' | 'leadTime' | 'alloy' | 'tolerance' | 'shape';

/** Kind of the figures of a finding, so that they can be shown in either unit system. */
export type FindingUnit =
  'mm' | 'kg' | 'µm' | 'deg' | 'count' | 'ratio' | 'score' | 'word' | 'MN' | 'days' | 'pieces' | 'shots' | 'V';

/** One rule held against one lane. */
export interface Finding {
  readonly rule: string;
  readonly column: Column;
  readonly status: Status;
  /** Feature, hole or side the rule speaks of; empty for the whole part. */
  readonly subject: string;
  /** The part's value and the lane's limit, in `unit`; words where the rule compares words. */
  readonly value: number | string | null;
  readonly limit: number | string | null;
  readonly unit: FindingUnit;
  /** Room left in `unit`, negative when over; null where words are compared or a value is missing. */
  readonly margin: number | null;
  /** Room left as a share of the limit (−1 … 1) for drawing; null where it has no meaning. */
  readonly spare: number | null;
  /** Counts as a strained rule in the scrap of the lane (equation 2.2). */
  readonly strains: boolean;
  /** Shops that go beyond what ordinary ones do; null where no rule asks for one. */
  readonly who: string | null;
  /** Whose limit decides, where it is not the book's: absent for the book's own. */
  readonly source?: ValueSource;
  /** Why, in one sentence. */
  readonly reason: string;
  /** What an engineer can change, nearest first. */
  readonly fixes: readonly string[];
  /** Brief paths the finding rests on. */
  readonly fields: readonly string[];
}

/** A rule in words. */
export interface RuleText {
  readonly id: string;
  readonly name: string;
  readonly statement: string;
  readonly why: string;
  readonly costEffect: string;
  readonly basis: Basis;
}

/** A rule of advice in words, with what an engineer can change. */
export interface AdviceText extends RuleText {
  readonly fixes: readonly string[];
}

const ORDER: Readonly<Record<Status, number>> = {
  fits: 0,
  tight: 1,
  'second-operation': 2,
  special: 3,
  'not-known': 4,
  blocked: 5,
};

/**
 * The graver of two verdicts.
 *
 * @example
 * worse('fits', 'blocked') // 'blocked'
 */
export function worse(a: Status, b: Status): Status {
  return ORDER[b] > ORDER[a] ? b : a;
}

/**
 * Rank of a verdict for sorting: 0 fits … 5 blocked.
 *
 * @example
 * gravity('blocked') > gravity('fits') // true
 */
export function gravity(status: Status): number {
  return ORDER[status];
}
