/**
 * Runs something when the machine has a free moment, at the latest after `timeout_ms`.
 * @returns what takes it back
 */
export function whenIdle(run: () => void, timeout_ms: number): () => void {
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(run, Math.min(200, timeout_ms));
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(run, { timeout: timeout_ms });
  return () => cancelIdleCallback(handle);
}
