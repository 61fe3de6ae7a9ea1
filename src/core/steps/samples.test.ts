import { demoShop } from '../../demo/shop';
import { commitmentsOf } from '../plan/commitments';
import { planJob } from '../plan';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { sampleState, unchosenColour, type Job, type Sample } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import type { Shop } from '../shop';
import { localDateOf, minuteAt } from '../units';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const planned = (over: Partial<Job> = {}, shop: Partial<Shop> = {}, level: Job['level'] = 'Road') =>
  planJob({
    job: { ...jobFixture({ level }), ...over },
    shop: { ...demoShop, ...shop },
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
type Plan = ReturnType<typeof planned>;
const colour = jobFixture().colours[0]!.id;
const told = ({ warnings }: Plan) =>
  warnings.flatMap((one) => (one.code === 'sample-open' ? [[one.state, one.refusals]] : []));
const sampleSteps = ({ steps }: Plan) =>
  steps.filter((one) => ['test-panel', 'approve-sample'].includes(one.operation)).map((one) => one.key);
const coloured = ({ steps }: Plan) =>
  steps.filter((one) => one.coat?.role === 'colour' || one.coat?.role === 'topcoat');
const labourOf = ({ steps }: Plan) => steps.reduce((sum, one) => sum + one.personMinutes, 0);
const isHeld = (plan: Plan) => coloured(plan).map((one) => one.heldBy.length > 0);
const sample = (verdict: Sample['verdict'], onDate = '2026-11-20') =>
  acceptedSample(colour, { id: `s.${verdict}`, verdict, onDate });

describe('a colour nobody has accepted a sample of', () => {
  test('is planned and not booked, with what comes behind it; what comes before it is', () => {
    const plan = planned();
    expect(told(plan)).toEqual([['none', 0]]);
    expect(new Set(isHeld(plan))).toEqual(new Set([true]));
    const booked = new Set(commitmentsOf(plan).map((one) => one.from));
    const first = Math.min(...coloured(plan).map((one) => one.start));
    expect(booked.size).toBeGreaterThan(0);
    expect(Math.max(...booked)).toBeLessThan(first);
    const primers = plan.steps.filter((one) => one.coat?.role === 'epoxy' || one.coat?.role === 'build');
    expect(primers.length).toBeGreaterThan(0);
    expect(primers.some((one) => one.heldBy.length > 0)).toBe(false);
    // The card comes before the look, the look before the first colour.
    const at = (operation: string) => plan.steps.find((one) => one.operation === operation)!;
    expect(at('test-panel').end).toBeLessThanOrEqual(at('approve-sample').start);
    expect(at('approve-sample').end).toBeLessThanOrEqual(first);
  });

  test('is booked once it was accepted; nobody sprays a card for it any more', () => {
    const plan = planned({ samples: [sample('accepted')] });
    expect(told(plan)).toEqual([]);
    expect(new Set(isHeld(plan))).toEqual(new Set([false]));
    expect(sampleSteps(plan)).toEqual([]);
    // An hour for the card and half an hour for the look are not to be done.
    expect(labourOf(planned()) - labourOf(plan)).toBe(90);
  });

  test('waits while a verdict is awaited, and after a refusal for another card and another look', () => {
    expect(told(planned({ samples: [sample('waiting')] }))).toEqual([['waiting', 0]]);
    const refused = planned({ samples: [sample('refused')] });
    expect(told(refused)).toEqual([['refused', 1]]);
    const keys = sampleSteps(refused);
    expect(keys).toHaveLength(4);
    expect(keys.filter((key) => key.endsWith('.again-1'))).toHaveLength(2);
    const at = (key: string) => refused.steps.find((one) => one.key === key)!;
    const [card, look, again, second] = ['test-panel', 'approve-sample']
      .flatMap((one) => keys.filter((key) => key.startsWith(one) && !key.includes('again')))
      .concat(
        ['test-panel', 'approve-sample'].flatMap((one) =>
          keys.filter((key) => key.startsWith(one) && key.includes('again')),
        ),
      );
    expect(at(card!).end).toBeLessThanOrEqual(at(look!).start);
    expect(at(look!).end).toBeLessThanOrEqual(at(again!).start);
    expect(at(again!).end).toBeLessThanOrEqual(at(second!).start);
    expect(at(second!).end).toBeLessThanOrEqual(Math.min(...coloured(refused).map((one) => one.start)));
    expect(labourOf(refused) - labourOf(planned())).toBe(90);
    const twice = planned({
      samples: [sample('refused'), { ...sample('refused', '2026-11-21'), id: 's.2' }],
    });
    expect(told(twice)).toEqual([['refused', 2]]);
    expect(sampleSteps(twice)).toHaveLength(6);
  });

  test('that was accepted after a refusal keeps what was begun of the second card', () => {
    const refused = planned({ samples: [sample('refused')] });
    const again = refused.steps.find(
      (one) => one.key.startsWith('test-panel/') && one.key.endsWith('.again-1'),
    )!;
    const fact: Job['facts'][number] = {
      step: again.key,
      status: 'done',
      start: now - 120,
      end: now - 60,
      remainingMin: null,
      personMinutes: 60,
      materialsMinor: 0,
      uses: [],
    };
    const samples = [sample('refused'), sample('accepted', '2026-11-22')];
    const kept = planned({ samples, facts: [fact] });
    expect(kept.steps.find((one) => one.key === again.key)?.state).toBe('done');
    expect(new Set(isHeld(kept))).toEqual(new Set([false]));
  });

  test('is booked where a named manager takes the risk: the cards stay planned, and it is told', () => {
    const plan = planned({ samples: [{ ...sample('at-risk'), by: 'Ann, manager', note: 'known colour' }] });
    expect(new Set(isHeld(plan))).toEqual(new Set([false]));
    expect(sampleSteps(plan)).toHaveLength(2);
    expect(plan.warnings).toContainEqual(
      expect.objectContaining({ code: 'sample-at-risk', by: 'Ann, manager' }),
    );
  });

  test('is asked for from the level that the shop says', () => {
    expect(told(planned({}, {}, 'Work'))).toEqual([]);
    expect(told(planned({}, { approvalFrom: 'Work' }, 'Work'))).toEqual([['none', 0]]);
    expect(told(planned({}, { approvalFrom: 'Show' }))).toEqual([]);
    expect(told(planned({}, { approvalFrom: 'never' }, 'Mirror'))).toEqual([]);
    // A card is sprayed at Road whether it is approved or not.
    expect(sampleSteps(planned({}, { approvalFrom: 'never' }))).toHaveLength(1);
  });

  test('an older release of the look counts as an acceptance', () => {
    const look = sampleSteps(planned()).find((key) => key.startsWith('approve-sample'))!;
    const signOff = {
      step: look,
      name: 'The owner',
      licence: '',
      date: '2026-11-20',
      signedBy: '',
      bound: null,
    };
    expect(told(planned({ signOffs: [signOff] }))).toEqual([]);
  });

  test('each colour waits for its own', () => {
    const base = jobFixture({ level: 'Road' });
    const sections = base.sections.map((one, i) => (i === 0 ? { ...one, colour: 'other' } : one));
    const colours = [...base.colours, { ...unchosenColour, id: 'other', name: 'Other' }];
    const plan = planned({ colours, sections, samples: [sample('accepted')] });
    const open = plan.warnings.filter((one) => one.code === 'sample-open');
    expect(open).toEqual([expect.objectContaining({ colour: 'Other', areas: [sections[0]!.key] })]);
  });
});

describe('paint of a colour', () => {
  const lines = (plan: Plan) => plan.shopping.filter((one) => one.colour !== null);
  const late = ({ warnings }: Plan) => warnings.filter((one) => one.code === 'sample-late');

  test('is not bought before its sample was accepted; what has no colour is', () => {
    const plan = planned();
    expect(lines(plan).length).toBeGreaterThan(0);
    for (const one of lines(plan)) expect(one.waitsFor.join()).toContain('an accepted sample of');
    const others = plan.shopping.filter((one) => one.colour === null);
    expect(others.length).toBeGreaterThan(5);
    for (const one of others) expect(one.waitsFor).toEqual([]);
    for (const one of lines(planned({ samples: [sample('accepted')] }))) expect(one.waitsFor).toEqual([]);
  });

  test('that takes longer to come than the look leaves is told with both days', () => {
    expect(late(planned())).toEqual([]);
    // Forty days by road: it would have to be ordered before anybody has seen a card.
    const [{ product } = { product: '' }] = lines(planned());
    const slow = shelfOf(standardShelf.map((one) => (one.code === product ? { ...one, leadDays: 40 } : one)));
    const job = jobFixture({ level: 'Road' });
    const plan = planJob({ job, shop: demoShop, shelf: slow, now, commitments: [], agreedStarts: new Map() });
    const [warning, ...more] = late(plan);
    expect(more).toEqual([]);
    if (warning?.code !== 'sample-late') throw new Error('another warning');
    const look = plan.steps.find((one) => one.operation === 'approve-sample')!;
    expect(warning).toMatchObject({ product, looksOn: localDateOf(look.end, demoShop.timeZone) });
    expect(warning.orderBy < warning.looksOn).toBe(true);
  });
});

test('the last verdict stands; one that is waited for changes none', () => {
  const of = (...verdicts: Sample['verdict'][]) =>
    sampleState(
      verdicts.map((verdict, i) =>
        acceptedSample(colour, { id: `s.${i}`, verdict, onDate: `2026-11-${10 + i}` }),
      ),
      colour,
    );
  expect(of()).toMatchObject({ state: 'none', refusals: 0 });
  expect(of('refused', 'waiting')).toMatchObject({ state: 'refused', refusals: 1 });
  expect(of('refused', 'accepted', 'waiting')).toMatchObject({ state: 'accepted', refusals: 1 });
  expect(of('accepted', 'refused')).toMatchObject({ state: 'refused', refusals: 1 });
  expect(sampleState([acceptedSample('another')], colour).state).toBe('none');
});
