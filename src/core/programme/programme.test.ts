import type { Surface } from '../surface';
import { costOf, programmeOf, type ProgrammeArea } from '.';

/** A body of a roof of 6 m² with 10 m of trim, and of two doors of 2 m² with insides of 1 m² and 6 m of trim each. */
const surface = (panel: string, face: Surface['face'], areaM2: number, trim: number): Surface => ({
  key: `${panel}.${face}`,
  panel,
  face,
  section: panel,
  body: 'body',
  loose: false,
  areaM2,
  shape: 'flat',
  lengthsM: { trim, bead: 0, rivet: 0, seam: 0, field: 0 },
  fieldEdges: [],
  substrate: 'steel',
  depth: 'bare',
  level: 'Road',
});
const films: ProgrammeArea['films'] = [
  { role: 'epoxy', product: 'epoxy-primer', coats: 1 },
  { role: 'build', product: 'high-build-41', coats: 2 },
  { role: 'colour', product: 'base-solid', coats: 3 },
  { role: 'clear', product: 'clear-21', coats: 4 },
];
const area = (key: string, over: Partial<ProgrammeArea> = {}): ProgrammeArea => ({
  key,
  clock: key,
  lot: key,
  clearOver: null,
  body: 'body',
  paintedOn: 'body',
  loose: false,
  buildType: 'panel',
  painted: true,
  colour: key,
  keepsMask: false,
  insides: 'none',
  insideFilms: null,
  surfaces: [],
  films,
  buildRounds: 2,
  stands: false,
  texture: null,
  clearSessions: [3, 1],
  ...over,
});
const roof = area('roof', { surfaces: [surface('R', 'outside', 6, 10)] });
const doors = area('doors', {
  insides: 'first',
  surfaces: [
    surface('D1', 'outside', 2, 6),
    surface('D1', 'inside', 1, 0),
    surface('D2', 'outside', 2, 6),
    surface('D2', 'inside', 1, 0),
  ],
});
const keys = (areas: ProgrammeArea[], byHand: string[] = []) =>
  programmeOf(areas, byHand).passes.map((pass) => pass.key);

test('primer and build of the whole body, insides, then each colour with its further clears', () => {
  const programme = programmeOf([roof, doors]);
  expect(programme.passes.map((pass) => pass.key)).toEqual([
    'body/prime',
    'body/build/1',
    'body/build/2',
    'doors/inside',
    'roof/colour',
    'roof/clear/2',
    'doors/colour',
    'doors/clear/2',
  ]);
  const after = (key: string) => programme.passes.find((pass) => pass.key === key)!.after;
  expect(after('body/build/2')).toEqual([{ pass: 'body/build/1', why: 'film-beneath' }]);
  expect(after('doors/colour')).toEqual([
    { pass: 'doors/inside', why: 'insides-first' },
    { pass: 'roof/colour', why: 'from-the-top' },
  ]);
});

test('clears are shared out over their sessions, and an inside gets two of them', () => {
  const { passes } = programmeOf([roof, doors]);
  const clears = (key: string) =>
    passes.find((pass) => pass.key === key)!.films.find((film) => film.role === 'clear')?.coats;
  expect([clears('roof/colour'), clears('roof/clear/2'), clears('doors/inside')]).toEqual([3, 1, 2]);
});

test('covers: an inside is opened behind its own line, a colour is taped along its trim, what is kept is covered for the primer', () => {
  const { covers } = programmeOf([roof, doors]);
  const of = (key: string) => covers.find((cover) => cover.key === key)!;
  // Nothing on this body keeps its paint.
  expect(covers.some((cover) => cover.key === 'body/prime')).toBe(false);
  // Both doors outside (2 × 2 m²) and the roof (6 m²); the line runs round both doors (2 × 6 m).
  expect(of('doors/inside')).toMatchObject({
    overM2: 10,
    edgesM: { trim: 0, opening: 12, field: 0 },
    edgeOn: 'coated',
  });
  // For the roof: both doors, outside and inside (6 m²), along the roof's 10 m.
  expect(of('roof/colour')).toMatchObject({ overM2: 6, edgesM: { trim: 10, opening: 0, field: 0 } });
  expect(of('roof/colour').offBefore).toBe('doors/colour');
  // For the doors: the roof and their own shut insides.
  expect(of('doors/colour')).toMatchObject({ overM2: 8, edgesM: { trim: 12, opening: 12, field: 0 } });
  const kept = programmeOf([{ ...roof, painted: false }, doors]).covers;
  expect(kept.find((cover) => cover.key === 'body/prime')).toMatchObject({
    overM2: 6,
    edgesM: { trim: 10, opening: 0, field: 0 },
    edgeOn: 'beside',
  });
});

test('what a programme takes, on paper: 8 passes, their coats, and the tape of each', () => {
  // Coats: 1 primer, 2 of build shared over two rounds, insides 3 + 2, colours 2 × (3 + 3), further clears 2 × 1.
  // Tape: insides 12; roof 10 twice (colour, clear); doors (12 and 12) twice.
  expect(costOf(programmeOf([roof, doors]))).toEqual({
    passes: 8,
    coats: 1 + 2 + 5 + 12 + 2,
    edgesM: { trim: 2 * 10 + 2 * 12, opening: 12 + 2 * 12, field: 0 },
    coverM2: 10 + 2 * 6 + 2 * 8,
    masks: 5,
  });
});

test("the manager's order of colours goes before the trade's, and what it leaves out comes last", () => {
  const wings = area('wings', { surfaces: [surface('W', 'outside', 1, 3)] });
  const colours = (byHand: string[]) => {
    // Areas come in the order in which they are painted: as colourOrder has them.
    const order = byHand.length > 0 ? [doors, wings, roof] : [roof, doors, wings];
    return keys(order, byHand).filter((key) => key.endsWith('/colour'));
  };
  expect(colours([])).toEqual(['roof/colour', 'doors/colour', 'wings/colour']);
  expect(colours(['doors', 'wings'])).toEqual(['doors/colour', 'wings/colour', 'roof/colour']);
  const { passes } = programmeOf([doors, wings, roof], ['doors', 'wings']);
  const why = (key: string) => passes.find((pass) => pass.key === key)!.after.at(-1)!.why;
  expect([why('wings/colour'), why('roof/colour')]).toEqual(['by-hand', 'from-the-top']);
});

test('loose pieces lie apart: nothing beside them is covered, and the next colour waits for the booth alone', () => {
  const apart = [
    { ...roof, loose: true },
    { ...doors, loose: true },
  ];
  const { passes, covers } = programmeOf(apart);
  expect(passes.find((pass) => pass.key === 'doors/colour')!.after).toEqual([
    { pass: 'roof/colour', why: 'booth' },
  ]);
  expect(passes.every((pass) => !pass.bodyFlat)).toBe(true);
  // Their own insides are shut, nothing else.
  expect(covers.find((cover) => cover.key === 'roof/colour')).toBeUndefined();
  expect(covers.find((cover) => cover.key === 'doors/colour')).toMatchObject({ overM2: 2 });
});

describe('one clear over all colours of a body', () => {
  const over = (one: ProgrammeArea) => ({ ...one, clearOver: 'roof' });
  const { passes, covers } = programmeOf([over(roof), over(doors)]);
  const of = (key: string) => passes.find((pass) => pass.key === key)!;

  test('colours without clear, then all clears over both, the first of them after both colours', () => {
    expect(passes.map((pass) => pass.key).slice(4)).toEqual([
      'roof/colour',
      'doors/colour',
      'roof/clear/1',
      'roof/clear/2',
    ]);
    expect(of('roof/colour').films.map((film) => film.role)).toEqual(['colour']);
    expect(of('roof/clear/1').after).toEqual([
      { pass: 'roof/colour', why: 'clear-over-all' },
      { pass: 'doors/colour', why: 'clear-over-all' },
    ]);
    // Four clears, three in a session: 1 to 3, then the fourth; each on both areas.
    expect(of('roof/clear/1').films).toEqual([
      {
        role: 'clear',
        product: 'clear-21',
        coats: 3,
        first: 1,
        of: 4,
        on: [{ coats: 3, areas: ['roof', 'doors'] }],
      },
    ]);
    expect(of('roof/clear/2').films[0]).toMatchObject({ coats: 1, first: 4, of: 4 });
  });

  test('nothing of the body is covered for it but the insides that were painted and shut', () => {
    const cover = (key: string) => covers.find((one) => one.key === key)!;
    expect(cover('roof/clear/1')).toMatchObject({ overM2: 2, edgesM: { trim: 0, opening: 12, field: 0 } });
    expect(cover('doors/colour').offBefore).toBe('roof/clear/1');
  });

  test('insides that are sprayed in one go get all they have with the first clear', () => {
    const oneGo = { ...over(doors), insides: 'with-outside' as const };
    const faces = programmeOf([over(roof), oneGo]).passes.map((pass) => [pass.key, pass.faces]);
    expect(Object.fromEntries(faces)).toMatchObject({ 'roof/clear/1': 'both', 'roof/clear/2': 'outside' });
  });
});

describe('texture, and what stands bore on', () => {
  test('texture under the colour comes after the build and before its colour, over it after its clears', () => {
    const under = { ...roof, texture: { product: 'chip-guard', lies: 'under' as const } };
    const over = { ...doors, texture: { product: 'liner', lies: 'over' as const } };
    const { passes } = programmeOf([under, over]);
    const of = (key: string) => passes.find((pass) => pass.key === key)!;
    expect(of('roof/texture').after).toEqual([{ pass: 'body/build/2', why: 'film-beneath' }]);
    expect(of('roof/colour').after).toContainEqual({ pass: 'roof/texture', why: 'film-beneath' });
    expect(of('doors/texture').after).toEqual([{ pass: 'doors/clear/2', why: 'film-beneath' }]);
    expect(of('doors/texture').films).toMatchObject([{ role: 'texture', product: 'liner', coats: 1 }]);
  });

  test('where stands stood all its coats come once more, after its last', () => {
    const { passes } = programmeOf([{ ...roof, stands: true }]);
    expect(passes.at(-1)).toMatchObject({
      key: 'roof/touch-in',
      after: [{ pass: 'roof/clear/2', why: 'stands-shifted' }],
    });
    expect(passes.at(-1)!.films.map((film) => film.role)).toEqual(['colour', 'clear']);
  });
});
