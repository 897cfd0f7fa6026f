/** Cooling time in a pressure die for a millimetre of the thickest wall, s/mm. Source: textbook on design for manufacture. */
export const DIE_WALL_BETA = {
  zinc: 0.4,
  'zinc-aluminium': 0.42,
  aluminium: 0.47,
  magnesium: 0.31,
  copper: 0.63,
} as const;
