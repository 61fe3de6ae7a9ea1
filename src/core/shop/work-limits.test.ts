import { demoShop } from '../../demo/shop';
import { minuteAt } from '../units';
import { daylightOn, daylightStretches, loudStretches } from './work-limits';

const utc = (iso: string) => Date.parse(`${iso}Z`) / 60000;
const at = (latitudeDeg: number, longitudeDeg: number, timeZone: string) => ({
  site: { latitudeDeg, longitudeDeg },
  timeZone,
});

describe('daylight', () => {
  // Hand-worked by the sunrise equation cos ω = (sin −0.833° − sin φ·sin δ) / (cos φ·cos δ): at 51.48° N and
  // δ −23.43° the half day is 3 h 55, solar noon at 0° on 21 December is 11:58 UTC.
  test('of the shortest day at 51.5° north on the meridian: about 08:03 to 15:53', () => {
    const light = daylightOn(at(51.48, 0, 'Europe/London'), '2026-12-21')!;
    expect(Math.abs(light.from - utc('2026-12-21T08:03'))).toBeLessThanOrEqual(3);
    expect(Math.abs(light.to - utc('2026-12-21T15:53'))).toBeLessThanOrEqual(3);
  });

  test('of an equinox is a little over twelve hours anywhere', () => {
    for (const latitude of [-45, 0, 40]) {
      const { from, to } = daylightOn(at(latitude, 10, 'UTC'), '2027-03-20')!;
      expect(Math.abs(to - from - 728)).toBeLessThan(8);
    }
  });

  test('beyond the polar circle there is none in winter, and the whole day in summer', () => {
    const north = at(78, 15, 'Europe/Oslo');
    expect(daylightOn(north, '2026-12-21')).toBeNull();
    const summer = daylightOn(north, '2026-06-21')!;
    expect(summer.to - summer.from).toBe(1440);
    expect(daylightStretches(north, '2026-06-20', 3)).toHaveLength(1);
  });

  test('nobody knows it of a shop that stands nowhere', () => {
    expect(daylightStretches({ site: null, timeZone: 'UTC' }, '2026-12-21', 3)).toBeNull();
  });
});

describe('loud work', () => {
  const loudHours = { fromMin: 480, toMin: 1080, weekends: false };

  test('is allowed by the wall clock, over the change to summer time too, and not at weekends', () => {
    const allowed = loudStretches({ loudHours, timeZone: 'Europe/London' }, '2027-03-26', 4)!;
    expect(allowed).toEqual([
      { from: utc('2027-03-26T08:00'), to: utc('2027-03-26T18:00') },
      { from: utc('2027-03-29T07:00'), to: utc('2027-03-29T17:00') },
    ]);
  });

  test('at weekends where that is allowed, and at any hour where nobody limits it', () => {
    const every = { ...loudHours, weekends: true };
    expect(loudStretches({ loudHours: every, timeZone: 'UTC' }, '2026-12-19', 2)).toHaveLength(2);
    expect(loudStretches({ ...demoShop, loudHours: null }, '2026-12-19', 2)).toBeNull();
    expect(minuteAt('2026-12-19', 480, 'UTC')).toBe(utc('2026-12-19T08:00'));
  });
});
