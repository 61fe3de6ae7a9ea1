import type { Job } from '../record';
import { bodyKindOf, completeDimensions, type Part } from '../vehicle';

/**
 * The parts of a job: the net of its body kind at its dimensions, with the shop's measured areas in place of computed
 * ones. Parts of sections that the job does not have are left out; an unknown body kind has no parts.
 */
export function partsOfJob(job: Job): Part[] {
  const kind = bodyKindOf(job.bodyKind);
  if (!kind) return [];
  const sections = new Set(job.sections.map((section) => section.key));
  const measured = new Map(job.measured.map((one) => [one.key, one.outsideM2]));
  return kind
    .parts(completeDimensions(kind, job.dimensions))
    .filter((part) => sections.has(part.section))
    .map((part) => {
      const outsideM2 = measured.get(part.key);
      return outsideM2 === undefined ? part : { ...part, outsideM2, measured: true };
    });
}
