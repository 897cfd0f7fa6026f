import type { Vec } from './mesh';
import { PLACES, placeOn, type FineMesh } from './sampling';
import type { Sight, Sights } from './sight';

/** A facet this near to standing along the draw may be released by either half, degrees. Source: geo.undercut. */
const PARALLEL_DEG = 0.05;
/** The same where what bars is only roughly where it stands. */
const ROUGHLY_DEG = 1;
/** Places are looked from so many times further off than what bars may stand off. */
const CLEAR = 3;
/** Places are looked from this share of the diagonal off the surface. */
const OFF = 1e-5;

type Weights = readonly [number, number, number];

/** Tells whether places on a fine mesh are open to the outside along one line. */
export class Openness {
  private readonly at = new Float64Array(3);
  private readonly off: number;
  private readonly sight: Sight;
  /** 1 where the line of the sight runs along the direction asked, -1 where against it. */
  private readonly sign: 1 | -1;

  private readonly parallel: number;

  /**
   * @param d unit direction @param diagonal of the whole body, mm @param questions so many are coming, about
   * @param off_mm how far what bars may stand off where it is, mm
   */
  constructor(
    private readonly fine: FineMesh,
    sights: Sights,
    private readonly d: Vec,
    diagonal: number,
    questions = 0,
    off_mm = 0,
  ) {
    const { sight, back } = sights.along(d);
    this.sight = sight;
    sight.expect(questions);
    this.sign = back ? -1 : 1;
    this.off = Math.max(OFF * diagonal, CLEAR * off_mm);
    this.parallel = Math.sin(((off_mm > 0 ? ROUGHLY_DEG : PARALLEL_DEG) * Math.PI) / 180);
  }

  /** Component of a facet's outward normal along the direction. */
  along(facet: number): number {
    const { normals } = this.fine;
    const { d } = this;
    return normals[3 * facet]! * d[0] + normals[3 * facet + 1]! * d[1] + normals[3 * facet + 2]! * d[2];
  }

  /** Whether a place on a facet sees infinity along the direction (1) or against it (-1). */
  sees(facet: number, weights: Weights, way: 1 | -1): boolean {
    const { normals, mesh } = this.fine;
    const { at, off } = this;
    placeOn(mesh, facet, weights, at);
    const x = at[0]! + normals[3 * facet]! * off;
    const y = at[1]! + normals[3 * facet + 1]! * off;
    const z = at[2]! + normals[3 * facet + 2]! * off;
    return !this.sight.bars(x, y, z, way === this.sign ? 1 : -1);
  }

  /** Half of a mould parting along the line that releases a place: 1 along it, -1 against it, 0 either, 2 none. */
  halfFor(facet: number, weights: Weights): number {
    const n = this.along(facet);
    if (n > this.parallel) return this.sees(facet, weights, 1) ? 1 : 2;
    if (n < -this.parallel) return this.sees(facet, weights, -1) ? -1 : 2;
    const up = this.sees(facet, weights, 1);
    const down = this.sees(facet, weights, -1);
    return up ? (down ? 0 : 1) : down ? -1 : 2;
  }

  /** Whether a facet leans so that a slide drawn along the direction (1) or against it (-1) could come off it. */
  leans(facet: number, way: 1 | -1): boolean {
    return way * this.along(facet) >= -this.parallel;
  }

  /** Whether a slide drawn along the direction (1) or against it (-1) comes off a facet. */
  freed(facet: number, way: 1 | -1): boolean {
    return this.leans(facet, way) && this.sees(facet, PLACES[0]!, way);
  }
}
