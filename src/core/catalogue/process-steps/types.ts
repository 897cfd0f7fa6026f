/** Where in the making of a part a step stands. */
export type Phase =
  'design' | 'tooling' | 'mould' | 'melt' | 'pour' | 'clean' | 'treat' | 'finish' | 'inspect' | 'ship';

/** One limit to hold a shop's practice against; null is open on that side. */
export interface Check {
  readonly what: string;
  readonly unit: string;
  readonly low: number | null;
  readonly high: number | null;
  readonly basis: string;
  readonly note?: string;
}

/** One step from drawing to shipped part. */
export interface ProcessStep {
  readonly id: string;
  readonly n: number;
  readonly name: string;
  readonly phase: Phase;
  readonly what: string;
  readonly why: string;
  readonly checks: readonly Check[];
  /** Low, likely, high; what one count of it buys; hands at work or waiting. Null where it has no time of its own. */
  readonly time: {
    readonly value: readonly number[];
    readonly unit: string;
    readonly per: string;
    readonly kind: string;
    readonly basis: string;
  } | null;
  readonly toolOrMaterial: string;
  readonly ifSkipped: string;
  readonly cautions: readonly string[];
  readonly defects: readonly string[];
  readonly mark: string | null;
  /** Step of the time model that carries this work, or null. */
  readonly timeModelStep: string | null;
  /** When it is done at all; always where it is missing. */
  readonly onlyIf?: string;
  /** Done once, for what; every time where it is missing. */
  readonly once?: string;
}

/** How a route makes a part, in order. */
export interface Process {
  readonly id: string;
  readonly name: string;
  readonly baseline: boolean;
  readonly summary: string;
  /** What a variant does otherwise. */
  readonly variants?: Readonly<Record<string, string>>;
  readonly steps: readonly ProcessStep[];
}
