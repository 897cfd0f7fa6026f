const key = (id: string): string => `nine-pours-typed-${id}`;

/** Keeps a form that is partly unreadable in this browser until it is repaired; null forgets it. */
export function keepTyping(id: string, values: unknown): void {
  try {
    if (values === null) localStorage.removeItem(key(id));
    else localStorage.setItem(key(id), JSON.stringify(values));
  } catch {
    // Without browser storage the form lives on this screen only.
  }
}

/** The partly unreadable form kept of a study, or null. */
export function keptTyping(id: string): Record<string, unknown> | null {
  try {
    const text = typeof localStorage === 'undefined' ? null : localStorage.getItem(key(id));
    return text === null ? null : (JSON.parse(text) as Record<string, unknown>);
  } catch {
    return null;
  }
}
