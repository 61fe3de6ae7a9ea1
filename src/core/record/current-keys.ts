import { isOfField } from './area-key';
import { colourOfKey } from './colour';
import type { Job } from './job';
import { isBlank } from './step-edit';

/** Colour and system as they once stood in the keys of samples and their approvals. */
const colourWords = (job: Pick<Job, 'colours'>, section: { colour: string; system: string }): string =>
  `${colourOfKey(job, section.colour).name} ${section.system}`.toLowerCase().replace(/[^a-z0-9]+/g, '-');

/**
 * The key a step has now. Steps were once keyed by how panels are treated (`sides:Work/mask`) and by the name of a colour;
 * now they are keyed by section and lot alone, and shared by all panels of these.
 */
function currentKey(job: Pick<Job, 'sections' | 'surveyed' | 'colours'>, key: string): string {
  const [, operation, words] = /^(test-panel|approve-sample)\/([^/]+)$/.exec(key) ?? [];
  if (operation !== undefined) {
    const own = job.sections.find((section) => colourWords(job, section) === words);
    return own ? `${operation}/${own.key}` : key;
  }
  const [, section, treated, rest] = /^([^/:]+):([^/]+)\/(.*)$/.exec(key) ?? [];
  // Fields came when keys were what they are now.
  if (treated === undefined || isOfField(treated) || /(^|-)(kept|painted)$/.test(treated)) return key;
  // Sides of a hull are lots that no survey names.
  const own = job.sections.find((one) => one.key === section);
  const isOnItsSide = own?.schools['hull-stand'] === 'on-its-side';
  if (isOnItsSide && /(^|-)(port|starboard)$/.test(treated)) return key;
  const lot = job.surveyed
    .map((one) => one.lot)
    .find((one) => one !== '' && (treated === one || treated.endsWith(`-${one}`)));
  const apart = lot ?? (/(^|-)Keep$/.test(treated) ? 'kept' : null);
  return apart === null ? `${section}/${rest}` : `${section}:${apart}/${rest}`;
}

/**
 * A job whose older records name steps as they are keyed now. What was done on a few panels of a section is not the
 * whole of the step they now share: it is kept as begun, and over only where the rest was over too.
 */
export function withCurrentKeys(job: Job): Job {
  const now = (key: string) => currentKey(job, key);
  const isMoved = (key: string) => now(key) !== key && key.includes(':');
  const ended = new Set(job.log.flatMap((one) => (one.kind === 'ended' ? [one.step] : [])));
  const edited = new Set(job.stepEdits.map((edit) => edit.step));
  return {
    ...job,
    log: job.log.map((entry) => {
      const step = now(entry.step);
      if (step === entry.step) return entry;
      const isPart = entry.kind === 'ended' && isMoved(entry.step) && !ended.has(step);
      return { ...entry, step, kind: isPart ? ('left' as const) : entry.kind };
    }),
    facts: job.facts.flatMap((fact) => (isMoved(fact.step) ? [] : [{ ...fact, step: now(fact.step) }])),
    stepEdits: job.stepEdits.flatMap((edit) => {
      const step = now(edit.step);
      if (step === edit.step) return [edit];
      if (edited.has(step)) return [];
      const whole = isMoved(edit.step) ? { ...edit, step, personMinutes: null, skipped: false } : edit;
      return isBlank(whole) ? [] : [{ ...whole, step }];
    }),
    addedSteps: job.addedSteps.map((one) => ({
      ...one,
      after: now(one.after),
      before: one.before === null ? null : now(one.before),
    })),
    signOffs: job.signOffs.map((one) => ({ ...one, step: now(one.step) })),
  };
}
