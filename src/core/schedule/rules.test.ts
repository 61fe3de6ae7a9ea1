import { planOf, problemOf, solved, times } from './problem-text.fixture';

/** One small problem for each rule of the format, its answer worked by hand. */
const day = { id: 'day', repeatMinutes: 1440, open: [[480, 960]] };
const step = (id: string, minutes: number, more: object = {}) => ({
  id,
  job: 'J',
  kind: 'contiguous',
  minutes,
  ...more,
});
const on = (resource: string, amount = 1) => [{ resource, amount }];
const because = (result: ReturnType<typeof planOf>, id: string) =>
  result.steps.find((one) => one.id === id)!.because;

test('the example of the format: load, coat, dust-free in one session', () => {
  const result = planOf({
    format: 'coatrel.schedule-problem',
    version: 1,
    now: 0,
    calendars: [
      {
        id: 'day',
        repeatMinutes: 10080,
        closed: [],
        open: [
          [450, 990],
          [1890, 2430],
          [3330, 3870],
        ],
      },
    ],
    resources: [
      { id: 'booth', capacity: 1, calendar: 'day', scarce: true },
      { id: 'ines', capacity: 1, calendar: 'day' },
      { id: 'marek', capacity: 1, calendar: 'day' },
    ],
    jobs: [{ id: 'J1', release: 0, due: 900, weight: 1 }],
    steps: [
      {
        id: 'load',
        job: 'J1',
        kind: 'contiguous',
        minutes: 60,
        uses: [{ hold: 'session' }, { anyOf: ['ines', 'marek'], amount: 1 }],
      },
      {
        id: 'coat',
        job: 'J1',
        kind: 'contiguous',
        minutes: 45,
        tags: ['open-film'],
        uses: [{ hold: 'session' }, { resource: 'ines', amount: 1 }],
      },
      {
        id: 'dust-free',
        job: 'J1',
        kind: 'passive',
        minutes: 120,
        uses: [{ hold: 'session' }],
        tags: ['open-film'],
      },
    ],
    links: [
      { from: 'load', to: 'coat', type: 'end-start', max: 240 },
      { from: 'coat', to: 'dust-free', type: 'end-start', min: 0, max: 0 },
    ],
    holds: [{ id: 'session', anyOf: ['booth'], amount: 1, from: 'load', to: 'dust-free', tags: [] }],
    exclusions: [{ a: 'dusty', b: 'open-film', resources: ['booth'] }],
    same: [],
    pinned: [],
    done: [],
    running: [],
  });
  expect(times(result)).toEqual({ load: [450, 510], coat: [510, 555], 'dust-free': [555, 675] });
  expect(result).toMatchObject({ makespan: 675, lateness: 0, holdMinutes: 225, status: 'optimal' });
  expect(because(result, 'load')).toEqual([
    { kind: 'closed', resource: 'booth', from: 0, to: 450 },
    { kind: 'now' },
  ]);
  expect(because(result, 'coat')).toEqual([{ kind: 'link', from: 'load', type: 'end-start', lag: 0 }]);
});

describe('hours', () => {
  const resources = [{ id: 'r', capacity: 1, calendar: 'day' }];
  const calendars = [day];

  test('contiguous runs in one stretch: what does not fit before closing waits for the morning', () => {
    const steps = [step('a', 300, { uses: on('r') }), step('b', 240, { uses: on('r') })];
    const links = [{ from: 'a', to: 'b', type: 'end-start', min: 0 }];
    const result = planOf(problemOf({ calendars, resources, steps, links }));
    expect(times(result)).toEqual({ a: [480, 780], b: [1920, 2160] });
    // 720 is the last minute at which four hours would still fit; b could follow at 780.
    expect(because(result, 'b')).toEqual([
      { kind: 'closed', resource: 'r', from: 780, to: 1920 },
      { kind: 'link', from: 'a', type: 'end-start', lag: 0 },
    ]);
  });

  test('splittable pauses at closing and keeps its resource over the night', () => {
    const steps = [step('a', 300, { uses: on('r') }), step('b', 240, { kind: 'splittable', uses: on('r') })];
    const links = [{ from: 'a', to: 'b', type: 'end-start', min: 0 }];
    // 180 of 240 minutes until 960, the other 60 from 1920 on.
    expect(times(planOf(problemOf({ calendars, resources, steps, links })))).toEqual({
      a: [480, 780],
      b: [780, 1980],
    });
  });

  test('passive ignores hours but takes its resource', () => {
    const steps = [
      step('wait', 600, { kind: 'passive', uses: on('r') }),
      step('work', 60, { uses: on('r') }),
    ];
    const links = [{ from: 'wait', to: 'work', type: 'start-start', min: 0 }];
    expect(times(planOf(problemOf({ calendars, resources, steps, links })))).toEqual({
      wait: [0, 600],
      work: [600, 660],
    });
  });

  test('closed is taken out of open, and repeats reach back before the first', () => {
    const odd = { id: 'odd', repeatMinutes: 100, open: [[250, 280]], closed: [[40, 60]] };
    const steps = [step('a', 20, { uses: on('r') })];
    const own = [{ id: 'r', capacity: 1, calendar: 'odd' }];
    // Open 50–80 by the repeats; 40–60 is closed; 60–80 is just enough.
    expect(times(planOf(problemOf({ calendars: [odd], resources: own, steps })))).toEqual({ a: [60, 80] });
  });

  test('two resources of different hours work only where both are open; stretches that touch are one', () => {
    const calendars2 = [
      day,
      {
        id: 'late',
        open: [
          [600, 700],
          [700, 1200],
        ],
      },
    ];
    const both = [...resources, { id: 's', capacity: 1, calendar: 'late' }];
    const steps = [step('a', 360, { uses: [...on('r'), ...on('s')] })];
    expect(times(planOf(problemOf({ calendars: calendars2, resources: both, steps })))).toEqual({
      a: [600, 960],
    });
  });

  test('a step without minutes needs no open time and no capacity', () => {
    const steps = [step('a', 100, { uses: on('r') }), step('mark', 0, { uses: on('r') })];
    const links = [{ from: 'a', to: 'mark', type: 'start-start', min: 30, max: 30 }];
    const free = [{ id: 'r', capacity: 1 }];
    expect(times(planOf(problemOf({ resources: free, steps, links })))).toEqual({
      a: [0, 100],
      mark: [30, 30],
    });
  });
});

describe('resources', () => {
  test('amounts share a capacity of three', () => {
    const resources = [{ id: 'r', capacity: 3 }];
    const steps = ['a', 'b', 'c'].map((id) => step(id, 10, { uses: on('r', 2) }));
    expect(planOf(problemOf({ resources, steps })).makespan).toBe(30);
  });

  test('two entries take two different painters; a third step takes whoever is free', () => {
    const resources = ['p', 'q', 'x'].map((id) => ({ id, capacity: 1 }));
    const any = { anyOf: ['p', 'q', 'x'], amount: 1 };
    const steps = [step('pair', 10, { uses: [any, any] }), step('one', 10, { uses: [any] })];
    const result = planOf(problemOf({ resources, steps }));
    expect(result.makespan).toBe(10);
    expect(new Set(result.steps.flatMap((one) => one.uses.map((use) => use.resource))).size).toBe(3);
  });

  test('same keeps one painter for both coats though another is free sooner', () => {
    const calendars = [
      {
        id: 'am',
        open: [
          [0, 50],
          [200, 300],
        ],
      },
      { id: 'pm', open: [[60, 100]] },
    ];
    const resources = [
      { id: 'p', capacity: 1, calendar: 'am' },
      { id: 'q', capacity: 1, calendar: 'pm' },
    ];
    const anyOf = ['p', 'q'];
    const uses = [{ anyOf, amount: 1 }];
    const steps = [step('c1', 30, { uses }), step('c2', 30, { uses })];
    const links = [{ from: 'c1', to: 'c2', type: 'end-start', min: 10 }];
    expect(planOf(problemOf({ calendars, resources, steps, links })).makespan).toBe(90);
    const same = [{ steps: ['c1', 'c2'], anyOf }];
    // p: 0–30 and 200–230; q has 40 minutes in all.
    expect(planOf(problemOf({ calendars, resources, steps, links, same })).makespan).toBe(230);
  });
});

describe('windows and holds', () => {
  test('a window draws its opening step to the next morning', () => {
    const calendars = [day];
    const resources = [{ id: 'r', capacity: 1, calendar: 'day' }];
    const steps = [
      step('before', 400, { uses: on('r') }),
      step('tack', 30, { uses: on('r') }),
      step('coat', 60, { uses: on('r') }),
    ];
    const links = [
      { from: 'before', to: 'tack', type: 'end-start', min: 0 },
      { from: 'tack', to: 'coat', type: 'end-start', max: 30 },
    ];
    // tack could stand at 880, but coat would begin at 1920, 1010 minutes later.
    const result = planOf(problemOf({ calendars, resources, steps, links }));
    expect(times(result)).toEqual({ before: [480, 880], tack: [1920, 1950], coat: [1950, 2010] });
    expect(because(result, 'tack')).toEqual([
      { kind: 'closed', resource: 'r', from: 931, to: 1920 },
      { kind: 'window', link: 1, from: 880, to: 931 },
      { kind: 'link', from: 'before', type: 'end-start', lag: 0 },
    ]);
  });

  test('a start-start maximum alone leaves the lower side free', () => {
    const resources = [{ id: 'r', capacity: 1 }];
    const steps = [step('a', 10, { uses: on('r') }), step('b', 10, { uses: on('r') })];
    const links = [{ from: 'a', to: 'b', type: 'start-start', max: 0 }];
    expect(times(planOf(problemOf({ resources, steps, links })))).toEqual({ a: [10, 20], b: [0, 10] });
  });

  test('a hold keeps its place through the night, and others wait for it', () => {
    const calendars = [day];
    const resources = [
      { id: 'booth', capacity: 1, scarce: true },
      { id: 'p', capacity: 1, calendar: 'day' },
    ];
    const held = { hold: 'h' };
    const steps = [
      step('in', 60, { uses: [held, ...on('p')] }),
      step('out', 60, { uses: [held, ...on('p')] }),
      step('other', 60, { uses: [...on('booth'), ...on('p')] }),
    ];
    const links = [
      { from: 'in', to: 'out', type: 'end-start', min: 600 },
      { from: 'in', to: 'other', type: 'start-start', min: 1 },
    ];
    const holds = [{ id: 'h', resource: 'booth', amount: 1, from: 'in', to: 'out' }];
    // in 480–540; out not before 1140, so 1920–1980; the booth is held 480–1980 and other follows.
    const result = planOf(problemOf({ calendars, resources, steps, links, holds }));
    expect(times(result)).toEqual({ in: [480, 540], out: [1920, 1980], other: [1980, 2040] });
    expect(result.holdMinutes).toBe(1500);
    const taken = { kind: 'resource', resource: 'booth', holders: ['h'] };
    expect(because(result, 'other')).toEqual([
      { ...taken, from: 1920, to: 1980 },
      { kind: 'closed', resource: 'p', from: 901, to: 1920 },
      { ...taken, from: 481, to: 901 },
      { kind: 'link', from: 'in', type: 'start-start', lag: 1 },
    ]);
  });

  test('for the shop the booth opens just in time; for the makespan nobody minds', () => {
    const resources = [
      { id: 'booth', capacity: 1, scarce: true },
      { id: 'p', capacity: 1 },
    ];
    const steps = [
      step('load', 10, { uses: [{ hold: 'h' }] }),
      step('elsewhere', 100, { uses: on('p') }),
      step('coat', 20, { uses: [{ hold: 'h' }, ...on('p')] }),
    ];
    const links = [
      { from: 'load', to: 'coat', type: 'end-start', min: 0 },
      { from: 'elsewhere', to: 'coat', type: 'end-start', min: 0 },
    ];
    const holds = [{ id: 'h', resource: 'booth', amount: 1, from: 'load', to: 'coat' }];
    const problem = problemOf({ resources, steps, links, holds });
    const shop = planOf(problem, 'shop', 200);
    expect(shop).toMatchObject({ holdMinutes: 30, makespan: 120 });
    expect(because(shop, 'load')).toEqual([
      { kind: 'choice', earliest: 0, worse: 'hold', by: 90 },
      { kind: 'now' },
    ]);
  });

  test('dusty work and open film never share the hall, a step and its own hold do', () => {
    const resources = [
      { id: 'booth', capacity: 1 },
      { id: 'bay', capacity: 1 },
    ];
    const steps = [
      step('coat', 40, { uses: [{ hold: 'h' }], tags: ['open-film'] }),
      step('sand', 30, { uses: on('bay'), tags: ['dusty'] }),
    ];
    const holds = [{ id: 'h', resource: 'booth', amount: 1, from: 'coat', to: 'coat', tags: ['dusty'] }];
    const exclusions = [{ a: 'dusty', b: 'open-film', resources: ['booth', 'bay'] }];
    expect(planOf(problemOf({ resources, steps, holds, exclusions })).makespan).toBe(70);
    const apart = [{ a: 'dusty', b: 'open-film', resources: ['booth'] }];
    expect(planOf(problemOf({ resources, steps, holds, exclusions: apart })).makespan).toBe(40);
  });
});

describe('facts, pins, releases', () => {
  const resources = [{ id: 'r', capacity: 1, calendar: 'day' }];
  const calendars = [day];
  const uses = on('r');

  test('done anchors links, running holds its resource and goes on in open minutes', () => {
    const steps = [
      step('a', 60, { uses }),
      step('b', 300, { kind: 'splittable', uses }),
      step('c', 30, { uses }),
    ];
    const links = [{ from: 'a', to: 'c', type: 'end-start', min: 500 }];
    const result = planOf(
      problemOf({
        now: 900,
        calendars,
        resources,
        steps,
        links,
        done: [{ step: 'a', start: 700, end: 800, uses }],
        running: [{ step: 'b', start: 850, remaining: 100, uses }],
      }),
    );
    // 60 of the 100 minutes until 960, 40 from 1920; c not before 1300 and after b.
    expect(times(result)).toEqual({ a: [700, 800], b: [850, 1960], c: [1960, 1990] });
    expect(result.steps[0]!.because).toEqual([]);
  });

  test('a window that closed before now is named as broken and dropped', () => {
    const steps = [step('a', 60, { uses }), step('b', 30, { uses })];
    const links = [{ from: 'a', to: 'b', type: 'end-start', max: 90 }];
    const done = [{ step: 'a', start: 480, end: 540, uses }];
    const result = planOf(problemOf({ now: 700, calendars, resources, steps, links, done }));
    expect(result.broken).toEqual([{ link: 0 }]);
    expect(times(result).b).toEqual([700, 730]);
    const kept = planOf(problemOf({ now: 630, calendars, resources, steps, links, done }));
    expect(kept.broken).toEqual([]);
  });

  test('a pin is kept and the rest goes around it', () => {
    const steps = [step('a', 200, { uses }), step('b', 60, { uses })];
    const pinned = [{ step: 'b', start: 600 }];
    const result = planOf(problemOf({ calendars, resources, steps, pinned }));
    expect(times(result)).toEqual({ a: [660, 860], b: [600, 660] });
    expect(because(result, 'b')).toEqual([{ kind: 'pin' }]);
  });

  test('no step of a job starts before its release; lateness counts weight by minute', () => {
    const jobs = [
      { id: 'J', release: 500, due: 520, weight: 3 },
      { id: 'K', due: 550 },
    ];
    const steps = [step('a', 60, { uses }), { ...step('b', 60, { uses }), job: 'K' }];
    const result = planOf(problemOf({ calendars, resources, jobs, steps }), 'lateness');
    // a first: 500–560 is 40 × 3 late, then b 560–620 is 70 late: 190. b first: 480–540, a 540–600, 80 × 3 = 240.
    expect(result.lateness).toBe(190);
    expect(times(result)).toEqual({ a: [500, 560], b: [560, 620] });
    expect(because(result, 'a')).toEqual([{ kind: 'release' }]);
  });
});

describe('no plan', () => {
  const resources = [{ id: 'r', capacity: 1, calendar: 'day' }];
  const calendars = [day];
  const words = (problem: object) => {
    const found = solved(problem);
    if (found.status !== 'contradiction') throw new Error(found.status);
    expect(found.irreducible).toBe(true);
    return found.demands.map((one) => one.words);
  };
  const told = (problem: object) => {
    const found = solved(problem);
    if (found.status !== 'contradiction') throw new Error(found.status);
    const { demands, change } = found;
    return {
      says: demands.map((one) => one.says),
      change: change && [demands[change.demand]!.words.split(':')[0], change.to],
    };
  };

  test('a ring of lags: only its links are named', () => {
    const steps = ['a', 'b', 'c'].map((id) => step(id, 10));
    const links = [
      { from: 'a', to: 'b', type: 'end-start', min: 5 },
      { from: 'b', to: 'c', type: 'end-start', min: 5 },
      { from: 'a', to: 'c', type: 'start-start', max: 29 },
      { from: 'a', to: 'c', type: 'start-start', min: 1 },
    ];
    // 10 + 5 + 10 + 5 = 30 > 29.
    expect(words(problemOf({ steps, links })).map((one) => one.slice(0, 8))).toEqual([
      'links[0]',
      'links[1]',
      'links[2]',
    ]);
  });

  test('the ring is told in sentences, and that one minute less between two of them would do', () => {
    const steps = ['a', 'b'].map((id) => step(id, 10));
    const links = [
      { from: 'a', to: 'b', type: 'end-start', min: 1500 },
      { from: 'a', to: 'b', type: 'start-start', max: 1400 },
    ];
    // Start to start is 10 + 1500; the wait has to give 110 minutes, or the window as many.
    expect(told(problemOf({ steps, links }))).toEqual({
      says: [
        '“b” begins at least 1500 min (1 d 1 h) after “a” ends',
        '“b” begins at most 1400 min (23.3 h) after “a” begins',
      ],
      change: ['links[0]', 1390],
    });
  });

  test('the smallest change leads over the closed night: a window of 60 has to last until the morning', () => {
    const steps = [step('etch', 30, { uses: on('r') }), step('prime', 30, { uses: on('booth') })];
    const rooms = [...resources, { id: 'booth', capacity: 1, calendar: 'late' }];
    const late = { id: 'late', repeatMinutes: 1440, open: [[1200, 1400]] };
    const links = [{ from: 'etch', to: 'prime', type: 'end-start', max: 60 }];
    const problem = problemOf({ calendars: [...calendars, late], resources: rooms, steps, links });
    // The day ends at 960: etched 930–960, the booth opens at 1200, 240 minutes later.
    expect(told(problem).change).toEqual(['links[0]', 240]);
  });

  test('what can only be dropped is named without a figure', () => {
    const steps = [step('a', 481, { uses: on('r') })];
    expect(told(problemOf({ calendars, resources, steps }))).toEqual({
      says: ['“r” works in the hours “day” only'],
      change: ['resources[0].calendar', null],
    });
  });

  test('a contiguous step longer than any open stretch, and hours that never come', () => {
    const long = problemOf({ calendars, resources, steps: [step('a', 481, { uses: on('r') })] });
    expect(words(long)).toEqual(['resources[0].calendar: "r" is open in "day"']);
    const never = [{ id: 'day', repeatMinutes: 1440, open: [] }];
    const shut = problemOf({ calendars: never, resources, steps: [step('a', 1, { uses: on('r') })] });
    expect(words(shut)).toEqual(['resources[0].calendar: "r" is open in "day"']);
  });

  test('a pin outside the shift', () => {
    const problem = problemOf({
      calendars,
      resources,
      steps: [step('a', 30, { uses: on('r') })],
      pinned: [{ step: 'a', start: 940 }],
    });
    expect(words(problem)).toEqual([
      'pinned[0]: "a" starts at 940',
      'resources[0].calendar: "r" is open in "day"',
    ]);
  });

  test('three at once on two, which lags alone would allow', () => {
    const steps = ['a', 'b', 'c'].map((id) => step(id, 10, { uses: on('r') }));
    const links = ['b', 'c'].flatMap((to) => [{ from: 'a', to, type: 'start-start', min: 0, max: 5 }]);
    const problem = problemOf({ resources: [{ id: 'r', capacity: 2 }], steps, links });
    // b must start within 5 of a and so must c: all three overlap.
    expect(words(problem).map((one) => one.split(':')[0])).toEqual([
      'links[0]',
      'links[1]',
      'resources[0].capacity',
    ]);
  });
});

test('__proto__ and constructor are ordinary ids', () => {
  const resources = [{ id: '__proto__', capacity: 1 }];
  const steps = ['constructor', 'toString'].map((id) => step(id, 5, { uses: on('__proto__') }));
  expect(planOf(problemOf({ resources, steps })).makespan).toBe(10);
});

test('the same seed and rounds give the same plan to the byte', () => {
  const resources = [
    { id: 'r', capacity: 4 },
    { id: 's', capacity: 3 },
  ];
  const steps = Array.from({ length: 14 }, (_, i) =>
    step(`s${i}`, 3 + ((i * 7) % 11), { uses: [...on('r', 1 + (i % 3)), ...on('s', 1 + (i % 2))] }),
  );
  const problem = problemOf({ resources, steps });
  expect(JSON.stringify(planOf(problem))).toBe(JSON.stringify(planOf(problem)));
});
