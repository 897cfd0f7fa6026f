import { NO_PROGRESS, type Progress } from '../mesh-files';
import { bestDraws, type DrawTried } from './best-draw';
import { shellVolumes, type Shell } from './bodies';
import { axisBox, boxAlong, smallestBox, type PlacedBox } from './box';
import { buildBvh, type Bvh } from './bvh';
import { isClosed, type CheckedMesh } from './check';
import { roundFeatures, type RoundFeature } from './cylinders';
import { draftFound } from './draft';
import { heavyPlaces, type HeavyPlace } from './heavy-places';
import { massProperties } from './mass';
import type { Vec } from './mesh';
import { overlaps } from './overlaps';
import { fineMesh, type FineMesh } from './sampling';
import { shadow } from './silhouette';
import { undercuts, type UndercutFound } from './undercut';
import { quantile, walls, type WallsFound } from './walls';

/** What can be said of any surface at once: nothing here is an estimate. */
export interface WholeMeasures {
  readonly size_mm: Vec;
  readonly area_mm2: number;
  /** Null where the surface is not closed: then nothing encloses a volume. */
  readonly volume_mm3: number | null;
  readonly centroid_mm: Vec | null;
  /** Volume over area, mm; null with the volume. */
  readonly modulus_mm: number | null;
  readonly shells: readonly Shell[];
}

/** Walls of the part by two methods. Estimates: the places they were measured at and their spacing stand beside. */
export interface WallMeasures {
  /** The wall that 1 % of the surface is no thicker than, by rays, mm; NaN where no two faces stand opposite. */
  readonly thinnest_mm: number;
  /** The least ray of all, mm: a single place, often at an edge. */
  readonly leastRay_mm: number;
  readonly median_mm: number;
  /** The largest sphere that fits inside, mm. */
  readonly thickest_mm: number;
  readonly ratio: number;
  /** Surface by wall, from 0 to the thickest in equal steps, as shares. */
  readonly shares: readonly number[];
  readonly places: number;
  readonly resolution_mm: number;
}

/** The body readied for measuring: kept, so that another draw costs only what hangs on it. */
export interface ReadyBody {
  readonly checked: CheckedMesh;
  readonly fine: FineMesh;
  readonly bvh: Bvh;
}

/** What does not hang on the draw. */
export interface BodyMeasures {
  readonly whole: WholeMeasures;
  readonly smallestBox: PlacedBox | null;
  readonly overlapEdges: number;
  /** Null for a surface that is not closed. */
  readonly walls: WallMeasures | null;
  readonly heavy: readonly HeavyPlace[];
  readonly rounds: readonly RoundFeature[];
  readonly draws: readonly DrawTried[];
  /** The walls at each place, for the picture; null for a surface that is not closed. */
  readonly found: WallsFound | null;
}

/** What hangs on the draw. */
export interface DrawMeasures {
  readonly direction: Vec;
  readonly silhouette_mm2: number;
  readonly halfSum_mm2: number;
  readonly along_mm: number;
  readonly across_mm: readonly [number, number];
  /** Surface with less than 1° and less than 0.05° of draft, mm². */
  readonly under1deg_mm2: number;
  readonly noDraft_mm2: number;
  /** Null for a surface that is not closed. */
  readonly undercut: UndercutFound | null;
}

const SHARE_STEPS = 24;
/** Facets a mesh is refined to for judging draws. */
const DRAW_FACETS = 8000;
const THINNEST_SHARE = 0.01;

/** Size, area and, where the surface is closed, volume, centre and modulus. */
export function measureWhole(checked: CheckedMesh): WholeMeasures {
  const { volume_mm3, area_mm2, centroid_mm } = massProperties(checked.mesh);
  const closed = isClosed(checked);
  return {
    size_mm: axisBox(checked.mesh),
    area_mm2,
    volume_mm3: closed ? volume_mm3 : null,
    centroid_mm: closed ? centroid_mm : null,
    modulus_mm: closed && area_mm2 > 0 ? volume_mm3 / area_mm2 : null,
    shells: closed ? shellVolumes(checked) : [],
  };
}

/** Readies a checked mesh for measuring. @param facets facets it is refined to; the default where not given */
export function readyBody(checked: CheckedMesh, facets?: number): ReadyBody {
  return { checked, fine: fineMesh(checked.mesh, facets, checked.edges), bvh: buildBvh(checked.mesh) };
}

/** All that does not hang on the draw. Of an open surface: its size, area and smallest box only. */
export function measureBody(body: ReadyBody, progress: Progress = NO_PROGRESS): BodyMeasures {
  const { checked, fine, bvh } = body;
  const { mesh } = checked;
  const whole = measureWhole(checked);
  const box = boxOrNull(body);
  progress(0.1);
  const overlapEdges = overlaps(mesh, bvh).edges;
  progress(0.15);
  if (!isClosed(checked))
    return { whole, smallestBox: box, overlapEdges, walls: null, heavy: [], rounds: [], draws: [], found: null };
  const found = walls(fine, mesh, bvh, (x) => progress(0.15 + 0.35 * x));
  const heavy = heavyPlaces(fine, mesh, bvh, found);
  progress(0.55);
  const rounds = roundFeatures(mesh, bvh);
  progress(0.6);
  // A draw is judged on coarser facets than its undercuts are then looked for on: tens of them are tried.
  const enough = mesh.triangles.length / 3 >= DRAW_FACETS || fine.areas.length <= DRAW_FACETS;
  const coarse = enough ? fine : fineMesh(mesh, DRAW_FACETS);
  const draws = bestDraws(mesh, coarse, bvh, (x) => progress(0.6 + 0.4 * x));
  return {
    whole,
    smallestBox: box,
    overlapEdges,
    walls: wallMeasures(found, heavy, fine.resolution_mm),
    heavy,
    rounds,
    draws,
    found,
  };
}

function boxOrNull({ checked }: ReadyBody): PlacedBox | null {
  try {
    return smallestBox(checked.mesh);
  } catch {
    return null;
  }
}

function wallMeasures(found: WallsFound, heavy: readonly HeavyPlace[], resolution_mm: number): WallMeasures {
  const thickest = heavy[0]?.diameter_mm ?? NaN;
  const thinnest = quantile(found.ray, found.weights, THINNEST_SHARE);
  const shares = new Array<number>(SHARE_STEPS).fill(0);
  let whole = 0;
  let least = Infinity;
  for (let i = 0; i < found.ray.length; i++) {
    const wall = found.ray[i]!;
    if (!Number.isFinite(wall)) continue;
    if (wall < least) least = wall;
    whole += found.weights[i]!;
    shares[Math.min(SHARE_STEPS - 1, Math.floor((wall / thickest) * SHARE_STEPS))]! += found.weights[i]!;
  }
  return {
    thinnest_mm: thinnest,
    leastRay_mm: least,
    median_mm: quantile(found.ray, found.weights, 0.5),
    thickest_mm: thickest,
    ratio: thickest / thinnest,
    shares: shares.map((s) => (whole > 0 ? s / whole : 0)),
    places: found.facets.length,
    resolution_mm,
  };
}

/** All that hangs on the draw. @param d unit direction */
export function measureDraw({ checked, fine, bvh }: ReadyBody, d: Vec, progress: Progress = NO_PROGRESS): DrawMeasures {
  const { mesh } = checked;
  const { silhouette_mm2, halfSum_mm2 } = shadow(mesh, d);
  const { along_mm, across_mm } = boxAlong(mesh, d);
  return {
    direction: d,
    silhouette_mm2,
    halfSum_mm2,
    along_mm,
    across_mm,
    under1deg_mm2: draftFound(mesh, d, 1).under_mm2,
    noDraft_mm2: draftFound(mesh, d, 0.06).under_mm2,
    undercut: isClosed(checked) ? undercuts(fine, bvh, d, progress) : null,
  };
}
