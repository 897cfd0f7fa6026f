import type { CoreIssue } from '@/core/base/errors';
import type { Ring } from '@/core/drawing';
import type { FreezingRun } from '@/core/method';
import type { FreezingBand } from '@/core/solidification';

/** A section to freeze. */
export interface FreezingAsked extends FreezingRun {
  readonly bodies: readonly (readonly Ring[])[];
  readonly cells: number;
  readonly bands: number;
}

export type FreezingRequest = { readonly id: number } & FreezingAsked;

/** What a run says of a section. */
export interface FreezingSaid {
  readonly bands: readonly FreezingBand[];
  readonly last_s: number;
  /** Where the last metal freezes, mm. */
  readonly lastAt: readonly [number, number];
  readonly complete: boolean;
  readonly steps: number;
  readonly cells: number;
  readonly cell_mm: number;
  /** Heat lost or made by the sums, as a share of what was exchanged. */
  readonly heatOff: number;
}

export type FreezingAnswer =
  | { readonly id: number; readonly kind: 'progress'; readonly share: number }
  | { readonly id: number; readonly kind: 'found'; readonly found: FreezingSaid; readonly ms: number }
  | { readonly id: number; readonly kind: 'refused'; readonly issue: CoreIssue | null; readonly message: string };
