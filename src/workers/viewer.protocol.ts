import type { Vec } from '@/core/part-file/geometry';

/** A place with a number on it. */
export interface Marker {
  readonly id: string;
  readonly label: string;
  readonly at: Vec;
}

/** Where a marker stands on the screen, pixels from the upper left of the picture. */
export interface MarkerPlace {
  readonly id: string;
  readonly x: number;
  readonly y: number;
}

/** What stands where in a picture just drawn, pixels from its upper left. */
export interface PictureDrawn {
  readonly places: readonly MarkerPlace[];
  /** Point of the arrow of the draw; null where none is drawn. */
  readonly tip: { readonly x: number; readonly y: number } | null;
}

/** Where to look from: an axis of the file, along the draw, or from a corner. */
export type ViewFrom = 'corner' | 'front' | 'side' | 'top' | 'draw';

/** Tone of a band of facets, and whether it is hatched. */
export interface FacetTone {
  readonly tone: string;
  readonly hatched: boolean;
}

/** What the worker that draws the part is shown. Lengths in pixels of the page, places in mm of the part. */
export type ViewerRequest =
  | { readonly kind: 'canvas'; readonly canvas: OffscreenCanvas; readonly ratio: number }
  /** Where bodies come from: the worker that reads them sends 'show' itself. */
  | { readonly kind: 'listen'; readonly port: MessagePort }
  | { readonly kind: 'resize'; readonly width: number; readonly height: number }
  | { readonly kind: 'show'; readonly corners: Float32Array; readonly creases: Float32Array }
  | { readonly kind: 'paint'; readonly bandOf: Uint8Array; readonly bands: readonly FacetTone[] }
  | { readonly kind: 'open'; readonly direction: Vec; readonly parting: Float32Array }
  | { readonly kind: 'cut'; readonly axis: 0 | 1 | 2 | null; readonly share: number }
  | { readonly kind: 'inks'; readonly ink: string; readonly hot: string }
  | { readonly kind: 'look'; readonly from: ViewFrom }
  | { readonly kind: 'turn'; readonly right: number; readonly up: number }
  | { readonly kind: 'pan'; readonly x: number; readonly y: number }
  | { readonly kind: 'zoom'; readonly times: number }
  | { readonly kind: 'focus'; readonly at: Vec }
  | { readonly kind: 'mark'; readonly markers: readonly Marker[] }
  | { readonly kind: 'sight'; readonly x: number; readonly y: number }
  /** Leans the arrow towards a pixel; null puts it back along the draw. */
  | { readonly kind: 'steer'; readonly to: { readonly x: number; readonly y: number } | null }
  /** Leans the arrow to the right and upward, rad. */
  | { readonly kind: 'steer-by'; readonly right: number; readonly up: number };

export type ViewerAnswer =
  /** A picture of the body last shown was drawn; where the markers stand in it. */
  | ({ readonly kind: 'drawn' } & PictureDrawn)
  /** Where the arrow points that is leant by hand. */
  | { readonly kind: 'steered'; readonly direction: Vec }
  /** The line of sight asked for: a point outside the part and a unit direction. */
  | { readonly kind: 'sight'; readonly from: Vec; readonly sight: Vec }
  /** There is no WebGL here. */
  | { readonly kind: 'lacking'; readonly message: string };
