/** Names that earlier builds gave what a signed record holds, and their present ones. */
const NOW = new Map(
  Object.entries({
    doubt: 'simulation',
    flipsTold: 'flipExplanations',
    told: 'explanation',
    made: 'working',
    dues: 'deliveries',
    mends: 'fixes',
    held: 'overrides',
    mended: 'repaired',
  }),
);

/**
 * A stored record under its present names: one that an earlier build signed reads like one of today. Its values stay as
 * they were signed.
 */
export function underPresentNames(stored: unknown): unknown {
  if (Array.isArray(stored)) return stored.map(underPresentNames);
  if (typeof stored !== 'object' || stored === null) return stored;
  return Object.fromEntries(
    Object.entries(stored).map(([key, value]) => [NOW.get(key) ?? key, underPresentNames(value)] as const),
  );
}
