import type { Edit } from '../../core/record';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const number = 'P-014';
const stored = async () => (await loadJob(database(), number))!;
const job = async () => (await stored()).job;
const take = async (over: Partial<Extract<Edit, { kind: 'take-order' }>> = {}) => {
  const { job: now, versions } = await stored();
  const { colourOrder, colourCovers, schools } = now;
  const edit: Edit = {
    kind: 'take-order',
    job: number,
    seen: versions[number]!,
    colourOrder,
    colourCovers,
    schools,
    grounds: [],
    ...over,
  };
  return saveEdit(edit, writerNamed('ann'));
};
const faultOf = (outcome: Awaited<ReturnType<typeof take>>) =>
  outcome.status === 'faulty' ? outcome.faults[0] : { place: outcome.status };

test('order, clearing and ground coats are taken in one edit and taken back in one', async () => {
  const before = await job();
  const [first, second] = before.colours;
  const grounds = [{ colour: first!.id, product: 'sealer-white' }];
  const schools = { ...before.schools, 'clear-over': 'each' as const };
  expect((await take({ schools, grounds })).status).toBe('saved');
  const after = await job();
  expect(after.schools['clear-over']).toBe('each');
  expect(after.colours.find((one) => one.id === first!.id)?.groundCoat).toBe('sealer-white');
  expect(after.colours.find((one) => one.id === second!.id)?.groundCoat).toBeNull();
  await undoLast(number, writerNamed('ann'));
  expect(await job()).toEqual(before);
});

test('a ground coat that somebody chose before is left as it is', async () => {
  const before = await job();
  const [{ id } = { id: '' }] = before.colours;
  await take({ grounds: [{ colour: id, product: 'sealer-white' }] });
  await take({ grounds: [{ colour: id, product: 'sealer-grey' }] });
  expect((await job()).colours.find((one) => one.id === id)?.groundCoat).toBe('sealer-white');
});

test('what the shelf or the job lacks, and what is no sealer, is refused at its place', async () => {
  const [{ id } = { id: '' }] = (await job()).colours;
  const place = 'grounds[0].product';
  expect(faultOf(await take({ grounds: [{ colour: id, product: 'clear-21' }] }))).toMatchObject({ place });
  expect(faultOf(await take({ grounds: [{ colour: id, product: 'none-such' }] }))).toMatchObject({ place });
  expect(faultOf(await take({ grounds: [{ colour: 'c.none', product: 'sealer-grey' }] }))).toMatchObject({
    place: 'grounds[0].colour',
  });
  expect(faultOf(await take({ colourOrder: ['no-such-section'] }))).toMatchObject({
    place: 'set.colourOrder[0]',
  });
  expect(faultOf(await take({ seen: 0 }))).toEqual({ place: 'conflict' });
});
