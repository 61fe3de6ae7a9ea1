import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

/** Ways to write a value so that the compiler no longer looks at it. */
const hiding = [
  {
    selector: 'SpreadElement > ObjectExpression',
    message: 'A literal inside a spread is not checked for misspelt keys: write its keys plainly.',
  },
  {
    selector: 'JSXSpreadAttribute > ObjectExpression',
    message: 'A literal inside a spread is not checked for misspelt props: write them plainly.',
  },
  {
    selector: "TSTypeReference[typeName.name='Record'] TSUnknownKeyword",
    message: 'Name the fields: a record of unknown values takes any key.',
  },
  { selector: 'TSAsExpression > TSNeverKeyword', message: 'A cast to never hides what is wrong.' },
  {
    selector: 'TSAsExpression > TSAsExpression > Literal[value=null]',
    message: 'Let the type allow null.',
  },
];

const longest = (max) => ({ max, skipBlankLines: true, skipComments: true });

const config = [
  {
    ignores: [
      '.next/**',
      '.next-test/**',
      '.next-dev/**',
      '.data/**',
      '.workers/**',
      '.mutants/**',
      '.data-*/**',
      'node_modules/**',
      'next-env.d.ts',
    ],
  },
  ...next,
  ...typescript,
  {
    files: ['src/**/*.{ts,tsx}'],
    rules: {
      'no-console': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: false, skipComments: false }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'off',
      'no-restricted-syntax': ['error', ...hiding],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    // A function is one thought. In a component most lines are markup, one attribute each, so it may be longer.
    files: ['src/**/*.{ts,tsx}'],
    rules: { 'max-lines-per-function': ['error', longest(60)] },
  },
  {
    files: ['src/**/*.tsx'],
    rules: { 'max-lines-per-function': ['error', longest(100)] },
  },
  {
    files: [
      // One case for each kind, and the compiler sees that none is missing: cut, that would be lost.
      'src/core/changes/change.ts',
      'src/features/words/finding-words.ts',
      'src/features/words/warning-words.ts',
      // The innermost loop of the scheduler: a call in it is paid a million times.
      'src/core/schedule/room.ts',
      // Checkers that share nothing with what they check: each reads as one list of rules.
      'src/**/*.fixture.ts',
    ],
    rules: { 'max-lines-per-function': 'off' },
  },
  {
    // A long list of claims reads better in one place than split by length.
    files: ['src/**/*.test.{ts,tsx}'],
    rules: {
      'max-lines': 'off',
      'max-lines-per-function': 'off',
      'no-restricted-syntax': ['error', ...hiding.slice(0, 2)],
    },
  },
  {
    // The command's own output is its purpose.
    files: ['src/cli/**'],
    rules: { 'no-console': 'off' },
  },
];

export default config;
