import type { Plan } from '../plan/model';
import { baseOf, basesOf, type Job } from '../record';
import type { Place } from '../shop';
import type { Minute } from '../units';
import { panelsOf } from '../vehicle';

/** Panels that are off a vehicle for a while and have to lie somewhere. */
export interface LooseParts {
  job: string;
  section: string;
  panels: number;
  areaM2: number;
  from: Minute;
  to: Minute;
  /** Floor that they take on racks and stands, m². */
  floorM2: number;
}

/** Floor for each m² of panel, hung upright on a rack with room to take it off; our own working figure. */
const floorPerPanelM2 = 0.35;
/** Of a bench room the other half is benches and ways. */
const shareForRacks = 0.5;
const putsBack: ReadonlySet<string> = new Set(['refit', 'rig', 'hang-loose', 'assemble-for-paint']);

/** The loose sections of a job: off from the end of stripping down to the step that fits them again. */
export function looseParts(
  job: Pick<Job, 'number' | 'sections'>,
  { steps, parts, finish }: Pick<Plan, 'steps' | 'parts' | 'finish'>,
): LooseParts[] {
  return job.sections
    .filter((section) => section.loose)
    .flatMap((section): LooseParts[] => {
      const own = steps.filter((step) => basesOf(step).includes(section.key));
      const off = own.find((step) => step.operation === 'strip-down') ?? own[0];
      const panels = panelsOf(parts.filter((part) => baseOf(part.section) === section.key));
      if (!off || panels.length === 0) return [];
      const back = own.filter((step) => putsBack.has(step.operation)).map((step) => step.start);
      const areaM2 = panels.reduce((sum, part) => sum + part.outsideM2, 0);
      return [
        {
          job: job.number,
          section: section.name,
          panels: panels.length,
          areaM2,
          from: off.end,
          to: back.length > 0 ? Math.min(...back) : (finish ?? off.end),
          floorM2: areaM2 * floorPerPanelM2,
        },
      ];
    });
}

/** Floor of the shop's bench rooms that can hold racks, m². */
export const rackRoomM2 = (places: readonly Pick<Place, 'kind' | 'lengthM' | 'widthM'>[]): number =>
  places
    .filter((place) => place.kind === 'bench')
    .reduce((sum, place) => sum + place.lengthM * place.widthM * shareForRacks, 0);

/** The first minute from now on at which the loose parts of all jobs take more floor than there is; null while they fit. */
export function racksFullAt(
  all: readonly LooseParts[],
  roomM2: number,
  now: Minute,
): { at: Minute; jobs: string[]; neededM2: number } | null {
  const minutes = [...new Set(all.filter((one) => one.to > now).map((one) => Math.max(now, one.from)))];
  for (const at of minutes.sort((a, b) => a - b)) {
    const here = all.filter((one) => one.from <= at && at < one.to);
    const neededM2 = here.reduce((sum, one) => sum + one.floorM2, 0);
    if (neededM2 > roomM2) return { at, jobs: [...new Set(here.map((one) => one.job))], neededM2 };
  }
  return null;
}
