import { eq, sql } from 'drizzle-orm';
import type { Plan } from '../../core/plan';
import type { LocalDate, Minute } from '../../core/units';
import type { Connection } from '../database/client';
import { agreedPlan, workingPlan } from '../database/schema';

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

export async function loadAgreedPlans(connection: Connection): Promise<Map<string, StoredAgreedPlan>> {
  const rows = await connection.select().from(agreedPlan);
  return new Map(
    rows.map(({ jobId, inputHash, acceptedAt, plan }) => [jobId, { inputHash, acceptedAt, plan }]),
  );
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
