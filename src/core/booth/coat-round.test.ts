import { usualFigures } from '../figures';
import { coatRoundMin, edgeAdvice, motionOf, reachAdvice } from './coat-round';

const motion = motionOf({ role: 'clear', isEffect: false, fanCm: 25 }, usualFigures);
// 0.25 m × half × 24 m/min × 0.6 = 1.8 m² a minute.

test('9 m² take five minutes; the cup of 0.6 L is filled again only when it is empty before the end', () => {
  expect(coatRoundMin(9, 0.6, motion)).toBeCloseTo(5, 9);
  expect(coatRoundMin(9, 0.61, motion)).toBeCloseTo(6.5, 9);
  // Three cups exactly: 1.8 / 0.6 is a little above three in binary.
  expect(coatRoundMin(9, 1.8, motion)).toBeCloseTo(8, 9);
});

test('a round as long as the edge stays open needs one painter, a minute more two', () => {
  expect(edgeAdvice(12, 12)).toMatchObject({ painters: 1, breakAtLine: false });
  expect(edgeAdvice(13, 12)).toMatchObject({ painters: 2, breakAtLine: false });
  expect(edgeAdvice(37, 12)).toMatchObject({ painters: 3, breakAtLine: true });
});

test('36 minutes of three painters in twelve are just enough; a gun that lays nothing never ends', () => {
  expect(edgeAdvice(36, 12)).toMatchObject({ roundMin: 36, painters: 3, breakAtLine: false });
  expect(edgeAdvice(1, 12).painters).toBe(1);
  expect(coatRoundMin(9, 0.6, { ...motion, duty: 0 })).toBe(Infinity);
  // A fan that overlaps itself by more than all of itself lays nothing either.
  expect(coatRoundMin(9, 0.6, { ...motion, overlap: 1.1 })).toBe(Infinity);
});

test('strokes lie half on the last, effect colours and single stage seven tenths', () => {
  const overlapOf = (role: string, isEffect: boolean) =>
    motionOf({ role, isEffect, fanCm: 25 }, usualFigures).overlap;
  expect([overlapOf('clear', false), overlapOf('primer', false)]).toEqual([0.5, 0.5]);
  expect([overlapOf('base', true), overlapOf('topcoat', false), overlapOf('topcoat', true)]).toEqual([
    0.7, 0.7, 0.7,
  ]);
});

test('an arm reaches 0.9 m across and 2.0 m up, and no further', () => {
  expect(reachAdvice({ widthM: 0.9, heightM: 2 })).toEqual({ platform: false, fromBothSides: false });
  expect(reachAdvice({ widthM: 0.91, heightM: 2 })).toEqual({ platform: false, fromBothSides: true });
  expect(reachAdvice({ widthM: 0.5, heightM: 2.01 })).toEqual({ platform: true, fromBothSides: false });
});
