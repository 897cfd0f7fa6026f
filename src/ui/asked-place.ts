/** The place the address asks for: what follows its hash; empty where nothing does, or where it cannot be read. */
export function askedPlace(): string {
  try {
    return decodeURIComponent(window.location.hash.slice(1));
  } catch {
    return '';
  }
}
