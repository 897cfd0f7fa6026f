import type { Vec } from './mesh';
import { NearestFinder } from './nearest';
import { RayCaster } from './ray';
import { PLACES, placeOn, type FineMesh } from './sampling';
import { dot, frameOf, plus, unitOf } from './vector';
import type { Probed, Walled } from './probe';
import { quantile, type WallsFound } from './walls';

/** Places listed, at most. */
const MOST_LISTED = 12;
/** Balls kept to tell how metal is joined, at most: the largest, none within this share of its radius of another. */
const MOST_BALLS = 2500;
const APART = 0.3;
/** A place is shown where its sphere is at least this share of the usual wall. */
const HEAVY = 0.6;
/** Two places joined by metal at least this share as thick as the lesser are one. */
const ONE_PLACE = 0.88;
/** Spacings within which places of thin metal are joined. */
const JOINED = 1.8;
/** What is as thick as this share of the heaviest belongs to the stretch of it. */
const AS_THICK = 0.93;
/** A stretch longer than so many diameters is shown as one that runs along. */
const RUNS_ALONG = 1.5;
/** A place is isolated where the metal round it is thinner than this share of its own. */
const ISOLATED = 0.75;
/** A place is on a wall where its sphere is at least this share of its ray. */
const AGREED = 0.8;
/** Steps in which a middle is moved to where most metal is round it, each half as long as the last. */
const HALVINGS = 9;
const MOST_MOVES = 30;
/** Boxes looked into for the nearest surface, at most. */
const VISITS = 3000;
/** Lines a side of the grid that a local volume is summed along. */
const GRID = 20;

/** A lump of metal: the largest sphere that fits there. */
export interface HeavyPlace {
  readonly centre_mm: Vec;
  /** Diameter of that sphere, mm. */
  readonly diameter_mm: number;
  /** Volume over area of the metal within two radii of its middle, mm. */
  readonly localModulus_mm: number;
  /** Whether it is surrounded by thinner metal, so that it freezes last and alone. */
  readonly isolated: boolean;
  /** How far metal as thick runs on, between the outermost middles of its spheres, mm; null for one place alone. */
  readonly along_mm: number | null;
}

/**
 * The heaviest places of a body, heaviest first: the largest inner spheres. Places joined by metal nearly as thick are
 * one, which then runs along it. An estimate: a place between those that were measured may be missed.
 *
 * @example
 * heavyPlaces(body.fine, body, measures.found).length // 1
 */
export function heavyPlaces(fine: FineMesh, body: Walled, found: WallsFound): HeavyPlace[] {
  const balls = apart(found);
  // A fin or a lip may be a place of its own, but no heavy one.
  const least = (HEAVY * quantile(found.ray, found.weights, 0.5)) / 2;
  const peaks = peaksOf(balls).filter((p, i) => i === 0 || !(p.radius < least));
  const climber = new Climber(body.probe);
  const listed: { centre: Vec; diameter: number; along: number }[] = [];
  for (const peak of peaks.slice(0, 2 * MOST_LISTED)) {
    const { centre, diameter } = climber.climb(peak.centre, peak.radius);
    // One that climbed out of its own reach was the flank of another.
    if (far(centre, peak.centre) > 0.8 * peak.radius) continue;
    if (listed.every((t) => far(t.centre, centre) > 0.5 * Math.max(t.diameter, diameter)))
      listed.push({ centre, diameter, along: peak.along });
    if (listed.length >= MOST_LISTED) break;
  }
  listed.sort((a, b) => b.diameter - a.diameter);
  const local = new LocalModulus(fine, found, body.probe);
  return listed.map((t) => ({
    centre_mm: t.centre,
    diameter_mm: t.diameter,
    localModulus_mm: local.at(t.centre, t.diameter),
    isolated: t.along <= RUNS_ALONG * t.diameter && isIsolated(found, t.centre, t.diameter),
    along_mm: t.along > RUNS_ALONG * t.diameter ? t.along : null,
  }));
}

const far = (a: Vec, b: Vec): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

interface Ball {
  readonly centre: Vec;
  readonly radius: number;
  /** How far its place stands from the next, mm. */
  readonly spacing: number;
}

/** The largest balls, largest first, none whose middle lies within a share of its radius of a larger one's. */
function apart(found: WallsFound): Ball[] {
  const order = Array.from(found.sphere.keys())
    .filter((i) => found.sphere[i]! > 0)
    .sort((a, b) => found.sphere[b]! - found.sphere[a]!);
  if (order.length === 0) return [];
  const cells = new Cells((APART * found.sphere[order[0]!]!) / 2);
  const out: Ball[] = [];
  for (const i of order) {
    if (out.length >= MOST_BALLS) break;
    const centre: Vec = [found.centres[3 * i]!, found.centres[3 * i + 1]!, found.centres[3 * i + 2]!];
    const radius = found.sphere[i]! / 2;
    const limit = APART * radius;
    if (cells.some(centre, limit, (k) => far(out[k]!.centre, centre) < limit)) continue;
    cells.add(centre);
    out.push({ centre, radius, spacing: Math.sqrt(found.weights[i]!) });
  }
  return out;
}

interface Peak extends Ball {
  /** Between the outermost middles of balls as large, mm. */
  readonly along: number;
}

/** Places heavier than all round them, heaviest first: balls are joined where they overlap, from the largest down. */
function peaksOf(balls: readonly Ball[]): Peak[] {
  const parent = Int32Array.from(balls.keys());
  const root = (i: number): number => {
    let r = i;
    while (parent[r] !== r) r = parent[r]!;
    for (let k = i; k !== r;) {
      const up = parent[k]!;
      parent[k] = r;
      k = up;
    }
    return r;
  };
  /** Box of the middles as thick as the peak, by root: low and high. */
  const boxes = balls.map(({ centre }) => ({ low: [...centre], high: [...centre] }));
  const peaks = new Set<number>();
  if (balls.length === 0) return [];
  const cells = new Cells(balls[0]!.radius / 2);
  balls.forEach((ball, i) => {
    peaks.add(i);
    const near: number[] = [];
    // Where places stand wider apart than their spheres are wide, the next place is joined all the same.
    const reach = Math.max(ball.radius, JOINED * ball.spacing);
    cells.some(ball.centre, reach, (k) => {
      if (far(balls[k]!.centre, ball.centre) < reach) near.push(k);
      return false;
    });
    for (const k of near) {
      const [a, b] = [root(i), root(k)];
      if (a === b) continue;
      // Roots are the peaks of what is joined so far; the heavier stays.
      const [heavy, light] = balls[a]!.radius >= balls[b]!.radius ? [a, b] : [b, a];
      parent[light] = heavy;
      if (ball.radius < ONE_PLACE * balls[light]!.radius) continue;
      peaks.delete(light);
      if (balls[light]!.radius < AS_THICK * balls[heavy]!.radius) continue;
      for (let c = 0; c < 3; c++) {
        boxes[heavy]!.low[c] = Math.min(boxes[heavy]!.low[c]!, boxes[light]!.low[c]!);
        boxes[heavy]!.high[c] = Math.max(boxes[heavy]!.high[c]!, boxes[light]!.high[c]!);
      }
    }
    cells.add(ball.centre);
  });
  return [...peaks]
    .sort((a, b) => balls[b]!.radius - balls[a]!.radius)
    .map((i) => ({ ...balls[i]!, along: Math.hypot(...[0, 1, 2].map((c) => boxes[i]!.high[c]! - boxes[i]!.low[c]!)) }));
}

/** Points by the cell of a grid they lie in; cells that share a place in the table are asked together. */
class Cells {
  private readonly heads = new Int32Array(TABLE).fill(-1);
  private readonly next: number[] = [];

  constructor(private readonly pitch: number) {}

  /** Adds a point; they are numbered from 0 in the order they come. */
  add(p: Vec): void {
    const at = this.place(this.cell(p[0]), this.cell(p[1]), this.cell(p[2]));
    this.next.push(this.heads[at]!);
    this.heads[at] = this.next.length - 1;
  }

  /** Whether some point in the cells within reach of a place answers yes. Others may be asked too, and some twice. */
  some(p: Vec, reach: number, asked: (k: number) => boolean): boolean {
    const [x0, y0, z0] = [this.cell(p[0] - reach), this.cell(p[1] - reach), this.cell(p[2] - reach)];
    const [x1, y1, z1] = [this.cell(p[0] + reach), this.cell(p[1] + reach), this.cell(p[2] + reach)];
    for (let x = x0; x <= x1; x++)
      for (let y = y0; y <= y1; y++)
        for (let z = z0; z <= z1; z++)
          for (let k = this.heads[this.place(x, y, z)]!; k >= 0; k = this.next[k]!) if (asked(k)) return true;
    return false;
  }

  private cell(x: number): number {
    return Math.floor(x / this.pitch);
  }

  private place(x: number, y: number, z: number): number {
    return ((Math.imul(x, 73856093) ^ Math.imul(y, 19349663) ^ Math.imul(z, 83492791)) >>> 0) % TABLE;
  }
}

const TABLE = 8191;

/**
 * Whether the metal round it is thinner: walls there, their uppermost sixth left out, against its own. Only places at
 * which ray and sphere agree are walls: towards an edge of the lump itself spheres shrink too.
 */
function isIsolated(found: WallsFound, centre: Vec, diameter: number): boolean {
  const round: number[] = [];
  for (let i = 0; i < found.sphere.length; i++) {
    if (!(found.sphere[i]! >= AGREED * found.ray[i]!)) continue;
    const x = found.centres[3 * i]! - centre[0];
    const y = found.centres[3 * i + 1]! - centre[1];
    const z = found.centres[3 * i + 2]! - centre[2];
    const off = Math.sqrt(x * x + y * y + z * z);
    if (off > 0.8 * diameter && off < 2 * diameter) round.push(found.sphere[i]!);
  }
  if (round.length < 8) return false;
  round.sort((a, b) => a - b);
  return round[Math.floor((round.length * 5) / 6)]! < ISOLATED * diameter;
}

/** Moves a middle to where the surface is furthest: the sphere there is the largest of its neighbourhood. */
class Climber {
  private readonly finder: NearestFinder;

  constructor(probe: Probed) {
    this.finder = new NearestFinder(probe.bvh);
  }

  climb(start: Vec, radius: number): { centre: Vec; diameter: number } {
    let centre = start;
    let best = Math.min(this.room(start), 1.05 * radius);
    let step = radius / 6;
    for (let halved = 0, moves = 0; halved < HALVINGS && moves < MOST_MOVES; moves++) {
      let found: Vec | null = null;
      for (const d of AROUND) {
        const next = plus(centre, d, step);
        // Never further than the sphere reaches: beyond lies another place, or no metal.
        if (far(next, start) > radius) continue;
        const room = this.room(next);
        if (room <= best * (1 + 1e-9)) continue;
        best = room;
        found = next;
      }
      if (found !== null) centre = found;
      else {
        step /= 2;
        halved++;
      }
    }
    return { centre, diameter: 2 * best };
  }

  private room(p: Vec): number {
    return this.finder.find(...p, Infinity, VISITS).distance;
  }
}

/** Directions to the corners, edges and faces of a cube: on a ridge between walls one of them leads on. */
const AROUND: readonly Vec[] = [-1, 0, 1]
  .flatMap((x) => [-1, 0, 1].flatMap((y) => [-1, 0, 1].map((z): Vec => [x, y, z])))
  .filter((d) => d.some((x) => x !== 0))
  .map(unitOf);

/** Volume over cooled area of the metal near a place, by the lengths in metal of a grid of lines and the surface near. */
class LocalModulus {
  private readonly caster: RayCaster;
  private readonly at_mm: Float64Array;

  constructor(
    fine: FineMesh,
    private readonly found: WallsFound,
    private readonly probe: Probed,
  ) {
    this.caster = new RayCaster(probe.bvh);
    this.at_mm = new Float64Array(3 * found.facets.length);
    const at = new Float64Array(3);
    found.facets.forEach((f, i) => {
      placeOn(fine.mesh, f, PLACES[0]!, at);
      this.at_mm.set(at, 3 * i);
    });
  }

  at(centre: Vec, reach: number): number {
    const { at_mm, found } = this;
    const square = reach * reach;
    let area = 0;
    for (let i = 0; i < found.weights.length; i++) {
      const x = at_mm[3 * i]! - centre[0];
      const y = at_mm[3 * i + 1]! - centre[1];
      const z = at_mm[3 * i + 2]! - centre[2];
      if (x * x + y * y + z * z < square) area += found.weights[i]!;
    }
    const pitch = (2 * reach) / GRID;
    let length = 0;
    for (let i = 0; i < GRID; i++)
      for (let j = 0; j < GRID; j++) {
        const [x, y] = [(i + 0.5) * pitch - reach, (j + 0.5) * pitch - reach];
        const half2 = square - x * x - y * y;
        if (half2 > 0) length += this.metalAlong(plus(plus(centre, ACROSS.u, x), ACROSS.v, y), Math.sqrt(half2));
      }
    return area > 0 ? (length * pitch * pitch) / area : NaN;
  }

  /** Length in metal of a line through a point, so far each way, mm: in metal is what ends at a face seen from behind. */
  private metalAlong(middle: Vec, half: number): number {
    const { normals, bvh } = this.probe;
    const [x, y, z] = plus(middle, LOOK, -half);
    let length = 0;
    let from = 0;
    for (let crossed = 0; crossed < MOST_CROSSED && from < 2 * half; crossed++) {
      const { facet, distance } = this.caster.cast(x, y, z, LOOK[0], LOOK[1], LOOK[2], from);
      if (facet < 0) break;
      const f = 3 * facet;
      const leaves = dot([normals[f]!, normals[f + 1]!, normals[f + 2]!], LOOK) > 0;
      if (leaves) length += Math.min(distance, 2 * half) - from;
      from = distance + SAME_FACE * bvh.diagonal;
    }
    return length;
  }
}

/** Faces a line crosses within the metal looked at, at most. */
const MOST_CROSSED = 64;
/** Faces crossed nearer to each other than this share of the diagonal are one. */
const SAME_FACE = 1e-9;
/** A direction that runs along no face of a part drawn square. */
const LOOK: Vec = unitOf([0.5377, 0.2873, 0.7927]);
const ACROSS = frameOf(LOOK);
