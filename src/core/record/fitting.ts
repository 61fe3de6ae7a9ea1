import type { Fitting } from './job-lists';

/** A fitting as the strip-down list proposes it: minutes to take it off, put it back and mask it once, and nothing decided. */
export const blankFitting = {
  tag: '1',
  removeMin: 15,
  refitMin: 20,
  maskMin: 12,
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
} as const satisfies Omit<Fitting, 'id' | 'name' | 'part'>;
