import type { Working } from '../equations';
import type { PartFacts } from '../part';
import type { OfPart } from '../part/equations';
import type { JointKind } from '../rates';

export type BaselineId = 'machined' | 'stamped' | 'fabricated' | 'split';

/** A way without a casting: its money as a function of quantity, and its dates. Money in the study's currency. */
export interface Baseline {
  readonly id: BaselineId;
  readonly name: string;
  /** Why it cannot be done, or null. */
  readonly barred: string | null;
  /** The fix for a barred baseline, or what makes it expensive. */
  readonly fix: string | null;
  /** What is out of the ordinary with it, or null. */
  readonly warning: string | null;
  /** Tooling part of T(q). */
  tooling(q: number): number;
  /** Price of a piece of the usual lot. */
  unit(q: number): number;
  /** T(q). */
  total(q: number): number;
  /** Lines of the unit price; they add up to it. */
  lines(q: number): Readonly<Record<string, number>>;
  /**
   * Calendar days from the order to N pieces, holidays not counted.
   * @param programme pieces in all, where the way to them hangs on it; default N
   */
  dayOf(N: number, programme?: number): number;
  /**
   * How one of its figures comes about at q pieces: tooling, unit, total, allIn, day (of N pieces) and those they open.
   * Null for a figure it has not.
   */
  working(figure: string, q: number, N: number): Working | null;
}

/** Figures of a baseline that are worked out once, by name. */
export type Figures = Readonly<Record<string, number>>;

/** Joints of an assembly by kind, and the pieces they join. */
export interface Joining {
  readonly joints: Readonly<Partial<Record<JointKind, number | undefined>>>;
  readonly parts: number;
}

/** What the equations of a baseline read. */
export interface OfBaseline extends OfPart {
  readonly name: string;
  readonly facts: PartFacts;
  /** Pieces in all. */
  readonly q: number;
  /** Pieces an order. */
  readonly lot: number;
  /** Pieces whose day is asked for. */
  readonly N: number;
  /** Ground or sparked instead of cut. */
  readonly ground: boolean;
  /** What was worked out before. */
  readonly of: Figures;
  readonly joining: Joining;
}
