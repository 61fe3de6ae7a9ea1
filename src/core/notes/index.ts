import type { PlannedStep } from '../plan/model';
import { isTied, noteTies, type WorkNote } from '../record';

type Work = Pick<PlannedStep, 'operation' | 'coat' | 'needs' | 'uses'>;

/** Whether what a note names is so at a step; what it leaves open holds for all. */
function holdsFor(note: WorkNote, { operation, coat, needs, uses }: Work, bodyKind: string): boolean {
  const products = new Set([...(coat ? [coat.product] : []), ...needs.map((need) => need.product)]);
  return (
    note.retiredOn === null &&
    isTied(note) &&
    (note.operation === '' || note.operation === operation) &&
    (note.product === '' || products.has(note.product)) &&
    (note.bodyKind === '' || note.bodyKind === bodyKind) &&
    (note.place === '' || uses.includes(note.place))
  );
}

const tiesOf = (note: WorkNote): number => noteTies.filter((tie) => note[tie] !== '').length;

/** Notes that come back before a step: those that fit it most closely first, then the latest. */
export const notesFor = (step: Work, bodyKind: string, notes: readonly WorkNote[]): WorkNote[] =>
  notes
    .filter((note) => holdsFor(note, step, bodyKind))
    .sort((a, b) => tiesOf(b) - tiesOf(a) || b.onDate.localeCompare(a.onDate) || a.id.localeCompare(b.id));
