import { eq, sql } from 'drizzle-orm';
import { completePlan } from '../../core/plan/complete-plan';
import type { Plan } from '../../core/plan';
import type { LocalDate, Minute } from '../../core/units';
import type { Connection } from '../database/client';
import { agreedPlan, workingPlan } from '../database/schema';
import type { RowsOf } from './snapshot-rows';

export interface StoredWorkingPlan {
  inputHash: string;
  onDate: LocalDate;
  programVersion: string;
  plan: Plan;
}

export async function loadWorkingPlan(
  connection: Connection,
  job: string,
): Promise<StoredWorkingPlan | null> {
  const [row] = await connection.select().from(workingPlan).where(eq(workingPlan.jobId, job));
  return row ?? null;
}

export async function saveWorkingPlan(
  connection: Connection,
  job: string,
  stored: StoredWorkingPlan,
): Promise<void> {
  await connection
    .insert(workingPlan)
    .values({ jobId: job, ...stored })
    .onDuplicateKeyUpdate({ set: { ...stored } });
}

export interface StoredAgreedPlan {
  inputHash: string;
  acceptedAt: Minute;
  plan: Plan;
}

/** Which plans are accepted, without the plans themselves: `mark` changes whenever one is accepted anew. */
export const agreedMarks = (rows: RowsOf<'agreedPlan'>['agreedPlan']): Map<string, string> =>
  new Map(
    [...rows]
      .sort((a, b) => (a.jobId < b.jobId ? -1 : 1))
      .map((row) => [row.jobId, `${row.version} ${row.acceptedAt} ${row.inputHash}`]),
  );

export async function loadAgreedPlan(
  connection: Connection,
  job: string,
): Promise<(StoredAgreedPlan & { version: number }) | null> {
  const [row] = await connection.select().from(agreedPlan).where(eq(agreedPlan.jobId, job));
  if (!row) return null;
  const { inputHash, acceptedAt, version } = row;
  return { inputHash, acceptedAt, version, plan: completePlan(row.plan) };
}

export async function saveAgreedPlan(
  connection: Connection,
  job: string,
  stored: StoredAgreedPlan,
): Promise<void> {
  await connection
    .insert(agreedPlan)
    .values({ jobId: job, ...stored })
    .onDuplicateKeyUpdate({ set: { ...stored, version: sql`${agreedPlan.version} + 1` } });
}
