import type { Shop } from '../core/shop';

/** The invented shop of the demo scenario. */
export const demoShop: Shop = {
  name: 'Pellbrook Restoration Works',
  timeZone: 'Europe/London',
  currency: 'GBP',
  labourRateMinorPerHour: 4800,
  boothRateMinorPerHour: 3500,
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
    { id: 'booth', name: 'Booth', kind: 'booth', lengthM: 11, widthM: 5, heightM: 4, airC: 20 },
    { id: 'bay-1', name: 'Bay 1', kind: 'bay', lengthM: 11, widthM: 4.5, heightM: 4, airC: 18 },
    { id: 'bay-2', name: 'Bay 2', kind: 'bay', lengthM: 10, widthM: 4.5, heightM: 4, airC: 18 },
    { id: 'wash', name: 'Wash / strip', kind: 'wash', lengthM: 11, widthM: 5, heightM: 4, airC: 15 },
    { id: 'bench-1', name: 'Bench room', kind: 'bench', lengthM: 6, widthM: 4, heightM: 3, airC: 19 },
  ],
  rates: {},
};
