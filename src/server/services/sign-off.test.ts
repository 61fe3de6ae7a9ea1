import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit } from './edits';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const engineer = writerNamed('demo-engineer', 'engineer');
const planner = writerNamed('demo-planner', 'planner');
const release = (step: string) => ({
  kind: 'sign-off' as const,
  job: 'P-016',
  signOff: { step, name: 'Somebody else', licence: 'typed', date: '2026-12-24' },
});
const kept = async (step: string) => {
  const { job, versions } = (await loadJob(database(), 'P-016'))!;
  const found = job.signOffs.find((one) => one.step === step);
  return found && { ...found, seen: versions[`P-016/${step}`]! };
};
const takeBack = async (writer: typeof engineer) =>
  saveEdit(
    { kind: 'remove-sign-off', job: 'P-016', step: 'hold/weight', seen: (await kept('hold/weight'))!.seen },
    writer,
  );

test('an engineer signs with the name and licence of the account, whatever was typed, and binds the panels', async () => {
  expect(await saveEdit(release('hold/weight'), engineer)).toMatchObject({ status: 'saved' });
  const signed = (await kept('hold/weight'))!;
  expect(signed).toMatchObject({ name: 'Orla', licence: 'LE-2207', signedBy: 'demo-engineer' });
  const { plan } = (await currentPlan('P-016'))!;
  const about = plan.steps.find((one) => one.key === 'hold/weight')!.sections;
  const panels = new Set(
    plan.parts.filter((one) => about.length === 0 || about.includes(one.section)).map((one) => one.key),
  );
  expect(Object.keys(signed.bound!.parts).length).toBeGreaterThan(0);
  for (const key of Object.keys(signed.bound!.parts)) expect([key, panels.has(key)]).toEqual([key, true]);
});

test('what an engineer signed is taken back by the engineer or a manager, not by a planner or another engineer', async () => {
  expect(await takeBack(planner)).toMatchObject({ status: 'forbidden' });
  expect(await takeBack(writerNamed('another', 'engineer'))).toMatchObject({ status: 'forbidden' });
  expect(await takeBack(engineer)).toMatchObject({ status: 'saved' });
  await saveEdit(release('hold/weight'), engineer);
  expect(await takeBack(writerNamed('demo-manager'))).toMatchObject({ status: 'saved' });
});

test('what a shop types from paper keeps its name, and says that nobody signed it here', async () => {
  expect(await saveEdit(release('hold/weight'), planner)).toMatchObject({ status: 'saved' });
  expect(await kept('hold/weight')).toMatchObject({ name: 'Somebody else', licence: 'typed', signedBy: '' });
  expect(await takeBack(engineer)).toMatchObject({ status: 'forbidden' });
  expect(await takeBack(planner)).toMatchObject({ status: 'saved' });
});

test('an engineer signs licensed holds alone, and changes nothing else', async () => {
  const { plan } = (await currentPlan('P-016'))!;
  const plain = plan.steps.find((one) => !one.cautions.includes('licensed-hold'))!;
  expect(await saveEdit(release(plain.key), engineer)).toMatchObject({ status: 'forbidden' });
  const seen = (await loadJob(database(), 'P-016'))!.versions['P-016']!;
  expect(await saveEdit({ kind: 'job', job: 'P-016', seen, set: { name: 'x' } }, engineer)).toMatchObject({
    status: 'forbidden',
    reason: 'Not with the rights of licensed engineer: only manager or planner may do this.',
  });
  expect(await saveEdit(release('none'), planner)).toMatchObject({ faults: [{ place: 'signOff.step' }] });
});
