import { blankStepEdit } from '../record';
import { operationOf } from '../steps';
import { readEdit } from './edit-schema';

const faults = (value: unknown) => {
  const read = readEdit(value);
  return read.status === 'faulty' ? read.faults : [];
};
const places = (value: unknown) => faults(value).map((one) => one.place);

const { step: _step, ...untouched } = blankStepEdit('sides/mask');
const step = (set: object) => ({ kind: 'step', job: 'P-014', step: 'sides/mask', seen: null, set });
const added = (over: object = {}) => ({
  kind: 'add-step',
  job: 'P-014',
  step: {
    operation: 'turn-over',
    name: '',
    section: 'sides',
    personMinutes: 90,
    after: 'sides/mask',
    before: null,
    note: '',
    ...over,
  },
});
const release = (over: object = {}) => ({
  kind: 'sign-off',
  job: 'P-016',
  signOff: { step: 'hold/weight', name: 'A. Engineer', licence: 'L-1', date: '2026-12-24', ...over },
});
const section = (set: object) => ({ kind: 'section', job: 'P-014', section: 'sides', seen: 1, set });
const { code: _code, ...wash } = operationOf('wash');
const operation = (over: object = {}, code = 'wash') => ({
  kind: 'operation',
  code,
  seen: null,
  entry: { ...wash, ...over },
});

describe('good edits of the work are read', () => {
  test.each([
    ['all of a step', step(untouched)],
    ['hours alone', step({ personMinutes: 90 })],
    ['the computed hours again', step({ personMinutes: null })],
    ['an order with insistence', step({ after: 'roof/paint/unload', override: true })],
    ['a person', step({ person: 'ines' })],
    ['a step put in', added()],
    ['one that something waits for', added({ before: 'sides/paint/load', name: 'Turn it' })],
    ['an added step taken out', { kind: 'remove-added-step', job: 'P-014', id: 'a-1', seen: 1 }],
    ['a release', release()],
    ['an approval without a licence', release({ licence: '' })],
    ['a release taken back', { kind: 'remove-sign-off', job: 'P-016', step: 'hold/weight', seen: 2 }],
    ['schools of a section', section({ schools: { filler: 'on-metal', tape: 'wet' } })],
    ['no school any more', section({ schools: {} })],
    ['schools of the job', { kind: 'job', job: 'P-014', seen: 1, set: { schools: { trim: 'held' } } }],
    ['typed rounds', section({ rounds: { filler: 0, build: 3 } })],
    ['a stop rule by measure', section({ stopRule: { hollowMm: 0.05, lastDay: null } })],
    ['no stop rule', section({ stopRule: null })],
    ['an operation', operation({ rate: 4, tags: ['wet', 'fume'] })],
    ['a level’s own factor', operation({ levelFactor: { Show: 1.5 } })],
    ['an own operation', operation({ makes: null, before: ['masked'], needs: ['washed'] }, 'ionise-2')],
    ['the catalogue’s entry again', { kind: 'operation', code: 'wash', seen: 3, entry: null }],
  ])('%s', (_name, edit) => {
    expect(faults(edit)).toEqual([]);
  });
});

describe('bad ones are named by their place', () => {
  test.each([
    ['nothing to set', step({}), 'set'],
    ['negative hours', step({ personMinutes: -1 }), 'set.personMinutes'],
    ['half a minute', step({ personMinutes: 1.5 }), 'set.personMinutes'],
    ['hours that are none', step({ personMinutes: Number.NaN }), 'set.personMinutes'],
    ['an order after nothing', step({ after: '' }), 'set.after'],
    ['an unknown field', step({ hours: 3 }), 'set.hours'],
    ['a note too long', step({ note: 'x'.repeat(201) }), 'set.note'],
    ['an operation in capitals', added({ operation: 'Turn' }), 'step.operation'],
    ['an added step after nothing', added({ after: null }), 'step.after'],
    ['negative minutes of an added step', added({ personMinutes: -5 }), 'step.personMinutes'],
    ['a release by nobody', release({ name: ' ' }), 'signOff.name'],
    ['a day that is none', release({ date: '2026-02-30' }), 'signOff.date'],
    ['a school that is none', section({ schools: { paint: 'thick' } }), 'set.schools.paint'],
    ['an option that is none', section({ schools: { filler: 'none' } }), 'set.schools.filler'],
    ['half a round', section({ rounds: { filler: 1.5 } }), 'set.rounds.filler'],
    ['no block round at all', section({ rounds: { build: 0 } }), 'set.rounds.build'],
    ['thirteen rounds', section({ rounds: { filler: 13 } }), 'set.rounds.filler'],
    ['a hollow of nothing', section({ stopRule: { hollowMm: 0, lastDay: null } }), 'set.stopRule.hollowMm'],
    ['half a stop rule', section({ stopRule: { hollowMm: 0.1 } }), 'set.stopRule.lastDay'],
    ['a negative rate', operation({ rate: -1 }), 'entry.rate'],
    ['a crew of five', operation({ mostCrew: 5 }), 'entry.mostCrew'],
    ['a tag that is none', operation({ tags: ['noisy'] }), 'entry.tags[0]'],
    ['a caution that is none', operation({ cautions: ['ghosts'] }), 'entry.cautions[0]'],
    ['a state that is none', operation({ needs: ['shiny'] }), 'entry.needs[0]'],
    ['a skill that is none', operation({ skill: 'magic' }), 'entry.skill'],
    ['a name of blanks', operation({ name: '  ' }), 'entry.name'],
    ['no reason', operation({ why: '' }), 'entry.why'],
    ['a code with a blank', operation({}, 'wash again'), 'code'],
    ['a situation that is none', operation({ when: { weather: ['dry'] } }), 'entry.when.weather'],
    [
      'an angle beyond upright',
      operation({ inspection: { light: 'sun', angleDeg: 91, secondPerson: false } }),
      'entry.inspection.angleDeg',
    ],
  ])('%s', (_name, edit, place) => {
    expect(places(edit)).toEqual([place]);
  });

  test.each([
    ['a crew out of order', { leastCrew: 3, usualCrew: 2 }, 'the usual crew must lie between'],
    ['a rate nothing sets', { rate: null, rateBy: null }, 'the rate must be a figure'],
    ['a need that comes later', { needs: ['cleared'], makes: 'washed' }, 'it would wait for itself'],
  ])('%s is named with what is wrong', (_name, over, reason) => {
    const [fault] = faults(operation(over));
    expect(fault!.place).toBe('entry');
    expect(fault!.reason).toContain(reason);
  });

  test('`__proto__` as a note and a name is ordinary text', () => {
    expect(places(step({ note: '__proto__' }))).toEqual([]);
    expect(places(release({ name: '__proto__' }))).toEqual([]);
  });
});
