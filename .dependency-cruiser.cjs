/** The direction of the house, held by lint: entries → fold → examine → grade → compose → render. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-core-only',
      severity: 'error',
      from: { path: '^src/core', pathNot: '(\\.test\\.ts$|^src/core/testing/)' },
      to: {
        pathNot:
          '^(src/core|node_modules/(valibot|@valibot/to-json-schema|canonicalize|ml-matrix|date-fns|d3-hierarchy|@types/d3-hierarchy))',
      },
    },
    {
      name: 'a-rule-imports-no-other-rule',
      severity: 'error',
      from: { path: '^src/core/rules/([^/]+)/([^/]+)\\.ts$', pathNot: '\\.(test|cases)\\.ts$' },
      to: { path: '^src/core/rules/[^/]+/[^/]+\\.ts$' },
    },
    {
      name: 'every-rule-is-registered',
      severity: 'error',
      from: { path: '^src/core/rules/index\\.ts$' },
      to: {
        path: '^src/core/rules/[^/]+/[^/]+\\.ts$',
        pathNot: '\\.(test|cases)\\.ts$',
        reachable: false,
      },
    },
    {
      name: 'driver-only-under-server-db',
      severity: 'error',
      from: { path: '^src', pathNot: '^src/server/db' },
      to: { path: '^node_modules/(pg|@types/pg)/' },
    },
    {
      name: 'ui-never-imports-server',
      severity: 'error',
      from: { path: '^src/(ui|client|workers)' },
      to: { path: '^src/(server|app)' },
    },
    {
      name: 'app-never-imports-db',
      severity: 'error',
      from: { path: '^src/app' },
      to: { path: '^src/server/db' },
    },
    {
      name: 'server-never-imports-ui',
      severity: 'error',
      from: { path: '^src/server' },
      to: { path: '^src/(ui|app|client)' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
