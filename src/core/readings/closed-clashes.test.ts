import { demoShop } from '../../demo/shop';
import type { Plan, PlannedStep } from '../plan';
import { minuteAt } from '../units';
import { closedClashes } from './closed-clashes';

const at = (date: string, hour: number) => minuteAt(date, hour * 60, demoShop.timeZone);
const closing = (date: string, from: number, to: number) => ({
  from: date,
  fromMin: from * 60,
  to: date,
  toMin: to * 60,
  reason: 'filters',
});
const shop = (closed: Record<string, ReturnType<typeof closing>[]>) => ({
  timeZone: demoShop.timeZone,
  places: demoShop.places.map((place) => ({ ...place, closed: closed[place.id] ?? [] })),
});
const step = (name: string, start: number, over: Partial<PlannedStep> = {}) =>
  ({
    name,
    start,
    end: start + 300,
    minutes: 300,
    kind: 'splittable',
    state: 'planned',
    uses: ['bay-1'],
    ...over,
  }) as PlannedStep;
const stay = (place: string, start: number, end: number) =>
  ({ place, start, end, subject: 'Sides', kind: 'session' }) as Plan['stays'][number];
const now = at('2027-01-04', 8);

test('a session that reaches into a closing of its booth is named, one that ends before it is not', () => {
  const plan = {
    job: 'P-2',
    steps: [],
    stays: [
      stay('booth', at('2027-01-05', 8), at('2027-01-05', 9)),
      stay('booth', at('2027-01-05', 9), at('2027-01-05', 10)),
    ],
  };
  const found = closedClashes([plan], shop({ booth: [closing('2027-01-05', 9, 12)] }), now);
  expect(found).toEqual([
    {
      job: 'P-2',
      place: 'booth',
      subject: 'Sides',
      reason: 'filters',
      start: at('2027-01-05', 9),
      end: at('2027-01-05', 10),
    },
  ]);
});

test('in a bay what would begin while it is closed counts; what pauses over it, waits or is done does not', () => {
  const closed = shop({ 'bay-1': [closing('2027-01-05', 9, 12)] });
  const steps = [
    step('begins then', at('2027-01-05', 10)),
    step('pauses', at('2027-01-05', 8)),
    step('dries', at('2027-01-05', 10), { kind: 'passive' }),
    step('done', at('2027-01-05', 10), { state: 'done' }),
    step('elsewhere', at('2027-01-05', 10), { uses: ['bay-2'] }),
  ];
  const stays = [stay('bay-1', at('2027-01-04', 8), at('2027-01-07', 8))];
  expect(closedClashes([{ job: 'P-1', steps, stays }], closed, now).map((one) => one.subject)).toEqual([
    'begins then',
  ]);
});

test('what lies outside a rent clashes without a reason; what is over does not', () => {
  const rented = { ...demoShop.places[0]!, id: 'r', rented: { from: '2027-01-05', to: '2027-01-06' } };
  const plan = {
    job: 'P-1',
    steps: [],
    stays: [
      stay('r', at('2027-01-06', 15), at('2027-01-07', 9)),
      stay('r', at('2027-01-03', 8), at('2027-01-03', 9)),
    ],
  };
  const found = closedClashes([plan], { timeZone: demoShop.timeZone, places: [rented] }, now);
  expect(found.map((one) => [one.start, one.reason])).toEqual([[at('2027-01-06', 15), null]]);
});
