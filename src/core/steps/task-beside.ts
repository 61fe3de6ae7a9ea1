import { clockOf, type JobSection } from '../record';
import { keysOf } from './group';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';

/** What else stands on the body, and is covered while these areas are sprayed. */
export function besidesOf({ group, sections }: Task): string[] {
  const there = [...group.sections, ...group.hung].filter((one) => !sections.includes(one));
  // Pieces that lie apart are not covered, but the other fields of their own panels are.
  const isBeside = (one: JobSection) => !group.loose || sections.some((own) => clockOf(own) === clockOf(one));
  return keysOf(there.filter(isBeside));
}

/** The other colours that are cleared in one go with these. */
export function familyOf({ sections }: Task, works: Iterable<SectionWork>): string[] {
  const overs = new Set(sections.map((one) => one.clearOver));
  const all = [...works].map(({ section }) => section);
  return keysOf(all.filter((one) => overs.has(one.clearOver) && !sections.includes(one)));
}
