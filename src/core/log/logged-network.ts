import { withCurrentKeys, withJobSchools, type Job, type JobSection, type StepFact } from '../record';
import type { Shelf } from '../film';
import type { Shop } from '../shop';
import {
  buildSteps,
  surfacesBySection,
  surfacesOfStep,
  withShopWays,
  type Operation,
  type Step,
  type StepNetwork,
} from '../steps';
import { lotsOf, partsOfJob } from '../survey';
import type { Minute } from '../units';
import type { Part } from '../vehicle';
import { loggedFacts } from './logged-facts';
import { matchedLog } from './matched-log';

/** What steps are built from besides the job. */
export interface Around {
  shop: Shop;
  shelf: Shelf;
  operations?: readonly Operation[];
}

/** A job made ready to be planned: with the shop's ways, its areas, and steps built as often as they are asked for. */
export interface ReadyJob {
  job: Job;
  parts: Part[];
  sections: JobSection[];
  /** The steps, with what is known of them: facts that were kept, and what the log says, matched by surface. */
  build(): StepNetwork;
}

/** @param now the log is read up to here */
export function readyJob(given: Job, { shop, shelf, operations = [] }: Around, now: Minute): ReadyJob {
  const job = withCurrentKeys(withShopWays(withJobSchools(given), shop));
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const factsOf = (steps: readonly Step[]) => factsOn(steps, { job, parts, sections }, now);
  return {
    job,
    parts,
    sections,
    build: () => buildSteps({ job: { ...job, sections }, parts, shop, shelf, operations, factsOf }),
  };
}

/** What is known of steps as they are today: the log stands before facts that were kept of the same step. */
export function factsOn(
  steps: readonly Step[],
  { job, parts, sections }: { job: Job; parts: readonly Part[]; sections: readonly JobSection[] },
  now: Minute,
): StepFact[] {
  if (job.log.length === 0) return job.facts;
  const surfaces = surfacesBySection(parts, sections);
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const logged = loggedFacts(matchedLog(job.log, steps, surfaces), now, (key) => {
    const step = byKey.get(key);
    // A round of the whole vehicle that was looked at takes its minutes once, however many panels come to it.
    if (!step || step.figure.unit === 'fixed') return null;
    return new Map(surfacesOfStep(step, surfaces).map((one) => [one.key, one.areaM2]));
  });
  const own = new Set(logged.map((fact) => fact.step));
  return [...job.facts.filter((fact) => !own.has(fact.step)), ...logged];
}
