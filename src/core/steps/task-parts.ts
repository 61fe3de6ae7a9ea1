import type { PartSurvey } from '../record';
import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import { maskedColours } from './field-family';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';

/** Operations of hanging panels loosely for the paint. */
const hangs: ReadonlySet<string> = new Set(['hang-loose', 'take-off-loose']);

/** The panels, and fields of panels, that a task is done on. @param all works of the job */
export function partsOfTask(draft: StepDraft, all: readonly SectionWork[], task: Task): Part[] {
  const { operation, sections } = task;
  const works = sections.flatMap((section) => all.filter((one) => one.section === section));
  const parts = works.flatMap((work) => taped(work, all, task));
  const { surveyed } = draft.context.job;
  if (operation.does.includes('seal-seams')) return openSeams(parts, surveyed);
  if (!hangs.has(operation.code)) return parts;
  // Where the survey names panels that go on loosely, only these are hung and taken off again.
  const loose = new Set(surveyed.flatMap((one) => (one.fit === 'loose' ? [one.key] : [])));
  const named = parts.filter((part) => loose.has(part.key));
  return named.length > 0 ? named : parts;
}

/** Panels whose seams are still open, with the metres inside that the survey found. */
function openSeams(parts: readonly Part[], surveyed: readonly PartSurvey[]): Part[] {
  const found = new Map(surveyed.map((one) => [one.key, one]));
  return parts.flatMap((part) => {
    const survey = found.get(part.key);
    if (survey?.seams === 'sealed') return [];
    return [{ ...part, seamM: part.seamM + (survey?.seamInsideM ?? 0) }];
  });
}

/** The parts of an area with those edges between fields along which tape runs at this task. */
function taped(work: SectionWork, all: readonly SectionWork[], { operation }: Task): Part[] {
  const { group, section } = work;
  const parts = group.partsOf(section);
  const is = (role: Task['operation']['does'][number]) => operation.does.includes(role);
  if (is('cover-fields') || is('uncover-fields')) {
    const standing = maskedColours(work, all);
    const isStanding = (to: string) => standing.has(to);
    const against = parts.map((part) => underOwnTape(withEdges(part, isStanding)));
    // Where it meets none that stands its own outline is taped, so that nothing drifts over to them.
    return against.some((part) => (part.field?.edges ?? []).length > 0) ? against : parts;
  }
  // One clear lies over all fields: no tape runs between them when it is unmasked.
  const isUnderOneClear = operation.makes === 'unmasked' && section.clearOver !== undefined;
  return isUnderOneClear ? parts.map((part) => withEdges(part, () => false)) : parts;
}

/** Tape of its own width covers a narrow field in one run, in place of one along either side of it. */
const underOwnTape = (part: Part): Part =>
  part.field === undefined
    ? part
    : {
        ...part,
        field: {
          ...part.field,
          edges: part.field.edges.map((edge) => ({
            ...edge,
            m: edge.tapedM,
            effortM: edge.m > 0 ? (edge.effortM * edge.tapedM) / edge.m : 0,
          })),
        },
      };

const withEdges = (part: Part, isTaped: (to: string) => boolean): Part =>
  part.field === undefined
    ? part
    : { ...part, field: { ...part.field, edges: part.field.edges.filter(({ to }) => isTaped(to)) } };
