// Run by scripts/mutants.mjs, a room at a time.
import { mutantRooms } from './scripts/house/mutant-rooms.mjs';

const room = process.env.COATREL_MUTANT_ROOM ?? 'units';

const config = {
  testRunner: 'jest',
  jest: { projectType: 'custom', configFile: 'jest.mutants.config.mjs', enableFindRelatedTests: false },
  mutate: [mutantRooms[room].files],
  coverageAnalysis: 'perTest',
  // Tables of figures are read at loading; a test of each entry would only copy it.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 30_000,
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: `test-results/mutants-${room}.json` },
  tempDirName: '.mutants',
  ignorePatterns: ['.data*', '.next*', '.workers', 'docs', 'test-results', 'tests/e2e'],
};

export default config;
