import { readdirSync, readFileSync } from 'node:fs';
import { checkPlan } from './plan-checker.fixture';
import { solved } from './problem-text.fixture';
import { readScheduleProblem } from '../exchange';
import { resultOf } from './result';

interface Known {
  best: number;
  lowerBound: number;
  status: 'optimal' | 'feasible';
}

const folder = 'tests/samples/schedule';
const known = (
  JSON.parse(readFileSync(`${folder}/best-known.json`, 'utf8')) as {
    problems: Record<string, Partial<Record<'makespan' | 'lateness', Known>>>;
  }
).problems;
const names = readdirSync(folder)
  .filter((one) => one !== 'best-known.json')
  .map((one) => one.replace('.json', ''));
/** Rounds in which the optimum must be reached and proven; the others are only held to the bounds. */
const proven: Record<string, number> = {
  'a30-1': 40,
  'a60-1': 40,
  'a120-1': 60,
  'b20-1': 40,
  'b50-1': 90,
  'flat-3': 40,
  'cal-3': 40,
};

const aims = ['makespan', 'lateness'] as const;
const cases = names.flatMap((name) =>
  aims.filter((aim) => known[name]![aim] !== undefined).map((aim) => [name, aim] as const),
);

test.each(cases)('%s by %s: every rule kept, never below what is proven', (name, aim) => {
  const problem = JSON.parse(readFileSync(`${folder}/${name}.json`, 'utf8'));
  const found = solved(problem, aim, proven[name] ?? 14);
  if (found.status !== 'plan') throw new Error(found.status);
  const read = readScheduleProblem(JSON.stringify(problem));
  if (read.status === 'faulty') throw new Error('faulty');
  const result = resultOf(read.value, found.problem, found.solution, aim, found.lowerBound);
  expect(checkPlan(problem, JSON.parse(JSON.stringify(result))).faults).toEqual([]);
  const { best, lowerBound, status } = known[name]![aim]!;
  expect(result[aim]).toBeGreaterThanOrEqual(lowerBound);
  expect(result.lowerBound).toBeLessThanOrEqual(best);
  if (proven[name] !== undefined && status === 'optimal')
    expect(result).toMatchObject({ [aim]: best, lowerBound: best, status: 'optimal' });
});
