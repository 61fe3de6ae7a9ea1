import { parseArgs } from 'node:util';
import { readScheduleProblem } from '../core/exchange/schedule-problem';
import type { Objective, ScheduleModel } from '../core/schedule/model';
import { resultOf } from '../core/schedule/result';
import { solve, type Solved } from '../core/schedule/solve';
import { CommandStopped, readText } from './command-stopped';

export const scheduleUsage =
  'schedule PROBLEM.json [--seconds N] [--iterations N] [--seed N] [--objective shop|lateness|makespan] [--stats]';

const objectives: readonly string[] = ['shop', 'lateness', 'makespan'] satisfies Objective[];

interface Options {
  path: string;
  seconds: number;
  iterations: number | null;
  seed: number;
  objective: Objective;
  stats: boolean;
}

/** Seconds kept back for writing the plan, of which a part grows with its steps, and for npm, which started us. */
const reserve = (steps: number) => 0.1 + steps * 0.0002 + (process.env.npm_command ? 0.35 : 0);

/** Prints the best plan found for a `coatrel.schedule-problem` (docs/formats/schedule-problem.md). */
export function schedule(words: string[]): number {
  const options = readOptions(words);
  const model = readModel(options.path);
  const read = process.uptime();
  const until = options.seconds - reserve(model.steps.length);
  const solved = solve(model, options.objective, {
    seed: options.seed,
    iterations: options.iterations,
    isOver: () => process.uptime() >= until,
  });
  const looked = process.uptime();
  switch (solved.status) {
    case 'plan': {
      const result = resultOf(model, solved.problem, solved.solution, options.objective, solved.lowerBound);
      process.stdout.write(`${JSON.stringify(result)}\n`);
      if (options.stats) {
        const wrote = process.uptime();
        const said = { read, search: looked - read, print: wrote - looked };
        const parts = Object.entries(said).map(([name, seconds]) => `${name} ${seconds.toFixed(3)} s`);
        process.stderr.write(`${parts.join(', ')}, rounds ${solved.rounds}\n`);
      }
      return 0;
    }
    case 'contradiction': {
      const heading = solved.irreducible
        ? 'There is no plan. These contradict each other, and without any one of them they would not:'
        : 'There is no plan. These contradict each other (not proven irreducible):';
      const demands = solved.demands.flatMap((one) => [`  ${one.words}`, `    ${one.says}`]);
      throw new CommandStopped([heading, ...demands, ...changeWords(solved)].join('\n'), 3);
    }
    case 'nothing':
      throw new CommandStopped('no plan was found in this time, and nothing was proven', 4);
  }
}

/** The smallest single change that was found to help, in a sentence. */
function changeWords({ demands, change }: Extract<Solved, { status: 'contradiction' }>): string[] {
  if (!change) return [];
  const { words, gives } = demands[change.demand]!;
  const place = words.slice(0, words.indexOf(':'));
  if (change.to === null || !gives) return [`Smallest change found: without ${place} there is a plan.`];
  const figure = gives.figure === 'release' ? '' : ` ${gives.figure}`;
  return [`Smallest change found: ${place}${figure} ${change.to} instead of ${gives.at} gives a plan.`];
}

function readOptions(words: string[]): Options {
  let parsed;
  try {
    parsed = parseArgs({
      args: words,
      allowPositionals: true,
      options: {
        seconds: { type: 'string', default: '5' },
        iterations: { type: 'string' },
        seed: { type: 'string', default: '1' },
        objective: { type: 'string', default: 'shop' },
        stats: { type: 'boolean', default: false },
      },
    });
  } catch (error) {
    throw new CommandStopped(`${(error as Error).message}\n${scheduleUsage}`, 2);
  }
  const { values, positionals } = parsed;
  const [path, ...more] = positionals;
  if (path === undefined || more.length > 0)
    throw new CommandStopped(`name one problem file.\n${scheduleUsage}`, 2);
  if (!objectives.includes(values.objective))
    throw new CommandStopped(`--objective must be one of ${objectives.join(', ')}`, 2);
  return {
    path,
    seconds: figure('seconds', values.seconds, /^\d+(\.\d+)?$/),
    iterations: values.iterations === undefined ? null : figure('iterations', values.iterations, /^\d+$/),
    seed: figure('seed', values.seed, /^\d+$/),
    objective: values.objective as Objective,
    stats: values.stats,
  };
}

function figure(name: string, text: string, form: RegExp): number {
  const value = Number(text);
  if (!form.test(text) || !Number.isFinite(value) || (name === 'iterations' && value < 1))
    throw new CommandStopped(
      `--${name} must be a ${name === 'seconds' ? '' : 'whole '}number, not ${text}`,
      2,
    );
  return value;
}

function readModel(path: string): ScheduleModel {
  const read = readScheduleProblem(readText(path));
  if (read.status === 'ok') return read.value;
  const faults = read.faults.map(({ place, reason }) => `${place || 'file'}: ${reason}`);
  throw new CommandStopped(`${path} is not a schedule problem:\n${faults.join('\n')}`, 2);
}
