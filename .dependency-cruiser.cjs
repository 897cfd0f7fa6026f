/** The gate of the house: who may import whom. Type imports and import() count. */

/** The rooms of the core, in the order of the work: each may know those before it. */
const CORE_ROOMS = [
  'base',
  'drawing',
  'equations',
  'explanation',
  'catalogue',
  'formula-book',
  'solidification',
  'process-values',
  'foundries',
  'team-alloys',
  'rates',
  'brief',
  'part-file',
  'part',
  'screening',
  'cost',
  'schedule',
  'baselines',
  'study',
  'method',
  'traveller',
  'quotes',
  'comparison',
  'phased-plans',
  'simulation',
  'decision',
  'reference',
];

/** The rooms of the server, likewise. */
const SERVER_ROOMS = [
  'db',
  'http',
  'rates',
  'process-sets',
  'foundries',
  'team-alloys',
  'bought-parts',
  'weights',
  'studies',
  'quotes',
  'travellers',
  'part-files',
  'decisions',
  'exchange',
  'record',
  'jobs',
  'signing',
  'results',
  'demo',
];

/** The face of a subject: the index of a room or of a folder in it. */
const INDEX = ['^src/core/[^/]+/index\\.ts$', '^src/core/[^/]+/[^/]+/index\\.ts$'];

/** A room knows none that comes after it. Tests may look anywhere. */
const inOrder = (layer, rooms) =>
  rooms.slice(0, -1).map((room, i) => ({
    name: `${layer}-order-${room}`,
    comment: `The rooms of src/${layer} have an order; ${room} comes before what it imports here.`,
    severity: 'error',
    from: { path: `^src/${layer}/${room}/`, pathNot: '\\.test\\.ts$' },
    to: { path: `^src/${layer}/(${[...rooms.slice(i + 1), 'testing'].join('|')})/` },
  }));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      comment: 'The core knows neither framework, database nor any room outside itself; tests may read the demo data.',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^(src/(?!core)|node_modules/(@types/)?(react|react-dom|next|mysql2|pino|chart\\.js|@chakra-ui)(/|$))',
      },
    },
    ...inOrder('core', CORE_ROOMS),
    ...inOrder('server', SERVER_ROOMS),
    {
      name: 'room-is-known',
      comment: 'A new room takes its place in the order above.',
      severity: 'error',
      from: { path: '^src' },
      to: {
        path: [
          `^src/core/(?!(${[...CORE_ROOMS, 'testing'].join('|')})/)`,
          `^src/server/(?!(${[...SERVER_ROOMS, 'testing'].join('|')})/)[^/]+/`,
        ],
      },
    },
    {
      name: 'core-rooms-by-the-front-door',
      comment:
        'A room of the core uses another through the index of a subject; base has no index, its files are small.',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$|^src/core/testing/' },
      to: {
        path: '^src/core/(?!base/|testing/)',
        pathNot: ['^src/core/$1/', ...INDEX],
      },
    },
    {
      name: 'screens-not-server',
      comment: 'Screens and workers talk to the server over HTTP; they may know its types.',
      severity: 'error',
      from: { path: '^src/(ui|workers)' },
      to: { path: '^src/server', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'server-not-screens',
      severity: 'error',
      from: { path: '^src/server' },
      to: { path: '^src/(ui|workers|app)' },
    },
    {
      name: 'core-by-the-front-door',
      comment: 'Outside the core a subject is used through its index; base has no index, its files are small.',
      severity: 'error',
      from: { path: '^src/(ui|workers|app|server)', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/core/(?!base/)', pathNot: INDEX },
    },
    {
      name: 'no-circular',
      comment: 'No circle, of types neither.',
      severity: 'error',
      from: { path: '^src' },
      to: { circular: true },
    },
    { name: 'no-unresolvable', severity: 'error', from: { path: '^src' }, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.css$' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
