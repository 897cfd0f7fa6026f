/** Terms of the two series: what a further one adds is below the rounding of a double. */
const LN_TERMS = 13;
const EXP_TERMS = 16;

/** Natural logarithm of a number above 0, of sums and products alone. */
function ln(x: number): number {
  let twos = 0;
  while (x > Math.SQRT2) {
    x /= 2;
    twos++;
  }
  while (x < Math.SQRT1_2) {
    x *= 2;
    twos--;
  }
  const s = (x - 1) / (x + 1);
  let sum = 0;
  for (let k = LN_TERMS; k >= 0; k--) sum = sum * s * s + 1 / (2 * k + 1);
  return twos * Math.LN2 + 2 * s * sum;
}

function exp(y: number): number {
  const twos = Math.round(y / Math.LN2);
  const r = y - twos * Math.LN2;
  let sum = 1;
  for (let k = EXP_TERMS; k >= 1; k--) sum = 1 + (sum * r) / k;
  for (let k = 0; k < twos; k++) sum *= 2;
  for (let k = 0; k > twos; k--) sum /= 2;
  return sum;
}

/**
 * x to the power y, the same to the last bit on every machine: of sums and products alone, where the machine's own power
 * is free to round as it likes.
 *
 * @param x above 0; 0 gives 0, less gives NaN
 * @param y any exponent
 * @example
 * Number(power(1.5, 1.5).toFixed(12)) // 1.837117307087
 */
export function power(x: number, y: number): number {
  if (y === 0 || x === 1) return 1;
  if (!(x > 0) || !Number.isFinite(x) || !Number.isFinite(y)) return x === 0 && y > 0 ? 0 : Math.pow(x, y);
  const size = y * ln(x);
  return size > 700 ? Infinity : size < -700 ? 0 : exp(size);
}
