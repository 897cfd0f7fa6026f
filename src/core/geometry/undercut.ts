import { NO_PROGRESS, type Progress } from '../mesh-files';
import type { Bvh } from './bvh';
import { edgesOf } from './edges';
import type { Vec } from './mesh';
import { RayCaster } from './ray';
import { PLACES, placeOn, type FineMesh } from './sampling';
import { connected, shellsOf } from './shells';
import { cross, dot, frameOf, length, plus, scaled, unitOf } from './vector';

/** A facet this near to standing along the draw may be released by either half. Source: geo.undercut. */
const PARALLEL = Math.sin((0.05 * Math.PI) / 180);
/** Rays start this share of the diagonal off the surface. */
const OFF = 1e-5;
/** Directions square to the draw that a slide is tried in, and the step between them. */
const SIDE_STEP_DEG = 5;
/** Most facets of a region asked about each direction of a slide. */
const MOST_ASKED = 600;
/** Facets beyond which one place stands for a facet: they are small then. */
const ONE_PLACE_ABOVE = 100_000;
/** Facets looked at, at most: of a finer mesh every so many, and those between share the answer of the one before. */
const MOST_TESTED = 250_000;
/** Share of a facet's places that must be trapped for it to belong to a region. */
const TRAPPED = 0.5;
/** Regions smaller than this share of the whole surface are noise of the facets: left out of the count, not the area. */
const SPECK = 2e-5;

/** Directions of a region nearer than this are one: cos 0.02°. */
const ALIKE = 1 - 6e-8;

/** What frees a region that a straight draw traps. */
export type Release = 'slide' | 'two-slides' | 'core' | 'closed-void';

/** One connected stretch of surface that neither half of the mould can release. */
export interface UndercutRegion {
  readonly area_mm2: number;
  readonly release: Release;
  /** Unit direction the slide is drawn in; null where no slide frees it. */
  readonly slide: Vec | null;
  /** Middle of the region, weighted by area, mm. */
  readonly centre_mm: Vec;
  readonly facets: Uint32Array;
}

export interface UndercutFound {
  readonly area_mm2: number;
  readonly share: number;
  readonly regions: readonly UndercutRegion[];
  /** Slides over all regions that slides can free: two for a region that needs two. */
  readonly slides: number;
  readonly cores: number;
  readonly closedVoids: number;
  /** Share of each facet of the fine mesh that is trapped. */
  readonly trapped: Float32Array;
  /** Half that releases each facet: 1 along +d, -1 along -d, 0 either, 2 none. */
  readonly half: Int8Array;
}

/** Tells whether places on a fine mesh are open to the outside in a direction. */
export class Openness {
  private readonly caster: RayCaster;
  private readonly off: number;
  private readonly at = new Float64Array(3);

  constructor(
    private readonly fine: FineMesh,
    bvh: Bvh,
  ) {
    this.caster = new RayCaster(bvh);
    this.off = OFF * bvh.diagonal;
  }

  /** Whether a place on a facet sees infinity along a unit direction. */
  sees(facet: number, weights: readonly [number, number, number], d: Vec): boolean {
    const { normals, mesh } = this.fine;
    placeOn(mesh, facet, weights, this.at);
    const x = this.at[0]! + normals[3 * facet]! * this.off;
    const y = this.at[1]! + normals[3 * facet + 1]! * this.off;
    const z = this.at[2]! + normals[3 * facet + 2]! * this.off;
    return this.caster.cast(x, y, z, d[0], d[1], d[2], 0, true).facet < 0;
  }

  area(facet: number): number {
    return this.fine.areas[facet]!;
  }

  normal(facet: number): Vec {
    const { normals } = this.fine;
    return [normals[3 * facet]!, normals[3 * facet + 1]!, normals[3 * facet + 2]!];
  }

  /** Component of a facet's outward normal along a direction. */
  along(facet: number, d: Vec): number {
    const { normals } = this.fine;
    return normals[3 * facet]! * d[0] + normals[3 * facet + 1]! * d[1] + normals[3 * facet + 2]! * d[2];
  }

  /** Half of a mould parting along ±d that releases a place: 1 along +d, -1 along -d, 0 either, 2 none. */
  halfFor(facet: number, weights: readonly [number, number, number], d: Vec): number {
    const n = this.along(facet, d);
    if (n > PARALLEL) return this.sees(facet, weights, d) ? 1 : 2;
    const back = scaled(d, -1);
    if (n < -PARALLEL) return this.sees(facet, weights, back) ? -1 : 2;
    const up = this.sees(facet, weights, d);
    const down = this.sees(facet, weights, back);
    return up ? (down ? 0 : 1) : down ? -1 : 2;
  }

  /** Whether a place on a facet is trapped in a mould that parts along ±d. */
  trapped(facet: number, weights: readonly [number, number, number], d: Vec): boolean {
    return this.halfFor(facet, weights, d) === 2;
  }
}

/**
 * What a mould of two halves drawn along ±d cannot release, by rays from four places on each facet of a fine mesh.
 * Means something for closed meshes only. Source: the formula book, geo.undercut; Chen and Woo, visibility.
 * @param d unit direction
 * @param mostTested facets looked at, at most
 */
export function undercuts(
  fine: FineMesh,
  bvh: Bvh,
  d: Vec,
  progress: Progress = NO_PROGRESS,
  mostTested = MOST_TESTED,
): UndercutFound {
  const open = new Openness(fine, bvh);
  const facets = fine.areas.length;
  const places = facets > ONE_PLACE_ABOVE ? PLACES.slice(0, 1) : PLACES;
  const trapped = new Float32Array(facets);
  const half = new Int8Array(facets);
  let area = 0;
  const order = facets === bvh.facets.length ? bvh.facets : null;
  const stride = Math.ceil(facets / mostTested);
  let share = 0;
  let by = 0;
  for (let i = 0; i < facets; i++) {
    if ((i & 8191) === 0) progress((0.8 * i) / facets);
    const f = order === null ? i : order[i]!;
    if (i % stride === 0) {
      let hit = 0;
      for (const weights of places) {
        const one = open.halfFor(f, weights, d);
        if (one === 2) hit++;
        else by = one;
      }
      share = hit / places.length;
      if (share >= TRAPPED) by = 2;
    }
    half[f] = by;
    trapped[f] = share;
    area += fine.areas[f]! * share;
  }
  const regions = area > 0 ? regionsOf(fine, open, trapped, d) : [];
  progress(1);
  return {
    area_mm2: area,
    share: fine.area_mm2 > 0 ? area / fine.area_mm2 : 0,
    regions,
    slides: regions.reduce((sum, r) => sum + (r.release === 'slide' ? 1 : r.release === 'two-slides' ? 2 : 0), 0),
    cores: regions.filter((r) => r.release === 'core').length,
    closedVoids: regions.filter((r) => r.release === 'closed-void').length,
    trapped,
    half,
  };
}

function regionsOf(fine: FineMesh, open: Openness, trapped: Float32Array, d: Vec): UndercutRegion[] {
  const edges = fine.edges ?? edgesOf(fine.mesh);
  const shells = shellsOf(edges);
  const inShell = new Uint32Array(shells.count);
  for (const shell of shells.of) inShell[shell]!++;
  const { of, count } = connected(edges.twins, (f) => trapped[f]! >= TRAPPED);
  const members: number[][] = Array.from({ length: count }, () => []);
  of.forEach((region, f) => {
    if (region >= 0) members[region]?.push(f);
  });
  const out: UndercutRegion[] = [];
  const at = new Float64Array(3);
  for (const list of members) {
    const area = list.reduce((sum, f) => sum + fine.areas[f]!, 0);
    if (area < SPECK * fine.area_mm2) continue;
    const centre: [number, number, number] = [0, 0, 0];
    for (const f of list) {
      placeOn(fine.mesh, f, PLACES[0]!, at);
      for (let k = 0; k < 3; k++) centre[k]! += (at[k]! * fine.areas[f]!) / area;
    }
    const shell = shells.of[list[0]!]!;
    const closed = list.length === inShell[shell];
    const freed = closed ? null : freedBy(open, list, d);
    out.push({
      area_mm2: area,
      release: closed ? 'closed-void' : (freed?.release ?? 'core'),
      slide: freed?.slide ?? null,
      centre_mm: centre,
      facets: Uint32Array.from(list),
    });
  }
  return out.sort((a, b) => b.area_mm2 - a.area_mm2);
}

/** Directions square to the draw along, and square to, the largest facets of a region. */
function ownDirections(open: Openness, facets: readonly number[], d: Vec): Vec[] {
  const out: Vec[] = [];
  for (const f of [...facets].sort((a, b) => open.area(b) - open.area(a)).slice(0, 40)) {
    const n = open.normal(f);
    for (const s of [cross(n, d), plus(n, d, -dot(n, d))]) {
      if (length(s) < 0.05) continue;
      const own = unitOf(s);
      if (out.every((o) => Math.abs(dot(o, own)) < ALIKE)) out.push(own);
    }
  }
  return out;
}

/** The slide, or the two opposed slides, that free a region; null where none do. */
function freedBy(
  open: Openness,
  facets: readonly number[],
  d: Vec,
): { readonly release: 'slide' | 'two-slides'; readonly slide: Vec } | null {
  const step = Math.max(1, Math.floor(facets.length / MOST_ASKED));
  const asked = facets.filter((_, i) => i % step === 0);
  const { u, v } = frameOf(d);
  const half = 180 / SIDE_STEP_DEG;
  const directions = Array.from({ length: half }, (_, i) => {
    const angle = (i * SIDE_STEP_DEG * Math.PI) / 180;
    return plus(scaled(u, Math.cos(angle)), v, Math.sin(angle));
  });
  // Walls of a straight hole bar every direction but their own, however near: the region's own directions are tried too.
  directions.push(...ownDirections(open, asked, d));
  const sees = (f: number, s: Vec): boolean => open.along(f, s) >= -PARALLEL && open.sees(f, PLACES[0]!, s);
  let two: Vec | null = null;
  for (const s of directions) {
    const back = scaled(s, -1);
    let front = true;
    let behind = true;
    let either = true;
    for (const f of asked) {
      const a = sees(f, s);
      const b: boolean = (!a || behind) && sees(f, back);
      front &&= a;
      behind &&= b;
      either &&= a || b;
      if (!either) break;
    }
    if (front) return { release: 'slide', slide: s };
    if (behind) return { release: 'slide', slide: back };
    if (either) two ??= s;
  }
  return two === null ? null : { release: 'two-slides', slide: two };
}
