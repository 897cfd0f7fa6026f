/** Lanczos coefficients for g = 7, n = 9 (Godfrey); relative error of ln Γ below 1e-13 for positive arguments. */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
] as const;

/** Natural logarithm of the gamma function for x > 0.5 (all that the binomial tail asks for). */
function lnGamma(x: number): number {
  const z = x - 1;
  let sum: number = LANCZOS[0];
  for (let i = 1; i < LANCZOS.length; i++) sum += (LANCZOS[i] ?? 0) / (z + i);
  const t = z + 7.5;
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

/** Continued fraction of the incomplete beta function (modified Lentz), stopped when a step changes it by under 1e-15. */
function fraction(x: number, a: number, b: number): number {
  const tiny = 1e-300;
  let c = 1;
  let d = 1 - ((a + b) * x) / (a + 1);
  d = 1 / (Math.abs(d) < tiny ? tiny : d);
  let f = d;
  for (let m = 1; m <= 10_000; m++) {
    for (const num of [
      (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m)),
      (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1)),
    ]) {
      d = 1 + num * d;
      d = 1 / (Math.abs(d) < tiny ? tiny : d);
      c = 1 + num / c;
      if (Math.abs(c) < tiny) c = tiny;
      f *= c * d;
      if (Math.abs(c * d - 1) < 1e-15 && num < 0) return f;
    }
  }
  return f;
}

/**
 * Regularised incomplete beta function I_x(a, b) for 0 < x < 1 and a, b ≥ 1.
 * @see Abramowitz and Stegun 26.5.8; the symmetric form is used on the side where the fraction converges fast
 * @example
 * regularisedBeta(0.5, 2, 2) // 0.5
 */
export function regularisedBeta(x: number, a: number, b: number): number {
  const front = Math.exp(lnGamma(a + b) - lnGamma(a) - lnGamma(b) + a * Math.log(x) + b * Math.log1p(-x));
  return x < (a + 1) / (a + b + 2) ? (front * fraction(x, a, b)) / a : 1 - (front * fraction(1 - x, b, a)) / b;
}
