import { notesFor } from '@/core/notes';
import type { Plan } from '@/core/plan';
import type { WorkNote } from '@/core/record';

export type NoteShown = WorkNote & { seen: number };

/** Notes that come back before each step of a plan, by its key; steps without any are not there. */
export function notesByStep(
  { steps }: Pick<Plan, 'steps'>,
  bodyKind: string,
  notes: readonly NoteShown[],
): Record<string, NoteShown[]> {
  if (notes.length === 0) return {};
  const seen = new Map(notes.map((one) => [one.id, one.seen]));
  return Object.fromEntries(
    steps.flatMap((step) => {
      const own = notesFor(step, bodyKind, notes).map((one) => ({ ...one, seen: seen.get(one.id)! }));
      return own.length > 0 ? [[step.key, own] as const] : [];
    }),
  );
}
