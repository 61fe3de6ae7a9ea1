import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '.';
import { ShopHours } from './shop-hours';
import { leftToday } from '../readings/left-today';
import type { Place, Shop } from '../shop';
import { localDateOf, minuteAt, weekdayOf } from '../units';

const shelf = shelfOf(standardShelf);
const zone = demoShop.timeZone;
const outdoorBay = (places: Place[]) =>
  places.map((place) => (place.kind === 'bay' ? { ...place, outdoors: true } : place));
const shop = (over: Partial<Shop> = {}): Shop => ({ ...demoShop, loudHours: null, site: null, ...over });
const planOf = (given: Shop) =>
  planJob({
    job: jobFixture({ bodyKind: 'saloon' }, { depth: 'bare' }),
    shop: given,
    shelf,
    now: minuteAt('2026-11-23', 420, zone),
    commitments: [],
    agreedStarts: new Map(),
  });
const minuteOfDay = (minute: number) => minute - minuteAt(localDateOf(minute, zone), 0, zone);

describe('a closed place', () => {
  const sessionsOf = (given: Shop) => planOf(given).stays.filter((stay) => stay.kind === 'session');
  const closing = (place: string, from: number, to: number): Partial<Shop> => ({
    places: demoShop.places.map((one) => {
      if (one.id !== place) return one;
      const [a, b] = [localDateOf(from, zone), localDateOf(to, zone)];
      const closed = {
        from: a,
        fromMin: minuteOfDay(from),
        to: b,
        toMin: minuteOfDay(to),
        reason: 'filters',
      };
      return { ...one, closed: [closed] };
    }),
  });

  test('a booth is empty while it is closed, and the reason names the closing', () => {
    const first = sessionsOf(shop())[0]!;
    const [from, to] = [first.start - 60, first.start + 120];
    const given = shop(closing(first.place, from, to));
    const plan = planOf(given);
    for (const stay of plan.stays.filter((one) => one.place === first.place))
      expect(stay.end <= from || stay.start >= to).toBe(true);
    const reasons = plan.steps.flatMap((step) => step.whyNotEarlier);
    expect(
      reasons.some((why) => why.kind === 'resource' && why.holders.includes('its closing (filters)')),
    ).toBe(true);
  });

  test('in a bay the work stops, and what stands there may stay', () => {
    const isBay = (id: string) => demoShop.places.find((one) => one.id === id)?.kind === 'bay';
    const stay = planOf(shop()).stays.find((one) => isBay(one.place) && one.end - one.start > 1200)!;
    const bay = stay.place;
    const worked = (plan: ReturnType<typeof planOf>) =>
      plan.steps.filter((step) => step.uses.includes(bay) && step.kind !== 'passive' && step.minutes > 0);
    const from = minuteAt(localDateOf(stay.start + 1440, zone), 0, zone);
    const plan = planOf(shop(closing(bay, from, from + 720)));
    const before = plan.stays.some((one) => one.place === bay && one.start < from && one.end > from + 720);
    expect(before).toBe(true);
    for (const step of worked(plan)) expect(step.start < from || step.start >= from + 720).toBe(true);
  });

  test('the hours by which a forecast draws leave a closing out, and go by who is part-time', () => {
    const [from, to] = [minuteAt('2026-12-08', 540, zone), minuteAt('2026-12-08', 720, zone)];
    const mornings = [{ weekday: 2, startMin: 450, endMin: 780 }];
    const people = demoShop.people.map((one) => (one.id === 'ines' ? { ...one, hours: mornings } : one));
    const hours = new ShopHours(shop({ ...closing('booth', from, to), people }), '2026-12-07', 7);
    const calendar = hours.of(
      { tags: [], kind: 'contiguous', uses: ['ines'], atHand: null, limits: [], minutes: 60 },
      'booth',
    )!;
    // Tuesday 07:30–09:00 and 12:00–13:00 are left.
    expect(calendar.openBetween(from - 1440, to + 1440)).toBe(90 + 60);
    expect(calendar.openFrom(from)).toBe(to);
  });

  test('a rented booth is used on its days only', () => {
    const rented = { from: '2026-12-07', to: '2026-12-11' };
    const own = demoShop.places.find((one) => one.kind === 'booth')!;
    // The shop's own is closed all the time, so that everything has to go into the rented one.
    const always = { from: '2026-01-01', fromMin: 0, to: '2029-01-01', toMin: 0, reason: 'rebuilt' };
    const places = [
      ...demoShop.places.map((one) => (one === own ? { ...one, closed: [always] } : one)),
      { ...own, id: 'rented', name: 'Rented', rented },
    ];
    const plan = planOf(shop({ places }));
    const sessions = plan.stays.filter((stay) => stay.kind === 'session');
    expect(sessions.length).toBeGreaterThan(0);
    for (const stay of sessions) {
      expect(stay.place).toBe('rented');
      expect(stay.start).toBeGreaterThanOrEqual(minuteAt('2026-12-07', 0, zone));
      expect(stay.end).toBeLessThanOrEqual(minuteAt('2026-12-12', 0, zone));
    }
  });
});

describe('a plan', () => {
  const weekendShifts = [1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, startMin: 420, endMin: 1200 }));

  test('keeps loud work within its hours, and says that they are what it waits for', () => {
    const loudHours = { fromMin: 540, toMin: 720, weekends: false };
    const plan = planOf(shop({ shifts: weekendShifts, loudHours }));
    const loud = plan.steps.filter((step) => step.tags.includes('loud') && step.minutes > 0);
    expect(loud.length).toBeGreaterThan(1);
    for (const { start, end } of loud) {
      expect(minuteOfDay(start)).toBeGreaterThanOrEqual(540);
      expect(minuteOfDay(start)).toBeLessThan(720);
      expect(minuteOfDay(end)).toBeLessThanOrEqual(720);
      expect(weekdayOf(localDateOf(start, zone))).toBeLessThan(6);
    }
    const waits = loud.flatMap((step) => step.whyNotEarlier);
    expect(waits.some((why) => why.kind === 'closed' && why.who.includes('Loud work'))).toBe(true);
    expect(loud.every((step) => !step.uses.includes('loud-hours'))).toBe(true);
    const free = planOf(shop({ shifts: weekendShifts }));
    expect(plan.finish!).toBeGreaterThan(free.finish!);
  });

  test('works outdoors by daylight only, once it is known where the shop stands', () => {
    const places = outdoorBay(demoShop.places);
    const site = { latitudeDeg: 52, longitudeDeg: -1.5 };
    const inBay = (given: Shop) => {
      const plan = planOf(given);
      const bays = new Set(plan.stays.filter((stay) => stay.place.startsWith('bay')).map((stay) => stay.key));
      return plan.steps.filter(
        (step) => step.hold !== null && bays.has(step.hold) && step.kind !== 'passive' && step.minutes > 0,
      );
    };
    // No December day in the middle of England is light before half past seven or after half past four.
    const lit = inBay(shop({ shifts: weekendShifts, places, site }));
    expect(lit.length).toBeGreaterThan(3);
    for (const { start, end } of lit) {
      expect(minuteOfDay(start)).toBeGreaterThan(450);
      expect(minuteOfDay(end)).toBeLessThan(990);
    }
    const unlit = inBay(shop({ shifts: weekendShifts, places }));
    expect(unlit.some(({ end }) => minuteOfDay(end) > 990)).toBe(true);
  });
});

describe('what is left of today', () => {
  const now = minuteAt('2026-12-22', 840, zone);
  const hours = (given: Shop) => new ShopHours(given, '2026-12-22', 1);
  const step = (over: object = {}) => ({
    tags: [],
    kind: 'splittable' as const,
    atHand: null,
    limits: [],
    uses: ['ines'],
    minutes: 120,
    coat: null,
    ...over,
  });
  const where = { place: null, airC: 20, shelf };

  test('two hours of work and a quarter to clean up fit before half past four when it is two o’clock', () => {
    const left = leftToday(step(), hours(shop()), where, now);
    expect(left).toEqual({ until: now + 150, why: 'close', needMin: 135, fits: true });
    expect(leftToday(step({ minutes: 136 }), hours(shop()), where, now)!.fits).toBe(false);
  });

  test('loud work ends when the neighbours’ rest begins, an open bay when it is dark', () => {
    const loudHours = { fromMin: 480, toMin: 900, weekends: false };
    const loud = leftToday(step({ tags: ['loud'] }), hours(shop({ loudHours })), where, now)!;
    expect([loud.until - now, loud.why, loud.fits]).toEqual([60, 'loud', false]);
    const open = shop({
      places: outdoorBay(demoShop.places),
      site: { latitudeDeg: 52, longitudeDeg: -1.5 },
    });
    const dark = leftToday(step(), hours(open), { ...where, place: 'bay-1' }, now)!;
    expect(dark.why).toBe('dark');
    expect(dark.until).toBeLessThan(minuteAt('2026-12-22', 970, zone));
  });

  test('a coat needs the time until dust no longer sticks; after closing nothing is left', () => {
    const clear = [...shelf.values()].find((one) => one.coating && one.coating.dustFreeMin > 0)!;
    const coat = { product: clear.code } as never;
    const bare = leftToday(step(), hours(shop()), where, now)!.needMin;
    expect(leftToday(step({ coat }), hours(shop()), where, now)!.needMin).toBeGreaterThan(bare);
    expect(leftToday(step(), hours(shop()), where, now + 150)).toBeNull();
  });
});
