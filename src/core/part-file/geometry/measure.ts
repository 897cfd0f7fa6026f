import { bestDraws, type DrawTried } from './best-draw';
import { shellVolumes, type Shell } from './bodies';
import { axisBox, boxAlong, smallestBox, type PlacedBox } from './box';
import { isClosed, type CheckedMesh } from './check';
import { roundFeatures, type RoundFeature } from './cylinders';
import { draftsFound } from './draft';
import { heavyPlaces, type HeavyPlace } from './heavy-places';
import { asItIs, type Light } from './lighter';
import { massProperties } from './mass';
import { facetNormals, type Vec } from './mesh';
import { nestedBodies } from './nested';
import { overlapsOf } from './overlaps';
import { walledBy, type Walled } from './probe';
import { fineMesh, type FineMesh } from './sampling';
import { seenOf, type Seen } from './seen';
import { shadow } from './silhouette';
import { thinFeature, type ThinFeature } from './thin';
import { undercuts } from './undercut';
import { type UndercutFound } from './undercut-types';
import { quantile, walls, type WallsFound } from './walls';
import { partOf, UNHURRIED, type Cut, type Work } from './work';

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
  /** Bodies that lie within the metal of another: volume and what hangs on it then mean nothing. */
  readonly nested: number;
}

/** Walls of the part by two methods. Estimates: the places they were measured at and their spacing stand beside. */
export interface WallMeasures {
  /** The wall that 1 % of the surface is no thicker than, by rays, mm; NaN where no two faces stand opposite. */
  readonly thinnest_mm: number;
  /** The least ray of all, mm: a single place, often at an edge. */
  readonly leastRay_mm: number;
  readonly median_mm: number;
  /** A feature thinner than the rest and too small to count in it; null where there is none. */
  readonly thin: ThinFeature | null;
  /** The largest sphere that fits inside, mm. */
  readonly thickest_mm: number;
  readonly ratio: number;
  /** Surface by wall, from 0 to the thickest in equal steps, as shares. */
  readonly shares: readonly number[];
  readonly places: number;
  readonly resolution_mm: number;
}

/** The body readied for measuring: kept, so that another draw costs only what hangs on it. */
export interface ReadyBody extends Walled {
  readonly checked: CheckedMesh;
  readonly fine: FineMesh;
  readonly seen: Seen;
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
  /** Hollows that bend all round and are no round hole: slots, ovals, threads. */
  readonly roundsUnread: number;
  readonly draws: readonly DrawTried[];
  /** Searches that were cut short: what was looked at, of how many. */
  readonly cuts: readonly Cut[];
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
const THINNEST_SHARE = 0.01;

/**
 * Size, area and, where the surface is closed, volume, centre and modulus.
 *
 * @example
 * Object.keys(measureWhole(checked)).length > 0 // true
 */
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
    nested: closed ? nestedBodies(checked) : 0,
  };
}

/**
 * Readies a checked mesh for measuring.
 * @param fine its facets refined, or how many are aimed at; the default where not given
 * @param light fewer facets near its own, for rays and nearest points; its own where not given
 * @example
 * readyBody(checked).fine.mesh.triangles.length >= mesh.triangles.length // true
 */
export function readyBody(checked: CheckedMesh, fine?: FineMesh | number, light?: Light): ReadyBody {
  const { mesh, edges } = checked;
  const refined = typeof fine === 'object' ? fine : fineMesh(mesh, fine, edges);
  const walled = walledBy(mesh, edges, light ?? asItIs(mesh));
  const shells = refined.mesh === mesh ? checked.shells : undefined;
  return { ...walled, checked, fine: refined, seen: seenOf(refined, mesh, walled.probe, shells) };
}

/**
 * All that does not hang on the draw. Of an open surface: its size, area and smallest box only.
 *
 * @example
 * measureBody(body).walls.thinnest_mm // 10
 */
export function measureBody(body: ReadyBody, work: Work = UNHURRIED): BodyMeasures {
  const { checked, mesh, fine } = body;
  const whole = measureWhole(checked);
  const box = boxOrNull(body);
  work.progress(0.1);
  const overlapEdges = overlapsOf(mesh, body.probe);
  work.progress(0.15);
  const bare = { whole, smallestBox: box, overlapEdges };
  if (!isClosed(checked))
    return { ...bare, walls: null, heavy: [], rounds: [], roundsUnread: 0, draws: [], cuts: [], found: null };
  const found = walls(fine, body, partOf(work, 0.15, 0.5));
  const heavy = heavyPlaces(fine, body, found);
  work.progress(0.55);
  const { features: rounds, unread: roundsUnread } = roundFeatures(mesh, checked.edges, body.probe.bvh);
  work.progress(0.6);
  const { draws, cuts } = bestDraws(mesh, checked.edges, box, body.seen, partOf(work, 0.6, 1));
  return {
    ...bare,
    walls: wallMeasures(fine, found, heavy),
    heavy,
    rounds,
    roundsUnread,
    draws,
    cuts: found.cut === null ? cuts : [found.cut, ...cuts],
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

function wallMeasures(fine: FineMesh, found: WallsFound, heavy: readonly HeavyPlace[]): WallMeasures {
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
    thin: thinFeature(fine, found, thinnest),
    ratio: thickest / thinnest,
    shares: shares.map((s) => (whole > 0 ? s / whole : 0)),
    places: found.facets.length,
    resolution_mm: fine.resolution_mm,
  };
}

/**
 * All that hangs on the draw. @param d unit direction
 * @example
 * measureDraw(body, [0, 0, 1]).undercut.regions.length // 0
 */
export function measureDraw({ checked, seen }: ReadyBody, d: Vec, work: Work = UNHURRIED): DrawMeasures {
  const { mesh } = checked;
  const { silhouette_mm2, halfSum_mm2 } = shadow(mesh, d);
  const { along_mm, across_mm } = boxAlong(mesh, d);
  const [under1deg, noDraft] = draftsFound(facetNormals(mesh), d, [1, 0.06]);
  return {
    direction: d,
    silhouette_mm2,
    halfSum_mm2,
    along_mm,
    across_mm,
    under1deg_mm2: under1deg!.under_mm2,
    noDraft_mm2: noDraft!.under_mm2,
    undercut: isClosed(checked) ? undercuts(seen, d, work) : null,
  };
}
