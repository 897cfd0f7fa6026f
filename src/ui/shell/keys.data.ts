/** A group of shortcuts: keys, and what they do. */
export type KeyGroup = readonly [where: string, keys: readonly (readonly [keys: readonly string[], does: string])[]];

/** Every shortcut, by the place it works in. */
export const KEY_GROUPS: readonly KeyGroup[] = [
  [
    'Everywhere',
    [
      [['?'], 'This list'],
      [['u'], 'SI or inch units'],
      [['m'], 'Light or dark'],
      [['Esc'], 'Close a sheet'],
    ],
  ],
  [
    'In a study',
    [
      [['b'], 'Brief'],
      [['g'], 'Part'],
      [['l'], 'Routes'],
      [['o'], 'Alloys'],
      [['c'], 'Calendar'],
      [['a'], 'Requirements'],
      [['e'], 'Method'],
      [['f'], 'Foundries'],
      [['q'], 'Quotes'],
      [['n'], 'Calculator'],
      [['d'], 'Decision'],
      [['r'], 'Quantity rail'],
    ],
  ],
  [
    'On the rail',
    [
      [['←', '→'], 'Small step'],
      [['Page Up', 'Page Down'], 'Large step'],
      [['Home', 'End'], 'Ends of the rail'],
    ],
  ],
  [
    'On the board',
    [
      [['↑', '↓', '←', '→'], 'Move between cells'],
      [['w', 'Enter'], 'Working of the figure'],
      [['Shift w'], 'Working of the smaller figure'],
      [['h'], 'Uncertainty of the figure'],
      [['y'], 'Reasons for the verdict'],
      [['p'], 'Compare the others with this route'],
      [['v'], 'Variants of the route'],
    ],
  ],
];
