import { blankFitting } from './fitting';
import type { Fitting } from './job-lists';

/** A door handle as the strip-down list proposes it, but for what a test names. */
export const fittingOf = (over: Partial<Fitting> & Pick<Fitting, 'part'>): Fitting => ({
  ...blankFitting,
  id: 'f1',
  name: 'door handle',
  removeMin: 10,
  maskMin: 8,
  ...over,
});
