import { standingEntries, type Job, type LogEntry } from '../record';
import { surfacesBySection, surfacesOfStep, workOf } from '../steps';
import type { Minute } from '../units';
import { readyJob, type Around } from './logged-network';

/**
 * A log of before entries remembered their work: each is told what was done on which surfaces, as the steps of its key
 * have them now. What names no step of today keeps its key alone.
 */
export function withWork(job: Job, around: Around, now: Minute): LogEntry[] {
  const blank = new Set(standingEntries(job.log).flatMap((one) => (one.work === null ? [one.id] : [])));
  if (blank.size === 0) return job.log;
  const ready = readyJob(job, around, now);
  const surfaces = surfacesBySection(ready.parts, ready.sections);
  const steps = new Map(ready.build().steps.map((step) => [step.key, step]));
  const keys = new Map(ready.job.log.map((entry) => [entry.id, entry.step]));
  return job.log.map((entry) => {
    const step = blank.has(entry.id) ? steps.get(keys.get(entry.id)!) : undefined;
    if (!step) return entry;
    const work = { ...workOf(step), surfaces: surfacesOfStep(step, surfaces).map((one) => one.key) };
    return { ...entry, work };
  });
}
