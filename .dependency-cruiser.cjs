/** The gate of the house: who may import whom. Also sees import() and type imports. */
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
        dependencyTypesNot: [],
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
      comment: 'Rooms outside the core use a subject through its index, and the few single files at its root.',
      severity: 'error',
      from: { path: '^src/(ui|workers|app|server)', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/core/[^/]+/(?!index\\.ts$).+' },
    },
    {
      name: 'no-circular',
      severity: 'error',
      from: { path: '^src' },
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
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
