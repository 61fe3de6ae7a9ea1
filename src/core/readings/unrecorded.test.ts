import { entry } from '../log/log.fixture';
import { unrecordedWork } from './unrecorded';

const step = (key: string, over = {}) => ({
  key,
  name: key,
  subject: 'Roof',
  state: 'done' as const,
  crew: 1,
  skipped: false,
  usedMin: 20,
  computedMinutes: null,
  ...over,
});

test('what is done without a word is named as implied, what was passed over with its planned minutes', () => {
  const steps = [
    step('coat'),
    step('wipe'),
    step('wait', { crew: 0 }),
    step('ahead', { state: 'planned' }),
    step('block', { state: 'planned', skipped: true, computedMinutes: 240 }),
  ];
  const log = [entry({ kind: 'ended', at: 1, step: 'coat' })];
  expect(unrecordedWork({ facts: [], log }, steps, new Set(['block']))).toEqual({
    implied: [{ step: 'wipe', name: 'wipe', subject: 'Roof', plannedMin: 20 }],
    overtaken: [{ step: 'block', name: 'block', subject: 'Roof', plannedMin: 240 }],
  });
});
