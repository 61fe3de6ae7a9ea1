import type { Job, JobSection, NewJob } from './record';
import { proposeJob } from './survey';

/** A job for tests as the new-job form would make it; `sections` changes every section alike. */
export function jobFixture(given: Partial<NewJob> = {}, sections: Partial<JobSection> = {}): Job {
  const base = proposeJob({
    number: 'T-1',
    name: 'Test',
    owner: '',
    bodyKind: 'box-body',
    dimensions: {},
    level: 'Work',
    arrival: '2026-11-23',
    promised: '2027-06-25',
    capLabourHours: 0,
    capMaterialsMinor: 0,
    capBoothHours: 0,
    ...given,
  });
  return { ...base, sections: base.sections.map((one) => ({ ...one, ...sections })) };
}
