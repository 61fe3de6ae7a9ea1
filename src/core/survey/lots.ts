import { clockOf, depths, stripMethods, type Job, type JobSection, type PartSurvey } from '../record';
import { levels, type Level } from '../film';
import { bodyKindOf, substrates, type Part } from '../vehicle';
import { withClearOver } from './clear-over';
import { withColoursLaid } from './colour-system';
import { withFieldAreas } from './field-areas';
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

/** What sets a panel apart from its section. */
type Treatment = Partial<JobSection> & { lot?: string };

/** The side of a hull has its word already, as a lot. */
const wordsOf = (own: Treatment): string[] =>
  Object.entries(own).flatMap(([key, word]) => (key === 'hullSide' ? [] : [word as string]));

/** A hull that lies on its side is worked a side at a time: port first, starboard once it was turned. */
function withSide(section: JobSection, { side }: Part, own: Treatment): Treatment {
  if (section.schools['hull-stand'] !== 'on-its-side' || (side !== 'left' && side !== 'right')) return own;
  const [name, hullSide] =
    side === 'left' ? (['port', 'first'] as const) : (['starboard', 'second'] as const);
  return { ...own, lot: own.lot === undefined ? name : `${own.lot}-${name}`, hullSide };
}

/** How a panel is treated where that differs from its section; empty when it does not. */
function difference(section: JobSection, survey: PartSurvey | undefined): Treatment {
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

/** Levels are ranked by what is asked of the finish. */
const rank = (level: Level): number => levels.indexOf(level);

/**
 * Panels of one clock are sprayed together, so all of them get the last coats of the highest level among them; what keeps
 * its paint stands apart.
 */
function withLeads(areas: readonly JobSection[]): JobSection[] {
  const highest = new Map<string, Level>();
  for (const area of areas) {
    const before = highest.get(clockOf(area)) ?? area.level;
    if (rank(area.level) >= rank(before)) highest.set(clockOf(area), area.level);
  }
  return areas.map((area) => {
    const lead = highest.get(clockOf(area))!;
    return lead === area.level ? area : { ...area, lead };
  });
}

/**
 * Sections as they are worked: panels of a section that the survey treats otherwise (substrate, depth, method, level)
 * form an area of their own, with the section's colour and system. Areas of one section and lot share a clock: whatever
 * is done to several of them alike is one step, and its key names the clock alone. A section all of whose panels are
 * treated otherwise is left out itself.
 * @returns the areas to plan, and the parts with the area they belong to
 */
export function lotsOf(job: Job, parts: readonly Part[]): { sections: JobSection[]; parts: Part[] } {
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  const areas = new Map<string, JobSection>();
  const isHull = bodyKindOf(job.bodyKind)?.route === 'hull';
  const placed = parts.map((part) => {
    const section = job.sections.find((one) => one.key === part.section);
    const told = section ? difference(section, surveys.get(part.key)) : {};
    const own = section && isHull ? withSide(section, part, told) : told;
    const words = wordsOf(own);
    if (!section || words.length === 0) return part;
    const key = `${section.key}:${words.join('-')}`;
    // What keeps its paint gets no coat, whatever is typed for the rest of its section.
    const isKept = own.level === 'Keep' && section.level !== 'Keep';
    const coats = isKept ? {} : section.coats;
    areas.set(key, { ...section, ...own, ...namesOf(section, own), coats, key, base: section.key });
    return { ...part, section: key };
  });
  const used = new Set(placed.map((part) => part.section));
  // A section all of whose panels are left out of the job has no work; one that never had any keeps its own.
  const known = new Set(netOfJob(job).map((part) => part.section));
  const sections = job.sections.flatMap((section) => [
    ...(used.has(section.key) || !known.has(section.key) ? [section] : []),
    ...[...areas.values()]
      .filter((area) => area.base === section.key)
      .sort((a, b) => a.key.localeCompare(b.key)),
  ]);
  const fields = withFieldAreas(job, sections, placed);
  const painted = withClearOver(withLeads(fields.sections));
  return { sections: withColoursLaid(job, painted), parts: fields.parts };
}

/** The clock of an area, and what the area and its clock are called. */
function namesOf(section: JobSection, own: Treatment): { clock: string; clockName: string; name: string } {
  // What keeps its paint shares no coat with its neighbours.
  const isKept = (own.level ?? section.level) === 'Keep';
  const other = isKept === (section.level === 'Keep') ? undefined : isKept ? 'kept' : 'painted';
  const apart = [own.lot, other].filter((one) => one !== undefined);
  const named = (words: readonly string[]) =>
    words.length === 0 ? section.name : `${section.name} (${words.join(', ')})`;
  return {
    clock: [section.key, apart.join('-')].filter(Boolean).join(':'),
    clockName: named(apart),
    name: named(wordsOf(own)),
  };
}
