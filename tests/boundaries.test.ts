import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, symlinkSync, writeFileSync, cpSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const root = process.cwd();

/** A small house with the given files, checked by the rules of this one. */
function violationsOf(files: Record<string, string>): string {
  const house = mkdtempSync(join(tmpdir(), 'coatrel-house-'));
  for (const name of ['.dependency-cruiser.cjs', 'tsconfig.json', 'package.json'])
    cpSync(join(root, name), join(house, name));
  symlinkSync(join(root, 'node_modules'), join(house, 'node_modules'));
  for (const [path, text] of Object.entries(files)) {
    mkdirSync(join(house, dirname(path)), { recursive: true });
    writeFileSync(join(house, path), text);
  }
  const run = spawnSync('node_modules/.bin/depcruise', ['src', '--config', '.dependency-cruiser.cjs'], {
    cwd: house,
    encoding: 'utf8',
  });
  return run.stdout + run.stderr;
}

const ok = 'export const a = 1;\n';
const planted: [string, string, Record<string, string>][] = [
  [
    'core pointing at the server',
    'core-points-only-where-it-may',
    { 'src/core/a.ts': "export { a } from '../server/b';\n", 'src/server/b.ts': ok },
  ],
  [
    'core using the file system',
    'core-has-no-input-or-output',
    { 'src/core/a.ts': "import { readFileSync } from 'node:fs';\nexport const a = readFileSync;\n" },
  ],
  [
    'core using the framework',
    'core-uses-only-small-pure-packages',
    { 'src/core/a.ts': "import React from 'react';\nexport const a = React;\n" },
  ],
  [
    'the ui knowing a feature',
    'ui-points-only-where-it-may',
    { 'src/ui/a.ts': "export { a } from '../features/x/b';\n", 'src/features/x/b.ts': ok },
  ],
  [
    'a component reaching the server',
    'features-reach-the-server-only-from-actions',
    { 'src/features/x/a.tsx': "export { a } from '../../server/b';\n", 'src/server/b.ts': ok },
  ],
  [
    'Joi in the browser',
    'joi-stays-out-of-the-browser',
    { 'src/ui/a.ts': "import Joi from 'joi';\nexport const a = Joi;\n" },
  ],
  [
    'the audit asking the builder',
    'the-audit-knows-nothing-of-the-builder',
    { 'src/core/audit/a.ts': "export { a } from '../steps/b';\n", 'src/core/steps/b.ts': ok },
  ],
  [
    'a page reading rows',
    'rows-stay-in-the-repositories',
    {
      'src/app/page.tsx': "export { a } from '../server/repositories/b';\n",
      'src/server/repositories/b.ts': ok,
    },
  ],
  [
    'a cycle',
    'no-cycles',
    {
      'src/core/a.ts': "import { b } from './b';\nexport const a = () => b;\n",
      'src/core/b.ts': "import { a } from './a';\nexport const b = () => a;\n",
    },
  ],
];

test.each(planted)('%s is caught', (_name, rule, files) => {
  expect(violationsOf(files)).toContain(rule);
});

test('a small house that keeps the rules passes', () => {
  expect(
    violationsOf({ 'src/core/a.ts': ok, 'src/server/b.ts': "export { a } from '../core/a';\n" }),
  ).toContain('no dependency violations found');
});

test('a file of more than 300 lines is caught by the linter', () => {
  const text = `${'export const line = 1;\n'.replace('line', 'first')}${'// a line\n'.repeat(305)}`;
  const run = spawnSync('node_modules/.bin/eslint', ['--stdin', '--stdin-filename', 'src/core/long.ts'], {
    cwd: root,
    encoding: 'utf8',
    input: text,
  });
  expect(run.stdout).toContain('max-lines');
});

test('the committed lock names no registry', () => {
  expect(readFileSync(join(root, 'package-lock.json'), 'utf8')).not.toContain('"resolved"');
});
