import { coatSystems, ladders } from '../film';
import { readEdit } from './edit-schema';
import { entryFaults } from './log-schema';

const places = (edit: unknown) => {
  const parsed = readEdit(edit);
  return parsed.status === 'ok' ? [] : parsed.faults.map((fault) => fault.place);
};
const entry = {
  step: 'body/block',
  kind: 'began',
  at: null,
  people: ['dot'],
  parts: [],
  remainingMin: null,
  redo: '',
  coat: null,
  note: '',
};
const coat = {
  product: 'clear-21',
  role: 'clear',
  nth: 1,
  faces: 'outside',
  batch: '',
  wetUm: null,
  air: null,
  reducer: '',
};
const log = (given: object) => ({ kind: 'log', job: 'P-1', insist: false, entry: { ...entry, ...given } });

describe('entries of the log', () => {
  test.each([
    ['a beginning', log({})],
    ['an end at a true time', log({ kind: 'ended', at: 29_900_000 })],
    ['a coat', log({ kind: 'coat', parts: ['L1'], coat })],
    ['a correction', { kind: 'correct-log', job: 'P-1', id: 'e1', note: '' }],
  ])('%s is read', (_name, edit) => expect(places(edit)).toEqual([]));

  test.each([
    ['an unknown kind', log({ kind: 'slept' }), 'entry.kind'],
    ['the same person twice', log({ people: ['dot', 'dot'] }), 'entry.people[1]'],
    ['a fraction of a minute', log({ at: 1.5 }), 'entry.at'],
    ['minutes below nothing', log({ kind: 'left', remainingMin: -1 }), 'entry.remainingMin'],
    ['coat nought', log({ kind: 'coat', parts: ['L1'], coat: { ...coat, nth: 0 } }), 'entry.coat.nth'],
    ['wet film of 9 mm', log({ kind: 'coat', coat: { ...coat, wetUm: 9000 } }), 'entry.coat.wetUm'],
    [
      'humidity over a hundred',
      log({ coat: { ...coat, air: { airC: 20, surfaceC: 20, humidity: 120, simulated: false } } }),
      'entry.coat.air.humidity',
    ],
    ['a key nobody knows', log({ mood: 'fine' }), 'entry.mood'],
  ])('%s is refused by its place', (_name, edit, place) => expect(places(edit)).toContain(place));

  test('what no field shows: panels of a wipe, the product of a coat, words of a note', () => {
    const whole = { ...entry, corrects: null } as unknown as Parameters<typeof entryFaults>[0];
    const of = (given: object) => entryFaults({ ...whole, ...given }, 'entry').map((fault) => fault.place);
    expect(of({})).toEqual([]);
    expect(of({ people: [] })).toEqual(['entry.people']);
    expect(of({ kind: 'wiped' })).toEqual(['entry.parts']);
    expect(of({ kind: 'coat', parts: ['L1'] })).toEqual(['entry.coat']);
    expect(of({ coat })).toEqual(['entry.coat']);
    expect(of({ kind: 'note' })).toEqual(['entry.note']);
    expect(of({ kind: 'note', corrects: 'e1' })).toEqual([]);
  });
});

describe('systems, ladders and factors', () => {
  const { key: systemKey, ...system } = coatSystems[0]!;
  const { key: ladderKey, ...ladder } = ladders.hand;
  const systemEdit = (given: object) => ({
    kind: 'coat-system',
    key: systemKey,
    seen: null,
    entry: { ...system, ...given },
  });
  const ladderEdit = (steps: object[]) => ({
    kind: 'ladder',
    key: ladderKey,
    seen: null,
    entry: { ...ladder, steps },
  });

  test('every system and ladder of the trade is a good entry', () => {
    for (const { key, ...entry } of coatSystems)
      expect(places({ kind: 'coat-system', key, seen: null, entry })).toEqual([]);
    for (const { key, ...entry } of Object.values(ladders))
      expect(places({ kind: 'ladder', key, seen: null, entry })).toEqual([]);
    expect(places({ kind: 'learned', operation: 'block', seen: null, factor: 1.2 })).toEqual([]);
  });

  test('layers that stand twice, or upside down, are named', () => {
    const { layers } = system;
    expect(places(systemEdit({ layers: [...layers, layers.at(-1)] }))).toEqual(['entry']);
    expect(places(systemEdit({ layers: [...layers].reverse() }))).toEqual(['entry']);
    expect(places(systemEdit({ layers: [] }))).toEqual(['entry.layers']);
    expect(places(systemEdit({ forgiveness: 6 }))).toEqual(['entry.forgiveness']);
  });

  test('colours, translucent layers and clears lie in any order; primers and the budget keep their place', () => {
    const fixed = (role: string, product: string, count: number) => ({
      role,
      product,
      coats: { rule: 'fixed', count },
    });
    const stack = (...upper: unknown[]) =>
      systemEdit({ layers: [fixed('epoxy', 'epoxy-primer', 1), ...upper] });
    const budget = { role: 'clear', product: 'clear-21', coats: { rule: 'budget' } };
    const [silver, flake, candy] = [
      fixed('ground', 'base-silver', 2),
      fixed('flake', 'flake-clear', 3),
      fixed('candy', 'candy-mid', 4),
    ];
    expect(places(stack(silver, flake, fixed('clear', 'clear-21', 2), candy, budget))).toEqual([]);
    // Sealer over colour, the same layer twice in a row, the budget beneath a candy.
    expect(places(stack(silver, fixed('sealer', 'sealer-grey', 1), budget))).toEqual(['entry']);
    expect(places(stack(silver, candy, candy, budget))).toEqual(['entry']);
    expect(places(stack(silver, budget, candy, fixed('clear', 'clear-21', 2)))).toEqual(['entry']);
  });

  test('grits that go backwards, and a factor of nothing, are named', () => {
    const step = (grit: number | string) => ({ grit, removalUm: 5 });
    expect(places(ladderEdit([step(1500), step(800)]))).toEqual(['entry']);
    expect(places(ladderEdit([step('polish'), step('cut')]))).toEqual(['entry']);
    expect(places(ladderEdit([step(12)]))).toContain('entry.steps[0].grit');
    expect(places({ kind: 'learned', operation: 'block', seen: null, factor: 0 })).toEqual(['factor']);
  });
});
