import { auditPlan, type Finding } from '../core/audit';
import { readJobBundle, type Fault, type JobBundle } from '../core/exchange';
import { shelfOf, standardShelf } from '../core/film';
import { auditPlanOf, planJob } from '../core/plan';
import { standardShop } from '../core/shop';
import { loadDemo } from '../demo/load-demo';
import { migrate } from '../server/database/migrate';
import { bringUpLog } from '../server/services/bring-up-log';
import { currentMinute } from '../server/services/clock';
import { importArchive } from '../server/services/job-archive';
import { exportJob, importJob } from '../server/services/jobs';
import { commandWriter } from '../server/services/unit-of-work';
import { isEmpty, storeScenario } from '../server/services/scenario';
import { account } from './account';
import { CommandStopped, readBytes, readText } from './command-stopped';
import { usage } from './usage';

export { closeDatabase } from '../server/database/client';

const text = (fault: Fault) => `${fault.place || 'file'}: ${fault.reason}`;

function readBundle(path: string | undefined): JobBundle {
  if (!path) throw new CommandStopped(`name a bundle file.\n${usage}`, 2);
  const read = readJobBundle(readText(path));
  if (read.status === 'faulty')
    throw new CommandStopped(`${path} is not a job bundle:\n${read.faults.map(text).join('\n')}`, 2);
  return read.value;
}

type Command = (words: string[]) => Promise<number>;

const plan: Command = async ([path]) => {
  const { job, shop, shelf, operations } = readBundle(path);
  const made = planJob({
    job,
    shop,
    shelf: shelfOf(shelf),
    operations,
    now: currentMinute(),
    commitments: [],
    agreedStarts: new Map(),
  });
  console.log(JSON.stringify(made, null, 2));
  return 0;
};

/** One line a finding: law, what is wrong, where and by how much. */
const line = ({
  law,
  breach,
  at,
  figure,
  limit,
  unit,
  steps,
  surfaces,
  station,
  insisted,
}: Finding): string =>
  [
    `law ${law}`,
    breach,
    new Date(at * 60_000).toISOString().replace(':00.000Z', 'Z'),
    `${Math.round(figure * 10) / 10} ${unit} against ${Math.round(limit * 10) / 10}`,
    steps.join(' > '),
    surfaces.length > 4 ? `${surfaces.length} surfaces` : surfaces.join(' '),
    station,
    ...(insisted ? ['insisted'] : []),
  ].join('\t');

const audit: Command = async ([path]) => {
  const { job, shop, shelf, operations } = readBundle(path);
  const given = { job, shop, shelf: shelfOf(shelf), operations };
  const around = { now: currentMinute(), commitments: [], agreedStarts: new Map() };
  const { findings } = auditPlan(auditPlanOf(planJob({ ...given, ...around }), given));
  for (const finding of findings) console.log(line(finding));
  if (findings.length === 0) console.log(`${job.number} ${job.name}: in order by all laws`);
  return findings.length > 0 ? 3 : 0;
};

const check: Command = async ([path]) => {
  const { job } = readBundle(path);
  console.log(`${job.number} ${job.name}: no faults`);
  return 0;
};

const exportCommand: Command = async ([number]) => {
  const bundle = number ? await exportJob(number) : null;
  if (!bundle) throw new CommandStopped(number ? `there is no job ${number}` : `name a job.\n${usage}`, 2);
  process.stdout.write(bundle);
  return 0;
};

/** A job as it comes in: a bundle alone, or an archive with its photos. */
async function takenIn(path: string | undefined) {
  if (path?.toLowerCase().endsWith('.zip')) return importArchive(readBytes(path), commandWriter);
  const bundle = readBundle(path);
  return { number: bundle.job.number, outcome: await importJob(bundle, commandWriter) };
}

const importCommand: Command = async ([path]) => {
  const { number, outcome } = await takenIn(path);
  switch (outcome.status) {
    case 'saved':
      console.log(`${number} is in the yard`);
      return 0;
    case 'faulty':
      throw new CommandStopped(outcome.faults.map(text).join('\n'), 2);
    case 'conflict':
      throw new CommandStopped(`${outcome.what} ${outcome.why}; nothing was booked in`, 2);
    case 'forbidden':
      throw new CommandStopped(outcome.reason, 2);
    case 'nothing':
      return 0;
  }
};

/** Used by `npm start`: brings the database up to date and fills an empty one. */
const prepare: Command = async (words) => {
  const report = await migrate();
  if (report.continued) console.log('An interrupted migration was continued.');
  if (report.dump)
    console.log(`The database was changed to a newer form; its state before is in ${report.dump}.`);
  if (!(await isEmpty())) {
    const told = await bringUpLog();
    if (told > 0) console.log(`${told} entries of the log are known by surface now.`);
    return 0;
  }
  if (words.includes('--empty')) {
    await storeScenario({
      shop: standardShop,
      shelf: [...standardShelf],
      jobs: [],
      acceptedAt: 0,
      moves: [],
      trials: [],
      notes: [],
      accounts: [],
    });
    console.log('An empty shop with the standard shelf is ready.');
  } else {
    await loadDemo(currentMinute());
    console.log('The demo scenario is loaded.');
  }
  return 0;
};

/** Used by `npm test`: the tables alone. */
const migrateCommand: Command = async () => {
  await migrate();
  return 0;
};

export const commands: Record<string, Command> = {
  account,
  plan,
  audit,
  check,
  export: exportCommand,
  import: importCommand,
  prepare,
  migrate: migrateCommand,
};
