import { ceilGuarded } from '../checks';
import { refuse } from '../errors';
import type { Op } from './expression';

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

/** Runs a program over many draws of its inputs, a block at a time. */
export class Runner {
  private readonly buffers: Float64Array[];
  private readonly needed: readonly number[];
  private readonly loaded: readonly number[];

  /** @param outputs steps that are wanted; only what they need is worked out */
  constructor(
    private readonly program: Program,
    private readonly outputs: readonly number[],
  ) {
    const wanted = new Uint8Array(program.steps.length);
    for (const out of outputs) wanted[out] = 1;
    for (let i = program.steps.length - 1; i >= 0; i--) {
      const s = program.steps[i]!;
      if (wanted[i] === 1 && s.kind === 'made') wanted[s.a] = wanted[s.b] = 1;
    }
    this.needed = [...wanted.keys()].filter((i) => wanted[i] === 1 && program.steps[i]!.kind === 'made');
    this.loaded = [...wanted.keys()].filter((i) => wanted[i] === 1 && program.steps[i]!.kind === 'input');
    this.buffers = this.shared(wanted);
  }

  /** A buffer for each step. One that nothing later asks for is used again, so that few of them go round. */
  private shared(wanted: Uint8Array): Float64Array[] {
    const { steps } = this.program;
    const last = new Int32Array(steps.length).fill(-1);
    for (const i of this.needed) {
      const s = steps[i] as Made;
      last[s.a] = last[s.b] = i;
    }
    for (const out of this.outputs) last[out] = steps.length;
    const free: Float64Array[] = [];
    const buffers = new Array<Float64Array>(steps.length).fill(EMPTY);
    steps.forEach((s, i) => {
      if (wanted[i] !== 1) return;
      if (s.kind !== 'made') {
        buffers[i] = new Float64Array(BLOCK);
        if (s.kind === 'fixed') buffers[i].fill(s.value);
        return;
      }
      for (const arg of new Set([s.a, s.b]))
        if (last[arg] === i && steps[arg]!.kind === 'made') free.push(buffers[arg]!);
      buffers[i] = free.pop() ?? new Float64Array(BLOCK);
    });
    return buffers;
  }

  /**
   * Works out draws from `from` up to `to`.
   * @param inputs draws of every input, from its first on
   * @param results one list for each output, at least `to` long: filled at the same places
   */
  run(inputs: readonly Float64Array[], results: readonly Float64Array[], from: number, to: number): void {
    const { steps } = this.program;
    for (let at = from; at < to; at += BLOCK) {
      const n = Math.min(BLOCK, to - at);
      for (const i of this.loaded) {
        const from = inputs[(steps[i] as Extract<Step, { kind: 'input' }>).input]!;
        const to = this.buffers[i]!;
        for (let k = 0; k < n; k++) to[k] = from[at + k]!;
      }
      for (const i of this.needed) {
        const s = steps[i] as Made;
        work(s.op, this.buffers[s.a]!, this.buffers[s.b]!, this.buffers[i]!, n);
      }
      this.outputs.forEach((out, k) => results[k]!.set(this.buffers[out]!.subarray(0, n), at));
    }
  }
}

type Made = Extract<Step, { kind: 'made' }>;
const EMPTY = new Float64Array(0);

/**
 * Works one step out for a block of draws. Four at a time where the sum is short: the loop itself costs as much as the
 * sum. Blocks are a multiple of four long, so that what is worked out beyond `n` does no harm and is never read.
 */
function work(op: Op, a: Float64Array, b: Float64Array, out: Float64Array, n: number): void {
  switch (op) {
    case '+':
      for (let i = 0; i < n; i += 4) {
        out[i] = a[i]! + b[i]!;
        out[i + 1] = a[i + 1]! + b[i + 1]!;
        out[i + 2] = a[i + 2]! + b[i + 2]!;
        out[i + 3] = a[i + 3]! + b[i + 3]!;
      }
      return;
    case '-':
      for (let i = 0; i < n; i += 4) {
        out[i] = a[i]! - b[i]!;
        out[i + 1] = a[i + 1]! - b[i + 1]!;
        out[i + 2] = a[i + 2]! - b[i + 2]!;
        out[i + 3] = a[i + 3]! - b[i + 3]!;
      }
      return;
    case '*':
      for (let i = 0; i < n; i += 4) {
        out[i] = a[i]! * b[i]!;
        out[i + 1] = a[i + 1]! * b[i + 1]!;
        out[i + 2] = a[i + 2]! * b[i + 2]!;
        out[i + 3] = a[i + 3]! * b[i + 3]!;
      }
      return;
    case '/':
      for (let i = 0; i < n; i += 4) {
        out[i] = a[i]! / b[i]!;
        out[i + 1] = a[i + 1]! / b[i + 1]!;
        out[i + 2] = a[i + 2]! / b[i + 2]!;
        out[i + 3] = a[i + 3]! / b[i + 3]!;
      }
      return;
    case 'min':
      for (let i = 0; i < n; i += 4) {
        out[i] = Math.min(a[i]!, b[i]!);
        out[i + 1] = Math.min(a[i + 1]!, b[i + 1]!);
        out[i + 2] = Math.min(a[i + 2]!, b[i + 2]!);
        out[i + 3] = Math.min(a[i + 3]!, b[i + 3]!);
      }
      return;
    case 'max':
      for (let i = 0; i < n; i += 4) {
        out[i] = Math.max(a[i]!, b[i]!);
        out[i + 1] = Math.max(a[i + 1]!, b[i + 1]!);
        out[i + 2] = Math.max(a[i + 2]!, b[i + 2]!);
        out[i + 3] = Math.max(a[i + 3]!, b[i + 3]!);
      }
      return;
    case 'ceil':
      for (let i = 0; i < n; i++) out[i] = ceilGuarded(a[i]!);
      return;
    case 'floor':
      for (let i = 0; i < n; i++) out[i] = Math.floor(a[i]!);
      return;
    case 'on':
      for (let i = 0; i < n; i++) out[i] = a[i]! > 0 ? 1 : 0;
  }
}
