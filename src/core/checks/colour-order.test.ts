import { dated, demoJobs } from '../../demo/jobs';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { minuteAt } from '../units';
import { colourOrderFaults } from './scheme-faults';

const coach = dated(
  demoJobs.find((one) => one.given.number === 'P-014')!,
  '2026-12-21',
);
const ground = {
  shop: demoShop,
  shelf: shelfOf(standardShelf),
  operations: [],
  now: minuteAt(coach.arrival, 0, demoShop.timeZone),
};
const faults = (colourOrder: string[]) =>
  colourOrderFaults({ kind: 'job', job: coach.number, seen: 1, set: { colourOrder } }, coach, ground);

test('an order that keeps the colours of one clear together is taken, whichever of them comes first', () => {
  expect(faults(['roof', 'sides', 'sides~c.pale-barley', 'sides~c.gravel-ochre', 'wings'])).toEqual([]);
  expect(faults(['sides~c.gravel-ochre', 'sides', 'roof'])).toEqual([]);
  expect(faults([])).toEqual([]);
});

test('another colour between them is refused where it parts them, with the reason', () => {
  const [fault, ...more] = faults(['sides~c.gravel-ochre', 'roof', 'sides']);
  expect(more).toEqual([]);
  expect(fault!.place).toBe('set.colourOrder[2]');
  expect(fault!.reason).toMatch(/^sides is cleared in one go with a colour before it/);
});

test('what the job does not have is named', () => {
  expect(faults(['sides', 'doors'])).toEqual([
    { place: 'set.colourOrder[1]', reason: 'there is no section, lot or field doors in P-014' },
  ]);
});

const coverFaults = (sprayed: string, covered: string, colourOrder?: string[]) =>
  colourOrderFaults(
    {
      kind: 'job',
      job: coach.number,
      seen: 1,
      set: { colourCovers: [{ sprayed, covered }], ...(colourOrder ? { colourOrder } : {}) },
    },
    coach,
    ground,
  );

test('a later colour of the same clear is covered while an earlier one is sprayed', () => {
  expect(coverFaults('sides~c.gravel-ochre', 'sides')).toEqual([]);
});

test('a cover that would change nothing is refused: one that stands, one of another clear, one that is none', () => {
  const place = 'set.colourCovers[0].covered';
  expect(coverFaults('sides', 'sides~c.gravel-ochre')).toEqual([
    {
      place,
      reason: 'sides~c.gravel-ochre stands before sides is sprayed: it is covered without being named',
    },
  ]);
  expect(coverFaults('sides', 'roof')).toEqual([
    { place, reason: 'roof is not cleared in one go with sides: it is covered without being named' },
  ]);
  expect(coverFaults('sides', 'doors')).toEqual([
    { place, reason: 'no colour pass of P-014 is called doors' },
  ]);
  expect(coverFaults('bonnet', 'sides')[0]!.place).toBe('set.colourCovers[0].sprayed');
  // The order of the same edit counts.
  expect(coverFaults('sides', 'sides~c.gravel-ochre', ['sides', 'sides~c.gravel-ochre'])).toEqual([]);
});
