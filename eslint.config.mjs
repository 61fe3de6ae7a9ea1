import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

const config = [
  {
    ignores: [
      '.next/**',
      '.next-test/**',
      '.next-dev/**',
      '.data/**',
      '.workers/**',
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
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    // A long list of claims reads better in one place than split by length.
    files: ['src/**/*.test.{ts,tsx}'],
    rules: { 'max-lines': 'off' },
  },
  {
    // The command's own output is its purpose.
    files: ['src/cli/**'],
    rules: { 'no-console': 'off' },
  },
];

export default config;
