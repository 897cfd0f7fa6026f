/** Coats that a brief can ask for. */
export const COATINGS = [
  'paint',
  'powder',
  'conversion',
  'anodise',
  'plating',
  'zincDip',
  'impregnation',
  'passivate',
] as const;
