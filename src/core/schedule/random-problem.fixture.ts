import { Random } from './random';

type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

export interface Size {
  steps: number;
  /** Longest duration and lag in minutes. */
  length: number;
  /** Chance of each feature, 0 … 1. */
  maxLags: number;
  calendars: boolean;
  facts: boolean;
}

/** A small problem of `coatrel.schedule-problem` with every feature of the format; many have no plan. */
export function randomProblem(seed: number, size: Size): Json {
  const random = new Random(seed);
  const chance = (p: number) => random.next() < p;
  const upTo = (most: number) => random.below(most + 1);
  const period = 4 * size.length;
  const calendars = size.calendars
    ? ['c0', 'c1'].map((id) => {
        const first = upTo(size.length);
        const open = [[first, first + size.length + upTo(size.length)]];
        if (chance(0.4))
          open.push([first + 3 * size.length, first + 3 * size.length + 1 + upTo(size.length)]);
        const closed = chance(0.4) ? [[first, first + upTo(size.length)]] : [];
        return { id, repeatMinutes: period, open, closed };
      })
    : [];
  const resources = ['r0', 'r1', 'r2', 'r3'].map((id, i) => ({
    id,
    capacity: 1 + upTo(i === 3 ? 2 : 1),
    ...(calendars.length > 0 && chance(0.7) ? { calendar: calendars[random.below(2)]!.id } : {}),
    ...(i === 0 ? { scarce: true } : {}),
  }));
  const now = size.facts && chance(0.5) ? upTo(size.length) : 0;
  const jobs = ['j0', 'j1'].map((id) => ({
    id,
    release: chance(0.3) ? upTo(size.length) : 0,
    weight: upTo(3),
    ...(chance(0.8) ? { due: now + upTo(size.steps * size.length) } : {}),
  }));
  const anyOf = ['r1', 'r2'];
  const steps: Json[] = Array.from({ length: size.steps }, (_, i) => {
    const uses: Json[] = [];
    if (chance(0.5)) uses.push({ anyOf, amount: 1 });
    else if (chance(0.7)) uses.push({ resource: `r${1 + random.below(2)}`, amount: 1 });
    if (chance(0.4)) uses.push({ resource: 'r3', amount: upTo(1) });
    return {
      id: `s${i}`,
      job: jobs[random.below(2)]!.id,
      uses,
      kind: ['contiguous', 'contiguous', 'splittable', 'passive'][random.below(4)]!,
      minutes: chance(0.08) ? 0 : 1 + upTo(size.length - 1),
      tags: chance(0.3) ? [chance(0.5) ? 'dusty' : 'wet'] : [],
    };
  });
  const links: Json[] = [];
  for (let i = 1; i < size.steps; i += 1)
    for (let k = 0; k < 2; k += 1) {
      if (!chance(0.55)) continue;
      const from = `s${random.below(i)}`;
      const type = chance(0.7) ? 'end-start' : 'start-start';
      const min = chance(0.7) ? upTo(3) : undefined;
      const max = chance(size.maxLags) ? (min ?? 0) + upTo(size.length) : undefined;
      if (min === undefined && max === undefined) continue;
      links.push({
        from,
        to: `s${i}`,
        type,
        ...(min === undefined ? {} : { min }),
        ...(max === undefined ? {} : { max }),
      });
    }
  const holds: Json[] = [];
  if (size.steps > 2 && chance(0.5)) {
    const first = random.below(size.steps - 1);
    const last = first + 1 + random.below(size.steps - first - 1);
    const member = { hold: 'h0' };
    for (let i = first; i <= last; i += 1)
      if (i === first || i === last || chance(0.5)) steps[i]!.uses.push(member);
    holds.push({
      id: 'h0',
      from: `s${first}`,
      to: `s${last}`,
      amount: 1,
      tags: chance(0.3) ? ['wet'] : [],
      ...(chance(0.5) ? { resource: 'r0' } : { anyOf: ['r0', 'r3'] }),
    });
  }
  const same = chance(0.3)
    ? [{ anyOf, steps: steps.filter((one) => one.uses.some((use: Json) => use.anyOf)).map((one) => one.id) }]
    : [];
  const exclusions = chance(0.6)
    ? [{ a: 'dusty', b: chance(0.7) ? 'wet' : 'dusty', resources: ['r0', 'r1', 'r3'] }]
    : [];
  const pinned = chance(0.2) ? [{ step: `s${random.below(size.steps)}`, start: now + upTo(period) }] : [];
  const done: Json[] = [];
  const running: Json[] = [];
  if (size.facts && chance(0.6)) {
    const step = steps[0]!;
    const uses = step.uses.map((use: Json) =>
      use.hold === undefined
        ? { resource: use.resource ?? use.anyOf[0], amount: use.amount }
        : { hold: use.hold, resource: 'r0' },
    );
    if (chance(0.5)) done.push({ step: step.id, start: now - 3, end: now - upTo(2), uses });
    else running.push({ step: step.id, start: now - 1, remaining: 1 + upTo(2), uses });
  }
  return {
    format: 'coatrel.schedule-problem',
    version: 1,
    now,
    calendars,
    resources,
    jobs,
    steps,
    links,
    holds,
    exclusions,
    same,
    pinned,
    done,
    running,
  };
}
