import type { Parsed } from '../../core/exchange';
import type { AnswerTo, FileTask } from '../../workers/tasks';
import { FileRefused, readFileInThread } from '../workers/pool';

type TextTask = Exclude<FileTask, { kind: 'read-picture' }>;

/** Reads a text file of a person on a thread; what exceeds its budget is a fault with a sentence like any other. */
export async function readText<T extends TextTask>(task: T): Promise<AnswerTo<T> | Parsed<never>> {
  try {
    return await readFileInThread(task);
  } catch (error) {
    if (!(error instanceof FileRefused)) throw error;
    return { status: 'faulty', faults: [{ place: '', reason: error.message }] };
  }
}
