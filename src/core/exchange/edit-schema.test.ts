import { readEdit, readNewJob } from './edit-schema';

const place = (
  value: unknown,
  read: (value: unknown) => ReturnType<typeof readEdit> | ReturnType<typeof readNewJob> = readEdit,
) => {
  const parsed = read(value);
  return parsed.status === 'ok' ? 'ok' : parsed.faults[0]!.place;
};

describe('edits as they come in', () => {
  const job = { kind: 'job', job: 'P-014', seen: 3, set: { name: 'x' } };
  const section = { kind: 'section', job: 'P-014', section: 'roof', seen: 1, set: { level: 'Show' } };

  const closing = (over: object) => ({
    kind: 'place',
    place: 'booth',
    seen: 1,
    set: {
      closed: [{ from: '2026-12-29', fromMin: 450, to: '2026-12-29', toMin: 720, reason: '', ...over }],
    },
  });
  const rent = (to: string) => ({
    kind: 'add-place',
    of: 'booth',
    name: 'x',
    lengthM: 9,
    widthM: 4,
    heightM: 3,
    airC: 20,
    rented: { from: '2027-01-04', to },
  });

  test.each([
    ['a good one', job, 'ok'],
    ['no kind', {}, 'kind'],
    ['a kind of the prototype', { kind: 'toString' }, 'kind'],
    ['no object at all', 'job', 'kind'],
    ['nothing to set', { ...job, set: {} }, 'set'],
    ['an unknown field', { ...job, set: { number: 'P-1' } }, 'set.number'],
    ['a version that is none', { ...job, seen: 0 }, 'seen'],
    ['not a number', { ...job, set: { capBoothHours: Number.NaN } }, 'set.capBoothHours'],
    ['infinity', { ...job, set: { capBoothHours: Infinity } }, 'set.capBoothHours'],
    ['control characters', { ...job, set: { name: 'a\u0007b' } }, 'set.name'],
    ['a name of blanks', { ...job, set: { name: '   ' } }, 'set.name'],
    [
      'a section twice in the order of colours',
      { ...job, set: { colourOrder: ['roof', 'roof'] } },
      'set.colourOrder[1]',
    ],
    ['an order of colours', { ...job, set: { colourOrder: ['roof', 'sides:first'] } }, 'ok'],
    [
      'an order that names a step twice',
      { ...job, set: { placingOrder: ['a', 'b', 'a'] } },
      'set.placingOrder[2]',
    ],
    ['a place that is closed', closing({}), 'ok'],
    ['one that opens before it closes', closing({ to: '2026-12-28' }), 'set.closed[0]'],
    ['a rented place', rent('2027-01-08'), 'ok'],
    ['one rented to before it is rented from', rent('2027-01-03'), 'rented.to'],
    ['a good section', section, 'ok'],
    ['a level that is none', { ...section, set: { level: 'Finest' } }, 'set.level'],
    ['half a coat', { ...section, set: { coats: { clear: 2.5 } } }, 'set.coats.clear'],
    ['coats of a layer that is none', { ...section, set: { coats: { gold: 1 } } }, 'set.coats.gold'],
    ['a colour that is none', { ...section, set: { colour: '*' } }, 'set.colour'],
    ['a measured area', { kind: 'measure', job: 'P-014', part: 'B4L', seen: null, outsideM2: 0.97 }, 'ok'],
    [
      'an area of nought',
      { kind: 'measure', job: 'P-014', part: 'B4L', seen: null, outsideM2: 0 },
      'outsideM2',
    ],
    [
      'a rate of an unknown operation',
      { kind: 'rate', operation: 'dance', seen: null, rate: 1 },
      'operation',
    ],
    [
      'leave that runs backwards',
      { kind: 'add-day-off', person: 'ines', from: '2027-01-05', to: '2027-01-04', reason: '' },
      'to',
    ],
    [
      '29 February of a common year',
      { kind: 'add-day-off', person: 'ines', from: '2027-02-29', to: '2027-03-01', reason: '' },
      'from',
    ],
  ])('%s', (_name, value, expected) => {
    expect(place(value)).toBe(expected);
  });

  test('text is trimmed, and `__proto__` as a name is ordinary text', () => {
    expect(readEdit({ ...job, set: { name: ' __proto__ ' } })).toEqual({
      status: 'ok',
      value: { ...job, set: { name: '__proto__' } },
    });
  });

  test('all faults come at once', () => {
    const parsed = readEdit({ ...job, seen: 'x', set: { promised: 'soon', capLabourHours: -1 } });
    expect(parsed.status === 'faulty' && parsed.faults.map((fault) => fault.place).sort()).toEqual([
      'seen',
      'set.capLabourHours',
      'set.promised',
    ]);
  });
});

describe('new jobs as they come in', () => {
  const given = {
    number: 'P-017',
    name: 'Van',
    owner: '',
    bodyKind: 'box-body',
    dimensions: { length: 5 },
    level: 'Road',
    arrival: '2027-01-04',
    promised: '2027-02-26',
    capLabourHours: 0,
    capMaterialsMinor: 0,
    capBoothHours: 0,
  };

  test.each([
    ['a good one', {}, 'ok'],
    ['a number in small letters', { number: 'p-017' }, 'number'],
    ['a body kind that is none', { bodyKind: 'train' }, 'bodyKind'],
    ['a dimension of another kind', { dimensions: { span: 9 } }, 'dimensions.span'],
    ['a dimension beyond its limit', { dimensions: { length: 16 } }, 'dimensions.length'],
    ['an empty dimension', { dimensions: { length: null } }, 'dimensions.length'],
    ['promised before it arrives', { promised: '2027-01-03' }, 'promised'],
    ['promised on the day it arrives', { promised: '2027-01-04' }, 'ok'],
    ['a cap of a fraction of a penny', { capMaterialsMinor: 0.5 }, 'capMaterialsMinor'],
  ])('%s', (_name, over, expected) => {
    expect(place({ ...given, ...over }, readNewJob)).toBe(expected);
  });
});
