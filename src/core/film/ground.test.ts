import { groundAdvice, lightnessOf } from './ground';

test('lightness: black 0, white 100, middle grey #777777 is 50 (published), pure green 87.7', () => {
  expect(lightnessOf('#000000')).toBeCloseTo(0, 6);
  expect(lightnessOf('#ffffff')).toBeCloseTo(100, 3);
  expect(lightnessOf('#777777')).toBeCloseTo(50.03, 1);
  expect(lightnessOf('#00ff00')).toBeCloseTo(87.73, 1);
});

test('a dense dark green wants a dark sealer and hides a mid one; a pale pearl over dark wants three coats more', () => {
  expect(groundAdvice('base', '#2e5d43', null)).toMatchObject({
    covers: 'well',
    coats: 2,
    extraOverOther: 0,
  });
  expect(groundAdvice('base', '#2e5d43', null)!.sealer).toBe('mid grey');
  expect(groundAdvice('base', '#101010', null)!.sealer).toBe('dark grey');
  // Pale: L* about 88; over 25 the gap is 63, 51 more than shows, 25 a coat: three.
  expect(groundAdvice('effect-base', '#dddddd', 25)).toMatchObject({ covers: 'poorly', extraOverOther: 3 });
  expect(groundAdvice('effect-base', '#dddddd', null)).toMatchObject({ sealer: 'white', extraOverOther: 0 });
});

test('a candy never hides; what is no colour has no ground', () => {
  expect(groundAdvice('candy', '#802020', null)).toMatchObject({ covers: 'never', extraOverOther: 0 });
  expect(groundAdvice('clear', '#ffffff', null)).toBeNull();
});
