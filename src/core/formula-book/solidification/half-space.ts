/** A mould as a half-space: conductivity W/mK, density kg/m³, specific heat J/kgK. */
export interface HalfSpace {
  readonly k: number;
  readonly rho: number;
  readonly c: number;
}

const SQRT_PI = Math.sqrt(Math.PI);
/** Below this X the bracket is worked out by its series. */
const SERIES_BELOW = 1e-3;
/** From this x on the scaled erfc is worked out by its continued fraction. */
const FRACTION_FROM = 2;
const FRACTION_TERMS = 160;
const SERIES_TERMS = 60;
const ROUNDS = 200;
const CLOSE = 1e-13;

/** e^(x²) · erfc(x), x from 0 on. */
export function scaledErfc(x: number): number {
  if (x >= FRACTION_FROM) {
    let tail = 0;
    for (let k = FRACTION_TERMS; k >= 1; k--) tail = k / 2 / (x + tail);
    return 1 / (SQRT_PI * (x + tail));
  }
  let term = x;
  let erf = x;
  for (let n = 1; n <= SERIES_TERMS; n++) {
    term *= (-x * x) / n;
    erf += term / (2 * n + 1);
  }
  return Math.exp(x * x) * (1 - (2 / SQRT_PI) * erf);
}

/**
 * Heat that a half-space behind a film has taken up, as the bracket e^(X²)·erfc X − 1 + 2X/√π of X = h√(αt)/k.
 *
 * @example
 * heatOfFilm(0) // 0
 */
export function heatOfFilm(X: number): number {
  if (X < SERIES_BELOW) return X * X * (1 - (4 * X) / (3 * SQRT_PI) + (X * X) / 2);
  return scaledErfc(X) - 1 + (2 * X) / SQRT_PI;
}

/**
 * How long a half-space behind a film needs to take up so much heat.
 *
 * @param heat for a square metre and a kelvin between metal and mould, J/m²K
 * @param h of the film, W/m²K
 * @param mould half-space
 * @returns time in s, and X = h√(αt)/k at its end
 */
export function timeOfHalfSpace(heat: number, h: number, { k, rho, c }: HalfSpace): { time_s: number; X: number } {
  const alpha = k / (rho * c);
  const wanted = (heat * h * alpha) / (k * k);
  let [low, high] = [0, 1];
  while (heatOfFilm(high) < wanted) high *= 2;
  for (let i = 0; i < ROUNDS && high - low > CLOSE * high; i++) {
    const middle = (low + high) / 2;
    if (heatOfFilm(middle) < wanted) low = middle;
    else high = middle;
  }
  const X = (low + high) / 2;
  return { time_s: ((X * k) / h) ** 2 / alpha, X };
}
