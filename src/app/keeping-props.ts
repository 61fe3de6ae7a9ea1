import { mayDo } from '@/core/rights';
import type { KeepingProps } from '@/features/shop/keeping-props';
import { date, moment } from '@/features/words/format';
import { localDateOf } from '@/core/units';
import type { Caller } from '@/server/access/caller';
import { backups } from '@/server/services/backups';
import { instances } from '@/server/services/instances';
import { listPatterns } from '@/server/services/jobs';
import { trashed } from '@/server/services/trash';

const hourMs = 3_600_000;
const ageWords = (ms: number): string =>
  ms < hourMs
    ? `${Math.max(1, Math.round(ms / 60_000))} min`
    : ms < 48 * hourMs
      ? `${Math.round(ms / hourMs)} h`
      : `${Math.round(ms / 24 / hourMs)} days`;
const mostShown = 12;

/** What is kept safe; for who may bring a job back. */
export async function keepingProps(caller: Caller, timeZone: string): Promise<KeepingProps> {
  const [put, jobs, serving] = await Promise.all([trashed(), listPatterns(), instances()]);
  const at = (seconds: number) => moment(Math.floor(seconds / 60), { timeZone });
  return {
    backups: mayDo(caller.rights, 'backup') ? backupsShown(timeZone) : null,
    trash: put.map(({ id, job, label, by, putAt, endsAt }) => ({
      id,
      job,
      label,
      by,
      put: at(putAt),
      ends: date(localDateOf(Math.floor(endsAt / 60), timeZone)),
    })),
    jobs: jobs.map(({ number, name, owner }) => ({ number, name, owner })),
    instances: serving.map(({ id, bound, startedAt, seenAt }) => ({
      id,
      bound,
      since: at(startedAt),
      seen: at(seenAt),
    })),
  };
}

function backupsShown(timeZone: string): NonNullable<KeepingProps['backups']> {
  const { folder, files } = backups();
  const [newest] = files;
  const ageMs = newest ? Math.max(0, Date.now() - newest.atMs) : null;
  return {
    folder,
    age: ageMs === null ? null : ageWords(ageMs),
    isOld: ageMs !== null && ageMs > 36 * hourMs,
    files: files.slice(0, mostShown).map(({ file, atMs, bytes }) => ({
      file,
      made: moment(Math.floor(atMs / 60_000), { timeZone }),
      size: `${(bytes / 1_048_576).toFixed(1)} MB`,
    })),
  };
}
