import type { RefitWait } from '@/core/record';

/** What a piece waits for, as the beginning of a sentence. */
export const refitWaitWords: Record<RefitWait, string> = {
  clean: 'It goes on clean panels',
  tape: 'It waits until the film bears tape',
  handle: 'It waits until the film bears hands',
  clamp: 'It waits until the film bears a clamp',
  bond: 'It waits until the film bears a bond',
  'gas-free': 'It waits until the film gives off nothing any more',
  'full-cure': 'It waits for full cure',
  'second-look': 'It waits for the second look',
};

/** The state itself, in a few words. */
export const refitStates: Record<RefitWait, string> = {
  clean: 'is clean',
  tape: 'bears tape',
  handle: 'bears hands',
  clamp: 'bears a clamp',
  bond: 'bears a bond',
  'gas-free': 'gives off nothing any more',
  'full-cure': 'is fully cured',
  'second-look': 'has had its second look',
};
