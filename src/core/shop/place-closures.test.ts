import { demoShop } from '../../demo/shop';
import { minuteAt } from '../units';
import { closedStretches, placeStretches } from './place-closures';
import type { Place } from './shop';
import { isAway, openStretches, personStretches } from './shop-calendar';

const zone = 'Europe/London';
const at = (date: string, minute: number) => minuteAt(date, minute, zone);
const place = (over: Partial<Place>): Place => ({
  ...demoShop.places[0]!,
  closed: [],
  rented: null,
  ...over,
});
const filters = { from: '2027-01-05', fromMin: 450, to: '2027-01-05', toMin: 720, reason: 'filters' };

describe('closings of a place', () => {
  test('lie on the wall clock, in order, those outside the days left out', () => {
    const old = { from: '2026-12-01', fromMin: 0, to: '2026-12-02', toMin: 0, reason: '' };
    const weekend = { from: '2027-01-02', fromMin: 0, to: '2027-01-04', toMin: 0, reason: 'floor' };
    expect(closedStretches(place({ closed: [filters, weekend, old] }), zone, '2027-01-01', 10)).toEqual([
      { from: at('2027-01-02', 0), to: at('2027-01-04', 0), reason: 'floor' },
      { from: at('2027-01-05', 450), to: at('2027-01-05', 720), reason: 'filters' },
    ]);
  });

  test('one over the night the clocks change is an hour shorter by the minutes', () => {
    const night = { from: '2027-03-27', fromMin: 1320, to: '2027-03-28', toMin: 480, reason: '' };
    const [one] = closedStretches(place({ closed: [night] }), zone, '2027-03-25', 5);
    expect(one!.to - one!.from).toBe(600 - 60);
  });

  test('a rented place is not there before its first day and after its last', () => {
    const rented = { from: '2027-01-04', to: '2027-01-05' };
    expect(closedStretches(place({ rented }), zone, '2027-01-01', 10)).toEqual([
      { from: at('2027-01-01', 0), to: at('2027-01-04', 0), reason: null },
      { from: at('2027-01-06', 0), to: at('2027-01-11', 0), reason: null },
    ]);
    expect(closedStretches(place({ rented }), zone, '2027-02-01', 2)).toEqual([
      { from: at('2027-02-01', 0), to: at('2027-02-03', 0), reason: null },
    ]);
  });

  test('what is left to work in: all but the closing, by daylight where it stands outdoors, unbound without either', () => {
    expect(placeStretches(place({}), null, zone, '2027-01-05', 1)).toBeNull();
    expect(placeStretches(place({ closed: [filters] }), null, zone, '2027-01-05', 1)).toEqual([
      { from: at('2027-01-05', 0), to: at('2027-01-05', 450) },
      { from: at('2027-01-05', 720), to: at('2027-01-06', 0) },
    ]);
    const light = [{ from: at('2027-01-05', 490), to: at('2027-01-05', 960) }];
    const outdoors = { closed: [filters], outdoors: true };
    expect(placeStretches(place(outdoors), light, zone, '2027-01-05', 1)).toEqual([
      { from: at('2027-01-05', 720), to: at('2027-01-05', 960) },
    ]);
  });
});

describe('part-time', () => {
  const mornings = [1, 2, 4].map((weekday) => ({ weekday, startMin: 420, endMin: 780 }));
  // Monday 4 to Friday 8 January 2027; the demo shop opens 07:30 to 16:30.
  const open = openStretches({ ...demoShop, closures: [] }, '2027-01-04', 5);

  test('own hours bind within the shop’s: Monday, Tuesday and Thursday 07:30 to 13:00', () => {
    expect(personStretches(open, { daysOff: [], hours: mornings }, zone)).toEqual(
      ['2027-01-04', '2027-01-05', '2027-01-07'].map((date) => ({ from: at(date, 450), to: at(date, 780) })),
    );
  });

  test('days off count as well, and a day without hours is a day away', () => {
    const person = { daysOff: [{ from: '2027-01-05', to: '2027-01-05', reason: '' }], hours: mornings };
    expect(personStretches(open, person, zone).map((one) => one.from)).toEqual([
      at('2027-01-04', 450),
      at('2027-01-07', 450),
    ]);
    expect(['2027-01-04', '2027-01-05', '2027-01-06'].map((date) => isAway(person, date, demoShop))).toEqual([
      false,
      true,
      true,
    ]);
    // On a Saturday, when the shop is closed, nobody is away.
    expect(isAway(person, '2027-01-09', demoShop)).toBe(false);
    expect(isAway({ daysOff: [], hours: null }, '2027-01-06', demoShop)).toBe(false);
  });
});
