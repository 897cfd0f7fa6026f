import type { Edges } from './edges';
import type { Mesh } from './mesh';

/** Facets that turn against each other by no more than this are cut from one round wall: cos 35°. */
const SMOOTH = Math.cos((35 * Math.PI) / 180);
/** Below this they lie in one plane: cos 0.4°. */
const FLAT = Math.cos((0.4 * Math.PI) / 180);
/** Facets at one corner beyond which it is the hub of a fan: its facets keep their own normals. */
const FAN = 48;
/** A facet so many times smaller than another is no neighbour on its round: a fillet beside a flat face. */
const LIKE_SIZE = 20;
/** Share of a facet's bow that it may stand off its round wall, both sides together. */
const BOWED = 1.5;

/** Round walls behind flat facets: normals bent from facet to facet, and how far each facet stands within its round. */
export interface Smooth {
  /** How far each facet may stand within the wall it is cut from, mm. */
  readonly sag: Float32Array;
  /** Writes the outward unit normal of the round wall at a point of a facet. */
  normalAt(facet: number, x: number, y: number, z: number, out: Float64Array): void;
}

/**
 * Reads the round walls out of a mesh. @param normals outward unit normals of its facets, three a facet @param areas mm²
 * @example
 * smoothOf(mesh, checked.edges, body.probe.normals, body.fine.areas).sag[0] // 0
 */
export function smoothOf(mesh: Mesh, { twins }: Edges, normals: Float64Array, areas: Float64Array): Smooth {
  const { positions: p, triangles: t } = mesh;
  const facets = t.length / 3;
  const sag = new Float32Array(facets);
  const long = (f: number, k: number): number => {
    const a = 3 * t[3 * f + k]!;
    const b = 3 * t[3 * f + ((k + 1) % 3)]!;
    return Math.sqrt((p[b]! - p[a]!) ** 2 + (p[b + 1]! - p[a + 1]!) ** 2 + (p[b + 2]! - p[a + 2]!) ** 2);
  };
  for (let f = 0; f < facets; f++)
    for (let k = 0; k < 3; k++) {
      const twin = twins[3 * f + k]!;
      if (twin < 0) continue;
      const g = Math.floor(twin / 3);
      const along = cosine(normals, f, g);
      if (along < SMOOTH || along > FLAT) continue;
      // A chord as wide as the narrower of the two, turned by that angle at its end: a flat face that runs into a
      // fillet is no wider a chord than the fillet's own facets.
      const wide = (2 * Math.min(areas[f]!, areas[g]!)) / (long(f, k) || 1);
      const bow = (BOWED * wide * Math.acos(Math.min(1, along))) / 8;
      if (bow > sag[f]!) sag[f] = bow;
    }
  const starts = new Uint32Array(p.length / 3 + 1);
  for (let i = 0; i < t.length; i++) starts[t[i]! + 1]!++;
  for (let i = 1; i < starts.length; i++) starts[i]! += starts[i - 1]!;
  const next = starts.slice();
  const at = new Uint32Array(t.length);
  for (let i = 0; i < t.length; i++) at[next[t[i]!]!++] = Math.floor(i / 3);

  /** Normal of the round at a corner of a facet: of the facets there that are cut from the same round. */
  const corner = new Float64Array(3);
  const atCorner = (f: number, c: number): void => {
    corner.fill(0);
    const [from, to] = [starts[c]!, starts[c + 1]!];
    for (let i = from; i < to && to - from <= FAN; i++) {
      const g = at[i]!;
      if (cosine(normals, f, g) < SMOOTH || areas[g]! * LIKE_SIZE < areas[f]!) continue;
      const w = angleAt(mesh, g, c);
      for (let k = 0; k < 3; k++) corner[k]! += normals[3 * g + k]! * w;
    }
    const l = Math.sqrt(corner[0]! ** 2 + corner[1]! ** 2 + corner[2]! ** 2);
    for (let k = 0; k < 3; k++) corner[k] = l > 0 ? corner[k]! / l : normals[3 * f + k]!;
  };
  const weights = new Float64Array(3);
  return {
    sag,
    normalAt(f, x, y, z, out) {
      for (let k = 0; k < 3; k++) out[k] = normals[3 * f + k]!;
      if (sag[f] === 0) return;
      weightsOn(mesh, f, x, y, z, weights);
      const sum: [number, number, number] = [0, 0, 0];
      for (let k = 0; k < 3; k++) {
        atCorner(f, t[3 * f + k]!);
        for (let c = 0; c < 3; c++) sum[c]! += corner[c]! * weights[k]!;
      }
      const l = Math.sqrt(sum[0] ** 2 + sum[1] ** 2 + sum[2] ** 2);
      if (l > 0) for (let k = 0; k < 3; k++) out[k] = sum[k]! / l;
    },
  };
}

const cosine = (normals: Float64Array, f: number, g: number): number =>
  normals[3 * f]! * normals[3 * g]! +
  normals[3 * f + 1]! * normals[3 * g + 1]! +
  normals[3 * f + 2]! * normals[3 * g + 2]!;

/** Angle of a facet at one of its corners, rad. */
function angleAt({ positions: p, triangles: t }: Mesh, f: number, corner: number): number {
  const k = t[3 * f] === corner ? 0 : t[3 * f + 1] === corner ? 1 : 2;
  const a = 3 * corner;
  const b = 3 * t[3 * f + ((k + 1) % 3)]!;
  const c = 3 * t[3 * f + ((k + 2) % 3)]!;
  const [ux, uy, uz] = [p[b]! - p[a]!, p[b + 1]! - p[a + 1]!, p[b + 2]! - p[a + 2]!];
  const [vx, vy, vz] = [p[c]! - p[a]!, p[c + 1]! - p[a + 1]!, p[c + 2]! - p[a + 2]!];
  const l = Math.sqrt((ux * ux + uy * uy + uz * uz) * (vx * vx + vy * vy + vz * vz));
  return l > 0 ? Math.acos(Math.max(-1, Math.min(1, (ux * vx + uy * vy + uz * vz) / l))) : 0;
}

/** Weights of a facet's corners at a point of its plane. */
function weightsOn(
  { positions: p, triangles: t }: Mesh,
  f: number,
  x: number,
  y: number,
  z: number,
  out: Float64Array,
): void {
  const [a, b, c] = [3 * t[3 * f]!, 3 * t[3 * f + 1]!, 3 * t[3 * f + 2]!];
  const [ux, uy, uz] = [p[b]! - p[a]!, p[b + 1]! - p[a + 1]!, p[b + 2]! - p[a + 2]!];
  const [vx, vy, vz] = [p[c]! - p[a]!, p[c + 1]! - p[a + 1]!, p[c + 2]! - p[a + 2]!];
  const [wx, wy, wz] = [x - p[a]!, y - p[a + 1]!, z - p[a + 2]!];
  const uu = ux * ux + uy * uy + uz * uz;
  const vv = vx * vx + vy * vy + vz * vz;
  const uv = ux * vx + uy * vy + uz * vz;
  const wu = wx * ux + wy * uy + wz * uz;
  const wv = wx * vx + wy * vy + wz * vz;
  const det = uu * vv - uv * uv;
  const s = det > 0 ? (wu * vv - wv * uv) / det : 0;
  const r = det > 0 ? (wv * uu - wu * uv) / det : 0;
  out[0] = 1 - s - r;
  out[1] = s;
  out[2] = r;
}
