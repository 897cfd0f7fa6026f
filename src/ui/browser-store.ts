/** What this browser keeps of what was typed. Without browser storage it lives on the screen only. */

/** What is kept under a name, when it is of the right kind; else null. */
export function keptHere<T>(name: string, isIt: (x: unknown) => x is T): T | null {
  try {
    const raw: unknown = JSON.parse(localStorage.getItem(`nine-pours-${name}`) ?? 'null');
    return isIt(raw) ? raw : null;
  } catch {
    return null;
  }
}

/** Keeps a value under a name. */
export function keepHere(name: string, value: unknown): void {
  try {
    localStorage.setItem(`nine-pours-${name}`, JSON.stringify(value));
  } catch {
    // See above.
  }
}
