import { withGrounds } from '../../core/record';
import { findingId } from '../repositories/job-ids';
import { update } from '../repositories/row-change';
import { made, type EditOfKind, type JobGiven, type JobMakers, type Made } from './edit-makers';
import { jobMakers } from './job-edits';

/** An order of colours that was compared is taken in one edit, which is undone as one. */
export const takeOrderMakers: JobMakers<'take-order'> = { 'take-order': takeOrder };

function takeOrder(edit: EditOfKind<'take-order'>, given: JobGiven): Made {
  const { job, seen, grounds, colourOrder, colourCovers, schools } = edit;
  const { stored } = given;
  const unknown = grounds.findIndex(({ colour }) => !stored.job.colours.some((one) => one.id === colour));
  if (unknown >= 0)
    return {
      faults: [
        {
          place: `grounds[${unknown}].colour`,
          reason: `there is no colour ${grounds[unknown]!.colour} in this job`,
        },
      ],
    };
  const set = { colourOrder, colourCovers, schools };
  const ordered = jobMakers.job({ kind: 'job', job, seen, set }, given);
  if ('faults' in ordered) return ordered;
  const laid = withGrounds(stored.job.colours, grounds).filter((one) => !stored.job.colours.includes(one));
  return made(
    'order of colours taken',
    ...ordered.changes,
    ...laid.map(({ id, groundCoat }) => {
      const row = findingId(job, id);
      return update('colour', row, stored.versions[row]!, { groundCoat });
    }),
  );
}
