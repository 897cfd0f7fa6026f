/**
 * What the shift of a core adds to the whole width of a size between core and mould, mm, by the way a route makes its
 * passages: prints wear, and a core sits in them with play. A way that is not listed makes core and mould in one piece.
 * Basis: assumed; ask the shop.
 */
export const CORE_SHIFT_MM: Readonly<Record<string, number>> = {
  core: 0.6,
  'sand-core': 0.5,
  'plaster-core': 0.4,
  'soluble-or-ceramic-core': 0.25,
  'soluble-wax-core': 0.3,
  'printed-core': 0.3,
  'straight-core-only': 0.1,
  'metal-plug': 0.1,
};
