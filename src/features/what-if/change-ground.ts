import { laddersWith } from '@/core/film';
import { schoolKeys, type Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import { schools } from '@/core/steps';
import type { ChangeGround } from './change-words';

/** What changes of a job may name. @param others numbers of the other jobs that have booked something */
export function changeGround(
  job: Job,
  others: readonly string[],
  shop: Shop,
  versions: Readonly<Record<string, number>>,
): ChangeGround {
  const seen = (id: string) => versions[id] ?? 1;
  return {
    own: { seen: seen(job.number), schools: job.schools, figures: job.figures },
    sections: job.sections.map(({ key, name, level, schools: chosen, coats }) => ({
      key,
      name,
      level,
      coats,
      schools: chosen,
      seen: seen(`${job.number}/${key}`),
    })),
    people: shop.people.map(({ id, name }) => ({ id, name })),
    places: shop.places.map(({ id, name }) => ({ id, name })),
    ladders: laddersWith(shop.ladders).map(({ key, name }) => ({ key, name })),
    edits: Object.fromEntries(job.stepEdits.map(({ step }) => [step, seen(`${job.number}/edit/${step}`)])),
    otherJobs: [...others],
    schools: schoolKeys.map((key) => {
      const { name, options } = schools[key];
      return {
        key,
        name,
        options: Object.entries(options).map(([option, { name, why }]) => ({ key: option, name, why })),
      };
    }),
    arrival: job.arrival,
    promised: job.promised,
    currency: shop.currency,
    timeZone: shop.timeZone,
  };
}
