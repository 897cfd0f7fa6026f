import { isClosed, type BodyMeasures, type CheckedMesh, type DrawMeasures, type WallMeasures } from '../geometry';

/** Geometry of a brief as measured. Null is what the surface does not let one trust. Units as in the brief. */
export interface MeasuredGeometry {
  readonly volume_cm3: number | null;
  readonly area_cm2: number | null;
  /** Length, width, and height along the draw, mm. */
  readonly box_mm: readonly [number, number, number] | null;
  readonly wallMin_mm: number | null;
  readonly sectionMax_mm: number | null;
  readonly projected_cm2: number | null;
  /** Slides, loose pieces or cores from outside: pieces that free what the draw traps. */
  readonly undercuts: number | null;
  /** Regions that no slide frees. */
  readonly passages: number | null;
  /** Round holes wide enough to be cast, along any direction. */
  readonly coredHoles: number | null;
}

export type MeasuredField = keyof MeasuredGeometry;

/** Holes narrower than this are taken to be drilled, mm: the finest core that any route casts. Basis: rule of the trade. */
export const CORED_FROM_MM = 3;

/** Undercuts and passages that a brief takes, at most, and holes. */
export const MOST_COUNTED = 100;
const MOST_HOLES = 1000;

/** Digits kept: exact measures, and estimates. */
const EXACT_DIGITS = 5;
const ESTIMATE_DIGITS = 3;

const rounded = (x: number, digits: number): number => Number(x.toPrecision(digits));

/**
 * What a measured body says of a brief's geometry. Volume, walls and undercuts are left out where the surface is not
 * closed; volume, walls and what hangs on them too where it passes through itself, for then it encloses parts twice.
 *
 * @example
 * measuredGeometry(checked, measures, drawn).volume_cm3 // 1
 */
export function measuredGeometry(checked: CheckedMesh, body: BodyMeasures, draw: DrawMeasures): MeasuredGeometry {
  const closed = isClosed(checked);
  const sound = closed && body.overlapEdges === 0 && body.whole.nested === 0;
  const estimate = (x: number | undefined): number | null =>
    sound && x !== undefined && Number.isFinite(x) ? rounded(x, ESTIMATE_DIGITS) : null;
  const box = [draw.across_mm[0], draw.across_mm[1], draw.along_mm].map((x) => rounded(x, EXACT_DIGITS));
  const flat = box.some((x) => !(x > 0));
  const holes = body.rounds.filter((r) => r.kind === 'hole' && r.diameter_mm > CORED_FROM_MM - 0.05).length;
  return {
    volume_cm3: sound && body.whole.volume_mm3 !== null ? rounded(body.whole.volume_mm3 / 1000, EXACT_DIGITS) : null,
    area_cm2: body.overlapEdges === 0 ? rounded(body.whole.area_mm2 / 100, EXACT_DIGITS) : null,
    box_mm: flat ? null : (box as [number, number, number]),
    wallMin_mm: estimate(body.walls === null ? undefined : thinnestOf(body.walls)),
    sectionMax_mm: estimate(body.walls?.thickest_mm),
    projected_cm2: rounded(draw.silhouette_mm2 / 100, ESTIMATE_DIGITS + 1),
    undercuts: sound && draw.undercut !== null ? Math.min(MOST_COUNTED, draw.undercut.slides) : null,
    passages:
      sound && draw.undercut !== null ? Math.min(MOST_COUNTED, draw.undercut.cores + draw.undercut.closedVoids) : null,
    // None found beside hollows that were not read is not none.
    coredHoles: sound && (holes > 0 || body.roundsUnread === 0) ? Math.min(MOST_HOLES, holes) : null,
  };
}

/** The thinnest wall: of a thin feature where there is one, else the wall that 1 % of the surface is no thicker than, mm. */
export const thinnestOf = (walls: WallMeasures): number => walls.thin?.wall_mm ?? walls.thinnest_mm;
