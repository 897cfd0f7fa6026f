import { readFileSync } from 'node:fs';

/** Words a told goal ends with; whoever gathers goals looks for them. */
export const MET = 'met';
export const MISSED = 'MISSED';

let missed = 0;

/**
 * Prints a figure beside its goal; the process fails where one is missed. A goal in time is judged against the control
 * loop of the same run, so that a processor taken by others does not fail it.
 * @returns the line printed
 * @param pace how much slower than its quiet self the machine was: the goal is stretched by it, never shrunk
 */
export function goal(label: string, value: number, limit: number, unit: string, pace = 1): string {
  const ok = value < limit * Math.max(1, pace);
  if (!ok) missed += 1;
  const stretched = pace > 1.05 ? ` (× ${pace.toFixed(2)}, the machine's pace)` : '';
  const line = `${label.padEnd(66)} ${figure(value).padStart(7)} ${unit}  goal under ${figure(limit)} ${unit}${stretched}: ${ok ? MET : MISSED}`;
  console.log(line);
  process.exitCode = missed > 0 ? 1 : 0;
  return line;
}

const figure = (x: number): string => (x >= 100 ? x.toFixed(0) : Number(x.toPrecision(3)).toString());

/** Time of the control loop on a quiet minute of the machine it was written on, ms. */
const QUIET_MS = 80;
const N = 1 << 16;
const a = Float64Array.from({ length: N }, (_, i) => Math.sin(i));
const b = new Float64Array(N);

/** A plain loop over typed arrays: the least of a few runs, ms. */
export function control(): number {
  let least = Infinity;
  for (let run = 0; run < 5; run++) {
    const start = performance.now();
    for (let k = 0; k < 800; k++) for (let i = 0; i < N; i++) b[i] = b[i]! * 0.5 + a[i]!;
    least = Math.min(least, performance.now() - start);
  }
  return least;
}

/** How much slower the machine is now than on a quiet minute, by the control loop. */
export const pace = (): number => control() / QUIET_MS;

/** Time of the machine's processors in all and of it taken by others, in ticks; null where it is not told. */
export function processorTime(): { readonly all: number; readonly stolen: number } | null {
  try {
    const [, ...ticks] = (readFileSync('/proc/stat', 'utf8').split('\n')[0] ?? '').trim().split(/\s+/);
    const list = ticks.slice(0, 8).map(Number);
    return { all: list.reduce((sum, x) => sum + x, 0), stolen: list[7] ?? 0 };
  } catch {
    return null;
  }
}
