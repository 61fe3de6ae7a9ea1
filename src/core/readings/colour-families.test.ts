import { colourFamilies, inFamilies } from './colour-families';

const colour = (scope: string, areas = [scope]) => ({ role: 'colour' as const, scope, areas });
const clear = (scope: string, areas: string[]) => ({ role: 'clear' as const, scope, areas });
const passes = [
  colour('band'),
  colour('line'),
  colour('sides'),
  colour('roof'),
  clear('sides', ['band', 'line', 'sides']),
  clear('roof', ['roof']),
];

test('colours under one clear are a family, a colour with its own clear is none', () => {
  expect([...colourFamilies(passes)]).toEqual([
    ['band', 'sides'],
    ['line', 'sides'],
    ['sides', 'sides'],
  ]);
});

test('a family stands together, wherever another colour comes', () => {
  const families = colourFamilies(passes);
  const blocks = (order: string[]) =>
    inFamilies(
      order.map((scope) => ({ scope })),
      families,
    ).map((block) => block.map((one) => one.scope).join('+'));
  expect(blocks(['band', 'line', 'sides', 'roof'])).toEqual(['band+line+sides', 'roof']);
  expect(blocks(['roof', 'sides', 'band', 'line'])).toEqual(['roof', 'sides+band+line']);
});
