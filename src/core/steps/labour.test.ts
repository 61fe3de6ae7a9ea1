import { rectangle } from '../geometry';
import { partFromOutline, type Part } from '../vehicle';
import { levelStandards } from '../film';
import { operationOf } from './catalogue';
import { crewMinutes, personMinutes, quantityOf, roomForCrew } from './labour';

const part = (over: Partial<Part>): Part => ({
  ...partFromOutline({
    key: 'P',
    name: 'p',
    section: 's',
    side: 'left',
    outline: rectangle(0, 0, 2, 1),
    shape: 'flat',
  }),
  ...over,
});

describe('labour, worked by hand', () => {
  test('crews of one to four: 100 person-minutes take 100, 53, 40 and 34 minutes', () => {
    expect([1, 2, 3, 4].map((crew) => crewMinutes(100, crew))).toEqual([100, 53, 40, 34]);
  });

  test('room for a crew: one person on 4.9 m², two on 5 m², never more than four', () => {
    expect([1, 4.9, 5, 7.5, 50].map(roomForCrew)).toEqual([1, 1, 2, 3, 4]);
  });

  test('disc stripping 2 m² flat and 2 m² beaded: 50 × (2 + 2 × 1.6) = 260', () => {
    const quantity = quantityOf(operationOf('strip-disc'), [part({}), part({ shape: 'beaded' })], 'outside');
    expect(quantity).toEqual({ amount: 4, weighted: 5.2 });
    expect(personMinutes(0, 50, quantity.weighted)).toBeCloseTo(260, 9);
  });

  test('back faces count at 1.5 for sanding and 1.3 for spraying, and only where asked', () => {
    const wing = [part({ insideM2: 1 })];
    expect(quantityOf(operationOf('scuff'), wing, 'both').weighted).toBeCloseTo(3.5, 9);
    expect(quantityOf(operationOf('spray-clear'), wing, 'both').weighted).toBeCloseTo(3.3, 9);
    expect(quantityOf(operationOf('scuff'), wing, 'outside').weighted).toBeCloseTo(2, 9);
  });

  test('a full-size car at Mirror carries 500–900 h of blocking: 15 m² × 285 × 7 rounds × 1.2 = 598.5 h', () => {
    const { fillerRounds, blockRounds, filledShare, blockMinPerM2 } = levelStandards.Mirror;
    const hours = (15 * 1.2 * blockMinPerM2 * (fillerRounds * filledShare + blockRounds)) / 60;
    expect(hours).toBeCloseTo(598.5, 9);
  });
});
