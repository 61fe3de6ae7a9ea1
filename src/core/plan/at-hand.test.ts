import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankStepEdit, type Job } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { addDays, localDateOf, minuteAt } from '../units';
import { planJob } from '.';

const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 420, zone);
const base = jobFixture({ level: 'Road' });
const job: Job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const plan = (over: Partial<Job> = {}, shop = demoShop) =>
  planJob({
    job: { ...job, ...over },
    shop,
    shelf: shelfOf(standardShelf),
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
const free = plan();
const mask = free.steps.find((step) => step.operation === 'mask')!;
const day = localDateOf(mask.start, zone);
/** Rafe does metalwork: nobody needs him for masking. */
const away = (from: string, to: string) => ({
  ...demoShop,
  people: demoShop.people.map((one) =>
    one.id === 'rafe' ? { ...one, daysOff: [{ from, to, reason: '' }] } : one,
  ),
});
const atHand = (person: string): Partial<Job> => ({
  stepEdits: [{ ...blankStepEdit(mask.key), atHand: person }],
});
const of = (made: typeof free) => made.steps.find((step) => step.key === mask.key)!;

test('who has to be there is not taken: the step stays where it is, and he is free for other work', () => {
  const made = of(plan(atHand('rafe')));
  expect(made).toMatchObject({ start: mask.start, end: mask.end, atHand: 'rafe' });
  expect(made.uses).toEqual(mask.uses);
});

test('while he is away the step waits, and says for whom', () => {
  const back = addDays(day, 4);
  const made = of(plan(atHand('rafe'), away(day, addDays(back, -1))));
  expect(localDateOf(made.start, zone) >= back).toBe(true);
  expect(made.whyNotEarlier).toContainEqual(
    expect.objectContaining({
      kind: 'closed',
      who: expect.arrayContaining([expect.stringMatching(/^Rafe/)]),
    }),
  );
  // Without the wish his days off move nothing of it.
  expect(of(plan({}, away(day, addDays(back, -1)))).start).toBeLessThan(minuteAt(back, 0, zone));
});

test('somebody who is not of the shop is refused, with the step', () => {
  expect(plan(atHand('nobody')).warnings).toContainEqual({
    code: 'person-refused',
    step: mask.key,
    person: 'nobody',
  });
});
