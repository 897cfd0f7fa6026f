/** Temperature at which an even casting may be knocked out, °C, by family. Basis: rule. */
export const KNOCK_OUT_C = {
  aluminium: 300,
  magnesium: 250,
  zinc: 200,
  tin: 120,
  lead: 150,
  copper: 450,
  precious: 450,
  'grey-iron': 500,
  'ductile-iron': 500,
  steel: 500,
  stainless: 600,
  'tool-steel': 250,
  nickel: 600,
  cobalt: 600,
  titanium: 400,
} as const;

/** Of it where sections change: stress is locked in. Basis: rule. */
export const KNOCK_OUT_FACTOR = { even: 1, graded: 0.85, abrupt: 0.65 } as const;
