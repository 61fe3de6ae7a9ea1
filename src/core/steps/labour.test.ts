import { usualFigures } from '../figures';
import { rectangle } from '../geometry';
import { partFromOutline, type Part } from '../vehicle';
import { levelStandards } from '../film';
import { operationOf } from './catalogue';
import { crewMinutes, personMinutes, plainMinutes, quantityOf, roomForCrew, shapeFactor } from './labour';

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
    expect([1, 2, 3, 4].map((crew) => crewMinutes(100, crew, usualFigures))).toEqual([100, 53, 40, 34]);
  });

  test('room for a crew: one person on 4.9 m², two on 5 m², never more than four', () => {
    expect([1, 4.9, 5, 7.5, 50].map((areaM2) => roomForCrew(areaM2))).toEqual([1, 1, 2, 3, 4]);
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

  test('3 fixed, 10 a unit, 4 units of which half are worked: 23; two people standing 6 minutes of flash: 35', () => {
    expect(personMinutes(3, 10, 4, 0.5)).toBeCloseTo(23, 9);
    const figure = {
      fixedMin: 3,
      rate: 10,
      unit: 'm²',
      quantity: 4,
      weighted: 4,
      share: 0.5,
      flashMin: 6,
      rateFrom: 'catalogue' as const,
      learned: 1,
    };
    expect(plainMinutes({ figure, crew: 2 })).toBeCloseTo(35, 9);
  });

  test('areas outside, inside and both: 2, 0.5 and 2.5 m² of two faces, the inside alone without the outside', () => {
    const door = [part({ insideM2: 0.5 })];
    const scuff = operationOf('scuff');
    expect(quantityOf(scuff, door, 'outside').amount).toBeCloseTo(2, 9);
    expect(quantityOf(scuff, door, 'inside').amount).toBeCloseTo(0.5, 9);
    expect(quantityOf(scuff, door, 'both').amount).toBeCloseTo(2.5, 9);
    expect(quantityOf(scuff, door, 'inside').weighted).toBeCloseTo(0.75, 9);
  });

  test('by the part two parts count two, by the metre the kinds of length that are named, fixed work none', () => {
    const parts = [part({ key: 'A', trimM: 3, seamM: 1 }), part({ key: 'B', trimM: 0.5, beadM: 7 })];
    const like = operationOf('scuff');
    expect(quantityOf({ ...like, basis: 'part' }, parts, 'both')).toEqual({ amount: 2, weighted: 2 });
    expect(quantityOf({ ...like, basis: 'fixed' }, parts, 'both')).toEqual({ amount: 0, weighted: 0 });
    expect(quantityOf({ ...like, basis: 'm', lengths: ['trim', 'seam'] }, parts, 'both')).toEqual({
      amount: 4.5,
      weighted: 4.5,
    });
  });

  test('rivets and beads slow sanding more than spraying; what takes no factor takes none', () => {
    const faces = ['flat', 'curved', 'beaded', 'riveted', 'tube', 'inside'] as const;
    const slower = faces.slice(1).every((face) => shapeFactor('surface', face) > shapeFactor('spray', face));
    expect(slower).toBe(true);
    expect(faces.map((face) => shapeFactor('none', face))).toEqual([1, 1, 1, 1, 1, 1]);
    expect([shapeFactor('surface', 'flat'), shapeFactor('spray', 'flat')]).toEqual([1, 1]);
  });

  test('a full-size car at Mirror carries 500–900 h of blocking: 15 m² × 285 × 7 rounds × 1.2 = 598.5 h', () => {
    const { fillerRounds, blockRounds, filledShare, blockMinPerM2 } = levelStandards.Mirror;
    const hours = (15 * 1.2 * blockMinPerM2 * (fillerRounds * filledShare + blockRounds)) / 60;
    expect(hours).toBeCloseTo(598.5, 9);
  });
});
