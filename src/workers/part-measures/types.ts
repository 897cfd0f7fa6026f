import type { BodyFound, DrawFound, FileFound } from '../part.protocol';

/** What the part's picture is drawn from: its facets, refined, and its edges. Lengths mm. */
export interface KeptPicture {
  readonly positions: Float32Array;
  readonly triangles: Uint32Array;
  /** Edges drawn, six figures each: its two ends. */
  readonly creases: Float32Array;
  /** Area of each facet, mm². */
  readonly areas: Float32Array;
}

/** All that a measured part is shown with, kept so that it is not measured again. */
export interface KeptMeasures {
  readonly file: FileFound;
  readonly picture: KeptPicture;
  readonly body: BodyFound;
  readonly draw: DrawFound;
}
