import type { Vec } from '@/core/part-file/geometry';
import type { PartOutline } from '@/core/part-file/outline';
import type { LengthUnit } from '@/core/part-file/readers';

/** A kept part file whose outline is wanted. */
export interface OutlineAsked {
  /** Where the file is fetched. */
  readonly source: string;
  readonly name: string;
  readonly unit: LengthUnit;
  readonly draw: Vec;
  /** Whether its surface was closed before it was measured. */
  readonly repair: boolean;
}

export type OutlineRequest = { readonly id: number } & OutlineAsked;

export type OutlineAnswer =
  | { readonly id: number; readonly kind: 'found'; readonly outline: PartOutline }
  | { readonly id: number; readonly kind: 'refused'; readonly message: string };
