import { asc, eq } from 'drizzle-orm';
import type { ForecastDay } from '../../core/forecast';
import type { Connection } from '../database/client';
import { forecastDay } from '../database/schema';

/** Keeps what was forecast today; an earlier one of the same day gives way. */
export async function saveForecastDay(connection: Connection, job: string, day: ForecastDay): Promise<void> {
  await connection
    .insert(forecastDay)
    .values({ jobId: job, ...day })
    .onDuplicateKeyUpdate({ set: { ...day } });
}

/** What was forecast of a job, day after day. */
export async function loadForecastDays(connection: Connection, job: string): Promise<ForecastDay[]> {
  const rows = await connection
    .select()
    .from(forecastDay)
    .where(eq(forecastDay.jobId, job))
    .orderBy(asc(forecastDay.onDate));
  return rows.map(({ jobId: _, ...day }) => day);
}
