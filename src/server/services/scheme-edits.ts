import type { Fault } from '../../core/exchange';
import type { Construction, Job } from '../../core/record';

/** No job has more colours than this. */
export const mostColours = 24;

/** A fault for a colour that the job does not have. */
export const unknownColourFaults = ({ colours }: Job, key: string | undefined, place: string): Fault[] =>
  key === undefined || colours.some((one) => one.id === key)
    ? []
    : [{ place, reason: `there is no colour ${key} in this job` }];

/** Why a colour cannot be removed: what still has it. */
export function inUseFaults(job: Job, id: string): Fault[] {
  const isOn = ({ colour, shape }: Construction) =>
    colour === id || (shape.kind === 'band' && shape.outline?.colour === id);
  const using = [...job.sections.filter((one) => one.colour === id), ...job.constructions.filter(isOn)].map(
    (one) => one.name,
  );
  if (using.length === 0) return [];
  return [{ place: 'id', reason: `still in use by ${using.join(', ')}; give them another colour first` }];
}

/** Why a colour cannot be added: a job has no more than it can be told apart by. */
export const tooManyFaults = ({ colours }: Job): Fault[] =>
  colours.length < mostColours
    ? []
    : [{ place: 'item.name', reason: `a job has ${mostColours} colours at most; remove one first` }];
