import type { Working } from '../equations';

/** Puts the symbols' values into the expression and works it out, as a reader with a calculator would. */
export function recompute(w: Working): number {
  const names = w.symbols.map((s) => s.symbol);
  const head =
    'const { max, min, floor, pow, sqrt, exp, tan, log: ln, ceil: up } = Math; const on = (x) => (x > 0 ? 1 : 0); const ceil = (x) => up(x - 1e-9 * Math.max(1, Math.abs(x)));';
  // eslint-disable-next-line @typescript-eslint/no-implied-eval -- the expression is the thing under test
  const run = new Function(...names, `${head} return ${w.expression};`) as (...values: number[]) => number;
  return run(...w.symbols.map((s) => s.value));
}
