/** A colour in light and in dark. */
export type Pair = readonly [light: string, dark: string];

/** Warm paper and graphite; iron-black and ash. */
export const PAPER: Readonly<Record<'paper' | 'sunk' | 'deep', Pair>> = {
  paper: ['#faf6ee', '#171614'],
  sunk: ['#f3ecdf', '#201e1b'],
  deep: ['#e8decd', '#2d2a26'],
};

export const INK: Readonly<Record<'ink' | 'quiet' | 'hair' | 'line', Pair>> = {
  ink: ['#24211d', '#ece5d8'],
  quiet: ['#5f574c', '#b0a695'],
  hair: ['#d9cebb', '#38342e'],
  line: ['#b3a58e', '#645c50'],
};

/** The metal: the chosen quantity, the leader, the primary action. */
export const HOT: Pair = ['#b23c0e', '#ff9152'];
export const ON_HOT: Pair = ['#fffaf2', '#241207'];
export const ALARM: Pair = ['#9a1f2b', '#ff8d8d'];
/** A row under the pointer. */
export const SHADE: Pair = ['rgb(36 33 29 / 6%)', 'rgb(236 229 216 / 6%)'];

/** Tones of the routes, grouped by kin: sands, burnt-out moulds, metal dies, rubber; ways without a casting share one. */
export const ROUTE_TONES: Readonly<Record<string, Pair>> = {
  'green-sand': ['#8a6a2f', '#b8924c'],
  'bonded-sand': ['#b58a4a', '#d9b374'],
  plaster: ['#8fa08c', '#b5c4b2'],
  'shell-investment': ['#5b8069', '#83ab92'],
  'flask-investment': ['#35605a', '#5a918a'],
  'gravity-die': ['#8596ad', '#a9b8cc'],
  'permanent-mould': ['#5a7396', '#7f9ac0'],
  'pressure-die': ['#33486c', '#6480b3'],
  spin: ['#7d5170', '#b184a2'],
  machined: ['#6b655c', '#9a9286'],
};
