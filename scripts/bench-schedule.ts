// npm run bench:schedule [seconds]: speed and quality of the scheduler over seeded families and the samples.
import { readFileSync } from 'node:fs';
import { readScheduleProblem } from '../src/core/exchange/schedule-problem';
import { compile } from '../src/core/schedule/compile';
import { standingOfModel } from '../src/core/schedule/contradiction';
import { Improver } from '../src/core/schedule/improver';
import type { Objective, ScheduleModel } from '../src/core/schedule/model';
import { commonMinutes, inUnitsOf } from '../src/core/schedule/scale';
import { project, shop } from './schedule-families';

const seconds = Number(process.argv[2] ?? 5);
const shift = 540;

interface Row {
  name: string;
  firstMs: number;
  atOne: number;
  atEnd: number;
  bound: number;
  provenMs: number | null;
}

function modelOf(problem: unknown): ScheduleModel {
  const read = readScheduleProblem(JSON.stringify(problem));
  if (read.status === 'faulty') throw new Error(read.faults[0]!.reason);
  return read.value;
}

function run(name: string, model: ScheduleModel, objective: Objective, most = seconds): Row | null {
  const started = performance.now();
  const elapsed = () => performance.now() - started;
  const unit = commonMinutes(model);
  const improver = new Improver(compile(inUnitsOf(model, unit)), objective, 1);
  const isOver = () => elapsed() > most * 1000;
  let [firstMs, atOne] = [NaN, NaN];
  const value = () => (improver.best ? improver.best.aims[0]! * unit : NaN);
  while (!isOver() && !improver.closed) {
    improver.iterate(isOver);
    if (improver.best && Number.isNaN(firstMs)) firstMs = elapsed();
    if (elapsed() > 1000 && Number.isNaN(atOne)) atOne = value();
  }
  if (!improver.best) return null;
  return {
    name,
    firstMs,
    atOne: Number.isNaN(atOne) ? value() : atOne,
    atEnd: value(),
    bound: improver.lowerBound * unit,
    provenMs: improver.closed ? elapsed() : null,
  };
}

const percent = (part: number) => `${(part * 100).toFixed(2)} %`;
const mean = (figures: readonly number[]) => figures.reduce((a, b) => a + b, 0) / Math.max(1, figures.length);

function tell(row: Row, best?: number, scale = 0): void {
  const gap = best === undefined ? '' : ` gap ${percent((row.atEnd - best) / Math.max(best, scale))}`;
  const end = row.provenMs === null ? '' : ` proven in ${row.provenMs.toFixed(0)} ms`;
  console.log(
    `  ${row.name}: first ${row.firstMs.toFixed(0)} ms, 1 s ${row.atOne}, ${seconds} s ${row.atEnd}, bound ${row.bound}${gap}${end}`,
  );
}

function family(name: string, rows: readonly (Row | null)[]): void {
  const found = rows.filter((row) => row !== null);
  const gaps = found.map((row) => (row.atEnd - row.bound) / Math.max(1, row.bound));
  console.log(
    `${name}: ${found.length} of ${rows.length}, first ${mean(found.map((row) => row.firstMs)).toFixed(0)} ms, ` +
      `proven ${found.filter((row) => row.provenMs !== null).length}, above own bound ${percent(mean(gaps))}`,
  );
}

console.log(`samples, ${seconds} s each`);
const folder = 'tests/samples/schedule';
const { problems } = JSON.parse(readFileSync(`${folder}/best-known.json`, 'utf8'));
run('warm-up', modelOf(project(1, 30, 0.5, 0.5)), 'makespan', 0.5);
for (const [name, known] of Object.entries<Record<string, { best: number }>>(problems))
  for (const objective of ['makespan', 'lateness'] as const) {
    if (!known[objective]) continue;
    const model = modelOf(JSON.parse(readFileSync(`${folder}/${name}.json`, 'utf8')));
    const weights = model.jobs.reduce((sum, job) => sum + (job.due === null ? 0 : job.weight * shift), 0);
    const row = run(`${name} ${objective}`, model, objective);
    if (row) tell(row, known[objective].best, objective === 'lateness' ? weights : 0);
  }

for (const steps of [30, 60, 120])
  family(
    `projects of ${steps} steps`,
    [0.25, 0.5, 0.75, 1].flatMap((factor, i) =>
      [0.15, 0.4].map((strength, k) =>
        run(
          '',
          modelOf(project(100 * steps + 10 * i + k, steps, factor, strength)),
          'makespan',
          Math.min(seconds, 3),
        ),
      ),
    ),
  );

for (const steps of [20, 50]) {
  let [plans, proofs, open] = [0, 0, 0];
  for (let seed = 1; seed <= 12; seed += 1) {
    const model = modelOf(project(7000 + seed * steps, steps, 0.6, 0.15, steps / 5));
    const row = run('', model, 'makespan', 2);
    const over = performance.now() + 5000;
    if (row) plans += 1;
    else if (standingOfModel(model, () => performance.now() > over) === 'none') proofs += 1;
    else open += 1;
  }
  console.log(`maximum lags, ${steps} steps: ${plans} plans, ${proofs} proven without, ${open} open`);
}

for (const [jobs, each] of [
  [2, 20],
  [4, 30],
  [6, 45],
] as const)
  family(
    `shop of ${jobs} × ${each}`,
    [1, 2, 3].map((seed) => run('', modelOf(shop(seed, jobs, each)), 'shop', Math.min(seconds, 3))),
  );

for (const [jobs, each] of [
  [10, 50],
  [20, 50],
  [40, 50],
] as const) {
  const model = modelOf(shop(9, jobs, each));
  const row = run(`${model.steps.length} steps`, model, 'shop', 2);
  console.log(`${model.steps.length} steps: first plan ${row ? row.firstMs.toFixed(0) : 'none'} ms`);
}
console.log(`memory ${(process.memoryUsage().rss / 1048576).toFixed(0)} MB`);
