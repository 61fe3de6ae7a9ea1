import type { StepFact } from '../record';
import type { Step, StepLink } from '../steps';
import { tooEarly } from './early-start';
import { silentFacts } from './silent-steps';

const step = (key: string, given: Partial<Step> = {}): Step =>
  ({ key, name: key, crew: 1, minutes: 60, skipped: false, ...given }) as Step;
const link = (from: string, to: string, min = 0): StepLink => ({
  ...{ from, to, min, max: null, why: { code: 'order' } },
});
const done = (key: string, end: number): StepFact => ({
  ...{ step: key, status: 'done', start: end - 60, end, remainingMin: null, personMinutes: 60 },
  ...{ materialsMinor: null, uses: [] },
});

describe('waits and moves', () => {
  const network = {
    steps: [step('out', { crew: 0, minutes: 0 }), step('dry', { crew: 0, minutes: 90 }), step('spray')],
    links: [link('spray', 'dry', 10), link('dry', 'out')],
  };

  test('a wait runs from the end of its coat, and is over when its minutes have passed', () => {
    expect(silentFacts(network, [done('spray', 1000)], 1050)).toEqual([
      expect.objectContaining({ step: 'dry', status: 'running', start: 1010, remainingMin: 50 }),
    ]);
  });

  test('what follows a wait follows in the same reading, wherever it stands in the list', () => {
    const found = silentFacts(network, [done('spray', 1000)], 1200);
    expect(found.map(({ step: key, status, start, end }) => [key, status, start, end])).toEqual([
      ['dry', 'done', 1010, 1100],
      ['out', 'done', 1100, 1100],
    ]);
  });

  test('nothing begins before all it waits for has ended, nor ahead of now', () => {
    expect(silentFacts(network, [], 5000)).toEqual([]);
    expect(silentFacts(network, [done('spray', 1000)], 1005)).toEqual([]);
    const running: StepFact = { ...done('spray', 1000), status: 'running', end: null };
    expect(silentFacts(network, [running], 5000)).toEqual([]);
  });

  test('a wait that somebody logged, one left out and one that follows nothing are left alone', () => {
    const alone = { steps: [step('dry', { crew: 0 })], links: [] };
    expect(silentFacts(alone, [], 5000)).toEqual([]);
    const skipped = { ...network, steps: network.steps.map((one) => ({ ...one, skipped: one.crew === 0 })) };
    expect(silentFacts(skipped, [done('spray', 1000)], 5000)).toEqual([]);
    expect(
      silentFacts(network, [done('spray', 1000), done('dry', 1020)], 5000).map((one) => one.step),
    ).toEqual(['out']);
  });
});

describe('too early', () => {
  const network = {
    steps: [step('spray'), step('sand'), step('mask')],
    links: [link('spray', 'sand', 720), link('mask', 'sand'), link('sand', 'spray', -300)],
  };

  test('film that is not ready names the minute, work that has not ended its step', () => {
    expect(tooEarly(network, [done('spray', 1000)], 'sand', 1500)).toEqual([
      expect.objectContaining({ code: 'not-ready', step: 'spray', readyAt: 1720 }),
      expect.objectContaining({ code: 'not-ended', step: 'mask' }),
    ]);
  });

  test('once both are behind it nothing stands against it; a link that reaches back holds nothing', () => {
    expect(tooEarly(network, [done('spray', 1000), done('mask', 900)], 'sand', 1720)).toEqual([]);
    expect(tooEarly(network, [], 'spray', 0)).toEqual([]);
  });
});
