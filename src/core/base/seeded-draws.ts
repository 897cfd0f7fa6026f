const STEP = 0x6d2b79f5;
const TWO_32 = 4_294_967_296;

/** A number of 32 bits from a text: the same text gives the same number. */
function numberOf(text: string): number {
  let hash = 2_166_136_261;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 16_777_619);
  return hash >>> 0;
}

/**
 * Draws evenly spread from 0 to below 1, the same ones for the same seed.
 *
 * @param seed any text
 * @returns a function that gives the next draw
 * @example
 * seededDraws('a')() === seededDraws('a')() // true
 */
export function seededDraws(seed: string): () => number {
  let state = numberOf(seed);
  return () => {
    state = (state + STEP) | 0;
    let x = Math.imul(state ^ (state >>> 15), 1 | state);
    x = (x + Math.imul(x ^ (x >>> 7), 61 | x)) ^ x;
    return ((x ^ (x >>> 14)) >>> 0) / TWO_32;
  };
}
