import { agreedStarts, type Plan } from '../../core/plan';
import { commitmentsOf } from '../../core/plan/commitments';
import type { Commitment } from '../../core/schedule';
import type { Minute } from '../../core/units';
import type { Connection } from '../database/client';
import { agreedMarks, loadAgreedPlan } from '../repositories/plan-repository';
import { readRows, type RowsOf } from '../repositories/snapshot-rows';

interface Agreed {
  mark: string;
  /** How often this job's plan has been agreed. */
  version: number;
  plan: Plan;
  commitments: Commitment[];
  /** Its starts by step, for the job's own next plan to keep. */
  starts: ReadonlyMap<string, Minute>;
}

// Agreed plans are large and seldom change: kept in memory, told apart by their marks.
const store = globalThis as typeof globalThis & { coatrelAgreed?: Map<string, Agreed> };

const described = (plan: Plan): Omit<Agreed, 'mark' | 'version'> => ({
  plan,
  commitments: commitmentsOf(plan),
  starts: agreedStarts(plan),
});

/** Every accepted plan by job, read again only where its mark has changed. */
export type AgreedPlans = ReadonlyMap<string, Agreed>;

export async function agreedPlans(
  connection: Connection,
  rows: RowsOf<'agreedPlan'>['agreedPlan'],
): Promise<AgreedPlans> {
  const kept = store.coatrelAgreed ?? new Map<string, Agreed>();
  const now = new Map<string, Agreed>();
  for (const [job, mark] of agreedMarks(rows)) {
    const known = kept.get(job);
    if (known?.mark === mark) now.set(job, known);
    else {
      const read = await loadAgreedPlan(connection, job);
      if (read) now.set(job, { mark, version: read.version, ...described(read.plan) });
    }
  }
  store.coatrelAgreed = now;
  return now;
}

/** Every accepted plan by job, for whoever needs nothing else. */
export async function currentAgreedPlans(connection: Connection): Promise<AgreedPlans> {
  const { agreedPlan } = await readRows(connection, ['agreedPlan'], () => undefined);
  return agreedPlans(connection, agreedPlan);
}
