import { availableParallelism } from 'node:os';
import Piscina from 'piscina';
import { protocolVersion, type AnswerTo, type Envelope, type WorkerTask } from '../../workers/tasks';

// One pool for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelPool?: Piscina };

const idleMs = 20_000;
const mostHeapMb = 192;

function pool(): Piscina {
  const filename = process.env.COATREL_WORKER;
  if (!filename)
    throw new Error('COATREL_WORKER names no bundle of the worker; the scripts of the house set it');
  return (store.coatrelPool ??= new Piscina({
    filename,
    minThreads: 0,
    maxThreads: Math.max(1, Math.min(2, availableParallelism())),
    idleTimeout: idleMs,
    resourceLimits: { maxOldGenerationSizeMb: mostHeapMb },
  }));
}

/**
 * Does a task on a thread of its own, so that pages are answered meanwhile; tasks queue when both threads are busy.
 * @param signal stops the task, which then rejects with an AbortError
 */
export function inThread<T extends WorkerTask>(task: T, signal?: AbortSignal): Promise<AnswerTo<T>> {
  const envelope: Envelope<T> = { version: protocolVersion, task };
  return pool().run(envelope, signal ? { signal } : {});
}

/** Ends all threads; for tests, which must leave nothing running. */
export async function closePool(): Promise<void> {
  await store.coatrelPool?.destroy();
  delete store.coatrelPool;
}
