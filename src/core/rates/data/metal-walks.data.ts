/**
 * How the simulated price of each metal family walks: seed, daily spread and pull back to its mean, as shares. Invented
 * figures; no market was looked at.
 */
export const METAL_WALKS: Readonly<
  Record<string, { readonly seed: number; readonly spread: number; readonly pull: number }>
> = {
  aluminium: { seed: 1301, spread: 0.011, pull: 0.008 },
  magnesium: { seed: 1709, spread: 0.012, pull: 0.009 },
  zinc: { seed: 2203, spread: 0.013, pull: 0.008 },
  copper: { seed: 2903, spread: 0.011, pull: 0.006 },
  tin: { seed: 3109, spread: 0.015, pull: 0.007 },
  lead: { seed: 3709, spread: 0.009, pull: 0.01 },
  'grey-iron': { seed: 4201, spread: 0.006, pull: 0.012 },
  'ductile-iron': { seed: 4409, spread: 0.007, pull: 0.012 },
  steel: { seed: 4703, spread: 0.007, pull: 0.012 },
  stainless: { seed: 5101, spread: 0.009, pull: 0.009 },
  'tool-steel': { seed: 5503, spread: 0.006, pull: 0.012 },
  nickel: { seed: 6007, spread: 0.016, pull: 0.007 },
  cobalt: { seed: 6607, spread: 0.014, pull: 0.006 },
  titanium: { seed: 7001, spread: 0.006, pull: 0.01 },
  precious: { seed: 7507, spread: 0.01, pull: 0.004 },
};
