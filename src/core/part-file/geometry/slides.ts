import type { Vec } from './mesh';
import { Openness } from './openness';
import type { FineMesh } from './sampling';
import type { Seen } from './seen';
import { cross, dot, frameOf, length, plus, scaled, unitOf } from './vector';

/** Directions square to the draw that a slide is tried in, and the step between them. */
const SIDE_STEP_DEG = 5;
/** Directions of the regions' own walls tried beside those, at most, and facets of a region that name some. */
const MOST_OWN = 30;
const NAMED_BY = 12;
/** Most facets of a region asked about each direction of a slide. */
const MOST_ASKED = 120;
/** Directions nearer than this are one: cos 0.02°. */
const ALIKE = 1 - 6e-8;
/** Questions asked for all regions of a draw, at most. */
const MOST_QUESTIONS = 40_000;
/** Lines kept that two opposed slides free a region along, at most. */
const MOST_PAIRS = 6;

/** How a region is freed: by which of the lines tried, and in which sense. */
export interface Freed {
  readonly release: 'slide' | 'two-slides' | 'core';
  /** Unit direction of the slide; null where none frees it. */
  readonly slide: Vec | null;
}

/** What frees the regions of a draw, and how many slides that takes in all. */
export interface SlidesFound {
  /** One for each region, in their order. */
  readonly regions: readonly Freed[];
  /** Slides in all: regions that one direction frees share a slide. */
  readonly slides: number;
  /** Regions looked at; the rest, where questions ran out, is taken for cores. */
  readonly looked: number;
}

/**
 * Looks for slides square to a draw that free what it traps. Each region is asked about directions every 5° and about
 * those along and square to the regions' own largest walls, for walls of a straight hole bar every direction but their
 * own. Then as few directions as may be are chosen, each the one that frees most of what is left.
 * Source: the formula book, geo.undercut; a region's slide there is counted for each region.
 * @param regions facets of each, largest region first
 */
export function slidesFor(
  { fine, rough, diagonal, off_mm }: Seen,
  d: Vec,
  regions: readonly (readonly number[])[],
  over: () => boolean = () => false,
): SlidesFound {
  const lines = linesFor(fine, d, regions);
  const open = new Map<number, Openness>();
  const openness = (line: number): Openness => {
    const known = open.get(line);
    if (known !== undefined) return known;
    const made = new Openness(fine, rough, lines[line]!, diagonal, 0, off_mm);
    open.set(line, made);
    return made;
  };
  let questions = 0;
  let looked = 0;
  /** Of each region: senses of each line that free it (1, 2, or 3 for both), and lines that two opposed slides free it in. */
  const single: Uint8Array[] = [];
  const pairs: number[][] = [];
  for (const facets of regions) {
    const free = new Uint8Array(lines.length);
    const two: number[] = [];
    single.push(free);
    pairs.push(two);
    if (questions > MOST_QUESTIONS || over()) continue;
    looked++;
    const asked = scattered(facets, MOST_ASKED);
    let freed = false;
    for (let line = 0; line < lines.length; line++) {
      const o = openness(line);
      // How the facets lean rules most lines out before any is looked along.
      let senses = 3;
      for (let i = 0; i < asked.length && senses !== 0; i++) {
        if ((senses & 1) !== 0 && !o.leans(asked[i]!, 1)) senses &= 2;
        if ((senses & 2) !== 0 && !o.leans(asked[i]!, -1)) senses &= 1;
      }
      for (let i = 0; i < asked.length && senses !== 0; i++) {
        questions++;
        if ((senses & 1) !== 0 && !o.freed(asked[i]!, 1)) senses &= 2;
        if ((senses & 2) !== 0 && !o.freed(asked[i]!, -1)) senses &= 1;
      }
      free[line] = senses;
      freed ||= senses !== 0;
    }
    for (let line = 0; line < lines.length && !freed && two.length < MOST_PAIRS; line++) {
      const o = openness(line);
      const either = asked.every((f) => {
        questions++;
        return o.freed(f, 1) || o.freed(f, -1);
      });
      if (either) two.push(line);
    }
  }
  const chosen = new Set<string>();
  const name = (line: number, sense: number): string => `${line} ${sense}`;
  const out = new Array<Freed>(regions.length).fill({ release: 'core', slide: null });
  const left = new Set(regions.keys());
  for (;;) {
    // The direction that frees most of what is left; of equals the first.
    let best = { line: -1, sense: 0, frees: 0 };
    for (let line = 0; line < lines.length; line++)
      for (const sense of [1, 2]) {
        let frees = 0;
        for (const r of left) if ((single[r]![line]! & sense) !== 0) frees++;
        if (frees > best.frees) best = { line, sense, frees };
      }
    if (best.frees === 0) break;
    chosen.add(name(best.line, best.sense));
    const slide = best.sense === 1 ? lines[best.line]! : scaled(lines[best.line]!, -1);
    for (const r of left)
      if ((single[r]![best.line]! & best.sense) !== 0) {
        out[r] = { release: 'slide', slide };
        left.delete(r);
      }
  }
  for (const r of left) {
    const missing = (line: number): number => [1, 2].filter((sense) => !chosen.has(name(line, sense))).length;
    const line = pairs[r]!.reduce((best, l) => (best < 0 || missing(l) < missing(best) ? l : best), -1);
    if (line < 0) continue;
    chosen.add(name(line, 1)).add(name(line, 2));
    out[r] = { release: 'two-slides', slide: lines[line]! };
  }
  return { regions: out, slides: chosen.size, looked };
}

/** Facets of a region from all over it, far from one to the next: what bars a slide is met soon. */
function scattered(facets: readonly number[], most: number): number[] {
  const n = facets.length;
  const out: number[] = [];
  // By the golden section each next one falls into the widest gap left.
  for (let i = 0; i < Math.min(n, most); i++)
    out.push(n <= most ? facets[i]! : facets[Math.floor(n * ((i * GOLDEN) % 1))]!);
  return n <= most ? spreadOut(out) : out;
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** A short list in an order that jumps about. */
function spreadOut(list: readonly number[]): number[] {
  const n = list.length;
  const stride = [7, 11, 13, 17, 19, 23].find((k) => n % k !== 0) ?? 1;
  return list.map((_, i) => list[(i * stride) % n]!);
}

/** Lines square to a draw that slides are tried along. */
function linesFor(fine: FineMesh, d: Vec, regions: readonly (readonly number[])[]): Vec[] {
  const { u, v } = frameOf(d);
  const half = 180 / SIDE_STEP_DEG;
  const lines = Array.from({ length: half }, (_, i): Vec => {
    const angle = (i * SIDE_STEP_DEG * Math.PI) / 180;
    return plus(scaled(u, Math.cos(angle)), v, Math.sin(angle));
  });
  const most = half + MOST_OWN;
  for (const facets of regions) {
    if (lines.length >= most) break;
    const largest = largestOf(fine, facets, NAMED_BY);
    for (const f of largest) {
      const n: Vec = [fine.normals[3 * f]!, fine.normals[3 * f + 1]!, fine.normals[3 * f + 2]!];
      for (const s of [cross(n, d), plus(n, d, -dot(n, d))]) {
        if (length(s) < 0.05 || lines.length >= most) continue;
        const own = unitOf(s);
        if (lines.every((o) => Math.abs(dot(o, own)) < ALIKE)) lines.push(own);
      }
    }
  }
  return lines;
}

/** The largest facets of a region whose normals are distinguished, so that one flat wall does not fill the list. */
function largestOf(fine: FineMesh, facets: readonly number[], most: number): number[] {
  const out: number[] = [];
  const step = Math.max(1, Math.ceil(facets.length / 2000));
  const sample = facets.filter((_, i) => i % step === 0).sort((a, b) => fine.areas[b]! - fine.areas[a]!);
  for (const f of sample) {
    const alike = out.some(
      (g) =>
        fine.normals[3 * f]! * fine.normals[3 * g]! +
          fine.normals[3 * f + 1]! * fine.normals[3 * g + 1]! +
          fine.normals[3 * f + 2]! * fine.normals[3 * g + 2]! >
        ALIKE,
    );
    if (!alike) out.push(f);
    if (out.length >= most) break;
  }
  return out;
}
