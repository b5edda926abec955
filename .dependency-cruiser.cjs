/** The direction of the house, held by lint. */
const { foldersInOrder, core } = require('./layers.cjs');

/** Tables of cases and tests stand beside what they try, and may use everything. */
const tried = '(\\.(test|cases)\\.ts$|/cases\\.ts$)';

/** Each folder of core imports only those before it; a room's first file only its own room. */
const layers = [
  ...foldersInOrder.slice(0, -1).map((folder, index) => ({
    name: `layer-of-${folder.replace('/', '-')}`,
    severity: 'error',
    from: { path: `^src/core/${folder}/`, pathNot: tried },
    to: { path: `^src/core/(${foldersInOrder.slice(index + 1).join('|')})/` },
  })),
  {
    name: 'first-file-of-a-room',
    severity: 'error',
    from: { path: `^src/core/(${core.map(({ room }) => room).join('|')})/index\\.ts$` },
    to: { path: '^src/core/([^/]+)/', pathNot: '^src/core/$1/' },
  },
  {
    name: 'inside-core-nobody-starts-at-the-door',
    severity: 'error',
    from: { path: '^src/core/(.+)/' },
    to: { path: `^src/core/((${core.map(({ room }) => room).join('|')})/)?index\\.ts$` },
  },
  {
    name: 'from-outside-through-the-front-door',
    severity: 'error',
    from: { path: '^(src|bench|tests)/', pathNot: '^src/core/' },
    to: {
      path: '^src/core/(judge/assess/(assess|follow)|record/entries/versions|record/package/package|record/shorthand/parse|fieldwork/recording/(logbook|record-line)|fieldwork/bench/verdict|model/simulation/(site-network|solve)|show/drawing/draw-panel|show/report/(compose|versions)|codes/settings/versions)\\.ts$',
    },
  },
];

module.exports = {
  forbidden: [
    ...layers,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-core-only',
      severity: 'error',
      from: { path: '^src/core', pathNot: '(\\.test\\.ts$|^src/core/testing/)' },
      to: {
        pathNot:
          '^(src/core|node_modules/(valibot|@valibot/to-json-schema|canonicalize|ml-matrix|date-fns|@date-fns/utc|@date-fns/tz|d3-array|@types/d3-array|d3-hierarchy|@types/d3-hierarchy|highs))',
      },
    },
    {
      name: 'a-rule-imports-no-other-rule',
      severity: 'error',
      from: {
        path: '^src/core/judge/rules/([^/]+)/([^/]+)\\.ts$',
        pathNot: '\\.(test|cases)\\.ts$',
      },
      to: { path: '^src/core/judge/rules/[^/]+/[^/]+\\.ts$' },
    },
    {
      name: 'every-rule-is-registered',
      severity: 'error',
      from: { path: '^src/core/judge/rules/index\\.ts$' },
      to: {
        path: '^src/core/judge/rules/[^/]+/[^/]+\\.ts$',
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
      from: { path: '^src/(ui|client|workers)', pathNot: '\\.test\\.tsx?$' },
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
