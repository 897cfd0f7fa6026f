import { judged, type CheckedMesh } from './check';
import { MANY_TWINS } from './edges';
import type { RepairedMesh } from './repair-types';
import { cornerAt, type Mesh } from './mesh';
import { cross, dot, frameOf, minus, unitOf } from './vector';

/**
 * A surface with edges of more than two facets, parted along them: around each such edge, facets with metal between
 * them stay together. Null where that is not plain (an odd count, or facets not wound alike) or does not close it.
 */
export function partBodies(checked: CheckedMesh): RepairedMesh | null {
  const { mesh, edges } = checked;
  const twins = edges.twins.slice();
  for (const sides of crowdedEdges(mesh, twins)) {
    const pairs = pairsOf(mesh, sides);
    if (pairs === null) return null;
    for (const [a, b] of pairs) {
      twins[a] = b;
      twins[b] = a;
    }
  }
  const parted = judged(unjoined(mesh, twins));
  return { repair: 'bodies-parted', pieces: parted.shells.count, filled_mm2: 0, checked: parted };
}

/** Sides on each edge of more than two facets. */
function crowdedEdges(mesh: Mesh, twins: Int32Array): number[][] {
  const { triangles: t, positions } = mesh;
  const corners = positions.length / 3;
  const groups = new Map<number, number[]>();
  for (let s = 0; s < t.length; s++) {
    if (twins[s] !== MANY_TWINS) continue;
    const [a, b] = ends(t, s);
    const key = Math.min(a, b) * corners + Math.max(a, b);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [s]);
    else group.push(s);
  }
  return [...groups.values()];
}

/** Sides around an edge, two and two with metal between; null where they do not take turns. */
function pairsOf(mesh: Mesh, sides: readonly number[]): [number, number][] | null {
  const { triangles: t } = mesh;
  const low = Math.min(...ends(t, sides[0]!));
  const high = Math.max(...ends(t, sides[0]!));
  const from = cornerAt(mesh, low);
  const axis = unitOf(minus(cornerAt(mesh, high), from));
  const { u } = frameOf(axis);
  const v = cross(axis, u);
  const around = sides
    .map((s) => {
      const third = t[s - (s % 3) + ((s + 2) % 3)]!;
      const w = minus(cornerAt(mesh, third), from);
      return { s, forward: t[s] === low, angle: Math.atan2(dot(w, v), dot(w, u)) };
    })
    .sort((a, b) => a.angle - b.angle);
  // Turning on from a facet that runs back along the edge one enters metal; the next to run forward ends it.
  const pairs: [number, number][] = [];
  for (const [i, one] of around.entries()) {
    if (one.forward) continue;
    const next = around[(i + 1) % around.length]!;
    if (!next.forward) return null;
    pairs.push([one.s, next.s]);
  }
  return 2 * pairs.length === sides.length ? pairs : null;
}

/** The facets with corners shared only where a chain of joined facets shares them. */
function unjoined(mesh: Mesh, twins: Int32Array): Mesh {
  const { triangles: t, positions: p } = mesh;
  const root = Uint32Array.from(t, (_, i) => i);
  const find = (i: number): number => {
    let at = i;
    while (root[at] !== at) at = root[at] = root[root[at]!]!;
    return at;
  };
  const next = (s: number): number => (s % 3 === 2 ? s - 2 : s + 1);
  twins.forEach((twin, s) => {
    if (twin < 0) return;
    const same = t[s] === t[twin];
    root[find(s)] = find(same ? twin : next(twin));
    root[find(next(s))] = find(same ? next(twin) : twin);
  });
  const cornerOf = new Map<number, number>();
  const triangles = new Uint32Array(t.length);
  const positions: number[] = [];
  for (let i = 0; i < t.length; i++) {
    const key = find(i);
    let corner = cornerOf.get(key);
    if (corner === undefined) {
      corner = positions.length / 3;
      cornerOf.set(key, corner);
      positions.push(p[3 * t[i]!]!, p[3 * t[i]! + 1]!, p[3 * t[i]! + 2]!);
    }
    triangles[i] = corner;
  }
  return { positions: Float64Array.from(positions), triangles };
}

const ends = (t: Uint32Array, s: number): [number, number] => [t[s]!, t[s % 3 === 2 ? s - 2 : s + 1]!];
