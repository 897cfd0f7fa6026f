import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ceilGuarded } from '../base/checks';
import { power } from '../base/power';
import type { Op } from '../equations';
import { BLOCK, Program, Runner } from './program';

const PLAIN: Readonly<Record<Op, (a: number, b: number) => number>> = {
  '+': (a, b) => a + b,
  '-': (a, b) => a - b,
  '*': (a, b) => a * b,
  '/': (a, b) => a / b,
  min: Math.min,
  max: Math.max,
  ceil: ceilGuarded,
  floor: Math.floor,
  on: (a) => (a > 0 ? 1 : 0),
  pow: power,
};
const OPS = Object.keys(PLAIN) as Op[];
const draws = (n: number): fc.Arbitrary<Float64Array> =>
  fc.float64Array({ minLength: n, maxLength: n }).map((list) => list.map((x, i) => (i % 5 === 0 ? Math.round(x) : x)));

describe('a program', () => {
  test('does every sum as plain numbers do, to the last bit, however many draws and from wherever', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2 * BLOCK + 3 }).chain((n) => fc.tuple(draws(n), draws(n), fc.nat({ max: n - 1 }))),
        // Nought times anything is nought without a sum.
        fc.double().filter((x) => x !== 0),
        ([a, b, from], fixed) => {
          const n = a.length;
          const program = new Program();
          const [x, y, k] = [program.input(0), program.input(1), program.fixed(fixed)];
          const asked = OPS.flatMap((op) => [
            { op, step: program.made(op, [x, y]), of: (i: number) => PLAIN[op](a[i]!, b[i]!) },
            { op, step: program.made(op, [x, k]), of: (i: number) => PLAIN[op](a[i]!, fixed) },
            { op, step: program.made(op, [k, y]), of: (i: number) => PLAIN[op](fixed, b[i]!) },
          ]);
          const results = asked.map(() => new Float64Array(n));
          const runner = new Runner(
            program,
            asked.map((one) => one.step),
          );
          runner.run([a, b], results, from, n);
          asked.forEach(({ op, of }, j) => {
            for (let i = from; i < n; i++) {
              // A sum that changes nothing is left out: then only the sign of a nought may differ.
              const [got, want] = [results[j]![i]! + 0, of(i) + 0];
              if (!Object.is(got, want)) expect(got, `${op} of ${a[i]}, ${b[i]} or ${fixed}`).toBe(want);
            }
          });
        },
      ),
      { numRuns: 60 },
    );
  });

  test('gives the room of what is no longer asked for to what comes next, and loses nothing by it', () => {
    const steps = fc.array(fc.tuple(fc.constantFrom<Op>('+', '-', '*', 'min', 'max'), fc.nat(), fc.nat()), {
      minLength: 1,
      maxLength: 60,
    });
    fc.assert(
      fc.property(steps, draws(BLOCK + 7), draws(BLOCK + 7), (made, a, b) => {
        const program = new Program();
        const ids = [program.input(0), program.input(1)];
        const values = [[...a], [...b]];
        for (const [op, i, j] of made) {
          const [p, q] = [i % ids.length, j % ids.length];
          ids.push(program.made(op, [ids[p]!, ids[q]!]));
          values.push(values[p]!.map((x, k) => PLAIN[op](x, values[q]![k]!)));
        }
        const out = [ids.at(-1)!, ids[ids.length >> 1]!];
        const results = out.map(() => new Float64Array(a.length));
        new Runner(program, out).run([a, b], results, 0, a.length);
        expect([...results[0]!].map((x) => x + 0)).toEqual(values.at(-1)!.map((x) => x + 0));
        expect([...results[1]!].map((x) => x + 0)).toEqual(values[ids.length >> 1]!.map((x) => x + 0));
      }),
      { numRuns: 100 },
    );
  });

  test('two programs at work by turns do not disturb each other', () => {
    const list = Float64Array.from({ length: BLOCK }, (_, i) => i);
    const made = (by: number): { runner: Runner; results: Float64Array[] } => {
      const program = new Program();
      const step = program.made('*', [program.input(0), program.fixed(by)]);
      return { runner: new Runner(program, [step]), results: [new Float64Array(BLOCK)] };
    };
    const [one, two] = [made(3), made(5)];
    one.runner.run([list], one.results, 0, 100);
    two.runner.run([list], two.results, 0, BLOCK);
    one.runner.run([list], one.results, 100, BLOCK);
    expect(one.results[0]).toEqual(list.map((x) => 3 * x));
    expect(two.results[0]).toEqual(list.map((x) => 5 * x));
  });
});
