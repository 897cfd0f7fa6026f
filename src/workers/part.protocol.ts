import type { CoreIssue } from '@/core/base/errors';
import type {
  BodyMeasures,
  DrawMeasures,
  RepairedMesh,
  MeshCounts,
  MeshVerdict,
  PlaceFound,
  UndercutFound,
  UndercutRegion,
  Vec,
} from '@/core/part-file/geometry';
import type { MeasuredGeometry, Remarks } from '@/core/part-file/measured';
import type { PlacedHeavy } from '@/core/part-file/outline';
import type { LengthUnit } from '@/core/part-file/readers';

/** What the worker of the part is asked. `id` comes back with each answer. */
export type PartRequest =
  | {
      readonly id: number;
      readonly kind: 'open';
      readonly name: string;
      readonly file: Blob;
      /** Unit the file is drawn in where it names none; null asks for it. */
      readonly unit: LengthUnit | null;
      /** Draw to measure along; null takes the best found. */
      readonly draw: Vec | null;
      /** Whether a broken surface is repaired where that can be done. */
      readonly repair: boolean;
    }
  /** Shows what was measured before; the file is fetched once something is asked that was not kept. */
  | {
      readonly id: number;
      readonly kind: 'restore';
      readonly name: string;
      readonly kept: Blob;
      /** Where the file itself can be fetched. */
      readonly source: string;
      readonly unit: LengthUnit;
      readonly draw: Vec;
      readonly repair: boolean;
    }
  /** Asks for what was measured, packed so that it can be kept. */
  | { readonly id: number; readonly kind: 'pack' }
  | { readonly id: number; readonly kind: 'unit'; readonly unit: LengthUnit }
  /** Where the facets of the picture go: straight to the worker that draws them. */
  | { readonly id: number; readonly kind: 'picture'; readonly port: MessagePort }
  | { readonly id: number; readonly kind: 'draw'; readonly direction: Vec }
  /** Repairs the surface as was offered, and measures that. */
  | { readonly id: number; readonly kind: 'repair' }
  /** What is at the place a line of sight meets first. */
  | { readonly id: number; readonly kind: 'pick'; readonly from: Vec; readonly sight: Vec };

export type PartStage = 'reading' | 'checking' | 'measuring' | 'undercuts';

/** What repairing did, or would do. */
export type RepairFound = Omit<RepairedMesh, 'checked'>;

/** How the file was taken: its unit, and what was found and repaired. */
export interface FileFound {
  readonly name: string;
  readonly bytes: number;
  readonly unit: LengthUnit;
  readonly unitFrom: 'file' | 'given';
  readonly verdict: MeshVerdict;
  readonly counts: MeshCounts;
  readonly turned: number;
  readonly warnings: readonly string[];
  /** What would close a broken surface; null where nothing would, or nothing need. */
  readonly offer: RepairFound | null;
  /** What was done to close it; null where it is measured as it came. */
  readonly repaired: RepairFound | null;
}

/** Measures that do not hang on the draw, with a wall for each facet drawn. */
export interface BodyFound extends Omit<BodyMeasures, 'found'> {
  readonly wallRay: Float32Array | null;
  readonly wallSphere: Float32Array | null;
}

/** Measures along a draw, with what each facet drawn needs. */
export interface DrawFound extends Omit<DrawMeasures, 'undercut'> {
  readonly draft: Float32Array;
  readonly undercut: {
    readonly area_mm2: number;
    readonly share: number;
    readonly slides: number;
    readonly cores: number;
    readonly closedVoids: number;
    readonly specks: UndercutFound['specks'];
    readonly cut: UndercutFound['cut'];
    readonly regions: readonly Omit<UndercutRegion, 'facets'>[];
    /** Half that releases each facet: 1, -1, 0 either, 2 none. */
    readonly half: Int8Array;
    /** Region of each facet, from 1; 0 where none, 255 where trapped but in no region. */
    readonly regionOf: Uint8Array;
  } | null;
  readonly parting: Float32Array;
  readonly geometry: MeasuredGeometry;
  /** What must be said beside the values of the geometry. */
  readonly remarks: Remarks;
  readonly resolution_mm: number;
  /** Height above the foot at which it is widest, mm. */
  readonly widest_mm: number;
  /** The heaviest places in the frame that the part is drawn in. */
  readonly heavy: readonly PlacedHeavy[];
}

export type PartAnswer =
  | { readonly id: number; readonly kind: 'progress'; readonly stage: PartStage; readonly share: number }
  | {
      readonly id: number;
      readonly kind: 'unit-wanted';
      /** Sides of the box in the file's own unit. */
      readonly size: Vec;
      readonly likely: LengthUnit;
    }
  | {
      readonly id: number;
      readonly kind: 'shown';
      readonly file: FileFound;
      /** Area of each facet drawn, mm². */
      readonly areas: Float32Array;
    }
  /** A still of the part, as a PNG. */
  | { readonly id: number; readonly kind: 'still'; readonly png: Uint8Array }
  | { readonly id: number; readonly kind: 'picked'; readonly place: PlaceFound | null }
  /** What was measured, packed, and the key it is kept under. */
  | { readonly id: number; readonly kind: 'packed'; readonly key: string; readonly bytes: Uint8Array<ArrayBuffer> }
  | { readonly id: number; readonly kind: 'body'; readonly body: BodyFound }
  /** `kept`: measured before, and kept already. */
  | { readonly id: number; readonly kind: 'drawn'; readonly draw: DrawFound; readonly kept: boolean }
  | { readonly id: number; readonly kind: 'refused'; readonly issue: CoreIssue | null; readonly message: string };
