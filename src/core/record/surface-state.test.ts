import { surfaceStates } from './surface-state';

const steps = [
  { sections: ['roof', 'sides'], end: 100, leaves: 'bare' },
  { sections: ['roof'], end: 200, leaves: 'epoxy' },
  { sections: ['sides'], end: 150, leaves: null },
];

test('a section looks as the last step that ended by then left it', () => {
  const at = (minute: number) => Object.fromEntries(surfaceStates(steps, ['roof', 'sides', 'wings'], minute));
  expect(at(99)).toEqual({ roof: 'old', sides: 'old', wings: 'old' });
  expect(at(100)).toEqual({ roof: 'bare', sides: 'bare', wings: 'old' });
  expect(at(500)).toEqual({ roof: 'epoxy', sides: 'bare', wings: 'old' });
});
