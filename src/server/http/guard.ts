/** Hosts the application answers to by default: loopback names, any port. */
const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/i;

/**
 * True when a Host header names us: loopback, or one of the hosts allowed by the setting HOST_ALLOWED
 * (comma-separated, with port). Keeps other names that resolve here from reaching the application.
 */
export function hostAllowed(host: string | null, allowed: string | undefined): boolean {
  if (host === null) return false;
  if (LOOPBACK.test(host)) return true;
  const named = host.toLowerCase();
  return (allowed ?? '').split(',').some((name) => name.trim() !== '' && name.trim().toLowerCase() === named);
}

/**
 * True when a write comes from our own pages, or from no page at all (a command-line client) on this very machine. Under
 * another name than loopback a write must say where it comes from.
 * @param scheme under which the application is reached by that name: "https" behind a proxy that says so
 */
export function originAllowed(
  origin: string | null,
  fetchSite: string | null,
  host: string | null,
  scheme: string | null = null,
): boolean {
  if (fetchSite !== null && fetchSite !== 'same-origin' && fetchSite !== 'none') return false;
  // A browser names the site it asks from where it names no origin: our own pages' reads.
  if (origin === null) return fetchSite === 'same-origin' || (host !== null && LOOPBACK.test(host));
  try {
    const from = new URL(origin);
    if (from.protocol !== 'http:' && from.protocol !== 'https:') return false;
    return from.host === host?.toLowerCase() && (scheme === null || from.protocol === `${scheme}:`);
  } catch {
    return false;
  }
}
