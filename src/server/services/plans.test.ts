import { eq } from 'drizzle-orm';
import { database } from '../database/client';
import { closeAll, demoClock, freshDemo } from '../database/fresh-demo.fixture';
import { workingPlan } from '../database/schema';
import { loadJob } from '../repositories/job-repository';
import { loadWorkingPlan } from '../repositories/plan-repository';
import { acceptPlan } from './accept-plan';
import { saveEdit, undoLast } from './edits';
import { agreedPlansOfOthers, currentPlan, currentPlans } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterEach(() => {
  process.env.COATREL_NOW = demoClock;
});
afterAll(closeAll);

/** Plans are stored behind the reader's back; waits until this one is. */
async function storedHash(job: string, hash: string): Promise<string | undefined> {
  for (let tries = 0; tries < 100; tries += 1) {
    const row = await loadWorkingPlan(database(), job);
    if (row?.inputHash === hash) return row.inputHash;
    await new Promise((done) => setTimeout(done, 20));
  }
  return undefined;
}
const changeOwner = async (owner: string) => {
  const seen = (await loadJob(database(), 'P-015'))!.versions['P-015']!;
  return saveEdit({ kind: 'job', job: 'P-015', seen, set: { owner } }, writerNamed('ann'));
};

describe('the working plan', () => {
  test('is the same object while nothing changes, and is stored with the hash of its inputs', async () => {
    const first = (await currentPlan('P-015'))!;
    expect((await currentPlan('P-015'))!.plan).toBe(first.plan);
    expect(await storedHash('P-015', first.inputHash)).toBe(first.inputHash);
  });

  test('is computed anew after an edit, and undo brings its hash back', async () => {
    const before = (await currentPlan('P-015'))!;
    await changeOwner('Somebody else');
    const after = (await currentPlan('P-015'))!;
    expect(after.inputHash).not.toBe(before.inputHash);
    expect(after.plan).not.toBe(before.plan);
    await undoLast('P-015', writerNamed('ann'));
    expect((await currentPlan('P-015'))!.inputHash).toBe(before.inputHash);
  });

  test('of yesterday is not shown today: what lies behind can no longer be planned', async () => {
    const before = (await currentPlan('P-016'))!;
    process.env.COATREL_NOW = '2026-12-29T09:00:00Z';
    const after = (await currentPlan('P-016'))!;
    expect(after.plan.computedAt).toBeGreaterThan(before.plan.computedAt);
    for (const step of after.plan.steps.filter((one) => one.state === 'planned'))
      expect(step.start).toBeGreaterThanOrEqual(Date.parse('2026-12-29T09:00:00Z') / 60000);
  });

  test('a stored plan with another program’s mark is not taken for today’s', async () => {
    const { inputHash } = (await currentPlan('P-015'))!;
    await storedHash('P-015', inputHash);
    const kept = globalThis as typeof globalThis & { coatrelWorking?: Map<string, unknown> };
    kept.coatrelWorking!.clear();
    await database()
      .update(workingPlan)
      .set({ programVersion: 'older' })
      .where(eq(workingPlan.jobId, 'P-015'));
    const read = jest.spyOn(process.stderr, 'write');
    const again = (await currentPlan('P-015'))!;
    expect(again.inputHash).toBe(inputHash);
    for (let tries = 0; tries < 100; tries += 1) {
      if ((await loadWorkingPlan(database(), 'P-015'))!.programVersion !== 'older') break;
      await new Promise((done) => setTimeout(done, 20));
    }
    expect((await loadWorkingPlan(database(), 'P-015'))!.programVersion).not.toBe('older');
    expect(read).not.toHaveBeenCalled();
    read.mockRestore();
  });

  test('of a job that is not there is null', async () => {
    expect(await currentPlan('P-999')).toBeNull();
  });

  test('all jobs, in the order of their numbers', async () => {
    const numbers = (await currentPlans()).map((one) => one.stored.job.number);
    expect(numbers).toEqual(['P-011', 'P-014', 'P-015', 'P-016']);
  });
});

describe('the agreed plan', () => {
  test('keeps its starts when some minutes of work fall away, and moves when that brings days', async () => {
    const before = (await currentPlan('P-015'))!;
    await acceptPlan('P-015', before.inputHash, writerNamed('manager'));
    const ratedAt = async (operation: string, rate: number) => {
      await saveEdit({ kind: 'rate', operation, seen: null, rate }, writerNamed('ann'));
      const { plan } = (await currentPlan('P-015'))!;
      await undoLast('shop', writerNamed('ann'));
      return plan;
    };
    const starts = (plan: typeof before.plan) => plan.steps.map((step) => [step.key, step.start]);
    // Washing at 2.7 in place of 3 min/m² saves minutes of one shift.
    const quicker = await ratedAt('wash', 2.7);
    expect(quicker.budgets.labourMin.planned).toBeLessThan(before.plan.budgets.labourMin.planned);
    expect(starts(quicker)).toEqual(starts(before.plan));
    // Coats rolled in a tenth of the time gain shifts: everything moves up.
    const muchQuicker = await ratedAt('roll', 1);
    expect(before.plan.finish! - muchQuicker.finish!).toBeGreaterThanOrEqual(1440);
  });

  test('others’ agreements are given with their jobs, the own one is left out', async () => {
    const others = await agreedPlansOfOthers('P-014');
    expect(others.map((one) => one.job.number)).not.toContain('P-014');
    expect(others.length).toBeGreaterThan(0);
    for (const one of others) expect(one.plan.job).toBe(one.job.number);
  });
});
