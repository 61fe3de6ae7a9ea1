import type { Shop } from './shop';

/** A first shop for an empty database: two people, a booth, a bay, a wash bay and a bench; to be made one's own in Shop. */
export const standardShop: Shop = {
  name: 'Our shop',
  timeZone: 'Europe/London',
  currency: 'GBP',
  labourRateMinorPerHour: 4500,
  boothRateMinorPerHour: 3500,
  vocLimitGL: null,
  taxBp: 2000,
  shifts: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMin: 480, endMin: 1020 })),
  closures: [],
  people: [
    { id: 'person-1', name: 'Painter', skills: ['paint', 'prep', 'polish'], daysOff: [] },
    { id: 'person-2', name: 'Preparer', skills: ['prep', 'metal', 'trim'], daysOff: [] },
  ],
  places: [
    { id: 'booth', name: 'Booth', kind: 'booth', lengthM: 8, widthM: 4, heightM: 3, airC: 20, profile: null },
    { id: 'bay', name: 'Bay', kind: 'bay', lengthM: 8, widthM: 4, heightM: 3, airC: 18, profile: null },
    {
      id: 'wash',
      name: 'Wash bay',
      kind: 'wash',
      lengthM: 8,
      widthM: 4,
      heightM: 3,
      airC: 15,
      profile: null,
    },
    { id: 'bench', name: 'Bench', kind: 'bench', lengthM: 4, widthM: 2, heightM: 3, airC: 18, profile: null },
  ],
  rates: {},
};
