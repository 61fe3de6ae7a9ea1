import { clockOf, type JobSection } from '../record';
import type { PlaceKind } from '../shop';
import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import type { Phase } from './operation';
import { stackOf, type SectionStack } from './stack';

/** Sections that stand on one body, or one loose lot, with their parts and stacks. */
export interface Group {
  key: string;
  loose: boolean;
  subject: string;
  sections: JobSection[];
  /** Sections of loose pieces that are hung on it for their last coats. */
  hung: JobSection[];
  parts: Part[];
  partsOf(section: JobSection): Part[];
  stackOf(section: JobSection): SectionStack;
  /** What its insides get: the same, but where they have a colour of their own. */
  insideStackOf(section: JobSection): SectionStack;
}

/** Gathers the job's sections into groups, in the order of their first section. */
export function groupsOf(draft: StepDraft): Group[] {
  const { job, parts, shelf } = draft.context;
  const worked = new Set(parts.map((part) => part.section));
  const keys = [
    ...new Set(job.sections.flatMap((section) => (worked.has(section.key) ? [section.group] : []))),
  ];
  return keys.map((key) => {
    // A section without panels has no work: its steps would stand for nothing.
    const sections = job.sections.filter((section) => section.group === key && worked.has(section.key));
    const stacks = new Map(sections.map((section) => [section.key, stackOf(section, shelf)]));
    const ofInside = ({ insideLaid, ...section }: JobSection) =>
      stackOf({ ...section, ...insideLaid }, shelf);
    const insides = new Map(
      sections.flatMap((one) => (one.insideLaid ? [[one.key, ofInside(one)] as const] : [])),
    );
    const names = new Set(sections.map((section) => section.key));
    for (const section of sections)
      for (const product of new Set([
        ...stacks.get(section.key)!.missing,
        ...(insides.get(section.key)?.missing ?? []),
      ]))
        draft.warn({ code: 'product-missing', product, section: section.key });
    return {
      key,
      loose: sections.every((section) => section.loose),
      subject: subjectOf(sections, sections),
      sections,
      hung: [],
      parts: parts.filter((part) => names.has(part.section)),
      partsOf: (section) => parts.filter((part) => part.section === section.key),
      stackOf: (section) => stacks.get(section.key)!,
      insideStackOf: ({ key: own }) => insides.get(own) ?? stacks.get(own)!,
    };
  });
}

/** The area of a task that its reasons are told by: one whose level leads, if it has one. */
export const leading = (sections: readonly JobSection[]): JobSection =>
  sections.find((section) => section.lead === undefined) ?? sections[0]!;

/** What a step works on, in words: areas that stand for all that shares their clock are called by that. */
export function subjectOf(sections: readonly JobSection[], all: readonly JobSection[]): string {
  const names = sections.map((section) => {
    const beside = all.filter((one) => clockOf(one) === clockOf(section));
    const isWhole = beside.every((one) => sections.includes(one));
    const own = sections.filter((one) => clockOf(one) === clockOf(section));
    const plain = own.find((one) => one.base === undefined);
    return isWhole || plain ? (section.clockName ?? section.name) : section.name;
  });
  return [...new Set(names)].join(', ');
}

export const keysOf = (sections: readonly JobSection[]): string[] => sections.map((section) => section.key);

/** What the work of a stage is given: the hold it lies in, the place a loose lot takes instead, what comes before. */
export interface StageRoom {
  hold: string | null;
  place: PlaceKind | undefined;
  after: string[];
}

/**
 * One stay of a body in a bay: moved in, worked on, left; the bay is kept for it meanwhile, nights included.
 * A loose lot stays on its rack and each step takes a bench or the wash bay for itself.
 * @param body adds the work and returns the keys that end it   @returns keys after which the group may go on
 */
export function addStage(
  draft: StepDraft,
  group: Group,
  stage: { key: string; placeKind: 'wash' | 'bay'; phase: Phase; after: readonly string[] },
  body: (room: StageRoom) => string[],
): string[] {
  if (group.loose)
    return body({
      hold: null,
      place: stage.placeKind === 'wash' ? 'wash' : 'bench',
      after: [...stage.after],
    });
  const key = `${group.key}/${stage.key}`;
  const { subject } = group;
  const sections = keysOf(group.sections);
  const enter = draft.work({
    key: `${key}/in`,
    operation: 'move',
    subject,
    sections,
    parts: [],
    hold: key,
    because: [],
    after: stage.after,
    leaves: null,
    phase: stage.phase,
  });
  const ends = body({ hold: key, place: undefined, after: [enter] });
  const leave = draft.wait(`${key}/out`, 'move', subject, sections, 0, key);
  Object.assign(draft.stepOf(leave), { name: 'Bay free', phase: stage.phase });
  for (const end of ends) draft.link(end, leave, { code: 'order' });
  if (ends.length === 0) draft.link(enter, leave, { code: 'order' });
  draft.stay({ key, kind: 'stay', placeKind: stage.placeKind, from: enter, to: leave, subject });
  return [leave];
}
