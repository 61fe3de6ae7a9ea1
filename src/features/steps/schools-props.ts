import type { Shelf } from '@/core/film';
import type { Plan } from '@/core/plan';
import { baseOf, type Job, type SchoolChoice, type SchoolKey } from '@/core/record';
import { schools, schoolsTaken, stackOf, withShopWays, type SchoolTaken } from '@/core/steps';
import type { Shop } from '@/core/shop';
import { bodyKindOf } from '@/core/vehicle';

export interface SectionSchools {
  key: string;
  name: string;
  seen: number;
  chosen: SchoolChoice;
  taken: Record<SchoolKey, SchoolTaken>;
}

export interface SchoolsShown {
  job: { seen: number; chosen: SchoolChoice };
  sections: SectionSchools[];
  /** Schools that make a difference on this kind of body. */
  keys: SchoolKey[];
}

/** The schools of a job, section by section, with where each comes from. */
export function schoolsShown(
  given: Job,
  plan: Plan,
  { shelf, shop }: { shelf: Shelf; shop: Shop },
  versions: Record<string, number>,
): SchoolsShown {
  const job = withShopWays(given, shop);
  const route = bodyKindOf(job.bodyKind)?.route;
  return {
    job: { seen: versions[job.number] ?? 1, chosen: job.schools },
    keys: (Object.keys(schools) as SchoolKey[]).filter((key) => route && schools[key].routes.includes(route)),
    sections: !route
      ? []
      : job.sections.map((section) => ({
          key: section.key,
          name: section.name,
          chosen: section.schools,
          seen: versions[`${job.number}/${section.key}`] ?? 1,
          taken: schoolsTaken(
            job,
            route,
            section,
            plan.parts.filter((part) => baseOf(part.section) === section.key),
            stackOf(section, shelf),
          ),
        })),
  };
}
