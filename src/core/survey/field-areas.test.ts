import { jobFixture } from '../job.fixture';
import { schemeWarnings } from '../plan/scheme-warnings';
import {
  blankSurvey,
  unchosenColour,
  type Construction,
  type ConstructionShape,
  type Job,
  type LaidLine,
} from '../record';
import { lotsOf } from './lots';
import { netOfJob, partsOfJob } from './parts-of-job';

const line = (mm: number): LaidLine => ({
  datum: 'base',
  panel: '',
  fairing: 'straight',
  stations: [{ atMm: 0, mm }],
});
const ochre = { ...unchosenColour, id: 'ochre', name: 'Ochre' };
const slate = { ...unchosenColour, id: 'slate', name: 'Slate' };
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } });
const withShapes = (
  ...shapes: readonly [colour: string, shape: ConstructionShape, strip?: string][]
): Job => ({
  ...base,
  colours: [...base.colours, ochre, slate],
  constructions: shapes.map(([colour, shape, strip = 'left'], i): Construction => ({
    id: `n${i}`,
    name: `N${i}`,
    colour,
    strip,
    place: i,
    shape,
  })),
});
const band = (mm: number, wide: number): ConstructionShape => ({
  kind: 'band',
  line: line(mm),
  widths: [{ atMm: 0, mm: wide }],
  lies: 'above',
  fromMm: null,
  toMm: null,
  ends: 'square',
  outline: null,
});
const treated = (job: Job) => lotsOf(job, partsOfJob(job));

describe('a band in another colour than its section', () => {
  // The side of 4.4 m is 2.35 m high: skirt 0.423, body panel up to 1.316, window panel up to 2.162 m.
  const { sections, parts } = treated(withShapes(['ochre', band(600, 100)]));
  const field = sections.find((one) => one.key === 'sides~ochre')!;

  test('is an area with the clock of its section, in its own colour, cleared in one go with it', () => {
    expect(field).toMatchObject({
      base: 'sides',
      clock: 'sides',
      colour: 'ochre',
      field: 'ochre',
      narrow: true,
    });
    const sides = sections.find((one) => one.key === 'sides')!;
    expect(field.clearOver).toBeDefined();
    expect(field.clearOver).toBe(sides.clearOver);
  });

  test('takes its area and its share of the lengths from its panels; nothing is lost or counted twice', () => {
    const before = partsOfJob(base);
    const whole = before.find((part) => part.key === 'B1L')!;
    const own = parts.filter((part) => part.key === 'B1L');
    const sum = (value: (part: (typeof parts)[number]) => number) =>
      own.reduce((total, part) => total + value(part), 0);
    expect(own.length).toBe(2);
    // 1.1 m of a band of 0.1 m on a side that is 1.05 times as large as it lies flat.
    expect(own[0]).toMatchObject({ section: 'sides~ochre', insideM2: 0 });
    expect(own[0]!.outsideM2).toBeCloseTo(1.1 * 0.1 * 1.05, 6);
    expect(sum((part) => part.outsideM2)).toBeCloseTo(whole.outsideM2, 9);
    expect(sum((part) => part.trimM)).toBeCloseTo(whole.trimM, 9);
    expect(sum((part) => part.insideM2)).toBe(whole.insideM2);
    // Both know their common edges: 1.1 m below and above the band.
    for (const part of own) expect(part.field!.edges[0]!.m).toBeCloseTo(2.2, 6);
    expect(netOfJob(base).length).toBe(new Set(parts.map((part) => part.key)).size);
  });
});

test('a panel that is wholly in another colour is set apart with its inside', () => {
  const { sections, parts } = treated(
    withShapes(['ochre', { kind: 'field', line: line(430), side: 'below' }]),
  );
  const skirt = parts.filter((part) => part.key === 'K1L');
  expect(skirt.map((part) => part.section)).toEqual(['sides~ochre~all']);
  expect(sections.find((one) => one.key === 'sides~ochre~all')).toMatchObject({
    clock: 'sides~ochre~all',
    colour: 'ochre',
  });
  // The body panels above the skirt get 7 mm of it: fields of their own.
  expect(parts.filter((part) => part.key === 'B1L').map((part) => part.section)).toEqual([
    'sides~ochre',
    'sides',
  ]);
});

test('two fields that cover a panel leave the larger one as its colour', () => {
  const { parts } = treated(
    withShapes(
      ['ochre', { kind: 'field', line: line(1200), side: 'below' }],
      ['slate', { kind: 'field', line: line(1200), side: 'above' }],
    ),
  );
  const body = parts.filter((part) => part.key === 'B1L');
  expect(body.map((part) => part.section)).toEqual(['sides~ochre~all~slate', 'sides~ochre~all']);
  expect(parts.some((part) => part.section === 'sides' && part.side === 'left')).toBe(false);
});

test('what is laid out and cannot be carried out is a warning of the plan', () => {
  const warned = (job: Job) => {
    const { parts, sections } = treated(job);
    return schemeWarnings(job, sections, parts);
  };
  const high = withShapes(['ochre', band(9000, 100)]);
  expect(warned(high)).toEqual([
    { code: 'scheme-fault', construction: 'N0', fault: 'no-panel', strip: 'left' },
  ]);
  const surveyed = [{ ...blankSurvey('B1L'), level: 'Keep' as const }];
  expect(warned({ ...withShapes(['ochre', band(600, 100)]), surveyed })).toEqual([
    { code: 'field-on-kept', construction: 'N0', panels: ['B1L'] },
  ]);
  expect(warned(withShapes(['ochre', band(600, 100)]))).toEqual([]);
});

test('leaf lies on kept paint as on new and covers no band; where it lies over no panel it is told', () => {
  const gilded = (...shapes: readonly [colour: string, shape: ConstructionShape][]): Job => {
    const job = withShapes(...shapes);
    return { ...job, colours: job.colours.map((one) => (one === slate ? { ...one, finish: 'leaf' } : one)) };
  };
  const warned = (job: Job) => {
    const { parts, sections } = treated(job);
    return schemeWarnings(job, sections, parts);
  };
  const over = gilded(['ochre', band(600, 100)], ['slate', band(550, 200)]);
  expect(warned(over)).toEqual([]);
  // In paint the upper one hides the band beneath it.
  expect(warned({ ...over, colours: [...base.colours, ochre, slate] })).toEqual([
    expect.objectContaining({ code: 'scheme-fault', construction: 'N0', fault: 'covered' }),
  ]);
  const surveyed = [{ ...blankSurvey('B1L'), level: 'Keep' as const }];
  const kept = { ...gilded(['slate', band(600, 6)]), surveyed };
  expect(warned(kept)).toEqual([]);
  expect(treated(kept).parts.find((part) => part.key === 'B1L')!.leafM).toBeCloseTo(2 * 1.1, 6);
  expect(warned(gilded(['slate', band(9000, 6)]))).toEqual([
    expect.objectContaining({ code: 'scheme-fault', fault: 'no-panel' }),
  ]);
});

test('a field in the colour of its section, and one on what keeps its paint, change nothing', () => {
  const own = base.sections[0]!.colour;
  expect(treated(withShapes([own, band(600, 100)])).parts).toEqual(treated(base).parts);
  const kept = {
    ...withShapes(['ochre', band(600, 100)]),
    sections: base.sections.map((one) => ({ ...one, level: 'Keep' as const })),
  };
  expect(treated(kept).parts.every((part) => part.field === undefined)).toBe(true);
});
