import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writeJobBundle } from '../core/exchange';
import { standardShelf } from '../core/film';
import { demoShop } from '../demo/shop';
import { dated, demoJobs } from '../demo/jobs';

const folder = mkdtempSync(join(tmpdir(), 'coatrel-cli-'));
const coatrel = (...words: string[]) =>
  spawnSync(process.execPath, ['node_modules/tsx/dist/cli.mjs', 'src/cli/coatrel.ts', ...words], {
    encoding: 'utf8',
    maxBuffer: 1 << 26,
    env: { ...process.env, COATREL_NOW: '2026-12-24T09:00:00Z', COATREL_DATA: join(folder, 'nothing-here') },
  });
const file = (name: string, text: string): string => {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
};
const hull = demoJobs.find((one) => one.given.number === 'P-015')!;
const bundle = writeJobBundle({
  job: dated(hull, '2026-12-21'),
  shop: demoShop,
  shelf: [...standardShelf],
  operations: [],
});

test('plan prints the plan of a bundle as JSON, check finds nothing wrong with it', () => {
  const path = file('hull.json', bundle);
  const plan = coatrel('plan', path);
  expect(plan.status).toBe(0);
  const { job, steps, budgets } = JSON.parse(plan.stdout);
  expect(job).toBe('P-015');
  expect(steps.length).toBeGreaterThan(20);
  expect(budgets.boothMin.planned).toBe(0);
  expect(coatrel('check', path)).toMatchObject({ status: 0, stdout: 'P-015 Cressholme 28: no faults\n' });
});

test('audit says that a plan is in order, and names each breach with law and figures where it is not, exit 3', () => {
  expect(coatrel('audit', file('hull.json', bundle))).toMatchObject({
    status: 0,
    stdout: 'P-015 Cressholme 28: in order by all laws\n',
  });
  const thin = JSON.parse(bundle) as { shelf: { code: string; coating: { maxAirC: number } | null }[] };
  // Sheets that forbid more than 15 °C: the bay of the demo shop is warmer at work.
  for (const product of thin.shelf) if (product.coating) product.coating.maxAirC = 15;
  const run = coatrel('audit', file('thin.json', JSON.stringify(thin)));
  expect(run.status).toBe(3);
  expect(run.stdout).toMatch(/^law 12\tair-hot\t2026-12-\d\dT\d\d:\d\dZ\t\d+ °C against 15\t/m);
});

test('check names each fault by place and exits 2', () => {
  const path = file(
    'bad.json',
    bundle.replace('"level": "Road"', '"level": "Best"').replace('"promised": "2027', '"promised": "20-27'),
  );
  const run = coatrel('check', path);
  expect(run.status).toBe(2);
  expect(run.stderr).toMatch(/job\.level: /);
  expect(run.stderr).toMatch(/job\.promised: /);
});

test.each([
  ['no file', ['plan'], /name a bundle file/],
  ['a file that is not there', ['check', '/nowhere/at-all.json'], /cannot be read \(ENOENT\)/],
  ['an unknown command', ['paint'], /plan BUNDLE\.json/],
  ['a command of the prototype', ['constructor'], /plan BUNDLE\.json/],
])('%s: one sentence, exit 2, no stack', (_name, words, sentence) => {
  const run = coatrel(...words);
  expect(run.status).toBe(2);
  expect(run.stderr).toMatch(sentence);
  expect(run.stderr).not.toMatch(/\n\s+at /);
});

test('export without a database says how to get one', () => {
  const run = coatrel('export', 'P-014');
  expect(run.status).toBe(1);
  expect(run.stderr).toBe('coatrel: no database was made here yet; start Coatrel once with: npm start\n');
});

describe('schedule', () => {
  const problem = (parts: object) =>
    file(
      'problem.json',
      JSON.stringify({
        format: 'coatrel.schedule-problem',
        version: 1,
        jobs: [{ id: 'J' }],
        resources: [],
        ...parts,
      }),
    );
  const step = { id: 'a', job: 'J', kind: 'contiguous', minutes: 10 };

  test('prints the plan as JSON, the same bytes for the same rounds', () => {
    const path = problem({ steps: [step] });
    const [first, second] = [0, 1].map(() => coatrel('schedule', path, '--iterations', '3', '--seed', '4'));
    expect(first!.status).toBe(0);
    expect(JSON.parse(first!.stdout)).toMatchObject({
      format: 'coatrel.schedule',
      makespan: 10,
      status: 'optimal',
    });
    expect(second!.stdout).toBe(first!.stdout);
    expect(first!.stderr).toBe('');
  });

  test('a problem with faults names each on a line and exits 2', () => {
    const run = coatrel(
      'schedule',
      problem({
        steps: [
          { ...step, minutes: -1 },
          { ...step, job: 'K' },
        ],
      }),
    );
    expect(run).toMatchObject({ status: 2, stdout: '' });
    expect(run.stderr).toMatch(/^steps\[0\]\.minutes: /m);
  });

  test('a contradiction goes to standard error and exits 3', () => {
    const links = [{ from: 'a', to: 'a', type: 'end-start', min: 1 }];
    const run = coatrel('schedule', problem({ steps: [step], links }), '--stats');
    expect(run).toMatchObject({ status: 3, stdout: '' });
    expect(run.stderr).toMatch(
      /no plan.*\n\s+links\[0\]: "a" to "a".*\n\s+“a” begins at least 1 min after “a” ends/,
    );
  });

  test.each([
    [['--objective', 'beauty'], /--objective must be one of shop, lateness, makespan/],
    [['--seconds', 'soon'], /--seconds must be a number/],
    [['--iterations', '0'], /--iterations must be a whole number/],
    [['--colour'], /--colour/],
  ])('%j is refused with a sentence, exit 2', (words, sentence) => {
    const run = coatrel('schedule', problem({ steps: [step] }), ...words);
    expect(run.status).toBe(2);
    expect(run.stderr).toMatch(sentence);
    expect(run.stderr).not.toMatch(/\bat .*:\d+:\d+/);
  });
});
