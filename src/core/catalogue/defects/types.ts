import type { Basis, Triple } from '../../base/figures';

/** On whom a cause lies, or who mends it: the drawing, the tool, or the foundry. */
export type Whose = 'design' | 'tool' | 'foundry';

/** A defect of castings. */
export interface Defect {
  readonly id: string;
  readonly name: string;
  readonly alsoCalled: readonly string[];
  readonly looks: string;
  readonly where: string;
  /** Routes that show it. */
  readonly routes: readonly string[];
  /** Metal families that show it, or all. */
  readonly families: 'all' | readonly string[];
  /** Alloys that show it most. */
  readonly alloysMostProne: readonly string[];
  /** The likeliest first. */
  readonly causes: readonly { readonly cause: string; readonly whose: Whose }[];
  readonly checkFirst: readonly string[];
  readonly mends: readonly {
    readonly mend: string;
    readonly by: Whose;
    readonly effort: 'small' | 'medium' | 'large';
  }[];
  readonly effect: {
    /** Castings lost while it runs, %. */
    readonly scrap_pct: Triple;
    readonly rework: string;
    readonly words: string;
    readonly basis: Basis;
  };
  readonly detectedBy: readonly string[];
  readonly designRules: readonly string[];
  /** Steps of routes at which it arises or is found: `green-sand.pour`. */
  readonly steps: readonly string[];
}
