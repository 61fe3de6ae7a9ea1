// npm run test:mutants: plants small faults into the arithmetic and asks whether a test notices. 45–90 minutes for all of
// it on two cores; one file takes a minute or two: npm run test:mutants -- --mutate src/core/film/grit.ts
const files = [
  'src/core/film/{clear-budget,time-at-temperature,spreading,film-column,film-at-day,grit,climate}.ts',
  'src/core/stores/{needs,mix,packs,stock,voc}.ts',
  'src/core/units/{money,minute}.ts',
  'src/core/booth/coat-round.ts',
  'src/core/steps/labour.ts',
  'src/core/forecast/{draw,spread}.ts',
  'src/core/schedule/calendar.ts',
];

export default {
  testRunner: 'jest',
  jest: { projectType: 'custom', configFile: 'jest.mutants.config.mjs', enableFindRelatedTests: true },
  mutate: files,
  coverageAnalysis: 'perTest',
  // Tables of figures are read at loading; a test of each entry would only copy it.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  reporters: ['clear-text', 'progress-append-only', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: 'test-results/mutants.json' },
  thresholds: { high: 90, low: 85, break: 85 },
  tempDirName: '.mutants',
  ignorePatterns: ['.data*', '.next*', '.workers', 'docs', 'test-results', 'tests/e2e'],
};
