import { unknownColour, type Fault } from '../../core/exchange';
import { bodyKindOf, completeDimensions, type Dimensions } from '../../core/vehicle';
import { mostSections } from '../../core/concepts/section';
import { unchosenColour, type Job, type JobSection } from '../../core/record';
import { netOfJob, proposeSections } from '../../core/survey';
import { sectionInsert } from '../repositories/job-changes';
import { findingId, sectionId, surveyId } from '../repositories/job-ids';
import { remove, update, type RowChange } from '../repositories/row-change';
import {
  fault,
  made,
  touched,
  type EditOfKind,
  type JobGiven,
  type JobMakers,
  type Made,
} from './edit-makers';
import { setSurvey, some } from './survey-edits';

/** Edits of the sections of a job: their choices, a new one split off, two joined. */
export const sectionMakers: JobMakers<'section' | 'section-coats' | 'add-section' | 'remove-section'> = {
  section: (edit, { stored }) => {
    const section = stored.job.sections.find((one) => one.key === edit.section);
    if (!section) return noSection('section', edit.section, edit.job);
    const faults = [
      ...unknownColour(stored.job, edit.set.colour, 'set.colour'),
      ...unknownColour(stored.job, edit.set.insideColour, 'set.insideColour'),
      ...noInsideFaults(stored.job, edit.section, edit.set.insideColour ?? null),
    ];
    if (faults.length > 0) return { faults };
    return made(
      `${section.name}: ${touched(edit.set)}`,
      update('section', sectionId(edit.job, edit.section), edit.seen, edit.set),
    );
  },
  'section-coats': coatsOnSections,
  'add-section': addSection,
  'remove-section': joinSection,
};

/** Coats of one layer on several sections: all of them, or none. */
function coatsOnSections(
  { job, sections, role, coats }: EditOfKind<'section-coats'>,
  { stored }: JobGiven,
): Made {
  const known = new Map(stored.job.sections.map((one) => [one.key, one]));
  const unknown = sections.findIndex(({ section }) => !known.has(section));
  if (unknown >= 0) return noSection(`sections[${unknown}].section`, sections[unknown]!.section, job);
  return made(
    `${sections.map(({ section }) => known.get(section)!.name).join(', ')}: coats of ${role}`,
    ...sections.map(({ section, seen }) =>
      update('section', sectionId(job, section), seen, {
        coats: { ...known.get(section)!.coats, [role]: coats },
      }),
    ),
  );
}

/** A colour for insides that a section does not have would be typed for nothing. */
const noInsideFaults = (job: Job, key: string, colour: string | null): Fault[] =>
  colour === null || netOfJob(job).some((part) => part.section === key && part.insideM2 > 0)
    ? []
    : [{ place: 'set.insideColour', reason: 'no panel of it has an inside' }];

const noSection = (place: string, key: string, job: string): Made =>
  fault(place, `there is no section ${key} in ${job}`);

/** A key out of a name, that no section has; what is worked keeps its key when it is renamed. */
function freeSectionKey(name: string, sections: readonly JobSection[]): string {
  const taken = new Set(sections.map((one) => one.key));
  const word =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 24) || 'section';
  for (let nth = 1; ; nth += 1) {
    const key = nth === 1 ? word : `${word}-${nth}`;
    if (!taken.has(key)) return key;
  }
}

function addSection({ job, like, name, parts }: EditOfKind<'add-section'>, { stored }: JobGiven): Made {
  const { sections } = stored.job;
  const model = sections.find((one) => one.key === like);
  if (!model) return noSection('like', like, job);
  if (sections.length >= mostSections)
    return fault('name', `a job has ${mostSections} sections at most; join two first`);
  const net = new Set(netOfJob(stored.job).map((part) => part.key));
  const unknown = parts.findIndex((one) => !net.has(one.part));
  if (unknown >= 0)
    return fault(`parts[${unknown}].part`, `there is no part ${parts[unknown]!.part} on the net`);
  const key = freeSectionKey(name, sections);
  return made(
    `section ${name} of ${some(parts.map((one) => one.part))}`,
    sectionInsert(job, { ...model, key, name }, sections.length),
    ...setSurvey(stored, parts, { section: key }),
  );
}

/** Panels, gates and added steps of a section go to another, and the section is removed. */
function joinSection(edit: EditOfKind<'remove-section'>, { stored }: JobGiven): Made {
  const { job, versions } = stored;
  const { number } = job;
  const gone = job.sections.find((one) => one.key === edit.section);
  if (!gone) return noSection('section', edit.section, number);
  const into = job.sections.find((one) => one.key === edit.into);
  if (!into) return noSection('into', edit.into, number);
  // What the log tells by surface goes along with its panels; older facts know their section alone.
  const keyed = [...job.facts, ...job.log.filter((entry) => entry.work === null)];
  if (keyed.some(({ step }) => step.split(/[/:]/)[0] === gone.key))
    return fault('section', `work is logged on ${gone.name}; it keeps its section`);
  const moved = netOfJob(job)
    .filter((part) => part.section === gone.key)
    .map(({ key }) => ({ part: key, seen: versions[surveyId(number, key)] ?? null }));
  const follow = (table: 'gate' | 'addedStep', list: readonly { id: string; section: string }[]) =>
    list.flatMap(({ id, section }): RowChange[] => {
      const row = findingId(number, id);
      return section === gone.key ? [update(table, row, versions[row]!, { section: into.key })] : [];
    });
  return made(
    `${gone.name} joined with ${into.name}`,
    ...setSurvey(stored, moved, { section: into.key }),
    ...follow('gate', job.gates),
    ...follow('addedStep', job.addedSteps),
    remove('section', sectionId(number, gone.key), edit.seen),
  );
}

/** Sections that new dimensions bring: those of the body kind the job lacks, unless all their panels were put elsewhere. */
export function sectionsBrought(job: Job, dimensions: Dimensions, level: JobSection['level']): JobSection[] {
  const known = new Set(job.sections.map((section) => section.key));
  const chosen = new Set(job.surveyed.flatMap((one) => (one.section === null ? [] : [one.key])));
  const kind = bodyKindOf(job.bodyKind);
  const parts = kind ? kind.parts(completeDimensions(kind, dimensions)) : [];
  const colour = job.colours[0]?.id ?? unchosenColour.id;
  return proposeSections(job.bodyKind, dimensions, level)
    .filter(
      ({ key }) => !known.has(key) && parts.some((part) => part.section === key && !chosen.has(part.key)),
    )
    .map((section) => ({ ...section, colour }));
}
