import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey, type Job, type LogEntry, type PartSurvey } from '../record';
import { surfacesBySection, type StepNetwork } from '../steps';
import { entry } from './log.fixture';
import { readyJob } from './logged-network';
import { matchedLog, movedEntries, withMoved } from './matched-log';
import { stepLogs, worked } from './sittings';
import { withWork } from './with-work';

const around = { shop: demoShop, shelf: shelfOf(standardShelf) };
const now = 30_000_000;
const base = jobFixture({ bodyKind: 'saloon', level: 'Road' });
const build = (job: Job): StepNetwork => readyJob(job, around, now).build();
const survey = (key: string, over: Partial<PartSurvey>): PartSurvey => ({ ...blankSurvey(key), ...over });
const { parts } = readyJob(base, around, now);
const closures = parts.filter((part) => part.section === 'closures').map((part) => part.key);
const [first, second] = closures as [string, string, ...string[]];
const areaOf = (keys: readonly string[]) =>
  parts.filter((part) => keys.includes(part.key)).reduce((sum, part) => sum + part.outsideM2, 0);

/** Work on a step from an hour before now to now, remembered as it stands while the job is as it was. */
const done = (job: Job, step: string, over: Partial<LogEntry> = {}): LogEntry[] =>
  withWork(
    {
      ...job,
      log: [
        entry({ kind: 'began', at: now - 60, step, people: ['dot'] }),
        entry({ kind: 'ended', at: now, step, people: [], ...over }),
      ],
    },
    around,
    now,
  );
const factOf = (network: StepNetwork, step: string) => network.facts.find((fact) => fact.step === step);

test('what was done on a section is done on the panels that were put into a new one since', () => {
  const log = done(base, 'closures/scuff-epoxy');
  const model = base.sections.find((one) => one.key === 'closures')!;
  const split: Job = {
    ...base,
    log,
    sections: [...base.sections, { ...model, key: 'lids', name: 'Lids' }],
    surveyed: [survey(first, { section: 'lids' }), survey(second, { section: 'lids' })],
  };
  const network = build(split);
  const [own, moved] = [factOf(network, 'closures/scuff-epoxy')!, factOf(network, 'lids/scuff-epoxy')!];
  expect([own.status, moved.status]).toEqual(['done', 'done']);
  // One hour of one person, shared by the area of what each step has now.
  expect(own.personMinutes + moved.personMinutes).toBeCloseTo(60, 6);
  const share = areaOf([first, second]) / areaOf(closures);
  const ready = readyJob(split, around, now);
  const matched = matchedLog(log, network.steps, surfacesBySection(ready.parts, ready.sections));
  const shown = withMoved(log, movedEntries(log, matched));
  // Readers of the log by step count the hour once too.
  const hours = [...stepLogs(shown).values()].flatMap((one) => one.sittings);
  expect(hours.reduce((sum, one) => sum + worked(one, now), 0)).toBeCloseTo(60, 6);
  expect(moved.personMinutes).toBeCloseTo(60 * share, 6);
});

test('work on one panel leaves the others to do, by their area', () => {
  const log = done(base, 'closures/scuff-epoxy', { parts: [first] });
  const fact = factOf(build({ ...base, log }), 'closures/scuff-epoxy')!;
  expect(fact.status).toBe('running');
  expect(fact.leftShare).toBeCloseTo(1 - areaOf([first]) / areaOf(closures), 9);
  const rest = closures.filter((key) => key !== first);
  const more = done(base, 'closures/scuff-epoxy', { parts: rest });
  expect(factOf(build({ ...base, log: [...log, ...more] }), 'closures/scuff-epoxy')!.status).toBe('done');
});

test('panels that were ended one by one and are done again run again, until they are ended once more', () => {
  const log = done(base, 'closures/scuff-epoxy', { parts: closures });
  const again = withWork(
    {
      ...base,
      log: [
        entry({ kind: 'began', at: now + 10, step: 'closures/scuff-epoxy', parts: [first], redo: 'run' }),
      ],
    },
    around,
    now + 20,
  );
  const factAt = (list: LogEntry[]) =>
    factOf(readyJob({ ...base, log: list }, around, now + 20).build(), 'closures/scuff-epoxy')!;
  expect(factAt(log).status).toBe('done');
  expect(factAt([...log, ...again]).status).toBe('running');
  // Going on after leaving off leaves what was done.
  const left = done(base, 'closures/scuff-epoxy', { kind: 'left', parts: [first] });
  const on = [entry({ kind: 'began', at: now + 10, step: 'closures/scuff-epoxy', people: ['dot'] })];
  expect(factAt([...left, ...on]).leftShare).toBeCloseTo(1 - areaOf([first]) / areaOf(closures), 9);
});

test('a polish on one panel shows that this panel was sanded, and nothing of the others', () => {
  const find = (network: StepNetwork) =>
    network.steps.find((step) => step.key === 'closures/colour-sand-p1500')!;
  const whole = find(build(base));
  const log = withWork(
    { ...base, log: [entry({ kind: 'began', at: now - 60, step: 'closures/polish-cut', parts: [first] })] },
    around,
    now,
  );
  const left = find(build({ ...base, log }));
  expect(left.skipped).toBe(false);
  const share = 1 - areaOf([first]) / areaOf(closures);
  expect(left.personMinutes).toBe(Math.round(whole.personMinutes * share));
  const all = withWork(
    { ...base, log: [entry({ kind: 'began', at: now - 60, step: 'closures/polish-cut' })] },
    around,
    now,
  );
  expect(find(build({ ...base, log: all })).skipped).toBe(true);
});

test('what lost all its panels to another section is told of that one alone', () => {
  const log = done(base, 'closures/scuff-epoxy');
  const model = base.sections.find((one) => one.key === 'closures')!;
  const joined: Job = {
    ...base,
    log,
    sections: [...base.sections, { ...model, key: 'skins', name: 'Skins' }],
    surveyed: closures.map((key) => survey(key, { section: 'skins' })),
  };
  const ready = readyJob(joined, around, now);
  const network = ready.build();
  expect(factOf(network, 'closures/scuff-epoxy')).toBeUndefined();
  expect(factOf(network, 'skins/scuff-epoxy')).toMatchObject({ status: 'done', personMinutes: 60 });
  const matched = matchedLog(log, network.steps, surfacesBySection(ready.parts, ready.sections));
  const moved = movedEntries(log, matched);
  expect(moved.map((one) => one.to.map((to) => to.step))).toEqual([
    ['skins/scuff-epoxy'],
    ['skins/scuff-epoxy'],
  ]);
  expect(withMoved(log, moved).map((one) => one.step)).toEqual(['skins/scuff-epoxy', 'skins/scuff-epoxy']);
});

test('a panel that comes to a section later has its work before it, whatever was done on the others', () => {
  const without: Job = { ...base, surveyed: [survey(first, { absent: true })] };
  const log = done(without, 'closures/scuff-epoxy');
  expect(factOf(build({ ...without, log }), 'closures/scuff-epoxy')!.status).toBe('done');
  const fact = factOf(build({ ...base, log }), 'closures/scuff-epoxy')!;
  expect(fact.status).toBe('running');
  expect(fact.leftShare).toBeCloseTo(areaOf([first]) / areaOf(closures), 9);
});

test('entries of before that go by their key, and are told their work once', () => {
  const log = [entry({ kind: 'ended', at: now, step: 'shell/guide-1' })];
  expect(factOf(build({ ...base, log }), 'shell/guide-1')!.status).toBe('done');
  const told = withWork({ ...base, log }, around, now)[0]!.work!;
  expect([told.operation, told.pass, told.round]).toEqual(['guide-coat', 'guide', 1]);
  const shell = parts.filter((part) => part.section === 'shell');
  expect(new Set(told.surfaces.map((key) => key.split('.')[0]))).toEqual(
    new Set(shell.map((part) => part.key)),
  );
});

describe('a round of blocking that was one step before its grits had their own', () => {
  const gritsIn = (network: StepNetwork) =>
    network.facts.flatMap(({ step, status }) => (/^shell\/block-\d/.test(step) ? [`${step} ${status}`] : []));
  // Road: 180 in the first round, 240 and 320 in the second.
  const ofRound2 = ['shell/block-2-p240 done', 'shell/block-2-p320 done'];

  test('told by its work, or by its key alone, is all grits of that round and of no other', () => {
    const surfaces = withWork(
      { ...base, log: [entry({ kind: 'ended', at: now, step: 'shell/guide-1' })] },
      around,
      now,
    )[0]!.work!.surfaces;
    const work = { operation: 'block', pass: 'block', round: 2, surfaces };
    const ended = entry({ kind: 'ended', at: now, step: 'shell/block-2' });
    expect(gritsIn(build({ ...base, log: [{ ...ended, work }] }))).toEqual(ofRound2);
    expect(gritsIn(build({ ...base, log: [ended] }))).toEqual(ofRound2);
    const first = { ...ended, work: { ...work, round: 1 } };
    expect(gritsIn(build({ ...base, log: [first] }))).toEqual(['shell/block-1-p180 done']);
  });
});
