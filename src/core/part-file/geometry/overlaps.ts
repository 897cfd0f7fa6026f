import { buildBvh, type Bvh } from './bvh';
import { facetNormal, type Mesh } from './mesh';
import type { Probed } from './probe';
import { RayCaster } from './ray';

/** Share of an edge left out at each end, where its neighbours meet it. */
const ENDS = 1e-4;
/** Ends nearer to the facet than this share of the diagonal touch it and do not pass through: files round their corners. */
const TOUCH = 3e-6;
/** Most edges looked along; beyond, every so many is. */
const MOST_EDGES = 100_000;

/** Where a surface passes through itself or another body. */
export interface Overlaps {
  /** Edges found to pass through a facet. */
  readonly edges: number;
  /** Facets those edges belong to. */
  readonly facets: Uint32Array;
  /** Share of all edges looked along. */
  readonly looked: number;
}

/** Edges of a mesh that pass through a facet they do not touch: each is looked along once. */
export function overlaps(mesh: Mesh, bvh: Bvh): Overlaps {
  const caster = new RayCaster(bvh);
  const { positions: p, triangles: t } = mesh;
  const step = Math.max(1, Math.ceil(t.length / 2 / MOST_EDGES));
  const found: number[] = [];
  for (let s = 0, k = 0; s < t.length; s++) {
    const a = t[s]!;
    const b = t[s % 3 === 2 ? s - 2 : s + 1]!;
    if (a > b || k++ % step !== 0) continue;
    const dx = p[3 * b]! - p[3 * a]!;
    const dy = p[3 * b + 1]! - p[3 * a + 1]!;
    const dz = p[3 * b + 2]! - p[3 * a + 2]!;
    const hit = caster.cast(p[3 * a]!, p[3 * a + 1]!, p[3 * a + 2]!, dx, dy, dz, ENDS, false, 1 - ENDS);
    if (hit.facet < 0) continue;
    const corners = t.subarray(3 * hit.facet, 3 * hit.facet + 3);
    if (corners.includes(a) || corners.includes(b)) continue;
    const n = facetNormal(mesh, hit.facet);
    const off = (corner: number): number =>
      [0, 1, 2].reduce((sum, k) => sum + n[k]! * (p[3 * corner + k]! - p[3 * corners[0]! + k]!), 0);
    if (Math.min(Math.abs(off(a)), Math.abs(off(b))) < TOUCH * bvh.diagonal) continue;
    found.push(Math.floor(s / 3));
  }
  return { edges: found.length, facets: Uint32Array.from(new Set(found)), looked: 1 / step };
}

/** Distance round a suspected place within which the body's own facets are looked at, in distances the fewer stand off. */
const ROUND_IT = 4;

/**
 * Edges of a body that pass through a facet. Where the body is probed by fewer facets, what those show is a suspicion:
 * the body's own facets near each place are then looked at.
 */
export function overlapsOf(mesh: Mesh, probe: Probed): number {
  const suspected = overlaps(probe.mesh, probe.bvh);
  if (suspected.edges === 0 || probe.mesh === mesh) return suspected.edges;
  const near = nearby(mesh, probe, suspected.facets);
  return near.triangles.length === 0 ? 0 : overlaps(near, buildBvh(near)).edges;
}

/** Facets of a body near some facets of what it is probed by. */
function nearby({ positions: p, triangles: t }: Mesh, probe: Probed, facets: Uint32Array): Mesh {
  const boxes = Array.from(facets.subarray(0, 200), (f) => {
    const corners = probe.mesh.triangles.subarray(3 * f, 3 * f + 3);
    const along = (k: number): number[] => Array.from(corners, (c) => probe.mesh.positions[3 * c + k]!);
    const room = ROUND_IT * probe.off_mm;
    return [0, 1, 2].map((k) => [Math.min(...along(k)) - room, Math.max(...along(k)) + room] as const);
  });
  const out: number[] = [];
  for (let s = 0; s < t.length; s += 3) {
    const [a, b, c] = [3 * t[s]!, 3 * t[s + 1]!, 3 * t[s + 2]!];
    const within = boxes.some((box) =>
      box.every(
        ([low, high], k) =>
          Math.min(p[a + k]!, p[b + k]!, p[c + k]!) <= high && Math.max(p[a + k]!, p[b + k]!, p[c + k]!) >= low,
      ),
    );
    if (within) out.push(t[s]!, t[s + 1]!, t[s + 2]!);
  }
  return { positions: p, triangles: Uint32Array.from(out) };
}
