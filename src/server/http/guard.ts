/** Hosts the application answers to by default: loopback names, any port. */
const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/**
 * True when a Host header names us: loopback, or one of the hosts allowed by the setting HOST_ALLOWED
 * (comma-separated, with port). Keeps other names that resolve here from reaching the application.
 */
export function hostAllowed(host: string | null, allowed: string | undefined): boolean {
  if (host === null) return false;
  if (LOOPBACK.test(host)) return true;
  return (allowed ?? '').split(',').some((name) => name.trim() !== '' && name.trim() === host);
}

/** True when a write comes from our own pages or from no page at all (a command-line client). */
export function originAllowed(origin: string | null, fetchSite: string | null, host: string | null): boolean {
  if (fetchSite !== null && fetchSite !== 'same-origin' && fetchSite !== 'none') return false;
  if (origin === null) return true;
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}
