import type { Minute } from '../../core/units';

/** The minute of the clock; COATREL_NOW fixes it for demonstrations, tests and screenshots. */
export function currentMinute(): Minute {
  const fixed = process.env.COATREL_NOW;
  return Math.floor((fixed ? Date.parse(fixed) : Date.now()) / 60000);
}
