import type { StepFact } from '../record';
import type { Step, StepLink } from '../steps';
import { impliedFacts } from './implied-steps';
import { tooEarly } from './early-start';
import { silentFacts } from './silent-steps';

const step = (key: string, given: Partial<Step> = {}): Step =>
  ({ key, name: key, crew: 1, minutes: 60, skipped: false, coat: null, hold: null, ...given }) as Step;
const link = (from: string, to: string, min = 0): StepLink => ({
  from,
  to,
  min,
  max: null,
  why: { code: 'order' },
});
const done = (key: string, end: number): StepFact => ({
  step: key,
  status: 'done',
  start: end - 60,
  end,
  remainingMin: null,
  personMinutes: 60,
  materialsMinor: null,
  uses: [],
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

describe('what a coat implies', () => {
  const coat = (key: string) => step(key, { hold: 's', coat: {} as Step['coat'], minutes: 30 });
  const network = {
    steps: [
      step('load', { hold: 's', coat: null, minutes: 15, personMinutes: 30 }),
      step('wipe', { hold: 's', coat: null, minutes: 60, personMinutes: 120 }),
      coat('c1'),
      coat('c2'),
      step('unload', { hold: 's', coat: null, minutes: 20 }),
    ],
  };

  test('load and wipe are done one behind the other up to the first coat, with their planned hours', () => {
    const found = impliedFacts(network, [{ ...done('c2', 1000), start: 900 }]);
    expect(found.map(({ step: key, start, end, personMinutes }) => [key, start, end, personMinutes])).toEqual(
      [
        ['wipe', 840, 900, 120],
        ['load', 825, 840, 30],
      ],
    );
  });

  test('without a coat nothing is implied, and what was written stands', () => {
    expect(impliedFacts(network, [done('load', 100)])).toEqual([]);
    expect(impliedFacts(network, [done('wipe', 800), done('c1', 1000)]).map((one) => one.step)).toEqual([
      'load',
    ]);
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

  test('a coat tapped in a session implies its load and wipe, not what these stood on', () => {
    const session = {
      steps: [
        step('mask'),
        step('wipe', { hold: 's', coat: null }),
        step('coat', { hold: 's', coat: {} as Step['coat'] }),
      ],
      links: [link('mask', 'wipe'), link('wipe', 'coat')],
    };
    expect(tooEarly(session, [], 'coat', 50).map((one) => one.step)).toEqual(['mask']);
  });

  test('once both are behind it nothing stands against it; a link that reaches back holds nothing', () => {
    expect(tooEarly(network, [done('spray', 1000), done('mask', 900)], 'sand', 1720)).toEqual([]);
    expect(tooEarly(network, [], 'spray', 0)).toEqual([]);
  });
});
