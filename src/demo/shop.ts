import type { MonthAir, Shop } from '../core/shop';

/** Bays are heated by day and cool at night, most in winter; °C by month from January. */
const nightC = [16, 16, 16, 17, 18, 18, 18, 18, 18, 17, 16, 16];
const humidity = [58, 57, 55, 52, 50, 50, 52, 54, 56, 57, 58, 59];
const heated = (workC: number): MonthAir[] =>
  nightC.map((night, month) => ({ workC, nightC: Math.min(night, workC), humidity: humidity[month]! }));

/** The invented shop of the demo scenario. */
export const demoShop: Shop = {
  name: 'Pellbrook Restoration Works',
  timeZone: 'Europe/London',
  currency: 'GBP',
  labourRateMinorPerHour: 4800,
  boothRateMinorPerHour: 3500,
  vocLimitGL: 640,
  taxBp: 2000,
  shifts: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMin: 450, endMin: 990 })),
  closures: [
    { date: '2026-12-25', reason: 'Christmas Day' },
    { date: '2027-01-01', reason: 'New Year’s Day' },
  ],
  people: [
    { id: 'ines', name: 'Ines', skills: ['paint', 'prep', 'polish'], daysOff: [] },
    { id: 'marek', name: 'Marek', skills: ['paint', 'prep'], daysOff: [] },
    { id: 'dot', name: 'Dot', skills: ['polish', 'prep', 'trim'], daysOff: [] },
    { id: 'rafe', name: 'Rafe', skills: ['metal', 'prep'], daysOff: [] },
    { id: 'jun', name: 'Jun', skills: ['prep', 'trim'], daysOff: [] },
    { id: 'sal', name: 'Sal', skills: ['prep', 'metal', 'trim'], daysOff: [] },
  ],
  places: [
    {
      id: 'booth',
      name: 'Booth',
      kind: 'booth',
      lengthM: 11,
      widthM: 5,
      heightM: 4,
      airC: 20,
      profile: null,
      forecast: [],
    },
    {
      id: 'bay-1',
      name: 'Bay 1',
      kind: 'bay',
      lengthM: 11,
      widthM: 4.5,
      heightM: 4,
      airC: 18,
      profile: heated(18),
      forecast: [],
    },
    {
      id: 'bay-2',
      name: 'Bay 2',
      kind: 'bay',
      lengthM: 10,
      widthM: 4.5,
      heightM: 4,
      airC: 18,
      profile: heated(18),
      forecast: [],
    },
    {
      id: 'wash',
      name: 'Wash / strip',
      kind: 'wash',
      lengthM: 11,
      widthM: 5,
      heightM: 4,
      airC: 15,
      profile: null,
      forecast: [],
    },
    {
      id: 'bench-1',
      name: 'Bench room',
      kind: 'bench',
      lengthM: 6,
      widthM: 4,
      heightM: 3,
      airC: 19,
      profile: null,
      forecast: [],
    },
  ],
  rates: {},
  learned: {},
  systems: [],
  ladders: [],
};
