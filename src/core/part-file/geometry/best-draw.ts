import { spiral, type PlacedBox } from './box';
import { bendsOutward } from './convex';
import type { Edges } from './edges';
import { facetNormals, type Mesh, type Vec } from './mesh';
import { Openness } from './openness';
import { PLACES, spreadOverArea } from './sampling';
import type { Seen } from './seen';
import { undercuts } from './undercut';
import { type UndercutFound } from './undercut-types';
import { cross, dot, length, pointed, unitOf } from './vector';
import { partOf, UNHURRIED, type Cut, type Work } from './work';

/** Where a draw that was tried comes from, in the order in which the first of equals is taken. */
export type DrawClass = 'file-axis' | 'box-axis' | 'face' | 'hole' | 'spread';

/** A way to open the mould that was tried. */
export interface DrawTried {
  readonly direction: Vec;
  readonly from: DrawClass;
  /** Surface that neither half releases, mm². */
  readonly undercut_mm2: number;
  /** Counted only for the draws that stood among the best; null for the others. */
  readonly slides: number | null;
  readonly cores: number | null;
  readonly closedVoids: number | null;
}

const DEG = Math.PI / 180;
/** Two directions nearer than this are one. */
const SAME = Math.cos(0.5 * DEG);
/** Facets and holes point alike within this. */
const ALIKE = Math.cos(4 * DEG);
const MOST_OF_A_CLASS = 6;
const SPREAD = 60;
/** Edges whose facets turn against each other between these angles are bent walls. */
const BENT = [Math.cos(35 * DEG), Math.cos(1 * DEG)] as const;
/** Places a draw is first judged at. */
const JUDGED_AT = 2000;
/** Of so many places one is looked at first, and draws within this of the least are then judged at all. */
const GLANCE = 4;
const AGAIN = 16;
const HOPEFUL = [2, 0.02] as const;
/** Undercut within this of the least counts as equal to it: share of the least, and of the whole surface. */
const EQUAL = [0.2, 0.001] as const;
/** Most draws whose undercuts are counted out. */
const COUNTED = 8;
/** The same for files from so many facets on: each costs more there. */
const COUNTED_OF = [
  [400_000, 2],
  [12_000, 4],
] as const;

interface Candidate {
  readonly direction: Vec;
  readonly from: DrawClass;
  /** Whether the part itself points that way: a box, a face or a hole does. */
  readonly own: boolean;
}

/**
 * Draws worth trying, in class order: axes of the file, of the smallest box (null for none), of the largest faces, of bent walls, and
 * sixty spread over the half sphere. Source: the formula book, geo.best-draw; Woo and Chen, visibility maps.
 *
 * @example
 * drawCandidates(mesh, checked.edges, measures.smallestBox).slice(0, 3).map((c) => c.direction) // [[1, 0, 0], [0, 1, 0], [0, 0, 1]]
 */
export function drawCandidates(mesh: Mesh, edges: Edges, box: PlacedBox | null): Candidate[] {
  const out: { direction: Vec; from: DrawClass; own: boolean }[] = [];
  const add = (d: Vec, from: DrawClass): void => {
    const direction = pointed(unitOf(d));
    if (length(direction) === 0) return;
    const own = from === 'box-axis' || from === 'face' || from === 'hole';
    const known = out.find((o) => Math.abs(dot(o.direction, direction)) >= SAME);
    if (known === undefined) out.push({ direction, from, own });
    else known.own ||= own;
  };
  for (const axis of [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ] as const)
    add(axis, 'file-axis');
  for (const axis of box?.axes ?? []) add(axis, 'box-axis');
  const { normals, areas } = facetNormals(mesh);
  const facesOf: { d: Vec; weight: number }[] = [];
  for (let f = 0; f < areas.length; f++)
    facesOf.push({ d: [normals[3 * f]!, normals[3 * f + 1]!, normals[3 * f + 2]!], weight: areas[f]! });
  for (const d of clusters(facesOf)) add(d, 'face');
  for (const d of clusters(bentEdges(edges, normals))) add(d, 'hole');
  for (const d of spiral(SPREAD)) add(d, 'spread');
  return out;
}

/** Directions that carry most weight, lines alike taken together. */
function clusters(list: readonly { readonly d: Vec; readonly weight: number }[]): Vec[] {
  const found: { sum: [number, number, number]; first: Vec; weight: number }[] = [];
  const step = Math.max(1, Math.floor(list.length / 20_000));
  for (let i = 0; i < list.length; i += step) {
    const { d, weight } = list[i]!;
    if (weight === 0 || length(d) === 0) continue;
    const known = found.find((c) => Math.abs(dot(c.first, d)) > ALIKE);
    if (known === undefined) {
      if (found.length < 200) found.push({ sum: [d[0] * weight, d[1] * weight, d[2] * weight], first: d, weight });
      continue;
    }
    const sign = dot(known.first, d) < 0 ? -weight : weight;
    for (let k = 0; k < 3; k++) known.sum[k]! += d[k]! * sign;
    known.weight += weight;
  }
  return found
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_OF_A_CLASS)
    .map((c) => unitOf(c.sum));
}

/** Edges of bent walls, as directions of the axes they stand for, weighted by their length. */
function bentEdges({ twins }: Edges, normals: Float64Array): { d: Vec; weight: number }[] {
  const normal = (f: number): Vec => [normals[3 * f]!, normals[3 * f + 1]!, normals[3 * f + 2]!];
  const out: { d: Vec; weight: number }[] = [];
  const step = Math.max(1, Math.floor(twins.length / 120_000));
  for (let s = 0; s < twins.length; s += step) {
    const twin = twins[s]!;
    if (twin <= s) continue;
    const [a, b] = [normal(Math.floor(s / 3)), normal(Math.floor(twin / 3))];
    const along = dot(a, b);
    if (along < BENT[0] || along > BENT[1]) continue;
    const axis = cross(a, b);
    out.push({ d: unitOf(axis), weight: length(axis) });
  }
  return out;
}

/** The draws tried, best first, and what was cut short. */
export interface DrawsFound {
  readonly draws: readonly DrawTried[];
  readonly cuts: readonly Cut[];
}

/**
 * The draws tried, best first: least undercut, what is within 20 % of it and 0.1 % of the surface counting as equal;
 * among those fewest cores and voids, then fewest slides, then class order. The best of those tried, not a proof.
 * @param edges of the mesh @param box its smallest box, where it has one
 * @example
 * bestDraws(mesh, checked.edges, measures.smallestBox, body.seen).draws[0].cores // 0
 */
export function bestDraws(
  mesh: Mesh,
  edges: Edges,
  box: PlacedBox | null,
  seen: Seen,
  work: Work = UNHURRIED,
): DrawsFound {
  const { fine, rough, diagonal, off_mm } = seen;
  const sample = spreadOverArea(fine.areas, JUDGED_AT, fine.order);
  const candidates = drawCandidates(mesh, edges, box);
  // What bends outward everywhere traps nothing along any draw.
  const convex = seen.shells.count === 1 && bendsOutward(mesh, edges, diagonal);
  const judge = (d: Vec, step: number): number => {
    if (convex) return 0;
    const open = new Openness(fine, rough, d, diagonal, sample.facets.length / step, off_mm);
    let area = 0;
    for (let i = 0; i < sample.facets.length; i += step)
      if (open.halfFor(sample.facets[i]!, PLACES[0]!) === 2) area += step * sample.weights[i]!;
    return area;
  };
  const judged: ((typeof candidates)[number] & { readonly order: number; area: number })[] = [];
  for (const [order, c] of candidates.entries()) {
    work.progress((0.4 * order) / candidates.length);
    if (order > 0 && work.over()) break;
    judged.push({ ...c, order, area: judge(c.direction, GLANCE) });
  }
  // A glance at a few places tells those that are far behind; the first and the best of the others are looked at at all.
  const hopeful = HOPEFUL[0] * leastOf(judged) + HOPEFUL[1] * fine.area_mm2;
  const again = new Set([
    ...judged.filter((j) => j.area <= hopeful).slice(0, AGAIN),
    ...judged.toSorted((a, b) => a.area - b.area).slice(0, AGAIN / 2),
  ]);
  for (const j of again) if (!work.over()) j.area = judge(j.direction, 1);
  const margin = EQUAL[1] * fine.area_mm2;
  const looked = judged.filter((j) => again.has(j));
  const least = leastOf(looked);
  // A sample of places is coarse: more than those equal by it are counted out, and equality is judged again after.
  const most = COUNTED_OF.find(([facets]) => mesh.triangles.length / 3 >= facets)?.[1] ?? COUNTED;
  const equal = looked
    .filter((j) => j.area <= least * (1 + 2 * EQUAL[0]) + 6 * margin)
    .sort((a, b) => a.order - b.order);
  // An axis of the file that the part itself does not follow waits behind those it does.
  const near = equal.toSorted((a, b) => Number(b.own) - Number(a.own)).slice(0, most);
  // The one that seems least of all is counted out whatever its order.
  const seemsLeast = equal.find((j) => j.area === least);
  if (seemsLeast !== undefined && !near.includes(seemsLeast)) near[near.length - 1] = seemsLeast;
  near.sort((a, b) => a.order - b.order);
  const counted: ((typeof near)[number] & { readonly found: UndercutFound })[] = [];
  for (const [i, j] of near.entries()) {
    if (i > 0 && work.over()) break;
    const part = partOf(work, 0.6 + (0.4 * i) / near.length, 0.6 + (0.4 * (i + 1)) / near.length);
    const found = undercuts(seen, j.direction, part);
    counted.push({ ...j, area: found.area_mm2, found });
    // Nothing trapped: no later draw can stand before it.
    if (found.area_mm2 === 0) break;
  }
  const floor = leastOf(counted) * (1 + EQUAL[0]) + margin;
  const tried = (c: (typeof counted)[number]): DrawTried => ({
    direction: c.direction,
    from: c.from,
    undercut_mm2: c.area,
    slides: c.found.slides,
    cores: c.found.cores,
    closedVoids: c.found.closedVoids,
  });
  const rank = (c: (typeof counted)[number]): readonly number[] => [
    c.area <= floor ? 0 : c.area,
    c.area <= floor ? c.found.cores + c.found.closedVoids : 0,
    c.area <= floor ? c.found.slides : 0,
    c.order,
  ];
  counted.sort((a, b) => {
    const [x, y] = [rank(a), rank(b)];
    for (let k = 0; k < 4; k++) if (x[k] !== y[k]) return x[k]! - y[k]!;
    return 0;
  });
  const rest = judged
    .filter((j) => counted.every((c) => c.order !== j.order))
    .sort((a, b) => a.area - b.area)
    .map((j) => ({
      direction: j.direction,
      from: j.from,
      undercut_mm2: j.area,
      slides: null,
      cores: null,
      closedVoids: null,
    }));
  work.progress(1);
  const cuts: Cut[] = [];
  if (judged.length < candidates.length) cuts.push({ what: 'draws tried', done: judged.length, of: candidates.length });
  const ended = counted.some((c) => c.area === 0);
  if (counted.length < near.length && !ended)
    cuts.push({ what: 'draws counted out', done: counted.length, of: near.length });
  return { draws: [...counted.map(tried), ...rest], cuts };
}

const leastOf = (list: readonly { readonly area: number }[]): number =>
  list.reduce((least, { area }) => Math.min(least, area), Infinity);
