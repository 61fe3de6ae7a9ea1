import { readScheduleProblem } from './schedule-problem';

type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

const whole = (): Json => ({
  format: 'coatrel.schedule-problem',
  version: 1,
  now: 5,
  calendars: [{ id: 'day', repeatMinutes: 1440, open: [[480, 960]] }],
  resources: [
    { id: 'booth', capacity: 1, calendar: 'day', scarce: true },
    { id: 'ines', capacity: 2 },
  ],
  jobs: [{ id: 'J' }],
  steps: [
    {
      id: 'a',
      job: 'J',
      kind: 'contiguous',
      minutes: 10,
      uses: [{ hold: 'h' }, { resource: 'ines', amount: 1 }],
    },
    {
      id: 'b',
      job: 'J',
      kind: 'passive',
      minutes: 10,
      uses: [{ hold: 'h' }, { anyOf: ['ines'], amount: 2 }],
    },
  ],
  links: [{ from: 'a', to: 'b', type: 'end-start', max: 30 }],
  holds: [{ id: 'h', resource: 'booth', amount: 1, from: 'a', to: 'b' }],
});
const faults = (change: (problem: Json) => void): string[] => {
  const problem = whole();
  change(problem);
  const read = readScheduleProblem(JSON.stringify(problem));
  return read.status === 'ok' ? [] : read.faults.map((one) => `${one.place}: ${one.reason}`);
};

test('defaults are filled in', () => {
  const read = readScheduleProblem(JSON.stringify(whole()));
  if (read.status !== 'ok') throw new Error(JSON.stringify(read.faults));
  expect(read.value.jobs[0]).toEqual({ id: 'J', release: 0, due: null, weight: 1 });
  expect(read.value.links[0]).toMatchObject({ min: 0, max: 30 });
  expect(read.value.resources[1]).toEqual({ id: 'ines', capacity: 2, calendar: null, scarce: false });
  expect(read.value.exclusions).toEqual([]);
  const startOnly = whole();
  startOnly.links[0].type = 'start-start';
  const other = readScheduleProblem(JSON.stringify(startOnly));
  expect(other.status === 'ok' && other.value.links[0]).toMatchObject({ min: null, max: 30 });
});

test.each<[string, (problem: Json) => void, RegExp]>([
  ['another format', (p) => (p.format = 'x'), /^format: /],
  ['a later version', (p) => (p.version = 2), /^version: /],
  ['no steps', (p) => delete p.steps, /^steps: /],
  ['an unknown key', (p) => (p.steps[0].colour = 'red'), /^steps\[0\]\.colour: /],
  ['an unknown key of an entry', (p) => (p.steps[0].uses[1].amout = 1), /^steps\[0\]\.uses\[1\]\.amout: /],
  ['negative minutes', (p) => (p.steps[1].minutes = -1), /^steps\[1\]\.minutes: /],
  ['a figure in quotes', (p) => (p.steps[1].minutes = '10'), /^steps\[1\]\.minutes: /],
  ['half a minute', (p) => (p.now = 0.5), /^now: /],
  ['a figure too large to be exact', (p) => (p.now = 2 ** 53), /^now: /],
  ['an unknown kind', (p) => (p.steps[0].kind = 'slow'), /^steps\[0\]\.kind: /],
  ['an empty id', (p) => (p.jobs[0].id = ''), /^jobs\[0\]\.id: /],
  ['an id of 201 signs', (p) => (p.jobs[0].id = 'x'.repeat(201)), /^jobs\[0\]\.id: /],
  ['a double id', (p) => p.steps.push({ ...p.steps[0] }), /^steps\[2\]\.id: id "a" is taken by steps\[0\]/],
  ['an unknown job', (p) => (p.steps[0].job = 'K'), /^steps\[0\]\.job: there is no job "K"/],
  [
    'an unknown resource',
    (p) => (p.steps[0].uses[1].resource = 'x'),
    /^steps\[0\]\.uses\[1\].*no resource "x"/,
  ],
  ['an unknown hold', (p) => (p.steps[0].uses[0].hold = 'x'), /^steps\[0\]\.uses\[0\]\.hold: /],
  ['an unknown calendar', (p) => (p.resources[0].calendar = 'x'), /^resources\[0\]\.calendar: /],
  ['an unknown step of a link', (p) => (p.links[0].to = 'x'), /^links\[0\]\.to: there is no step "x"/],
  ['a link without bounds', (p) => delete p.links[0].max, /^links\[0\]: /],
  ['min above max', (p) => (p.links[0].min = 31), /^links\[0\]: min 31 is above max 30/],
  [
    'an amount above capacity',
    (p) => (p.steps[0].uses[1].amount = 3),
    /^steps\[0\]\.uses\[1\]\.amount: .*at most 2/,
  ],
  ['a hold above capacity', (p) => (p.holds[0].amount = 2), /^holds\[0\]\.amount: /],
  ['an end that does not list its hold', (p) => p.steps[1].uses.shift(), /^holds\[0\]\.to: step "b"/],
  ['resource and list at once', (p) => (p.steps[0].uses[1].anyOf = ['ines']), /^steps\[0\]\.uses\[1\]: /],
  ['open turned round', (p) => (p.calendars[0].open = [[9, 3]]), /^calendars\[0\]\.open\[0\]: 9 is after 3/],
  ['a repeat of nothing', (p) => (p.calendars[0].repeatMinutes = 0), /^calendars\[0\]\.repeatMinutes: /],
  [
    'a pin twice',
    (p) =>
      (p.pinned = [
        { step: 'a', start: 9 },
        { step: 'a', start: 9 },
      ]),
    /^pinned\[1\]\.step: /,
  ],
  [
    'done and running',
    (p) => {
      p.done = [{ step: 'a', start: 0, end: 1 }];
      p.running = [{ step: 'a', start: 0, remaining: 1 }];
    },
    /^running\[0\]\.step: step "a" is told already by done\[0\]/,
  ],
  [
    'done before it began',
    (p) => (p.done = [{ step: 'a', start: 2, end: 1 }]),
    /^done\[0\]: start 2 is after end 1/,
  ],
  [
    'uses that do not fit',
    (p) => (p.pinned = [{ step: 'a', start: 9, uses: [] }]),
    /^pinned\[0\]\.uses: has 0 items/,
  ],
  [
    'same without such an entry',
    (p) => (p.same = [{ steps: ['a'], anyOf: ['ines', 'booth'] }]),
    /^same\[0\]\.steps\[0\]: /,
  ],
  ['a list where an object belongs', (p) => (p.jobs[0] = ['J']), /^jobs\[0\]: /],
])('%s is a fault named by its path', (_name, change, line) => {
  expect(faults(change).join('\n')).toMatch(new RegExp(line.source, 'm'));
});

test('several faults are all named', () => {
  expect(
    faults((p) => {
      p.steps[0].job = 'K';
      p.links[0].from = 'x';
      p.resources[0].calendar = 'y';
    }),
  ).toHaveLength(3);
});

test('text that is no JSON, a key __proto__, too many steps', () => {
  const reason = (text: string) => {
    const read = readScheduleProblem(text);
    return read.status === 'faulty' ? read.faults[0]!.reason : 'ok';
  };
  expect(reason('{')).toMatch(/not JSON/);
  expect(reason('{"__proto__": 1}')).toMatch(/__proto__/);
  const many = { ...whole(), steps: Array.from({ length: 20_001 }, () => 0) };
  expect(reason(JSON.stringify(many))).toMatch(/at most 20000, not 20001/);
});
