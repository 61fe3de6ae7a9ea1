import { eq } from 'drizzle-orm';
import { closeDatabase, database } from '../database/client';
import { demoClock, freshDemo } from '../database/fresh-demo.fixture';
import { forecastDay } from '../database/schema';
import type { WorkerTask } from '../../workers/tasks';
import { loadJob } from '../repositories/job-repository';
import { closePool, inThread } from '../workers/pool';
import { saveEdit } from './edits';
import { forecastOf, rangesOfShop } from './forecast';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterEach(() => {
  process.env.COATREL_NOW = demoClock;
});
afterAll(async () => {
  await closePool();
  await closeDatabase();
});

describe('the forecast of a job', () => {
  test('is told with what is booked and ordered, and is the same while nothing changes', async () => {
    const told = (await forecastOf('P-014'))!;
    expect(told.job.draws).toBe(400);
    expect(told.committed.labourMin).toBe((await currentPlan('P-014'))!.agreed!.budgets.labourMin.planned);
    expect((await forecastOf('P-014'))!.job).toBe(told.job);
  });

  test('in short stands for every open job, as each job tells it', async () => {
    const ranges = await rangesOfShop();
    expect(ranges.map((one) => one.job).sort()).toEqual(['P-014', 'P-015', 'P-016']);
    for (const { job, p80, kept } of ranges) {
      const told = (await forecastOf(job))!.job;
      expect([p80, kept]).toEqual([told.finish.p80, told.kept]);
    }
  });

  test('rests on the promise: one a year later is kept in every draw', async () => {
    const keptWith = async (promised: string) => {
      const seen = (await loadJob(database(), 'P-016'))!.versions['P-016']!;
      await saveEdit({ kind: 'job', job: 'P-016', seen, set: { promised } }, writerNamed('ann'));
      return (await forecastOf('P-016'))!.job.kept;
    };
    expect(await keptWith('2027-01-08')).toBeLessThan(1);
    expect(await keptWith('2028-02-04')).toBe(1);
  });

  test('is kept once a day, the last of the day standing', async () => {
    process.env.COATREL_NOW = '2026-12-29T09:00:00Z';
    const { days } = (await forecastOf('P-014'))!;
    expect(days.map((day) => day.onDate)).toEqual(['2026-12-24', '2026-12-29']);
    const planned = (await currentPlan('P-014'))!.plan.finishDate;
    expect(days.at(-1)).toMatchObject({ planned, promised: '2027-01-22' });
    const rows = await database().select().from(forecastDay).where(eq(forecastDay.jobId, 'P-016'));
    expect(rows.map((row) => row.promised)).toEqual(['2028-02-04', '2028-02-04']);
  });

  test('there is none of a finished job, nor of one that is not there', async () => {
    expect(await forecastOf('P-011')).toBeNull();
    expect(await forecastOf('P-999')).toBeNull();
  });
});

describe('threads', () => {
  const nonsense = { kind: 'compare-changes', given: {}, changes: [] } as never;

  test('a task that fails rejects with its reason, and the next is done all the same', async () => {
    await expect(inThread(nonsense)).rejects.toThrow(/undefined/);
    expect((await forecastOf('P-015'))!.job.job).toBe('P-015');
  });

  test('a task can be stopped', async () => {
    const stop = new AbortController();
    const task: WorkerTask = { kind: 'forecast', inputs: [], paces: new Map(), draws: 1e9, seed: 1 };
    const answer = inThread(task, stop.signal);
    setTimeout(() => stop.abort(), 100);
    await expect(answer).rejects.toThrow(/abort/i);
  });
});
