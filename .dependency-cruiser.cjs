/** The arrows of docs/architecture.md, as rules. `tests/boundaries.test.ts` plants violations of each. */
const only = (from, allowed) => ({
  name: `${from}-points-only-where-it-may`,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: '\\.(test|fixture)\\.tsx?$' },
  to: { path: '^src/', pathNot: `^src/(${allowed.join('|')})(/|$)` },
});

/** Core computes; of the packages it may use only these small pure ones. */
const corePackages = [
  'date-fns',
  '@date-fns/tz',
  'joi',
  'lru-cache',
  'polygon-clipping',
  'culori',
  'saxes',
  'svgpath',
  'papaparse',
  'ical-generator',
  'ical.js',
  'suncalc',
];

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: { path: '^src/' }, to: { circular: true } },
    only('core', ['core']),
    only('ui', ['ui']),
    only('devices', ['devices', 'core']),
    only('workers', ['workers', 'core']),
    only('server', ['server', 'core', 'workers', 'devices']),
    only('features', ['features', 'ui', 'core', 'workers', 'devices', 'server']),
    only('demo', ['demo', 'server', 'core']),
    only('cli', ['cli', 'demo', 'server', 'core']),
    {
      name: 'features-reach-the-server-only-from-actions',
      severity: 'error',
      from: { path: '^src/features/', pathNot: '(actions\\.ts|\\.(test|fixture)\\.tsx?)$' },
      to: { path: '^src/server/' },
    },
    {
      name: 'core-uses-only-small-pure-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.(test|fixture)\\.ts$' },
      to: { path: 'node_modules/', pathNot: `node_modules/(${corePackages.join('|')})(/|$)` },
    },
    {
      name: 'core-has-no-input-or-output',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.(test|fixture)\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'joi-stays-out-of-the-browser',
      severity: 'error',
      from: { path: '^src/(features|ui)/' },
      to: { path: 'node_modules/joi/' },
    },
    {
      name: 'the-audit-knows-nothing-of-the-builder',
      severity: 'error',
      from: { path: '^src/core/(audit|surface|programme)/', pathNot: '\\.(test|fixture)\\.ts$' },
      to: { path: '^src/core/(steps|schedule|plan|readings|changes|forecast|log|survey)/' },
    },
    {
      name: 'rows-stay-in-the-repositories',
      severity: 'error',
      from: { path: '^src/(app|features|demo|cli)/', pathNot: '\\.(test|fixture)\\.tsx?$' },
      to: { path: '^src/server/(database/schema|repositories)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default', 'types'],
    },
  },
};
