import { levels } from '../film';
import type { Depth, FilmReading, Job, JobSection, PartSurvey } from '../record';
import { blankSurvey } from '../record';
import type { Part } from '../vehicle';
import { adviseDepth, type AdvisedDepth, type DepthAdvice } from './advice';
import { filmSummary } from './gauge';

/** Facts and advice of one panel of a job. */
export function advicePart(job: Job, section: JobSection, partKey: string): DepthAdvice {
  const survey = job.surveyed.find((one) => one.key === partKey) ?? blankSurvey(partKey);
  return adviseDepth({
    survey,
    marks: job.marks.filter((mark) => mark.part === partKey),
    film: filmSummary(job.readings.filter((reading: FilmReading) => reading.part === partKey)),
    section,
  });
}

export const optionKeys = ['correct', 'partial', 'full'] as const;
export type OptionKey = (typeof optionKeys)[number];

const depthOf = (advised: AdvisedDepth): Depth => (advised === 'revive' ? 'scuff' : advised);

/**
 * The job as one of the three options sees it. Correct: the old finish stays everywhere and is polished. Partial: only
 * panels whose facts pull to a sound layer or bare are refinished, the rest is kept. Full: everything is refinished,
 * each panel as deep as advised, and at least scuffed.
 */
export function optionJob(job: Job, parts: readonly Part[], option: OptionKey): Job {
  const sectionOf = new Map(job.sections.map((section) => [section.key, section]));
  const known = new Map(job.surveyed.map((one) => [one.key, one]));
  const kept = { level: 'Keep' as const, depth: 'scuff' as const, method: null };
  const surveyed: PartSurvey[] = parts.map((part) => {
    const survey = known.get(part.key) ?? blankSurvey(part.key);
    const section = sectionOf.get(part.section)!;
    if (option === 'correct') return { ...survey, ...kept };
    // A section kept so far is asked about as if it were refinished, or everything would be revived.
    const level = section.level === 'Keep' ? ('Road' as const) : section.level;
    const { depth } = advicePart(job, { ...section, level }, part.key);
    const deep = depth === 'bare' || depth === 'stable';
    if (option === 'partial' && !deep) return { ...survey, ...kept };
    return {
      ...survey,
      depth: depthOf(depth),
      level: survey.level ?? (section.level === 'Keep' ? level : null),
    };
  });
  const absent = job.surveyed.filter((one) => one.absent);
  return {
    ...job,
    surveyed: [...surveyed, ...absent.filter((one) => !parts.some((part) => part.key === one.key))],
  };
}

/** Share of the area on which old film stays that nobody has tested, 0..1: the risk that it lifts or prints through. */
export function untestedShare(job: Job, parts: readonly Part[], keeps: (part: Part) => boolean): number {
  const tested = new Map(job.surveyed.map((one) => [one.key, one.solventTest !== 'not-tested']));
  const area = (list: readonly Part[]) => list.reduce((sum, part) => sum + part.outsideM2, 0);
  const all = area(parts);
  return all === 0 ? 0 : area(parts.filter((part) => keeps(part) && !tested.get(part.key))) / all;
}

/** The lowest and the highest level among sections with area, as a finish one can promise. */
export function finishOf(
  sections: readonly Pick<JobSection, 'level'>[],
): { lowest: string; highest: string } | null {
  if (sections.length === 0) return null;
  const ranks = sections.map((section) => levels.indexOf(section.level));
  return { lowest: levels[Math.min(...ranks)]!, highest: levels[Math.max(...ranks)]! };
}
