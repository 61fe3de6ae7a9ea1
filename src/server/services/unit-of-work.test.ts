import { sql } from 'drizzle-orm';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { update } from '../repositories/row-change';
import { acceptPlan } from './accept-plan';
import { auditOf } from './audit';
import { saveEdit, undoLast } from './edits';
import { forecastOf } from './forecast';
import { currentPlan, currentPlans } from './plans';
import { readSnapshot } from './snapshot';
import { currentStores } from './stores';
import { write } from './unit-of-work';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const job = 'P-015';
/** Every round plans two jobs anew; more of them than here were run by hand. */
const rounds = Number(process.env.COATREL_ROUNDS ?? 12);
const versionOf = async (id: string, of = job) => (await loadJob(database(), of))!.versions[id]!;
const rename = (owner: string, seen: number, request?: string) =>
  saveEdit({ kind: 'job', job, seen, set: { owner } }, writerNamed('ann', 'manager', request));

/** Statements that the server was asked meanwhile, as its own counter tells. */
async function statementsOf(work: () => Promise<unknown>): Promise<number> {
  // A plan that was just made is stored while nobody waits; the quieter of two looks is the work’s own.
  return Math.min(await askedBy(work), await askedBy(work));
}

async function askedBy(work: () => Promise<unknown>): Promise<number> {
  const asked = async () => {
    const [rows] = await database().execute(sql`show global status like 'Questions'`);
    return Number((rows as unknown as { Value: string }[])[0]!.Value);
  };
  const before = await asked();
  await work();
  // The second look is itself one of them.
  return (await asked()) - before - 1;
}

describe('one door for every write', () => {
  test('a request that is sent twice counts once, also when both come at the same time', async () => {
    const seen = await versionOf(job);
    const request = 'a-request-of-its-own';
    const both = await Promise.all([rename('twice', seen, request), rename('twice', seen, request)]);
    expect(both.map((one) => one.status)).toEqual(['saved', 'saved']);
    expect((await rename('twice', seen, request)).status).toBe('saved');
    expect(await versionOf(job)).toBe(seen + 1);
    const other = await saveEdit(
      { kind: 'job', job, seen, set: { owner: 'x' } },
      writerNamed('bea', 'manager', request),
    );
    expect(other).toMatchObject({ status: 'faulty', faults: [{ place: 'request' }] });
  });

  test(
    'two acceptances at once, round after round: one wins, the other is told',
    async () => {
      const outcomes: string[] = [];
      for (let round = 0; round < rounds; round += 1) {
        const numbers = ['P-014', 'P-016'] as const;
        const seen = await Promise.all(numbers.map(async (number) => (await currentPlan(number))!.inputHash));
        const both = await Promise.all(
          numbers.map((number, i) => acceptPlan(number, seen[i]!, writerNamed(`m${i}`))),
        );
        outcomes.push(
          both
            .map((one) => one.status)
            .sort()
            .join(' '),
        );
      }
      // Each accepted plan changes what the other rests on: never do both go through.
      expect(new Set(outcomes)).toEqual(new Set(['accepted conflict']));
      // A limit against hanging: half a minute a round is longer than any round.
    },
    rounds * 30_000,
  );

  test('writers in each other’s way are tried again: no round ends in an error', async () => {
    const cross = (first: string, second: string, author: string) =>
      write(writerNamed(author), 'job', { job: first }, async (connection) => {
        const id = (number: string) => number;
        const one = await loadJob(connection, first);
        const two = await loadJob(connection, second);
        return {
          status: 'ok',
          room: first,
          kind: 'edit',
          label: 'crosswise',
          undoable: false,
          changes: [
            update('job', id(first), one!.versions[first]!, { owner: author }),
            update('job', id(second), two!.versions[second]!, { owner: author }),
          ],
        };
      });
    for (let round = 0; round < rounds; round += 1) {
      const both = await Promise.all([cross('P-014', 'P-015', 'a'), cross('P-015', 'P-014', 'b')]);
      for (const one of both) expect(['saved', 'conflict']).toContain(one.status);
    }
  });

  test('the same correction twice at once is written once', async () => {
    const coach = (await loadJob(database(), 'P-014'))!.job;
    const entry = coach.log.at(-1)!;
    const correct = () =>
      saveEdit({ kind: 'correct-log', job: 'P-014', id: entry.id, note: 'slip' }, writerNamed('ann'));
    const both = await Promise.all([correct(), correct()]);
    expect(both.map((one) => one.status).sort()).toEqual(['faulty', 'saved']);
    const log = (await loadJob(database(), 'P-014'))!.job.log;
    expect(log.filter((one) => one.corrects === entry.id)).toHaveLength(1);
  });

  test('twelve taps at once stand in twelve different places of the log', async () => {
    const note = (i: number) =>
      saveEdit(
        {
          kind: 'log',
          job: 'P-014',
          entry: {
            step: (([step]) => step!.key)(plan.steps),
            kind: 'note',
            at: null,
            people: [],
            parts: [],
            remainingMin: null,
            redo: '',
            coat: null,
            note: `note ${i}`,
          },
          insist: false,
        },
        writerNamed('ann'),
      );
    const { plan } = (await currentPlan('P-014'))!;
    const all = await Promise.all(Array.from({ length: 12 }, (_, i) => note(i)));
    expect(all.map((one) => one.status)).toEqual(Array(12).fill('saved'));
    const [rows] = await database().execute(
      sql`select count(*) as entries, count(distinct position) as places from log_entry where job_id = 'P-014'`,
    );
    const [{ entries, places }] = rows as unknown as [{ entries: number; places: number }];
    expect(places).toBe(entries);
  });

  test('what was written is told by job and by panel, with what stood before and after', async () => {
    const { plan, stored } = (await currentPlan(job))!;
    const surveyed = new Set(stored.job.surveyed.map((one) => one.key));
    const part = plan.parts.find((one) => !surveyed.has(one.key))!.key;
    const saved = await saveEdit(
      { kind: 'survey', job, parts: [{ part, seen: null }], set: { note: 'look here' } },
      writerNamed('ann'),
    );
    expect(saved.status).toBe('saved');
    await rename('told', await versionOf(job));
    const page = await auditOf(job, null, null);
    expect(page.lines[0]).toMatchObject({ author: 'ann', kind: 'edit', label: 'owner' });
    expect(page.lines[0]!.cells).toContainEqual({
      row: `job ${job}`,
      field: 'owner',
      before: expect.any(String),
      after: 'told',
    });
    const ofPanel = await auditOf(job, part, null);
    expect(ofPanel.lines.map((line) => line.label)).toContain(`survey of ${part}: note`);
    expect(ofPanel.lines.map((line) => line.label)).not.toContain('owner');
    expect((await undoLast(job, writerNamed('ann'))).status).toBe('saved');
    const after = await auditOf(job, null, null);
    expect(after.lines[0]).toMatchObject({ kind: 'undo', label: 'owner' });
    expect(after.lines[1]).toMatchObject({ kind: 'edit', label: 'owner', undone: true });
  });
});

describe('what reading costs', () => {
  test('a job with its shop and what is accepted is one snapshot in one statement', async () => {
    await currentPlan('P-014');
    expect(await statementsOf(() => readSnapshot('P-014'))).toBe(1);
    expect(await statementsOf(() => currentPlan('P-014'))).toBe(1);
  });

  test('the Yard reads all jobs in one, Stores in two, a forecast that stands in at most five', async () => {
    await currentPlans();
    expect(await statementsOf(currentPlans)).toBe(1);
    expect(await statementsOf(currentStores)).toBeLessThanOrEqual(3);
    await forecastOf('P-014');
    expect(await statementsOf(() => forecastOf('P-014'))).toBeLessThanOrEqual(5);
  });
});
