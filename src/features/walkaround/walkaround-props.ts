import { figuresFrom } from '@/core/figures';
import { cartridgeMl } from '@/core/survey';
import { coatSystemOf, systemsWith } from '@/core/film';
import { looksOf, type Plan } from '@/core/plan';
import type {
  FilmReading,
  Job,
  JobSection,
  Mark,
  PartSurvey,
  SurfaceCover,
  SurfaceStep,
} from '@/core/record';
import { colourOfKey, figuresOfJob, type JobFiguresShown } from '@/core/record';
import type { NetField } from './net-panel';
import type { Shop } from '@/core/shop';
import { advicePart, netOfJob, type DepthAdvice } from '@/core/survey';
import type { Part as VehiclePart } from '@/core/vehicle';
import type { JobView } from '../frame/job-view';
import type { StripDownProps } from './strip-down-props';
import { stripDownProps } from './strip-down-view';
import { netFields } from './net-fields';
import { namedAreas, namesOf } from '../words/names';
import { warningsShown } from '../warnings/warnings-shown';

export interface SectionShown extends JobSection {
  seen: number;
  outsideM2: number;
  insideM2: number;
  /** Coat systems it can have, of its own route. */
  systems: { value: string; text: string }[];
}

/** A panel with everything the survey has of it and the row versions that guard its edits. */
export interface PanelShown {
  part: VehiclePart;
  /** What a cartridge of sealant gives, mL. */
  cartridgeMl: number;
  /** The lot it is worked with; the section's key unless the survey treats it otherwise. */
  lot: string;
  /** The colour of that lot on the screen. */
  hex: string;
  survey: PartSurvey | null;
  surveySeen: number | null;
  measuredSeen: number | null;
  /** A panel of the job's own: the version of its row; null for the body kind's. */
  ownSeen: number | null;
  advice: DepthAdvice;
  /** Fields of the scheme on it, in another colour than its own. */
  fields: NetField[];
}

export type MarkShown = Mark & { seen: number };
export type ReadingShown = FilmReading & { seen: number };

/** What the Walkaround shows of a job, with the row versions that guard its edits. */
export interface WalkaroundProps {
  job: JobFiguresShown & { seen: number };
  caps: { labourHours: number; materialsMinor: number; boothHours: number };
  panels: PanelShown[];
  marks: MarkShown[];
  readings: ReadingShown[];
  sections: SectionShown[];
  /** Every lot that is worked, for the look on a day. */
  lots: string[];
  steps: SurfaceStep[];
  covers: SurfaceCover[];
  stripDown: StripDownProps;
  view: Pick<JobView, 'warnings' | 'locale'>;
}

/** Systems of the same route as one of them, as choices. */
function systemsLike(key: string, own: Shop['systems']): SectionShown['systems'] {
  const route = coatSystemOf(key, own)?.route;
  return systemsWith(own)
    .filter((system) => system.route === route)
    .map((system) => ({ value: system.key, text: system.name }));
}

/** What the room needs of a job and its plan. @param versions row versions by id, to guard the edits */
export function walkaroundProps(
  job: Job,
  versions: Record<string, number>,
  plan: Plan,
  shop: Shop,
  productName: (code: string) => string,
): WalkaroundProps {
  const names = namesOf(plan, namedAreas(job.sections, plan), productName);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  const { number, caps } = job;
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  const lotOf = new Map(plan.parts.map((part) => [part.key, part.section]));
  const sectionOf = new Map(job.sections.map((section) => [section.key, section]));
  const areas = new Map(plan.sections.map((one) => [one.section, one]));
  const hexOf = ({ key, section }: VehiclePart) =>
    colourOfKey(job, (areas.get(lotOf.get(key) ?? '') ?? sectionOf.get(section)!).colour).hex;
  const fieldsOf = netFields(job, plan);
  const givesMl = cartridgeMl(figuresFrom(shop.figures, job.figures));
  const seenOf = (id: string): number | null => versions[id] ?? null;
  return {
    job: { ...figuresOfJob(job), seen: versions[number]! },
    caps,
    panels: netOfJob(job).map((part) => ({
      part,
      lot: lotOf.get(part.key) ?? part.section,
      hex: hexOf(part),
      survey: surveys.get(part.key) ?? null,
      surveySeen: seenOf(`${number}/survey/${part.key}`),
      measuredSeen: seenOf(`${number}/${part.key}`),
      ownSeen: seenOf(`${number}/own/${part.key}`),
      advice: advicePart(job, sectionOf.get(part.section)!, part.key),
      fields: fieldsOf.get(part.key) ?? [],
      cartridgeMl: givesMl,
    })),
    marks: job.marks.map((mark) => ({ ...mark, seen: versions[`${number}/${mark.id}`]! })),
    readings: job.readings.map((reading) => ({ ...reading, seen: versions[`${number}/${reading.id}`]! })),
    sections: job.sections.map((section) => {
      const own = plan.sections.filter((one) => one.base === section.key);
      return {
        ...section,
        seen: versions[`${number}/${section.key}`]!,
        outsideM2: own.reduce((sum, one) => sum + one.outsideM2, 0),
        insideM2: own.reduce((sum, one) => sum + one.insideM2, 0),
        systems: systemsLike(section.system, shop.systems),
      };
    }),
    stripDown: stripDownProps(job, versions, plan, shop),
    lots: plan.sections.map((one) => one.section),
    ...looksOf(plan),
    view: { warnings: warningsShown(plan, { job, shop, names }), locale },
  };
}
