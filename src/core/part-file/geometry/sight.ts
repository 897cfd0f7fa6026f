import type { Bvh } from './bvh';
import type { Mesh, Vec } from './mesh';
import { RayCaster } from './ray';
import { frameOf, pointed } from './vector';

/** Share of a facet by which a line may pass its edge and still meet it, so that none slips through between two. */
const EDGE = 1e-10;
/** Facets that stand nearer to the direction than this share of their own size cover nothing seen along it. */
const SLIVER = 1e-12;
/** Cells a side of the grid, at least and at most. */
const LEAST_CELLS = 8;
const MOST_CELLS = 700;
/** Entries kept over all directions: beyond, those asked longest ago are let go. */
const MOST_KEPT = 12_000_000;

/**
 * What stands in the way along one direction and against it. The facets are laid into a grid across the direction once;
 * a place then looks only at those over its own cell. Many places asked of one direction cost a tenth of as many rays.
 */
export class SightGrid {
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  private readonly h: Float64Array;
  private readonly u: Vec;
  private readonly v: Vec;
  private readonly cells: number;
  private readonly rows: number;
  private readonly x0: number;
  private readonly y0: number;
  private readonly scale: number;
  private readonly starts: Uint32Array;
  private readonly entries: Uint32Array;
  /** Highest and lowest corner of each entry's facet along the direction, mm: rounded outwards. */
  private readonly tops: Float32Array;
  private readonly feet: Float32Array;

  /** @param questions so many places will be asked about, about: a grid for few is made coarser, and sooner */
  constructor(
    private readonly mesh: Mesh,
    private readonly d: Vec,
    questions = Infinity,
  ) {
    const { positions: p, triangles: t } = mesh;
    const { u, v } = frameOf(d);
    this.u = u;
    this.v = v;
    const n = p.length / 3;
    const x = new Float64Array(n);
    const y = new Float64Array(n);
    const h = new Float64Array(n);
    let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
    for (let i = 0, k = 0; i < n; i++, k += 3) {
      const [a, b, c] = [p[k]!, p[k + 1]!, p[k + 2]!];
      const px = a * u[0] + b * u[1] + c * u[2];
      const py = a * v[0] + b * v[1] + c * v[2];
      x[i] = px;
      y[i] = py;
      h[i] = a * d[0] + b * d[1] + c * d[2];
      if (px < x0) x0 = px;
      if (px > x1) x1 = px;
      if (py < y0) y0 = py;
      if (py > y1) y1 = py;
    }
    [this.x, this.y, this.h] = [x, y, h];
    const facets = t.length / 3;
    const spread = Math.max(x1 - x0, y1 - y0) || 1;
    const finest = Math.min(MOST_CELLS, Math.max(LEAST_CELLS, Math.sqrt(facets * 2)));
    const wanted = cellsFor(finest, facets, this.reach() / Math.sqrt((x1 - x0) * (y1 - y0) || spread ** 2), questions);
    const cell = Math.max(
      spread / MOST_CELLS,
      Math.sqrt(((x1 - x0) * (y1 - y0)) / (wanted * wanted)) || spread / wanted,
    );
    this.scale = 1 / cell;
    this.x0 = x0;
    this.y0 = y0;
    this.cells = Math.max(1, Math.ceil((x1 - x0) / cell));
    this.rows = Math.max(1, Math.ceil((y1 - y0) / cell));
    this.starts = new Uint32Array(this.cells * this.rows + 1);
    const counts = this.starts;
    this.sweep(facets, (at) => counts[at + 1]!++);
    for (let i = 1; i < counts.length; i++) counts[i]! += counts[i - 1]!;
    const next = counts.slice();
    const entries = new Uint32Array(counts[counts.length - 1]!);
    this.entries = entries;
    this.sweep(facets, (at, f) => (entries[next[at]!++] = f));
    const tops = new Float32Array(entries.length);
    const feet = new Float32Array(entries.length);
    const room = 1e-6 * h.reduce((most, a) => Math.max(most, Math.abs(a)), 0);
    for (let e = 0; e < entries.length; e++) {
      const f = 3 * entries[e]!;
      const [a, b, c] = [h[t[f]!]!, h[t[f + 1]!]!, h[t[f + 2]!]!];
      tops[e] = (a > b ? (a > c ? a : c) : b > c ? b : c) + room;
      feet[e] = (a < b ? (a < c ? a : c) : b < c ? b : c) - room;
    }
    [this.tops, this.feet] = [tops, feet];
  }

  /** How far the facets reach across the direction, all together, mm. */
  private reach(): number {
    const { x, y } = this;
    const { triangles: t } = this.mesh;
    let sum = 0;
    for (let i = 0; i < t.length; i += 3) {
      const a = t[i]!;
      const b = t[i + 1]!;
      const c = t[i + 2]!;
      // Half the way round a facet along both axes is what it spans of each.
      sum +=
        Math.abs(x[b]! - x[a]!) +
        Math.abs(y[b]! - y[a]!) +
        Math.abs(x[c]! - x[b]!) +
        Math.abs(y[c]! - y[b]!) +
        Math.abs(x[a]! - x[c]!) +
        Math.abs(y[a]! - y[c]!);
    }
    return sum / 2;
  }

  /** Facet entries of the grid: what it takes to keep. */
  get size(): number {
    return 2 * this.entries.length + this.starts.length + 6 * this.x.length;
  }

  /** Whether the surface bars a place from the outside along the direction. Coordinates mm. */
  bars(px: number, py: number, pz: number): boolean {
    return this.meets(px, py, pz, 1);
  }

  /** The same against the direction. */
  barsBack(px: number, py: number, pz: number): boolean {
    return this.meets(px, py, pz, -1);
  }

  private meets(px: number, py: number, pz: number, sign: number): boolean {
    const { u, v, d, x, y, h, entries, starts, tops, feet } = this;
    const { triangles: t } = this.mesh;
    const qx = px * u[0] + py * u[1] + pz * u[2];
    const qy = px * v[0] + py * v[1] + pz * v[2];
    const height = px * d[0] + py * d[1] + pz * d[2];
    const qh = sign * height;
    const i = Math.floor((qx - this.x0) * this.scale);
    const j = Math.floor((qy - this.y0) * this.scale);
    // Beyond the rim by a hair of rounding, the outermost cell knows all the same.
    if (i < -1 || j < -1 || i > this.cells || j > this.rows) return false;
    const at = Math.min(this.rows - 1, Math.max(0, j)) * this.cells + Math.min(this.cells - 1, Math.max(0, i));
    for (let e = starts[at]!, end = starts[at + 1]!; e < end; e++) {
      if (sign > 0 ? tops[e]! <= height : feet[e]! >= height) continue;
      const f = 3 * entries[e]!;
      const a = t[f]!;
      const b = t[f + 1]!;
      const c = t[f + 2]!;
      const ha = sign * h[a]!;
      const hb = sign * h[b]!;
      const hc = sign * h[c]!;
      if (ha <= qh && hb <= qh && hc <= qh) continue;
      const ax = x[a]! - qx;
      const ay = y[a]! - qy;
      const bx = x[b]! - qx;
      const by = y[b]! - qy;
      const cx = x[c]! - qx;
      const cy = y[c]! - qy;
      const wc = ax * by - ay * bx;
      const wa = bx * cy - by * cx;
      const wb = cx * ay - cy * ax;
      const sum = wa + wb + wc;
      const slack = EDGE * Math.abs(sum);
      if (sum > 0 ? wa < -slack || wb < -slack || wc < -slack : wa > slack || wb > slack || wc > slack) continue;
      if (sum === 0) continue;
      if ((wa * ha + wb * hb + wc * hc) / sum > qh) return true;
    }
    return false;
  }

  /** Calls back for every cell that a facet covers some of, row by row. */
  private sweep(facets: number, put: (cell: number, facet: number) => void): void {
    const { x, y, scale, x0, y0, cells, rows } = this;
    const { triangles: t } = this.mesh;
    for (let f = 0; f < facets; f++) {
      const [a, b, c] = [t[3 * f]!, t[3 * f + 1]!, t[3 * f + 2]!];
      const ax = (x[a]! - x0) * scale;
      const ay = (y[a]! - y0) * scale;
      const bx = (x[b]! - x0) * scale;
      const by = (y[b]! - y0) * scale;
      const cx = (x[c]! - x0) * scale;
      const cy = (y[c]! - y0) * scale;
      const area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
      const span = Math.abs(bx - ax) + Math.abs(by - ay) + Math.abs(cx - ax) + Math.abs(cy - ay);
      if (Math.abs(area) <= SLIVER * span * span) continue;
      const low = Math.min(ay, by, cy);
      const high = Math.max(ay, by, cy);
      const j0 = Math.min(rows - 1, Math.max(0, Math.floor(low - RIM)));
      const j1 = Math.min(rows - 1, Math.max(0, Math.floor(high + RIM)));
      const left = Math.min(ax, bx, cx);
      const right = Math.max(ax, bx, cx);
      for (let j = j0; j <= j1; j++) {
        let from = left;
        let to = right;
        if (j1 > j0) {
          from = Infinity;
          to = -Infinity;
          const [l, r] = [j - RIM, j + 1 + RIM];
          // What of each side lies within the row.
          for (let side = 0; side < 3; side++) {
            const sx = side === 0 ? ax : side === 1 ? bx : cx;
            const sy = side === 0 ? ay : side === 1 ? by : cy;
            const ex = side === 0 ? bx : side === 1 ? cx : ax;
            const ey = side === 0 ? by : side === 1 ? cy : ay;
            if ((sy < l && ey < l) || (sy > r && ey > r)) continue;
            const dy = ey - sy;
            let x1 = sx;
            let x2 = ex;
            if (dy !== 0) {
              const slope = (ex - sx) / dy;
              if (sy < l) x1 = sx + (l - sy) * slope;
              else if (sy > r) x1 = sx + (r - sy) * slope;
              if (ey < l) x2 = sx + (l - sy) * slope;
              else if (ey > r) x2 = sx + (r - sy) * slope;
            }
            if (x1 < from) from = x1;
            if (x1 > to) to = x1;
            if (x2 < from) from = x2;
            if (x2 > to) to = x2;
          }
          if (to < from) continue;
        }
        const i0 = Math.min(cells - 1, Math.max(0, Math.floor(from - RIM)));
        const i1 = Math.min(cells - 1, Math.max(0, Math.floor(to + RIM)));
        for (let i = i0; i <= i1; i++) put(j * cells + i, f);
      }
    }
  }
}

/** Laying a facet into a cell takes so many times as long as looking at one. */
const LAID = 3;

/**
 * Cells a side for which making a grid and asking it take the least time together: long facets lie in many cells, and are
 * laid into fewer where few places will be asked about.
 * @param finest cells a side at most @param reach of all facets, in lengths of a side
 */
function cellsFor(finest: number, facets: number, reach: number, questions: number): number {
  let best = finest;
  let least = Infinity;
  for (let cells = finest; cells >= LEAST_CELLS; cells /= 1.4) {
    const entries = facets + reach * cells;
    const cost = entries * (LAID + questions / (cells * cells));
    if (cost < least) [best, least] = [cells, cost];
  }
  return best;
}

/** Share of a cell by which a facet reaches over its rim, so that rounding hides none. */
const RIM = 1e-6;

/** Questions after which a direction gets a grid of its own, as a share of the facets. */
const WORTH_A_GRID = 0.1;
/** Where so many have been asked unannounced, so many times as many are taken to follow. */
const MORE_TO_COME = 2;
/** A grid made for few questions is made anew for so many times as many. */
const FINER_FROM = 5;

/** What bars places along one line, either way: by rays while few ask, by a grid once many have. */
export class Sight {
  private grid: SightGrid | null = null;
  private asked = 0;
  /** Questions the grid was made for. */
  private madeFor = 0;
  private readonly worth: number;

  constructor(
    private readonly mesh: Mesh,
    private readonly caster: RayCaster | null,
    private readonly d: Vec,
  ) {
    this.worth = (WORTH_A_GRID * mesh.triangles.length) / 3;
  }

  /** Says that so many questions are coming. */
  expect(questions: number): void {
    if (questions < this.worth || (this.grid !== null && questions <= FINER_FROM * this.madeFor)) return;
    this.madeFor = questions;
    this.grid = new SightGrid(this.mesh, this.d, questions);
  }

  /** Whether the surface bars a place from the outside along the line (1) or against it (-1). Coordinates mm. */
  bars(x: number, y: number, z: number, way: 1 | -1): boolean {
    if (this.grid === null) {
      if (this.caster !== null && ++this.asked < this.worth) {
        const { d } = this;
        return this.caster.cast(x, y, z, way * d[0], way * d[1], way * d[2], 0, true).facet >= 0;
      }
      this.madeFor = MORE_TO_COME * this.worth;
      this.grid = new SightGrid(this.mesh, this.d, this.madeFor);
    }
    return way === 1 ? this.grid.bars(x, y, z) : this.grid.barsBack(x, y, z);
  }

  /** What it takes to keep, in figures. */
  get size(): number {
    return this.grid?.size ?? 0;
  }
}

/** Sights by direction, kept while there is room: draws and slides ask the same directions again and again. */
export class Sights {
  private readonly kept = new Map<string, Sight>();
  private readonly caster: RayCaster | null;

  /** @param bvh a tree for the first few questions of a direction; null where there is none, then a grid answers all */
  constructor(
    readonly mesh: Mesh,
    bvh: Bvh | null,
  ) {
    this.caster = bvh === null ? null : new RayCaster(bvh);
  }

  /** The sight along a line, and whether the direction asked runs against it. @param d unit direction */
  along(d: Vec): { readonly sight: Sight; readonly back: boolean } {
    const line = pointed(d);
    const back = line[0] * d[0] + line[1] * d[1] + line[2] * d[2] < 0;
    const key = line.map((x) => x.toFixed(9)).join(' ');
    const known = this.kept.get(key);
    if (known !== undefined) {
      this.kept.delete(key);
      this.kept.set(key, known);
      return { sight: known, back };
    }
    let held = 0;
    for (const sight of this.kept.values()) held += sight.size;
    for (const [old, sight] of this.kept) {
      if (held <= MOST_KEPT) break;
      this.kept.delete(old);
      held -= sight.size;
    }
    const sight = new Sight(this.mesh, this.caster, line);
    this.kept.set(key, sight);
    return { sight, back };
  }
}
