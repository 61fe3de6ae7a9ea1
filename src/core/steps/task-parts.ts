import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';

/** Operations of hanging panels loosely for the paint. */
const hangs: ReadonlySet<string> = new Set(['hang-loose', 'take-off-loose']);

/** The panels, and fields of panels, that a task is done on. */
export function partsOfTask(draft: StepDraft, works: readonly SectionWork[], { operation }: Task): Part[] {
  const own = works.flatMap(({ group, section }) => group.partsOf(section));
  // One clear lies over all fields: no tape runs between them when it is unmasked.
  const isUnderOneClear =
    operation.makes === 'unmasked' && works.some(({ section }) => section.clearOver !== undefined);
  const parts = isUnderOneClear ? own.map(({ field: _field, ...part }) => part) : own;
  if (!hangs.has(operation.code)) return parts;
  // Where the survey names panels that go on loosely, only these are hung and taken off again.
  const { surveyed } = draft.context.job;
  const loose = new Set(surveyed.flatMap((one) => (one.fit === 'loose' ? [one.key] : [])));
  const named = parts.filter((part) => loose.has(part.key));
  return named.length > 0 ? named : parts;
}
