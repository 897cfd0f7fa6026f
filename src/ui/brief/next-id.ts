/** The next free letter (then letter and number) for a feature's id. */
export function nextId(used: readonly string[]): string {
  const taken = new Set(used);
  for (let i = 0; ; i++) {
    const id = `${'abcdefghijklmnopqrstuvwxyz'[i % 26] ?? 'a'}${i < 26 ? '' : Math.floor(i / 26)}`;
    if (!taken.has(id)) return id;
  }
}
