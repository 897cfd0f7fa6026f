import { nth } from '../base/lookup';
import { ceilGuarded } from '../base/checks';
import { refuse } from '../base/errors';
import { power } from '../base/power';
import type { Op } from '../equations';
import { BASE, kernelWith } from './kernel';

/** A step of a program: a fixed number, an input by its index, or what is made of one or two earlier steps. */
export type Step =
  | { readonly kind: 'fixed'; readonly value: number }
  | { readonly kind: 'input'; readonly input: number }
  | { readonly kind: 'made'; readonly op: Op; readonly a: number; readonly b: number };

/** Draws worked through at a time: few enough that all steps stay near the processor. */
export const BLOCK = 512;

const apply = (op: Op, a: number, b: number): number => {
  switch (op) {
    case '+':
      return a + b;
    case '-':
      return a - b;
    case '*':
      return a * b;
    case '/':
      return a / b;
    case 'min':
      return Math.min(a, b);
    case 'max':
      return Math.max(a, b);
    case 'ceil':
      return ceilGuarded(a);
    case 'floor':
      return Math.floor(a);
    case 'on':
      return a > 0 ? 1 : 0;
    case 'pow':
      return power(a, b);
  }
};

/** Steps in the order they can be worked out, each made once however often it is asked for. */
export class Program {
  readonly steps: Step[] = [];
  private readonly known = new Map<string, number>();

  fixed(value: number): number {
    return this.step(`#${value}`, { kind: 'fixed', value });
  }

  input(input: number): number {
    return this.step(`?${input}`, { kind: 'input', input });
  }

  /** What `op` makes of earlier steps; worked out at once where all of them are fixed. */
  made(op: Op, args: readonly number[]): number {
    if (args.length > 2) return args.reduce((a, b) => this.made(op, [a, b]));
    const [a = refuse('E_LENGTH', 'expression', op, 'at least one argument'), b = a] = args;
    const [x, y] = [this.steps[a], this.steps[b]];
    if (x?.kind === 'fixed' && y?.kind === 'fixed') return this.fixed(apply(op, x.value, y.value));
    const plain = this.plain(op, a, b);
    if (plain !== null) return plain;
    return this.step(`${op} ${a} ${b}`, { kind: 'made', op, a, b });
  }

  /** What a sum comes to that changes nothing, or nothing times anything; null for a sum that must be made. */
  private plain(op: Op, a: number, b: number): number | null {
    const [x, y] = [this.fixedOf(a), this.fixedOf(b)];
    switch (op) {
      case '*':
        return x === 0 || y === 0 ? this.fixed(0) : x === 1 ? b : y === 1 ? a : null;
      case '/':
        return y === 1 ? a : null;
      case '+':
        return x === 0 ? b : y === 0 ? a : null;
      case '-':
        return y === 0 ? a : null;
      case 'min':
      case 'max':
        return a === b ? a : null;
      default:
        return null;
    }
  }

  /** The fixed value of a step, or null. */
  fixedOf(step: number): number | null {
    const s = this.steps[step];
    return s?.kind === 'fixed' ? s.value : null;
  }

  private step(key: string, step: Step): number {
    const known = this.known.get(key);
    if (known !== undefined) return known;
    this.steps.push(step);
    this.known.set(key, this.steps.length - 1);
    return this.steps.length - 1;
  }
}

/** Bytes of a step on the tape of the compiled loops, and of a number that lies twice. */
const TAPE_WORDS = 6;
const PAIR = 16;
const REAL = 8;
/** The ops in the order the compiled loops know them by. */
const OPS: readonly Op[] = ['+', '-', '*', '/', 'min', 'max', 'ceil', 'floor', 'on', 'pow'];

/** Where what a step comes to lies in the memory of the compiled loops: bytes from its start, and to the next pair. */
interface Place {
  readonly at: number;
  readonly next: 0 | typeof PAIR;
}

/** Runs a program over many draws of its inputs, a block at a time. */
export class Runner {
  private readonly places: readonly Place[];
  private readonly tape: Int32Array;
  private readonly loaded: readonly number[];
  private readonly fixed: readonly number[];
  private readonly bytes: number;

  /** @param outputs steps that are wanted; only what they need is worked out */
  constructor(
    private readonly program: Program,
    private readonly outputs: readonly number[],
  ) {
    const { steps } = program;
    const wanted = new Uint8Array(steps.length);
    for (const out of outputs) wanted[out] = 1;
    for (let i = steps.length - 1; i >= 0; i--) {
      const s = nth(steps, i);
      if (wanted[i] === 1 && s.kind === 'made') wanted[s.a] = wanted[s.b] = 1;
    }
    const of = (kind: Step['kind']): number[] =>
      [...wanted.keys()].filter((i) => wanted[i] === 1 && nth(steps, i).kind === kind);
    const made = of('made');
    this.loaded = of('input');
    this.fixed = of('fixed');
    const { places, end } = this.laidOut(made);
    this.places = places;
    this.tape = new Int32Array(TAPE_WORDS * made.length);
    made.forEach((i, k) => {
      const s = steps[i] as ComputedStep;
      const [a, b] = [nth(places, s.a), nth(places, s.b)];
      this.tape.set([OPS.indexOf(s.op), a.at, b.at, nth(places, i).at, a.next, b.next], TAPE_WORDS * k);
    });
    this.bytes = end + this.tape.byteLength - BASE;
  }

  /**
   * A place for each step that is wanted. One that nothing later asks for is used again, so that few of them go round;
   * a fixed number lies there twice and is read over and over. The tape goes behind them all.
   */
  private laidOut(made: readonly number[]): { places: Place[]; end: number } {
    const { steps } = this.program;
    const places = new Array<Place>(steps.length);
    let end = BASE;
    const take = (next: Place['next'], bytes: number): Place => {
      end += bytes;
      return { at: end - bytes, next };
    };
    for (const i of this.fixed) places[i] = take(0, PAIR);
    for (const i of this.loaded) places[i] = take(PAIR, BLOCK * REAL);
    const last = new Int32Array(steps.length).fill(-1);
    for (const i of made) {
      const s = steps[i] as ComputedStep;
      last[s.a] = last[s.b] = i;
    }
    for (const out of this.outputs) last[out] = steps.length;
    const free: Place[] = [];
    for (const i of made) {
      const s = steps[i] as ComputedStep;
      for (const arg of new Set([s.a, s.b]))
        if (last[arg] === i && nth(steps, arg).kind === 'made') free.push(nth(places, arg));
      places[i] = free.pop() ?? take(PAIR, BLOCK * REAL);
    }
    return { places, end };
  }

  /**
   * Works out draws from `from` up to `to`.
   * @param inputs draws of every input, from its first on
   * @param results one list for each output, at least `to` long: filled at the same places
   */
  run(inputs: readonly Float64Array[], results: readonly Float64Array[], from: number, to: number): void {
    const { steps } = this.program;
    const { memory, sums } = kernelWith(this.bytes);
    const reals = new Float64Array(memory.buffer);
    const tape = BASE + this.bytes - this.tape.byteLength;
    new Int32Array(memory.buffer).set(this.tape, tape / Int32Array.BYTES_PER_ELEMENT);
    for (const i of this.fixed) {
      const { value } = steps[i] as Extract<Step, { kind: 'fixed' }>;
      reals.fill(value, nth(this.places, i).at / REAL, (nth(this.places, i).at + PAIR) / REAL);
    }
    for (let at = from; at < to; at += BLOCK) {
      const n = Math.min(BLOCK, to - at);
      for (const i of this.loaded) {
        const draws = nth(inputs, (steps[i] as Extract<Step, { kind: 'input' }>).input);
        reals.set(draws.subarray(at, at + n), nth(this.places, i).at / REAL);
      }
      sums(tape, this.tape.length / TAPE_WORDS, Math.ceil(n / 2));
      this.outputs.forEach((out, k) => {
        const { at: place, next } = nth(this.places, out);
        if (next === 0) nth(results, k).fill(nth(reals, place / REAL), at, at + n);
        else nth(results, k).set(reals.subarray(place / REAL, place / REAL + n), at);
      });
    }
  }
}

type ComputedStep = Extract<Step, { kind: 'made' }>;
