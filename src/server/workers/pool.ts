import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import Piscina from 'piscina';
import {
  protocolVersion,
  type AnswerTo,
  type Envelope,
  type FileTask,
  type Tell,
  type WorkerTask,
} from '../../workers/tasks';

/** Each lane has threads of its own, so that a forecast never stands before an edit, nor a hostile file before a page. */
type Lane = 'plans' | 'files' | 'comparisons' | 'documents';

const laneOf: Record<WorkerTask['kind'], Lane> = {
  plan: 'plans',
  refusals: 'plans',
  elevations: 'plans',
  'read-panel-map': 'files',
  'read-readings': 'files',
  'read-shelf': 'files',
  'read-closures': 'files',
  'read-figures': 'files',
  'read-picture': 'files',
  plans: 'comparisons',
  forecast: 'comparisons',
  'give-up': 'comparisons',
  remedies: 'comparisons',
  audit: 'comparisons',
  'calendar-problem': 'comparisons',
  'scheme-file': 'comparisons',
  'elevation-file': 'comparisons',
  'colour-orders': 'comparisons',
  schemes: 'comparisons',
  hiding: 'comparisons',
  'compare-changes': 'comparisons',
  together: 'comparisons',
  document: 'documents',
};

const cores = Math.max(1, Math.min(2, availableParallelism()));
const lanes: Record<Lane, { threads: number; least: number; heapMb: number; waiting: number }> = {
  // One is kept warm: whoever edits after a pause does not wait for a thread to start.
  plans: { threads: cores, least: 1, heapMb: 192, waiting: 200 },
  files: { threads: 1, least: 0, heapMb: 128, waiting: 12 },
  comparisons: { threads: cores, least: 0, heapMb: 192, waiting: 60 },
  // One document at a time: its photos take the memory, and nobody waits for two.
  documents: { threads: 1, least: 0, heapMb: 256, waiting: 12 },
};
const idleMs = 20_000;

// One set of pools for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelPools?: Map<Lane, Piscina> };

function poolOf(lane: Lane): Piscina {
  const filename = process.env.COATREL_WORKER;
  if (!filename)
    throw new Error('COATREL_WORKER names no bundle of the worker; the scripts of the house set it');
  const pools = (store.coatrelPools ??= new Map<Lane, Piscina>());
  const known = pools.get(lane);
  if (known) return known;
  const { threads, least, heapMb, waiting } = lanes[lane];
  const made = new Piscina({
    filename,
    minThreads: least,
    maxThreads: threads,
    maxQueue: waiting,
    idleTimeout: idleMs,
    env: { ...process.env, COATREL_LANE: lane },
    resourceLimits: { maxOldGenerationSizeMb: heapMb },
  });
  pools.set(lane, made);
  return made;
}

/**
 * Does a task on a thread of its own, so that pages are answered meanwhile; tasks queue while all threads of their lane
 * are busy.
 * @param signal stops the task, which then rejects with an AbortError
 */
export function inThread<T extends WorkerTask>(task: T, signal?: AbortSignal): Promise<AnswerTo<T>> {
  const envelope: Envelope<T> = { version: protocolVersion, task, progress: null };
  return poolOf(laneOf[task.kind]).run(envelope, signal ? { signal } : {});
}

/**
 * Does a task as `inThread` does, and is told how far it is.
 * @param tell hears shares of the whole, 0..1, in order, while the task runs
 */
export async function inThreadTold<T extends WorkerTask>(
  task: T,
  tell: Tell,
  signal?: AbortSignal,
): Promise<AnswerTo<T>> {
  const { port1: here, port2: there } = new MessageChannel();
  here.on('message', (share: unknown) => {
    if (typeof share === 'number') tell(share);
  });
  const envelope: Envelope<T> = { version: protocolVersion, task, progress: there };
  try {
    const pool = poolOf(laneOf[task.kind]);
    return await pool.run(envelope, { transferList: [there], ...(signal && { signal }) });
  } finally {
    here.close();
  }
}

/** Too many others wait for a thread, or it had to end because its memory ran out. */
export const isBusy = (error: unknown): boolean =>
  error instanceof Error &&
  (/queue is at limit/i.test(error.message) ||
    ('code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY'));

/**
 * What a file may cost: this much time of the clock and as much of the processor, so that a slow machine is given longer
 * and a waiting thread is not blamed; and never longer than the last figure.
 */
const fileBudget = { ms: 1500, longestMs: 30_000, lookMs: 100 };
/** A picture's pixels are counted before they are decoded, so its cost is known; the largest takes this much. */
const pictureMs = 8000;

/** Calls `over` once the budget is spent. @returns to stop looking */
function watchBudget(kind: FileTask['kind'], over: () => void): () => void {
  const budgetMs = kind === 'read-picture' ? pictureMs : fileBudget.ms;
  const [began, cpu] = [performance.now(), process.cpuUsage()];
  const timer = setInterval(() => {
    const passed = performance.now() - began;
    const { user, system } = process.cpuUsage(cpu);
    const isSpent = passed > budgetMs && (user + system) / 1000 > budgetMs;
    if (isSpent || passed > fileBudget.longestMs) over();
  }, fileBudget.lookMs);
  return () => clearInterval(timer);
}

/** A file that could not be read within its budget of time and memory, or found too many others waiting. */
export class FileRefused extends Error {}

let lastInLine: Promise<void> = Promise.resolve();
let inLine = 0;

/** One file is read at a time, so that each has its own budget; more than a few do not wait. @throws FileRefused */
function takeTurn(): { turn: Promise<void>; next: () => void } {
  if (inLine >= lanes.files.waiting)
    throw new FileRefused('many files are being read just now; try again in a moment');
  inLine += 1;
  const turn = lastInLine;
  let end = () => {};
  lastInLine = new Promise((done) => {
    end = done;
  });
  return {
    turn,
    next: () => {
      inLine -= 1;
      end();
    },
  };
}

/**
 * Reads a file of a person on a thread, within a budget of time and memory.
 * @throws FileRefused with a sentence for the person
 */
export async function readFileInThread<T extends FileTask>(task: T): Promise<AnswerTo<T>> {
  const stop = new AbortController();
  const { turn, next } = takeTurn();
  await turn;
  const endWatch = watchBudget(task.kind, () => stop.abort());
  try {
    return await inThread(task, stop.signal);
  } catch (error) {
    if (stop.signal.aborted)
      throw new FileRefused('reading the file takes too long; it is larger than any we know');
    if (error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY')
      throw new FileRefused('reading the file takes too much memory; it is larger than any we know');
    if (isBusy(error)) throw new FileRefused('many files are being read just now; try again in a moment');
    throw error;
  } finally {
    endWatch();
    next();
  }
}

/** Ends all threads; for tests, which must leave nothing running. */
export async function closePool(): Promise<void> {
  const pools = [...(store.coatrelPools?.values() ?? [])];
  delete store.coatrelPools;
  await Promise.all(pools.map((pool) => pool.destroy()));
}
