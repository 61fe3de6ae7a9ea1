// npm run count: lines of code and of tests, blank lines apart.
import { readFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { root } from './house/place.mjs';

const files = spawnSync('git', ['ls-files', '-co', '--exclude-standard'], {
  cwd: root,
  encoding: 'utf8',
}).stdout.split('\n');
const isTest = (path) => /(\.(test|fixture)\.tsx?$|^tests\/.*\.(ts|tsx|mjs)$)/.test(path);
const isCode = (path) => /^(src|scripts)\/.*\.(ts|tsx|mjs|css)$/.test(path) && !isTest(path);
const lines = (list) =>
  list.reduce(
    (sum, path) =>
      sum +
      readFileSync(join(root, path), 'utf8')
        .split('\n')
        .filter((line) => line.trim() !== '').length,
    0,
  );
const [code, tests] = [lines(files.filter(isCode)), lines(files.filter(isTest))];
process.stdout.write(
  `code ${code}, tests ${tests}, tests are ${((100 * tests) / (code + tests)).toFixed(1)} % of all\n`,
);
