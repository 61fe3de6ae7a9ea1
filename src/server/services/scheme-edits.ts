import { mostAlternatives, mostColours } from '../../core/concepts/scheme-lists';
import { keptSchemeFaults, unknownColour, type Fault } from '../../core/exchange';
import type { AddItem, Construction, Job } from '../../core/record';

/** Why a colour cannot be removed: what still has it. */
export function inUseFaults(job: Job, id: string): Fault[] {
  const isOn = ({ colour, shape }: Construction) =>
    colour === id || (shape.kind === 'band' && shape.outline?.colour === id);
  const using = [
    ...job.sections.filter((one) => one.colour === id).map((one) => one.name),
    ...job.sections.filter((one) => one.insideColour === id).map((one) => `insides of ${one.name}`),
    ...job.constructions.filter(isOn).map((one) => one.name),
    ...job.looseItems.filter((one) => one.colour === id).map((one) => one.what),
    ...job.alternatives.filter((one) => one.ifUnmatched === id).map((one) => one.name),
    ...(job.matchAttempts.some((one) => one.colour === id) ? ['attempts at its match'] : []),
    ...(job.samples.some((one) => one.colour === id) ? ['its samples'] : []),
  ];
  if (using.length === 0) return [];
  return [{ place: 'id', reason: `still in use by ${using.join(', ')}; give them another colour first` }];
}

/** Why an item cannot be added: a job has no more of it than can be told apart. */
export function tooManyFaults({ colours, alternatives }: Job, list: AddItem['list']): Fault[] {
  const over = (count: number, most: number, what: string): Fault[] =>
    count < most
      ? []
      : [{ place: 'item.name', reason: `a job has ${most} ${what} at most; remove one first` }];
  if (list === 'colours') return over(colours.length, mostColours, 'colours');
  return list === 'alternatives' ? over(alternatives.length, mostAlternatives, 'kept schemes') : [];
}

/** Colours that an item names and the job does not have; of a kept scheme, that it does not hold itself. */
export function namedColourFaults(item: Partial<AddItem['item']>, job: Job, place: 'item' | 'set'): Fault[] {
  const faults: Fault[] = [];
  // Constructions are checked on a thread, with what they are laid on.
  if ('colour' in item && !('shape' in item))
    faults.push(...unknownColour(job, item.colour, `${place}.colour`));
  if ('ifUnmatched' in item) faults.push(...unknownColour(job, item.ifUnmatched, `${place}.ifUnmatched`));
  if ('scheme' in item && item.scheme) faults.push(...keptSchemeFaults(item.scheme, `${place}.scheme`));
  return faults;
}
