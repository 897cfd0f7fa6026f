/**
 * A seeded source of numbers that scatter like errors: mean 0, standard deviation 1.
 *
 * @param seed the same gives the same numbers
 */
export function scatter(seed: number): () => number {
  let state = seed >>> 0;
  const next = (): number => {
    state = (Math.imul(state ^ (state >>> 15), 0x2c1b3c6d) + 0x9e3779b9) >>> 0;
    return ((state ^ (state >>> 12)) >>> 0) / 2 ** 32;
  };
  return () => Array.from({ length: 12 }, next).reduce((a, b) => a + b, -6);
}
