/** What must be dry and warm before the pour: least temperature, °C, and most moisture, a share of mass. Basis: rule; a shop tightens it. */
export const PREHEAT = {
  tool: { least_C: 120, moisture: 0 },
  ingot: { least_C: 120, moisture: 0 },
  'ladle-lining': { least_C: 200, moisture: 0 },
  'metal-die': { least_C: 150, moisture: 0 },
  plaster: { least_C: 180, moisture: 0.005 },
  'flask-investment': { least_C: 450, moisture: 0 },
  'shell-investment': { least_C: 700, moisture: 0 },
  'green-sand': { least_C: 10, moisture: 0.045 },
  'bonded-sand': { least_C: 10, moisture: 0.003 },
} as const;
