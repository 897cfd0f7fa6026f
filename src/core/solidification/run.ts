import { positive } from '../base/checks';
import { refuse } from '../base/errors';
import { enthalpyOf } from './enthalpy';
import { CELL, type MetalHeat, type MouldSide, type SectionGrid, type SolidificationFound } from './types';

const MM_PER_M = 1000;
/** Steps at most, and how they grow: from so small a share of the time guessed to so large a one. */
const MOST_STEPS = 1600;
const FIRST = 5e-5;
const LARGEST = 4e-3;
const GROWTH = 1.05;

/** How far a run is at most by its time alone, before its metal has frozen. */
const BY_TIME = 0.8;

/** How far a run is, nought to one, for whoever shows or stops it. */
export type RunProgress = number;

/**
 * Freezing of a section, by finite volumes on a grid: conduction in metal and mould, the heat of freezing over its range, a film where
 * they meet; no heat leaves the grid’s rim. Two dimensions: the section is taken to go on into the drawing, so that a chunky part freezes
 * sooner than this. Each step solves rows, then columns, implicitly, and takes the heat that crossed every face as what each cell lost:
 * heat is kept exactly but for the freezing range’s corners.
 *
 * @param grid of the section; metal and mould in the units of their names; guess_s time in which it should freeze about, s: the steps hang on it
 * @returns a generator that yields how far it is, and returns what was found
 * @throws {CoreError} E_SIGN for a figure of nothing, E_ORDER for a mould not colder than the solidus or metal poured below the liquidus
 * @example
 * drained(solidification(grid, metal, sand, 20)).complete // true
 */
export function* solidification(
  grid: SectionGrid,
  metal: MetalHeat,
  mould: MouldSide,
  guess_s: number,
): Generator<RunProgress, SolidificationFound, void> {
  for (const name of ['k', 'rho', 'cLiquid', 'cSolid', 'latent'] as const) positive(`metal.${name}`, metal[name]);
  for (const name of ['k', 'rho', 'c', 'film'] as const) positive(`mould.${name}`, mould[name]);
  positive('guess_s', guess_s);
  if (!(mould.temperature < metal.solidus))
    refuse('E_ORDER', 'mould.temperature', mould.temperature, `below the solidus, ${metal.solidus} °C`);
  if (!(metal.pour >= metal.liquidus))
    refuse('E_ORDER', 'metal.pour', metal.pour, `at least the liquidus, ${metal.liquidus} °C`);
  const field = new Field(grid, metal, mould);
  let dt = FIRST * guess_s;
  let time = 0;
  let steps = 0;
  for (; steps < MOST_STEPS && field.liquid > 0; steps++) {
    field.step(dt, time);
    time += dt;
    // Where much is left after the time guessed, steps grow on.
    dt = Math.min(dt * GROWTH, LARGEST * Math.max(guess_s, time));
    // Little freezes at first: how far the run is also goes by its time.
    yield Math.max(1 - field.liquid / field.metalCells, Math.min(BY_TIME, (BY_TIME * time) / guess_s));
  }
  return field.found(steps);
}

/** Temperatures of a grid, and what moves heat between its cells. */
class Field {
  readonly metalCells: number;
  liquid: number;
  private readonly T: Float64Array;
  private readonly H: Float64Array;
  private readonly frozen: Float32Array;
  /** Heat a kelvin carries across the face to the right, and above, W/m²K·m (a metre deep). */
  private readonly right: Float64Array;
  private readonly up: Float64Array;
  private readonly volume: number;
  private readonly heat;
  private readonly mouldCapacity: number;
  private readonly a: Float64Array;
  private readonly d: Float64Array;
  private readonly A: Float64Array;
  private readonly D: Float64Array;
  private readonly flows: Float64Array;
  /** Cells of metal, those still liquid first. */
  private readonly metal: Int32Array;
  private readonly started: number;
  private last = 0;
  private lastCell = 0;

  constructor(
    private readonly grid: SectionGrid,
    metal: MetalHeat,
    mould: MouldSide,
  ) {
    const { columns, rows, cell_mm, cells } = grid;
    const n = columns * rows;
    const side = cell_mm / MM_PER_M;
    this.volume = side * side;
    this.heat = enthalpyOf(metal);
    this.mouldCapacity = mould.rho * mould.c;
    this.T = new Float64Array(n);
    this.H = new Float64Array(n);
    this.frozen = new Float32Array(n);
    this.right = new Float64Array(n);
    this.up = new Float64Array(n);
    this.a = new Float64Array(columns);
    this.d = new Float64Array(columns);
    this.A = new Float64Array(n);
    this.D = new Float64Array(n);
    this.flows = new Float64Array(columns);
    this.metal = new Int32Array(n);
    let metalCells = 0;
    const half = (cell: number): number => side / 2 / (cell === CELL.metal ? metal.k : mould.k);
    // A face is one side long and a metre deep: its conductance is side over resistance.
    const across = (i: number, j: number): number => {
      const [p, q] = [cells[i] as number, cells[j] as number];
      return side / (half(p) + half(q) + (p === q ? 0 : 1 / mould.film));
    };
    for (let i = 0; i < n; i++) {
      const isMetal = cells[i] === CELL.metal;
      if (isMetal) this.metal[metalCells++] = i;
      this.T[i] = isMetal ? metal.pour : mould.temperature;
      this.H[i] = isMetal ? this.heat.of(metal.pour) : this.mouldCapacity * mould.temperature;
      if ((i + 1) % columns !== 0) this.right[i] = across(i, i + 1);
      if (i + columns < n) this.up[i] = across(i, i + columns);
      this.frozen[i] = isMetal ? Infinity : 0;
    }
    this.metalCells = metalCells;
    this.liquid = metalCells;
    this.started = this.total();
  }

  /** Rows, then columns, each implicitly. */
  step(dt: number, time: number): void {
    const { columns, rows } = this.grid;
    for (let r = 0; r < rows; r++) this.row(r * columns, dt);
    this.columns(0, rows - 1, dt);
    this.mark(time, dt);
  }

  /** Heat capacity of a cell over a step, W/K and metre. */
  private stored(i: number, store: number): number {
    if (this.grid.cells[i] !== CELL.metal) return this.mouldCapacity * store;
    const t = this.T[i] as number;
    const { heat } = this;
    return (t <= heat.solidus ? heat.solid : t <= heat.liquidus ? heat.mushy : heat.liquidCapacity) * store;
  }

  /** One row: solves its temperatures, and gives each cell the heat that crossed its faces. */
  private row(start: number, dt: number): void {
    const { T, a, d, right, volume } = this;
    const { columns } = this.grid;
    const store = volume / dt;
    let [before, from, gave] = [0, 0, 0];
    // Thomas: a is what the next cell hands on, d the temperature that it would have alone.
    for (let k = 0; k < columns; k++) {
      const i = start + k;
      const C = this.stored(i, store);
      const next = right[i] as number;
      const m = 1 / (C + before * (1 - from) + next);
      from = next * m;
      gave = (C * (T[i] as number) + before * gave) * m;
      a[k] = from;
      d[k] = gave;
      before = next;
    }
    let [ahead, crossed] = [0, 0];
    for (let k = columns - 1; k >= 0; k--) {
      const i = start + k;
      const t = (d[k] as number) + (a[k] as number) * ahead;
      if (k + 1 < columns) {
        // Heat that came in across the face ahead, less what went out across the face behind, known one cell later.
        const flow = (right[i] as number) * (ahead - t) * dt;
        this.give(i + 1, crossed - flow);
        crossed = flow;
      }
      ahead = t;
    }
    this.give(start, crossed);
  }

  /** All columns at once, row by row, so that memory is read in its order. */
  private columns(low: number, high: number, dt: number): void {
    const { T, up, volume, A, D, flows } = this;
    const { columns } = this.grid;
    const store = volume / dt;
    for (let r = low; r <= high; r++)
      for (let c = 0, i = r * columns; c < columns; c++, i++) {
        const C = this.stored(i, store);
        const next = r < high ? (up[i] as number) : 0;
        const before = r > low ? (up[i - columns] as number) : 0;
        const m = 1 / (C + next + (r > low ? before * (1 - (A[i - columns] as number)) : 0));
        A[i] = next * m;
        D[i] = (C * (T[i] as number) + (r > low ? before * (D[i - columns] as number) : 0)) * m;
      }
    flows.fill(0);
    for (let r = high; r >= low; r--)
      for (let c = 0, i = r * columns; c < columns; c++, i++) {
        const t = r < high ? (D[i] as number) + (A[i] as number) * (D[i + columns] as number) : (D[i] as number);
        if (r < high) {
          const flow = (up[i] as number) * ((D[i + columns] as number) - t) * dt;
          this.give(i + columns, (flows[c] as number) - flow);
          flows[c] = flow;
        }
        D[i] = t;
      }
    for (let c = 0; c < columns; c++) this.give(low * columns + c, flows[c] as number);
  }

  private give(i: number, joule: number): void {
    const H = (this.H[i] as number) + joule / this.volume;
    this.H[i] = H;
    const { heat } = this;
    this.T[i] =
      this.grid.cells[i] !== CELL.metal
        ? H / this.mouldCapacity
        : H <= 0
          ? heat.solidus + H / heat.solid
          : H <= heat.full
            ? heat.solidus + H / heat.mushy
            : heat.liquidus + (H - heat.full) / heat.liquidCapacity;
  }

  /** Notes what froze in a step: at its middle. */
  private mark(time: number, dt: number): void {
    const { frozen, H, metal } = this;
    const at = Math.fround(time + dt / 2);
    let left = 0;
    for (const i of metal.subarray(0, this.liquid)) {
      if ((H[i] as number) > 0) {
        metal[left++] = i;
        continue;
      }
      frozen[i] = at;
      [this.last, this.lastCell] = [at, i];
    }
    this.liquid = left;
  }

  private total(): number {
    let sum = 0;
    for (const h of this.H) sum += h;
    return sum * this.volume;
  }

  found(steps: number): SolidificationFound {
    const { frozen, last, lastCell, liquid, started, heat, metalCells, volume } = this;
    const exchanged = Math.max(1e-9, metalCells * volume * heat.of(heat.liquidus));
    return {
      ...{ frozen_s: frozen, last_s: last, lastCell, steps, complete: liquid === 0 },
      heatOff: Math.abs(this.total() - started) / exchanged,
    };
  }
}
