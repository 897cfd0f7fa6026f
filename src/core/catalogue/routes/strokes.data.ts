/** Dash of a route's line in charts, so that grey print still tells them apart. Lengths in px; empty = solid. */
export const ROUTE_DASH: Readonly<Record<string, readonly number[]>> = {
  'green-sand': [],
  'bonded-sand': [8, 3],
  plaster: [2, 2],
  'shell-investment': [10, 3, 2, 3],
  'flask-investment': [5, 2, 1, 2],
  'gravity-die': [12, 2],
  'permanent-mould': [],
  'pressure-die': [6, 2, 6, 5],
  spin: [3, 3],
  machined: [1, 3],
  stamped: [1, 5],
  fabricated: [1, 7],
  plan: [14, 3],
};

/** Width of a route's line, so that kin with like tones differ too. */
export const ROUTE_WEIGHT: Readonly<Record<string, number>> = {
  'permanent-mould': 2.6,
  'green-sand': 1.8,
  plan: 3.2,
};
