import type { Step } from '../steps';
import { boothSessions, sessionMerges } from './booth-sessions';

let count = 0;
const step = (
  hold: string | null,
  operation: string,
  personMinutes: number,
  section: string,
  product?: string,
) =>
  ({
    key: operation === 'mask' ? `${section}/mask` : `${hold}/${operation}-${(count += 1)}`,
    operation,
    hold,
    subject: section,
    sections: [section],
    personMinutes,
    figure: { fixedMin: operation === 'wipe' ? 35 : 0 },
    coat: product ? { product, role: product === 'clear' ? 'clear' : 'colour' } : null,
    pass: product ? `${section}/colour` : null,
  }) as unknown as Step;
const pass = (section: string, products: string[]) => [
  step(null, 'mask', 50, section),
  step(`${section}/paint`, 'load', 30, section),
  step(`${section}/paint`, 'wipe', 45, section),
  ...products.map((product) => step(`${section}/paint`, 'spray-colour', 20, section, product)),
  step(`${section}/paint`, 'unload', 30, section),
];
const roof = pass('roof', ['base', 'base', 'clear']);
const wings = pass('wings', ['base', 'clear']);

test('a session: three coats of 20 min at the gun cost load 30, wipe 45, unload 30 and the mask 50', () => {
  expect(boothSessions(roof)).toEqual([
    {
      session: 'roof/paint',
      subject: 'roof',
      sections: ['roof'],
      products: ['base', 'clear'],
      coats: 3,
      sprayMin: 60,
      overheadMin: 155,
    },
  ]);
});

test('two sessions with the same products could be one: a load, an unload and the 35 min of set-up fall away', () => {
  expect(sessionMerges([...roof, ...wings], () => 'green')).toEqual([
    { first: 'roof/paint', second: 'wings/paint', savesMin: 95, risk: 'same-colour' },
  ]);
  expect(sessionMerges([...roof, ...wings], (section) => section)[0]).toMatchObject({ risk: 'other-colour' });
});

test('other products, or the same section again, are no merge', () => {
  expect(sessionMerges([...roof, ...pass('wings', ['candy', 'clear'])], () => 'green')).toEqual([]);
  const again = roof.map((one) => ({ ...one, hold: one.hold && 'roof/paint-2' }));
  expect(sessionMerges([...roof, ...again], () => 'green')).toEqual([]);
});

test('a colour that takes two sessions is masked once', () => {
  const second = roof.flatMap((one) => (one.hold === null ? [] : [{ ...one, hold: 'roof/paint-2' }]));
  expect(boothSessions([...roof, ...second]).map((one) => one.overheadMin)).toEqual([155, 105]);
});
