import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { blankSurvey, blankStepEdit, schemeOf, unchosenColour, type Job } from '../record';
import { proposeJob } from '../survey';
import { readJobBundle, writeJobBundle, type JobBundle } from './job-bundle';
import { parseJson } from './faults';

const bundle: JobBundle = {
  shop: demoShop,
  shelf: [...standardShelf],
  operations: [],
  job: {
    // What a new job has; everything that is tested stands below.
    ...proposeJob({
      number: 'P-001',
      name: '',
      owner: '',
      bodyKind: 'box-body',
      dimensions: {},
      level: 'Road',
      arrival: '2026-11-23',
      promised: '2027-01-22',
      capLabourHours: 0,
      capMaterialsMinor: 0,
      capBoothHours: 0,
    }),
    number: 'P-001',
    name: 'Van “Ö”',
    owner: '__proto__',
    bodyKind: 'box-body',
    dimensions: { length: 4.2, width: 1.7, height: 1.9 },
    level: 'Road',
    state: 'running',
    arrival: '2026-11-23',
    promised: '2027-01-22',
    caps: { labourHours: 120, materialsMinor: 90000, boothHours: 20 },
    sections: [
      {
        key: 'sides',
        name: 'Sides',
        group: 'body',
        loose: false,
        substrate: 'steel',
        system: 'base-clear',
        oldFinish: 'enamel',
        depth: 'bare',
        level: 'Road',
        colour: 'grey',
        insideColour: null,
        coats: { clear: 3 },
        ladder: null,
        schools: {},
        rounds: {},
        stopRule: null,
      },
    ],
    surveyed: [],
    marks: [],
    readings: [],
    ownParts: [],
    fittings: [],
    holes: [],
    gates: [],
    finds: [],
    builtYear: null,
    priorRepair: 'none',
    measured: [{ key: 'R1', outsideM2: 2.5 }],
    log: [],
    milestones: [],
    openings: [],
    covers: [],
    blends: [],
    sendOuts: [],
    colours: [{ ...unchosenColour, id: 'grey', name: 'Grey' }],
    facts: [
      {
        step: 'body/wash',
        status: 'done',
        start: 29900000,
        end: 29900060,
        remainingMin: null,
        personMinutes: 60,
        materialsMinor: 120,
        uses: ['jun'],
      },
    ],
    weight: 3,
    placingOrder: ['body/wash', 'sides/mask'],
    stepEdits: [{ ...blankStepEdit('sides/mask'), after: 'body/wash', override: true, person: 'ines' }],
    addedSteps: [
      {
        id: 'a1',
        operation: 'lay-sound',
        name: '',
        section: 'sides',
        personMinutes: 90,
        after: 'body/wash',
        before: null,
        note: 'boot floor',
      },
    ],
    schools: { openings: 'one-go' },
    scope: [],
    signOffs: [],
  },
};

const faultsAfter = (change: (raw: Record<string, never>) => void): string[] => {
  const raw = JSON.parse(writeJobBundle(bundle));
  change(raw as never);
  const read = readJobBundle(JSON.stringify(raw));
  return read.status === 'ok' ? [] : read.faults.map((fault) => fault.place);
};

test('what is written is read back the same', () => {
  expect(readJobBundle(writeJobBundle(bundle))).toEqual({ status: 'ok', value: bundle });
});

type Raw = {
  job: Record<string, unknown> & {
    sections: Record<string, unknown>[];
    facts: Record<string, unknown>[];
    caps: Record<string, unknown>;
  };
  shop: Record<string, unknown> & {
    people: { daysOff: unknown[]; hours?: unknown }[];
    places: Record<string, unknown>[];
    shifts: Record<string, unknown>[];
  };
  [key: string]: unknown;
};
const keptScheme = {
  id: 's.1',
  name: 'Plain',
  scheme: { sections: [], colours: [], constructions: [], colourOrder: [] },
  ifUnmatched: null,
  mostAttempts: 3,
  lastDay: null,
  chosenBy: '',
  chosenOn: null,
  note: '',
};

const cases: [string, (raw: Raw) => void, string][] = [
  ['a wrong type', (raw) => (raw.job.name = 7), 'job.name'],
  ['a missing field', (raw) => delete raw.job.owner, 'job.owner'],
  ['a negative figure', (raw) => (raw.job.caps.labourHours = -1), 'job.caps.labourHours'],
  ['an absurdly large one', (raw) => (raw.job.caps.materialsMinor = 1e15), 'job.caps.materialsMinor'],
  ['a text of 10 000 signs', (raw) => (raw.job.name = 'x'.repeat(10000)), 'job.name'],
  ['an unknown key', (raw) => (raw.extra = 1), 'extra'],
  ['an unknown level', (raw) => (raw.job.sections[0]!.level = 'Best'), 'job.sections[0].level'],
  ['a day that is none', (raw) => (raw.job.promised = '2027-02-30'), 'job.promised'],
  [
    'dimensions beyond the body kind',
    (raw) => (raw.job.dimensions = { length: 99 }),
    'job.dimensions.length',
  ],
  [
    'a panel in a section that is not there',
    (raw) => (raw.job.surveyed = [{ ...blankSurvey('R1'), section: 'keel' }]),
    'job.surveyed[0].section',
  ],
  ['a section that stands twice', (raw) => raw.job.sections.push(raw.job.sections[0]!), 'job.sections[1]'],
  [
    'an end before the start',
    (raw) => (raw.job.facts[0]!.end = '2020-01-01T00:00:00.000Z'),
    'job.facts[0].end',
  ],
  ['a shift that ends before it starts', (raw) => (raw.shop.shifts[0]!.endMin = 1), 'shop.shifts[0].endMin'],
  [
    'days off that run backwards',
    (raw) => raw.shop.people[0]!.daysOff.push({ from: '2027-01-02', to: '2027-01-01', reason: '' }),
    'shop.people[0].daysOff[0].to',
  ],
  [
    'loud hours that end before they begin',
    (raw) => (raw.shop.loudHours = { fromMin: 600, toMin: 600, weekends: false }),
    'shop.loudHours.toMin',
  ],
  [
    'a site beyond the pole',
    (raw) => (raw.shop.site = { latitudeDeg: 91, longitudeDeg: 0 }),
    'shop.site.latitudeDeg',
  ],
  ['half a site', (raw) => (raw.shop.site = { latitudeDeg: 51 }), 'shop.site.longitudeDeg'],
  [
    'hours of one’s own that end before they begin',
    (raw) => (raw.shop.people[0]!.hours = [{ weekday: 1, startMin: 600, endMin: 540 }]),
    'shop.people[0].hours[0].endMin',
  ],
  [
    'one weekday twice',
    (raw) => (raw.shop.people[0]!.hours = [1, 1].map((weekday) => ({ weekday, startMin: 480, endMin: 720 }))),
    'shop.people[0].hours[1]',
  ],
  [
    'a place that opens before it closes',
    (raw) =>
      (raw.shop.places[0]!.closed = [
        { from: '2027-01-05', fromMin: 720, to: '2027-01-05', toMin: 450, reason: '' },
      ]),
    'shop.places[0].closed[0]',
  ],
  [
    'a rent that ends before it begins',
    (raw) => (raw.shop.places[0]!.rented = { from: '2027-01-05', to: '2027-01-04' }),
    'shop.places[0].rented.to',
  ],
  ['an order that names a step twice', (raw) => (raw.job.placingOrder = ['a', 'a']), 'job.placingOrder[1]'],
  [
    'a coat system of hulls for a colour of a van',
    (raw) =>
      (raw.job.colours = [
        { ...unchosenColour, id: 'grey' },
        { ...unchosenColour, system: 'marine-two-part' },
      ]),
    'job.colours[1].system',
  ],
  [
    'a colour of insides that the job does not have',
    (raw) => (raw.job.sections[0]!.insideColour = 'none'),
    'job.sections[0].insideColour',
  ],
  [
    'a colour that the job does not have',
    (raw) => (raw.job.sections[0]!.colour = 'none'),
    'job.sections[0].colour',
  ],
  [
    'more kept schemes than are planned',
    (raw) => (raw.job.alternatives = Array.from({ length: 7 }, (_, i) => ({ ...keptScheme, id: `s.${i}` }))),
    'job.alternatives',
  ],
  [
    'a colour that a kept scheme does not hold',
    (raw) => (raw.job.alternatives = [{ ...keptScheme, ifUnmatched: 'none' }]),
    'job.alternatives[0].ifUnmatched',
  ],
  ['a newer version', (raw) => (raw.version = 6), 'version'],
];

test.each(cases)('%s is named by its place', (_name, change, place) => {
  expect(faultsAfter(change as never)).toContain(place);
});

/** Makes a file as version 3 and those before it wrote it: each section names its colour itself. */
const asOlder = (
  raw: ReturnType<typeof JSON.parse>,
  version: number,
  names: readonly string[] = ['Grey'],
) => {
  raw.version = version;
  delete raw.job.colours;
  raw.job.sections = names.map((colourName, i) => {
    const { colour: _colour, ...section } = raw.job.sections[0];
    return { ...section, key: `section-${i + 1}`, colourName, colourHex: `#80808${i}` };
  });
};

test('a kept scheme, loose items and attempts at a match come back as they were written', () => {
  const job: Job = {
    ...bundle.job,
    looseItems: [{ id: 'i.1', what: 'Wheels', kind: 'wheels', colour: 'grey', finish: '' }],
    alternatives: [{ ...keptScheme, scheme: schemeOf(bundle.job), ifUnmatched: 'grey' }],
    matchAttempts: [
      {
        id: 'a.1',
        colour: 'grey',
        onDate: '2026-11-24',
        change: 'less black',
        verdict: 'fails',
        light: 'shade',
        note: '',
      },
    ],
  };
  const read = readJobBundle(writeJobBundle({ ...bundle, job }));
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  expect(read.value.job.alternatives).toEqual(job.alternatives);
  expect(read.value.job.looseItems).toEqual(job.looseItems);
  expect(read.value.job.matchAttempts).toEqual(job.matchAttempts);
});

test('a bundle of version 3, whose sections name their colours, is read with one colour a name', () => {
  const raw = JSON.parse(writeJobBundle(bundle));
  asOlder(raw, 3, ['Grey', 'Straw', 'Grey']);
  const read = readJobBundle(JSON.stringify(raw));
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  const { sections, colours } = read.value.job;
  expect(sections.map((one) => one.colour)).toEqual(['c.section-1', 'c.section-2', 'c.section-1']);
  expect(colours.map(({ id, name, hex }) => [id, name, hex])).toEqual([
    ['c.section-1', 'Grey', '#808080'],
    ['c.section-2', 'Straw', '#808081'],
  ]);
  asOlder(raw, 3, ['']);
  expect(readJobBundle(JSON.stringify(raw))).toMatchObject({
    status: 'faulty',
    faults: [{ place: 'job.sections[0].colourName' }],
  });
});

test('a bundle of version 2, which knew no work by surface and no sheets of fillers, is read by what they meant', () => {
  const raw = JSON.parse(writeJobBundle(bundle));
  asOlder(raw, 2);
  delete raw.job.colourOrder;
  for (const entry of raw.job.log) delete entry.work;
  for (const product of raw.shelf) if (product.kind === 'filler') product.coating = null;
  const read = readJobBundle(JSON.stringify(raw));
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  expect(read.value.job.colourOrder).toEqual([]);
  expect(read.value.job.log.every((entry) => entry.work === null)).toBe(true);
  // Goes by the sheet of its kind: 25 min to sanding at 20 °C.
  expect(shelfOf(read.value.shelf).get('filler')!.coating!.sandAfterMin).toBe(25);
});

test('a bundle of version 1, which knew no survey, is read as a job without one', () => {
  const raw = JSON.parse(writeJobBundle(bundle));
  asOlder(raw, 1);
  for (const name of [
    'surveyed',
    'marks',
    'readings',
    'ownParts',
    'fittings',
    'holes',
    'gates',
    'finds',
    'builtYear',
  ])
    delete raw.job[name];
  const read = readJobBundle(JSON.stringify(raw));
  expect(read).toMatchObject({
    status: 'ok',
    value: { job: { surveyed: [], marks: [], readings: [], ownParts: [] } },
  });
});

test('a bundle from before loud hours, site and found orders is read as a shop and job without them', () => {
  const raw = JSON.parse(writeJobBundle(bundle));
  for (const name of ['loudHours', 'site']) delete raw.shop[name];
  for (const place of raw.shop.places)
    for (const name of ['outdoors', 'closed', 'rented']) delete place[name];
  for (const person of raw.shop.people) delete person.hours;
  delete raw.job.placingOrder;
  const read = readJobBundle(JSON.stringify(raw));
  expect(read).toMatchObject({
    value: {
      job: { placingOrder: [] },
      shop: {
        loudHours: null,
        site: null,
        places: [{ outdoors: false, closed: [], rented: null }, {}, {}, {}, {}],
      },
    },
  });
});

test('loud hours, site and outdoor places come back as they went out', () => {
  const loudHours = { fromMin: 480, toMin: 1080, weekends: false };
  const site = { latitudeDeg: 51.5, longitudeDeg: -0.1 };
  const places = demoShop.places.map((place, i) => ({ ...place, outdoors: i === 0 }));
  const shop = { ...demoShop, loudHours, site, places };
  const read = readJobBundle(writeJobBundle({ ...bundle, shop }));
  expect(read).toMatchObject({ value: { shop } });
});

test('a `__proto__` key in a file is an unknown key, not a prototype', () => {
  const text = writeJobBundle(bundle).replace(
    '"owner": "__proto__"',
    '"owner": "x", "__proto__": {"polluted": true}',
  );
  expect(readJobBundle(text)).toMatchObject({ status: 'faulty' });
  expect(({} as Record<string, unknown>).polluted).toBeUndefined();
});

test('files that are no JSON, too deep or too large are refused before anything is built', () => {
  expect(readJobBundle('{"job": NaN}')).toMatchObject({ status: 'faulty' });
  expect(parseJson('['.repeat(33) + ']'.repeat(33))).toMatchObject({
    faults: [{ reason: expect.stringContaining('deeper than 32') }],
  });
  expect(parseJson('"[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[["')).toMatchObject({ status: 'ok' });
  expect(parseJson(' '.repeat(101), { bytes: 100, depth: 32 })).toMatchObject({ status: 'faulty' });
});
