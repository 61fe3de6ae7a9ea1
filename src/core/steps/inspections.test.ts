import { demoShop } from '../../demo/shop';
import { checkEntry } from '../checks/log-faults';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob, withWork } from '../log';
import { entry } from '../log/log.fixture';
import type { Job, JobSection, LogEntry } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';

const around = { shop: demoShop, shelf: shelfOf(standardShelf) };
const now = minuteAt('2026-11-25', 600, demoShop.timeZone);
const colour = jobFixture().colours[0]!.id;
const jobOf = (over: Partial<Job>, section: Partial<JobSection> = {}): Job => ({
  ...jobFixture(over, section),
  samples: [acceptedSample(colour)],
});
const build = (job: Job) => readyJob(job, around, now).build();
type Network = ReturnType<typeof build>;
const looks = ({ steps }: Network, section: string) =>
  steps.flatMap(({ key }) =>
    key.startsWith(`${section}/`) && /inspect|read-/.test(key) ? [key.slice(section.length + 1)] : [],
  );
/** Does the one come before the other, whatever lies between? */
function leads({ links, stays, steps }: Network, from: string, to: string): boolean {
  const next = new Map<string, string[]>();
  const add = (one: string, other: string) => next.set(one, [...(next.get(one) ?? []), other]);
  for (const link of links) add(link.from, link.to);
  for (const stay of stays)
    for (const step of steps)
      if (step.hold === stay.key) {
        if (step.key !== stay.from) add(stay.from, step.key);
        if (step.key !== stay.to) add(step.key, stay.to);
      }
  const seen = new Set([from]);
  for (const one of seen) for (const later of next.get(one) ?? []) seen.add(later);
  return seen.has(to);
}

test('bare sheet at Show is looked at under the primer, after each block, before the mask and after cutting', () => {
  const network = build(jobOf({ bodyKind: 'saloon', level: 'Show' }, { depth: 'bare' }));
  expect(looks(network, 'shell').sort()).toEqual([
    'inspect-before-mask',
    'inspect-cut',
    'inspect-ground',
    'read-block-1',
    'read-block-2',
  ]);
  for (const [from, to] of [
    ['shell/inspect-ground', 'body/epoxy/epoxy-1'],
    ['shell/block-1-p180', 'shell/read-block-1'],
    ['shell/read-block-1', 'body/build-2/build-1'],
    ['shell/inspect-before-mask', 'shell/mask'],
    ['shell/colour-sand-p5000', 'shell/inspect-cut'],
    ['shell/inspect-cut', 'shell/polish-cut'],
  ] as const)
    expect([from, to, leads(network, from, to)]).toEqual([from, to, true]);
});

test('what shut panels hide is looked at while they are open', () => {
  const network = build(
    jobOf({ bodyKind: 'saloon', level: 'Show', schools: { openings: 'first-soft' } }, { depth: 'bare' }),
  );
  expect(leads(network, 'closures/insides/colour-1', 'closures/inspect-hidden')).toBe(true);
  expect(leads(network, 'closures/inspect-hidden', 'closures/mask-shut')).toBe(true);
});

test('a hull is read after each fairing and before its mask; a skin before it is covered; Work keeps to the primer', () => {
  const hull = build(jobOf({ bodyKind: 'open-hull', level: 'Show' }));
  expect(looks(hull, 'topsides')).toEqual(
    expect.arrayContaining(['read-fairing-1', 'read-fairing-2', 'read-fairing-3', 'inspect-before-mask']),
  );
  const skin = build(jobOf({ bodyKind: 'low-wing', level: 'Work' }, { depth: 'bare' }));
  expect(skin.steps.some(({ key }) => key === 'airframe/inspect-skin-mask')).toBe(true);
  const work = build(jobOf({ bodyKind: 'saloon', level: 'Work' }, { depth: 'bare' }));
  expect(looks(work, 'shell')).toEqual(['inspect-ground']);
});

test('a look ends with what was seen, in its own entry or in one before it; other work ends as it is', () => {
  const base = jobOf({ bodyKind: 'saloon', level: 'Show' }, { depth: 'bare' });
  const step = 'shell/inspect-cut';
  const log = (...more: LogEntry[]): Job => {
    const written = {
      ...base,
      log: [entry({ kind: 'began', at: now - 60, step, people: ['dot'] }), ...more],
    };
    return { ...written, log: withWork(written, around, now) };
  };
  const end = (job: Job, note: string, of = step) =>
    checkEntry(
      {
        kind: 'log',
        job: base.number,
        insist: false,
        entry: { ...entry({ kind: 'ended', at: now, step: of, people: [] }), note },
      },
      job,
      { ...around, operations: [], now },
    ).faults;
  const [fault] = end(log(), ' ');
  expect(fault!.place).toBe('entry.note');
  expect(fault!.reason).toContain('say what was seen');
  expect(end(log(), 'nothing found')).toEqual([]);
  const seen = entry({
    kind: 'inspected',
    at: now - 10,
    step,
    people: ['dot'],
    note: 'pigtails on the left',
  });
  expect(end(log(seen), '')).toEqual([]);
  const sanded = entry({ kind: 'began', at: now - 60, step: 'shell/colour-sand-p800' });
  expect(end(log(sanded), '', 'shell/colour-sand-p800')).toEqual([]);
});
