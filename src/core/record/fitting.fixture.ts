import type { Fitting } from './job-lists';

/** A door handle as the strip-down list proposes it, but for what a test names. */
export const fittingOf = (over: Partial<Fitting> & Pick<Fitting, 'part'>): Fitting => ({
  id: 'f1',
  name: 'door handle',
  tag: '1',
  removeMin: 10,
  refitMin: 20,
  maskMin: 8,
  choice: 'advised',
  needs: 'as-is',
  benchMin: 0,
  readyOn: null,
  state: 'on',
  waitsFor: 'clean',
  refitOrder: 100,
  hands: 1,
  condition: '',
  fasteners: '',
  note: '',
  ...over,
});
