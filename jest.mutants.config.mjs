// The tests that stand nearest to the mutated rooms: what only a whole plan would notice is not counted as noticed, and would
// take seconds a mutant.
import config from './jest.config.mjs';

const core = config.projects.find((one) => one.displayName === 'core');
const { displayName: _name, ...plain } = core;

export default {
  ...plain,
  testTimeout: config.testTimeout,
  testPathIgnorePatterns: ['src/core/forecast/forecast\\.test\\.ts', 'src/core/film/ground\\.test\\.ts'],
  testMatch: [
    '<rootDir>/src/core/{film,stores,units,booth,forecast}/**/*.test.ts',
    '<rootDir>/src/core/steps/labour.test.ts',
    '<rootDir>/src/core/schedule/{stretches,compile,parts}.test.ts',
  ],
};
