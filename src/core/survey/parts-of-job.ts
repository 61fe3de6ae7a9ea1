import type { Job, OwnPart } from '../record';
import { bodyKindOf, completeDimensions, partFromOutline, type Part } from '../vehicle';

/** A panel of the job's own as a part: its area follows from its outline. */
export const partOfOwn = (own: OwnPart): Part => partFromOutline(own);

/**
 * Every panel the net of a job can show: the body kind's at the job's dimensions and the job's own, with the shop's
 * measured figures in place of computed ones; also those the survey left out. Own panels replace the kind's of the
 * same key. Parts of sections that the job does not have are left out; an unknown body kind has no parts.
 */
export function netOfJob(job: Job): Part[] {
  const kind = bodyKindOf(job.bodyKind);
  const own = new Map(job.ownParts.map((part) => [part.key, part]));
  const given = kind ? kind.parts(completeDimensions(kind, job.dimensions)) : [];
  const sections = new Set(job.sections.map((section) => section.key));
  const measured = new Map(job.measured.map((one) => [one.key, one.outsideM2]));
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  return [...given.filter((part) => !own.has(part.key)), ...job.ownParts.map(partOfOwn)]
    .map((part) => {
      const chosen = surveys.get(part.key)?.section;
      return chosen && sections.has(chosen) ? { ...part, section: chosen } : part;
    })
    .filter((part) => sections.has(part.section))
    .map((part) => {
      const outsideM2 = measured.get(part.key);
      const survey = surveys.get(part.key);
      return {
        ...part,
        ...(outsideM2 === undefined ? {} : { outsideM2, measured: true }),
        insideM2: survey?.insideM2 ?? part.insideM2,
        trimM: survey?.trimM ?? part.trimM,
        seamM: survey?.seamM ?? part.seamM,
        beadM: survey?.beadM ?? part.beadM,
        rivetM: survey?.rivetM ?? part.rivetM,
      };
    });
}

/** The panels that are painted: the net less what the survey left out. */
export function partsOfJob(job: Job): Part[] {
  const absent = new Set(job.surveyed.filter((one) => one.absent).map((one) => one.key));
  return netOfJob(job).filter((part) => !absent.has(part.key));
}
