import { database } from '../database/client';
import { acceptedSample } from '../../core/record/sample.fixture';
import { ownerLink } from '../database/schema';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit } from './edits';
import { makeOfferOf, offersOf } from './offers';
import { makeOwnerLink, ownerLinksOf, ownerPageOf, ownerWordsOf, revokeOwnerLink } from './owner-page';
import { takeOwnerWord } from './owner-words';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const writer = writerNamed('ann');
const make = async (job: string, days = 30) => {
  const { outcome, token } = await makeOwnerLink(job, { forWhom: 'the owner', days }, writer);
  expect(outcome.status).toBe('saved');
  return token;
};

test('a link opens the page of its job and of no other, is counted, and is nowhere kept', async () => {
  const [coach, cutter] = [await make('P-014'), await make('P-015')];
  expect(coach).toMatch(/^[A-Za-z0-9_-]{43}$/);
  expect((await ownerPageOf(coach))!.view.name).toContain('Ullabrook');
  expect((await ownerPageOf(cutter))!.view.name).toContain('Cressholme');
  await ownerPageOf(coach);
  expect((await ownerLinksOf('P-014'))[0]).toMatchObject({ uses: 2, revokedOn: null });
  const rows = JSON.stringify(await database().select().from(ownerLink));
  expect(rows).not.toContain(coach);
  expect(await ownerLinksOf('P-016')).toEqual([]);
});

test('guessed, changed, cut, over or taken back it opens nothing', async () => {
  const token = await make('P-014');
  const changed = `${token.slice(0, -1)}${token.endsWith('A') ? 'B' : 'A'}`;
  for (const bad of ['', 'P-014', changed, token.slice(1), `${token}A`, '../../P-014', `${token}'--`])
    expect(await ownerPageOf(bad)).toBeNull();
  const links = await ownerLinksOf('P-014');
  for (const { id, seen } of links)
    expect((await revokeOwnerLink('P-014', id, seen, writer)).status).toBe('saved');
  expect(await ownerPageOf(token)).toBeNull();
  expect(await takeOwnerWord(token, { kind: 'ask', said: 'still there?', by: 'M.' })).toBeNull();
  // A day before today.
  const over = await make('P-014', -1);
  expect(await ownerPageOf(over)).toBeNull();
});

test('ten thousand guesses of the right form open nothing; an owner reads his page all the while', async () => {
  const own = await make('P-014');
  expect(await ownerPageOf(own)).not.toBeNull();
  for (let from = 0; from < 10_000; from += 500) {
    const guesses = Array.from({ length: 500 }, (_, i) => String(from + i).padStart(43, 'x'));
    const found = await Promise.all(guesses.map((guess) => ownerPageOf(guess)));
    expect(found.every((one) => one === null)).toBe(true);
  }
  expect(await ownerPageOf(own)).not.toBeNull();
  // One that is made meanwhile opens at once.
  expect(await ownerPageOf(await make('P-014'))).not.toBeNull();
});

test('a question stands before the manager; a quote is accepted once, with who and where', async () => {
  const token = await make('P-015');
  const { inputHash } = (await currentPlan('P-015'))!;
  await makeOfferOf('P-015', { seenHash: inputHash, discount: null, note: '', ways: [] }, writer);
  const quotesWaiting = async () =>
    (await ownerPageOf(token))!.view.waits.flatMap((one) => (one.code === 'quote' ? [one.number] : []));
  expect(await quotesWaiting()).toEqual([1]);
  expect(await takeOwnerWord(token, { kind: 'ask', said: 'May I see it?', by: 'M.' })).toMatchObject({
    status: 'saved',
  });
  const accept = { kind: 'accepted' as const, quote: 1, said: 'Go ahead', by: 'M.', where: 'at home' };
  expect(await takeOwnerWord(token, accept)).toMatchObject({ status: 'saved' });
  expect(await takeOwnerWord(token, accept)).toMatchObject({ status: 'faulty' });
  expect(await takeOwnerWord(token, { ...accept, quote: 9 })).toMatchObject({ status: 'faulty' });
  const words = await ownerWordsOf('P-015');
  expect(words.map((one) => [one.kind, one.about, one.said]).sort()).toEqual([
    ['accepted', 'quote 1', 'Go ahead'],
    ['ask', '', 'May I see it?'],
  ]);
  expect((await offersOf('P-015'))[0]).toMatchObject({ answer: 'accepted', answeredWhere: 'at home' });
  const { view } = (await ownerPageOf(token))!;
  expect(await quotesWaiting()).toEqual([]);
  expect(view.payments[0]).toMatchObject({ state: 'ordered', isReached: true });
  // The other job knows nothing of it.
  expect(await ownerWordsOf('P-014')).toEqual([]);
});

test('a card that was seen is judged with its light; one that is too small or settled is not', async () => {
  const token = await make('P-015');
  const colour = (await loadJob(database(), 'P-015'))!.job.colours[0]!.id;
  const add = async (widthMm: number) => {
    const item = {
      ...acceptedSample(colour, { widthMm, heightMm: 300, verdict: 'waiting', by: '', light: '' }),
      onDate: '2026-12-20',
    };
    const { id: _, ...sample } = item;
    expect(
      (await saveEdit({ kind: 'add-item', job: 'P-015', list: 'samples', item: sample }, writer)).status,
    ).toBe('saved');
    return (await loadJob(database(), 'P-015'))!.job.samples.find((one) => one.verdict === 'waiting')!.id;
  };
  const seen = (sample: string) => ({
    kind: 'card-accepted' as const,
    sample,
    said: '',
    by: 'M.',
    light: 'sun at noon',
    beside: 'the old mast',
  });
  const longest = 'x'.repeat(80);
  const small = await add(100);
  expect(await takeOwnerWord(token, seen(small))).toMatchObject({ status: 'faulty' });
  const refused = { ...seen(small), kind: 'card-refused' as const, light: longest, beside: longest };
  expect(await takeOwnerWord(token, refused)).toMatchObject({
    status: 'saved',
  });
  const card = await add(400);
  expect(await takeOwnerWord(token, seen('nothing'))).toMatchObject({ status: 'faulty' });
  expect(await takeOwnerWord(token, seen(card))).toMatchObject({ status: 'saved' });
  const { job } = (await loadJob(database(), 'P-015'))!;
  expect(job.samples.find((one) => one.id === card)).toMatchObject({
    verdict: 'accepted',
    by: 'M.',
    light: 'sun at noon',
    beside: 'the old mast',
    onDate: '2026-12-24',
  });
  expect(await takeOwnerWord(token, seen(card))).toMatchObject({ status: 'faulty' });
});

test('one job takes no more than forty words a day', async () => {
  const token = await make('P-016');
  for (let i = 0; i < 40; i += 1)
    expect(await takeOwnerWord(token, { kind: 'ask', said: `question ${i}`, by: 'M.' })).toMatchObject({
      status: 'saved',
    });
  expect(await takeOwnerWord(token, { kind: 'ask', said: 'one more', by: 'M.' })).toMatchObject({
    status: 'faulty',
    faults: [{ place: 'said' }],
  });
});
