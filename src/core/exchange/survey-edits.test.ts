import type { Fault } from './faults';
import { readEdit } from './edit-schema';

const faults = (edit: unknown): string[] => {
  const read = readEdit(edit);
  return read.status === 'faulty' ? read.faults.map((one: Fault) => one.place) : [];
};
const survey = (set: unknown, parts: unknown = [{ part: 'B1L', seen: null }]) => ({
  kind: 'survey',
  job: 'P-014',
  parts,
  set,
});
const mark = {
  part: 'B1L',
  kind: 'dent',
  x: 1,
  y: 2,
  sizeMm: 60,
  depthMm: null,
  note: '',
  mended: false,
  round: 0,
};
const own = {
  key: 'N1',
  name: 'lid',
  section: 'sides',
  side: 'loose',
  outline: [
    [0, 0],
    [1, 0],
    [1, 1],
  ],
  holes: [],
  shape: 'flat',
  curveFactor: 1,
  curveReason: '',
  insideM2: 0,
  trimM: 1,
  beadM: 0,
  rivetM: 0,
  seamM: 0,
};
const reading = { part: 'B1L', um: 120, gauge: 'eddy', source: 'typed', fromLeftMm: null, fromTopMm: null };
const fitting = {
  name: 'lamp',
  part: 'B1L',
  tag: '1',
  removeMin: 5,
  refitMin: 5,
  maskMin: 5,
  choice: 'advised',
  needs: 'as-is',
  benchMin: 0,
  readyOn: null,
  state: 'on',
  waitsFor: 'bond',
  refitOrder: 10,
  hands: 2,
  condition: 'pitted',
  fasteners: '',
  note: '',
};
const repair = { part: 'B1L', kind: 'run', spot: 'low', sizeMm: 30, onDate: '2026-12-20', note: '' };
const add = (list: string, item: unknown) => ({ kind: 'add-item', job: 'P-014', list, item });

describe('good edits of the survey are read', () => {
  test.each([
    [
      'findings',
      survey({ solventTest: 'holds', under: [{ kind: 'enamel', um: null, year: 1974, sound: true }] }),
    ],
    ['a mark', { kind: 'add-marks', job: 'P-014', marks: [mark] }],
    ['a mark’s depth', { kind: 'set-mark', job: 'P-014', id: 'm1', seen: 1, set: { depthMm: 2.5 } }],
    ['readings', { kind: 'add-readings', job: 'P-014', readings: [reading] }],
    ['a part', { kind: 'add-parts', job: 'P-014', parts: [own], leaveOut: [] }],
    ['a fitting', add('fittings', fitting)],
    ['a repair', add('repairs', repair)],
    ['a find', add('finds', { part: 'B1L', hours: 2.5, what: 'rot', onDate: '2026-12-24' })],
    [
      'a gate’s tick',
      { kind: 'set-item', job: 'P-014', list: 'gates', id: 'g', seen: 2, set: { done: true } },
    ],
  ])('%s', (_name, edit) => {
    expect(faults(edit)).toEqual([]);
  });
});

describe('bad ones are named by their place', () => {
  test.each([
    ['a finding that is none', survey({ mood: 'grim' }), 'set.mood'],
    ['no finding at all', survey({}), 'set'],
    ['a test that is none', survey({ solventTest: 'maybe' }), 'set.solventTest'],
    ['a level that is none', survey({ level: 'Best' }), 'set.level'],
    ['a day that is none', survey({ testedOn: '2026-02-30' }), 'set.testedOn'],
    [
      'layers without number',
      survey({ under: Array(21).fill({ kind: 'enamel', um: null, year: null, sound: true }) }),
      'set.under',
    ],
    [
      'a year before paint',
      survey({ under: [{ kind: 'enamel', um: null, year: 1200, sound: true }] }),
      'set.under[0].year',
    ],
    ['a note too long', survey({ note: 'x'.repeat(500) }), 'set.note'],
    ['no panel', survey({ replaced: true }, []), 'parts'],
    ['a panel twice', survey({ replaced: true }, Array(2).fill({ part: 'B1L', seen: null })), 'parts[1]'],
    [
      'a panel code with a slash',
      survey({ replaced: true }, [{ part: '../B1L', seen: null }]),
      'parts[0].part',
    ],
    [
      'a mark of no kind',
      { kind: 'add-marks', job: 'P-014', marks: [{ ...mark, kind: 'scuff' }] },
      'marks[0].kind',
    ],
    [
      'a mark a kilometre off',
      { kind: 'add-marks', job: 'P-014', marks: [{ ...mark, x: 1000 }] },
      'marks[0].x',
    ],
    [
      'a mark that is not a number',
      { kind: 'add-marks', job: 'P-014', marks: [{ ...mark, sizeMm: Number.NaN }] },
      'marks[0].sizeMm',
    ],
    [
      'a negative reading',
      { kind: 'add-readings', job: 'P-014', readings: [{ ...reading, um: -1 }] },
      'readings[0].um',
    ],
    [
      'a gauge that is none',
      { kind: 'add-readings', job: 'P-014', readings: [{ ...reading, gauge: 'thumb' }] },
      'readings[0].gauge',
    ],
    ['no reading', { kind: 'add-readings', job: 'P-014', readings: [] }, 'readings'],
    [
      'a part of two points',
      {
        kind: 'add-parts',
        job: 'P-014',
        parts: [
          {
            ...own,
            outline: [
              [0, 0],
              [1, 1],
            ],
          },
        ],
        leaveOut: [],
      },
      'parts[0].outline',
    ],
    [
      'a curve factor of nothing',
      { kind: 'add-parts', job: 'P-014', parts: [{ ...own, curveFactor: 0 }], leaveOut: [] },
      'parts[0].curveFactor',
    ],
    ['a list that is none', add('tools', {}), 'list'],
    ['a prototype for a list', add('__proto__', {}), 'list'],
    ['a repair of no known flaw', add('repairs', { ...repair, kind: 'ghost' }), 'item.kind'],
    ['a repair of no size', add('repairs', { ...repair, sizeMm: 0 }), 'item.sizeMm'],
    ['a fitting without a name', add('fittings', { ...fitting, name: '' }), 'item.name'],
    ['a fitting that five people carry', add('fittings', { ...fitting, hands: 5 }), 'item.hands'],
    [
      'a fitting that waits for nothing known',
      add('fittings', { ...fitting, waitsFor: 'luck' }),
      'item.waitsFor',
    ],
    ['a fitting with negative minutes', add('fittings', { ...fitting, maskMin: -5 }), 'item.maskMin'],
    [
      'a hole of no size',
      add('holes', {
        part: 'B1L',
        diameterMm: 0,
        fromLeftMm: 0,
        fromTopMm: 0,
        action: 'fill',
        sealant: '',
        done: false,
        note: '',
      }),
      'item.diameterMm',
    ],
    [
      'a gate that tries without end',
      { kind: 'set-item', job: 'P-014', list: 'gates', id: 'g', seen: 1, set: { attempts: 5000 } },
      'set.attempts',
    ],
    [
      'a hole’s field on a gate',
      { kind: 'set-item', job: 'P-014', list: 'gates', id: 'g', seen: 1, set: { diameterMm: 5 } },
      'set.diameterMm',
    ],
  ])('%s', (_name, edit, place) => {
    expect(faults(edit)).toContain(place);
  });
});
