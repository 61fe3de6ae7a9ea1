import { Random } from '../src/core/schedule/random';

/** Seeded random problems of `coatrel.schedule-problem` for measuring; the same seed gives the same problem. */
type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

const head = { format: 'coatrel.schedule-problem', version: 1 };

/** One project on four resources. `factor`: share of resources a step uses; `strength`: 0 scarce … 1 ample. */
export function project(seed: number, steps: number, factor: number, strength: number, maxLags = 0): Json {
  const random = new Random(seed);
  const minutes = Array.from({ length: steps }, () => 15 * (1 + random.below(10)));
  const links: Json[] = [];
  for (let i = 1; i < steps; i += 1) {
    const from = Math.max(0, i - 12);
    const many = 1 + random.below(2);
    for (let k = 0; k < many; k += 1) {
      const before = from + random.below(i - from);
      links.push({ from: `t${before}`, to: `t${i}`, type: 'start-start', min: minutes[before] });
    }
  }
  for (let k = 0; k < maxLags; k += 1) {
    const a = random.below(steps - 1);
    const b = a + 1 + random.below(Math.min(10, steps - a - 1));
    links.push({ from: `t${a}`, to: `t${b}`, type: 'start-start', max: 15 * (20 + random.below(40)) });
  }
  const uses = minutes.map(() =>
    [0, 1, 2, 3].flatMap((r) =>
      random.next() < factor ? [{ resource: `r${r}`, amount: 1 + random.below(10) }] : [],
    ),
  );
  const resources = [0, 1, 2, 3].map((r) => {
    const amounts = uses
      .flat()
      .filter((one) => one.resource === `r${r}`)
      .map((one) => one.amount);
    const least = Math.max(10, ...amounts);
    const most = Math.max(least, Math.ceil(amounts.reduce((a, b) => a + b, 0) / 5));
    return { id: `r${r}`, capacity: least + Math.round(strength * (most - least)) };
  });
  return {
    ...head,
    resources,
    jobs: [{ id: 'J' }],
    steps: minutes.map((one, i) => ({
      id: `t${i}`,
      job: 'J',
      kind: 'contiguous',
      minutes: one,
      uses: uses[i],
    })),
    links,
  };
}

/** A paint shop: people with skills and shifts, a booth held for sessions, drying, windows, open-film exclusion. */
export function shop(seed: number, jobs: number, stepsEach: number): Json {
  const random = new Random(seed);
  const week = (from: number, to: number) =>
    [0, 1, 2, 3, 4].map((day) => [day * 1440 + from, day * 1440 + to]);
  const people = ['p0', 'p1', 'p2', 'p3', 'p4'];
  const painters = people.slice(0, 2);
  const resources: Json[] = [
    { id: 'booth', capacity: 1, calendar: 'shop', scarce: true },
    { id: 'bay', capacity: 3 },
    ...people.map((id, i) => ({ id, capacity: 1, calendar: i === 4 ? 'part' : 'shop' })),
  ];
  const steps: Json[] = [];
  const links: Json[] = [];
  const holds: Json[] = [];
  const list: Json[] = [];
  for (let j = 0; j < jobs; j += 1) {
    const id = `J${j}`;
    let count = 0;
    let last: string | null = null;
    const add = (step: Json, max?: number, min = 0) => {
      const key = `${id}.${count}`;
      count += 1;
      steps.push({ id: key, job: id, ...step });
      if (last)
        links.push({ from: last, to: key, type: 'end-start', min, ...(max === undefined ? {} : { max }) });
      last = key;
      return key;
    };
    const hand = () => ({ anyOf: people, amount: 1 });
    while (count < stepsEach) {
      const prep = 2 + random.below(4);
      for (let k = 0; k < prep && count < stepsEach; k += 1)
        add({
          kind: random.next() < 0.5 ? 'splittable' : 'contiguous',
          minutes: 15 * (2 + random.below(16)),
          uses: [hand(), { resource: 'bay', amount: 1 }],
          tags: ['dusty'],
        });
      const hold = `${id}.h${count}`;
      const first = add({
        kind: 'contiguous',
        minutes: 30,
        uses: [{ hold }, { anyOf: painters, amount: 1 }],
      });
      const coats = 1 + random.below(3);
      for (let k = 0; k < coats; k += 1) {
        add(
          {
            kind: 'contiguous',
            minutes: 30,
            uses: [{ hold }, { anyOf: painters, amount: 1 }],
            tags: ['open-film'],
          },
          90,
          k === 0 ? 0 : 15,
        );
      }
      const dry = add({ kind: 'passive', minutes: 120, uses: [{ hold }], tags: ['open-film'] }, 0);
      holds.push({ id: hold, resource: 'booth', amount: 1, from: first, to: dry });
    }
    const release = 480 * random.below(4);
    list.push({ id, release, due: release + stepsEach * 300, weight: 1 + random.below(5) });
  }
  return {
    ...head,
    calendars: [
      { id: 'shop', repeatMinutes: 10080, open: week(450, 990) },
      { id: 'part', repeatMinutes: 10080, open: week(480, 750) },
    ],
    resources,
    jobs: list,
    steps,
    links,
    holds,
    exclusions: [{ a: 'dusty', b: 'open-film', resources: ['booth'] }],
  };
}
