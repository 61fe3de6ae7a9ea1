import { patience } from './scripts/house/patience.mjs';

const transform = {
  '^.+\\.m?[tj]sx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
        target: 'es2022',
      },
    },
  ],
};
const shared = {
  transform,
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transformIgnorePatterns: [
    'node_modules/(?!(@date-fns/tz|date-fns|culori|suncalc|@tus|srvx|set-cookie-parser|otplib|@otplib|@scure|@noble|iron-session|uncrypto|iron-webcrypto)/)',
  ],
  modulePathIgnorePatterns: [
    '<rootDir>/.next',
    '<rootDir>/.data',
    '<rootDir>/.workers',
    '<rootDir>/.mutants',
  ],
};

const config = {
  testTimeout: patience.testMs,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/src/{core,demo,cli,workers}/**/*.test.ts', '<rootDir>/tests/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'ui',
      testEnvironment: 'jsdom',
      testMatch: ['<rootDir>/src/{ui,features,app}/**/*.test.{ts,tsx}'],
      testPathIgnorePatterns: ['\\.database\\.test\\.ts$'],
      setupFilesAfterEnv: ['@testing-library/jest-dom', '<rootDir>/tests/component-patience.ts'],
    },
    {
      ...shared,
      displayName: 'database',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/src/server/**/*.test.ts', '<rootDir>/src/app/**/*.database.test.ts'],
    },
  ],
};

export default config;
