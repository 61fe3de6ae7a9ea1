import type { JobColour } from '../record';
import type { Fault } from './faults';

/** What a colour says that no plan uses yet: a coat system of its own. */
export const colourFaults = ({ system }: Partial<Pick<JobColour, 'system'>>, place: string): Fault[] =>
  system === undefined || system === null
    ? []
    : [
        {
          place: `${place}.system`,
          reason: 'a colour has no coat system of its own yet: its fields get that of their section',
        },
      ];
