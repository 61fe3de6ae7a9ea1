import { coatRoundMin, edgeAdvice, usualMotion } from './coat-round';

const motion = { fanCm: 25, overlap: 0.5, ...usualMotion };
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
