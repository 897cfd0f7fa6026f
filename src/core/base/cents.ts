/**
 * Amounts rounded to cents so that they add up to the rounded total: each is rounded down, and the cents that are
 * missing go to those that lost the most.
 *
 * @param amounts money, any sign
 * @param total what they add up to, in the same currency; their sum may differ from it by rounding of numbers only
 * @returns as many amounts, whole cents, whose sum is the total rounded to cents
 * @example
 * centsThatAdd([0.333, 0.333, 0.334], 1) // [0.33, 0.33, 0.34]
 */
export function centsThatAdd(amounts: readonly number[], total: number): number[] {
  const wanted = Math.round(100 * total);
  const floors = amounts.map((x) => Math.floor(100 * x + 1e-9));
  let missing = wanted - floors.reduce((a, b) => a + b, 0);
  const order = amounts.map((x, i) => ({ i, lost: 100 * x - (floors[i] ?? 0) })).sort((a, b) => b.lost - a.lost);
  const out = [...floors];
  for (let k = 0; missing !== 0 && order.length > 0; k++) {
    const { i } = order[missing > 0 ? k % order.length : order.length - 1 - (k % order.length)] as { i: number };
    out[i] = (out[i] ?? 0) + Math.sign(missing);
    missing -= Math.sign(missing);
  }
  return out.map((x) => x / 100);
}
