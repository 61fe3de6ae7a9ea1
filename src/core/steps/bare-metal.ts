import { baseOf } from '../record';
import type { StepDraft } from './draft';
import type { Session } from './session';
import { bareMetalLimit } from './stripping';
import type { Task } from './task-model';

/** Windows that bare metal leaves open until the first coat on it. @param bare areas of the session that have no film yet */
export function closeBareMetal(
  draft: StepDraft,
  tasks: ReadonlyMap<string, Task>,
  { needs }: Task,
  session: Session,
  bare: ReadonlySet<string>,
): void {
  for (const [key] of needs) {
    const treated = treatmentBefore(tasks, key);
    const first = treated?.sections.find((one) => bare.has(one.key));
    // What was treated elsewhere on the body, or has its primer, is not bare under this coat.
    if (!treated || !first) continue;
    const { substrate } = first;
    const isWashed = treated.operation.stage === 'treat';
    const limit = bareMetalLimit(substrate, draft.humidity(isWashed ? 'wash' : 'bay'), draft.figures, {
      section: baseOf(first.key),
    });
    if (limit !== null)
      draft.link(treated.key, session.firstCoat, { code: 'bare-metal', substrate }, 0, limit);
  }
}

/** Spots that mending and sanding bared wait for their primer no longer than bare metal does. */
export function closeSpots(
  draft: StepDraft,
  ends: ReadonlyMap<string, readonly string[]>,
  { key, needs, sections }: Task,
): void {
  // Of several metals the one that bears it least waits least.
  const limits = sections.flatMap(({ key: own, substrate }) => {
    const at = { section: baseOf(own) };
    const limit = bareMetalLimit(substrate, draft.humidity('bay'), draft.figures, at);
    return limit === null ? [] : [{ substrate, limit }];
  });
  if (limits.length === 0) return;
  const { substrate, limit } = limits.reduce((least, one) => (one.limit < least.limit ? one : least));
  for (const [before, state] of needs)
    for (const end of state === 'metal-sound' ? ends.get(before)! : [])
      if (draft.stepOf(end).sections.length > 0)
        draft.link(end, key, { code: 'bare-metal', substrate }, 0, limit);
}

/** The treatment behind a task: itself, or what it directly waited for. */
function treatmentBefore(tasks: ReadonlyMap<string, Task>, key: string): Task | null {
  const task = tasks.get(key)!;
  // Spots that were treated have their primer already.
  const isTreatment = ({ operation }: Task) =>
    operation.makes === 'treated' && !operation.does.includes('spot-prime');
  if (isTreatment(task)) return task;
  if (task.operation.makes !== 'masked') return null;
  return [...task.needs.keys()].map((one) => tasks.get(one)!).find(isTreatment) ?? null;
}
