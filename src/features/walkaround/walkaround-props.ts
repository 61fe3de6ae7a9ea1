import type { Plan } from '@/core/plan';
import type { Job, JobSection, SurfaceStep } from '@/core/record';
import type { Shop } from '@/core/shop';
import type { Part as VehiclePart } from '@/core/vehicle';
import type { JobView } from '../frame/job-view';
import { namesOf } from '../words/names';
import { warningText } from '../words/warning-words';

/** What the Walkaround shows of a job, with the row versions that guard its edits. */
export interface WalkaroundProps {
  job: {
    number: string;
    bodyKind: string;
    seen: number;
    dimensions: Record<string, number>;
    level: string;
    arrival: string;
    promised: string;
    owner: string;
  };
  caps: { labourHours: number; materialsMinor: number; boothHours: number };
  parts: VehiclePart[];
  sections: (JobSection & { seen: number; typical: { outsideM2: number; insideM2: number } })[];
  steps: SurfaceStep[];
  measuredSeen: Record<string, number>;
  view: Pick<JobView, 'warnings' | 'locale'>;
}

/** What the room needs of a job and its plan. @param versions row versions by id, to guard the edits */
export function walkaroundProps(
  job: Job,
  versions: Record<string, number>,
  plan: Plan,
  shop: Shop,
  productName: (code: string) => string,
): WalkaroundProps {
  const names = namesOf(plan, job.sections, productName);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  const { number, bodyKind, dimensions, level, arrival, promised, owner, caps } = job;
  return {
    job: { number, bodyKind, dimensions, level, arrival, promised, owner, seen: versions[number]! },
    caps,
    parts: plan.parts,
    sections: job.sections.map((section) => {
      const summary = plan.sections.find((one) => one.section === section.key);
      return {
        ...section,
        seen: versions[`${number}/${section.key}`]!,
        typical: { outsideM2: summary?.outsideM2 ?? 0, insideM2: summary?.insideM2 ?? 0 },
      };
    }),
    steps: plan.steps
      .filter((step) => step.leaves !== null)
      .map(({ sections, end, leaves }) => ({ sections, end, leaves })),
    measuredSeen: Object.fromEntries(job.measured.map(({ key }) => [key, versions[`${number}/${key}`]!])),
    view: { warnings: plan.warnings.map((warning) => warningText(warning, names, locale)), locale },
  };
}
