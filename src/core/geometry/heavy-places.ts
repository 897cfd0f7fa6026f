import type { Bvh } from './bvh';
import { facetMiddle, facetNormal, type Mesh, type Vec } from './mesh';
import { NearestFinder } from './nearest';
import { RayCaster } from './ray';
import type { FineMesh } from './sampling';
import { dot, frameOf, length, minus, plus } from './vector';
import { normalOf, WallProbe, type WallsFound } from './walls';

/** Places a climb is begun from, and places told, at most. */
const STARTS = 40;
const MOST_TOLD = 12;
/** Steps of a climb, each half as long as the last where none is uphill. */
const HALVINGS = 12;
/** Moves of a climb, at most: a needle a kilometre long grows no end of them. */
const MOST_MOVES = 150;
/** A place is isolated where the metal round it is thinner than this share of its own. */
const ISOLATED = 0.75;
/** Peaks this near in size stand on one ridge of metal, and are told wider apart. */
const ONE_RIDGE = 0.04;
/** Points a side of the grid that a local volume is counted on. */
const GRID = 14;

/** A lump of metal: the largest sphere that fits there. */
export interface HeavyPlace {
  readonly centre_mm: Vec;
  /** Diameter of that sphere, mm. */
  readonly diameter_mm: number;
  /** Volume over area of the metal within two radii of its middle, mm. */
  readonly localModulus_mm: number;
  /** Whether it is surrounded by thinner metal, so that it freezes last and alone. */
  readonly isolated: boolean;
}

/**
 * The heaviest places of a body, heaviest first: the largest inner spheres, none within another's reach. Each start is
 * climbed along the surface until its sphere grows no more. An estimate: a place between starts may be missed.
 */
export function heavyPlaces(fine: FineMesh, mesh: Mesh, bvh: Bvh, found: WallsFound): HeavyPlace[] {
  const order = Array.from(found.sphere.keys()).sort((a, b) => found.sphere[b]! - found.sphere[a]!);
  const starts: number[] = [];
  const centreOf = (i: number): Vec => [found.centres[3 * i]!, found.centres[3 * i + 1]!, found.centres[3 * i + 2]!];
  for (const i of order) {
    if (starts.length >= STARTS) break;
    const c = centreOf(i);
    if (starts.every((s) => length(minus(c, centreOf(s))) > 0.6 * found.sphere[s]!)) starts.push(i);
  }
  const climber = new Climber(mesh, bvh);
  const told: { centre: Vec; diameter: number }[] = [];
  for (const i of starts) {
    const f = found.facets[i]!;
    const peak = climber.climb(facetMiddle(fine.mesh, f), normalOf(fine, f), found.sphere[i]!);
    const alike = (t: { diameter: number }): boolean => Math.abs(t.diameter / peak.diameter - 1) < ONE_RIDGE;
    if (
      told.every(
        (t) => length(minus(peak.centre, t.centre)) > (alike(t) ? 2.5 : 0.75) * Math.max(t.diameter, peak.diameter),
      )
    )
      told.push(peak);
  }
  told.sort((a, b) => b.diameter - a.diameter);
  const local = new LocalModulus(fine, mesh, bvh);
  return told.slice(0, MOST_TOLD).map((t) => ({
    centre_mm: t.centre,
    diameter_mm: t.diameter,
    localModulus_mm: local.at(t.centre, t.diameter),
    isolated: isIsolated(found, t.centre, t.diameter),
  }));
}

/** Whether the metal round it is thinner: what is thickest there, its uppermost sixth left out, against its own. */
function isIsolated(found: WallsFound, centre: Vec, diameter: number): boolean {
  const round: number[] = [];
  for (let i = 0; i < found.sphere.length; i++) {
    const off = Math.hypot(
      found.centres[3 * i]! - centre[0],
      found.centres[3 * i + 1]! - centre[1],
      found.centres[3 * i + 2]! - centre[2],
    );
    if (off > 0.8 * diameter && off < 2 * diameter) round.push(found.sphere[i]!);
  }
  if (round.length < 8) return false;
  round.sort((a, b) => a - b);
  return round[Math.floor((round.length * 5) / 6)]! < ISOLATED * diameter;
}

/** Moves a touching place along the surface until its sphere grows no more. */
class Climber {
  private readonly probe: WallProbe;
  private readonly finder: NearestFinder;

  constructor(
    private readonly mesh: Mesh,
    private readonly bvh: Bvh,
  ) {
    this.probe = new WallProbe(mesh, bvh);
    this.finder = new NearestFinder(bvh);
  }

  climb(start: Vec, normal: Vec, size: number): { centre: Vec; diameter: number } {
    let at = start;
    let n = normal;
    let best = this.sphere(at, n);
    let centre = this.lastCentre();
    let step = size / 4;
    for (let round = 0, moves = 0; round < HALVINGS && moves < MOST_MOVES; moves++) {
      const { u, v } = frameOf(n);
      let moved = false;
      for (let k = 0; k < 8; k++) {
        const angle = (k * Math.PI) / 4;
        const aim = plus(plus(at, u, step * Math.cos(angle)), v, step * Math.sin(angle));
        const near = this.finder.find(aim[0], aim[1], aim[2], step);
        if (near.facet < 0) continue;
        const next: Vec = [near.x, near.y, near.z];
        const turned = facetNormal(this.mesh, near.facet);
        if (dot(turned, n) < 0.5) continue;
        const diameter = this.sphere(next, turned);
        if (diameter > best * (1 + 1e-9)) {
          best = diameter;
          centre = this.lastCentre();
          at = next;
          n = turned;
          moved = true;
        }
      }
      if (!moved) {
        step /= 2;
        round++;
      }
    }
    return { centre, diameter: best };
  }

  private sphere(at: Vec, n: Vec): number {
    const { distance } = this.probe.ray(at[0], at[1], at[2], n);
    return this.probe.sphere(at[0], at[1], at[2], n, Number.isFinite(distance) ? distance : this.bvh.diagonal);
  }

  private lastCentre(): Vec {
    const c = this.probe.centre;
    return [c[0]!, c[1]!, c[2]!];
  }
}

/** Volume over cooled area of the metal near a place, by counting a grid of points inside and the facets near. */
class LocalModulus {
  private readonly caster: RayCaster;
  private readonly middles: Float64Array;

  constructor(
    private readonly fine: FineMesh,
    private readonly mesh: Mesh,
    bvh: Bvh,
  ) {
    this.caster = new RayCaster(bvh);
    this.middles = new Float64Array(3 * fine.areas.length);
    for (let f = 0; f < fine.areas.length; f++) this.middles.set(facetMiddle(fine.mesh, f), 3 * f);
  }

  at(centre: Vec, reach: number): number {
    let area = 0;
    for (let f = 0; f < this.fine.areas.length; f++) {
      const off = Math.hypot(
        this.middles[3 * f]! - centre[0],
        this.middles[3 * f + 1]! - centre[1],
        this.middles[3 * f + 2]! - centre[2],
      );
      if (off < reach) area += this.fine.areas[f]!;
    }
    const pitch = (2 * reach) / GRID;
    let inside = 0;
    for (let i = 0; i < GRID; i++)
      for (let j = 0; j < GRID; j++)
        for (let k = 0; k < GRID; k++) {
          const [x, y, z] = [i, j, k].map((m) => (m + 0.5) * pitch - reach) as [number, number, number];
          if (x * x + y * y + z * z > reach * reach) continue;
          if (this.isInside(centre[0] + x, centre[1] + y, centre[2] + z)) inside++;
        }
    return area > 0 ? (inside * pitch ** 3) / area : NaN;
  }

  /** Whether a point is in the metal: the first face met from inside is seen from behind. */
  private isInside(x: number, y: number, z: number): boolean {
    const d: Vec = [0.5377, 0.2873, 0.7927];
    const hit = this.caster.cast(x, y, z, d[0], d[1], d[2]);
    if (hit.facet < 0) return false;
    return dot(facetNormal(this.mesh, hit.facet), d) > 0;
  }
}
