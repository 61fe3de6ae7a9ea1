import { readQuantity } from './quantity';

const value = (text: string, kind: Parameters<typeof readQuantity>[1]) => {
  const read = readQuantity(text, kind);
  return read.status === 'ok' ? Number(read.value.toFixed(6)) : read.code;
};

test('bare figures are metric; commas and points are read', () => {
  expect(value('1.5', 'volume')).toBe(1.5);
  expect(value(' 1,5 L ', 'volume')).toBe(1.5);
  expect(value('30 µm', 'film')).toBe(30);
});

test('12 oz are 0.354882 L, a quart 0.946353 L, a gallon 3.785412 L; an imperial gallon 4.54609 L', () => {
  expect(value('12 oz', 'volume')).toBe(0.354882);
  expect(value('1 qt', 'volume')).toBe(0.946353);
  expect(value('1 gal', 'volume')).toBe(3.785412);
  expect(value('1 imp gal', 'volume')).toBe(4.54609);
});

test('2.5 mil are 63.5 µm, 16 oz of weight 0.453592 kg, 100 sq ft 9.290304 m², 59 °F 15 °C', () => {
  expect(value('2.5 mil', 'film')).toBe(63.5);
  expect(value('16 oz', 'mass')).toBe(0.453592);
  expect(value('100 sq ft', 'area')).toBe(9.290304);
  expect(value('59 °F', 'temperature')).toBe(15);
});

test('what is no figure, or in no known unit, is said with the units that are', () => {
  expect(value('a cup', 'volume')).toBe('no-number');
  expect(readQuantity('3 cups', 'volume')).toMatchObject({ code: 'unknown-unit', unit: 'cups' });
  expect(value('3 mil', 'volume')).toBe('unknown-unit');
});
