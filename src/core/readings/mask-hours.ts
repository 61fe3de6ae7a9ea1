import { experienceOf } from '../log';
import type { Plan } from '../plan/model';
import type { Job } from '../record';
import { isOpenDay, type Shop } from '../shop';
import { catalogue, plainMinutes, type Operation } from '../steps';

/** Work of one kind of masking that is done: what the rates said, and what the log says it took. Person-minutes. */
export interface MaskHours {
  operation: string;
  name: string;
  plannedMin: number;
  takenMin: number;
}

/** Masking and unmasking of a job that is done, the log beside the rates, in the order of the catalogue. */
export function maskHours(
  job: Pick<Job, 'facts' | 'log'>,
  steps: Plan['steps'],
  shop: Shop,
  own: readonly Operation[],
): MaskHours[] {
  const masking = [...catalogue, ...own].filter(({ does }) => does.some((role) => /^(un)?cover/.test(role)));
  const taught = steps
    .filter((step) => step.coat === null)
    .map((step) => ({ ...step, plainMin: plainMinutes(step) }));
  const found = experienceOf(job, taught, (date) => isOpenDay(shop, date), shop.timeZone);
  return masking.flatMap(({ code, name }) => {
    const one = found.get(code);
    return one ? [{ operation: code, name, plannedMin: one.plannedMin, takenMin: one.actualMin }] : [];
  });
}
