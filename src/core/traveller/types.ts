import type { Check } from '../catalogue/process-steps';

/** A value at a step: what it is, how much, and between what. */
export interface TravellerValue {
  /** Id in the method. */
  readonly id: string;
  readonly what: string;
  readonly unit: string;
  readonly value: number;
  readonly range: readonly [low: number, high: number] | null;
}

/** A step of the lot. */
export interface TravellerStep {
  readonly id: string;
  readonly n: number;
  readonly name: string;
  readonly phase: string;
  readonly what: string;
  readonly who: string;
  readonly values: readonly TravellerValue[];
  readonly checks: readonly Check[];
  /** Hours at work and waiting for the lot’s first pour, and the calendar day, counted from the start, on which it is reached; null where the time model has none. */
  readonly time: {
    readonly work_h: number;
    readonly wait_h: number;
    readonly from_d: number;
    readonly days: number;
  } | null;
  readonly tool: string;
  readonly ifSkipped: string;
  readonly mark: string | null;
  readonly cautions: readonly { readonly title: string; readonly precautions: readonly string[] }[];
}

/** A point at which the lot stops until it is ticked. */
export interface StopPoint {
  readonly id: string;
  readonly text: string;
  /** Whether the method refuses it as it stands: it cannot be ticked before that is mended. */
  readonly refused: boolean;
}

/** The sheet that goes with a lot. */
export interface Traveller {
  readonly title: string;
  readonly laneId: string;
  readonly alloy: string;
  readonly alloyCode: string;
  readonly startDate: string;
  readonly quantity: {
    /** Good pieces promised, and castings to start for them. */
    readonly good: number;
    readonly castings: number;
    readonly pours: number;
    readonly positions: number;
    /** Metal to melt, of it what comes back as returns, kg. */
    readonly melt_kg: number;
    readonly returns_kg: number;
    readonly moulds: number;
  };
  /** What a mould, tree, disc or pour is called here. */
  readonly unit: string;
  readonly sizes: readonly {
    readonly name: string;
    readonly finished_mm: number;
    readonly raw_mm: number;
    readonly tool_mm: number;
  }[];
  readonly tool: string;
  readonly stops: readonly StopPoint[];
  readonly steps: readonly TravellerStep[];
  readonly whoDecides: string;
}
