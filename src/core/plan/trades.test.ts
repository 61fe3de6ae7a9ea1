import type { PlannedStep } from './model';
import { tradeDates } from './trades';
import type { Milestone } from '../record';
import { minuteAt } from '../units';

const zone = 'Europe/London';
const step = (phase: string, from: [string, number], to: [string, number], more: object = {}) =>
  ({
    phase,
    crew: 1,
    skipped: false,
    start: minuteAt(from[0], from[1] * 60, zone),
    end: minuteAt(to[0], to[1] * 60, zone),
    ...more,
  }) as unknown as PlannedStep;
const steps = [
  step('finish', ['2027-01-12', 8], ['2027-01-13', 12]),
  step('finish', ['2027-01-14', 8], ['2027-01-15', 16]),
  // Drying on its own, or skipped: nobody waits for it.
  step('finish', ['2027-01-18', 8], ['2027-01-19', 8], { crew: 0 }),
  step('finish', ['2027-01-20', 8], ['2027-01-20', 9], { skipped: true }),
];
const milestone = (more: Partial<Milestone>): Milestone => ({
  id: 'm',
  trade: 'upholstery',
  what: 'seats',
  tie: 'after',
  phase: 'finish',
  onDate: null,
  accessLost: '',
  done: false,
  toldDate: null,
  ...more,
});
const dateOf = (more: Partial<Milestone>) => tradeDates({ milestones: [milestone(more)] }, steps, zone)[0];

describe('days of other trades', () => {
  test('one that waits begins the day after the last attended work, and is told when that is new to it', () => {
    expect(dateOf({})).toEqual({ milestone: 'm', day: '2027-01-16', clashes: false, toTell: true });
    expect(dateOf({ toldDate: '2027-01-16' })).toMatchObject({ toTell: false });
    expect(dateOf({ toldDate: '2027-01-12' })).toMatchObject({ toTell: true });
  });

  test('it clashes when it means to begin while we are still at it, not on the day itself', () => {
    expect(dateOf({ onDate: '2027-01-15' })).toMatchObject({ clashes: true });
    expect(dateOf({ onDate: '2027-01-16' })).toMatchObject({ clashes: false });
  });

  test('one that we wait for must be done by the day we begin', () => {
    expect(dateOf({ tie: 'before', onDate: '2027-01-12' })).toEqual({
      milestone: 'm',
      day: '2027-01-12',
      clashes: false,
      toTell: false,
    });
    expect(dateOf({ tie: 'before', onDate: '2027-01-13' })).toMatchObject({ clashes: true });
  });

  test('done, or tied to a stretch that the job does not have: no day', () => {
    const none = { milestone: 'm', day: null, clashes: false, toTell: false };
    expect(dateOf({ done: true, onDate: '2027-01-01' })).toEqual(none);
    expect(dateOf({ phase: 'strip' })).toEqual(none);
  });
});
