import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { matchedLog } from '../log';
import { unchosenColour, type ConstructionShape, type Job, type LogEntry } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps, surfacesBySection, workOf, type Step } from '.';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Road' });
const shape: ConstructionShape = {
  kind: 'band',
  line: { datum: 'base', panel: '', fairing: 'straight', stations: [{ atMm: 0, mm: 600 }] },
  widths: [{ atMm: 0, mm: 100 }],
  lies: 'above',
  fromMm: null,
  toMm: null,
  ends: 'square',
  outline: null,
};
const banded: Job = {
  ...base,
  colours: [...base.colours, { ...unchosenColour, id: 'ochre', name: 'Ochre' }],
  constructions: [{ id: 'n', name: 'Band', colour: 'ochre', strip: 'both', place: 1, shape }],
  // The roof has another colour, so that the sides stand by themselves.
  sections: base.sections.map((one) => (one.key === 'roof' ? { ...one, colour: 'roof' } : one)),
};
const built = (job: Job) => {
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const network = buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
  return { ...network, surfaces: surfacesBySection(parts, sections) };
};
const stepOf = (steps: readonly Step[], key: string): Step => steps.find((one) => one.key === key)!;

describe('a band on both sides of a coach', () => {
  const { steps, programme } = built(banded);
  const keys = steps.map((one) => one.key);

  test('shares all work of its panels but mask and colour', () => {
    const own = keys.filter((key) => key.startsWith('sides~ochre/'));
    // The polish is tried on every colour, since a dark one shows more.
    expect(own.filter((key) => !key.startsWith('sides~ochre/paint/'))).toEqual(['sides~ochre/try-polish']);
    for (const key of ['sides/block-1-p180', 'sides/cure', 'sides/unmask'])
      expect(stepOf(steps, key).sections).toEqual(expect.arrayContaining(['sides', 'sides~ochre']));
  });

  test('the body is masked round once, and the second colour taped against the first: 17.6 m', () => {
    expect(keys.filter((key) => /^sides.*\/mask(-field)?$/.test(key))).toEqual([
      'sides/mask',
      'sides/mask-field',
    ]);
    // Two edges of 4.4 m on each side. Straight on a flat side, 1.5 min a metre and half an hour to lay it out; the band
    // that stands, 8.8 m of 0.1 m, 1.05 times as large as it lies flat, is covered at 3 min a square metre.
    const taped = stepOf(steps, 'sides/mask-field');
    expect(taped.figure.quantity).toBeCloseTo(17.6, 6);
    expect(taped.personMinutes).toBeCloseTo(30 + 1.5 * 17.6 + 3 * 0.88 * 1.05, 0);
    // A tenth more tape for laps and corners, 15 % more film.
    const used = new Map(taped.needs.map((need) => [need.product, need.amount]));
    expect([...used.keys()].sort()).toEqual(['cover', 'fine-line', 'paper-tape']);
    expect(used.get('fine-line')).toBeCloseTo(19.36, 6);
    expect(used.get('paper-tape')).toBeCloseTo(19.36, 6);
    expect(used.get('cover')).toBeCloseTo(1.0626, 6);
    expect(stepOf(steps, 'sides/unmask-colour').figure.quantity).toBeCloseTo(17.6, 6);
  });

  test('in the programme the band goes on first, the field against it, one clear over both', () => {
    const own = programme.passes.filter((pass) => pass.areas.includes('sides~ochre') && pass.round !== 2);
    expect(own.map((pass) => pass.key)).toEqual([
      'body/prime',
      'body/build/1',
      'sides~ochre/colour',
      'sides/clear/1',
    ]);
    const cover = (key: string) => programme.covers.find((one) => one.key === key)!;
    expect(cover('sides~ochre/colour').edgesM.field).toBe(0);
    expect(cover('sides/colour')).toMatchObject({ edgesM: { trim: 0, opening: 0 } });
    expect(cover('sides/colour').edgesM.field).toBeCloseTo(17.6, 6);
    // What it covers is the band: 8.8 m of 0.1 m, on sides that are 1.05 times as large as they lie flat.
    expect(cover('sides/colour').overM2).toBeCloseTo(0.88 * 1.05, 6);
    expect(programme.covers.some((one) => one.key === 'sides/clear/1')).toBe(false);
  });

  test('a band of 40 mm is covered by tape of its own width: 8.8 m, one run a side', () => {
    const narrow: ConstructionShape = { ...shape, widths: [{ atMm: 0, mm: 40 }] };
    const { steps: own, programme: other } = built({
      ...banded,
      constructions: [{ ...banded.constructions[0]!, shape: narrow }],
    });
    expect(stepOf(own, 'sides/mask-field').figure.quantity).toBeCloseTo(8.8, 6);
    const taped = stepOf(own, 'sides/mask-field');
    expect(taped.personMinutes).toBeCloseTo(30 + 1.5 * 8.8, 0);
    expect(taped.needs.map(({ product }) => product)).toEqual(['paper-tape-50']);
    expect(taped.needs[0]!.amount).toBeCloseTo(9.68, 6);
    expect(stepOf(own, 'sides/unmask-colour').figure.quantity).toBeCloseTo(8.8, 6);
    expect(other.covers.find((one) => one.key === 'sides/colour')!.edgesM.field).toBeCloseTo(8.8, 6);
  });

  test('the manager may put the band last', () => {
    const { programme: other } = built({ ...banded, colourOrder: ['sides', 'sides~ochre'] });
    const cover = other.covers.find((one) => one.key === 'sides~ochre/colour')!;
    expect(cover.edgesM).toMatchObject({ trim: 0 });
    expect(cover.edgesM.field).toBeCloseTo(17.6, 6);
  });
});

test('what was logged on a panel before the band was laid out holds for the field too', () => {
  const before = built({ ...banded, constructions: [] });
  const blocked = stepOf(before.steps, 'sides/block-1-p180');
  const surfaces = (before.surfaces.get('sides') ?? []).flatMap((one) =>
    one.face === 'outside' ? [one.key] : [],
  );
  const entry: LogEntry = {
    id: '1',
    step: blocked.key,
    at: 1,
    kind: 'ended',
    people: [],
    parts: [],
    remainingMin: null,
    coat: null,
    redo: '',
    note: '',
    work: { ...workOf(blocked), surfaces },
    corrects: null,
  };
  const after = built(banded);
  // All of the step is told done, the band with it.
  expect(matchedLog([entry], after.steps, after.surfaces)).toMatchObject([
    { step: 'sides/block-1-p180', on: null, share: 1 },
  ]);
});
