import { CoreError } from '../../base/errors';
import { MODEL_FORMULAS } from './model';
import { FORMULAS } from './registry';

/** One worked case: inputs and the outputs to compare, or the refusal expected. */
export interface VectorCase {
  readonly id?: string | undefined;
  readonly formula: string;
  readonly inputs: Readonly<Record<string, unknown>>;
  readonly expected: Readonly<Record<string, unknown>>;
  readonly tolerance?: { readonly rel?: number | undefined; readonly abs?: number | undefined } | undefined;
}

export interface VectorResult {
  readonly id: string;
  readonly formula: string;
  readonly outcome: 'passed' | 'failed' | 'skipped';
  /** What differs, or the reason it was skipped; empty when passed. */
  readonly detail: string;
}

/** Bytes of a file that a case names by a path beside its own. */
export type ReadFile = (path: string) => Uint8Array;

/** Inputs of a case with the part file it names read; a file that cannot be read is left as its path. */
function withFile(inputs: VectorCase['inputs'], read: ReadFile | undefined): VectorCase['inputs'] {
  const path = inputs['mesh'];
  if (typeof path !== 'string' || read === undefined) return inputs;
  return { ...inputs, mesh: { name: path.split('/').at(-1) ?? path, bytes: read(path) } };
}

/**
 * Runs one worked case against the core. A number passes within max(abs, rel·|expected|);
 * words, booleans and counts exactly; outputs that the case does not name may exist; a direction may come back reversed.
 * @param read reads a part file that the case names
 * @example
 * runVector({ id: 'X', formula: 'no such formula', inputs: {}, expected: {}, tolerance: { rel: 0, abs: 0 } }).outcome
 * // 'skipped'
 */
export function runVector(c: VectorCase, read?: ReadFile): VectorResult {
  const id = c.id ?? c.formula;
  const formula = (FORMULAS[c.formula] ?? MODEL_FORMULAS[c.formula]) as ((inputs: unknown) => object) | undefined;
  if (!formula) return { id, formula: c.formula, outcome: 'skipped', detail: 'formula not built yet' };
  const tolerance = { rel: c.tolerance?.rel ?? 1e-6, abs: c.tolerance?.abs ?? 1e-9 };
  const wanted = c.expected['error'] as string | undefined;
  let detail: string;
  try {
    const got = formula(withFile(c.inputs, read));
    detail = wanted === undefined ? differences(got, c.expected, tolerance, '') : `expected ${wanted}, got a result`;
  } catch (error) {
    if (!(error instanceof CoreError)) detail = `threw ${String(error)}`;
    else if (wanted === undefined) detail = `refused as ${error.issue.code}`;
    else detail = error.issue.code === wanted ? '' : `expected ${wanted}, refused as ${error.issue.code}`;
  }
  return { id, formula: c.formula, outcome: detail === '' ? 'passed' : 'failed', detail };
}

function differences(got: unknown, want: unknown, tol: { rel: number; abs: number }, path: string): string {
  if (typeof want === 'number') {
    const ok = typeof got === 'number' && Math.abs(got - want) <= Math.max(tol.abs, tol.rel * Math.abs(want));
    return ok ? '' : `${path} expected ${want}, got ${String(got)}`;
  }
  if (Array.isArray(want)) {
    if (path === 'direction' && Array.isArray(got) && differences(got, want, tol, 'as given') !== '')
      return differences(
        got.map((x: unknown) => (typeof x === 'number' ? -x : x)),
        want,
        tol,
        'reversed',
      );
    if (!Array.isArray(got) || got.length !== want.length) return `${path} expected ${want.length} entries`;
    return want.map((w, i) => differences(got[i], w, tol, `${path}[${i}]`)).find((d) => d !== '') ?? '';
  }
  if (want !== null && typeof want === 'object') {
    const g = (got ?? {}) as Record<string, unknown>;
    const found = Object.entries(want).map(([k, w]) => differences(g[k], w, tol, path === '' ? k : `${path}.${k}`));
    return found.find((d) => d !== '') ?? '';
  }
  return Object.is(got, want) ? '' : `${path} expected ${JSON.stringify(want)}, got ${JSON.stringify(got)}`;
}
