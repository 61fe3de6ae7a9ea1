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

test('what is covered looks masked until its tape is pulled, whatever happens beneath', () => {
  const covers = [
    { sections: ['roof', 'nowhere'], from: 120, to: 300 },
    { sections: ['sides'], from: 400, to: null },
  ];
  const at = (minute: number) =>
    Object.fromEntries(surfaceStates(steps, ['roof', 'sides', 'wings'], minute, covers));
  expect(at(119).roof).toBe('bare');
  expect(at(120)).toEqual({ roof: 'masked', sides: 'bare', wings: 'old' });
  expect(at(299).roof).toBe('masked');
  expect(at(300).roof).toBe('epoxy');
  expect(at(10_000).sides).toBe('masked');
});
