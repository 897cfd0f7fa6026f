/** Deepest nesting of a body, and most values in it. */
const DEEPEST = 48;
const MOST_VALUES = 400_000;

/**
 * What makes a body unfit to be worked with, in words: nested too deep, too many values, or text that is no text (half a
 * pair of surrogates, which no database takes). Null for a sound one. Walked without recursion: depth costs no stack.
 */
export function unsound(body: unknown): string | null {
  const waiting: { readonly value: unknown; readonly depth: number }[] = [{ value: body, depth: 0 }];
  let values = 0;
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    const { value, depth } = next;
    if (++values > MOST_VALUES) return `more than ${MOST_VALUES} values`;
    if (typeof value === 'string' && !value.isWellFormed()) return 'text with half a pair of surrogates';
    if (typeof value !== 'object' || value === null) continue;
    if (depth >= DEEPEST) return `nested more than ${DEEPEST} deep`;
    for (const [key, inner] of Object.entries(value)) {
      if (!key.isWellFormed()) return 'a key with half a pair of surrogates';
      waiting.push({ value: inner, depth: depth + 1 });
    }
  }
  return null;
}
