import { chaseState, expectedAfterRound, roundsOfWork } from './rounds';
import type { Step } from './step';

type Given = Parameters<typeof roundsOfWork>[0][number];
const step = (key: string, operation: string, over: Partial<Given> = {}): Given => ({
  key,
  operation,
  sections: ['shell'],
  personMinutes: 60,
  skipped: false,
  coat: null,
  state: 'planned' as const,
  usedMin: 0,
  start: 100,
  ...over,
});
const primer = (round: number, coat: number, over: Partial<Given> = {}): Given =>
  step(`body/build-${round}/build-${coat}`, 'spray-primer', {
    coat: { role: 'build', session: `body/build-${round}` } as Step['coat'],
    ...over,
  });

describe('rounds of a section', () => {
  test('fill and block of a round are one, two coats of a session are one, hours are summed', () => {
    const rounds = roundsOfWork(
      [
        step('shell/fill-1', 'fill'),
        step('shell/block-filler-1', 'block-filler', { personMinutes: 90 }),
        step('shell/fill-2', 'fill'),
        primer(1, 1),
        primer(1, 2),
        step('shell/block-1', 'block', { start: 50 }),
        step('shell/polish', 'polish'),
        step('shell/second-look', 'second-look'),
      ],
      'shell',
    );
    expect(rounds.map(({ kind, round, personMinutes }) => [kind, round, personMinutes])).toEqual([
      ['fill', 1, 150],
      ['fill', 2, 60],
      ['prime', 1, 120],
      ['block', 1, 60],
      ['polish', 1, 60],
      ['polish', 2, 60],
    ]);
  });

  test('fairing a hull is filling it; work that is no round makes none', () => {
    const rounds = roundsOfWork(
      [
        step('shell/fair-1', 'fair'),
        step('shell/block-fairing-1', 'block-fairing', { personMinutes: 30 }),
        step('shell/fair-2', 'fair', { start: 10 }),
        step('shell/mask', 'mask'),
        step('shell/refine', 'refine'),
        step('shell/paint/colour-1', 'spray-colour', {
          coat: { role: 'colour', session: 'shell/paint' } as Step['coat'],
        }),
      ],
      'shell',
    );
    expect(
      rounds.map(({ kind, round, personMinutes, start }) => [kind, round, personMinutes, start]),
    ).toEqual([
      ['fill', 1, 90, 100],
      ['fill', 2, 60, 10],
    ]);
  });

  test('a round is done when all of it is, running when some of it is; done hours are the logged ones', () => {
    const done = { state: 'done' as const, usedMin: 77 };
    const [both] = roundsOfWork(
      [step('shell/fill-1', 'fill', done), step('shell/block-filler-1', 'block-filler', done)],
      'shell',
    );
    expect(both).toMatchObject({ state: 'done', personMinutes: 154 });
    const [half] = roundsOfWork(
      [step('shell/fill-1', 'fill', done), step('shell/block-filler-1', 'block-filler')],
      'shell',
    );
    expect(half).toMatchObject({ state: 'running', personMinutes: 137 });
  });

  test('other sections, lots of others and what is left out do not count; lots of its own do', () => {
    const rounds = roundsOfWork(
      [
        step('roof/fill-1', 'fill', { sections: ['roof'] }),
        step('shell/fill-1', 'fill', { skipped: true }),
        step('shell:Work/fill-1', 'fill', { sections: ['shell:Work'] }),
      ],
      'shell',
    );
    expect(rounds).toHaveLength(1);
    expect(rounds[0]!.personMinutes).toBe(60);
  });
});

describe('the stop rule', () => {
  const rule = { hollowMm: 0.1, lastDay: '2027-01-15' };

  test.each([
    ['all hollows within the measure end it', rule, [0.1, 0.05], '2027-01-10', 1, 'measured'],
    ['one hollow above goes on', rule, [0.11, 0.05], '2027-01-10', 1, null],
    ['one that nobody measured goes on', rule, [0.05, null], '2027-01-10', 1, null],
    ['on the last day a round may still be begun', rule, [0.5], '2027-01-15', 1, null],
    ['the day after, none', rule, [0.5], '2027-01-16', 1, 'last-day'],
    ['no rule: the rounds end it', null, [0.5], '2027-01-10', 0, 'rounds'],
    ['no rule and rounds left: it goes on', null, [0.5], '2027-01-10', 2, null],
  ])('%s', (_name, given, hollows, today, left, ended) => {
    expect(chaseState(given, hollows, today, left).ended).toBe(ended);
  });

  test('the worst hollow is told', () => {
    expect(chaseState(rule, [0.2, 0.35, null], '2027-01-10', 1).worstMm).toBe(0.35);
    expect(chaseState(rule, [null], '2027-01-10', 1).worstMm).toBeNull();
  });
});

test('what one more round leaves: 0.8, 0.4, 0.1 m² shrink by 1/2 and 1/4, in the mean by 0.3536', () => {
  expect(expectedAfterRound([0.8, 0.4, 0.1])).toBeCloseTo(0.1 * Math.sqrt(0.5 * 0.25), 9);
  expect(expectedAfterRound([0.8])).toBeNull();
  expect(expectedAfterRound([])).toBeNull();
  // A round that finds nothing counts as a tenth, so that the mean has a logarithm.
  expect(expectedAfterRound([0.5, 0])).toBeCloseTo(0, 9);
});
