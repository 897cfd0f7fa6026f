/**
 * A short name for an expression: its text hashed to 52 bits. What is compiled ahead is kept under it.
 *
 * @example
 * keyOf('a + b') === keyOf('a + b ') // false
 */
export function keyOf(expression: string): string {
  let low = 0x811c9dc5;
  let high = 0x9e3779b1;
  for (let i = 0; i < expression.length; i++) {
    const code = expression.charCodeAt(i);
    low = Math.imul(low ^ code, 0x01000193);
    high = Math.imul(high ^ (code + i), 0x85ebca6b);
  }
  return ((high >>> 12) * 2 ** 32 + (low >>> 0)).toString(36);
}
