import { inverse, Matrix } from 'ml-matrix';
import { refuse } from '../base/errors';

/** What a fit starts from: how each parameter is known beforehand, and between which ends it may lie. */
export interface Prior {
  readonly likely: number;
  /** How far it lies off as a rule: one standard deviation, above 0. */
  readonly spread: number;
  readonly least: number;
  readonly most: number;
}

/** A fit: the parameters, how sure they are, and what each observation did to them. */
export interface Fit {
  readonly values: readonly number[];
  /** One standard deviation of each. */
  readonly errors: readonly number[];
  /** What is left of each observation: the model less the observation. */
  readonly residuals: readonly number[];
  /** Standard deviation of an observation, as the residuals have it. */
  readonly noise: number;
  /** How much each observation pulls on the fit: its own share, 0–1, of what is fitted to it. */
  readonly pulls: readonly number[];
  readonly rounds: number;
}

const MOST_ROUNDS = 60;
/** A step so small, in spreads of the prior, ends the fit. */
const STILL = 1e-9;
/** Share of a spread by which a parameter is moved to see what it does. */
const NUDGE = 1e-4;
/** Observations are never taken to be surer than this. */
const LEAST_NOISE = 1e-4;
const FIRST_DAMPING = 1e-3;
const MOST_DAMPING = 1e9;

const clamp = (x: number, { least, most }: Prior): number => Math.min(most, Math.max(least, x));
const squares = (list: readonly number[]): number => list.reduce((sum, x) => sum + x * x, 0);

/**
 * The parameters that explain observations best (bounded least squares, after Levenberg and Marquardt), each held back by how
 * it is known beforehand. How far observations scatter is found with them.
 *
 * @param model what each observation would be at some parameters; its length never changes
 * @param observed what was observed, in the unit of the model
 * @param priors one for each parameter
 * @param noise standard deviation of an observation to begin with
 * @throws {CoreError} E_RANGE for no observation or a spread of nothing, E_NO_VALUE where the model gives no number
 * @example
 * fitBounded(([x = 0]) => [2 * x], [6], [{ likely: 1, spread: 10, least: 0, most: 9 }], 0.1).values[0]?.toFixed(1) // '3.0'
 */
export function fitBounded(
  model: (values: readonly number[]) => readonly number[],
  observed: readonly number[],
  priors: readonly Prior[],
  noise: number,
): Fit {
  if (observed.length === 0) return refuse('E_RANGE', 'observed', 0, 'an observation');
  for (const { spread } of priors) if (!(spread > 0)) refuse('E_RANGE', 'spread', spread, 'a spread above 0');
  const look = (values: readonly number[]): number[] => {
    const residuals = model(values).map((x, i) => x - (observed[i] ?? NaN));
    if (residuals.length !== observed.length || !residuals.every(Number.isFinite))
      return refuse('E_NO_VALUE', 'model', values.join(', '), 'a number for each observation');
    return residuals;
  };
  const off = (values: readonly number[]): number[] => priors.map((p, j) => ((values[j] ?? 0) - p.likely) / p.spread);
  let sigma = Math.max(noise, LEAST_NOISE);
  const cost = (residuals: readonly number[], values: readonly number[]): number =>
    squares(residuals) / sigma ** 2 + squares(off(values));
  let values = priors.map((p) => clamp(p.likely, p));
  let residuals = look(values);
  let damping = FIRST_DAMPING;
  let rounds = 0;
  for (; rounds < MOST_ROUNDS; rounds++) {
    const slopes = slopesAt(look, values, residuals, priors);
    const normal = normalOf(slopes, priors, sigma);
    const pull = priors.map(
      (p, j) =>
        residuals.reduce((sum, r, i) => sum + slopes.get(i, j) * r, 0) / sigma ** 2 + (off(values)[j] ?? 0) / p.spread,
    );
    const was = cost(residuals, values);
    let moved = 0;
    for (; damping < MOST_DAMPING; damping *= 10) {
      const damped = normal.clone();
      for (let j = 0; j < priors.length; j++) damped.set(j, j, normal.get(j, j) * (1 + damping));
      const step = inverse(damped).mmul(Matrix.columnVector(pull)).to1DArray();
      const next = priors.map((p, j) => clamp((values[j] ?? 0) - (step[j] ?? 0), p));
      const then = look(next);
      if (cost(then, next) > was) continue;
      moved = Math.max(...priors.map((p, j) => Math.abs((next[j] ?? 0) - (values[j] ?? 0)) / p.spread));
      values = next;
      residuals = then;
      damping = Math.max(damping / 100, 1e-12);
      break;
    }
    if (damping >= MOST_DAMPING) damping = FIRST_DAMPING;
    const scatter = scatterOf(residuals, slopesAt(look, values, residuals, priors), priors, sigma);
    const settled = Math.abs(scatter - sigma) <= STILL * sigma;
    sigma = scatter;
    if (moved < STILL && settled) break;
  }
  const slopes = slopesAt(look, values, residuals, priors);
  const spread = inverse(normalOf(slopes, priors, sigma));
  return {
    values,
    residuals,
    noise: sigma,
    rounds,
    errors: priors.map((_, j) => Math.sqrt(Math.max(0, spread.get(j, j)))),
    pulls: pullsOf(slopes, spread, sigma),
  };
}

/** What each parameter does to each observation. */
function slopesAt(
  look: (values: readonly number[]) => readonly number[],
  values: readonly number[],
  residuals: readonly number[],
  priors: readonly Prior[],
): Matrix {
  const slopes = Matrix.zeros(residuals.length, priors.length);
  priors.forEach((prior, j) => {
    const at = values[j] ?? 0;
    // Inwards, where the nudge would leave the bounds.
    const nudge = (at + NUDGE * prior.spread > prior.most ? -1 : 1) * NUDGE * prior.spread;
    const then = look(values.map((x, k) => (k === j ? x + nudge : x)));
    then.forEach((r, i) => slopes.set(i, j, (r - (residuals[i] ?? 0)) / nudge));
  });
  return slopes;
}

function normalOf(slopes: Matrix, priors: readonly Prior[], sigma: number): Matrix {
  const normal = slopes
    .transpose()
    .mmul(slopes)
    .div(sigma ** 2);
  priors.forEach(({ spread }, j) => normal.set(j, j, normal.get(j, j) + 1 / spread ** 2));
  return normal;
}

/** The share of each fitted value that is its own observation’s. */
const pullsOf = (slopes: Matrix, spread: Matrix, sigma: number): number[] => {
  const own = slopes.mmul(spread).div(sigma ** 2);
  return Array.from({ length: slopes.rows }, (_, i) => {
    let sum = 0;
    for (let j = 0; j < slopes.columns; j++) sum += own.get(i, j) * slopes.get(i, j);
    return Math.min(1, Math.max(0, sum));
  });
};

/** How far observations scatter: what is left of them, by as many as are not used up by the fit. */
function scatterOf(residuals: readonly number[], slopes: Matrix, priors: readonly Prior[], sigma: number): number {
  const used = pullsOf(slopes, inverse(normalOf(slopes, priors, sigma)), sigma).reduce((sum, x) => sum + x, 0);
  const free = Math.max(1, residuals.length - used);
  return Math.max(LEAST_NOISE, Math.sqrt(squares(residuals) / free));
}
