import type { Triple } from '../base/figures';
import { LAMBDA, pertPowers, triangularAt } from '../formula-book/uncertainty';
import { regularisedBeta } from '../formula-book/quantity';
import { BASE, kernelWith } from './kernel';

/** Spread of a figure over its range: the beta-PERT, or the plain triangle. */
export type Spread = 'pert' | 'triangle';

const NODES = 256;
const GUIDE = 4096;
const SIX = 6;
/** Newton's steps on one stretch; two already reach a double's precision. */
const NEWTON = 4;
/** Density against the mean of its stretch below which the place is solved for. */
const STEEP = 0.4;

/** Shape of a PERT, by where its likely figure lies between the limits: shares below even places, and their density. */
interface Shape {
  readonly below: Float64Array;
  readonly density: Float64Array;
  /** Six figures a stretch: the share below it and below the next, one over its width, three powers of the place. */
  readonly cubics: Float64Array;
  /** Stretch in which the search for a share begins. */
  readonly guide: Uint16Array;
  readonly alpha: number;
  readonly beta: number;
  /** The beta function of the two powers. */
  readonly whole: number;
}

const shapes = new Map<number, Shape>();

function shapeOf(mode: number): Shape {
  const known = shapes.get(mode);
  if (known !== undefined) return known;
  const { alpha, beta } = pertPowers([0, mode, 1], LAMBDA);
  const plain = (x: number): number => x ** (alpha - 1) * (1 - x) ** (beta - 1);
  // The shares by adding up the density stretch by stretch, then scaled to end at 1.
  const below = new Float64Array(NODES + 1);
  const h = 1 / NODES / 2;
  for (let i = 0; i < NODES; i++) {
    const fine = i < 2 || i >= NODES - 2;
    below[i + 1] = below[i]! + (fine ? ofEnd(i, alpha, beta) : simpson(plain, (i + 0.5) / NODES, h));
  }
  const whole = below[NODES]!;
  const density = Float64Array.from({ length: NODES + 1 }, (_, i) => plain(i / NODES) / whole);
  for (let i = 0; i <= NODES; i++) below[i]! /= whole;
  const guide = new Uint16Array(GUIDE + 1);
  let stretch = 0;
  for (let g = 0; g <= GUIDE; g++) {
    while (stretch < NODES - 1 && below[stretch + 1]! <= g / GUIDE) stretch++;
    guide[g] = stretch;
  }
  const shape = { below, density, cubics: cubicsOf(below, density), guide, alpha, beta, whole };
  shapes.set(mode, shape);
  return shape;
}

/** Integral over one of the outer stretches, where the density may rise as a root does: exactly, by its share. */
function ofEnd(i: number, alpha: number, beta: number): number {
  const share = (x: number): number => (x <= 0 ? 0 : x >= 1 ? 1 : regularisedBeta(x, alpha, beta));
  return (share((i + 1) / NODES) - share(i / NODES)) * wholeOf(alpha, beta);
}

/** The beta function of two powers, by the density in the middle against its share. */
function wholeOf(alpha: number, beta: number): number {
  const x = alpha / (alpha + beta);
  const h = Math.min(x, 1 - x) / 16;
  const plain = (y: number): number => y ** (alpha - 1) * (1 - y) ** (beta - 1);
  return simpson(plain, x, h, 64) / (regularisedBeta(x + h, alpha, beta) - regularisedBeta(x - h, alpha, beta));
}

/** Integral of f from x − h to x + h. */
function simpson(f: (x: number) => number, x: number, h: number, parts = 4): number {
  let sum = 0;
  for (let i = 0; i <= parts; i++)
    sum += f(x - h + (2 * h * i) / parts) * (i === 0 || i === parts ? 1 : i % 2 === 1 ? 4 : 2);
  return (sum * 2 * h) / parts / 3;
}

/**
 * Place near the lower end that so much of the density lies below: it rises there as a power of the place, and the
 * rest of the density is three terms of a series. @param area share times the beta function of the powers
 */
function ofRoot(area: number, alpha: number, beta: number): number {
  const [b1, b2, b3] = [
    (1 - beta) / (alpha + 1),
    ((1 - beta) * (2 - beta)) / 2 / (alpha + 2),
    ((1 - beta) * (2 - beta) * (3 - beta)) / 6 / (alpha + 3),
  ];
  const plain = Math.pow(alpha * area, 1 / alpha);
  let x = plain;
  for (let k = 0; k < 3; k++) x = plain / Math.pow(1 + alpha * x * (b1 + x * (b2 + x * b3)), 1 / alpha);
  return x;
}

/** Place between the limits, 0 to 1, below which a share u of a PERT lies. */
function placeOf(shape: Shape, u: number): number {
  const { cubics, guide } = shape;
  let stretch = guide[(u * GUIDE) | 0]!;
  while (cubics[SIX * stretch + 1]! <= u) stretch++;
  const k = SIX * stretch;
  const per = cubics[k + 2]!;
  if (per > 0) {
    const s = (u - cubics[k]!) * per;
    return (stretch + s * (cubics[k + 3]! + s * (cubics[k + 4]! + s * cubics[k + 5]!))) / NODES;
  }
  return steepPlace(shape, shape.below, stretch, u);
}

/** The same on a stretch where the place climbs steeply with its share. */
function steepPlace(
  { density, alpha, beta, whole }: Pick<Shape, 'density' | 'alpha' | 'beta' | 'whole'>,
  below: Float64Array,
  i: number,
  u: number,
): number {
  if (i === 0) return ofRoot(u * whole, alpha, beta);
  if (i === NODES - 1) return 1 - ofRoot((1 - u) * whole, beta, alpha);
  const width = below[i + 1]! - below[i]!;
  if (!(width > 0)) return (i + 0.5) / NODES;
  const [d0, d1] = [density[i]! / NODES / width, density[i + 1]! / NODES / width];
  const [b, c] = [3 - 2 * d0 - d1, d0 + d1 - 2];
  const s = (u - below[i]!) / width;
  let t = s;
  for (let k = 0; k < NEWTON; k++) {
    const slope = d0 + t * (2 * b + 3 * t * c);
    if (!(slope > 0)) break;
    t = Math.min(1, Math.max(0, t - (t * (d0 + t * (b + t * c)) - s) / slope));
  }
  return (i + t) / NODES;
}

/**
 * The place as a cubic of the share on each stretch, through both places with both slopes: one over its width, and three
 * powers. Zeros where the slope is too steep for that.
 */
function cubicsOf(below: Float64Array, density: Float64Array): Float64Array {
  const out = new Float64Array(SIX * NODES);
  for (let i = 0; i < NODES; i++) {
    // No share lies beyond the last stretch.
    const next = i === NODES - 1 ? Infinity : below[i + 1]!;
    out.set([below[i]!, next], SIX * i);
    const width = below[i + 1]! - below[i]!;
    const [d0, d1] = [density[i]! / NODES / width, density[i + 1]! / NODES / width];
    if (i === 0 || i === NODES - 1 || !(width > 0 && d0 > STEEP && d1 > STEEP)) continue;
    const [m0, m1] = [1 / d0, 1 / d1];
    out.set([1 / width, m0, 3 - 2 * m0 - m1, m0 + m1 - 2], SIX * i + 2);
  }
  return out;
}

/**
 * Share 0 to 1 of draw i of a stream: depends on nothing but the seed, the name and the number of the draw.
 *
 * @example
 * uniformAt([1, 2], 0) < 1 // true
 */
export function uniformAt([a, b]: readonly [number, number], i: number): number {
  return uniform(a, b, i);
}

/** 32 bits, as a whole number from 0. */
function hash(a: number, b: number, i: number): number {
  let h = Math.imul(i + a, 0x9e3779b1) ^ b;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
}

const PER_HASH = 1 / 4294967296;
/** Bits of a hash that are not asked where the search begins: the guide has 2 to the 12th places. */
const GUIDE_SHIFT = 20;

const uniform = (a: number, b: number, i: number): number => (hash(a, b, i) + 0.5) * PER_HASH;

/**
 * The stream of an input's draws: from the seed and its name.
 *
 * @example
 * streamOf(1, 'global.Rlab').length // 2
 */
export function streamOf(seed: number, name: string): readonly [number, number] {
  let [a, b] = [0x811c9dc5 ^ seed, 0x9747b28c + Math.imul(seed, 0x2545f491)];
  for (let i = 0; i < name.length; i++) {
    a = Math.imul(a ^ name.charCodeAt(i), 0x01000193);
    b = Math.imul(b ^ name.charCodeAt(i), 0x5bd1e995);
    b ^= b >>> 13;
  }
  return [a ^ (a >>> 15), b ^ (b >>> 11)];
}

/**
 * Value of a range at a share of its draws, in the unit of the range. The PERT is read off a table of its shares, true
 * to 1e-6 of the width. @param u above 0 and below 1
 * @example
 * valueAt([0, 5, 10], 'triangular', 0.5) // 5
 */
export function valueAt(range: Triple, spread: Spread, u: number): number {
  const [a, m, c] = range;
  if (!(c > a)) return m;
  if (spread === 'triangle') return triangularAt(range, u);
  return a + (c - a) * placeOf(shapeOf((m - a) / (c - a)), u);
}

/** Draws made in one go, and where the tables, the list of those not given and the draws lie: bytes. */
const CHUNK = 2048;
const REAL = Float64Array.BYTES_PER_ELEMENT;
const PERT_CUBICS = BASE;
const PERT_GUIDE = PERT_CUBICS + SIX * NODES * REAL;
const PERT_LIST = PERT_GUIDE + (GUIDE + 4) * Uint16Array.BYTES_PER_ELEMENT;
const PERT_OUT = PERT_LIST + CHUNK * Int32Array.BYTES_PER_ELEMENT;
const PERT_END = PERT_OUT + CHUNK * REAL;

/**
 * Fills draws `from` … `to` of an input.
 *
 * @example
 * ((out) => (fillDraws(out, [2, 2, 2], 'pert', [1, 2], 0, 3), [...out]))(new Float64Array(3)) // [2, 2, 2]
 */
export function fillDraws(
  out: Float64Array,
  range: Triple,
  spread: Spread,
  stream: readonly [number, number],
  from: number,
  to: number,
): void {
  const [a, m, c] = range;
  const [one, two] = stream;
  if (!(c > a)) {
    out.fill(m, from, to);
    return;
  }
  if (spread === 'triangle') {
    for (let i = from; i < to; i++) out[i] = triangularAt(range, uniform(one, two, i));
    return;
  }
  const shape = shapeOf((m - a) / (c - a));
  const { memory, pert } = kernelWith(PERT_END - BASE);
  new Uint16Array(memory.buffer).set(shape.guide, PERT_GUIDE / Uint16Array.BYTES_PER_ELEMENT);
  const reals = new Float64Array(memory.buffer);
  reals.set(shape.cubics, PERT_CUBICS / REAL);
  for (let at = from; at < to; at += CHUNK) {
    const n = Math.min(CHUNK, to - at);
    const untold = pert(
      PERT_OUT,
      PERT_LIST,
      at,
      Math.ceil(n / 4),
      one,
      two,
      a,
      (c - a) / NODES,
      PERT_CUBICS,
      PERT_GUIDE,
      GUIDE_SHIFT,
    );
    out.set(reals.subarray(PERT_OUT / REAL, PERT_OUT / REAL + n), at);
    for (const k of new Int32Array(memory.buffer, PERT_LIST, untold))
      if (k < n) out[at + k] = a + (c - a) * placeOf(shape, uniform(one, two, at + k));
  }
}
