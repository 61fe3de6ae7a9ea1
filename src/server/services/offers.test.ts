import { loadJob } from '../repositories/job-repository';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { saveEdit, undoLast } from './edits';
import { answerOffer, makeOfferOf, offersOf } from './offers';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const writer = writerNamed('ann');
const planned = async () => (await currentPlan('P-015'))!;
const make = async (over: Partial<Parameters<typeof makeOfferOf>[1]> = {}) =>
  makeOfferOf(
    'P-015',
    { seenHash: (await planned()).inputHash, discount: null, note: '', ways: [], ...over },
    writer,
  );
const said = {
  answer: 'accepted' as const,
  by: 'M. Cress',
  where: 'in the yard',
  on: '2026-12-24',
  seen: 1,
};

test('a quote is made from the plan that was seen, to the penny of its labour, materials and booth', async () => {
  expect(await make()).toEqual({ status: 'saved', label: 'quote 1 made' });
  const [{ offer, answer }] = (await offersOf('P-015')) as [Awaited<ReturnType<typeof offersOf>>[number]];
  const { plan } = await planned();
  const of = (kind: string) =>
    offer.lines.reduce((sum, line) => sum + (line.kind === kind ? line.sumMinor : 0), 0);
  expect(answer).toBe('open');
  expect(of('materials') + of('bought-in') + of('disposal')).toBe(plan.budgets.materialsMinor.planned);
  // Rounded line by line: within a penny for each.
  const labour = plan.quote.labourMinor - (offer.contingency?.ceilingMinor ?? 0);
  expect(Math.abs(of('labour') + of('found') - labour)).toBeLessThanOrEqual(offer.lines.length);
  expect(offer.lines.reduce((sum, line) => sum + line.sumMinor, 0)).toBe(offer.netMinor);
});

test('nothing is made from a plan that has changed since, nor for less than nothing', async () => {
  expect(await make({ seenHash: 'f'.repeat(64) })).toMatchObject({ status: 'conflict', why: 'changed' });
  expect(await make({ discount: { kind: 'money', minor: 90_000_000, reason: 'gift' } })).toMatchObject({
    status: 'faulty',
    faults: [{ place: 'discount' }],
  });
  expect(await offersOf('P-015')).toHaveLength(1);
});

test('later rates change no quote that was made', async () => {
  const [before] = await offersOf('P-015');
  const { shop } = await planned();
  const rate = { labourRateMinorPerHour: shop.shop.labourRateMinorPerHour + 1000 };
  expect((await saveEdit({ kind: 'shop', seen: shop.versions['shop'] ?? 1, set: rate }, writer)).status).toBe(
    'saved',
  );
  expect((await offersOf('P-015'))[0]).toEqual(before);
  expect(await make({ note: 'dearer' })).toMatchObject({ status: 'saved' });
  const [, later] = await offersOf('P-015');
  expect(later!.offer.netMinor).toBeGreaterThan(before!.offer.netMinor);
  expect((await undoLast('P-015', writer)).status).toBe('saved');
  expect(await offersOf('P-015')).toHaveLength(1);
});

test('an answer names a day that has come, within the validity; it is given once, and the caps and the scope follow', async () => {
  const answer = (over: object) => answerOffer('P-015', 1, { ...said, ...over }, writer);
  expect(await answer({ on: '2027-01-24' })).toMatchObject({ status: 'faulty', faults: [{ place: 'on' }] });
  expect(await answer({ on: '2026-11-01' })).toMatchObject({ status: 'faulty', faults: [{ place: 'on' }] });
  expect(await answerOffer('P-015', 7, said, writer)).toMatchObject({ status: 'faulty' });
  expect(await answer({ seen: 5 })).toMatchObject({ status: 'conflict' });
  expect(await answer({})).toEqual({ status: 'saved', label: 'quote 1 accepted' });
  const [stored] = await offersOf('P-015');
  expect(stored).toMatchObject({ answer: 'accepted', answeredBy: 'M. Cress', answeredWhere: 'in the yard' });
  const { job } = (await loadJob(database(), 'P-015'))!;
  expect(job.caps).toEqual(stored!.offer.caps);
  expect(job.scope.at(-1)).toMatchObject({ what: 'quote 1 accepted', agreedBy: 'M. Cress' });
  expect(await answer({ answer: 'refused', seen: 2 })).toMatchObject({
    status: 'faulty',
    faults: [{ reason: 'quote 1 was accepted already' }],
  });
});

test('an earlier quote is not accepted over a later one, for its caps would be those of neither; it may be refused', async () => {
  for (const note of ['second', 'third']) expect(await make({ note })).toMatchObject({ status: 'saved' });
  expect((await answerOffer('P-015', 3, said, writer)).status).toBe('saved');
  const caps = (await loadJob(database(), 'P-015'))!.job.caps;
  expect(await answerOffer('P-015', 2, said, writer)).toMatchObject({
    status: 'faulty',
    faults: [{ reason: 'quote 3 was accepted in its place: make another' }],
  });
  expect((await loadJob(database(), 'P-015'))!.job.caps).toEqual(caps);
  expect((await answerOffer('P-015', 2, { ...said, answer: 'refused' }, writer)).status).toBe('saved');
});

test('ways are told beside a quote by plans of their own; the one that is planned, and one that is none, are refused', async () => {
  const { stored } = await planned();
  const { level } = stored.job;
  const other = level === 'Show' ? 'Road' : 'Show';
  const before = (await offersOf('P-015')).length;
  for (const way of [
    { kind: 'level' as const, level },
    { kind: 'scheme' as const, id: 'nothing' },
  ])
    expect(await make({ ways: [way] })).toMatchObject({ status: 'faulty', faults: [{ place: 'ways[0]' }] });
  expect(await offersOf('P-015')).toHaveLength(before);
  expect((await make({ ways: [{ kind: 'level', level: other }] })).status).toBe('saved');
  const { offer } = (await offersOf('P-015')).at(-1)!;
  const [way] = offer.ways;
  expect(way).toMatchObject({ name: other });
  expect(way!.sections.every((one) => one.level === other || one.level === 'Keep')).toBe(true);
  // A shinier finish takes more hours, and tax is laid on both by the same rule.
  const more = other === 'Show' ? way!.netMinor - offer.netMinor : offer.netMinor - way!.netMinor;
  expect(more).toBeGreaterThan(0);
  const rate = offer.grossMinor / offer.netMinor;
  expect(way!.grossMinor / way!.netMinor).toBeCloseTo(rate, 4);
});
