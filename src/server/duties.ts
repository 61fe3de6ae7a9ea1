import { randomUUID } from 'node:crypto';
import { nowSeconds } from './access/now';
import { database } from './database/client';
import { log } from './log';
import { beat, doneAgo, endLease, takeLease } from './repositories/lease-repository';
import { dropEndedSessions } from './repositories/session-repository';
import { dropEndedTrash } from './repositories/trash-repository';
import { runBackup } from './services/backups';
import { sweepPhotos } from './services/photo-sweep';

/** A process says so often that it is there, and is held for gone when it has not for so long, seconds. */
const beatSeconds = 10;
export const goneAfterSeconds = 45;
const hour = 3600;

/** Work that one process does for all, how often, and how long it may take, seconds. */
const duties: { name: string; every: number; most: number; first: number; run(): Promise<void> }[] = [
  { name: 'sweep', every: hour, most: 600, first: 60, run: sweep },
  { name: 'backup', every: 24 * hour, most: 4 * hour, first: 600, run: backup },
];

/** What has ended goes: sessions, trash after its thirty days, photos that nothing names any more. */
async function sweep(): Promise<void> {
  const now = nowSeconds();
  await dropEndedSessions(database(), now);
  await dropEndedTrash(database(), now);
  await sweepPhotos();
}

async function backup(): Promise<void> {
  const why = await runBackup(20);
  if (why !== null) throw new Error(why);
}

const own = { id: randomUUID(), bound: process.env.COATREL_BOUND ?? '', pid: process.pid };

async function look(uptime: number): Promise<void> {
  await beat(database(), own, goneAfterSeconds);
  for (const { name, every, most, first, run } of duties) {
    if (uptime < first || (await doneAgo(database(), name)) < every) continue;
    if (!(await takeLease(database(), name, own.id, most))) continue;
    try {
      await run();
      await endLease(database(), name, own.id);
      log().warn({ duty: name }, 'done');
    } catch (error) {
      // Held until its time is over, then somebody tries again.
      log().error({ duty: name, err: error }, 'not done');
    }
  }
}

// Once for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelDuties?: NodeJS.Timeout };

/** Begins the duties of a process that serves pages: it says that it is there, and does what falls due. */
export function beginDuties(): void {
  if (store.coatrelDuties) return;
  const began = performance.now();
  let busy = false;
  store.coatrelDuties = setInterval(() => {
    if (busy) return;
    busy = true;
    look((performance.now() - began) / 1000)
      .catch((error: unknown) => log().error({ err: error }, 'duties wait for the database'))
      .finally(() => {
        busy = false;
      });
  }, beatSeconds * 1000);
  store.coatrelDuties.unref();
}
