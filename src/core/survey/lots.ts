import { depths, stripMethods, type Job, type JobSection, type PartSurvey } from '../record';
import { levels, type Level } from '../film';
import { substrates, type Part } from '../vehicle';
import { netOfJob } from './parts-of-job';

/** The level of what nobody will see, if the survey names none: under trim and linings Work, hidden faces Keep's next. */
const hiddenLevel: Level = 'Work';

/** The level a panel is finished to: its own, or the section's, or no more than Work where it will not be seen. */
export function levelOfPart(section: Pick<JobSection, 'level'>, survey: PartSurvey | undefined): Level {
  if (survey?.level) return survey.level;
  if (!survey || survey.visibility === 'seen') return section.level;
  return levels.indexOf(section.level) > levels.indexOf(hiddenLevel) ? hiddenLevel : section.level;
}

/** Words that say how panels are treated; a lot of such a name is told apart from them in keys. */
const taken: ReadonlySet<string> = new Set([...substrates, ...depths, ...stripMethods, ...levels]);

/** How a panel is treated where that differs from its section; empty when it does not. */
function difference(
  section: JobSection,
  survey: PartSurvey | undefined,
): Partial<JobSection & { lot: string }> {
  if (!survey) return {};
  const level = levelOfPart(section, survey);
  return {
    ...(survey.substrate && survey.substrate !== section.substrate ? { substrate: survey.substrate } : {}),
    ...(survey.depth && survey.depth !== section.depth ? { depth: survey.depth } : {}),
    ...(survey.method ? { method: survey.method } : {}),
    ...(level !== section.level ? { level } : {}),
    ...(survey.lot === '' ? {} : { lot: taken.has(survey.lot) ? `lot-${survey.lot}` : survey.lot }),
  };
}

/**
 * Sections as they are worked: panels of a section that the survey treats otherwise (substrate, depth, method, level)
 * form a lot of their own, with the section's colour and system, that travels with it. A section all of whose panels
 * went into lots is left out. Lots are keyed `section:difference`, so their steps keep their keys.
 * @returns the sections to plan, and the parts with the lot they belong to
 */
export function lotsOf(job: Job, parts: readonly Part[]): { sections: JobSection[]; parts: Part[] } {
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  const lots = new Map<string, JobSection>();
  const placed = parts.map((part) => {
    const section = job.sections.find((one) => one.key === part.section);
    const own = section ? difference(section, surveys.get(part.key)) : {};
    const words = Object.values(own) as string[];
    if (!section || words.length === 0) return part;
    const key = `${section.key}:${words.join('-')}`;
    lots.set(key, {
      ...section,
      ...own,
      key,
      base: section.key,
      name: `${section.name} (${words.join(', ')})`,
    });
    return { ...part, section: key };
  });
  const used = new Set(placed.map((part) => part.section));
  // A section all of whose panels are left out of the job has no work; one that never had any keeps its own.
  const known = new Set(netOfJob(job).map((part) => part.section));
  const sections = job.sections.flatMap((section) => [
    ...(used.has(section.key) || !known.has(section.key) ? [section] : []),
    ...[...lots.values()]
      .filter((lot) => lot.base === section.key)
      .sort((a, b) => a.key.localeCompare(b.key)),
  ]);
  return { sections, parts: placed };
}
